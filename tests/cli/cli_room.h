#pragma once

#include <QFile>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QTemporaryDir>
#include <sndfile.hh>
#include <vector>

namespace upbeat::test {

struct Outcome {
    int status = -1;
    QByteArray out;
    QByteArray err;

    [[nodiscard]] QJsonObject json() const { return QJsonDocument::fromJson(out).object(); }
};

inline Outcome run(const QStringList& arguments) {
    QProcess process;
    process.start(QStringLiteral(UPBEAT_BINARY_DIR "/bin/upbeat-check-cli"), arguments);
    if (!process.waitForFinished(120000)) return {};
    return {process.exitStatus() == QProcess::NormalExit ? process.exitCode() : -2, process.readAllStandardOutput(),
            process.readAllStandardError()};
}

/// A folder with a simulated take, and how the command line is asked about takes in it.
struct CliRoom {
    QTemporaryDir m_dir;
    QString m_take;

    /// The take, before anything is asked about it.
    Outcome simulate(const QString& exercise, const QString& tempo, const QString& bars, const QString& out) {
        return run({QStringLiteral("simulate"), QStringLiteral("--exercise"), exercise, QStringLiteral("--tempo"),
                    tempo, QStringLiteral("--bars"), bars, QStringLiteral("--seed"), QStringLiteral("31"),
                    QStringLiteral("--out"), out});
    }

    Outcome simulateTake() {
        m_take = path("take");
        return run({QStringLiteral("simulate"), QStringLiteral("--exercise"), QStringLiteral("paradiddle-accents"),
                    QStringLiteral("--tempo"), QStringLiteral("100"), QStringLiteral("--bars"), QStringLiteral("8"),
                    QStringLiteral("--seed"), QStringLiteral("5"), QStringLiteral("--out"), m_take});
    }
    [[nodiscard]] QString path(const char* name) const { return m_dir.filePath(QString::fromLatin1(name)); }
    [[nodiscard]] QStringList analyze(const QString& take, const QStringList& more = {}) const {
        return QStringList{QStringLiteral("analyze"),
                           QStringLiteral("--take"),
                           take,
                           QStringLiteral("--pattern"),
                           m_take + QStringLiteral("/pattern.mid"),
                           QStringLiteral("--tempo"),
                           QStringLiteral("100")} +
               more;
    }
    QString raw(const char* name, const std::vector<float>& samples, int channels = 1,
                int format = SF_FORMAT_WAV | SF_FORMAT_PCM_16, int rate = 48000) const {
        SndfileHandle file(path(name).toStdString(), SFM_WRITE, format, channels, rate);
        file.write(samples.data(), static_cast<sf_count_t>(samples.size()));
        return path(name);
    }
    QString bytes(const char* name, const QByteArray& content) const {
        QFile file(path(name));
        (void)file.open(QIODevice::WriteOnly);
        file.write(content);
        return file.fileName();
    }
};

}  // namespace upbeat::test
