#include "look/section_compare.h"

#include <QPainter>
#include <algorithm>

#include "look/compare_row.h"
#include "theme/words.h"
#include "upbeat/words/section_words.h"

namespace upbeat {

namespace {

constexpr int kRow = CompareRow::kHeight;
constexpr int kHeading = CompareRow::kHeadingHeight;
constexpr int kGap = 8;
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
    QString spread = played.spreadMs ? tr("spread %1 ms").arg(tenths(played.spreadMs->value)) : tr("too few strokes");
    // A tempo that the interval cannot keep from the click's is the click's.
    if (!played.tempoBpm || (played.tempoBpm->low <= m_clickBpm && played.tempoBpm->high >= m_clickBpm)) return spread;
    return tr("%1, tempo %2").arg(spread).arg(tenths(played.tempoBpm->value));
}

void SectionCompare::paintEvent(QPaintEvent* /*event*/) {
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    paintCompareHeading(painter, theme, tr("Sections"), 0, width());
    double top = kHeading;
    for (std::size_t i = 0; i < m_sections.size(); ++i) {
        const SectionPlayed& played = m_sections[i];
        const QString name = played.section.name.empty() ? tr("start") : QString::fromStdString(played.section.name);
        paintCompareRow(painter, theme, {name, played.placementMs, 0, Limb::RightHand, figuresOf(played)}, top,
                        width());
        const QString text = said(i);
        painter.setPen(theme.ink);
        painter.setFont(typeFace(Type::kText));
        painter.drawText(QRectF(0, top + kRow, width(), heightOf(i) - kRow), Qt::TextWordWrap, text);
        top += heightOf(i);
    }
}

}  // namespace upbeat
