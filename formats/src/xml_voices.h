#pragma once

#include <map>
#include <optional>
#include <pugixml.hpp>
#include <string>

#include "upbeat/music/stroke.h"

namespace upbeat {

/// Which drum a note of a MusicXML part means: by its instrument's MIDI key, else by its place on the staff. Some
/// programs write drums as notes with a pitch on MIDI channel 10: there the pitch is the key.
class XmlVoices {
  public:
    XmlVoices(pugi::xml_node score, pugi::xml_node part);

    /// Nothing for a note with a pitch that means no drum.
    [[nodiscard]] std::optional<Voice> of(pugi::xml_node note) const;

    /// The first part with unpitched notes, else the first on MIDI channel 10; none where there is neither.
    [[nodiscard]] static pugi::xml_node percussionPart(pugi::xml_node score);

  private:
    std::map<std::string, Voice> m_instruments;
    bool m_pitchesAreKeys = false;
};

}  // namespace upbeat
