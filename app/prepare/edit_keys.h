#pragma once

#include <QKeyEvent>
#include <functional>

#include "place/place.h"
#include "upbeat/music/editor.h"

namespace upbeat {

/// What a key does to the page.
struct EditAction {
    std::function<void(ExerciseEditor&)> change;
    bool leaves = false;
};

/// Nothing where the key means nothing on the page.
[[nodiscard]] const EditAction* actionFor(const QKeyEvent& event);
[[nodiscard]] QList<KeyHint> editKeyHints();

/// "bar 2, beat 3, snare: right accent": for screen readers and the panel.
[[nodiscard]] QString penInWords(const ExerciseEditor& editor);

/// The voice after this one that has no row yet, in the order a kit is written.
[[nodiscard]] Voice nextUnusedVoice(const ExerciseEditor& editor, Voice after);

}  // namespace upbeat
