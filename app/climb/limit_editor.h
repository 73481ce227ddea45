#pragma once

#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QWidget>
#include <vector>

#include "studio/limit_book.h"
#include "studio/stand.h"
#include "upbeat/judge/gates.h"

namespace upbeat {

/// What the rung on the stand asks, to be changed: a row for every gate with its limit, beside it what the profile asks
/// where that is something else. For this exercise or for all of them.
class LimitEditor : public QWidget {
    Q_OBJECT
  public:
    /// Both outlive it.
    LimitEditor(LimitBook& book, const Stand& stand, QWidget* parent = nullptr);

    /// The rows of the exercise that is on the stand now; the keys go to the first of them.
    void begin();
    /// The field of a gate; null where the exercise has no such gate.
    [[nodiscard]] QDoubleSpinBox* fieldOf(GateKind kind) const;
    [[nodiscard]] bool isForAll() const { return m_forAll; }

    void setForAll(bool forAll);
    /// What the profile asks comes back: of the gate whose field has the keys, or of all of them.
    void bringBack();
    void bringAllBack();
    void openFile();
    void saveFile();

  protected:
    void paintEvent(QPaintEvent* event) override;
    /// Letters are keys of the place, also where a field would type them; Up and Down are keys of the field.
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    struct Row {
        GateKind kind = GateKind::Spread;
        QLabel* name = nullptr;
        QDoubleSpinBox* field = nullptr;
        QLabel* builtIn = nullptr;
    };
    void buildRows(const std::vector<AskedGate>& asked);
    void addRow(const AskedGate& asked);
    void refresh();
    [[nodiscard]] const Row* rowOf(GateKind kind) const;
    void show(const Row& row, const AskedGate& asked);
    [[nodiscard]] std::vector<AskedGate> askedNow() const;
    [[nodiscard]] std::string scope() const;

    LimitBook& m_book;
    const Stand& m_stand;
    bool m_forAll = false;
    QLabel* m_title;
    QWidget* m_list;
    QGridLayout* m_grid;
    std::vector<Row> m_rows;
};

}  // namespace upbeat
