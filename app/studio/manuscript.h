#pragma once

#include <QObject>
#include <QTimer>
#include <functional>
#include <memory>

#include "studio/stand.h"
#include "upbeat/music/editor.h"

namespace upbeat {

/// The page that is being written: the pen, the selection, every earlier state and what is wrong. What can be played
/// is on the stand at once, and on the disk a moment after the last change.
class Manuscript : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        Shelf& shelf;
        Stand& stand;
        const DataFolder& folder;
        Notices& notices;
    };
    explicit Manuscript(const With& with);

    /// Puts a page of the player's on the shelf and on the stand.
    void start(const Exercise& exercise);
    /// Opens the page on the stand for writing; one that is not the player's as a copy called `copyTitle`.
    void open(const QString& copyTitle);
    [[nodiscard]] bool isOpen() const { return m_editor != nullptr; }
    /// The page and the pen; only while it is open.
    [[nodiscard]] const ExerciseEditor& editor() const { return *m_editor; }
    void edit(const std::function<void(ExerciseEditor&)>& change);
    /// Keeps what was written, as it last made sense; an empty page is thrown away.
    void close();
    /// Removes the page on the stand, where it is the player's.
    void forget();
    /// Writes what is still on its way to the disk.
    void keep();

  Q_SIGNALS:
    void changed();
    void closed();

  private:
    With m_with;
    std::unique_ptr<ExerciseEditor> m_editor;
    bool m_isUnkept = false;  // something of it is not on the disk
    QTimer m_keepTimer;
};

}  // namespace upbeat
