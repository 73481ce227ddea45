#pragma once

#include <QAbstractButton>

#include "upbeat/judge/findings.h"

namespace upbeat {

/// One finding: its rank, its sentence, and the keys that hear it or make a drill of it. The chosen one folds out where
/// it is heard.
class FindingCard : public QAbstractButton {
    Q_OBJECT
  public:
    FindingCard(int rank, const Exercise& page, const Finding& finding, QWidget* parent);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override;

    /// Where it is heard, in words; empty for one place and for all over.
    [[nodiscard]] const QString& heardOn() const { return m_heardOn; }

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    [[nodiscard]] double textHeight(const QString& text, int width) const;

    int m_rank;
    QString m_heardOn;
    bool m_hasDrill;
};

}  // namespace upbeat
