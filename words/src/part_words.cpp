// What parts of an exercise are called.
#include "upbeat/words/words.h"

namespace upbeat::words {

namespace {

struct TitleOfPart {
    const Exercise& whole;
    const Text& what;

    Text operator()(const Span& spot) const {
        const std::string beat = std::to_string(spot.fromBeat.floor());
        if (whole.bars == 1) return Text::with(UPBEAT_TEXT("%1: beat %2"), whole.title, beat);
        return Text::with(UPBEAT_TEXT("%1: beat %2 of bar %3"), whole.title, beat, printedBar(whole, spot.bar));
    }
    Text operator()(const BarRange& bars) const {
        for (const SectionSpan& section : sectionsOf(whole))
            if (section.from == bars.from && section.to == bars.to && !section.name.empty())
                return Text::with(UPBEAT_TEXT("%1: %2"), whole.title, section.name);
        const int from = printedBar(whole, bars.from);
        if (bars.from == bars.to) return Text::with(UPBEAT_TEXT("%1: bar %2"), whole.title, from);
        return Text::with(UPBEAT_TEXT("%1: bars %2 to %3"), whole.title, from, printedBar(whole, bars.to));
    }
    Text operator()(const StageNumber&) const { return Text::with(UPBEAT_TEXT("%1: %2"), whole.title, what); }
    Text operator()(const KitLesson&) const { return Text::with(UPBEAT_TEXT("%1: teach the kit"), whole.title); }
};

struct AimOfPart {
    const Exercise& whole;

    Text operator()(const Span&) const {
        return UPBEAT_TEXT("One spot of a longer phrase, with a rest before it comes round.");
    }
    Text operator()(const BarRange&) const { return whole.trains; }
    Text operator()(const StageNumber& stage) const { return explained(stage.inner.value_or(stage.method)); }
    Text operator()(const KitLesson&) const {
        return UPBEAT_TEXT("Lets the microphone learn each drum: strike it alone, softly first, then loudly.");
    }
};

}  // namespace

Text titleOf(const Origin& origin, const Exercise& whole, const Text& what) {
    return std::visit(TitleOfPart{whole, what}, origin.part);
}

Text aimOf(const Origin& origin, const Exercise& whole) {
    return std::visit(AimOfPart{whole}, origin.part);
}

}  // namespace upbeat::words
