#pragma once

#include <QWidget>
#include <vector>

#include "upbeat/measure/sections_played.h"

namespace upbeat {

/// The sections of a take one under the other, each as the leaning stroke of its pulse, with the tempo as it was played
/// and what is different from the section before it in words.
class SectionCompare : public QWidget {
    Q_OBJECT
  public:
    explicit SectionCompare(QWidget* parent = nullptr);

    /// Nothing to see with fewer than two sections.
    void show(std::vector<SectionPlayed> sections, double clickBpm);
    [[nodiscard]] const std::vector<SectionPlayed>& sections() const { return m_sections; }
    /// What is said under a section; empty where nothing can be told.
    [[nodiscard]] QString said(std::size_t section) const;

  protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

  private:
    [[nodiscard]] int heightOf(std::size_t section) const;
    void fit();
    [[nodiscard]] QString figuresOf(const SectionPlayed& played) const;

    std::vector<SectionPlayed> m_sections;
    double m_clickBpm = 0;
};

}  // namespace upbeat
