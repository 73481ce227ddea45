#pragma once

#include <QWidget>

#include "upbeat/ladder/verdict.h"

namespace upbeat {

/// The verdict in one line: what to do, why, and the key that does it.
class VerdictBar : public QWidget {
    Q_OBJECT
  public:
    explicit VerdictBar(QWidget* parent = nullptr);
    /// On a take of `page`. `canFollow`: the key that does it is offered.
    void setVerdict(const Exercise& page, const Verdict& verdict, bool canFollow);
    void clear();
    [[nodiscard]] QString nextStep() const { return m_step; }

  Q_SIGNALS:
    void accepted();

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

  private:
    QString m_headline;
    QString m_reason;
    QString m_step;
};

/// "up to 108", "play it again", "isolate beat 2".
[[nodiscard]] QString nextStepInWords(const Verdict& verdict);

}  // namespace upbeat
