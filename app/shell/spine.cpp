#include "shell/spine.h"

#include <QPainter>
#include <QSvgRenderer>
#include <QVBoxLayout>

#include "theme/theme.h"

namespace upbeat {

namespace {

class SpineButton : public QAbstractButton {
  public:
    SpineButton(const QString& label, const QString& icon, QWidget* parent) : QAbstractButton(parent), m_icon(icon) {
        setText(label);
        setAccessibleName(label);
        setCheckable(true);
        setFixedSize(92, 82);
        setCursor(Qt::PointingHandCursor);
    }

  protected:
    void paintEvent(QPaintEvent* /*event*/) override {
        const Theme& theme = Theme::of(palette());
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        if (isChecked()) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(theme.ground);
            // Open to the right: the chosen place grows out of the page.
            painter.drawRoundedRect(QRectF(8, 4, width() + 12, height() - 8), 10, 10);
        }
        const QColor ink = isChecked() ? theme.ink : (underMouse() ? theme.spineInk : theme.spineSoft);
        paintIcon(painter, ink);
        painter.setFont(typeFace(15, isChecked()));
        painter.setPen(ink);
        painter.drawText(QRectF(8, 46, width() - 8, 24), Qt::AlignCenter, text());
        if (hasFocus()) {
            painter.setBrush(Qt::NoBrush);
            painter.setPen(QPen(theme.action, 2));
            painter.drawRoundedRect(QRectF(12, 8, width() - 18, height() - 16), 7, 7);
        }
    }

  private:
    void paintIcon(QPainter& painter, const QColor& ink) {
        const qreal ratio = devicePixelRatioF();
        QPixmap pixmap(QSize(28, 28) * ratio);
        pixmap.fill(Qt::transparent);
        QPainter onPixmap(&pixmap);
        QSvgRenderer(m_icon).render(&onPixmap);
        onPixmap.setCompositionMode(QPainter::CompositionMode_SourceIn);
        onPixmap.fillRect(pixmap.rect(), ink);
        onPixmap.end();
        painter.drawPixmap(QRectF((width() + 8) / 2.0 - 14, 15, 28, 28), pixmap, QRectF(pixmap.rect()));
    }

    QString m_icon;
};

}  // namespace

QStringList Spine::names() {
    return {tr("Prepare"), tr("Play"), tr("Look"), tr("Climb"), tr("Log")};
}

Spine::Spine(QWidget* parent) : QWidget(parent) {
    setFixedWidth(92);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 24, 0, 24);
    layout->setSpacing(6);
    const QStringList icons{QStringLiteral("prepare"), QStringLiteral("play"), QStringLiteral("look"),
                            QStringLiteral("climb"), QStringLiteral("log")};
    for (int i = 0; i < names().size(); ++i) {
        auto* button = new SpineButton(names().at(i), QStringLiteral(":/icons/%1.svg").arg(icons.at(i)), this);
        connect(button, &QAbstractButton::clicked, this, [this, i] { Q_EMIT chosen(i); });
        layout->addWidget(button);
        m_buttons.append(button);
    }
    layout->addStretch();
    setCurrent(0);
}

void Spine::setCurrent(int place) {
    for (int i = 0; i < m_buttons.size(); ++i) m_buttons.at(i)->setChecked(i == place);
}

void Spine::paintEvent(QPaintEvent* /*event*/) {
    QPainter(this).fillRect(rect(), Theme::of(palette()).spine);
}

}  // namespace upbeat
