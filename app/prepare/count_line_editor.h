#pragma once

#include <functional>
#include <memory>

#include "strokes/count_line.h"
#include "upbeat/music/editor.h"

namespace upbeat {

/// The count line as the page one writes on: keys and mouse act on the stroke under the pen. Closed it only shows.
class CountLineEditor : public CountLine {
    Q_OBJECT
  public:
    explicit CountLineEditor(QWidget* parent = nullptr);

    void open(const Exercise& exercise);
    void close();
    [[nodiscard]] bool isOpen() const { return m_editor != nullptr; }
    [[nodiscard]] const ExerciseEditor& editor() const { return *m_editor; }
    /// Any change from outside the keys: meter, bars, a rule. Shown and told like a key.
    void edit(const std::function<void(ExerciseEditor&)>& change);

  Q_SIGNALS:
    void changed();
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
    [[nodiscard]] std::vector<FieldColumn> columns() const;
    [[nodiscard]] double placeOfBeat(const Beats& at) const;

    std::unique_ptr<ExerciseEditor> m_editor;
};

}  // namespace upbeat
