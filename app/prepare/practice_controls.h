#pragma once

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QPushButton>
#include <QSpinBox>
#include <QWidget>

#include "studio/studio.h"

class QGridLayout;

namespace upbeat {

/// How it is practised: tempo and goal, bars a take, click, timer, what is asked for, and the input.
class PracticeControls : public QWidget {
    Q_OBJECT
  public:
    explicit PracticeControls(Studio& studio, QWidget* parent = nullptr);
    /// Shows what the studio holds.
    void refresh();
    /// Asks for the inputs anew: devices come and go.
    void listInputs();

  Q_SIGNALS:
    void teachWanted();

  private:
    void build();
    void layOut(QGridLayout* grid);
    void connectAll();
    void changeSetting(const std::function<void(PracticeSettings&)>& change);

    Studio& m_studio;
    QDoubleSpinBox* m_tempo = nullptr;
    QDoubleSpinBox* m_goal = nullptr;
    QSpinBox* m_bars = nullptr;
    QSpinBox* m_countIn = nullptr;
    QComboBox* m_click = nullptr;
    QComboBox* m_tone = nullptr;
    QSpinBox* m_clickLevel = nullptr;
    QSpinBox* m_minutes = nullptr;
    QComboBox* m_profile = nullptr;
    QComboBox* m_input = nullptr;
    QPushButton* m_teach = nullptr;
};

}  // namespace upbeat
