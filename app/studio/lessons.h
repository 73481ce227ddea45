#pragma once

#include <QObject>

#include "studio/played_take.h"
#include "studio/stand.h"
#include "upbeat/logbook/take_store.h"
#include "upbeat/voices/taught_kit.h"

namespace upbeat {

/// The kit as the open input hears it: every input hears it in its own way.
class Lessons : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const DataFolder& folder;
        const TakeStore& store;
        const AudioInput& input;
        Stand& stand;
        Worker& worker;
        Notices& notices;
    };
    explicit Lessons(const With& with);

    [[nodiscard]] const TaughtKit& kit() const { return m_kit; }
    /// Whether the exercise on the stand has several instruments and the input cannot tell them by itself.
    [[nodiscard]] bool canTeach() const;
    /// Whether every instrument of the exercise was taught on this input.
    [[nodiscard]] bool isTaught() const;
    /// Puts the page on the stand from which the microphone learns the voices; the take of it is learned from and then
    /// thrown away.
    void teach();
    void learn(const PlayedTake& lesson);

  Q_SIGNALS:
    void learned();

  private:
    void readKit();
    void learnMoreFrom(const TaughtKit& newer, const Exercise& page);

    With m_with;
    TaughtKit m_kit;
};

}  // namespace upbeat
