#pragma once

#include <QWidget>
#include <optional>
#include <set>
#include <vector>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// The sections of a piece as one thin strip, each as wide as its bars: where one is, what is chosen, and what there is
/// to say of each. Not seen where a page has no sections.
class SectionStrip : public QWidget {
    Q_OBJECT
  public:
    explicit SectionStrip(QWidget* parent = nullptr);
    void show(const Exercise& exercise);
    /// The section that is chosen, from 0; none for all of it.
    void choose(std::optional<int> section);
    [[nodiscard]] std::optional<int> chosen() const { return m_chosen; }
    [[nodiscard]] const std::vector<SectionSpan>& sections() const { return m_sections; }
    /// The section before (-1) or behind (1) the chosen one, round the piece; none where there is no choice.
    [[nodiscard]] std::optional<int> beside(int steps) const;
    /// The section that holds a bar.
    [[nodiscard]] std::optional<int> sectionOf(int bar) const;
    /// A word under each name; the one that matters most stands out.
    void setNotes(QStringList notes, std::optional<int> outstanding);
    /// Bars that are marked.
    void markBars(const std::vector<int>& bars);
    static constexpr int kHeight = 62;
    [[nodiscard]] QSize sizeHint() const override { return {400, kHeight}; }

  Q_SIGNALS:
    void sectionChosen(std::optional<int> section);  ///< By a click; on the chosen one: all of it.
    void barsDragged(int from, int to);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

  private:
    [[nodiscard]] double xOf(int bar) const;
    [[nodiscard]] int barAtX(double x) const;

    std::vector<SectionSpan> m_sections;
    int m_bars = 1;
    std::optional<int> m_chosen;
    QStringList m_notes;
    std::optional<int> m_outstanding;
    std::set<int> m_marked;
    int m_pressed = 0;  // bar
    int m_dragged = 0;
};

}  // namespace upbeat
