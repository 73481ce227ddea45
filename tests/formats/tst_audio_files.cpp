#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>
#include <limits>
#include <sndfile.hh>

#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/flac_recovery.h"

using namespace upbeat;

namespace {

Sound ramp(std::size_t count, int rate = 48000) {
    Sound sound{{}, rate};
    for (std::size_t i = 0; i < count; ++i)
        sound.samples.push_back(static_cast<float>(std::sin(0.01 * static_cast<double>(i)) * 0.5));
    return sound;
}

std::string pathIn(const QTemporaryDir& dir, const char* name) {
    return dir.filePath(QString::fromLatin1(name)).toStdString();
}

void writeRaw(const std::string& path, const std::vector<float>& interleaved, int channels, int format,
              int rate = 48000) {
    SndfileHandle file(path, SFM_WRITE, format, channels, rate);
    file.write(interleaved.data(), static_cast<sf_count_t>(interleaved.size()));
}

QString errorOf(const std::string& path) {
    const auto sound = readSound(path);
    return sound ? QString() : QString::fromStdString(sound.error().sentence());
}

}  // namespace

class TestAudioFiles : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void soundsComeBack_data() {
        QTest::addColumn<int>("format");
        QTest::addColumn<double>("tolerance");
        QTest::newRow("16 bit WAV") << static_cast<int>(AudioFormat::Wav16) << 1.0 / 32000;
        QTest::newRow("24 bit WAV") << static_cast<int>(AudioFormat::Wav24) << 1e-6;
        QTest::newRow("24 bit FLAC") << static_cast<int>(AudioFormat::Flac24) << 1e-6;
    }
    void soundsComeBack() {
        QFETCH(int, format);
        QFETCH(double, tolerance);
        QTemporaryDir dir;
        const auto path = pathIn(dir, "a.snd");
        const Sound sound = ramp(20000, 44100);
        QVERIFY(writeSound(path, sound, static_cast<AudioFormat>(format)).has_value());
        const auto back = readSound(path);
        QVERIFY(back.has_value());
        QCOMPARE(back->sampleRate, 44100);
        QCOMPARE(back->samples.size(), sound.samples.size());
        for (std::size_t i = 0; i < sound.samples.size(); ++i)
            QVERIFY(std::abs(back->samples[i] - sound.samples[i]) <= static_cast<float>(tolerance));
        QVERIFY(!QFile::exists(QString::fromStdString(path) + QStringLiteral(".part")));
    }

    void eightBitsAndSixChannelsAreRead() {
        QTemporaryDir dir;
        std::vector<float> six(6 * 1000);
        for (std::size_t i = 0; i < six.size(); ++i) six[i] = i % 6 == 2 ? 0.6F : 0.0F;
        writeRaw(pathIn(dir, "six.wav"), six, 6, SF_FORMAT_WAV | SF_FORMAT_PCM_16);
        const auto mixed = readSound(pathIn(dir, "six.wav"));
        QVERIFY(mixed.has_value());
        QCOMPARE(mixed->samples.size(), std::size_t{1000});
        QVERIFY(std::abs(mixed->samples[500] - 0.1F) < 1e-3F);
        writeRaw(pathIn(dir, "eight.wav"), ramp(1000).samples, 1, SF_FORMAT_WAV | SF_FORMAT_PCM_U8);
        QVERIFY(readSound(pathIn(dir, "eight.wav")).has_value());
        writeRaw(pathIn(dir, "a.ogg"), ramp(48000).samples, 1, SF_FORMAT_OGG | SF_FORMAT_VORBIS);
        QVERIFY(readSound(pathIn(dir, "a.ogg")).has_value());
    }

    void samplesThatAreNoNumbersComeAsSilence() {
        QTemporaryDir dir;
        std::vector<float> bad(1000, std::numeric_limits<float>::quiet_NaN());
        bad[7] = std::numeric_limits<float>::infinity();
        bad[8] = 0.25F;
        writeRaw(pathIn(dir, "nan.wav"), bad, 1, SF_FORMAT_WAV | SF_FORMAT_FLOAT);
        const auto sound = readSound(pathIn(dir, "nan.wav"));
        QVERIFY(sound.has_value());
        for (std::size_t i = 0; i < 1000; ++i) QCOMPARE(sound->samples[i], i == 8 ? 0.25F : 0.0F);
    }

    void badFilesGetOneSentence() {
        QTemporaryDir dir;
        QVERIFY(errorOf(pathIn(dir, "none.wav")).contains(QStringLiteral("no such file")));
        QVERIFY(errorOf(dir.path().toStdString()).contains(QStringLiteral("not a file")));
        QFile empty(dir.filePath(QStringLiteral("empty.wav")));
        QVERIFY(empty.open(QIODevice::WriteOnly));
        empty.close();
        QVERIFY(errorOf(empty.fileName().toStdString()).contains(QStringLiteral("empty")));
        QFile text(dir.filePath(QStringLiteral("text.wav")));
        QVERIFY(text.open(QIODevice::WriteOnly));
        text.write("this is a letter, not a recording");
        text.close();
        QVERIFY(errorOf(text.fileName().toStdString()).contains(QStringLiteral("not a recording")));
        writeRaw(pathIn(dir, "slow.wav"), ramp(1000).samples, 1, SF_FORMAT_WAV | SF_FORMAT_PCM_16, 4000);
        QVERIFY(errorOf(pathIn(dir, "slow.wav")).contains(QStringLiteral("4000 Hz")));
        writeRaw(pathIn(dir, "many.wav"), std::vector<float>(1200, 0.1F), 12, SF_FORMAT_WAV | SF_FORMAT_PCM_16);
        QVERIFY(errorOf(pathIn(dir, "many.wav")).contains(QStringLiteral("12 channels")));
        writeRaw(pathIn(dir, "nothing.wav"), {}, 1, SF_FORMAT_WAV | SF_FORMAT_PCM_16);
        QVERIFY(errorOf(pathIn(dir, "nothing.wav")).contains(QStringLiteral("no sound")));
    }

    void aHeaderWithoutASampleRateIsRefused() {
        QTemporaryDir dir;
        const auto path = pathIn(dir, "zero.wav");
        writeRaw(path, ramp(1000).samples, 1, SF_FORMAT_WAV | SF_FORMAT_PCM_16);
        QFile file(QString::fromStdString(path));
        QVERIFY(file.open(QIODevice::ReadWrite));
        file.seek(24);
        file.write(QByteArray(4, '\0'));
        file.close();
        QVERIFY(!errorOf(path).isEmpty());
    }

    void aThreeHourFileIsRefusedBeforeItIsRead() {
        QTemporaryDir dir;
        const auto path = pathIn(dir, "long.wav");
        {
            SndfileHandle file(path, SFM_WRITE, SF_FORMAT_WAV | SF_FORMAT_PCM_U8, 1, 8000);
            const std::vector<short> second(8000, 0);
            for (int i = 0; i < 3 * 3600; ++i) file.write(second.data(), 8000);
        }
        QVERIFY(errorOf(path).contains(QStringLiteral("3:00:00 h long")));
    }

    void aTruncatedFlacSaysWhereItEnds() {
        QTemporaryDir dir;
        const auto path = pathIn(dir, "cut.flac");
        QVERIFY(writeSound(path, ramp(48000 * 4), AudioFormat::Flac24).has_value());
        QFile file(QString::fromStdString(path));
        QVERIFY(file.resize(file.size() / 2));
        const QString error = errorOf(path);
        QVERIFY2(
            error.contains(QStringLiteral("breaks off after")) || error.contains(QStringLiteral("not a recording")),
            qPrintable(error));
    }

    void spansAreClampedToTheFile() {
        QTemporaryDir dir;
        const auto path = pathIn(dir, "a.wav");
        QVERIFY(writeSound(path, ramp(48000), AudioFormat::Wav24).has_value());
        QCOMPARE(readSpan(path, 0.25, 0.5)->samples.size(), std::size_t{12000});
        QCOMPARE(readSpan(path, -5, 0.1)->samples.size(), std::size_t{4800});
        QCOMPARE(readSpan(path, 0.9, 99)->samples.size(), std::size_t{4800});
        QCOMPARE(readSpan(path, 5, 6)->samples.size(), std::size_t{0});
        const auto whole = readSound(path);
        QCOMPARE(readSpan(path, 0.25, 0.5)->samples.front(), whole->samples[12000]);
    }

    void aReadOnlyFolderIsNamed() {
        const auto failed = writeSound("/proc/upbeat/a.wav", ramp(100), AudioFormat::Wav16);
        QVERIFY(!failed);
        QVERIFY(QString::fromStdString(failed.error().sentence()).contains(QStringLiteral("/proc/upbeat/a.wav")));
        QVERIFY(!FlacWriter::open("/proc/upbeat/a.flac", 48000));
    }

    void whatAWriterFlushedCanBeSaved() {
        QTemporaryDir dir;
        const auto path = pathIn(dir, "take.flac.part");
        const Sound sound = ramp(48000 * 3);
        auto writer = FlacWriter::open(path, 48000);
        QVERIFY(writer.has_value());
        for (std::size_t at = 0; at < sound.samples.size(); at += 4096) {
            QVERIFY((*writer)->write(
                std::span(sound.samples).subspan(at, std::min<std::size_t>(4096, sound.samples.size() - at))));
            (*writer)->flush();
        }
        // The program dies here: the file on disk is copied as it stands, before the writer can close it.
        const auto broken = pathIn(dir, "broken.flac.part");
        QVERIFY(QFile::copy(QString::fromStdString(path), QString::fromStdString(broken)));
        const auto saved = recoverFlac(broken, pathIn(dir, "whole.flac"));
        QVERIFY2(saved.has_value(), saved ? "" : saved.error().sentence().c_str());
        QVERIFY2(*saved > 2.0, qPrintable(QString::number(*saved)));
        const auto back = readSound(pathIn(dir, "whole.flac"));
        QVERIFY(back.has_value());
        for (std::size_t i = 0; i < back->samples.size(); i += 97)
            QVERIFY(std::abs(back->samples[i] - sound.samples[i]) < 1e-5F);
        QVERIFY(QFile::exists(QString::fromStdString(broken)));
    }

    // The interrupted recording is NAME.flac.part: saving it must never write there, nor before it is complete.
    void savingLeavesTheInterruptedRecordingAsItIs() {
        QTemporaryDir dir;
        Sound sound{std::vector<float>(48000, 0.25F), 48000};
        const auto part = pathIn(dir, "take.flac.part");
        QVERIFY(writeSound(part, sound, AudioFormat::Flac24).has_value());
        const auto before = readFile(part);
        QVERIFY(recoverFlac(part, pathIn(dir, "take.flac")).has_value());
        QCOMPARE(*readFile(part), *before);
        QCOMPARE(QDir(dir.path()).entryList(QDir::Files).size(), 2);
        // No room for the saved one: the error says so, the recording is still there.
        QVERIFY(QFile::link(QStringLiteral("/dev/full"), dir.filePath(QStringLiteral("other.flac.mend"))));
        QVERIFY(!recoverFlac(part, pathIn(dir, "other.flac")));
        QCOMPARE(*readFile(part), *before);
        QVERIFY(!QFile::exists(dir.filePath(QStringLiteral("other.flac"))));
    }

    void nothingCanBeSavedOfRubbish() {
        QTemporaryDir dir;
        QFile file(dir.filePath(QStringLiteral("x.part")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(QByteArray(5000, 'x'));
        file.close();
        QVERIFY(!recoverFlac(file.fileName().toStdString(), pathIn(dir, "y.flac")));
        QVERIFY(!recoverFlac("/no/such", pathIn(dir, "y.flac")));
        QVERIFY(!QFile::exists(dir.filePath(QStringLiteral("y.flac"))));
    }
};

QTEST_APPLESS_MAIN(TestAudioFiles)
#include "tst_audio_files.moc"
