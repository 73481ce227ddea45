#include "upbeat/music/library.h"

#include <algorithm>
#include <stdexcept>

#include "upbeat/music/line.h"

namespace upbeat {

namespace {

struct Row {
    Voice voice;
    std::string_view line;
    Beats step;
};

Exercise compose(Exercise frame, std::initializer_list<Row> rows) {
    for (const Row& row : rows) {
        const auto strokes = strokesFromLine(row.line, row.voice, Beats(0), row.step);
        if (!strokes) throw std::logic_error(frame.id + ": " + strokes.error().sentence());
        frame.strokes.insert(frame.strokes.end(), strokes->begin(), strokes->end());
    }
    Exercise exercise = inOrder(std::move(frame));
    if (const auto ok = check(exercise); !ok) throw std::logic_error(exercise.id + ": " + ok.error().sentence());
    return exercise;
}

std::vector<Exercise> composeAll() {
    const Beats sixteenth(1, 4);
    const Beats eighth(1, 2);
    const Beats triplet(1, 3);
    const Beats fifth(1, 5);
    const Meter four{4, 4};
    return {
        compose({"singles-sixteenths",
                 "Singles in sixteenths",
                 "Even hands at one level.",
                 {"hands", "singles"},
                 four,
                 1,
                 {},
                 {60, 140, 4},
                 {}},
                {{Voice::Pad, "RLRL RLRL RLRL RLRL", sixteenth}}),
        compose({"doubles-sixteenths",
                 "Doubles in sixteenths",
                 "A second stroke as strong as the first.",
                 {"hands", "doubles"},
                 four,
                 1,
                 {},
                 {60, 130, 4},
                 {}},
                {{Voice::Pad, "RRLL RRLL RRLL RRLL", sixteenth}}),
        compose({"paradiddle-accents",
                 "Paradiddle, first note accented",
                 "Accents that stand out of a moving sticking.",
                 {"hands", "paradiddle", "accents"},
                 four,
                 1,
                 {},
                 {60, 132, 4},
                 {}},
                {{Voice::Snare, ">RLRR >LRLL >RLRR >LRLL", sixteenth}}),
        compose({"triplet-accents",
                 "Accented triplets",
                 "Accents that change hands with every beat.",
                 {"hands", "triplets", "accents"},
                 four,
                 1,
                 {},
                 {60, 150, 5},
                 {}},
                {{Voice::Pad, ">RLR >LRL >RLR >LRL", triplet}}),
        compose({"fives-singles",
                 "Fives, hand to hand",
                 "Five even notes where the beat moves from hand to hand.",
                 {"hands", "fives"},
                 four,
                 1,
                 {},
                 {50, 100, 4},
                 {}},
                {{Voice::Pad, ">RLRLR >LRLRL >RLRLR >LRLRL", fifth}}),
        compose({"ghosted-backbeat",
                 "Ghosted backbeat",
                 "Ghost notes that stay low beside a loud backbeat.",
                 {"groove", "ghosts", "independence"},
                 four,
                 1,
                 {},
                 {60, 112, 4},
                 {}},
                {{Voice::HiHatClosed, "R.R. R.R. R.R. R.R.", sixteenth},
                 {Voice::Snare, "...(L) >L..(L) .(L).. >L..(L)", sixteenth},
                 {Voice::Kick, "F... ..F. ..F. ....", sixteenth}}),
        compose({"swung-ride",
                 "Swung ride with foot hi-hat",
                 "The place of the off-beat at a steady tempo.",
                 {"swing", "ride"},
                 four,
                 1,
                 {SwingLevel::Eighth, 2.0},
                 {90, 200, 6},
                 {}},
                {{Voice::Ride, "R. RR R. RR", eighth}, {Voice::HiHatFoot, ". . H . . . H .", eighth}}),
        compose({"flam-taps",
                 "Flams and taps",
                 "Grace notes of one size before even main strokes.",
                 {"hands", "flams", "ornaments"},
                 four,
                 1,
                 {},
                 {50, 110, 4},
                 {}},
                {{Voice::Snare, "f>R R f>L L f>R R f>L L", eighth}}),
    };
}

}  // namespace

const std::vector<Exercise>& builtInExercises() {
    static const std::vector<Exercise> exercises = composeAll();
    return exercises;
}

std::optional<Exercise> builtInExercise(std::string_view id) {
    const auto& all = builtInExercises();
    const auto found = std::find_if(all.begin(), all.end(), [id](const Exercise& e) { return e.id == id; });
    if (found == all.end()) return std::nullopt;
    return *found;
}

}  // namespace upbeat
