#pragma once

#include "place/place.h"
#include "studio/audio_input.h"
#include "studio/foot_switch.h"
#include "studio/hands_free.h"
#include "studio/recorder.h"
#include "studio/review.h"
#include "studio/routine.h"
#include "studio/setup.h"
#include "studio/stand.h"

namespace upbeat {

/// Am I with it? Very large tempo and count, the phrase with strokes landing, passes so far, the input level. Readable
/// from a drum stool: everything scales with the window.
class PlayPlace : public Place {
    Q_OBJECT
  public:
    /// What it shows and works with; all of it outlives the widget.
    struct With {
        Stand& stand;
        Recorder& recorder;
        HandsFree& handsFree;
        Routine& routine;
        NextSteps& nextSteps;
        Setup& setup;
        AudioInput& input;
        const Review& review;
        FootSwitch& footSwitch;
        Notices& notices;
    };
    explicit PlayPlace(const With& with, QWidget* parent = nullptr);
    [[nodiscard]] QList<HelpPoint> helpPoints() const override;
    void enter() override;

  protected:
    void hideEvent(QHideEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

  private:
    void refresh();
    void paintTempo(QPainter& painter, const QRectF& box) const;
    [[nodiscard]] QString beforeOrAfter(bool isOver) const;
    void paintCount(QPainter& painter, const QRectF& box) const;
    void paintPasses(QPainter& painter, const QRectF& box) const;
    /// Of a piece: the section one is in and, a bar ahead, the next one.
    void paintSection(QPainter& painter, const QRectF& box) const;
    /// In the rest: what is next, as large as the tempo, and why.
    void paintRest(QPainter& painter, const QRectF& box) const;
    void somethingHurts();
    void teachTaps();
    void teachFootSwitch();
    void addKeys();
    void paintPhrase(QPainter& painter, const QRectF& box) const;
    struct PhraseView;
    [[nodiscard]] PhraseView viewOf(const QRectF& box, double place) const;
    void paintRows(QPainter& painter, const PhraseView& view, const QRectF& box) const;
    void paintLive(QPainter& painter, const PhraseView& view, const LiveTake& take) const;
    void paintLevel(QPainter& painter, const QRectF& box) const;
    [[nodiscard]] const Exercise& exercise() const;

    With m_with;
    FieldData m_page;
    double m_levelDb = -120;
};

/// What the big count shows: beat number and word of the count under way.
struct CountNow {
    QString beat;
    QString word;
};

/// Where one is in a piece.
struct SectionNow {
    QString name;
    int bar = 1;   ///< As it is printed.
    QString next;  ///< The section that begins with the next bar; else empty.
};
/// At a place of the page (0 to 1); nothing without sections.
[[nodiscard]] std::optional<SectionNow> sectionNow(const Exercise& exercise, double place);

/// Where the beat before a place of the phrase stands.
[[nodiscard]] double beatPlaceBefore(const FieldData& page, double place);

/// The count at a place of the phrase (0 to 1); in a count-in `beatsNow` is negative and only the beat is shown.
[[nodiscard]] CountNow countAt(const FieldData& page, const Meter& meter, double place, double beatsNow);

}  // namespace upbeat
