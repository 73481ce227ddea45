#include "look/close_up.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "theme/theme.h"

namespace upbeat {

CloseUp::CloseUp(QWidget* parent) : QWidget(parent) {
    setFixedHeight(84);
    setAccessibleName(tr("The sound of the chosen hit"));
}

void CloseUp::show(std::shared_ptr<const Sound> sound, double onsetS) {
    m_sound = std::move(sound);
    m_onsetS = onsetS;
    update();
}

void CloseUp::clear() {
    m_sound.reset();
    update();
}

void CloseUp::paintEvent(QPaintEvent* /*event*/) {
    if (!m_sound || m_sound->samples.empty()) return;
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(theme.edge, 1));
    painter.setBrush(theme.surface);
    const QRectF frame = QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5);
    painter.drawRoundedRect(frame, 6, 6);
    const double length = m_sound->durationS();
    const double x = frame.left() + frame.width() * m_onsetS / length;
    float peak = 1e-4F;
    for (const float v : m_sound->samples) peak = std::max(peak, std::abs(v));
    painter.setPen(QPen(theme.ink, 1));
    const auto columns = static_cast<std::size_t>(frame.width());
    const std::size_t count = m_sound->samples.size();
    for (std::size_t c = 0; c < columns; ++c) {
        const std::size_t from = c * count / columns;
        const std::size_t to = std::max(from + 1, (c + 1) * count / columns);
        const auto [low, high] = std::minmax_element(m_sound->samples.begin() + static_cast<std::ptrdiff_t>(from),
                                                     m_sound->samples.begin() + static_cast<std::ptrdiff_t>(to));
        const auto y = [&](float v) {
            return frame.center().y() - 0.44 * frame.height() * static_cast<double>(v / peak);
        };
        const double at = frame.left() + static_cast<double>(c) + 0.5;
        painter.drawLine(QPointF(at, y(*high)), QPointF(at, y(*low)));
    }
    painter.setPen(QPen(theme.early, 2));
    painter.drawLine(QPointF(x, frame.top() + 4), QPointF(x, frame.bottom() - 4));
}

}  // namespace upbeat
