// The kit at the microphone: teaching it, and what it is then used for.
#include <QTimer>
#include <algorithm>
#include <filesystem>

#include "studio/background.h"
#include "studio/studio.h"
#include "theme/words.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/kit_json.h"
#include "upbeat/take/teach.h"

namespace upbeat {

/// Every input hears a kit in its own way.
std::filesystem::path Studio::kitFile() const {
    QString name = m_settings.input;
    for (QChar& c : name)
        if (!c.isLetterOrNumber()) c = QLatin1Char('_');
    return m_logbook->file().parent_path() / ("kit-" + name.toStdString() + ".json");
}

void Studio::readKitOfInput() {
    m_kit = {};
    const auto file = kitFile();
    if (!std::filesystem::exists(file)) return;
    auto kit = readKit(file);
    if (kit)
        m_kit = *std::move(kit);
    else
        QTimer::singleShot(0, this,
                           [this, why = sentenceOf(kit.error())] { Q_EMIT failed(why); });  // once there is a window
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
    if (isRecording() || isDrill()) return;
    if (!canTeach()) {
        Q_EMIT said(tr("This exercise has one instrument: there is nothing to tell apart."));
        return;
    }
    m_exercise = teachingExercise(m_exercise);
    readLadder();
    Q_EMIT exerciseChanged();
}

void Studio::learnFrom(const std::shared_ptr<TakeView>& view, const std::string& name) {
    runInBackground(
        m_pool, this,
        [view] {
            const HeardTake heard(std::move(view->stored.hits), std::move(view->stored.trace));
            return learnKit(matchTake(view->stored.exercise, view->stored.frame, heard));
        },
        [this, view, name](const TaughtKit& newer) {
            --m_unkept;
            m_store.discard(name);
            learnMore(m_kit, newer);
            if (const auto kept = writeFileAtomically(kitFile(), toJson(m_kit)); !kept)
                Q_EMIT failed(sentenceOf(kept.error()));
            const auto missing = untaughtVoices(view->stored.exercise, newer);
            backToWhole();
            if (missing.empty())
                Q_EMIT said(tr("The kit is learned: from now on its drums are told apart."));
            else
                Q_EMIT said(tr("The %1 was not heard clearly enough; teach the kit once more.")
                                .arg(inWords(spokenName(missing.front()))));
            Q_EMIT kitLearned();
        });
}

}  // namespace upbeat
