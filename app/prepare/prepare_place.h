#pragma once

#include <QComboBox>
#include <QElapsedTimer>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QStackedWidget>

#include "place/place.h"
#include "prepare/count_line_editor.h"
#include "prepare/edit_panel.h"
#include "prepare/exercise_filter.h"
#include "prepare/exercise_model.h"
#include "prepare/hear_bar.h"
#include "prepare/plan_strip.h"
#include "prepare/practice_controls.h"
#include "prepare/sets_panel.h"
#include "prepare/sound_check_panel.h"
#include "prepare/stages_panel.h"
#include "prepare/today_panel.h"
#include "strokes/section_strip.h"
#include "studio/input_list.h"
#include "studio/lessons.h"
#include "studio/manuscript.h"
#include "studio/notices.h"
#include "studio/playback.h"
#include "studio/setup.h"
#include "studio/shelf.h"
#include "studio/stand.h"
#include "studio/take_log.h"
#include "studio/taking_apart.h"

namespace upbeat {

/// What do I play? The exercise list, the count line of the chosen one, tempo, goal and click.
class PreparePlace : public Place {
    Q_OBJECT
  public:
    /// What it shows and works with; all of it outlives the widget.
    struct With {
        Shelf& shelf;
        Stand& stand;
        Manuscript& manuscript;
        TakingApart& takingApart;
        Lessons& lessons;
        Setup& setup;
        InputList& inputs;
        const AudioInput& input;
        SoundCheck& soundCheck;
        Playback& playback;
        const TakeLog& log;
        Routine& routine;
        PracticeSets& sets;
        const Speaker& speaker;
        Notices& notices;
    };
    explicit PreparePlace(const With& with, QWidget* parent = nullptr);
    [[nodiscard]] QList<HelpPoint> helpPoints() const override;
    void enter() override;
    [[nodiscard]] QList<KeyHint> keys() const override;
    [[nodiscard]] QList<KeySection> allKeys(const QString& name) const override;

    /// What stands under the count line.
    enum Panel { Controls, Editing, Stages, Sound, Today, Sets };
    void showPanel(Panel panel);
    /// Opens the exercise on the stand for writing, one of ours as an own copy.
    void startWriting();
    void appendSection();
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
    void addTodayKeys();
    void addSetKeys();
    /// The bars of a section are those that are heard and practised; none: all of them.
    void chooseSection(std::optional<int> section);
    void addFileKeys();
    void leaveSoundCheck();
    void showExercise();
    void showCleanTempos();
    void teach();
    void tap();
    void hear();
    void newExercise();

    With m_with;
    ExerciseModel* m_model;
    ExerciseFilter* m_filter;
    QLineEdit* m_search = nullptr;
    QListView* m_list = nullptr;
    QLabel* m_trains = nullptr;
    CountLineEditor* m_line = nullptr;
    QStackedWidget* m_panels = nullptr;
    EditPanel* m_edit = nullptr;
    StagesPanel* m_stages = nullptr;
    SoundCheckPanel* m_sound = nullptr;
    TodayPanel* m_today = nullptr;
    SetsPanel* m_setsPanel = nullptr;
    HearBar* m_hear = nullptr;
    SectionStrip* m_sections = nullptr;
    std::string m_sectionsOf;  // the page
    PracticeControls* m_controls = nullptr;
    std::vector<double> m_taps;  ///< Seconds since the first.
    QElapsedTimer m_tapClock;
};

}  // namespace upbeat
