// Where one is in a piece while it is played.
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "play/play_place.h"
#include "theme/theme.h"
#include "upbeat/music/bars.h"

namespace upbeat {

std::optional<SectionNow> sectionNow(const Exercise& exercise, double place) {
    constexpr int kFine = 1000;
    const double quarters = std::clamp(place, 0.0, 1.0) * exercise.length().toDouble();
    const int bar = std::clamp(barAt(exercise, Beats(std::llround(quarters * kFine), kFine)).number, 1, exercise.bars);
    const auto section = sectionAt(exercise, bar);
    if (!section) return std::nullopt;
    SectionNow now{QString::fromStdString(section->name), printedBar(exercise, bar), {}};
    const auto next = sectionAt(exercise, bar + 1);
    if (bar == section->to && next) now.next = QString::fromStdString(next->name);
    return now;
}

void PlayPlace::paintSection(QPainter& painter, const QRectF& box) const {
    const Theme& theme = Theme::of(palette());
    const LiveTake* live = m_with.recorder.isRecording() ? m_with.recorder.live() : nullptr;
    const bool runs = live != nullptr && live->beatsNow() >= 0;
    const auto now = sectionNow(exercise(), runs ? live->placeInPass() : 0);
    if (!now) return;
    const double line = box.height() / 3;
    const auto say = [&](const QString& text, double y, const QColor& ink, bool bold) {
        painter.setFont(fittingFace(text, box.width(), 0.62 * line, 14, bold));
        painter.setPen(ink);
        painter.drawText(QRectF(box.left(), box.top() + y, box.width(), line), Qt::AlignRight | Qt::AlignVCenter, text);
    };
    say(now->name, 0, theme.ink, true);
    say(tr("bar %1").arg(now->bar), line, theme.inkSoft, false);
    if (!now->next.isEmpty()) say(tr("next: %1").arg(now->next), 2 * line, theme.early, true);
}

}  // namespace upbeat
