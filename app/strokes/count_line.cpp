#include "strokes/count_line.h"

#include <QPainter>
#include <algorithm>

#include "strokes/stroke_painter.h"
#include "theme/words.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/dynamics.h"

namespace upbeat {

namespace {

constexpr double kNames = 104;
constexpr double kLetters = 22;
constexpr double kHandsShare = 0.66;  // of a folded row: above the line

}  // namespace

void CountLine::setLevels(const PageLevels& levels) {
    if (levels == m_levels) return;
    m_levels = levels;
    update();
}

CountLine::CountLine(QWidget* parent) : QWidget(parent) {
    setMinimumHeight(60);
}

void CountLine::setExercise(const Exercise& exercise) {
    m_exercise = exercise;
    m_page = fieldOf(exercise);
    m_firstBar = 0;
    setAccessibleName(tr("Count line of %1").arg(QString::fromStdString(exercise.title)));
    update();
}

void CountLine::showState(const Exercise& exercise, std::vector<FieldColumn> columns) {
    m_exercise = exercise;
    m_page = fieldOf(exercise);
    if (!columns.empty()) m_page.columns = std::move(columns);
    scrollBars(0);
}

void CountLine::setFolded(bool folded) {
    m_folded = folded;
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

void CountLine::showBar(int bar) {
    if (bar < m_firstBar) scrollBars(bar - m_firstBar);
    if (bar >= m_firstBar + barsInView()) scrollBars(bar - m_firstBar - barsInView() + 1);
}

std::vector<Voice> CountLine::voices() const {
    return rowsOf(m_exercise);
}

double CountLine::left() const {
    return 18 + (voices().size() > 1 && !m_folded ? kNames : 16);
}

double CountLine::x(double place) const {
    const double from = m_page.placeOfBar(m_firstBar);
    const double span = m_page.placeOfBar(m_firstBar + barsInView()) - from;
    return left() + (place - from) / span * (width() - left() - 2);
}

double CountLine::placeAt(double pixel) const {
    const double from = m_page.placeOfBar(m_firstBar);
    const double span = m_page.placeOfBar(m_firstBar + barsInView()) - from;
    return from + (pixel - left()) / (width() - left() - 2) * span;
}

bool CountLine::inView(double place) const {
    const int bar = m_page.barAt(place);
    return bar >= m_firstBar && bar < m_firstBar + barsInView();
}

double CountLine::wordsHeight() const {
    return height() < kLow ? 26 : 44;
}

QRectF CountLine::rowRect(std::size_t row) const {
    const double rows = m_folded ? 1.0 : static_cast<double>(std::max<std::size_t>(1, voices().size()));
    const double height = (this->height() - wordsHeight() - 12) / rows;
    return {0, 8 + static_cast<double>(row) * height, static_cast<double>(width()), height};
}

void CountLine::paintEvent(QPaintEvent* /*event*/) {
    const auto list = voices();
    if (list.empty()) return;
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    paintCard(painter, *this);
    paintMarks(painter);
    paintSpans(painter);
    paintBars(painter);
    const std::size_t rows = m_folded ? 1 : list.size();
    for (std::size_t i = 0; i < rows; ++i) paintVoice(painter, i, list[i]);
    paintWords(painter, QRectF(0, height() - wordsHeight(), width(), wordsHeight()));
    if (barsInView() < m_exercise.bars) {
        painter.setFont(typeFace(Type::kSmall));
        painter.setPen(theme.inkSoft);
        const QString text = tr("bar %1 of %2").arg(m_firstBar + 1).arg(m_exercise.bars);
        if (left() > kNames)
            painter.drawText(QRectF(12, height() - wordsHeight(), kNames, wordsHeight() - 4), Qt::AlignVCenter, text);
        else
            painter.drawText(QRectF(0, 4, width() - 12, 20), Qt::AlignRight, text);
    }
}

void CountLine::paintVoice(QPainter& painter, std::size_t row, Voice voice) const {
    const Theme& theme = Theme::of(palette());
    const QRectF box = rowRect(row);
    const double base = m_folded ? box.top() + kHandsShare * box.height() : box.bottom() - kLetters;
    const bool named = left() > kNames;
    painter.setPen(QPen(theme.edge, 1));
    painter.drawLine(QPointF(named ? kNames : 12, base), QPointF(box.right() - 12, base));
    if (named) {
        painter.setFont(typeFace(Type::kSmall));
        painter.setPen(theme.inkSoft);
        painter.drawText(QRectF(12, base - 20, kNames - 16, 24), Qt::AlignVCenter, inWords(words::nameOf(voice)));
    }
    for (std::size_t i = 0; i < m_exercise.strokes.size(); ++i)
        if ((m_folded || m_exercise.strokes[i].voice == voice) && inView(m_page.strokePlaces[i]))
            paintStroke(painter, i, box, base);
}

/// Folded, both hands of one count stand side by side, and the feet hang below the line.
StrokeShape CountLine::shapeOf(const Stroke& s, const QPointF& foot, const StrokeScale& scale, double width) const {
    const double asked = askedMs(m_exercise.placements, s.voice, Bpm(m_exercise.tempo.goal));
    if (!m_folded) return shapeStroke(foot, asked, heightDb(m_levels, m_exercise, s), s.limb, scale, asked);
    const auto isOtherHand = [&s](const Stroke& o) { return o.at == s.at && o.limb != s.limb && isHand(o.limb); };
    if (isHand(s.limb)) {
        const bool shared = std::any_of(m_exercise.strokes.begin(), m_exercise.strokes.end(), isOtherHand);
        const double aside = shared ? (s.limb == Limb::RightHand ? width : -width) : 0.0;
        return shapeStroke(foot + QPointF(aside, 0), 0, heightDb(m_levels, m_exercise, s), s.limb, scale);
    }
    StrokeShape shape = shapeStroke(foot + QPointF(0, 3), 0, heightDb(m_levels, m_exercise, s), s.limb, scale);
    const double reach = (1 - kHandsShare) / kHandsShare * (shape.foot.y() - shape.tip.y());
    shape.tip = shape.foot + QPointF(0, reach);
    return shape;
}

void CountLine::paintStroke(QPainter& painter, std::size_t index, const QRectF& row, double base) const {
    const Theme& theme = Theme::of(palette());
    const Stroke& s = m_exercise.strokes[index];
    StrokeScale scale;
    scale.fullHeight = std::max(10.0, m_folded ? base - row.top() - 6 : row.height() - kLetters - 12);
    const double width = std::clamp(row.height() / 22.0, 3.0, 6.5);
    const StrokePainter strokes(painter, theme, width);
    const StrokeShape shape = shapeOf(s, {x(m_page.strokePlaces[index]), base}, scale, width);
    const QPointF foot = shape.foot;
    if (shape.tip.y() < foot.y())
        strokes.target(foot, strokeHeight(heightDb(m_levels, m_exercise, s), scale), shape.tip.x() - foot.x());
    for (int g = graceNotes(s.ornament); g > 0; --g)
        StrokePainter(painter, theme, 0.6 * width)
            .stroke(shapeStroke(foot - QPointF(3.2 * width * g, 0), 0, -24,
                                s.limb == Limb::RightHand ? Limb::LeftHand : Limb::RightHand, scale));
    strokes.stroke(shape);
    painter.setPen(QPen(theme.ink, 0.35 * width));
    if (s.ornament == Ornament::ClosedRoll)  // bounces behind the stroke
        for (int i = 1; i <= 4; ++i)
            painter.drawLine(foot + QPointF(1.3 * width * i, -2),
                             foot + QPointF(1.3 * width * i, -2 - 0.22 * scale.fullHeight));
    if (s.anchor) {
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(shape.tip - QPointF(0, 1.4 * width), 0.8 * width, 0.8 * width);
    }
    if (m_folded) return;
    painter.setFont(typeFace(13, s.level == Level::Accent));
    painter.setPen(theme.inkSoft);
    painter.drawText(QRectF(foot.x() - 14, base + 5, 28, 18), Qt::AlignCenter,
                     QString::fromStdString(m_page.hands[index]));
}

}  // namespace upbeat
