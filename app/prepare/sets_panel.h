#pragma once

#include <QDateEdit>
#include <QLineEdit>
#include <QListWidget>

#include "place/place.h"
#include "studio/practice_sets.h"
#include "studio/stand.h"

namespace upbeat {

/// Sets of exercises that are wanted by a day, and which of them will hardly be there.
class SetsPanel : public QWidget {
    Q_OBJECT
  public:
    /// All outlive it.
    SetsPanel(PracticeSets& sets, const Shelf& shelf, const Stand& stand, QWidget* parent = nullptr);

    [[nodiscard]] static QList<KeyHint> keys();
    // What the keys do, with the set that is chosen.
    void add();
    void toggleStand();
    void remove();
    /// Reads what is foretold anew.
    void enter();

  private:
    void refresh();
    void showChosen();
    void keepChosen();
    [[nodiscard]] std::size_t chosen() const;

    PracticeSets& m_sets;
    const Shelf& m_shelf;
    const Stand& m_stand;
    QListWidget* m_list;
    QLineEdit* m_name;
    QDateEdit* m_day;
    QListWidget* m_exercises;
};

}  // namespace upbeat
