#pragma once

#include <QWidget>

#include "place/place.h"

namespace upbeat {

/// The keys that work here, each on a key cap, and the state of the input.
class FooterBar : public QWidget {
    Q_OBJECT
  public:
    explicit FooterBar(QWidget* parent = nullptr);
    void setKeys(const QList<KeyHint>& keys);
    void setInput(const QString& text);

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    QList<KeyHint> m_keys;
    QString m_input;
};

}  // namespace upbeat
