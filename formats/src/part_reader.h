#pragma once

#include <map>
#include <optional>
#include <pugixml.hpp>
#include <set>
#include <vector>

#include "upbeat/formats/musicxml.h"
#include "upbeat/music/bars.h"
#include "xml_own_fields.h"
#include "xml_repeats.h"
#include "xml_voices.h"

namespace upbeat {

using Node = pugi::xml_node;

/// A note as it stands in the file.
struct ScoreNote {
    Beats at;
    Stroke stroke;
    std::optional<Limb> hand;
    int tremolo = 0;
    Beats length;
};

/// Reads the percussion part of a score, measure by measure; what cannot be carried over is listed.
class PartReader {
  public:
    PartReader(Node score, Node part) : m_part(part), m_voices(score, part) {}

    Result<Converted> read(Exercise frame);

  private:
    void lose(const std::string& what);
    void wrong(const Text& what, const Text& fix);

    [[nodiscard]] Beats beats(std::int64_t ticks) const { return {ticks, m_divisions}; }

    /// A repeat leads back to the meter and the tempo that were written there.
    void findWhatHolds(Node measure);

    void readMeasure(Node measure);

    /// Notes before the first full bar stand at the end of a bar of their own.
    void shiftPickup();
    void readRehearsal(const char* mark);

    void readAttributes(Node attributes);

    void readTime(Node time);

    void move(Node node, bool back);

    void keepInBar();

    void readNote(Node node);
    /// A fermata holds the end of its bar by a beat: how long is the player's, and a click needs a number.
    void readFermata(Node note);

    static bool isTied(Node node);

    ScoreNote noteOf(Node node, Voice voice, const Beats& at, const Beats& length);

    static void readSticking(std::string_view text, ScoreNote& note);

    void readDirection(Node direction);

    void readDynamic(const Beats& at, std::string_view mark);

    void loseLoneDynamic();

    void readWedge(const Beats& at, std::string_view type);

    void readSound(Node sound);
    void readTempo(double quarterBpm);

    /// Tremolo strokes of measured length, hand to hand.
    void addNote(const ScoreNote& note, bool& rightNext);

    Result<Converted> finish();

    static constexpr std::size_t kMostLosses = 20;
    Node m_part;
    XmlVoices m_voices;
    std::vector<ScoreNote> m_notes;
    std::map<Voice, int> m_graces;
    std::optional<Swell> m_wedge;
    std::optional<double> m_dynamic;
    bool m_isLone = false;                ///< The last dynamic belongs to no wedge so far.
    std::optional<std::size_t> m_closed;  ///< The swell that was closed last: a dynamic at its end belongs to it.
    Converted m_out;
    std::set<std::string> m_lost;
    std::optional<Error> m_error;
    std::string m_measure;
    std::int64_t m_divisions = 1;
    std::vector<Meter> m_meters;  ///< Of the bars read so far.
    Meter m_meter;
    Node m_last;
    Beats m_barStart;
    Beats m_barEnd;
    Beats m_nextBar;
    Beats m_now;
    Beats m_lastStart;
    double m_quarterBpm = 0;
};

}  // namespace upbeat
