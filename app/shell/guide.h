#pragma once

#include <QLabel>
#include <QPushButton>
#include <QWidget>

#include "studio/studio.h"

namespace upbeat {

/// A first take in three minutes, step by step: the simulated player plays, the newcomer presses the keys. What was set
/// before is set again afterwards.
class Guide : public QWidget {
    Q_OBJECT
  public:
    enum class Step { Off, Stand, Space, Plays, Finding, Climb, Log };

    explicit Guide(Studio& studio, QWidget* parent = nullptr);

    void begin();
    void leave();
    [[nodiscard]] Step step() const { return m_step; }
    [[nodiscard]] QString text() const { return m_text->text(); }
    /// The window has come to a place, by its index.
    void cameTo(int place);

  Q_SIGNALS:
    void placeWanted(int place);

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    void go(Step step);
    void next();

    Studio& m_studio;
    QLabel* m_text;
    QPushButton* m_next;
    Step m_step = Step::Off;
    PracticeSettings m_before;
    std::string m_pageBefore;
};

}  // namespace upbeat
