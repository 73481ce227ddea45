#pragma once

#include <QWidget>

#include "theme/spoken_rows.h"

#include "strokes/page_levels.h"
#include "strokes/stroke_shape.h"
#include "upbeat/field/field_data.h"

namespace upbeat {

/// The count line: words under every grid position, strokes as heights with limb feet, sticking letters. One row per
/// voice where an exercise has several; folded, all of them stand in one row.
class CountLine : public QWidget, public SpokenRows {
    Q_OBJECT
  public:
    explicit CountLine(QWidget* parent = nullptr);
    void setExercise(const Exercise& exercise);
    [[nodiscard]] const Exercise& exercise() const { return m_exercise; }
    /// How high the three classes stand.
    void setLevels(const PageLevels& levels);
    void setFolded(bool folded);
    [[nodiscard]] bool isFolded() const { return m_folded; }
    /// First bar in view (from 0) and how many bars fit.
    void scrollBars(int steps);
    /// Scrolls to a bar, from 0.
    void showBar(int bar);
    [[nodiscard]] int barsInView() const;
    [[nodiscard]] int firstBar() const { return m_firstBar; }
    [[nodiscard]] int spokenRowCount() const override;
    [[nodiscard]] QString spokenRow(int row) const override;

  protected:
    void paintEvent(QPaintEvent* event) override;
    /// The rows; folded there is only the first.
    [[nodiscard]] virtual std::vector<Voice> voices() const;
    /// Drawn between the ground and the strokes.
    virtual void paintMarks(QPainter& /*painter*/) const {}
    /// Shows another state of the same exercise: the bars in view stay. `columns` take the place of the words that
    /// follow from what is written.
    void showState(const Exercise& exercise, std::vector<FieldColumn> columns);
    [[nodiscard]] QRectF rowRect(std::size_t row) const;
    [[nodiscard]] double x(double place) const;
    /// Place in the phrase (0 to 1) under a pixel.
    [[nodiscard]] double placeAt(double pixel) const;

  private:
    static constexpr double kLow = 130;  // lower lines save on words and letters
    [[nodiscard]] double left() const;
    [[nodiscard]] double wordsHeight() const;
    void paintSpans(QPainter& painter) const;
    void paintBars(QPainter& painter) const;
    void paintMark(QPainter& painter, const QPointF& corner, const QString& text) const;
    void paintVoice(QPainter& painter, std::size_t row, Voice voice) const;
    [[nodiscard]] StrokeShape shapeOf(const Stroke& s, const QPointF& foot, const StrokeScale& scale,
                                      double width) const;
    void paintStroke(QPainter& painter, std::size_t index, const QRectF& row, double base) const;
    void paintWords(QPainter& painter, const QRectF& row) const;
    [[nodiscard]] bool inView(double place) const;

    Exercise m_exercise;
    FieldData m_page;
    PageLevels m_levels;
    int m_firstBar = 0;
    bool m_folded = false;
};

}  // namespace upbeat
