// Ways of taking an exercise apart.
#include <array>

#include "upbeat/words/words.h"

namespace upbeat::words {

namespace {

struct MethodTexts {
    const char* name;
    const char* how;
};

constexpr std::array<MethodTexts, kMethodCount> kMethodTexts{{
    {UPBEAT_TEXT("Slow, the whole"),
     UPBEAT_TEXT("All of it from 60 percent up: nothing is left out, there is only more time.")},
    {UPBEAT_TEXT("Limbs apart"), UPBEAT_TEXT("Every hand and foot alone, then in pairs, then all of them.")},
    {UPBEAT_TEXT("Pieces and joins"),
     UPBEAT_TEXT("One beat at a time with a rest behind it, then neighbours joined, then the whole.")},
    {UPBEAT_TEXT("Grow from the start"),
     UPBEAT_TEXT("The first notes, the rest counted; when it is easy a little more.")},
    {UPBEAT_TEXT("Singles and doubles"),
     UPBEAT_TEXT("The same grid in singles and in doubles, changing over without a bump.")},
    {UPBEAT_TEXT("Half speed, full speed"),
     UPBEAT_TEXT("Each bar at half speed, then at full speed, then all bars joined.")},
    {UPBEAT_TEXT("One spot"), UPBEAT_TEXT("The spot with a bar of rest, then round and round, then inside its bar.")},
    {UPBEAT_TEXT("In context"), UPBEAT_TEXT("The groove, the phrase, and the groove again, as it will be played.")},
    {UPBEAT_TEXT("Keep and grow"),
     UPBEAT_TEXT("The limbs that repeat keep on; the others are added a few notes at a time.")},
    {UPBEAT_TEXT("Easier versions"),
     UPBEAT_TEXT(
         "Less of everything first: no ornaments, no ghosts, beats on the cymbal; then back to the full page.")},
    {UPBEAT_TEXT("Section by section"),
     UPBEAT_TEXT("Each section alone, then two that follow one another, then the whole piece.")},
    {UPBEAT_TEXT("From the end backwards"),
     UPBEAT_TEXT(
         "The last section, then the one before with it, until the piece is whole: one always plays into what is "
         "known.")},
    {UPBEAT_TEXT("Only the joins"),
     UPBEAT_TEXT("The last bar of every section into the first bar of the next, where pieces break.")},
    {UPBEAT_TEXT("Trade bars"),
     UPBEAT_TEXT("Bars as written and as many of your own in turn: there only where you come out again is judged.")},
}};

}  // namespace

Text nameOf(Method method) {
    return kMethodTexts.at(static_cast<std::size_t>(method)).name;
}
Text explained(Method method) {
    return kMethodTexts.at(static_cast<std::size_t>(method)).how;
}

}  // namespace upbeat::words
