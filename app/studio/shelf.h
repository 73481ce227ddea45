#pragma once

#include <QObject>
#include <set>
#include <string>
#include <vector>

#include "studio/notices.h"
#include "studio/worker.h"
#include "upbeat/logbook/data_folder.h"
#include "upbeat/music/exercise.h"

namespace upbeat {

struct Converted;

/// The exercises one can choose from: the player's own, each a file beside the logbook, and the built-in ones.
class Shelf : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const DataFolder& folder;
        Worker& worker;
        Notices& notices;
    };
    /// `guests` are listed before the built-in ones and belong to no file (the demo's).
    Shelf(const With& with, const std::vector<Exercise>& guests);

    [[nodiscard]] const std::vector<Exercise>& exercises() const { return m_exercises; }
    /// Null where there is none.
    [[nodiscard]] const Exercise* find(const std::string& id) const;
    /// Whether the player wrote it.
    [[nodiscard]] bool isOwn(const std::string& id) const { return m_own.contains(id); }

    /// Takes in a page of the player's under an id of its own, which it gives. It has no file before it is kept.
    std::string add(Exercise exercise);
    /// An own page as it now is, on the list and on the disk.
    void keep(const Exercise& exercise);
    /// From the list and from the disk.
    void remove(const std::string& id);
    /// Reads a file of any kind as an own exercise; what was left out is said. `imported` brings it.
    void importFile(const QString& file);
    /// Writes an exercise as the name's ending says; what it cannot hold is said.
    void exportFile(const Exercise& exercise, const QString& file);

  Q_SIGNALS:
    void changed();  ///< The list.
    void imported(const std::string& id);

  private:
    void readOwn();
    [[nodiscard]] std::string freeId() const;
    void takeIn(const Result<Converted>& read);

    With m_with;
    std::vector<Exercise> m_exercises;
    std::set<std::string> m_own;
};

}  // namespace upbeat
