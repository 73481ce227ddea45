#pragma once

#include <QHash>
#include <QObject>
#include <QProcess>
#include <QStringList>
#include <QTemporaryDir>
#include <memory>
#include <optional>

#include "studio/worker.h"
#include "upbeat/units/sound.h"

namespace upbeat {

/// A voice for a few words: espeak-ng, where it is installed. It speaks into files beforehand; what is not there yet
/// when it is wanted is not said, so that nothing is ever late.
class Speaker : public QObject {
    Q_OBJECT
  public:
    /// `worker` outlives it.
    explicit Speaker(Worker& worker);
    ~Speaker() override;

    /// Whether there is a voice at all.
    [[nodiscard]] bool isThere() const { return !m_program.isEmpty(); }
    /// Has these words spoken, those that are not yet, one after the other.
    void prepare(const QStringList& words, int sampleRate);
    /// From the first sound of the words to their last; null where they are not spoken (yet).
    [[nodiscard]] std::shared_ptr<const Sound> sound(const QString& words, int sampleRate) const;

  Q_SIGNALS:
    void prepared();  ///< All that was asked for.

  private:
    struct Wish {
        QString words;
        int sampleRate = 48000;
    };
    void speakNext();
    void read(bool isSpoken);
    [[nodiscard]] QString file() const { return m_folder->filePath(QStringLiteral("words.wav")); }

    Worker& m_worker;
    QString m_program;
    std::optional<QTemporaryDir> m_folder;  // from the first word on: a program that is killed leaves it behind
    QProcess m_process;
    QList<Wish> m_wishes;  // the first one is being spoken
    QHash<QString, std::shared_ptr<const Sound>> m_spoken;
};

/// Without the silence before and after.
[[nodiscard]] Sound trimmed(const Sound& sound);

}  // namespace upbeat
