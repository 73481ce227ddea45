#pragma once

#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QStackedWidget>

#include "log/log_model.h"
#include "log/note_edit.h"
#include "log/over_time_view.h"
#include "log/two_takes_view.h"
#include "place/place.h"
#include "studio/backups.h"
#include "studio/letters.h"
#include "studio/log_care.h"
#include "studio/outside_recording.h"
#include "studio/stand.h"
#include "studio/take_log.h"

namespace upbeat {

/// Where am I going? Takes by day to look at again, a note for each, minutes played, and recordings from outside.
class LogPlace : public Place {
    Q_OBJECT
  public:
    /// What it shows and works with; all of it outlives the widget.
    struct With {
        TakeLog& log;
        Review& review;
        OutsideRecording& outside;
        const Stand& stand;
        Backups& backups;
        Letters& letters;
        const Shelf& shelf;
        LogCare& care;
        Playback& playback;
        const DataFolder& folder;
        Notices& notices;
    };
    explicit LogPlace(const With& with, QWidget* parent = nullptr);
    [[nodiscard]] QList<HelpPoint> helpPoints() const override;
    void enter() override;
    /// Asks where the page lies in them, one after the other; without files the first is chosen there.
    void openRecordings(const QStringList& files);
    /// The takes by day, or what days and weeks brought.
    void showOverTime(bool over);
    [[nodiscard]] OverTimeView* overTimeView() const { return m_overTime; }
    /// Two takes one over the other; the two that are chosen, or back.
    void compare(qint64 one, qint64 other);
    void compareChosen();
    [[nodiscard]] const TwoTakesView& twoTakes() const { return *m_twoTakes; }
    [[nodiscard]] QList<KeyHint> keys() const override;
    [[nodiscard]] QList<KeySection> allKeys(const QString& name) const override;
    /// What was dropped on the window: backups, answers to reports, and recordings.
    void openFiles(const QStringList& files);

  Q_SIGNALS:
    void lookWanted();

  private:
    void refresh();
    void choose(qint64 id);
    [[nodiscard]] qint64 currentTake() const;
    void openCurrent();
    void open(qint64 id);
    void showNote();
    void buildList();
    void buildLines();
    void keepNote();
    void addTimeKeys();
    void addOrderKeys();
    void addTwoKeys();
    [[nodiscard]] static QMap<QString, QString> namesOfTerms();
    [[nodiscard]] TakeSearch search() const;
    [[nodiscard]] std::vector<qint64> chosenTakes() const;
    void askForTags();
    void toggleTrash();
    void removeChosen();
    void emptyTrash();
    void exportChosen();
    void reportChosen();
    void reportWeek();
    void openReport(const QString& takes, const QString& fileName, const LogWish& wish, const std::vector<qint64>& ids);
    [[nodiscard]] bool isOverTime() const;
    [[nodiscard]] bool isComparing() const;
    void front(QWidget* view);
    void saveBackup();
    void bringInBackup();

    With m_with;
    LogModel* m_model;
    QListView* m_list;
    QStackedWidget* m_main;
    OverTimeView* m_overTime;
    TwoTakesView* m_twoTakes;
    KeyGroup m_timeKeys{[this] { return isOverTime(); }};
    KeyGroup m_orderKeys{[this] { return m_main->currentWidget() == m_list; }};
    KeyGroup m_twoKeys{[this] { return isComparing(); }};
    QLabel* m_totals;
    QLineEdit* m_find;
    NoteEdit* m_note;
    QMap<QString, QString> m_terms;  ///< What may be searched for in the player's language, as it is searched for.
    bool m_inTrash = false;
    QString m_noteBefore;  // as the logbook has it
};

}  // namespace upbeat
