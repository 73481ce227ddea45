#include "strokes/field_layout.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

constexpr double kPassLabel = 34;
constexpr double kSummaryHeight = 132;
constexpr double kGap = 10;
constexpr double kLowestRow = 36;
constexpr double kHighestRow = 84;
constexpr double kWords = 46;  // words and hands under the summary strokes

double smallestDistance(const FieldData& data) {
    double smallest = 1.0;
    for (std::size_t i = 1; i < data.columns.size(); ++i)
        smallest = std::min(smallest, data.columns[i].place - data.columns[i - 1].place);
    if (!data.columns.empty()) smallest = std::min(smallest, 1.0 - data.columns.back().place);
    return std::max(smallest, 1e-4);
}

}  // namespace

FieldLayout::FieldLayout(const FieldData& data, const QSizeF& size, const FieldZoom& zoom)
    : m_zoom(zoom), m_rows(data.rows.size()) {
    const double summaryHeight = std::min(kSummaryHeight, 0.4 * size.height());
    m_summary = QRectF(kPassLabel, 0, std::max(10.0, size.width() - kPassLabel), summaryHeight);
    m_body = QRectF(kPassLabel, summaryHeight + kGap, m_summary.width(),
                    std::max(10.0, size.height() - summaryHeight - kGap));
    const double fitting = m_body.height() / std::max<double>(1.0, static_cast<double>(m_rows));
    m_rowHeight = zoom.rowHeight > 0 ? zoom.rowHeight : std::clamp(fitting, kLowestRow, kHighestRow);
    m_columnWidth = smallestDistance(data) * m_summary.width() / zoom.span;
}

double FieldLayout::strokeWidth() const {
    return std::clamp(0.11 * m_columnWidth, 1.6, 5.0);
}

double FieldLayout::x(double place, int slot) const {
    const double inset = std::clamp(0.5 * m_columnWidth, 14.0, 28.0);
    const double width = m_summary.width() - inset;
    return m_summary.left() + inset + (place - m_zoom.from) / m_zoom.span * width + slot * 1.5 * strokeWidth();
}

bool FieldLayout::isVisible(double place) const {
    return place >= m_zoom.from - 1e-9 && place < m_zoom.from + m_zoom.span - 1e-9;
}

double FieldLayout::baseline(std::size_t row) const {
    return m_body.top() + (static_cast<double>(row) + 0.84) * m_rowHeight - m_zoom.scroll;
}

double FieldLayout::summaryBaseline() const {
    return m_summary.bottom() - kWords;
}

std::pair<std::size_t, std::size_t> FieldLayout::visibleRows() const {
    const auto first = static_cast<std::size_t>(std::max(0.0, std::floor(m_zoom.scroll / m_rowHeight)));
    const auto count = static_cast<std::size_t>(std::ceil(m_body.height() / m_rowHeight)) + 1;
    return {std::min(first, m_rows), std::min(first + count, m_rows)};
}

StrokeScale FieldLayout::scale() const {
    StrokeScale scale;
    scale.fullHeight = 0.68 * m_rowHeight;
    scale.reach = std::min(0.44 * m_columnWidth, 26.0);
    return scale;
}

StrokeScale FieldLayout::summaryScale() const {
    StrokeScale s = scale();
    s.fullHeight = std::max(8.0, 0.8 * (summaryBaseline() - m_summary.top()));
    return s;
}

std::optional<FieldLayout::Cell> FieldLayout::at(const FieldData& data, const QPointF& point) const {
    const double row = std::floor((point.y() - m_body.top() + m_zoom.scroll) / m_rowHeight);
    if (!m_body.contains(point) || row < 0 || row >= static_cast<double>(data.rows.size())) return std::nullopt;
    const auto index = static_cast<std::size_t>(row);
    std::optional<Cell> nearest;
    double best = std::max(10.0, 0.6 * m_columnWidth);
    for (std::size_t i = 0; i < data.rows[index].size(); ++i) {
        const FieldMark& mark = data.rows[index][i];
        const double away = std::abs(x(mark.place, mark.slot) - point.x());
        if (away < best) best = away, nearest = Cell{index, i};
    }
    return nearest;
}

}  // namespace upbeat
