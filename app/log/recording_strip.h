#pragma once

#include <QWidget>

#include "studio/outside_recording.h"

namespace upbeat {

/// A recording as a strip with the beats over it. Beat 1 and the ends of the stretch that is measured are dragged, or
/// moved by the arrow keys: a millisecond, with Shift ten, with Ctrl a beat. A second one shows the first bar closely.
class RecordingStrip : public QWidget {
    Q_OBJECT
  public:
    enum class View { Whole, FirstBar };
    RecordingStrip(OutsideRecording& recording, View view, QWidget* parent = nullptr);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

  private:
    enum class Grip { None, FirstBeat, From, To };

    [[nodiscard]] double startS() const;
    [[nodiscard]] double lengthS() const;
    [[nodiscard]] double xOf(double seconds) const;
    [[nodiscard]] double secondsAt(double x) const;
    void paintSound(QPainter& painter) const;
    void paintBeats(QPainter& painter) const;
    void paintStretch(QPainter& painter) const;

    OutsideRecording& m_recording;
    View m_view;
    Grip m_grip = Grip::None;
    double m_heldStartS = 0;  // the close view stands still while beat 1 is dragged in it
    double m_fromS = 0;       // while an end is dragged
    double m_toS = 0;
};

}  // namespace upbeat
