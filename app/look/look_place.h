#pragma once

#include <QLabel>
#include <QScrollArea>
#include <QVBoxLayout>

#include "shell/place.h"
#include "shell/verdict_bar.h"
#include "strokes/field_view.h"
#include "studio/studio.h"

namespace upbeat {

/// What happened? The field, the findings as sentences, and the take to hear again.
class LookPlace : public Place {
    Q_OBJECT
  public:
    explicit LookPlace(Studio& studio, QWidget* parent = nullptr);
    void enter() override;

    [[nodiscard]] FieldView* field() const { return m_field; }
    [[nodiscard]] int findingCount() const { return m_findingCount; }

  private:
    void showTake();
    void showChosen();
    void fillFindings();
    void chooseFinding(int index);
    void hear();
    void hearAll();
    void makeDrill();

    Studio& m_studio;
    FieldView* m_field;
    QLabel* m_detail;
    QVBoxLayout* m_findings = nullptr;
    VerdictBar* m_verdict;
    int m_findingCount = 0;
    int m_finding = -1;
};

}  // namespace upbeat
