#pragma once

#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "look/close_up.h"
#include "look/group_compare.h"
#include "look/offset_strip.h"
#include "look/section_compare.h"
#include "look/spread_bar.h"
#include "place/gate_list.h"
#include "place/place.h"
#include "place/verdict_bar.h"
#include "strokes/field_view.h"
#include "strokes/lens.h"
#include "strokes/section_strip.h"
#include "studio/letters.h"
#include "studio/next_steps.h"
#include "studio/own_levels.h"
#include "studio/playback.h"
#include "studio/review.h"
#include "studio/stand.h"

namespace upbeat {

/// What happened? The field, the findings as sentences, and the take to hear again.
class LookPlace : public Place {
    Q_OBJECT
  public:
    /// What it shows and works with; all of it outlives the widget.
    struct With {
        Review& review;
        NextSteps& nextSteps;
        Playback& playback;
        Stand& stand;
        const Setup& setup;
        Letters& letters;
    };
    explicit LookPlace(const With& with, QWidget* parent = nullptr);
    [[nodiscard]] QList<HelpPoint> helpPoints() const override;
    void enter() override;

    void setLens(Lens lens);
    /// Findings, or the groups side by side.
    void toggleGroups();

    [[nodiscard]] FieldView* field() const { return m_field; }
    [[nodiscard]] int findingCount() const { return m_findingCount; }
    [[nodiscard]] Lens lens() const { return m_lens; }
    [[nodiscard]] GroupCompare* groups() const { return m_groups; }
    [[nodiscard]] SectionCompare* contexts() const { return m_contexts; }
    [[nodiscard]] CloseUp* closeUp() const { return m_closeUp; }

    [[nodiscard]] SectionStrip* sections() const { return m_sections; }

  protected:
    void resizeEvent(QResizeEvent* event) override;

  private:
    void showTake();
    /// Of a piece: only the bars of this section; none for all of it.
    void showSection(std::optional<int> section);
    void nextTrouble();
    /// What the field shows: the take, or the part of it that is a section.
    [[nodiscard]] const TakeAnalysis& shown() const;
    void addSectionKeys();
    void showSections();
    void placeInTake(FieldData& field) const;
    void showVerdict();
    void showChosen();
    void fillFindings();
    void addLine(const QString& text);
    void addRemarks(const std::vector<Remark>& remarks);
    void chooseFinding(int index);
    void showSectionOf(const Finding& finding);
    void nextLens();
    void turnSide(int pages);
    void fillLenses();
    [[nodiscard]] QWidget* buildSide();
    [[nodiscard]] QWidget* buildBeside();
    void connectOwners();
    void addKeys();
    void addListeningKeys();
    void buildListening(QVBoxLayout* side);
    [[nodiscard]] Listening spanToHear() const;
    void hear(Listening wish);
    void makeDrill();
    void writeReport();

    With m_with;
    SectionStrip* m_sections;
    FieldView* m_field;
    std::optional<TakeAnalysis> m_part;  // of the section that is shown
    int m_firstStroke = 0;               // of its page, in the page of the take
    std::vector<int> m_trouble;          // bars
    int m_troubleAt = -1;
    Lens m_lens = Lens::Timing;
    QHBoxLayout* m_lenses = nullptr;
    QLabel* m_lensHint;
    QLabel* m_sideTitle;
    QScrollArea* m_findingArea;
    QScrollArea* m_groupArea;
    SectionCompare* m_contexts;
    GroupCompare* m_groups;
    CloseUp* m_closeUp;
    QLabel* m_detail;
    QPushButton* m_withClick = nullptr;
    QPushButton* m_ideal = nullptr;
    QPushButton* m_loop = nullptr;
    QVBoxLayout* m_findings = nullptr;
    OffsetStrip* m_strip;
    GateList* m_gates;
    SpreadBar* m_spread;
    VerdictBar* m_verdict;
    int m_findingCount = 0;
    int m_finding = -1;
};

}  // namespace upbeat
