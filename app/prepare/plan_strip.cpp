#include "prepare/plan_strip.h"

#include <QMouseEvent>
#include <QPainter>
#include <numeric>

#include "theme/words.h"
#include "upbeat/words/plan_words.h"

namespace upbeat {

void paintBlocks(QPainter& painter, const QRectF& box, const std::vector<PlanBlock>& plan,
                 std::optional<std::size_t> current, const Theme& theme) {
    constexpr double kGap = 3;
    const int minutes =
        std::accumulate(plan.begin(), plan.end(), 0, [](int sum, const PlanBlock& b) { return sum + b.minutes; });
    if (minutes == 0) return;
    const double perMinute = (box.width() - kGap * (static_cast<double>(plan.size()) - 1)) / minutes;
    double x = box.left();
    painter.setPen(Qt::NoPen);
    for (std::size_t i = 0; i < plan.size(); ++i) {
        const QRectF block(x, box.top(), perMinute * plan[i].minutes, box.height());
        const bool isEasy = std::holds_alternative<Easy>(plan[i].why);
        painter.setBrush(current && i == *current ? theme.early : (isEasy ? theme.target : theme.ink));
        painter.setOpacity(current && i < *current ? 0.3 : 1);
        painter.drawRoundedRect(block, 3, 3);
        painter.setOpacity(1);
        const QString text = QString::number(plan[i].minutes);
        painter.setFont(typeFace(Type::kSmall, true));
        if (painter.fontMetrics().horizontalAdvance(text) + 4 < block.width() && box.height() > 16) {
            painter.setPen(isEasy && !(current && i == *current) ? theme.ink : theme.surface);
            painter.drawText(block, Qt::AlignCenter, text);
            painter.setPen(Qt::NoPen);
        }
        x += block.width() + kGap;
    }
}

PlanStrip::PlanStrip(const Routine& routine, QWidget* parent) : QWidget(parent), m_routine(routine) {
    constexpr int kHeight = 104;
    setFixedHeight(kHeight);
    setCursor(Qt::PointingHandCursor);
    setAccessibleName(tr("Today's plan"));
    connect(&m_routine, &Routine::changed, this, qOverload<>(&QWidget::update));
}

void PlanStrip::paintEvent(QPaintEvent* /*event*/) {
    QPainter painter(this);
    paintCard(painter, *this);
    const Theme& theme = Theme::of(palette());
    const QRectF box = QRectF(rect()).adjusted(12, 8, -12, -8);
    const auto& plan = m_routine.plan();
    const bool isOn = m_routine.isOn();
    painter.setFont(typeFace(Type::kText, true));
    painter.setPen(theme.ink);
    painter.drawText(box, Qt::AlignLeft | Qt::AlignTop,
                     isOn ? tr("Today, block %1 of %2").arg(m_routine.current() + 1).arg(plan.size())
                          : tr("Today, %1 minutes").arg(m_routine.wish().minutes));
    painter.setFont(typeFace(Type::kText));
    painter.setPen(theme.inkSoft);
    painter.drawText(box, Qt::AlignRight | Qt::AlignTop, QStringLiteral("D"));
    if (plan.empty()) return;
    paintBlocks(painter, QRectF(box.left(), box.top() + 28, box.width(), 24), plan,
                isOn ? std::optional(m_routine.current()) : std::nullopt, theme);
    const PlanBlock& next = plan[m_routine.current()];
    const QString text = inWords(words::nameOf(next.kind)) + QStringLiteral(": ") + m_routine.titleOf(next);
    painter.setFont(fittingFace(text, box.width(), Type::kText, 9));
    painter.setPen(theme.ink);
    painter.drawText(QRectF(box.left(), box.bottom() - 28, box.width(), 28), Qt::AlignLeft | Qt::AlignVCenter, text);
}

void PlanStrip::mouseReleaseEvent(QMouseEvent* /*event*/) {
    Q_EMIT opened();
}

}  // namespace upbeat
