#pragma once

#include "strokes/count_line.h"
#include "studio/manuscript.h"

namespace upbeat {

/// The count line as the page one writes on: keys and mouse act on the stroke under the pen of the manuscript. While
/// that is closed it only shows.
class CountLineEditor : public CountLine {
    Q_OBJECT
  public:
    /// The manuscript outlives it.
    explicit CountLineEditor(Manuscript& manuscript, QWidget* parent = nullptr);

  Q_SIGNALS:
    /// Enter or Escape: the player has written enough.
    void left();

  protected:
    bool event(QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    [[nodiscard]] std::vector<Voice> voices() const override;
    void paintMarks(QPainter& painter) const override;

  private:
    void refresh();
    void showClosed();
    [[nodiscard]] std::vector<FieldColumn> columns() const;
    [[nodiscard]] double placeOfBeat(const Beats& at) const;

    [[nodiscard]] const ExerciseEditor& editor() const { return m_manuscript.editor(); }
    Manuscript& m_manuscript;
};

}  // namespace upbeat
