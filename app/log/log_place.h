#pragma once

#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QStackedWidget>

#include "log/log_model.h"
#include "log/over_time_view.h"
#include "place/place.h"
#include "studio/backups.h"
#include "studio/letters.h"
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
    };
    explicit LogPlace(const With& with, QWidget* parent = nullptr);
    void enter() override;
    /// Asks where the page lies in them, one after the other; without files the first is chosen there.
    void openRecordings(const QStringList& files);
    /// The takes by day, or what days and weeks brought.
    void showOverTime(bool over);
    [[nodiscard]] OverTimeView* overTimeView() const { return m_overTime; }
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
    void addTimeKeys();
    [[nodiscard]] bool isOverTime() const;
    void saveBackup();
    void bringInBackup();

    With m_with;
    LogModel* m_model;
    QListView* m_list;
    QStackedWidget* m_main;
    OverTimeView* m_overTime;
    QList<KeyHint> m_timeKeys;
    QLabel* m_totals;
    QLineEdit* m_note;
};

}  // namespace upbeat
