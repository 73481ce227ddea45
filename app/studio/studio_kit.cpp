// The kit at the microphone: teaching it, and what it is then used for.
#include <algorithm>
#include <filesystem>

#include "studio/studio.h"
#include "theme/words.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/kit_json.h"
#include "upbeat/take/teach.h"

namespace upbeat {

/// Every input hears a kit in its own way.
void Studio::readKitOfInput() {
    m_kit = {};
    const auto file = m_folder.kitOf(m_input.id().toStdString());
    if (!std::filesystem::exists(file)) return;
    auto kit = readKit(file);
    if (kit)
        m_kit = *std::move(kit);
    else
        complain(kit.error());
}

bool Studio::canTeach() const {
    if (isMidi()) return false;  // its voices are exact
    return std::any_of(m_exercise.strokes.begin(), m_exercise.strokes.end(), [this](const Stroke& s) {
        return instrumentOf(s.voice) != instrumentOf(m_exercise.strokes.front().voice);
    });
}

bool Studio::isTaught() const {
    return untaughtVoices(m_exercise, m_kit).empty();
}

void Studio::teachKit() {
    if (isRecording() || isDrill() || refusesToWrite()) return;
    if (!canTeach()) {
        say(tr("This exercise has one instrument: there is nothing to tell apart."));
        return;
    }
    m_exercise = teachingExercise(m_exercise);
    readLadder();
    Q_EMIT exerciseChanged();
}

void Studio::learnFrom(const TakeRecord& lesson, const std::string& name) {
    m_worker.run(
        [lesson, name, store = m_archive.store()] {
            const HeardTake heard(lesson.hits, lesson.trace);
            TaughtKit kit = learnKit(matchTake(lesson.exercise, lesson.frame, heard));
            store.discard(name);
            return kit;
        },
        [this, page = lesson.exercise, file = m_folder.kitOf(m_input.id().toStdString())](const TaughtKit& newer) {
            learnMore(m_kit, newer);
            if (const auto kept = writeFileAtomically(file, toJson(m_kit)); !kept) complain(kept.error());
            const auto missing = untaughtVoices(page, newer);
            backToWhole();
            if (missing.empty())
                say(tr("The kit is learned: from now on its drums are told apart."));
            else
                say(tr("The %1 was not heard clearly enough; teach the kit once more.")
                        .arg(inWords(spokenName(missing.front()))));
            Q_EMIT kitLearned();
        });
}

}  // namespace upbeat
