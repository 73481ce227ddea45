#pragma once

#include <QComboBox>
#include <QElapsedTimer>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QStackedWidget>
#include <QTimer>

#include "prepare/edit_panel.h"
#include "prepare/exercise_model.h"
#include "prepare/hear_bar.h"
#include "prepare/practice_controls.h"
#include "prepare/stages_panel.h"
#include "place/place.h"
#include "studio/studio.h"

namespace upbeat {

/// What do I play? The exercise list, the count line of the chosen one, tempo, goal and click.
class PreparePlace : public Place {
    Q_OBJECT
  public:
    explicit PreparePlace(Studio& studio, QWidget* parent = nullptr);
    void enter() override;
    [[nodiscard]] QList<KeyHint> keys() const override;
    [[nodiscard]] QList<KeySection> allKeys(const QString& name) const override;

    /// What stands under the count line.
    enum Panel { Controls, Editing, Stages };
    void showPanel(Panel panel);
    /// Opens the exercise on the stand for writing, one of ours as an own copy.
    void startWriting();
    void appendSection();
    /// Keeps what was written; an empty page is thrown away.
    void stopWriting();
    [[nodiscard]] Panel panel() const { return static_cast<Panel>(m_panels->currentIndex()); }

    /// One tap on the beat; seconds since the first. The tempo follows from the third on.
    void tapAt(double seconds);
    [[nodiscard]] std::size_t taps() const { return m_taps.size(); }

  Q_SIGNALS:
    void playWanted();

  private:
    QWidget* buildList();
    QWidget* buildStand();
    [[nodiscard]] QWidget* buildControls(QWidget* stand);
    void addKeys();
    void addFileKeys();
    void showExercise();
    void showCleanTempos();
    void teach();
    void tap();
    void hear();
    void newExercise();

    Studio& m_studio;
    ExerciseModel* m_model;
    QLineEdit* m_search = nullptr;
    QListView* m_list = nullptr;
    QLabel* m_trains = nullptr;
    CountLineEditor* m_line = nullptr;
    QStackedWidget* m_panels = nullptr;
    EditPanel* m_edit = nullptr;
    StagesPanel* m_stages = nullptr;
    QTimer m_keepTimer;  ///< Writes what was typed to the disk a moment after the last key.
    HearBar* m_hear = nullptr;
    PracticeControls* m_controls = nullptr;
    std::vector<double> m_taps;  ///< Seconds since the first.
    QElapsedTimer m_tapClock;
};

}  // namespace upbeat
