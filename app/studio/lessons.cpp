#include "studio/lessons.h"

#include <algorithm>
#include <filesystem>

#include "studio/write_access.h"
#include "theme/words.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/kit_json.h"
#include "upbeat/take/teach.h"

namespace upbeat {

Lessons::Lessons(const With& with) : m_with(with) {
    connect(&m_with.input, &AudioInput::opened, this, &Lessons::readKit);
}

void Lessons::readKit() {
    m_kit = {};
    const auto file = m_with.folder.kitOf(toText(m_with.input.id()));
    if (!std::filesystem::exists(file)) return;
    auto kit = upbeat::readKit(file);
    if (kit)
        m_kit = *std::move(kit);
    else
        m_with.notices.complain(kit.error());
}

bool Lessons::canTeach() const {
    if (m_with.input.isMidi()) return false;  // its voices are exact
    const auto& strokes = m_with.stand.exercise().strokes;
    return std::any_of(strokes.begin(), strokes.end(), [&strokes](const Stroke& s) {
        return instrumentOf(s.voice) != instrumentOf(strokes.front().voice);
    });
}

bool Lessons::isTaught() const {
    return untaughtVoices(m_with.stand.exercise(), m_kit).empty();
}

void Lessons::teach() {
    Stand& stand = m_with.stand;
    if (stand.isFixed() || stand.isPart() || !mayKeep(m_with.folder, m_with.notices)) return;
    if (canTeach())
        stand.put(titled(teachingExercise(stand.exercise()), stand.exercise()));
    else
        m_with.notices.say(tr("This exercise has one instrument: there is nothing to tell apart."));
}

void Lessons::learn(const PlayedTake& lesson) {
    m_with.worker.run(
        [lesson, store = m_with.store] {
            const TakeRecord& take = lesson.take;
            TaughtKit kit = learnKit(matchTake(take.exercise, take.frame, HeardTake(take.hits, take.trace)));
            store.discard(lesson.name);
            return kit;
        },
        [this, page = lesson.take.exercise](const TaughtKit& newer) { learnMoreFrom(newer, page); });
}

void Lessons::learnMoreFrom(const TaughtKit& newer, const Exercise& page) {
    learnMore(m_kit, newer);
    const auto file = m_with.folder.kitOf(toText(m_with.input.id()));
    if (const auto kept = writeFileAtomically(file, toJson(m_kit)); !kept) m_with.notices.complain(kept.error());
    m_with.stand.backToWhole();
    if (const auto missing = untaughtVoices(page, newer); missing.empty())
        m_with.notices.say(tr("The kit is learned: from now on its drums are told apart."));
    else
        m_with.notices.say(tr("The %1 was not heard clearly enough; teach the kit once more.")
                               .arg(inWords(words::nameOf(missing.front()))));
    Q_EMIT learned();
}

}  // namespace upbeat
