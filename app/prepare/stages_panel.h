#pragma once

#include <QComboBox>
#include <QLabel>
#include <QListWidget>
#include <QWidget>

#include "studio/stand.h"
#include "studio/taking_apart.h"

namespace upbeat {

/// Taking an exercise apart: the ways, how the chosen one goes, and its stages as small count lines.
class StagesPanel : public QWidget {
    Q_OBJECT
  public:
    /// What it shows and works with; all of it outlives the widget.
    struct With {
        const Stand& stand;
        TakingApart& takingApart;
    };
    explicit StagesPanel(const With& with, QWidget* parent = nullptr);
    /// Shows the ways for the exercise on the stand, or the stages that are being worked through.
    void refresh();
    /// The way before or after the chosen one.
    void turn(int steps);
    [[nodiscard]] Method method() const;
    /// How every part is taken apart once more, where it is.
    [[nodiscard]] std::optional<Method> inner() const;
    void setInner(std::optional<Method> inner);
    void chooseCurrent();

  Q_SIGNALS:
    /// A stage was put on the stand.
    void chosen();

  private:
    void showStages();
    void choose(int row);

    With m_with;
    QComboBox* m_method;
    QComboBox* m_inner;
    QLabel* m_how;
    QListWidget* m_list;
    Exercise m_whole;
    std::vector<PracticeStage> m_stages;
};

}  // namespace upbeat
