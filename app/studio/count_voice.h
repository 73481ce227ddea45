#pragma once

#include <QStringList>
#include <functional>
#include <memory>

#include "upbeat/audio/take_plan.h"

namespace upbeat {

/// Gives the sound of a word; null where it is not there.
using SoundOfWord = std::function<std::shared_ptr<const Sound>(const QString& word)>;

/// "one", "two" ... as many as a bar has beats, in the language of the player.
[[nodiscard]] QStringList countWords(int beats);

/// What is said in a bar of the take instead of counting it.
struct Announcement {
    int bar = 0;  ///< From 0.
    QString name;
};
/// The sections of a piece that begin in the take, each said in the bar before it.
[[nodiscard]] std::vector<Announcement> announcementsIn(const TakePlan& plan);

/// The beats counted aloud over the click: in the count-in, or `throughout`, where the next section of a piece is
/// announced in the bar before it. Every word begins on its beat and is over before the next one, a name before the
/// next bar. Null where a word is missing or there is nothing to count; a name that is not there yet is not said.
[[nodiscard]] std::shared_ptr<const Sound> countTrack(const TakePlan& plan, int sampleRate, bool throughout,
                                                      const SoundOfWord& soundOf);

}  // namespace upbeat
