// The phrase with the strokes as they land.
#include "play/play_place.h"

#include "theme/words.h"

#include <QPainter>
#include <QPolygonF>
#include <algorithm>
#include <cmath>

#include "place/verdict_bar.h"
#include "strokes/stroke_painter.h"
#include "studio/own_levels.h"

namespace upbeat {

namespace {

constexpr double kNames = 112;  // room for the names of the rows

}  // namespace

/// Where the phrase stands on the screen.
struct PlayPlace::PhraseView {
    double left = 0;
    double top = 0;
    double from = 0;  ///< The part of the phrase that is shown: its first place,
    double span = 1;  ///< and how much of it.
    double column = 40;
    double inset = 0;
    double room = 0;
    double base = 0;
    double width = 4;
    StrokeScale scale;
    std::vector<Voice> voices;  ///< A row for each, from above.
    double rowHeight = 0;

    [[nodiscard]] double baseOf(Voice voice) const {
        const auto row = std::find(voices.begin(), voices.end(), voice);
        return base - rowHeight * static_cast<double>(voices.end() - row - 1);
    }
    /// Where the strokes of one count stand side by side, and where each has a row.
    [[nodiscard]] QPointF footOf(double place, int slot, Voice voice) const {
        const double aside = voices.size() > 1 ? 0.0 : slot * 1.6 * width;
        return {xOf(place) + aside, baseOf(voice)};
    }

    [[nodiscard]] double xOf(double place) const { return left + inset + (place - from) / span * room; }
    [[nodiscard]] bool shows(double place) const { return place >= from - 1e-9 && place < from + span - 1e-9; }
};

/// A long phrase is shown a few bars at a time: the ones that are being played.
PlayPlace::PhraseView PlayPlace::viewOf(const QRectF& box, double place) const {
    const Exercise& e = exercise();
    const double perBar = static_cast<double>(m_page.columns.size()) / e.bars;
    const int barsShown = std::clamp(static_cast<int>(box.width() / (30.0 * perBar)), 1, e.bars);
    const int firstBar = std::min(m_page.barAt(place) / barsShown * barsShown, e.bars - barsShown);
    PhraseView view;
    view.voices = rowsOf(e);
    const double names = view.voices.size() > 1 ? kNames : 0;
    view.left = box.left() + names;
    view.top = box.top();
    view.from = m_page.placeOfBar(firstBar);
    view.span = m_page.placeOfBar(firstBar + barsShown) - view.from;
    view.column = (box.width() - names) / (perBar * barsShown);
    view.inset = 0.5 * std::min(view.column, 60.0);
    view.room = box.width() - names - 8;
    view.base = box.bottom() - std::max(52.0, 0.17 * box.height());
    view.rowHeight = (view.base - box.top()) / static_cast<double>(std::max<std::size_t>(1, view.voices.size()));
    view.scale.fullHeight = view.rowHeight / 1.25 - 8;
    view.scale.reach = std::min(0.44 * view.column, 40.0);
    view.width = std::clamp(0.10 * view.column, 2.0, 9.0);
    return view;
}

void PlayPlace::paintPhrase(QPainter& painter, const QRectF& box) const {
    const Theme& theme = Theme::of(palette());
    painter.setPen(QPen(theme.edge, 1));
    painter.setBrush(theme.surface);
    painter.drawRoundedRect(box.adjusted(0.5, 0.5, -0.5, -0.5), 8, 8);
    const Exercise& e = exercise();
    if (e.strokes.empty() || m_page.columns.empty()) return;
    const LiveTake* live = m_with.recorder.isRecording() ? m_with.recorder.live() : nullptr;
    const double place = live != nullptr ? live->placeInPass() : 0.0;
    const PhraseView view = viewOf(box, place);
    const StrokePainter strokes(painter, theme, view.width);
    paintRows(painter, view, box);
    const auto slots = slotsOf(e);
    const PageLevels levels = pageLevelsIn(m_with.setup);
    const Bpm tempo(m_with.stand.ladder().tempoBpm);
    for (std::size_t i = 0; i < e.strokes.size(); ++i)
        if (view.shows(m_page.strokePlaces[i]))
            strokes.target(view.footOf(m_page.strokePlaces[i], slots[i], e.strokes[i].voice),
                           strokeHeight(heightDb(levels, e, e.strokes[i]), view.scale),
                           strokeLean(askedMs(e.placements, e.strokes[i].voice, tempo), view.scale));
    if (live != nullptr && live->passNow() > 0) paintLive(painter, view, *live);
    for (const FieldColumn& c : m_page.columns) {
        if (!view.shows(c.place)) continue;
        painter.setFont(
            typeFace(c.onBeat ? std::clamp(0.5 * view.column, 16.0, 30.0) : std::clamp(0.4 * view.column, 12.0, 24.0),
                     c.onBeat));
        painter.setPen(c.onBeat ? theme.ink : theme.inkSoft);
        painter.drawText(QRectF(view.xOf(c.place) - 50, view.base + 10, 100, 40), Qt::AlignHCenter | Qt::AlignTop,
                         QString::fromStdString(c.word));
    }
}

/// The ground of every row, and whose it is where there are several.
void PlayPlace::paintRows(QPainter& painter, const PhraseView& view, const QRectF& box) const {
    const Theme& theme = Theme::of(palette());
    painter.setFont(typeFace(Type::kText));
    for (const Voice voice : view.voices) {
        const double base = view.baseOf(voice);
        painter.setPen(QPen(theme.edge, 1.4));
        painter.drawLine(QPointF(view.left + 2, base), QPointF(box.right() - 10, base));
        if (view.voices.size() < 2) continue;
        painter.setPen(theme.inkSoft);
        painter.drawText(QRectF(box.left() + 12, base - 24, kNames - 14, 28), Qt::AlignVCenter,
                         inWords(words::nameOf(voice)));
    }
}

void PlayPlace::paintLive(QPainter& painter, const PhraseView& view, const LiveTake& take) const {
    const Theme& theme = Theme::of(palette());
    const LiveTake* live = &take;
    const double place = take.placeInPass();
    const StrokePainter strokes(painter, theme, view.width);
    const auto footOf = [&](int stroke) {
        const auto index = static_cast<std::size_t>(stroke);
        return view.footOf(m_page.strokePlaces[index], m_page.strokeSlots[index], exercise().strokes[index].voice);
    };
    const auto draw = [&](int pass, double keepAfter) {
        for (const FieldMark& mark : live->marksOfPass(pass)) {
            if (!view.shows(mark.place) || mark.place <= keepAfter) continue;
            if (mark.joins)
                strokes.joined(footOf(mark.stroke), footOf(*mark.joins), mark.limb);
            else
                strokes.stroke(shapeStroke(footOf(mark.stroke), mark.leanMs, mark.relativeDb, mark.limb, view.scale,
                                           mark.askedMs));
        }
    };
    // The pass before stays until the new one reaches it: there is always a whole phrase to look at.
    if (live->passNow() > 1) {
        painter.setOpacity(0.28);
        draw(live->passNow() - 1, place);
        painter.setOpacity(1);
    }
    draw(live->passNow(), -1);
    const double x = view.xOf(m_with.setup.settings().still ? beatPlaceBefore(m_page, place) : place);
    painter.setPen(QPen(theme.ink, 2, Qt::DotLine));
    painter.drawLine(QPointF(x, view.top + 22), QPointF(x, view.base + 8));
    painter.setPen(Qt::NoPen);
    painter.setBrush(theme.ink);
    painter.drawPolygon(QPolygonF({{x - 10, view.top + 8}, {x + 10, view.top + 8}, {x, view.top + 24}}));
}

void PlayPlace::paintLevel(QPainter& painter, const QRectF& box) const {
    const Theme& theme = Theme::of(palette());
    painter.setFont(typeFace(Type::kText));
    painter.setPen(theme.inkSoft);
    painter.drawText(QRectF(box.left(), box.top(), 60, box.height()), Qt::AlignVCenter, tr("input"));
    constexpr int kBars = 48;
    constexpr double kLowestDb = -60;
    const double share = std::clamp(1.0 - m_levelDb / kLowestDb, 0.0, 1.0);
    const double left = box.left() + 64;
    const double step = std::min(10.0, (0.55 * box.width()) / kBars);
    const int shown = m_with.setup.settings().still ? 0 : kBars;  // a still window has no meter that dances
    for (int i = 0; i < shown; ++i) {
        const bool on = i < std::lround(share * kBars);
        const bool high = i >= kBars - 3;
        painter.fillRect(QRectF(left + i * step, box.center().y() - 8, 0.6 * step, 16),
                         on ? (high ? theme.late : theme.ink) : theme.target);
    }
    QString words = tr("quiet");
    if (m_levelDb > -45) words = tr("room to spare");
    if (m_levelDb > -12) words = tr("good");
    if (m_levelDb > -3) words = tr("too loud: turn the input down");
    if (m_with.recorder.isWaiting())
        words = tr("listening");
    else if (!m_with.recorder.isRecording())
        words = tr("listening starts with the take");
    if (const int lost = m_with.recorder.losses(); lost > 0)
        words = counted(lost, UPBEAT_TEXT("a gap in the recording"), UPBEAT_TEXT_N("%n gaps in the recording"));
    painter.drawText(QRectF(left + shown * step + 16, box.top(), box.width(), box.height()), Qt::AlignVCenter, words);
}

}  // namespace upbeat
