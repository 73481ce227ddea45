#include "upbeat/music/tempo_words.h"

#include <fmt/format.h>

#include <algorithm>
#include <utility>
#include <vector>

#include "grid_words.h"
#include "upbeat/music/tempo_map.h"

namespace upbeat {

namespace {

void setChange(Exercise& e, const TempoChange& change) {
    const int last = std::max(change.bar, change.through);
    auto& changes = e.tempoChanges;
    std::erase_if(changes,
                  [&](const TempoChange& c) { return std::max(c.bar, c.through) >= change.bar && c.bar <= last; });
    changes.insert(
        std::find_if(changes.begin(), changes.end(), [&](const TempoChange& c) { return c.bar > change.bar; }), change);
    // One that changes nothing is none.
    double now = 100;
    std::erase_if(changes, [&now](const TempoChange& c) { return c.percent == std::exchange(now, c.percent); });
}

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
        const auto bars = number(3);
        const bool isGradual = parts.size() == 5 && parts[2] == "over" && parts[4].starts_with("bar") && bars &&
                               *bars >= 1 && *bars <= kMostBars;
        if (parts.size() != 2 && !isGradual) return std::nullopt;
        setChange(changed, {bar, *number(0), isGradual ? bar + static_cast<int>(*bars) - 1 : 0});
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
