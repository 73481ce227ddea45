#include "shell/footer_bar.h"

#include <QPainter>

#include "theme/theme.h"

namespace upbeat {

namespace {

constexpr double kApart = 22;  // from key to key

}  // namespace

FooterBar::FooterBar(QWidget* parent) : QWidget(parent) {
    setFixedHeight(44);
}

void FooterBar::setKeys(const QList<KeyHint>& keys) {
    m_keys = keys;
    update();
}

void FooterBar::setInput(const QString& text) {
    if (m_input == text) return;
    m_input = text;
    setAccessibleName(text);
    update();
}

void FooterBar::paintEvent(QPaintEvent* /*event*/) {
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QFont font = typeFace(Type::kText);
    const QFont keyFont = typeFace(Type::kText, true);
    const QFontMetricsF metrics(font);
    const QFontMetricsF keyMetrics(keyFont);
    const double inputWidth = metrics.horizontalAdvance(m_input);
    const auto capOf = [&](const KeyHint& hint) { return std::max(24.0, keyMetrics.horizontalAdvance(hint.key) + 14); };
    const auto widthOf = [&](const KeyHint& hint) {
        return capOf(hint) + metrics.horizontalAdvance(hint.what) + kApart;
    };
    double x = 0;
    for (qsizetype i = 0; i < m_keys.size(); ++i) {
        const KeyHint& hint = m_keys.at(i);
        // The last one leads to all others: it is the last to go.
        const bool isLast = i + 1 == m_keys.size();
        const double needed = isLast ? widthOf(hint) : widthOf(hint) + widthOf(m_keys.last());
        if (x + needed > width() - inputWidth && !isLast) continue;
        if (x + needed > width() - inputWidth) break;
        const double cap = capOf(hint);
        const double text = metrics.horizontalAdvance(hint.what);
        const QRectF box(x + 0.5, 8.5, cap, 26);
        painter.setPen(QPen(theme.edge, 1.2));
        painter.setBrush(theme.surface);
        painter.drawRoundedRect(box, 5, 5);
        painter.setFont(keyFont);
        painter.setPen(theme.ink);
        painter.drawText(box, Qt::AlignCenter, hint.key);
        painter.setFont(font);
        painter.setPen(theme.inkSoft);
        painter.drawText(QRectF(x + cap + 8, 8, text + 4, 28), Qt::AlignVCenter | Qt::AlignLeft, hint.what);
        x += cap + text + kApart;
    }
    painter.setFont(font);
    painter.setPen(theme.inkSoft);
    painter.drawText(QRectF(width() - inputWidth - 2, 8, inputWidth + 2, 28), Qt::AlignVCenter | Qt::AlignRight,
                     m_input);
}

}  // namespace upbeat
