#include "studio/speaker.h"

#include <QLocale>
#include <QStandardPaths>
#include <algorithm>
#include <cmath>

#include "upbeat/formats/audio_file.h"

namespace upbeat {

namespace {

QString keyOf(const QString& words, int sampleRate) {
    return QStringLiteral("%1 %2").arg(sampleRate).arg(words);
}

}  // namespace

Sound trimmed(const Sound& sound) {
    constexpr float kSilence = 0.02F;
    const auto isHeard = [](float v) { return std::abs(v) > kSilence; };
    const auto first = std::find_if(sound.samples.begin(), sound.samples.end(), isHeard);
    const auto last = std::find_if(sound.samples.rbegin(), sound.samples.rend(), isHeard).base();
    return {first < last ? std::vector<float>(first, last) : std::vector<float>(), sound.sampleRate};
}

Speaker::Speaker(Worker& worker)
    : m_worker(worker), m_program(QStandardPaths::findExecutable(QStringLiteral("espeak-ng"))) {
    connect(&m_process, &QProcess::finished, this,
            [this](int code, QProcess::ExitStatus status) { read(status == QProcess::NormalExit && code == 0); });
    connect(&m_process, &QProcess::errorOccurred, this, [this](QProcess::ProcessError error) {
        if (error == QProcess::FailedToStart) read(false);
    });
}

Speaker::~Speaker() {
    m_process.disconnect(this);
    m_process.kill();
    m_process.waitForFinished(1000);
}

void Speaker::prepare(const QStringList& words, int sampleRate) {
    if (!isThere()) return;
    const bool isIdle = m_wishes.isEmpty();
    for (const QString& some : words) {
        const auto isWished = [&](const Wish& wish) { return wish.words == some && wish.sampleRate == sampleRate; };
        if (!m_spoken.contains(keyOf(some, sampleRate)) && std::none_of(m_wishes.begin(), m_wishes.end(), isWished))
            m_wishes.append({some, sampleRate});
    }
    if (isIdle) speakNext();
}

std::shared_ptr<const Sound> Speaker::sound(const QString& words, int sampleRate) const {
    return m_spoken.value(keyOf(words, sampleRate));
}

void Speaker::speakNext() {
    if (m_wishes.isEmpty()) {
        Q_EMIT prepared();
        return;
    }
    if (!m_folder) m_folder.emplace();
    const QString language =
        QLocale().language() == QLocale::C ? QStringLiteral("en") : QLocale().name().section(QLatin1Char('_'), 0, 0);
    m_process.start(m_program, {QStringLiteral("-v"), language, QStringLiteral("-s"), QStringLiteral("190"),
                                QStringLiteral("-w"), file(), m_wishes.front().words});
}

void Speaker::read(bool isSpoken) {
    const Wish wish = m_wishes.front();
    if (!isSpoken) {  // never asked for again
        m_spoken.insert(keyOf(wish.words, wish.sampleRate), nullptr);
        m_wishes.removeFirst();
        return speakNext();
    }
    m_worker.run(
        [path = file().toStdString(), rate = wish.sampleRate]() -> std::shared_ptr<const Sound> {
            const auto sound = readSound(path);
            if (!sound) return nullptr;
            return std::make_shared<const Sound>(trimmed(resampled(*sound, rate)));
        },
        [this, wish](const std::shared_ptr<const Sound>& sound) {
            m_spoken.insert(keyOf(wish.words, wish.sampleRate), sound);
            m_wishes.removeFirst();
            speakNext();
        });
}

}  // namespace upbeat
