#include "prepare/pad_map_view.h"

#include <QMouseEvent>
#include <QPainter>

#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

namespace {

constexpr double kRowHeight = 40;
constexpr int kPadColumns = 2;
constexpr int kDown = (PadMap::kRows + kPadColumns - 1) / kPadColumns;

QString keysInWords(const std::vector<int>& keys) {
    QStringList all;
    for (const int key : keys) all << QString::number(key);
    return all.isEmpty() ? PadMapView::tr("no note yet")
                         : PadMapView::tr("note %1").arg(all.join(PadMapView::tr(", ", "between numbers")));
}

}  // namespace

PadMapView::PadMapView(PadMap& map, QWidget* parent) : QWidget(parent), m_map(map) {
    setFixedHeight(qRound(kRowHeight * kDown));
    setAccessibleName(tr("What the pads are"));
    connect(&m_map, &PadMap::changed, this, qOverload<>(&QWidget::update));
}

QRectF PadMapView::boxOf(int row) const {
    constexpr double kBetween = 24;
    const double across = (width() - kBetween) / kPadColumns;
    const int column = row / kDown;
    return {column * (across + kBetween), (row % kDown) * kRowHeight, across, kRowHeight - 4};
}

void PadMapView::mousePressEvent(QMouseEvent* event) {
    for (int row = 0; row < PadMap::kRows; ++row)
        if (boxOf(row).contains(event->position())) m_map.ask(row);
}

void PadMapView::paintEvent(QPaintEvent* /*event*/) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    for (int row = 0; row < PadMap::kRows; ++row) paintRow(painter, row);
}

void PadMapView::paintRow(QPainter& painter, int row) const {
    const Theme& theme = Theme::of(palette());
    const Voice voice = PadMap::kVoices.at(static_cast<std::size_t>(row));
    const QRectF box = boxOf(row);
    const bool isAsked = row == m_map.asked();
    if (isAsked) {
        painter.setPen(QPen(theme.ink, 2));
        painter.setBrush(theme.surface);
        painter.drawRect(box.adjusted(1, 1, -1, -1));
    }
    painter.setFont(typeFace(Type::kText, isAsked));
    painter.setPen(theme.ink);
    painter.drawText(box.adjusted(12, 0, 0, 0), Qt::AlignVCenter, inWords(words::nameOf(voice)));
    painter.setFont(typeFace(Type::kText));
    painter.setPen(theme.inkSoft);
    painter.drawText(box.adjusted(0.32 * box.width(), 0, 0, 0), Qt::AlignVCenter, keysInWords(m_map.keysOf(voice)));
    const QRectF track(0.72 * box.width() + box.left(), box.center().y() - 4, 0.26 * box.width(), 8);
    painter.fillRect(track, theme.target);
    if (m_map.lastVoice() != voice) return;
    constexpr double kHardest = 127;
    painter.fillRect(QRectF(track.topLeft(), QSizeF(track.width() * m_map.last()->velocity / kHardest, track.height())),
                     theme.ink);
}

}  // namespace upbeat
