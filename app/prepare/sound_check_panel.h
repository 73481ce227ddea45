#pragma once

#include <QLabel>
#include <QPushButton>
#include <QWidget>
#include <array>

#include "prepare/pad_map_view.h"
#include "prepare/sound_check_view.h"
#include "prepare/sound_check_words.h"
#include "studio/sound_check.h"

namespace upbeat {

/// The sound check: its steps in a row, what to do in the one that is open, what is heard meanwhile, and two keys.
class SoundCheckPanel : public QWidget {
    Q_OBJECT
  public:
    explicit SoundCheckPanel(SoundCheck& check, QWidget* parent = nullptr);
    /// Does what the step waits for: what its first key says.
    void act();
    /// On to the next step, or out of the last one.
    void skip();
    void refresh();

  Q_SIGNALS:
    void left();

  protected:
    void keyPressEvent(QKeyEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

  private:
    void buildSteps();
    void layOut();
    void refreshSteps();

    SoundCheck& m_check;
    SoundCheckWords m_words;
    std::array<QPushButton*, SoundCheck::kSteps> m_steps{};
    QLabel* m_what;
    SoundCheckView* m_view;
    PadMapView* m_pads;
    QLabel* m_outcome;
    QPushButton* m_act;
    QPushButton* m_skip;
};

}  // namespace upbeat
