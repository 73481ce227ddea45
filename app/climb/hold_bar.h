#pragma once

#include <QWidget>
#include <optional>

#include "upbeat/ladder/holding.h"

namespace upbeat {

/// What holds the rung: the gate that costs most, a bar for each of the last takes against the limit. Not seen where
/// nothing holds it.
class HoldBar : public QWidget {
    Q_OBJECT
  public:
    explicit HoldBar(QWidget* parent = nullptr);
    void show(std::optional<Holding> holding);

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    std::optional<Holding> m_holding;
    QString m_sentence;
};

}  // namespace upbeat
