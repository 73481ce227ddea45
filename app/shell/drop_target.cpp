#include "shell/drop_target.h"

#include <QDropEvent>
#include <QMimeData>
#include <QTimer>
#include <QUrl>
#include <QWidget>

namespace upbeat {

namespace {

QStringList filesIn(const QMimeData* data) {
    QStringList files;
    for (const QUrl& url : data->urls())
        if (url.isLocalFile()) files += url.toLocalFile();
    return files;
}

}  // namespace

DropTarget::DropTarget(QWidget* widget, std::function<void(const QStringList&)> dropped)
    : QObject(widget), m_dropped(std::move(dropped)) {
    widget->setAcceptDrops(true);
    widget->installEventFilter(this);
}

bool DropTarget::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::DragEnter && event->type() != QEvent::Drop)
        return QObject::eventFilter(watched, event);
    auto* drop = static_cast<QDropEvent*>(event);
    const QStringList files = filesIn(drop->mimeData());
    if (files.isEmpty()) return false;
    drop->acceptProposedAction();
    // Whoever drags waits for the end of this event: a dialog must not open in it.
    if (event->type() == QEvent::Drop) QTimer::singleShot(0, this, [this, files] { m_dropped(files); });
    return true;
}

}  // namespace upbeat
