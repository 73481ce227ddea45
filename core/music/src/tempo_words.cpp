#include "upbeat/music/tempo_words.h"

#include <fmt/format.h>

#include <algorithm>
#include <vector>

#include "grid_words.h"
#include "upbeat/music/tempo_map.h"

namespace upbeat {

namespace {

void setHeld(Exercise& e, const HeldBar& held) {
    auto& all = e.heldBars;
    std::erase_if(all, [&](const HeldBar& h) { return h.bar == held.bar; });
    if (held.beats == 0) return;
    all.insert(std::find_if(all.begin(), all.end(), [&](const HeldBar& h) { return h.bar > held.bar; }), held);
}

}  // namespace

std::optional<Result<Exercise>> withTempoWords(const Exercise& exercise, int bar, std::string_view words) {
    std::string spaced;
    for (const char c : words) spaced += c == '%' ? std::string(" %") : std::string(1, c);
    const auto parts = split(spaced, " ");
    const auto number = [&](std::size_t i) { return i < parts.size() ? numberIn(parts[i]) : std::nullopt; };
    Exercise changed = exercise;
    if (parts.size() == 2 && parts[0] == "held" && number(1)) {
        setHeld(changed, {bar, *number(1)});
    } else if (parts.size() >= 2 && parts[1] == "%" && number(0)) {
        const auto bars = parts.size() == 5 ? barIn(parts[3]) : std::nullopt;
        const bool isGradual = bars && parts[2] == "over" && parts[4].starts_with("bar");
        if (parts.size() != 2 && !isGradual) return std::nullopt;
        setTempoChange(changed, {bar, *number(0), isGradual ? bar + *bars - 1 : 0});
    } else {
        return std::nullopt;
    }
    if (const auto good = checkTempoChanges(changed); !good) return tl::unexpected(good.error());
    return changed;
}

std::string tempoMarkOf(const Exercise& e, int bar) {
    std::vector<std::string> marks;
    for (const TempoChange& change : e.tempoChanges)
        if (change.bar == bar)
            marks.push_back(fmt::format("{}{:.3g} %", change.through > 0 ? "to " : "", change.percent));
    for (const HeldBar& held : e.heldBars)
        if (held.bar == bar) marks.push_back(fmt::format("held {:g}", held.beats));
    return fmt::format("{}", fmt::join(marks, ", "));
}

}  // namespace upbeat
