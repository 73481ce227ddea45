#include "strokes/count_line.h"

#include <QPainter>
#include <algorithm>

#include "strokes/stroke_painter.h"
#include "theme/words.h"

namespace upbeat {

namespace {

constexpr double kNames = 104;
constexpr double kWords = 44;

}  // namespace

CountLine::CountLine(QWidget* parent) : QWidget(parent) {
    setMinimumHeight(150);
}

void CountLine::setExercise(const Exercise& exercise) {
    m_exercise = exercise;
    m_page = fieldOf(exercise);
    m_firstBar = 0;
    setAccessibleName(tr("Count line of %1").arg(QString::fromStdString(exercise.title)));
    update();
}

int CountLine::barsInView() const {
    const double perBar = static_cast<double>(m_page.columns.size()) / std::max(1, m_exercise.bars);
    const int fitting = static_cast<int>(std::max(1.0, (width() - kNames) / (22.0 * std::max(perBar, 1.0))));
    return std::min(fitting, m_exercise.bars);
}

void CountLine::scrollBars(int steps) {
    m_firstBar = std::clamp(m_firstBar + steps, 0, std::max(0, m_exercise.bars - barsInView()));
    update();
}

std::vector<Voice> CountLine::voices() const {
    std::vector<Voice> found;
    for (const Stroke& s : m_exercise.strokes)
        if (std::find(found.begin(), found.end(), s.voice) == found.end()) found.push_back(s.voice);
    // Feet at the bottom, hands above: as the kit stands.
    std::stable_partition(found.begin(), found.end(),
                          [](Voice v) { return v != Voice::Kick && v != Voice::HiHatFoot; });
    return found;
}

double CountLine::x(double place) const {
    const double from = static_cast<double>(m_firstBar) / m_exercise.bars;
    const double span = static_cast<double>(barsInView()) / m_exercise.bars;
    const double left = voices().size() > 1 ? kNames : 16;
    return left + 18 + (place - from) / span * (width() - left - 20);
}

bool CountLine::inView(double place) const {
    const double bar = place * m_exercise.bars;
    return bar >= m_firstBar - 1e-9 && bar < m_firstBar + barsInView() - 1e-9;
}

void CountLine::paintEvent(QPaintEvent* /*event*/) {
    if (m_exercise.strokes.empty()) return;
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(theme.edge, 1));
    painter.setBrush(theme.surface);
    painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 8, 8);
    const auto list = voices();
    const double rowHeight = (height() - kWords - 12) / static_cast<double>(list.size());
    for (std::size_t i = 0; i < list.size(); ++i)
        paintVoice(painter, list[i], QRectF(0, 8 + static_cast<double>(i) * rowHeight, width(), rowHeight),
                   list.size() > 1);
    paintWords(painter, QRectF(0, height() - kWords, width(), kWords));
    if (barsInView() < m_exercise.bars) {
        painter.setFont(typeFace(Type::kSmall));
        painter.setPen(theme.inkSoft);
        painter.drawText(QRectF(0, 4, width() - 12, 20), Qt::AlignRight,
                         tr("bar %1 of %2").arg(m_firstBar + 1).arg(m_exercise.bars));
    }
}

void CountLine::paintVoice(QPainter& painter, Voice voice, const QRectF& row, bool named) const {
    const Theme& theme = Theme::of(palette());
    const double base = row.bottom() - 22;
    painter.setPen(QPen(theme.edge, 1));
    painter.drawLine(QPointF(named ? kNames : 12, base), QPointF(row.right() - 12, base));
    if (named) {
        painter.setFont(typeFace(Type::kSmall));
        painter.setPen(theme.inkSoft);
        painter.drawText(QRectF(12, base - 20, kNames - 16, 24), Qt::AlignVCenter, inWords(spokenName(voice)));
    }
    StrokeScale scale;
    scale.fullHeight = std::max(14.0, row.height() - 34);
    const double width = std::clamp(row.height() / 22.0, 3.0, 6.5);
    const StrokePainter strokes(painter, theme, width);
    for (std::size_t i = 0; i < m_exercise.strokes.size(); ++i) {
        const Stroke& s = m_exercise.strokes[i];
        if (s.voice != voice || !inView(m_page.strokePlaces[i])) continue;
        const QPointF foot(x(m_page.strokePlaces[i]), base);
        strokes.target(foot, strokeHeight(targetDb(s.level), scale));
        for (int g = graceNotes(s.ornament); g > 0; --g)
            StrokePainter(painter, theme, 0.6 * width)
                .stroke(shapeStroke(foot - QPointF(3.2 * width * g, 0), 0, -24,
                                    s.limb == Limb::RightHand ? Limb::LeftHand : Limb::RightHand, scale));
        strokes.stroke(shapeStroke(foot, 0, targetDb(s.level), s.limb, scale));
        painter.setFont(typeFace(13, s.level == Level::Accent));
        painter.setPen(theme.inkSoft);
        painter.drawText(QRectF(foot.x() - 14, base + 5, 28, 18), Qt::AlignCenter, m_page.hands[i]);
    }
}

void CountLine::paintWords(QPainter& painter, const QRectF& row) const {
    const Theme& theme = Theme::of(palette());
    const double perBar = static_cast<double>(m_page.columns.size()) / m_exercise.bars;
    const double columnWidth =
        (width() - x(static_cast<double>(m_firstBar) / m_exercise.bars)) / (perBar * barsInView());
    const bool narrow = columnWidth < 18;
    for (const FieldColumn& column : m_page.columns) {
        if (!inView(column.place) || (narrow && !column.onBeat)) continue;
        const double size = std::clamp(0.62 * columnWidth, 12.0, column.onBeat ? 24.0 : 18.0);
        painter.setFont(typeFace(size, column.onBeat));
        painter.setPen(column.onBeat ? theme.ink : theme.inkSoft);
        painter.drawText(QRectF(x(column.place) - 40, row.top() + 4, 80, 32), Qt::AlignCenter, column.word);
    }
}

}  // namespace upbeat
