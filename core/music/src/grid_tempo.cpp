// The tempo plan, changes of tempo and held bars of the text form.
#include "grid_reader.h"
#include "grid_words.h"

namespace upbeat {

namespace {

/// "80 % from bar 9", "70 % over bars 15 to 16".
std::optional<TempoChange> changeIn(const std::vector<std::string_view>& parts) {
    if (parts.size() < 5 || parts[1] != "%") return std::nullopt;
    const auto percent = numberIn(parts[0]);
    const auto bar = barIn(parts[4]);
    if (!percent || !bar) return std::nullopt;
    if (parts.size() == 5 && parts[2] == "from" && parts[3] == "bar") return TempoChange{*bar, *percent};
    if (parts.size() != 7 || parts[2] != "over" || parts[3] != "bars" || parts[5] != "to") return std::nullopt;
    const auto through = barIn(parts[6]);
    return through ? std::optional(TempoChange{*bar, *percent, *through}) : std::nullopt;
}

}  // namespace

void GridReader::readTempo(std::string_view value) {
    const auto parts = split(value, " ");
    const auto at = [&](std::size_t i) { return i < parts.size() ? numberIn(parts[i]) : std::nullopt; };
    const bool whole = parts.size() == 5 && parts[1] == "to" && parts[3] == "by" && at(0) && at(2) && at(4);
    if (whole)
        m_exercise.tempo = {*at(0), *at(2), *at(4)};
    else if (const auto change = changeIn(parts))
        m_exercise.tempoChanges.push_back(*change);
    else
        wrong(UPBEAT_TEXT("this is no tempo plan and no change of tempo"),
              UPBEAT_TEXT("write 60 to 112 by 4, 80 % from bar 9 or 70 % over bars 15 to 16"));
}

/// "bar 16 by 2".
void GridReader::readHeld(std::string_view value) {
    const auto parts = split(value, " ");
    const bool isHeld = parts.size() == 4 && parts[0] == "bar" && parts[2] == "by";
    const auto bar = isHeld ? barIn(parts[1]) : std::nullopt;
    const auto beats = isHeld ? numberIn(parts[3]) : std::nullopt;
    if (!bar || !beats)
        return wrong(UPBEAT_TEXT("this is no held bar"), UPBEAT_TEXT("write it as bar 16 by 2, in beats"));
    m_exercise.heldBars.push_back({*bar, *beats});
}

}  // namespace upbeat
