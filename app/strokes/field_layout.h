#pragma once

#include <QRectF>
#include <QSizeF>
#include <optional>

#include "strokes/stroke_shape.h"
#include "upbeat/field/field_data.h"

namespace upbeat {

/// Which part of the phrase and of the passes is in view.
struct FieldZoom {
    double from = 0;  ///< 0 to 1 of the phrase.
    double span = 1;
    double rowHeight = 0;  ///< 0: as many passes as fit, within bounds.
    double scroll = 0;     ///< Pixels above the first visible row.
};

/// Where everything of the field lies, for a size in pixels. Pure: no widget, no painter.
class FieldLayout {
  public:
    FieldLayout(const FieldData& data, const QSizeF& size, const FieldZoom& zoom);

    [[nodiscard]] QRectF summary() const { return m_summary; }
    [[nodiscard]] QRectF body() const { return m_body; }
    [[nodiscard]] double rowHeight() const { return m_rowHeight; }
    [[nodiscard]] double bodyHeight() const { return m_rowHeight * static_cast<double>(m_rows); }
    [[nodiscard]] double columnWidth() const { return m_columnWidth; }
    [[nodiscard]] double strokeWidth() const;

    /// x of a place in the phrase and a slot beside others of the same count.
    [[nodiscard]] double x(double place, int slot = 0) const;
    [[nodiscard]] bool isVisible(double place) const;
    /// y of the line on which a pass stands.
    [[nodiscard]] double baseline(std::size_t row) const;
    [[nodiscard]] double summaryBaseline() const;
    /// First and one past the last row in view.
    [[nodiscard]] std::pair<std::size_t, std::size_t> visibleRows() const;
    [[nodiscard]] StrokeScale scale() const;
    [[nodiscard]] StrokeScale summaryScale() const;

    struct Cell {
        std::size_t row;
        std::size_t mark;
    };
    /// The mark nearest to a point of the body.
    [[nodiscard]] std::optional<Cell> at(const FieldData& data, const QPointF& point) const;

  private:
    FieldZoom m_zoom;
    QRectF m_summary;
    QRectF m_body;
    std::size_t m_rows;
    double m_rowHeight;
    double m_columnWidth;
};

}  // namespace upbeat
