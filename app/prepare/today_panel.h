#pragma once

#include <QComboBox>
#include <QLabel>
#include <QListWidget>
#include <QSpinBox>

#include "place/place.h"
#include "studio/routine.h"

namespace upbeat {

/// What to practise today: the minutes there are, the way they are given out, and the blocks with their reasons.
class TodayPanel : public QWidget {
    Q_OBJECT
  public:
    /// The routine outlives it.
    explicit TodayPanel(Routine& routine, QWidget* parent = nullptr);

    [[nodiscard]] static QList<KeyHint> keys();
    // What the keys do, with the block that is chosen.
    void swap();
    void lengthen(int minutes);
    void leaveOut();

  private:
    void refresh();
    [[nodiscard]] std::size_t chosen() const;

    Routine& m_routine;
    QSpinBox* m_minutes;
    QComboBox* m_way;
    QLabel* m_how;
    QListWidget* m_blocks;
};

}  // namespace upbeat
