#pragma once

#include <QDialog>
#include <QKeySequenceEdit>
#include <QLabel>
#include <QTableWidget>

#include "place/place.h"

namespace upbeat {

/// Every key there is, and another one in its place where somebody's hands or keyboard want it.
class KeysDialog : public QDialog {
    Q_OBJECT
  public:
    /// The first section is what works everywhere.
    explicit KeysDialog(const QList<KeySection>& sections, QWidget* parent = nullptr);

    /// Gives the key of a row another one; an empty one is the standard again.
    void change(int row, const QKeySequence& own);
    [[nodiscard]] QTableWidget* table() const { return m_table; }
    /// What two actions in one place share now, a sentence; empty where nothing clashes.
    [[nodiscard]] QString clash() const;

  private:
    struct Row {
        QString place;
        KeyHint hint;
    };
    void dressTable();
    void fill();

    QList<Row> m_rows;
    QTableWidget* m_table;
    QKeySequenceEdit* m_key;
    QLabel* m_said;
    QString m_everywhere;
};

}  // namespace upbeat
