#pragma once

#include <QString>

#include "upbeat/words/words.h"

namespace upbeat {

/// The language of the window, for everything that is said by the core: Qt's translation of the context "Words".
[[nodiscard]] const Translate& tongue();

/// A text of the core in the language of the window, its numbers, too.
[[nodiscard]] QString inWords(const Text& text);

/// A number of things; both texts are marked, see Text::counted.
[[nodiscard]] inline QString counted(int n, const char* one, const char* many) {
    return inWords(Text::counted(n, one, many));
}

/// A tempo as shown: no decimals when it is whole.
[[nodiscard]] QString tempoInWords(double bpm);

/// Numbers as the language of the window writes them: "12.3" is "12,3" in German.
[[nodiscard]] QString withOwnNumbers(QString text);

/// To a tenth; what rounds to nothing has no sign.
[[nodiscard]] QString tenths(double value);

}  // namespace upbeat
