#pragma once

#include <map>
#include <numeric>
#include <pugixml.hpp>
#include <string>

#include "upbeat/music/bars.h"
#include "upbeat/music/exercise.h"

namespace upbeat {

using Node = pugi::xml_node;

/// How long a note is written: `units` of the beat's grid, each `value` of a whole note, `dots` more.
struct NoteLength {
    std::int64_t units = 1;
    int dots = 0;
};

/// The grid of one beat in one voice: `steps` in the time of `normal` plain ones, each 1/`value` of a whole note.
struct BeatGrid {
    std::int64_t steps = 1;
    std::int64_t normal = 1;
    std::int64_t value = 4;
};

/// Writes one exercise as a score: hands are voice 1, feet voice 2.
class ScoreWriter {
  public:
    /// What stands under a stroke besides its sticking, as a second line of lyrics.
    using WordsUnder = std::map<std::pair<Beats, Voice>, std::string>;

    explicit ScoreWriter(const Exercise& e, WordsUnder words = {})
        : m_e(e), m_hands(e), m_feet(e), m_words(std::move(words)) {
        std::erase_if(m_hands.strokes, isFoot);
        std::erase_if(m_feet.strokes, [](const Stroke& s) { return !isFoot(s); });
        // Every position and every unit of every beat is whole in these divisions, where they can be counted.
        for (const CountedBeat& beat : beatsOf(e))
            for (const bool feet : {false, true}) divideBy(unitOf(beat, feet).denominator());
    }

    std::string write();

  private:
    static bool isFoot(const Stroke& s) { return !isHand(s.limb); }

    [[nodiscard]] std::int64_t ticks(const Beats& length) const;

    [[nodiscard]] BeatGrid gridAt(const CountedBeat& beat, bool feet) const;
    [[nodiscard]] Beats unitOf(const CountedBeat& beat, bool feet) const;

    void writeHead(Node score) const;

    void writeBar(Node part, const Bar& bar) const;

    static void writeTime(Node attributes, const Meter& meter);
    void writeTempos(Node measure, const Bar& bar) const;
    void writeFermata(Node measure, const Bar& bar) const;

    void writeAttributes(Node measure) const;

    void writeDirections(Node measure, const Beats& from, const Beats& to) const;

    void writeVoice(Node measure, const Bar& bar, bool feet) const;

    void writeBeat(Node measure, const CountedBeat& beat, bool feet) const;

    /// The longest note, dotted or plain, that fits.
    static NoteLength longest(std::int64_t units);

    void writeSpan(Node measure, const std::vector<const Stroke*>& strokes, std::int64_t units, const BeatGrid& grid,
                   const Beats& unit, bool feet) const;

    /// Voice, type, dots and the grid the note belongs to.
    static void writeValue(Node note, const NoteLength& length, const BeatGrid& grid, bool feet);

    static void writePlace(Node note, Voice voice);

    static void writeInstrument(Node note, Voice voice);

    static void writeGraces(Node measure, const Stroke& s);

    void writeStroke(Node measure, const Stroke& s, bool chord, const NoteLength& length, const BeatGrid& grid,
                     const Beats& unit) const;

    static bool limbIsUsual(const Stroke& s);

    const Exercise& m_e;
    Exercise m_hands;  // what voice 1 plays
    Exercise m_feet;   // what voice 2 plays
    WordsUnder m_words;
    /// Finer than what others can count, places are written as near as may be.
    void divideBy(std::int64_t parts) {
        constexpr std::int64_t kFinest = 1'000'000'000;
        const std::int64_t most = kFinest / m_divisions;
        if (parts / std::gcd(m_divisions, parts) <= most) m_divisions = std::lcm(m_divisions, parts);
    }

    std::int64_t m_divisions = 1;
};

/// "quarter", "16th" ... of the note that is 1/`value` of a whole one.
[[nodiscard]] std::string_view typeOf(std::int64_t value);
/// Of the part list.
[[nodiscard]] std::string instrumentId(Voice voice);

}  // namespace upbeat
