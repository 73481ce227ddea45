#include "play/play_place.h"

#include "theme/words.h"

#include <QPainter>
#include <QPolygonF>
#include <algorithm>
#include <cmath>

#include "place/verdict_bar.h"
#include "strokes/stroke_painter.h"
#include "studio/care.h"
#include "upbeat/music/origin.h"
#include "upbeat/words/words.h"

namespace upbeat {

double beatPlaceBefore(const FieldData& page, double place) {
    double beat = 0;
    for (const FieldColumn& column : page.columns)
        if (column.onBeat && column.place <= place + 1e-9) beat = column.place;
    return beat;
}

CountNow countAt(const FieldData& page, const Meter& meter, double place, double beatsNow) {
    const int perBar = std::max(1, meter.beatsPerBar());
    if (beatsNow < 0) {
        const int beat = static_cast<int>(std::floor(beatsNow)) % perBar;
        return {QString::number((beat + perBar) % perBar + 1), {}};
    }
    CountNow now;
    for (const FieldColumn& column : page.columns) {
        if (column.place > place + 1e-9) break;
        if (column.onBeat) now.beat = QString::fromStdString(column.word);
        now.word = column.onBeat ? QString() : QString::fromStdString(column.word);
    }
    return now;
}

PlayPlace::PlayPlace(const With& with, QWidget* parent) : Place(parent), m_with(with) {
    setFocusPolicy(Qt::StrongFocus);
    addKeys();
    connect(&m_with.stand, &Stand::exerciseChanged, this, &PlayPlace::refresh);
    connect(&m_with.recorder, &Recorder::started, this, &PlayPlace::refresh);
    connect(&m_with.recorder, &Recorder::waiting, this, &PlayPlace::refresh);
    connect(&m_with.stand, &Stand::ladderChanged, this, [this] { update(); });
    connect(&m_with.setup, &Setup::changed, this, [this] { update(); });
    connect(&m_with.handsFree, &HandsFree::changed, this, [this] { update(); });
    connect(&m_with.handsFree, &HandsFree::ticked, this, [this] { update(); });
    connect(&m_with.footSwitch, &FootSwitch::learned, this, [this] {
        m_with.notices.say(
            tr("Kept. The switch begins hands-free practice, goes on in a rest, and stops while a take runs."));
    });
    connect(&m_with.recorder, &Recorder::ticked, this, [this] {
        // The meter falls slowly enough to be read and rises at once.
        m_levelDb = std::max(m_with.input.peakDb(), m_levelDb - 1.0);
        if (isVisible()) update();
    });
    refresh();
}

const Exercise& PlayPlace::exercise() const {
    return m_with.recorder.live() != nullptr && m_with.recorder.isRecording() ? m_with.recorder.live()->exercise()
                                                                              : m_with.stand.exercise();
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
    const QRectF right(0.72 * width(), 0, 0.28 * width(), top);
    exercise().sections.size() > 1 ? paintSection(painter, right) : paintPasses(painter, right);
    const QRectF middle(0, top + 12, width(), std::max(60.0, height() - top - meter - 24));
    if (m_with.handsFree.isResting() && m_with.review.take())
        paintRest(painter, middle);
    else
        paintPhrase(painter, middle);
    paintLevel(painter, QRectF(0, height() - meter, width(), meter));
}

void PlayPlace::paintRest(QPainter& painter, const QRectF& box) const {
    const Theme& theme = Theme::of(palette());
    const TakeView& take = *m_with.review.take();
    const Verdict& verdict = take.analysis.verdict;
    painter.setPen(Qt::NoPen);
    painter.setBrush(theme.spine);
    painter.drawRoundedRect(box, 10, 10);
    const QRectF inner = box.adjusted(28, 14, -28, -14);
    const auto line = [&](const QString& text, double size, bool bold, const QColor& ink, const QRectF& room) {
        while (size > 24 &&
               QFontMetricsF(typeFace(size, bold)).boundingRect(room, Qt::TextWordWrap, text).height() > room.height())
            size *= 0.94;
        painter.setFont(typeFace(size, bold));
        painter.setPen(ink);
        painter.drawText(room, Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap, text);
    };
    line(inWords(words::headlineOf(verdict)), 0.2 * height(), true, theme.spineInk,
         QRectF(inner.left(), inner.top(), inner.width(), 0.5 * inner.height()));
    line(inWords(words::reasonOf(take.stored.exercise, verdict)), height() / 15.0, false, theme.spineInk,
         QRectF(inner.left(), inner.top() + 0.5 * inner.height(), inner.width(), 0.5 * inner.height()));
}

void PlayPlace::paintTempo(QPainter& painter, const QRectF& box) const {
    const Theme& theme = Theme::of(palette());
    const QString tempo = tempoInWords(m_with.stand.ladder().tempoBpm);
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
                     tr("beats a minute, goal %1").arg(tempoInWords(m_with.stand.ladder().ladder.goalBpm)));
}

QString PlayPlace::beforeOrAfter(bool isOver) const {
    if (isOver) return tr("stop");
    if (m_with.recorder.isWaiting()) return tr("play:\nyour first stroke is beat 1");
    if (m_with.handsFree.isResting()) return tr("next take in %1").arg(std::ceil(m_with.handsFree.restLeftS()));
    if (m_with.handsFree.taps().style().learned) return tr("Space or three taps\nstart");
    return tr("Space\nstarts a take");
}

void PlayPlace::paintCount(QPainter& painter, const QRectF& box) const {
    const Theme& theme = Theme::of(palette());
    const LiveTake* live = m_with.recorder.isRecording() ? m_with.recorder.live() : nullptr;
    if (live == nullptr || live->isOver()) {
        painter.setPen(theme.inkSoft);
        painter.setFont(typeFace(std::max(18.0, (m_with.handsFree.isResting() ? 0.2 : 0.12) * box.height())));
        painter.drawText(box, Qt::AlignCenter, beforeOrAfter(live != nullptr));
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

namespace {

QString passInWords(int now, int passes, bool openEnded) {
    if (openEnded) return now > 0 ? PlayPlace::tr("pass %1").arg(now) : PlayPlace::tr("until you stop");
    if (now > 0) return PlayPlace::tr("pass %1 of %2").arg(now).arg(passes);
    return counted(passes, UPBEAT_TEXT("1 pass"), UPBEAT_TEXT_N("%n passes"));
}

}  // namespace

void PlayPlace::paintPasses(QPainter& painter, const QRectF& box) const {
    const Theme& theme = Theme::of(palette());
    const LiveTake* live = m_with.recorder.live();
    const int perTake = std::max(1, (m_with.setup.settings().barsPerTake + exercise().bars - 1) / exercise().bars);
    const bool openEnded = m_with.setup.settings().barsPerTake == 0;
    const int passes = live != nullptr && m_with.recorder.isRecording() ? live->passes() : perTake;
    const int now = live != nullptr && m_with.recorder.isRecording() ? live->passNow() : 0;
    painter.setFont(typeFace(std::max(18.0, 0.10 * box.height()), true));
    painter.setPen(theme.ink);
    painter.drawText(QRectF(box.left(), box.top() + 4, box.width(), 0.16 * box.height()),
                     Qt::AlignRight | Qt::AlignVCenter, passInWords(now, passes, openEnded));
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
        now > 1 ? live->lastPassInWords() : (m_with.handsFree.isOn() ? tr("hands-free: keep your sticks") : QString());
    painter.drawText(below, Qt::AlignRight | Qt::AlignTop | Qt::TextWordWrap, last);
}

}  // namespace upbeat
