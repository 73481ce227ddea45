#pragma once

#include <QWidget>

#include "theme/spoken_rows.h"

#include "strokes/field_layout.h"
#include "strokes/stroke_painter.h"

namespace upbeat {

/// The main picture of a take: columns are counts, rows are passes, one leaning stroke per hit, averages on top.
class FieldView : public QWidget, public SpokenRows {
    Q_OBJECT
  public:
    explicit FieldView(QWidget* parent = nullptr);

    void setData(FieldData data);
    [[nodiscard]] const FieldData& data() const { return m_data; }
    [[nodiscard]] const FieldZoom& zoom() const { return m_zoom; }

    /// The chosen hit, where one is.
    [[nodiscard]] const FieldMark* chosen() const;
    void choose(std::size_t row, std::size_t mark);
    /// Chooses the hit that is nearest to a moment of the recording.
    void chooseAt(double timeS);
    /// Puts strokes of the exercise forward in all passes.
    void highlightStrokes(std::vector<int> strokes);
    [[nodiscard]] const std::vector<int>& highlighted() const { return m_highlighted; }
    /// Marks how far playback has come, in seconds of the recording; negative for none.
    void setPlayhead(double timeS);
    [[nodiscard]] double playheadS() const { return m_playheadS; }
    [[nodiscard]] int spokenRowCount() const override;
    [[nodiscard]] QString spokenRow(int row) const override;

  public Q_SLOTS:
    void zoomIn();
    void zoomOut();
    void moveAlong(int steps);
    void movePass(int steps);

  Q_SIGNALS:
    void chosenChanged();

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

  private:
    [[nodiscard]] FieldLayout layoutNow() const;
    void setZoomSpan(double span);
    void bringIntoView();
    void clampScroll();
    void paintGrid(QPainter& painter, const FieldLayout& layout) const;
    void paintSummary(QPainter& painter, const FieldLayout& layout) const;
    void paintSummaryWords(QPainter& painter, const FieldLayout& layout) const;
    void paintGaps(QPainter& painter, const FieldLayout& layout) const;
    void paintRows(QPainter& painter, const FieldLayout& layout) const;
    void paintMark(const StrokePainter& strokes, const FieldLayout& layout, const FieldMark& mark, double y) const;
    void paintGlow(QPainter& painter, const FieldLayout& layout, std::size_t row, std::size_t index) const;

    FieldData m_data;
    FieldZoom m_zoom;
    std::optional<FieldLayout::Cell> m_chosen;
    std::vector<int> m_highlighted;
    double m_playheadS = -1;
};

}  // namespace upbeat
