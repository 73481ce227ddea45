#include "look/section_compare.h"

#include <QPainter>
#include <algorithm>

#include "strokes/stroke_painter.h"
#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/words/section_words.h"

namespace upbeat {

namespace {

constexpr int kHeading = 30;
constexpr int kRow = 52;
constexpr int kGap = 8;
constexpr double kFoot = 122;
constexpr double kText = 156;
constexpr int kNarrowest = 300;  // of the side of Look; before it is laid out a widget is narrower

/// What is said fits the width in as many lines as it needs.
QRect boxOf(const QString& text, int width) {
    return QFontMetrics(typeFace(Type::kText)).boundingRect(0, 0, width, 1000, Qt::TextWordWrap, text);
}

}  // namespace

SectionCompare::SectionCompare(QWidget* parent) : QWidget(parent) {
    hide();
}

void SectionCompare::show(std::vector<SectionPlayed> sections, double clickBpm) {
    m_sections = std::move(sections);
    m_clickBpm = clickBpm;
    setVisible(!m_sections.empty());
    fit();
    update();
}

QString SectionCompare::said(std::size_t section) const {
    const Text text = words::contextOf(m_sections[section]);
    return text.isEmpty() ? QString() : inWords(text) + QLatin1Char('.');
}

void SectionCompare::resizeEvent(QResizeEvent* /*event*/) {
    fit();
}

void SectionCompare::fit() {
    int height = kHeading;
    for (std::size_t i = 0; i < m_sections.size(); ++i) height += heightOf(i);
    setFixedHeight(height + kGap);
}

int SectionCompare::heightOf(std::size_t section) const {
    const QString text = said(section);
    return kRow + (text.isEmpty() ? 0 : boxOf(text, std::max(width(), kNarrowest)).height() + kGap);
}

QString SectionCompare::figuresOf(const SectionPlayed& played) const {
    QString spread =
        played.spreadMs ? tr("spread %1 ms").arg(played.spreadMs->value, 0, 'f', 1) : tr("too few strokes");
    // A tempo that the interval cannot keep from the click's is the click's.
    if (!played.tempoBpm || (played.tempoBpm->low <= m_clickBpm && played.tempoBpm->high >= m_clickBpm)) return spread;
    return tr("%1, tempo %2").arg(spread).arg(played.tempoBpm->value, 0, 'f', 1);
}

void SectionCompare::paintRow(QPainter& painter, const SectionPlayed& played, double top) const {
    const Theme& theme = Theme::of(palette());
    StrokeScale scale;
    scale.fullHeight = kRow - 14;
    scale.reach = 22;
    const StrokePainter strokes(painter, theme, 4);
    const QPointF foot(kFoot, top + kRow - 8);
    if (const auto& pulse = played.placementMs) {
        strokes.wedge(foot, strokeLean(pulse->low, scale), strokeLean(pulse->high, scale), strokeHeight(0, scale));
        strokes.stroke(shapeStroke(foot, pulse->value, 0, Limb::RightHand, scale));
    }
    const QString name = played.section.name.empty() ? tr("start") : QString::fromStdString(played.section.name);
    painter.setPen(theme.ink);
    painter.setFont(fittingFace(name, 96, Type::kText, 9));
    painter.drawText(QRectF(0, top, 104, kRow), Qt::AlignLeft | Qt::AlignVCenter, name);
    painter.setFont(typeFace(Type::kText));
    const double width = this->width() - kText;
    if (const auto& pulse = played.placementMs)
        painter.drawText(QRectF(kText, top + 4, width, 22), Qt::AlignLeft | Qt::AlignVCenter,
                         tr("%1 ms ±%2").arg(pulse->value, 0, 'f', 1).arg(pulse->halfWidth(), 0, 'f', 1));
    const QString figures = figuresOf(played);
    painter.setPen(theme.inkSoft);
    painter.setFont(fittingFace(figures, width, Type::kText, 9));
    painter.drawText(QRectF(kText, top + 26, width, 20), Qt::AlignLeft | Qt::AlignVCenter, figures);
}

void SectionCompare::paintEvent(QPaintEvent* /*event*/) {
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(typeFace(Type::kText, true));
    painter.setPen(theme.inkSoft);
    painter.drawText(QRectF(0, 0, width(), kHeading), Qt::AlignLeft | Qt::AlignBottom, tr("Sections"));
    double top = kHeading;
    for (std::size_t i = 0; i < m_sections.size(); ++i) {
        paintRow(painter, m_sections[i], top);
        const QString text = said(i);
        painter.setPen(theme.ink);
        painter.setFont(typeFace(Type::kText));
        painter.drawText(QRectF(0, top + kRow, width(), heightOf(i) - kRow), Qt::TextWordWrap, text);
        top += heightOf(i);
    }
}

}  // namespace upbeat
