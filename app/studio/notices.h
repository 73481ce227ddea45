#pragma once

#include <QObject>
#include <QStringList>

#include "theme/words.h"
#include "upbeat/audio/devices.h"
#include "upbeat/units/error.h"

namespace upbeat {

/// An error as the player reads it.
[[nodiscard]] inline QString sentenceOf(const Error& error) {
    return QString::fromStdString(error.sentence(tongue()));
}

/// "PipeWire does not answer, no JACK server answers": why the servers that were asked cannot be used.
[[nodiscard]] QString refusalsInWords(const FoundInputs& found);

/// What is said to the player, on its way to whoever shows it. Failures from before anybody listens are kept and said
/// then; remarks are not.
class Notices : public QObject {
    Q_OBJECT
  public:
    using QObject::QObject;

    void complain(const QString& sentence);
    void complain(const Error& error) { complain(sentenceOf(error)); }
    void say(const QString& sentence) { Q_EMIT said(sentence); }
    /// From here on somebody reads what is said.
    void startListening();

  Q_SIGNALS:
    void failed(const QString& sentence);
    void said(const QString& sentence);

  private:
    bool m_listenedTo = false;
    QStringList m_unsaid;
};

}  // namespace upbeat
