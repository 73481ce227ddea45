#include "upbeat/measure/pulse.h"

#include <array>
#include <map>
#include <optional>
#include <utility>

#include "upbeat/music/bars.h"

namespace upbeat {

namespace {

/// What begins on each beat of the phrase, and how many places of the beat hold a stroke.
struct BeatOnPage {
    std::optional<int> stroke;
    int places = 0;
};

std::vector<BeatOnPage> beatsOnPage(const Exercise& e) {
    std::vector<BeatOnPage> beats(beatsOf(e).size());
    std::optional<Beats> last;
    for (std::size_t i = 0; i < e.strokes.size(); ++i) {
        const Beats& at = e.strokes[i].at;
        if (last && *last == at) continue;
        last = at;
        const CountedBeat beat = beatAt(e, at);
        auto& own = beats[beat.index];
        ++own.places;
        if (beat.start == at) own.stroke = static_cast<int>(i);
    }
    return beats;
}

class Offsets {
  public:
    explicit Offsets(const MatchedTake& take) {
        for (const MatchedStroke& s : take.strokes)
            if (s.written.role == Role::Main) m_offsets[{s.written.pass, s.written.stroke}] = s.offsetMs;
    }

    [[nodiscard]] std::optional<double> at(int pass, int stroke) const {
        const auto found = m_offsets.find({pass, stroke});
        return found == m_offsets.end() ? std::nullopt : std::optional(found->second);
    }

  private:
    std::map<std::pair<int, int>, double> m_offsets;
};

}  // namespace

std::vector<PulseChange> measurePulse(const MatchedTake& take) {
    const auto beats = beatsOnPage(take.exercise);
    const auto count = static_cast<int>(beats.size());
    const Offsets offsets(take);
    // How much longer than the click's the beat that starts `from` beats into the phrase is. Beats reach over the end.
    const auto longer = [&](int pass, int from) -> std::optional<double> {
        const auto offsetAt = [&](int beat) {
            const auto stroke = beats[static_cast<std::size_t>((beat + count) % count)].stroke;
            return offsets.at(pass + (beat + count) / count - 1, stroke.value_or(-1));
        };
        const auto start = offsetAt(from);
        const auto end = offsetAt(from + 1);
        return start && end ? std::optional(*end - *start) : std::nullopt;
    };
    std::vector<PulseChange> changes;
    for (int b = 0; b < count; ++b) {
        const auto near = [&](int away) -> const BeatOnPage& {
            return beats[static_cast<std::size_t>((b + away + count) % count)];
        };
        if (near(0).places == near(-1).places) continue;
        if (!near(-1).stroke || !near(0).stroke || !near(1).stroke || !near(2).stroke) continue;
        std::array<std::vector<double>, 3> lengths;
        for (int pass = 1; pass <= take.passes; ++pass)
            for (int part = 0; part < 3; ++part)
                if (const auto ms = longer(pass, b + part - 1)) lengths[static_cast<std::size_t>(part)].push_back(*ms);
        const auto before = meanFigure(lengths[0]);
        const auto across = meanFigure(lengths[1]);
        const auto after = meanFigure(lengths[2]);
        if (before && across && after)
            changes.push_back({*near(0).stroke, near(-1).places, near(0).places, *before, *across, *after});
    }
    return changes;
}

}  // namespace upbeat
