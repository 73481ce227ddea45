#pragma once

#include <QWidget>
#include <memory>

#include "upbeat/units/sound.h"

namespace upbeat {

/// The sound around one hit with its onset, close enough to judge with the eye.
class CloseUp : public QWidget {
    Q_OBJECT
  public:
    explicit CloseUp(QWidget* parent = nullptr);

    /// `onsetS` counts from the start of `sound`; nothing is drawn without a sound.
    void show(std::shared_ptr<const Sound> sound, double onsetS);
    void clear();
    [[nodiscard]] bool isEmpty() const { return m_sound == nullptr; }

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    std::shared_ptr<const Sound> m_sound;
    double m_onsetS = 0;
};

}  // namespace upbeat
