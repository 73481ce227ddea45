#pragma once

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
#include <QWidget>

#include "studio/input_list.h"
#include "studio/lessons.h"
#include "studio/setup.h"
#include "studio/speaker.h"
#include "studio/stand.h"

class QGridLayout;

namespace upbeat {

/// How it is practised: tempo and goal, bars a take, click, timer, what is asked for, and the input.
class PracticeControls : public QWidget {
    Q_OBJECT
  public:
    /// What it shows and works with; all of it outlives the widget.
    struct With {
        Stand& stand;
        Setup& setup;
        const Lessons& lessons;
        InputList& inputs;
        const AudioInput& input;
        const Speaker& speaker;
    };
    explicit PracticeControls(const With& with, QWidget* parent = nullptr);
    /// Shows what is set.
    void refresh();
    /// As narrow as a low window makes it: then the fields stand in fewer columns.
    [[nodiscard]] QSize minimumSizeHint() const override;

  Q_SIGNALS:
    void teachWanted();

  protected:
    void resizeEvent(QResizeEvent* event) override;

  private:
    void arrange(int columns);
    void listInputs();
    void showInput(const InputId& id);
    void build();
    void buildClick();
    void layOut();
    void connectAll();
    void changeSetting(const std::function<void(PracticeSettings&)>& change);

    With m_with;
    QGridLayout* m_grid = nullptr;
    QList<std::pair<QLabel*, QWidget*>> m_fields;  // under their captions, in order
    int m_columns = 0;
    QDoubleSpinBox* m_tempo = nullptr;
    QDoubleSpinBox* m_goal = nullptr;
    QSpinBox* m_bars = nullptr;
    QSpinBox* m_countIn = nullptr;
    QComboBox* m_click = nullptr;
    QComboBox* m_tone = nullptr;
    QSpinBox* m_clickLevel = nullptr;
    QSpinBox* m_minutes = nullptr;
    QSpinBox* m_rest = nullptr;
    QComboBox* m_voice = nullptr;
    QComboBox* m_profile = nullptr;
    QComboBox* m_input = nullptr;
    QLabel* m_inputNote = nullptr;
    QPushButton* m_teach = nullptr;
};

}  // namespace upbeat
