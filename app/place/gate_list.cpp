#include "place/gate_list.h"

#include <QHelpEvent>
#include <QLocale>
#include <QPainter>
#include <QToolTip>
#include <algorithm>
#include <cmath>

#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

namespace {

constexpr double kLimitAt = 0.62;
constexpr double kGateHead = 44;
constexpr double kSmallRow = 33;

/// Met: a tick. Missed: a cross. Not sure: an open circle. Drawn, so that no font has to have them.
void paintMark(QPainter& painter, const QPointF& centre, GateState state, const QColor& ink) {
    painter.setPen(QPen(ink, 2.4, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.setBrush(Qt::NoBrush);
    switch (state) {
        case GateState::Met:
            painter.drawPolyline(
                QPolygonF({centre + QPointF(-6, 0), centre + QPointF(-2, 5), centre + QPointF(6, -5)}));
            break;
        case GateState::Missed:
            painter.drawLine(centre + QPointF(-5, -5), centre + QPointF(5, 5));
            painter.drawLine(centre + QPointF(-5, 5), centre + QPointF(5, -5));
            break;
        case GateState::Unsure:
            painter.drawEllipse(centre, 5, 5);
            break;
    }
}

/// What is asked, and where it is open how many takes more it needs.
QString nameOf(const GateEvidence& evidence, bool isRoomy) {
    QString name = inWords(words::nameOf(evidence.gate.kind));
    if (evidence.gate.state != GateState::Unsure) return name;
    const auto& more = evidence.takesToGo;
    const Gate& gate = evidence.gate;
    if (!more && !isWithin(gate, gate.measured.value))
        return isRoomy ? GateList::tr("%1: not there yet").arg(name) : name;
    if (!more) return isRoomy ? GateList::tr("%1: too near the limit").arg(name) : GateList::tr("%1: near").arg(name);
    const int left = std::max(1, *more);
    const QString takes = isRoomy ? counted(left, UPBEAT_TEXT("1 more take"), UPBEAT_TEXT_N("%n more takes"))
                                  : counted(left, UPBEAT_TEXT("1 more"), UPBEAT_TEXT_N("%n more"));
    return QStringLiteral("%1: %2").arg(name, takes);
}

}  // namespace

double strainOf(const Gate& gate, double value) {
    if (gate.limit <= 0) return value > 0 ? 1.0 : 0.0;
    const double ratio = gate.atLeast ? gate.limit / std::max(value, 0.05 * gate.limit) : value / gate.limit;
    return std::clamp(kLimitAt * ratio, 0.0, 1.0);
}

GateList::GateList(QWidget* parent, Size size) : QWidget(parent), m_size(size) {
    setMinimumWidth(250);
    if (size == Size::Small) setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
}

QSize GateList::sizeHint() const {
    if (m_size == Size::Roomy) return QWidget::sizeHint();
    return {250, static_cast<int>(kGateHead + kSmallRow * static_cast<double>(m_gates.size()) + 6)};
}

void GateList::setGates(std::vector<GateEvidence> gates, int takes) {
    m_gates = std::move(gates);
    m_takes = takes;
    QStringList spoken;
    for (const GateEvidence& e : m_gates)
        spoken << nameOf(e, true) + QLatin1Char(' ') + inWords(words::nameOf(e.gate.state));
    setAccessibleName(spoken.join(QStringLiteral(", ")));
    updateGeometry();
    update();
}

double GateList::rowHeight() const {
    if (m_size == Size::Small) return kSmallRow;
    return std::clamp((height() - kGateHead - 8) / std::max<double>(1.0, static_cast<double>(m_gates.size())), 30.0,
                      66.0);
}

bool GateList::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        const auto row = static_cast<std::size_t>(std::max(0.0, (help->pos().y() - kGateHead) / rowHeight()));
        if (row < m_gates.size())
            QToolTip::showText(help->globalPos(), inWords(words::explained(m_gates[row].gate.kind)), this);
        return true;
    }
    return QWidget::event(event);
}

void GateList::paintHeading(QPainter& painter) const {
    const Theme& theme = Theme::of(palette());
    painter.setFont(typeFace(m_size == Size::Small ? Type::kText : Type::kLead, true));
    painter.setPen(theme.ink);
    painter.drawText(QRectF(18, 8, width() - 36, 32), Qt::AlignVCenter, tr("What this rung asks"));
    painter.setFont(typeFace(Type::kText));
    painter.setPen(theme.inkSoft);
    if (width() > 340 && !m_gates.empty())
        painter.drawText(QRectF(18, 8, width() - 36, 32), Qt::AlignVCenter | Qt::AlignRight,
                         counted(m_takes, UPBEAT_TEXT("last take"), UPBEAT_TEXT_N("%n takes together")));
}

void GateList::paintEvent(QPaintEvent* /*event*/) {
    QPainter painter(this);
    paintCard(painter, *this);
    paintHeading(painter);
    if (m_gates.empty()) {
        painter.setFont(typeFace(Type::kText));
        painter.drawText(QRectF(rect()).adjusted(20, 40, -20, -20), Qt::AlignCenter | Qt::TextWordWrap,
                         tr("Play a take: then each thing asked stands here with what was measured."));
        return;
    }
    for (std::size_t i = 0; i < m_gates.size(); ++i)
        paintGate(painter, m_gates[i],
                  QRectF(18, kGateHead + static_cast<double>(i) * rowHeight(), width() - 36, rowHeight()));
}

void GateList::paintGate(QPainter& painter, const GateEvidence& evidence, const QRectF& row) const {
    const Gate& gate = evidence.gate;
    const Theme& theme = Theme::of(palette());
    const bool missed = gate.state == GateState::Missed;
    const QColor ink = missed ? theme.late : theme.ink;
    paintMark(painter, QPointF(row.left() + 8, row.top() + 14), gate.state,
              gate.state == GateState::Unsure ? theme.inkSoft : ink);
    painter.setFont(typeFace(Type::kText, missed && m_size == Size::Roomy));
    painter.setPen(ink);
    const QString name = nameOf(evidence, m_size == Size::Roomy);
    const QString figure = inWords(words::figureOf(gate.kind, gate.measured.value));
    const QFont bold = typeFace(Type::kText, true);
    const double room = row.width() - 24 - 8 - QFontMetricsF(bold).horizontalAdvance(figure);
    painter.drawText(QRectF(row.left() + 24, row.top() + 2, room, 24), Qt::AlignVCenter,
                     QFontMetricsF(painter.font()).elidedText(name, Qt::ElideRight, room));
    painter.setFont(bold);
    painter.drawText(QRectF(row.left(), row.top() + 2, row.width(), 24), Qt::AlignRight | Qt::AlignVCenter, figure);
    constexpr double kRoomForTrack = 32;
    if (row.height() >= kRoomForTrack) paintTrack(painter, gate, row);
}

void GateList::paintTrack(QPainter& painter, const Gate& gate, const QRectF& row) const {
    const Theme& theme = Theme::of(palette());
    const bool small = m_size == Size::Small;
    const QRectF track(row.left() + 24, row.top() + (small ? 25 : 30),
                       small ? row.width() - 24 : std::max(40.0, row.width() - 150), small ? 4 : 7);
    painter.setPen(Qt::NoPen);
    painter.setBrush(theme.target);
    painter.drawRoundedRect(track, 3, 3);
    painter.setBrush(gate.state == GateState::Missed ? theme.late : theme.ink);
    painter.drawRoundedRect(QRectF(track.left(), track.top(),
                                   std::max(4.0, track.width() * strainOf(gate, gate.measured.value)), track.height()),
                            3, 3);
    const double low = strainOf(gate, gate.measured.low);
    const double high = strainOf(gate, gate.measured.high);
    painter.setPen(QPen(theme.inkSoft, 1.5));
    const double under = track.bottom() + (small ? 2.5 : 4);
    painter.drawLine(QPointF(track.left() + track.width() * low, under),
                     QPointF(track.left() + track.width() * high, under));
    painter.setPen(QPen(theme.ink, 2));
    const double limitX = track.left() + kLimitAt * track.width();
    const double top = track.top() - (small ? 1 : 4);
    painter.drawLine(QPointF(limitX, top), QPointF(limitX, track.bottom() + 4));
    if (gate.ownLimit) {
        painter.setBrush(theme.ink);
        painter.drawEllipse(QPointF(limitX, top), 3, 3);
    }
    if (small) return;
    painter.setFont(typeFace(Type::kText));
    painter.setPen(theme.inkSoft);
    const QString words = gate.ownLimit ? (gate.atLeast ? tr("yours: at least %1") : tr("yours: at most %1"))
                                        : (gate.atLeast ? tr("at least %1") : tr("at most %1"));
    const QString asked =
        words.arg(QLocale().toString(gate.limit, 'f', gate.kind == GateKind::Mistakes || gate.limit >= 20 ? 0 : 1));
    painter.drawText(QRectF(row.left(), row.top() + 23, row.width(), 20), Qt::AlignRight | Qt::AlignVCenter, asked);
}

int GateList::spokenRowCount() const {
    return static_cast<int>(m_gates.size());
}

QString GateList::spokenRow(int row) const {
    const Gate& gate = m_gates[static_cast<std::size_t>(row)].gate;
    const auto figure = [&gate](double value) { return inWords(words::figureOf(gate.kind, value)); };
    const QString asked =
        gate.atLeast ? tr("at least %1").arg(figure(gate.limit)) : tr("at most %1").arg(figure(gate.limit));
    return QStringLiteral("%1: %2, %3, %4")
        .arg(inWords(words::nameOf(gate.kind)), figure(gate.measured.value), asked, inWords(words::nameOf(gate.state)));
}

}  // namespace upbeat
