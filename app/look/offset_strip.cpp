#include "look/offset_strip.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "theme/theme.h"
#include "upbeat/units/order_statistics.h"

namespace upbeat {

namespace {

constexpr double kLabelWidth = 52;

bool isMain(const MatchedStroke& stroke) {
    return stroke.written.role == Role::Main;
}

bool isAbout(const std::vector<int>& strokes, const MatchedStroke& stroke) {
    return std::find(strokes.begin(), strokes.end(), stroke.written.stroke) != strokes.end();
}

}  // namespace

std::vector<int> strokesOf(const Exercise& exercise, const Finding& finding) {
    if (!finding.explains.empty()) return finding.explains;
    std::vector<int> strokes;
    if (!finding.stroke) return strokes;
    const Beats at = exercise.strokes[static_cast<std::size_t>(*finding.stroke)].at;
    const bool ofTime = finding.kind == FindingKind::Early || finding.kind == FindingKind::Late;
    for (std::size_t i = 0; i < exercise.strokes.size(); ++i)
        if (static_cast<int>(i) == *finding.stroke || (ofTime && exercise.strokes[i].at == at))
            strokes.push_back(static_cast<int>(i));
    return strokes;
}

OffsetStrip::OffsetStrip(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    setAccessibleName(tr("All strokes of the take in order: high is late, low is early"));
}

void OffsetStrip::setAnalysis(std::shared_ptr<const TakeAnalysis> analysis) {
    m_analysis = std::move(analysis);
    m_finding = -1;
    m_endS = 1;
    std::vector<double> away;
    if (m_analysis)
        for (const MatchedStroke& s : m_analysis->matched.strokes) {
            if (!isMain(s)) continue;
            away.push_back(std::abs(s.offsetMs));
            m_endS = std::max(m_endS, s.written.gridS);
        }
    // All but the wildest strokes lie inside.
    constexpr double kInside = 0.98;
    constexpr double kLeastMs = 15;
    m_scaleMs = away.empty() ? kLeastMs : std::max(kLeastMs, 5 * std::ceil(quantile(away, kInside) / 5));
    setVisible(!away.empty());
    update();
}

void OffsetStrip::setFinding(int index) {
    m_finding = index;
    update();
}

const Finding* OffsetStrip::finding() const {
    if (!m_analysis || m_finding < 0 || m_finding >= static_cast<int>(m_analysis->findings.size())) return nullptr;
    return &m_analysis->findings[static_cast<std::size_t>(m_finding)];
}

QPointF OffsetStrip::pointOf(const QRectF& room, double gridS, double offsetMs) const {
    const double high = std::clamp(offsetMs / m_scaleMs, -1.0, 1.0);
    return {room.left() + room.width() * gridS / m_endS, room.center().y() - 0.5 * room.height() * high};
}

void OffsetStrip::paintEvent(QPaintEvent* /*event*/) {
    if (!m_analysis) return;
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    paintCard(painter, *this);
    const QRectF room = QRectF(rect()).adjusted(kLabelWidth + 12, 9, -14, -9);
    painter.setFont(typeFace(Type::kText));
    painter.setPen(theme.late);
    painter.drawText(QRectF(10, 6, kLabelWidth, 22), Qt::AlignVCenter, tr("late"));
    painter.setPen(theme.early);
    painter.drawText(QRectF(10, height() - 28, kLabelWidth, 22), Qt::AlignVCenter, tr("early"));
    painter.setPen(QPen(theme.inkSoft, 1, Qt::DashLine));
    painter.drawLine(QPointF(room.left(), room.center().y()), QPointF(room.right(), room.center().y()));
    paintDots(painter, room);
    if (finding() != nullptr) paintCause(painter, room);
}

void OffsetStrip::paintDots(QPainter& painter, const QRectF& room) const {
    const Theme& theme = Theme::of(palette());
    const MatchedTake& take = m_analysis->matched;
    const auto about = finding() != nullptr ? strokesOf(take.exercise, *finding()) : std::vector<int>();
    QColor soft = theme.ink;
    if (!about.empty()) soft.setAlphaF(0.25F);
    painter.setPen(Qt::NoPen);
    for (const bool lit : {false, true})
        for (const MatchedStroke& s : take.strokes) {
            if (!isMain(s) || isAbout(about, s) != lit) continue;
            painter.setBrush(!lit ? soft : (s.offsetMs < 0 ? theme.early : theme.late));
            const double radius = lit ? 3.5 : 2;
            painter.drawEllipse(pointOf(room, s.written.gridS, s.offsetMs), radius, radius);
        }
}

/// A line through the middle of what the finding is about; it slopes where the pulse of the take moves.
void OffsetStrip::paintCause(QPainter& painter, const QRectF& room) const {
    const Theme& theme = Theme::of(palette());
    const MatchedTake& take = m_analysis->matched;
    const auto about = strokesOf(take.exercise, *finding());
    const bool moves = std::holds_alternative<PulseDrifts>(finding()->fault);
    double half = 0;  // what the pulse moves in half of the take
    for (const Cause& cause : m_analysis->measures.causes.offsets.causes)
        if (std::holds_alternative<PulseMoves>(cause.of)) half = 0.5 * cause.size.value * take.bars;
    std::vector<double> offsets;
    for (const MatchedStroke& s : take.strokes)
        if (isMain(s) && (moves || isAbout(about, s))) offsets.push_back(s.offsetMs);
    if (offsets.empty()) return;
    const double middle = median(offsets);
    painter.setPen(QPen(middle + half < 0 ? theme.early : theme.late, 2.5));
    painter.drawLine(pointOf(room, 0, middle - half), pointOf(room, m_endS, middle + half));
}

}  // namespace upbeat
