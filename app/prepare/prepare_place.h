#pragma once

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QSpinBox>

#include "prepare/exercise_model.h"
#include "shell/place.h"
#include "strokes/count_line.h"
#include "studio/studio.h"

namespace upbeat {

/// What do I play? The exercise list, the count line of the chosen one, tempo, goal and click.
class PreparePlace : public Place {
    Q_OBJECT
  public:
    explicit PreparePlace(Studio& studio, QWidget* parent = nullptr);
    void enter() override;

  Q_SIGNALS:
    void playWanted();

  private:
    QWidget* buildList();
    QWidget* buildStand();
    QWidget* buildControls();
    void showExercise();
    void showSettings();
    void showCleanTempos();
    void teach();
    void changeSetting(const std::function<void(PracticeSettings&)>& change);

    Studio& m_studio;
    ExerciseModel* m_model;
    QLineEdit* m_search = nullptr;
    QListView* m_list = nullptr;
    QLabel* m_trains = nullptr;
    CountLine* m_line = nullptr;
    QDoubleSpinBox* m_tempo = nullptr;
    QDoubleSpinBox* m_goal = nullptr;
    QSpinBox* m_bars = nullptr;
    QSpinBox* m_countIn = nullptr;
    QComboBox* m_click = nullptr;
    QComboBox* m_profile = nullptr;
    QComboBox* m_input = nullptr;
    QPushButton* m_teach = nullptr;
};

}  // namespace upbeat
