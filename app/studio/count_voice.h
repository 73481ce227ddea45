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

/// The beats counted aloud over the click: in the count-in, or `throughout`. Every word begins on its beat and is over
/// before the next one. Null where a word is missing or there is nothing to count.
[[nodiscard]] std::shared_ptr<const Sound> countTrack(const TakePlan& plan, int sampleRate, bool throughout,
                                                      const SoundOfWord& soundOf);

}  // namespace upbeat
