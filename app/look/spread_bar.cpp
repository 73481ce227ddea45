#include "look/spread_bar.h"

#include <QPainter>
#include <array>

#include "theme/theme.h"

namespace upbeat {

namespace {

constexpr double kFirstLine = 49;
constexpr double kLine = 24;
constexpr double kPatch = 10;  // of colour, before the words

}  // namespace

SpreadBar::SpreadBar(QWidget* parent) : QWidget(parent) {
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
    setToolTip(
        tr("Habit: single counts that always lean. Wander: neighbours that lean together. Rest: what differs from "
           "stroke to stroke."));
}

void SpreadBar::setTiming(const Timing& timing) {
    m_timing = timing;
    setAccessibleName(tr("Spread: habit %1 %, wander %2 %, rest %3 %")
                          .arg(qRound(100 * timing.habitShare))
                          .arg(qRound(100 * timing.wanderShare))
                          .arg(qRound(100 * timing.remainderShare)));
    setVisible(timing.spreadMs.has_value());
    update();
}

void SpreadBar::paintEvent(QPaintEvent* /*event*/) {
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(typeFace(Type::kText, true));
    painter.setPen(theme.ink);
    painter.drawText(QRectF(0, 0, width(), 24), Qt::AlignVCenter, tr("Where the spread comes from"));
    constexpr double kGap = 2;
    const double room = width() - kGap * 2;
    double x = 0;
    painter.setFont(typeFace(Type::kText));
    for (const Part& part : partsIn(width())) {
        const double wide = room * part.share;
        painter.setPen(Qt::NoPen);
        painter.setBrush(part.colour);
        if (wide > 0) painter.drawRoundedRect(QRectF(x, 30, std::max(2.0, wide), 14), 3, 3);
        x += wide + kGap;
        painter.drawRoundedRect(QRectF(part.at.x(), part.at.y() + 0.5 * (kLine - kPatch), kPatch, kPatch), 2, 2);
        painter.setPen(theme.ink);
        painter.drawText(QRectF(part.at.x() + kPatch + 4, part.at.y(), width(), kLine), Qt::AlignVCenter, part.words);
    }
}

int SpreadBar::heightForWidth(int width) const {
    return static_cast<int>(partsIn(width).back().at.y() + kLine + 4);
}

std::array<SpreadBar::Part, 3> SpreadBar::partsIn(int width) const {
    const Theme& theme = Theme::of(palette());
    std::array<Part, 3> parts{Part{tr("habit"), m_timing.habitShare, theme.ink, {}},
                              Part{tr("wander"), m_timing.wanderShare, theme.inkSoft, {}},
                              Part{tr("rest"), m_timing.remainderShare, theme.target, {}}};
    const QFontMetricsF metrics(typeFace(Type::kText));
    QPointF at(0, kFirstLine);
    for (Part& part : parts) {
        part.words = QStringLiteral("%1 %2 %").arg(part.words).arg(qRound(100 * part.share));
        const double wide = kPatch + 4 + metrics.horizontalAdvance(part.words);
        if (at.x() > 0 && at.x() + wide > width) at = QPointF(0, at.y() + kLine);
        part.at = at;
        at.rx() += wide + 8;
    }
    return parts;
}

}  // namespace upbeat
