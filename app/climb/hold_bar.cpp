#include "climb/hold_bar.h"

#include <QPainter>
#include <algorithm>

#include "place/gate_list.h"
#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/words/season_words.h"

namespace upbeat {

HoldBar::HoldBar(QWidget* parent) : QWidget(parent) {
    constexpr int kHeight = 112;
    setFixedHeight(kHeight);
    hide();
}

void HoldBar::show(std::optional<Holding> holding) {
    m_holding = std::move(holding);
    m_sentence = m_holding ? inWords(words::sentenceOf(*m_holding)) : QString();
    setAccessibleName(m_sentence);
    setVisible(m_holding.has_value());
    update();
}

/// Standing bars, the newest on the right; above the line is beyond the limit.
void HoldBar::paintEvent(QPaintEvent* /*event*/) {
    if (!m_holding) return;
    constexpr std::size_t kMost = 8;
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    paintCard(painter, *this);
    painter.setFont(typeFace(Type::kText));
    painter.setPen(theme.ink);
    painter.drawText(QRectF(18, 8, width() - 36, 48), Qt::AlignVCenter | Qt::TextWordWrap, m_sentence);
    const QRectF box(18, 58, width() - 36, height() - 68);
    const auto& takes = m_holding->takes;
    const std::size_t first = takes.size() - std::min(kMost, takes.size());
    const double step = box.width() / kMost;
    const double limitY = box.bottom() - strainOf(takes.front(), takes.front().limit) * box.height();
    for (std::size_t i = first; i < takes.size(); ++i) {
        const double tall = std::max(3.0, strainOf(takes[i], takes[i].measured.value) * box.height());
        const double x = box.left() + step * static_cast<double>(i - first);
        painter.setPen(Qt::NoPen);
        painter.setBrush(takes[i].state == GateState::Missed ? theme.late : theme.ink);
        painter.drawRoundedRect(QRectF(x, box.bottom() - tall, 0.6 * step, tall), 3, 3);
    }
    painter.setPen(QPen(theme.inkSoft, 2, Qt::DashLine));
    painter.drawLine(QPointF(box.left(), limitY), QPointF(box.right(), limitY));
}

}  // namespace upbeat
