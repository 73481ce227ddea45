#pragma once

#include <QAbstractButton>

#include "upbeat/judge/findings.h"

namespace upbeat {

/// One finding: its rank, its sentence, and the keys that hear it or make a drill of it.
class FindingCard : public QAbstractButton {
    Q_OBJECT
  public:
    FindingCard(int rank, const Exercise& page, const Finding& finding, QWidget* parent);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override;

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    int m_rank;
    bool m_hasDrill;
};

}  // namespace upbeat
