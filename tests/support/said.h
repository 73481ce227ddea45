#pragma once

#include <QString>

#include "upbeat/take/analyze_take.h"
#include "upbeat/words/words.h"

namespace upbeat::test {

// What is said, in English.
inline QString english(const Text& text) {
    return QString::fromStdString(text.said());
}
inline QString headline(const TakeAnalysis& a) {
    return english(words::headlineOf(a.verdict));
}
inline QString reason(const TakeAnalysis& a) {
    return english(words::reasonOf(a.matched.exercise, a.verdict));
}

}  // namespace upbeat::test
