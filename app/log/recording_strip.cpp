#include "log/recording_strip.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "theme/theme.h"

namespace upbeat {

namespace {

constexpr double kFoot = 22;  // room for the numbers of the beats
constexpr double kNearPixels = 8;

}  // namespace

RecordingStrip::RecordingStrip(OutsideRecording& recording, View view, QWidget* parent)
    : QWidget(parent), m_recording(recording), m_view(view) {
    setMinimumHeight(view == View::Whole ? 110 : 130);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(view == View::Whole ? tr("The recording with its beats") : tr("The first bar"));
    connect(&recording, &OutsideRecording::changed, this, qOverload<>(&QWidget::update));
}

double RecordingStrip::startS() const {
    if (m_view == View::Whole) return 0;
    const double beatS = 60 / m_recording.tempoBpm();
    return m_grip == Grip::FirstBeat ? m_heldStartS : m_recording.firstBeatS() - 1.5 * beatS;
}

double RecordingStrip::lengthS() const {
    constexpr double kBeats = 7;
    const double whole = std::max(0.1, m_recording.strip().durationS);
    return m_view == View::Whole ? whole : kBeats * 60 / m_recording.tempoBpm();
}

double RecordingStrip::xOf(double seconds) const {
    return (seconds - startS()) / lengthS() * width();
}

double RecordingStrip::secondsAt(double x) const {
    return startS() + x / std::max(1, width()) * lengthS();
}

void RecordingStrip::paintEvent(QPaintEvent* /*event*/) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& theme = Theme::of(palette());
    painter.setPen(QPen(hasFocus() ? theme.early : theme.edge, hasFocus() ? 2 : 1));
    painter.setBrush(theme.surface);
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 6, 6);
    if (m_recording.strip().heights.empty()) {
        painter.setPen(theme.inkSoft);
        painter.setFont(typeFace(Type::kText));
        if (m_recording.isListening() && m_view == View::Whole)
            painter.drawText(rect(), Qt::AlignCenter, tr("Listening to it"));
        return;
    }
    paintSound(painter);
    paintBeats(painter);
    if (m_view == View::Whole) paintStretch(painter);
}

void RecordingStrip::paintSound(QPainter& painter) const {
    const auto& strip = m_recording.strip();
    const double columnS = strip.durationS / static_cast<double>(strip.heights.size());
    const double floor = height() - kFoot;
    painter.setPen(Qt::NoPen);
    painter.setBrush(Theme::of(palette()).target.darker(112));
    const auto last = static_cast<std::ptrdiff_t>(strip.heights.size()) - 1;
    const auto from = std::clamp<std::ptrdiff_t>(static_cast<std::ptrdiff_t>(startS() / columnS), 0, last);
    const auto to = std::clamp<std::ptrdiff_t>(static_cast<std::ptrdiff_t>((startS() + lengthS()) / columnS), 0, last);
    for (std::ptrdiff_t i = from; i <= to; ++i) {
        const double h = static_cast<double>(strip.heights[static_cast<std::size_t>(i)]) * (floor - 10);
        const double x = xOf(static_cast<double>(i) * columnS);
        painter.drawRect(QRectF(x, floor - h, std::max(1.0, xOf(static_cast<double>(i + 1) * columnS) - x), h));
    }
}

void RecordingStrip::paintBeats(QPainter& painter) const {
    constexpr double kCrowdedPixels = 7;
    const Theme& theme = Theme::of(palette());
    const double beatS = 60 / m_recording.tempoBpm();
    const double end = std::min(m_recording.toS(), startS() + lengthS());
    const double floor = height() - kFoot;
    const int perBar = m_recording.beatsPerBar();
    const double pixels = beatS / lengthS() * width();
    painter.setFont(typeFace(Type::kSmall, true));
    for (int beat = 0; m_recording.firstBeatS() + beat * beatS < end; ++beat) {
        const double x = xOf(m_recording.firstBeatS() + beat * beatS);
        const bool isBar = beat % perBar == 0;
        if (!isBar && pixels < kCrowdedPixels) continue;
        painter.setPen(QPen(isBar ? theme.ink : theme.inkSoft, isBar ? 2 : 1));
        painter.drawLine(QPointF(x, isBar ? 8 : floor - 26), QPointF(x, floor));
        const int shown = m_view == View::Whole ? beat / perBar + 1 : beat % perBar + 1;
        const bool fits = m_view == View::FirstBar || (isBar && pixels * perBar > 26);
        if (fits) painter.drawText(QRectF(x - 20, floor + 1, 40, kFoot - 2), Qt::AlignCenter, QString::number(shown));
    }
    const double x = xOf(m_recording.firstBeatS());
    painter.setPen(Qt::NoPen);
    painter.setBrush(theme.early);
    painter.drawPolygon(QPolygonF{{x - 9, 2}, {x + 9, 2}, {x, 16}});
    painter.drawRect(QRectF(x - 1.5, 8, 3, floor - 8));
}

/// What is left out is veiled; its ends are gripped.
void RecordingStrip::paintStretch(QPainter& painter) const {
    const Theme& theme = Theme::of(palette());
    const bool dragging = m_grip == Grip::From || m_grip == Grip::To;
    const double from = xOf(dragging ? m_fromS : m_recording.fromS());
    const double to = xOf(dragging ? m_toS : m_recording.toS());
    QColor veil = theme.ground;
    veil.setAlpha(200);
    painter.setPen(Qt::NoPen);
    painter.fillRect(QRectF(0, 0, from, height()), veil);
    painter.fillRect(QRectF(to, 0, width() - to, height()), veil);
    painter.setBrush(theme.ink);
    for (const double x : {std::max(from, 3.0), std::min(to, width() - 3.0)})
        painter.drawRoundedRect(QRectF(x - 3, height() * 0.3, 6, height() * 0.35), 3, 3);
}

void RecordingStrip::mousePressEvent(QMouseEvent* event) {
    const double x = event->position().x();
    const auto isNear = [&](double seconds) { return std::abs(xOf(seconds) - x) < kNearPixels; };
    m_heldStartS = startS();
    m_fromS = m_recording.fromS(), m_toS = m_recording.toS();
    m_grip = Grip::FirstBeat;  // pressed anywhere else, beat 1 comes there
    if (m_view == View::Whole && !isNear(m_recording.firstBeatS())) {
        if (isNear(m_fromS)) m_grip = Grip::From;
        if (isNear(m_toS)) m_grip = Grip::To;
    }
    mouseMoveEvent(event);
}

void RecordingStrip::mouseMoveEvent(QMouseEvent* event) {
    const double seconds = secondsAt(event->position().x());
    if (m_grip == Grip::FirstBeat) m_recording.setFirstBeat(seconds);
    if (m_grip == Grip::From) m_fromS = seconds;
    if (m_grip == Grip::To) m_toS = seconds;
    update();
}

void RecordingStrip::mouseReleaseEvent(QMouseEvent* /*event*/) {
    if (m_grip == Grip::From || m_grip == Grip::To) m_recording.setStretch(m_fromS, m_toS);
    m_grip = Grip::None;
    update();
}

void RecordingStrip::keyPressEvent(QKeyEvent* event) {
    const int way = event->key() == Qt::Key_Left ? -1 : event->key() == Qt::Key_Right ? 1 : 0;
    if (way == 0) return QWidget::keyPressEvent(event);
    constexpr double kNudgeS = 0.001;
    const double step = event->modifiers().testFlag(Qt::ControlModifier) ? 60 / m_recording.tempoBpm()
                        : event->modifiers().testFlag(Qt::ShiftModifier) ? 10 * kNudgeS
                                                                         : kNudgeS;
    m_recording.setFirstBeat(m_recording.firstBeatS() + way * step);
}

}  // namespace upbeat
