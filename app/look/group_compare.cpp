#include "look/group_compare.h"

#include <QPainter>
#include <algorithm>
#include <array>
#include <cmath>

#include "look/compare_row.h"
#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

namespace {

constexpr int kRowHeight = CompareRow::kHeight;
constexpr int kHeadingHeight = CompareRow::kHeadingHeight;
constexpr int kLineHeight = 42;

QString title(Axis axis) {
    switch (axis) {
        case Axis::Voice:
            return GroupCompare::tr("Voices");
        case Axis::Limb:
            return GroupCompare::tr("Hands and feet");
        case Axis::Level:
            return GroupCompare::tr("Levels");
        case Axis::Count:
            return GroupCompare::tr("Counts");
        case Axis::Partial:
            return GroupCompare::tr("Places in the beat");
    }
    return {};
}

constexpr std::array<const char*, 3> kOfLevel{UPBEAT_TEXT("%1, ghosts"), UPBEAT_TEXT("%1, taps"),
                                              UPBEAT_TEXT("%1, accents")};

/// Every time the click came back, or the page: where, how far off, and how that came about.
std::vector<CompareLine> returnLines(const Returns& returns) {
    std::vector<CompareLine> lines;
    for (const Return& one : returns.all) {
        const QString side = one.landsMs < 0 ? GroupCompare::tr("%1 ms early") : GroupCompare::tr("%1 ms late");
        QString figure = side.arg(std::abs(one.landsMs), 0, 'f', 0);
        if (one.way == Return::Way::Jump) figure += GroupCompare::tr(", by a jump");
        if (one.way == Return::Way::Drift) figure += GroupCompare::tr(", by drifting");
        const QString after = one.barsAway == 0
                                  ? GroupCompare::tr("after the free notes")
                                  : counted(one.barsAway, UPBEAT_TEXT("after 1 bar"), UPBEAT_TEXT_N("after %n bars"));
        lines.push_back(
            {GroupCompare::tr("Back with the click"), GroupCompare::tr("bar %1, %2").arg(one.bar).arg(after), figure});
    }
    return lines;
}

}  // namespace

std::vector<CompareLine> compareLines(const TakeAnalysis& analysis) {
    std::vector<CompareLine> lines;
    const Measures& m = analysis.measures;
    if (m.returns) lines = returnLines(*m.returns);
    for (const Unison& u : m.unisons) {
        const Figure& figure = u.behindMs.value_or(u.apartMs);
        const QString names = u.behindMs ? GroupCompare::tr("%1 after %2") : GroupCompare::tr("%1 and %2 apart");
        lines.push_back({GroupCompare::tr("Struck together"),
                         names.arg(inWords(words::nameOf(u.voice)), inWords(words::nameOf(u.against))),
                         GroupCompare::tr("%1 ms ±%2, %3 times")
                             .arg(tenths(figure.value))
                             .arg(tenths(figure.halfWidth()))
                             .arg(figure.n)});
    }
    for (const RollPlayed& r : m.rolls)
        if (r.longestGapMs && r.rippleDb)
            lines.push_back(
                {GroupCompare::tr("Rolls"),
                 GroupCompare::tr("from %1").arg(inWords(words::placeOf(analysis.matched.exercise, r.stroke))),
                 GroupCompare::tr("longest gap %1 ms, ripple %2 dB")
                     .arg(r.longestGapMs->value, 0, 'f', 0)
                     .arg(tenths(r.rippleDb->value))});
    for (const StrokeQuality& q : m.quality)
        lines.push_back({GroupCompare::tr("Alike in sound"),
                         inWords(Text::with(kOfLevel.at(static_cast<std::size_t>(q.level)), words::nameOf(q.voice))),
                         GroupCompare::tr("within %1 dB, %2 odd").arg(tenths(q.distanceDb.value)).arg(q.odd.size())});
    return lines;
}

GroupCompare::GroupCompare(QWidget* parent) : QWidget(parent) {}

void GroupCompare::setAnalysis(const TakeAnalysis& analysis) {
    m_rows.clear();
    // Single counts are what the field itself shows.
    for (const GroupRow& row : analysis.measures.groups)
        if (row.axis != Axis::Count && row.offsetMs) m_rows.push_back(row);
    m_loudestDb = -120;
    for (const GroupRow& row : m_rows)
        if (row.levelDb) m_loudestDb = std::max(m_loudestDb, row.levelDb->value);
    int headings = 0;
    for (std::size_t i = 0; i < m_rows.size(); ++i)
        if (i == 0 || m_rows[i].axis != m_rows[i - 1].axis) ++headings;
    m_lines = compareLines(analysis);
    for (std::size_t i = 0; i < m_lines.size(); ++i)
        if (i == 0 || m_lines[i].heading != m_lines[i - 1].heading) ++headings;
    setMinimumHeight(static_cast<int>(m_rows.size()) * kRowHeight + static_cast<int>(m_lines.size()) * kLineHeight +
                     headings * kHeadingHeight + 10);
    update();
}

void GroupCompare::paintEvent(QPaintEvent* /*event*/) {
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    double y = 0;
    for (std::size_t i = 0; i < m_rows.size(); ++i) {
        const GroupRow& row = m_rows[i];
        if (i == 0 || row.axis != m_rows[i - 1].axis) paintHeading(painter, title(row.axis), y);
        const double level = row.levelDb ? row.levelDb->value - m_loudestDb : -12;
        const Limb limb = row.axis == Axis::Limb ? static_cast<Limb>(row.key) : Limb::RightHand;
        const QString hits =
            row.levelDb ? tr("%1 hits, %2 dB").arg(row.n).arg(tenths(level)) : tr("%1 hits").arg(row.n);
        paintCompareRow(painter, theme, {inWords(words::nameOf(row)), row.offsetMs, level, limb, hits}, y, width());
        y += kRowHeight;
    }
    paintLines(painter, y);
}

void GroupCompare::paintHeading(QPainter& painter, const QString& text, double& y) const {
    paintCompareHeading(painter, Theme::of(palette()), text, y, width());
    y += kHeadingHeight;
}

void GroupCompare::paintLines(QPainter& painter, double y) const {
    const Theme& theme = Theme::of(palette());
    for (std::size_t i = 0; i < m_lines.size(); ++i) {
        const CompareLine& line = m_lines[i];
        if (i == 0 || line.heading != m_lines[i - 1].heading) paintHeading(painter, line.heading, y);
        painter.setFont(typeFace(Type::kText));
        painter.setPen(theme.ink);
        painter.drawText(QRectF(0, y + 2, width(), 20), Qt::AlignLeft | Qt::AlignVCenter, line.name);
        painter.setPen(theme.inkSoft);
        painter.drawText(QRectF(0, y + 20, width(), 20), Qt::AlignLeft | Qt::AlignVCenter, line.figure);
        y += kLineHeight;
    }
}

}  // namespace upbeat
