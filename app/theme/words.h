#pragma once

#include <QString>

#include "upbeat/words/words.h"

namespace upbeat {

/// The language of the window, for everything that is said by the core: Qt's translation of the context "Words".
[[nodiscard]] const Translate& tongue();

/// A text of the core in the language of the window.
[[nodiscard]] inline QString inWords(const Text& text) {
    return QString::fromStdString(text.said(tongue()));
}

/// A number of things; both texts are marked, see Text::counted.
[[nodiscard]] inline QString counted(int n, const char* one, const char* many) {
    return inWords(Text::counted(n, one, many));
}

/// A tempo as shown: no decimals when it is whole.
[[nodiscard]] inline QString tempoInWords(double bpm) {
    return QString::fromStdString(words::tempo(bpm));
}

}  // namespace upbeat
