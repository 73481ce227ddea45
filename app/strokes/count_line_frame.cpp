// What stands around the strokes: bar lines, spans, words.
#include "strokes/count_line.h"

#include <QPainter>
#include <algorithm>

#include "strokes/stroke_painter.h"
#include "theme/words.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/dynamics.h"
#include "upbeat/music/following.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/tempo_words.h"
#include "upbeat/music/transform.h"

namespace upbeat {

/// Words on a ground of their own: the line of a dynamic or a free span may lie there.
void CountLine::paintMark(QPainter& painter, const QPointF& corner, const QString& text) const {
    const Theme& theme = Theme::of(palette());
    painter.setFont(typeFace(Type::kSmall, true));
    const QRectF box(corner, QSizeF(painter.fontMetrics().horizontalAdvance(text) + 6, 19));
    painter.fillRect(box, theme.surface);
    painter.setPen(theme.inkSoft);
    painter.drawText(box, Qt::AlignCenter, text);
}

/// Where a bar begins, and its meter where that changes.
void CountLine::paintBars(QPainter& painter) const {
    const Theme& theme = Theme::of(palette());
    painter.setFont(typeFace(Type::kSmall, true));
    const auto& columns = m_page.columns;
    int bar = -1;
    for (std::size_t i = 0; i < columns.size(); ++i) {
        if (!columns[i].onBar) continue;
        ++bar;
        if (!inView(columns[i].place)) continue;
        const double here = x(columns[i].place);
        if (bar > m_firstBar) {
            const double line = 0.5 * (x(columns[i - 1].place) + here);
            painter.setPen(QPen(theme.edge, 2));
            painter.drawLine(QPointF(line, 8), QPointF(line, height() - wordsHeight() + 4));
        }
        const Meter meter = barOf(m_exercise, bar + 1).meter;
        const bool isNew = bar == m_firstBar || meter != barOf(m_exercise, bar).meter;
        std::string marks = m_exercise.meterChanges.empty() || !isNew ? std::string() : meter.toString();
        if (const std::string tempo = tempoMarkOf(m_exercise, bar + 1); !tempo.empty())
            marks += (marks.empty() ? "" : "  ") + tempo;
        if (const auto there = followedBar(m_exercise, bar + 1))
            marks += (marks.empty() ? "" : "  ") + tr("as bar %1").arg(printedBar(m_exercise, *there)).toStdString();
        if (marks.empty()) continue;
        // Beside the first column: the pen may stand there.
        const double next = x(i + 1 < columns.size() ? columns[i + 1].place : 1.0);
        const QString text = QString::fromStdString(marks);
        paintMark(painter, {0.5 * (here + next) + 3, 3}, text);
    }
}

/// Free spans as a hatched ground, swells as a wedge along the top, dynamics as their letters.
void CountLine::paintSpans(QPainter& painter) const {
    const Theme& theme = Theme::of(palette());
    const double length = m_exercise.length().toDouble();
    const auto visible = [this](double place) {
        return std::clamp(x(place), left() - 14, static_cast<double>(width()) - 8);
    };
    const double bottom = height() - wordsHeight();
    for (const FreeSpan& span : m_exercise.freeSpans) {
        const double from = visible(span.from.toDouble() / length);
        painter.fillRect(QRectF(from, 6, visible(span.to.toDouble() / length) - from, bottom - 6),
                         QBrush(theme.edge, Qt::BDiagPattern));
        if (span.notes > 0) paintMark(painter, {from + 3, bottom - 22}, tr("any %1").arg(span.notes));
    }
    for (const Swell& swell : m_exercise.swells) {
        constexpr double kOpen = 5;
        constexpr double kTop = 12;
        const double from = visible(swell.from.toDouble() / length);
        const double to = visible(swell.to.toDouble() / length);
        if (!(from < to)) continue;
        painter.setPen(QPen(theme.inkSoft, 2));
        if (swell.isLevel()) {
            const QString mark = inWords(dynamicOfLevel(swell.fromDb));
            const QFont font = typeFace(Type::kSmall, true);
            painter.setFont(font);
            const double width = QFontMetricsF(font).horizontalAdvance(mark) + 8;
            painter.drawText(QRectF(from - 4, kTop - 12, width, 22), Qt::AlignVCenter, mark);
            painter.setPen(QPen(theme.edge, 2));
            painter.drawLine(QPointF(from + width, kTop), QPointF(std::max(from + width, to - 14), kTop));
            continue;
        }
        const double narrow = swell.fromDb < swell.toDb ? from : to;
        const double wide = swell.fromDb < swell.toDb ? to : from;
        painter.drawLine(QPointF(narrow, kTop), QPointF(wide, kTop - kOpen));
        painter.drawLine(QPointF(narrow, kTop), QPointF(wide, kTop + kOpen));
    }
}

void CountLine::paintWords(QPainter& painter, const QRectF& row) const {
    const Theme& theme = Theme::of(palette());
    const double perBar = static_cast<double>(m_page.columns.size()) / m_exercise.bars;
    const double columnWidth = (width() - x(m_page.placeOfBar(m_firstBar))) / (perBar * barsInView());
    const bool narrow = columnWidth < 18;
    for (const FieldColumn& column : m_page.columns) {
        if (!inView(column.place) || (narrow && !column.onBeat)) continue;
        const double largest = height() < kLow ? 15.0 : 24.0;
        const double size = std::clamp(0.62 * columnWidth, 12.0, column.onBeat ? largest : 0.75 * largest);
        painter.setFont(typeFace(size, column.onBeat));
        painter.setPen(column.onBeat ? theme.ink : theme.inkSoft);
        painter.drawText(QRectF(x(column.place) - 40, row.top(), 80, row.height() - 4), Qt::AlignCenter,
                         QString::fromStdString(column.word));
    }
}

int CountLine::spokenRowCount() const {
    return m_exercise.bars;
}

/// A bar in the letters of the text form: every voice with its strokes.
QString CountLine::spokenRow(int row) const {
    QStringList voices;
    Exercise one = barsOf(m_exercise, row + 1, row + 1);
    one.sections.clear();
    for (const QString& line : QString::fromStdString(toText(one)).split(QLatin1Char('\n')))
        if (line.contains(QLatin1Char('|'))) voices << QString(line).remove(QLatin1Char('|')).simplified();
    return tr("bar %1").arg(printedBar(m_exercise, row + 1)) + QStringLiteral(": ") + voices.join(QStringLiteral("; "));
}

}  // namespace upbeat
