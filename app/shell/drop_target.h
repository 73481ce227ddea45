#pragma once

#include <QObject>
#include <QStringList>
#include <functional>

class QWidget;

namespace upbeat {

/// Lets files be dropped on a widget.
class DropTarget : public QObject {
    Q_OBJECT
  public:
    DropTarget(QWidget* widget, std::function<void(const QStringList& files)> dropped);

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    std::function<void(const QStringList&)> m_dropped;
};

}  // namespace upbeat
