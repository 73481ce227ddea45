#pragma once

#include <QObject>

#include "studio/notices.h"
#include "studio/worker.h"
#include "upbeat/logbook/data_folder.h"

namespace upbeat {

/// Copies of everything: one a day by itself, others by hand; and takes that come back from them. All of it happens
/// beside the window.
class Backups : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const DataFolder& folder;
        QString settingsFile;
        Notices& notices;
    };
    explicit Backups(With with) : m_with(std::move(with)) {}

    /// The one of today, where there is none and the folder may be written. Says nothing unless it fails.
    void makeDaily();
    /// Everything in one file.
    void save(const QString& file);
    /// Takes of a backup that are not in the log come into it.
    void bringIn(const QString& file);
    [[nodiscard]] bool isBusy() const { return m_worker.isBusy(); }

    /// After a damaged logbook was set aside: the one of the newest backup, where there is any. What was played since
    /// comes from its recordings.
    static void putBackNewest(const std::filesystem::path& folder);

  Q_SIGNALS:
    void broughtIn();

  private:
    With m_with;
    Worker m_worker;
};

}  // namespace upbeat
