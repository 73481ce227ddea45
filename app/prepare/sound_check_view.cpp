#include "prepare/sound_check_view.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

namespace {

constexpr double kSoundRowHeight = 40;
constexpr double kLowestDb = -60;

double shareOf(double db) {
    return std::clamp((db - kLowestDb) / -kLowestDb, 0.0, 1.0);
}

}  // namespace

QIcon tick(const QColor& colour) {
    QPixmap picture(32, 32);
    picture.fill(Qt::transparent);
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(colour, 5, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPolyline(QPolygonF{{5, 18}, {13, 26}, {27, 7}});
    return picture;
}

SoundCheckView::SoundCheckView(SoundCheck& check, QWidget* parent) : QWidget(parent), m_check(check) {
    setMinimumHeight(90);
    setAccessibleName(tr("What is heard"));
}

int SoundCheckView::rows() const {
    return static_cast<int>(m_check.found().devices.size()) + 1;
}

int SoundCheckView::row() const {
    if (m_moved >= 0) return std::min(m_moved, rows() - 1);
    const auto& devices = m_check.found().devices;
    if (const auto* played = m_check.levels().played())
        for (std::size_t i = 0; i < devices.size(); ++i)
            if (devices[i].id == played->id) return static_cast<int>(i);
    return 0;
}

InputId SoundCheckView::chosen() const {
    const auto& devices = m_check.found().devices;
    const auto index = static_cast<std::size_t>(row());
    return index < devices.size() ? devices[index].id : InputId(SimulatedInput{});
}

int SoundCheckView::wantedHeight() const {
    constexpr int kLevel = 100;
    constexpr int kStrokes = 360;
    switch (m_check.step()) {
        case SoundCheck::Step::Input:
            return qRound(kSoundRowHeight * std::max(3, rows()));
        case SoundCheck::Step::Level:
            return kLevel;
        default:
            return kStrokes;
    }
}

void SoundCheckView::move(int rows) {
    if (m_check.step() != SoundCheck::Step::Input) return;
    m_moved = std::clamp(row() + rows, 0, this->rows() - 1);
    update();
}

QRectF SoundCheckView::boxOf(int row) const {
    return {0, row * kSoundRowHeight, static_cast<double>(width()), kSoundRowHeight - 4};
}

void SoundCheckView::mousePressEvent(QMouseEvent* event) {
    if (m_check.step() != SoundCheck::Step::Input) return;
    m_moved = std::clamp(static_cast<int>(event->position().y() / kSoundRowHeight), 0, rows() - 1);
    update();
}

void SoundCheckView::paintEvent(QPaintEvent* /*event*/) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    switch (m_check.step()) {
        case SoundCheck::Step::Input:
            return paintInputs(painter);
        case SoundCheck::Step::Level:
            return paintLevel(painter);
        case SoundCheck::Step::Strokes:
            return paintStrokes(painter);
        default:
            return;
    }
}

void SoundCheckView::paintInputs(QPainter& painter) const {
    const Theme& theme = Theme::of(palette());
    const auto& devices = m_check.found().devices;
    painter.setFont(typeFace(Type::kText));
    for (int i = 0; i < rows(); ++i) {
        const QRectF box = boxOf(i);
        const bool isSimulated = i + 1 == rows();
        if (i == row()) {
            painter.setPen(QPen(theme.ink, 2));
            painter.setBrush(theme.surface);
            painter.drawRect(box.adjusted(1, 1, -1, -1));
        }
        painter.setPen(isSimulated ? theme.inkSoft : theme.ink);
        const QString name = isSimulated ? tr("Simulated player: nothing has to be plugged in")
                                         : QString::fromStdString(devices[static_cast<std::size_t>(i)].label);
        painter.drawText(box.adjusted(12, 0, -0.35 * box.width(), 0), Qt::AlignVCenter,
                         painter.fontMetrics().elidedText(name, Qt::ElideRight, qRound(0.65 * box.width() - 24)));
        if (isSimulated) continue;
        const QRectF track(0.67 * box.width(), box.center().y() - 4, 0.31 * box.width(), 8);
        painter.fillRect(track, theme.target);
        for (const InputLevels::Level& level : m_check.levels().levels())
            if (level.id == devices[static_cast<std::size_t>(i)].id)
                painter.fillRect(QRectF(track.topLeft(), QSizeF(track.width() * shareOf(level.peakDb), track.height())),
                                 theme.ink);
    }
}

void SoundCheckView::paintLevel(QPainter& painter) const {
    const Theme& theme = Theme::of(palette());
    const QRectF track(0, 34, width(), 22);
    painter.fillRect(track, theme.target);
    painter.fillRect(QRectF(track.topLeft(), QSizeF(track.width() * shareOf(m_check.peakDb()), track.height())),
                     theme.ink);
    painter.setFont(typeFace(Type::kSmall));
    const auto mark = [&](double db, const QString& text) {
        const double x = track.width() * shareOf(db);
        painter.setPen(QPen(theme.inkSoft, 2));
        painter.drawLine(QPointF(x, track.top() - 6), QPointF(x, track.bottom() + 6));
        painter.drawText(QRectF(x - 150, track.bottom() + 8, 146, 22), Qt::AlignRight, text);
    };
    mark(SoundCheck::kFaintDb, tr("too faint"));
    mark(SoundCheck::kHotDb, tr("good"));
    if (const auto loudest = m_check.loudestDb()) {
        const double x = track.width() * shareOf(*loudest);
        painter.setPen(QPen(theme.ink, 4));
        painter.drawLine(QPointF(x, track.top() - 10), QPointF(x, track.bottom() + 10));
        painter.drawText(QRectF(x - 150, 0, 300, 22), Qt::AlignHCenter, tr("your loudest"));
    }
}

/// Three groups of eight, each stroke as high as it was loud.
void SoundCheckView::paintStrokes(QPainter& painter) const {
    const Theme& theme = Theme::of(palette());
    const double group = width() / 3.0;
    const double floor = height() - 34.0;
    for (int g = 0; g < 3; ++g) {
        const auto level = static_cast<Level>(g);
        const auto& heard = m_check.strokesDb().at(static_cast<std::size_t>(g));
        for (int i = 0; i < SoundCheck::kStrokesEach; ++i) {
            const QPointF foot(g * group + (i + 0.7) * group / (SoundCheck::kStrokesEach + 1), floor);
            painter.setPen(QPen(theme.inkSoft, 2));
            painter.drawLine(foot - QPointF(6, 0), foot + QPointF(6, 0));
            if (static_cast<std::size_t>(i) >= heard.size()) continue;
            painter.setPen(QPen(theme.ink, 7, Qt::SolidLine, Qt::FlatCap));
            painter.drawLine(foot, foot - QPointF(0, floor * shareOf(heard[static_cast<std::size_t>(i)])));
        }
        painter.setFont(typeFace(Type::kText, m_check.asked() == level));
        painter.setPen(m_check.asked() == level ? theme.ink : theme.inkSoft);
        painter.drawText(QRectF(g * group, floor + 6, group, 26), Qt::AlignCenter, inWords(words::nameOf(level)));
    }
}

}  // namespace upbeat
