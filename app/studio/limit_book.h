#pragma once

#include <QObject>
#include <QString>
#include <vector>

#include "studio/notices.h"
#include "studio/setup.h"
#include "studio/worker.h"
#include "upbeat/judge/profile.h"
#include "upbeat/logbook/data_folder.h"

namespace upbeat {

/// The limits that the player or a teacher has set instead of the built-in ones. Kept in the data folder as the file
/// that can be passed on.
class LimitBook : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const Setup& setup;
        const DataFolder& folder;
        Worker& worker;
        Notices& notices;
    };
    explicit LimitBook(const With& with);

    [[nodiscard]] const LimitSet& limits() const { return m_limits; }
    /// What is asked of an exercise now; of a part, what is asked of the whole.
    [[nodiscard]] Profile profileFor(const Exercise& exercise) const;

    void change(const LimitSet& limits);
    void undo();

    /// A set from somewhere else takes the place of this one.
    void open(const QString& file);
    void saveAs(const QString& file);

  Q_SIGNALS:
    void changed();

  private:
    void keep(const LimitSet& limits);

    With m_with;
    LimitSet m_limits;
    std::vector<LimitSet> m_past;
};

}  // namespace upbeat
