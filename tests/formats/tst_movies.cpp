// What a phone makes: M4A, AAC and the sound of a video, encoded here by the ffmpeg program and read by ours.
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>

#include "upbeat/formats/audio_file.h"

using namespace upbeat;

namespace {

constexpr int kRate = 48000;
constexpr double kLengthS = 4.0;
constexpr double kEveryS = 0.25;

/// Short decaying noise every quarter of a second, from 0.1 s on.
Sound strokes() {
    Sound sound;
    sound.sampleRate = kRate;
    sound.samples.resize(static_cast<std::size_t>(kLengthS * kRate));
    std::uint32_t state = 1;
    for (double at = 0.1; at < kLengthS - kEveryS; at += kEveryS)
        for (std::size_t i = 0; i < 4000; ++i) {
            state = state * 1664525U + 1013904223U;
            const double noise = static_cast<double>(state) / 2147483648.0 - 1;
            sound.samples[static_cast<std::size_t>(at * kRate) + i] =
                static_cast<float>(0.5 * noise * std::exp(-static_cast<double>(i) / 600));
        }
    return sound;
}

/// By how many samples `b` lies behind `a`, by the largest product of both.
int lagOf(const std::vector<float>& a, const std::vector<float>& b) {
    constexpr int kReach = 3000;
    constexpr std::size_t kEvery = 13;  // it is noise: every thirteenth sample tells
    double most = 0;
    int best = kReach;
    for (int lag = -kReach; lag <= kReach; ++lag) {
        double sum = 0;
        for (std::size_t i = kReach; i + kReach < std::min(a.size(), b.size()); i += kEvery) {
            const auto at = static_cast<std::size_t>(static_cast<std::ptrdiff_t>(i) + lag);
            sum += static_cast<double>(a[i]) * static_cast<double>(b[at]);
        }
        if (sum > most) most = sum, best = lag;
    }
    return best;
}

}  // namespace

class TestMovies : public QObject {
    Q_OBJECT
  private:
    QTemporaryDir m_folder;
    QString m_original;

    QString made(const QString& name, const QStringList& before, const QStringList& how) {
        const QString path = m_folder.filePath(name);
        QProcess ffmpeg;
        ffmpeg.start(QStringLiteral("ffmpeg"), QStringList{QStringLiteral("-v"), QStringLiteral("error")} + before +
                                                   QStringList{QStringLiteral("-i"), m_original} + how +
                                                   QStringList{path});
        return ffmpeg.waitForFinished(60000) && ffmpeg.exitCode() == 0 ? path : QString();
    }

  private Q_SLOTS:
    void initTestCase() {
        m_original = m_folder.filePath(QStringLiteral("take.wav"));
        QVERIFY(writeSound(m_original.toStdString(), strokes(), AudioFormat::Wav24).has_value());
    }

    void theSoundIsWhereItWas_data() {
        QTest::addColumn<QString>("name");
        QTest::addColumn<QString>("before");
        QTest::addColumn<QString>("how");
        QTest::newRow("m4a") << "take.m4a"
                             << ""
                             << "-c:a aac -b:a 128k";
        QTest::newRow("stereo m4a") << "stereo.m4a"
                                    << ""
                                    << "-c:a aac -ac 2 -b:a 192k";
        QTest::newRow("lossless m4a") << "lossless.m4a"
                                      << ""
                                      << "-c:a alac";
        QTest::newRow("bare aac") << "take.aac"
                                  << ""
                                  << "-c:a aac -b:a 128k";
        QTest::newRow("video") << "take.mp4"
                               << "-f lavfi -i testsrc=size=64x48:rate=10:duration=4"
                               << "-c:v mpeg4 -c:a aac -b:a 128k";
        QTest::newRow("matroska") << "take.mkv"
                                  << "-f lavfi -i testsrc=size=64x48:rate=10:duration=4"
                                  << "-c:v mpeg4 -c:a aac";
        QTest::newRow("of unknown length") << "live.webm"
                                           << ""
                                           << "-c:a libopus -live 1";
    }
    void theSoundIsWhereItWas() {
        QFETCH(QString, name);
        QFETCH(QString, before);
        QFETCH(QString, how);
        const QString path = made(name, before.split(u' ', Qt::SkipEmptyParts), how.split(u' ', Qt::SkipEmptyParts));
        QVERIFY(!path.isEmpty());
        const auto sound = readSound(path.toStdString());
        QVERIFY2(sound.has_value(), sound ? "" : sound.error().sentence().c_str());
        QCOMPARE(sound->sampleRate, kRate);
        QVERIFY2(std::abs(sound->durationS() - kLengthS) < 0.1, qPrintable(QString::number(sound->durationS())));
        // A bare stream, and Matroska, have no place to say what the AAC encoder put before the sound.
        const bool isBare = name.endsWith(QStringLiteral(".aac")) || name.endsWith(QStringLiteral(".mkv"));
        const int lag = lagOf(strokes().samples, sound->samples);
        QVERIFY2(isBare ? lag >= 0 && lag <= 2112 : std::abs(lag) <= 2, qPrintable(QString::number(lag)));
        const auto info = readAudioInfo(path.toStdString());
        QVERIFY(info.has_value());
        QVERIFY(std::abs(info->durationS - sound->durationS()) < (isBare ? 1.0 : 0.1));
    }

    void aPartIsTheSameAsInTheWhole() {
        const QString path = made(QStringLiteral("part.m4a"), {}, {QStringLiteral("-c:a"), QStringLiteral("aac")});
        const auto whole = readSound(path.toStdString());
        const auto part = readSpan(path.toStdString(), 1.5, 2.0);
        QVERIFY(whole && part);
        QCOMPARE(part->samples.size(), std::size_t{kRate / 2});
        for (std::size_t i = 0; i < part->samples.size(); ++i)
            QCOMPARE(part->samples[i], whole->samples[i + 3 * kRate / 2]);
    }

    void aTornFileSaysSo() {
        const QString path = made(
            QStringLiteral("whole.m4a"), {},
            {QStringLiteral("-c:a"), QStringLiteral("aac"), QStringLiteral("-movflags"), QStringLiteral("+faststart")});
        QFile file(path);
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QByteArray bytes = file.readAll();
        const std::string torn = m_folder.filePath(QStringLiteral("torn.m4a")).toStdString();
        // From nothing over the head to nearly all: a sentence, never a crash, never a take that is shorter by silence.
        for (const double share : {0.001, 0.01, 0.1, 0.3, 0.6, 0.9}) {
            QFile part(QString::fromStdString(torn));
            QVERIFY(part.open(QIODevice::WriteOnly));
            part.write(bytes.left(static_cast<qsizetype>(share * static_cast<double>(bytes.size()))));
            part.close();
            const auto sound = readSound(torn);
            QVERIFY2(!sound.has_value(), qPrintable(QString::number(share)));
            QVERIFY(sound.error().sentence().find("torn.m4a") != std::string::npos);
        }
    }

    // A playlist names other files; opening one must open none of them.
    void aListOfFilesIsNoRecording() {
        const QString path = m_folder.filePath(QStringLiteral("list.m4a"));
        QFile list(path);
        QVERIFY(list.open(QIODevice::WriteOnly));
        list.write("ffconcat version 1.0\nfile take.wav\n");
        list.close();
        QVERIFY(!readSound(path.toStdString()).has_value());
        QFile hls(path);
        QVERIFY(hls.open(QIODevice::WriteOnly));
        hls.write("#EXTM3U\n#EXT-X-TARGETDURATION:4\n#EXTINF:4,\ntake.wav\n#EXT-X-ENDLIST\n");
        hls.close();
        QVERIFY(!readSound(path.toStdString()).has_value());
    }

    void brokenBytesAreHarmless() {
        const QString path = made(QStringLiteral("bytes.m4a"), {}, {QStringLiteral("-c:a"), QStringLiteral("aac")});
        QFile file(path);
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QByteArray bytes = file.readAll();
        const std::string hostile = m_folder.filePath(QStringLiteral("hostile.m4a")).toStdString();
        std::uint32_t state = 7;
        int read = 0;
        for (int run = 0; run < 60; ++run) {
            QByteArray changed = bytes;
            for (int k = 0; k < 20; ++k) {
                state = state * 1664525U + 1013904223U;
                changed[static_cast<qsizetype>((state >> 8U) % static_cast<std::uint32_t>(bytes.size()))] =
                    static_cast<char>(state & 0xFFU);
            }
            QFile out(QString::fromStdString(hostile));
            QVERIFY(out.open(QIODevice::WriteOnly));
            out.write(changed);
            out.close();
            const auto sound = readSound(hostile);
            if (!sound) continue;
            ++read;
            for (const float v : sound->samples) QVERIFY(std::isfinite(v));
        }
        QVERIFY(read > 0);
    }
};

QTEST_APPLESS_MAIN(TestMovies)
#include "tst_movies.moc"
