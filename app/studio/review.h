#pragma once

#include <QObject>
#include <limits>
#include <optional>

#include "studio/lessons.h"
#include "studio/limit_book.h"
#include "studio/next_step.h"
#include "studio/take_view.h"
#include "upbeat/logbook/take_archive.h"

namespace upbeat {

/// Where the page lies in a recording from outside.
struct OutsideStart {
    double tempoBpm = 0;
    double firstBeatS = 0;
    Anchor anchor{};
    bool clickHeard = false;
    double endS = std::numeric_limits<double>::infinity();  ///< What comes later is not of the take.
};

/// The take that is looked at: the one just played, one of the log, or a recording from outside.
class Review : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const DataFolder& folder;
        const TakeArchive& archive;
        Stand& stand;
        const Lessons& lessons;
        const LimitBook& limits;
        Worker& worker;
        Notices& notices;
    };
    explicit Review(const With& with) : m_with(with) {}

    /// Null where none is open.
    [[nodiscard]] const TakePtr& take() const { return m_take; }
    /// What its verdict asks for; null for a take after which something newer was said.
    [[nodiscard]] const NextStepPtr& step() const { return m_step; }
    /// The beat in which the open take has its first fault, where it is a take of this page.
    [[nodiscard]] std::optional<Span> troubleIn(const Exercise& exercise) const;

    void show(const TakePtr& take, const NextStepPtr& step);
    /// The take that is shown has got its place in the log.
    void nameKept(const TakePtr& take, qint64 id);
    /// Opens a take of the log, and puts its exercise on the stand.
    void open(qint64 id);
    /// Judges the open take once more, by what is asked today; the log keeps the verdict of its day.
    void judgeAgain();
    /// Measures a recording from outside against the exercise on the stand.
    void openRecording(const QString& file, const OutsideStart& start);

  Q_SIGNALS:
    void opened();  ///< take() is a new one.

  private:
    With m_with;
    TakePtr m_take;
    NextStepPtr m_step;
};

}  // namespace upbeat
