#pragma once

#include <pugixml.hpp>
#include <string>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// What our own MusicXML files say beyond notes, as "miscellaneous" fields in the words of the text form.
void writeOwnFields(pugi::xml_node identification, const Exercise& exercise);

struct OwnFields {
    std::string id;  ///< Empty: the file is of another program.
    std::string trains;
    bool swingByTempo = false;
    bool hasTempo = false;
    Exercise head;  ///< Tags, tempo plan, free spans, dynamics, counting.
};
[[nodiscard]] OwnFields readOwnFields(pugi::xml_node score);

/// Everything but the dynamics, which belong to the reading of the notes.
void apply(const OwnFields& fields, Exercise& exercise);

/// A page that can be played, with the sections that follow others; what was written otherwise since is their own.
[[nodiscard]] Exercise withSectionsThatFollow(Exercise exercise, const OwnFields& fields);

/// Text on one line.
[[nodiscard]] std::string inOneLine(std::string text);

}  // namespace upbeat
