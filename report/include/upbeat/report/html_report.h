#pragma once

#include <string>
#include <vector>

#include "upbeat/take/analyze_take.h"
#include "upbeat/take/take_record.h"
#include "upbeat/units/sound.h"

namespace upbeat {

/// A take as it is sent to somebody.
struct ReportedTake {
    TakeRecord take;
    TakeAnalysis analysis;
    Sound sound;  ///< Empty: none goes along.
};

/// What goes along; nothing else leaves the machine, and nothing is ever sent by the program.
struct ReportWish {
    std::string player;  ///< Empty: no name.
    bool withDates = true;
    bool withNotes = true;
    bool withSound = true;
    Translate translate{};  ///< The language of the report.
};

/// One HTML file that needs neither network nor program: of every take the verdict, what was found, the gates, the
/// field as the window draws it and the sound, which plays from the stroke that is clicked, with the click and at half
/// speed where that is wanted. Whoever reads it can write beside strokes and takes and save an answer (answer.h). An
/// error where the sound cannot be packed.
[[nodiscard]] Result<std::string> htmlReport(const std::vector<ReportedTake>& takes, const ReportWish& wish);

}  // namespace upbeat
