#pragma once

#include <QBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
#include <QWidget>

#include "studio/playback.h"
#include "studio/setup.h"
#include "studio/stand.h"

namespace upbeat {

/// Hearing the exercise before playing it: by the simulated player, at the tempo of the ladder or half of it, with or
/// without click, exact or as a person plays, any bars of it, once or round and round.
class HearBar : public QWidget {
    Q_OBJECT
  public:
    /// What it shows and works with; all of it outlives the widget.
    struct With {
        Stand& stand;
        const Setup& setup;
        Playback& playback;
    };
    explicit HearBar(const With& with, QWidget* parent = nullptr);
    /// Plays, or stops what plays. `span` in quarter notes of the phrase: instead of the bars that are set.
    void hear(const std::optional<FreeSpan>& span = std::nullopt);
    /// Only the bars that are set become the exercise; in a drill the whole comes back.
    void practise();
    void refresh();
    /// From now on these bars, both included.
    void chooseBars(int from, int to);
    [[nodiscard]] QSize minimumSizeHint() const override;

  protected:
    void resizeEvent(QResizeEvent* event) override;

  private:
    void buildSound();
    void buildPart();
    void arrange();
    void showPlaying();
    void showPractise();
    QPushButton* toggle(const QString& text, const QString& tip);

    With m_with;
    QBoxLayout* m_layout;
    QWidget* m_sound;  ///< What is heard, and how.
    QWidget* m_part;   ///< Which bars.
    QPushButton* m_hear;
    QPushButton* m_half;
    QPushButton* m_click;
    QPushButton* m_feel;
    QPushButton* m_loop;
    QLabel* m_bars;
    QSpinBox* m_from;
    QSpinBox* m_to;
    QPushButton* m_practise;
};

}  // namespace upbeat
