#include "shell/header_bar.h"

#include <QPainter>

#include "theme/theme.h"

namespace upbeat {

HeaderBar::HeaderBar(QWidget* parent) : QWidget(parent) {
    setFixedHeight(78);
}

void HeaderBar::setTexts(const QString& title, const QString& line, const QString& tempo, const QString& tempoLine) {
    m_title = title;
    m_line = line;
    m_tempo = tempo;
    m_tempoLine = tempoLine;
    setAccessibleName(QStringLiteral("%1, %2, %3 %4").arg(title, line, tempo, tempoLine));
    update();
}

void HeaderBar::paintEvent(QPaintEvent* /*event*/) {
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    const double right = width() - 230;
    const QFont titleFont = typeFace(Type::kTitle, true);
    painter.setFont(titleFont);
    painter.setPen(theme.ink);
    painter.drawText(QRectF(0, 14, right, 34), Qt::AlignLeft | Qt::AlignVCenter,
                     QFontMetricsF(titleFont).elidedText(m_title, Qt::ElideRight, right));
    const QFont lineFont = typeFace(Type::kText);
    painter.setFont(lineFont);
    painter.setPen(theme.inkSoft);
    painter.drawText(QRectF(0, 48, right, 24), Qt::AlignLeft | Qt::AlignVCenter,
                     QFontMetricsF(lineFont).elidedText(m_line, Qt::ElideRight, right));
    painter.setFont(typeFace(Type::kFigure, true));
    painter.setPen(theme.ink);
    painter.drawText(QRectF(width() - 220, 4, 220, 46), Qt::AlignRight | Qt::AlignVCenter, m_tempo);
    painter.setFont(lineFont);
    painter.setPen(theme.inkSoft);
    painter.drawText(QRectF(width() - 320, 48, 320, 24), Qt::AlignRight | Qt::AlignVCenter, m_tempoLine);
}

}  // namespace upbeat
