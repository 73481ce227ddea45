// Look for long forms: one section at a time, and from trouble to trouble.
#include <algorithm>

#include "look/look_place.h"
#include "upbeat/align/take_within.h"
#include "upbeat/measure/bar_figures.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/method.h"

namespace upbeat {

const TakeAnalysis& LookPlace::shown() const {
    return m_part ? *m_part : m_with.review.take()->analysis;
}

void LookPlace::addSectionKeys() {
    const auto turn = [this](int steps) {
        if (const auto section = m_sections->beside(steps); section && m_with.review.take()) showSection(section);
    };
    addKey(Qt::Key_BracketRight, QStringLiteral("[ ]"), tr("section"), [turn] { turn(1); });
    addHiddenKey(Qt::Key_BracketLeft, [turn] { turn(-1); });
    addKey(Qt::Key_T, QStringLiteral("T"), tr("next trouble"), [this] { nextTrouble(); });
    connect(m_sections, &SectionStrip::sectionChosen, this, &LookPlace::showSection);
}

/// A page that fits is shown whole, a longer piece by the section in which there is most to see.
void LookPlace::showSections() {
    const TakeAnalysis& take = m_with.review.take()->analysis;
    const Exercise& page = take.matched.exercise;
    m_sections->show(page);
    m_trouble = barsInTrouble(barFigures(take.matched));
    m_troubleAt = -1;
    m_sections->markBars(m_trouble);
    std::optional<int> first;
    if (page.bars > kLongestPhrase && m_sections->sections().size() > 1) first = 0;
    if (first && !take.findings.empty() && take.findings.front().section)
        first = m_sections->sectionOf(take.findings.front().section->from);
    showSection(first);
}

void LookPlace::showSection(std::optional<int> section) {
    m_sections->choose(section);
    m_part.reset();
    m_firstStroke = 0;
    if (section) {
        const MatchedTake& take = m_with.review.take()->analysis.matched;
        const SectionSpan& span = m_sections->sections()[static_cast<std::size_t>(*section)];
        m_part.emplace();
        m_part->matched = takeWithin(take, span.from, span.to);
        m_part->measures = measure(m_part->matched);
        m_firstStroke = firstStrokeOf(take.exercise, span.from);
    }
    setLens(m_lens);
    showChosen();
}

/// What is heard and seen from near lies where it was recorded.
void LookPlace::placeInTake(FieldData& field) const {
    const SectionSpan& span = m_sections->sections()[static_cast<std::size_t>(*m_sections->chosen())];
    const MatchedTake& take = m_with.review.take()->analysis.matched;
    for (std::size_t row = 0; row < field.rows.size(); ++row)
        for (FieldMark& mark : field.rows[row])
            mark.timeS += laterInTakeS(take, span.from, span.to, static_cast<int>(row) + 1);
}

void LookPlace::nextTrouble() {
    if (m_trouble.empty() || !m_with.review.take()) return;
    m_troubleAt = (m_troubleAt + 1) % static_cast<int>(m_trouble.size());
    const int bar = m_trouble[static_cast<std::size_t>(m_troubleAt)];
    if (const auto section = m_sections->sectionOf(bar); section && m_sections->chosen() != section)
        showSection(section);
    const Exercise& page = m_with.review.take()->analysis.matched.exercise;
    std::vector<int> strokes;
    const int behind = firstStrokeOf(page, bar + 1);
    for (int stroke = firstStrokeOf(page, bar); stroke < behind; ++stroke) strokes.push_back(stroke - m_firstStroke);
    m_field->highlightStrokes(strokes);
    m_detail->show();
    m_detail->setText(tr("Bar %1").arg(printedBar(page, bar)));
}

}  // namespace upbeat
