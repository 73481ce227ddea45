#pragma once

#include <QLabel>
#include <QWidget>
#include <array>

#include "strokes/field_view.h"
#include "studio/playback.h"
#include "upbeat/logbook/take_archive.h"
#include "upbeat/season/two_takes.h"

namespace upbeat {

/// Two takes of the log one over the other on one scale: the older above as A, the other as B; what got better and
/// worse; both heard one after the other from the same bar.
class TwoTakesView : public QWidget {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const DataFolder& folder;
        Playback& playback;
        Notices& notices;
    };
    explicit TwoTakesView(const With& with, QWidget* parent = nullptr);

    /// Reads both beside the window.
    void open(qint64 one, qint64 other);
    /// Plays the take that is heard from the chosen bar on, or stops it.
    void hear();
    /// The other take, from the bar where the one that is heard is.
    void hearOther();
    /// Chooses the bar to hear from.
    void moveBar(int bars);
    [[nodiscard]] const std::vector<GateChange>& changes() const { return m_changes; }
    [[nodiscard]] bool hearsB() const { return m_heard == 1; }
    [[nodiscard]] int bar() const { return m_bar; }

  Q_SIGNALS:
    void opened();

  private:
    using Two = std::array<TakePtr, 2>;
    void show(const Two& takes);
    void showBar();
    void play();
    [[nodiscard]] double startOf(const TakeView& take, int bar) const;

    With m_with;
    TakeArchive m_archive;
    Worker m_worker;
    Two m_takes;
    std::array<QLabel*, 2> m_titles{};
    std::array<FieldView*, 2> m_fields{};
    QLabel* m_said;
    QLabel* m_where;
    std::vector<GateChange> m_changes;
    int m_heard = 0;
    int m_bar = 0;  // of the take, from 0
};

}  // namespace upbeat
