#include "play/play_place.h"

#include "theme/words.h"

#include <QPainter>
#include <QPolygonF>
#include <algorithm>
#include <cmath>

#include "shell/verdict_bar.h"
#include "strokes/stroke_painter.h"

namespace upbeat {

CountNow countAt(const FieldData& page, const Meter& meter, double place, double beatsNow) {
    const int perBar = std::max(1, meter.beatsPerBar());
    if (beatsNow < 0) {
        const int beat = static_cast<int>(std::floor(beatsNow)) % perBar;
        return {QString::number((beat + perBar) % perBar + 1), {}};
    }
    CountNow now;
    for (const FieldColumn& column : page.columns) {
        if (column.place > place + 1e-9) break;
        if (column.onBeat) now.beat = column.word;
        now.word = column.onBeat ? QString() : column.word;
    }
    return now;
}

PlayPlace::PlayPlace(Studio& studio, QWidget* parent) : Place(parent), m_studio(studio) {
    setFocusPolicy(Qt::StrongFocus);
    addKey(Qt::Key_Escape, tr("Esc"), tr("throw the take away"), [this] { m_studio.discardTake(); });
    addKey(Qt::Key_H, QStringLiteral("H"), tr("hands-free"), [this] {
        m_studio.setHandsFree(!m_studio.isHandsFree());
        if (m_studio.isHandsFree() && !m_studio.isRecording()) m_studio.startTake();
    });
    addKey(Qt::Key_BracketLeft, QStringLiteral("["), tr("slower"),
           [this] { m_studio.setTempo(m_studio.ladder().tempoBpm - 1); });
    addKey(Qt::Key_BracketRight, QStringLiteral("]"), tr("faster"),
           [this] { m_studio.setTempo(m_studio.ladder().tempoBpm + 1); });
    connect(&m_studio, &Studio::exerciseChanged, this, &PlayPlace::refresh);
    connect(&m_studio, &Studio::takeStarted, this, &PlayPlace::refresh);
    connect(&m_studio, &Studio::ladderChanged, this, [this] { update(); });
    connect(&m_studio, &Studio::settingsChanged, this, [this] { update(); });
    connect(&m_studio, &Studio::ticked, this, [this] {
        // The meter falls slowly enough to be read and rises at once.
        m_levelDb = std::max(m_studio.inputPeakDb(), m_levelDb - 1.0);
        if (isVisible()) update();
    });
    refresh();
}

const Exercise& PlayPlace::exercise() const {
    return m_studio.live() != nullptr && m_studio.isRecording() ? m_studio.live()->exercise() : m_studio.exercise();
}

void PlayPlace::refresh() {
    m_page = fieldOf(exercise());
    update();
}

void PlayPlace::paintEvent(QPaintEvent* /*event*/) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const double top = 0.36 * height();
    const double meter = 40;
    paintTempo(painter, QRectF(0, 0, 0.42 * width(), top));
    paintCount(painter, QRectF(0.42 * width(), 0, 0.30 * width(), top));
    paintPasses(painter, QRectF(0.72 * width(), 0, 0.28 * width(), top));
    paintPhrase(painter, QRectF(0, top + 12, width(), std::max(60.0, height() - top - meter - 24)));
    paintLevel(painter, QRectF(0, height() - meter, width(), meter));
}

void PlayPlace::paintTempo(QPainter& painter, const QRectF& box) const {
    const Theme& theme = Theme::of(palette());
    const QString tempo = tempoInWords(m_studio.ladder().tempoBpm);
    double size = 0.78 * box.height();
    while (size > 24 && QFontMetricsF(typeFace(size, true)).horizontalAdvance(tempo) > box.width() - 12) size *= 0.94;
    painter.setFont(typeFace(size, true));
    painter.setPen(theme.ink);
    painter.drawText(QRectF(box.left(), box.top(), box.width(), 0.82 * box.height()), Qt::AlignLeft | Qt::AlignVCenter,
                     tempo);
    painter.setFont(typeFace(std::max(15.0, 0.085 * box.height())));
    painter.setPen(theme.inkSoft);
    painter.drawText(QRectF(box.left() + 4, box.top() + 0.82 * box.height(), box.width(), 0.18 * box.height()),
                     Qt::AlignLeft | Qt::AlignVCenter,
                     tr("beats a minute, goal %1").arg(tempoInWords(m_studio.ladder().ladder.goalBpm)));
}

void PlayPlace::paintCount(QPainter& painter, const QRectF& box) const {
    const Theme& theme = Theme::of(palette());
    const LiveTake* live = m_studio.isRecording() ? m_studio.live() : nullptr;
    if (live == nullptr) {
        painter.setPen(theme.inkSoft);
        painter.setFont(typeFace(std::max(18.0, 0.12 * box.height())));
        const QString text = m_studio.isResting() ? tr("next take in %1").arg(std::ceil(m_studio.restLeftS()))
                                                  : tr("Space\nstarts a take");
        painter.drawText(box, Qt::AlignCenter, text);
        return;
    }
    const bool countIn = live->beatsNow() < 0;
    const CountNow now = countAt(m_page, exercise().meter, live->placeInPass(), live->beatsNow());
    const double size = 0.78 * box.height();
    const QFont big = typeFace(size, true);
    painter.setFont(big);
    painter.setPen(countIn ? theme.inkSoft : theme.ink);
    const double numberWidth = QFontMetricsF(big).horizontalAdvance(now.beat);
    const double left = box.left() + 0.12 * box.width();
    painter.drawText(QRectF(left, box.top(), numberWidth + 8, 0.82 * box.height()), Qt::AlignVCenter, now.beat);
    double wordSize = 0.42 * size;
    while (wordSize > 16 &&
           QFontMetricsF(typeFace(wordSize, true)).horizontalAdvance(now.word) > box.right() - left - numberWidth - 16)
        wordSize *= 0.92;
    painter.setFont(typeFace(wordSize, true));
    painter.setPen(theme.early);
    painter.drawText(QRectF(left + numberWidth + 14, box.top(), box.width(), 0.70 * box.height()),
                     Qt::AlignLeft | Qt::AlignBottom, now.word);
    if (countIn) {
        painter.setFont(typeFace(std::max(15.0, 0.085 * box.height())));
        painter.setPen(theme.inkSoft);
        painter.drawText(QRectF(left, box.top() + 0.82 * box.height(), box.width(), 0.18 * box.height()),
                         Qt::AlignVCenter, tr("count-in"));
    }
}

void PlayPlace::paintPasses(QPainter& painter, const QRectF& box) const {
    const Theme& theme = Theme::of(palette());
    const LiveTake* live = m_studio.live();
    const int perTake = std::max(1, (m_studio.settings().barsPerTake + exercise().bars - 1) / exercise().bars);
    const int passes = live != nullptr && m_studio.isRecording() ? live->passes() : perTake;
    const int now = live != nullptr && m_studio.isRecording() ? live->passNow() : 0;
    painter.setFont(typeFace(std::max(18.0, 0.10 * box.height()), true));
    painter.setPen(theme.ink);
    painter.drawText(
        QRectF(box.left(), box.top() + 4, box.width(), 0.16 * box.height()), Qt::AlignRight | Qt::AlignVCenter,
        now > 0 ? tr("pass %1 of %2").arg(now).arg(passes) : counted(passes, tr("1 pass"), tr("%1 passes")));
    const int shown = std::min(passes, 16);
    const double step = std::min(26.0, box.width() / shown);
    const double base = box.top() + 0.46 * box.height();
    const double tall = 0.22 * box.height();
    const StrokePainter strokes(painter, theme, std::clamp(0.2 * step, 2.0, 5.0));
    const int firstShown = std::max(1, std::min(now - shown + 1, passes - shown + 1));
    StrokeScale scale;
    scale.fullHeight = tall;
    scale.reach = 0.4 * step;
    for (int i = 0; i < shown; ++i) {
        const int pass = firstShown + i;
        const QPointF foot(box.right() - (shown - i - 0.5) * step, base);
        strokes.target(foot, tall);
        if (now == 0 || pass > now || live == nullptr) continue;
        const auto& marks = live->marksOfPass(pass);
        if (marks.empty()) continue;
        double sum = 0;
        for (const FieldMark& mark : marks) sum += mark.offsetMs;
        const double share = static_cast<double>(marks.size()) / static_cast<double>(exercise().strokes.size());
        strokes.stroke(shapeStroke(foot, sum / static_cast<double>(marks.size()), -34.0 * (1.0 - std::min(1.0, share)),
                                   Limb::RightHand, scale));
    }
    painter.setFont(typeFace(std::max(15.0, 0.075 * box.height())));
    painter.setPen(theme.inkSoft);
    const QRectF below(box.left(), base + 14, box.width(), box.bottom() - base - 14);
    const QString last =
        now > 1 ? live->lastPassInWords() : (m_studio.isHandsFree() ? tr("hands-free: keep your sticks") : QString());
    painter.drawText(below, Qt::AlignRight | Qt::AlignTop | Qt::TextWordWrap, last);
}

void PlayPlace::paintPhrase(QPainter& painter, const QRectF& box) const {
    const Theme& theme = Theme::of(palette());
    painter.setPen(QPen(theme.edge, 1));
    painter.setBrush(theme.surface);
    painter.drawRoundedRect(box.adjusted(0.5, 0.5, -0.5, -0.5), 8, 8);
    const Exercise& e = exercise();
    if (e.strokes.empty() || m_page.columns.empty()) return;
    const LiveTake* live = m_studio.isRecording() ? m_studio.live() : nullptr;
    const double place = live != nullptr ? live->placeInPass() : 0.0;
    // A long phrase is shown a few bars at a time: the ones that are being played.
    const double perBar = static_cast<double>(m_page.columns.size()) / e.bars;
    const int barsShown = std::clamp(static_cast<int>(box.width() / (30.0 * perBar)), 1, e.bars);
    const int firstBar = std::min(m_page.barAt(place) / barsShown * barsShown, e.bars - barsShown);
    const double from = m_page.placeOfBar(firstBar);
    const double span = m_page.placeOfBar(firstBar + barsShown) - from;
    const double column = box.width() / (perBar * barsShown);
    const auto xOf = [&](double p) {
        return box.left() + 0.5 * std::min(column, 60.0) + (p - from) / span * (box.width() - 8);
    };
    const auto visible = [&](double p) { return p >= from - 1e-9 && p < from + span - 1e-9; };
    const double base = box.bottom() - std::max(52.0, 0.17 * box.height());
    StrokeScale scale;
    scale.fullHeight = (base - box.top()) / 1.25 - 8;
    scale.reach = std::min(0.44 * column, 40.0);
    const double width = std::clamp(0.10 * column, 2.0, 9.0);
    const StrokePainter strokes(painter, theme, width);
    painter.setPen(QPen(theme.edge, 1.4));
    painter.drawLine(QPointF(box.left() + 10, base), QPointF(box.right() - 10, base));
    const auto slots = slotsOf(e);
    for (std::size_t i = 0; i < e.strokes.size(); ++i)
        if (visible(m_page.strokePlaces[i]))
            strokes.target(QPointF(xOf(m_page.strokePlaces[i]) + slots[i] * 1.6 * width, base),
                           strokeHeight(targetDb(e, e.strokes[i]), scale));
    if (live != nullptr && live->passNow() > 0) {
        const auto draw = [&](int pass, double keepAfter) {
            for (const FieldMark& mark : live->marksOfPass(pass))
                if (visible(mark.place) && mark.place > keepAfter)
                    strokes.stroke(shapeStroke(QPointF(xOf(mark.place) + mark.slot * 1.6 * width, base), mark.offsetMs,
                                               mark.relativeDb, mark.limb, scale));
        };
        // The pass before stays until the new one reaches it: there is always a whole phrase to look at.
        if (live->passNow() > 1) {
            painter.setOpacity(0.28);
            draw(live->passNow() - 1, place);
            painter.setOpacity(1);
        }
        draw(live->passNow(), -1);
        const double x = xOf(place);
        painter.setPen(QPen(theme.ink, 2, Qt::DotLine));
        painter.drawLine(QPointF(x, box.top() + 22), QPointF(x, base + 8));
        painter.setPen(Qt::NoPen);
        painter.setBrush(theme.ink);
        painter.drawPolygon(QPolygonF({{x - 10, box.top() + 8}, {x + 10, box.top() + 8}, {x, box.top() + 24}}));
    }
    for (const FieldColumn& c : m_page.columns) {
        if (!visible(c.place)) continue;
        painter.setFont(
            typeFace(c.onBeat ? std::clamp(0.5 * column, 16.0, 30.0) : std::clamp(0.4 * column, 12.0, 24.0), c.onBeat));
        painter.setPen(c.onBeat ? theme.ink : theme.inkSoft);
        painter.drawText(QRectF(xOf(c.place) - 50, base + 10, 100, 40), Qt::AlignHCenter | Qt::AlignTop, c.word);
    }
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
    for (int i = 0; i < kBars; ++i) {
        const bool on = i < std::lround(share * kBars);
        const bool high = i >= kBars - 3;
        painter.fillRect(QRectF(left + i * step, box.center().y() - 8, 0.6 * step, 16),
                         on ? (high ? theme.late : theme.ink) : theme.target);
    }
    QString words = tr("quiet");
    if (m_levelDb > -45) words = tr("room to spare");
    if (m_levelDb > -12) words = tr("good");
    if (m_levelDb > -3) words = tr("too loud: turn the input down");
    if (!m_studio.isRecording()) words = tr("listening starts with the take");
    if (const int lost = m_studio.losses(); lost > 0)
        words = counted(lost, tr("a gap in the recording"), tr("%1 gaps in the recording"));
    painter.drawText(QRectF(left + kBars * step + 16, box.top(), box.width(), box.height()), Qt::AlignVCenter, words);
}

}  // namespace upbeat
