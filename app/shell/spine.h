#pragma once

#include <QAbstractButton>
#include <QList>
#include <QWidget>

namespace upbeat {

/// The strip at the left with the five places in working order.
class Spine : public QWidget {
    Q_OBJECT
  public:
    explicit Spine(QWidget* parent = nullptr);
    void setCurrent(int place);
    [[nodiscard]] QAbstractButton* button(int place) const { return m_buttons.at(place); }
    [[nodiscard]] static QStringList names();

  Q_SIGNALS:
    void chosen(int place);

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    QList<QAbstractButton*> m_buttons;
};

}  // namespace upbeat
