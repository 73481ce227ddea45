// Ways of taking a piece apart by its sections.
#include "upbeat/music/transform.h"
#include "ways.h"

namespace upbeat {

namespace {

/// Its name; its bars as they are printed where it has none.
Text nameOf(const Exercise& e, const SectionSpan& span) {
    if (!span.name.empty()) return span.name;
    return Text::with(UPBEAT_TEXT("bars %1 to %2"), std::to_string(printedBar(e, span.from)),
                      std::to_string(printedBar(e, span.to)));
}

}  // namespace

void sectionBySection(Stages& stages, const Exercise& e) {
    const auto spans = sectionsOf(e);
    if (spans.size() < 2) return;
    for (std::size_t i = 0; i < spans.size(); ++i) {
        stages.add(nameOf(e, spans[i]), barsOf(e, spans[i].from, spans[i].to));
        if (i > 0 && spans.size() > 2)
            stages.add(Text::with(UPBEAT_TEXT("%1 and %2"), nameOf(e, spans[i - 1]), nameOf(e, spans[i])),
                       barsOf(e, spans[i - 1].from, spans[i].to));
    }
    stages.addWhole();
}

void fromTheEnd(Stages& stages, const Exercise& e) {
    const auto spans = sectionsOf(e);
    if (spans.size() < 2) return;
    for (std::size_t i = spans.size(); i-- > 1;) {
        const Text name = nameOf(e, spans[i]);
        stages.add(i + 1 == spans.size() ? name : Text::with(UPBEAT_TEXT("from %1 on"), name),
                   barsOf(e, spans[i].from, e.bars));
    }
    stages.addWhole();
}

void transitions(Stages& stages, const Exercise& e) {
    const auto spans = sectionsOf(e);
    for (std::size_t i = 1; i < spans.size(); ++i)
        stages.add(Text::with(UPBEAT_TEXT("%1 into %2"), nameOf(e, spans[i - 1]), nameOf(e, spans[i])),
                   barsOf(e, spans[i].from - 1, spans[i].from));
    if (spans.size() > 1) stages.addWhole();
}

}  // namespace upbeat
