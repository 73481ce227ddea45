#include "upbeat/music/library.h"

#include <algorithm>
#include <stdexcept>

#include "library/families.h"
#include "upbeat/music/grid_text.h"

namespace upbeat {

namespace {

void addFamily(std::vector<Exercise>& all, std::string_view texts) {
    constexpr std::string_view kBeginning = "\nid: ";
    for (auto from = texts.find(kBeginning); from != std::string_view::npos;) {
        const auto next = texts.find(kBeginning, from + 1);
        const std::string_view text = texts.substr(from + 1, next - from - 1);
        auto exercise = exerciseFromText(text);
        // A mistake in what we wrote ourselves: every test of the library fails on it.
        if (!exercise) throw std::logic_error(std::string(text) + exercise.error().sentence());
        all.push_back(*std::move(exercise));
        from = next;
    }
}

std::vector<Exercise> composeAll() {
    std::vector<Exercise> all;
    for (const auto family : {library::basics, library::rudiments, library::ornaments, library::rolls, library::control,
                              library::timing, library::grooves, library::fills, library::independence})
        addFamily(all, family());
    return all;
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
