#pragma once

#include <QList>
#include <QString>
#include <functional>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// What a rule has to be told first.
enum class RuleAsks { Nothing, Words, Exercise };

/// A rule that changes many strokes of a page at once.
struct PageRule {
    QString name;
    std::function<Result<Exercise>(Exercise)> apply;
    RuleAsks asks = RuleAsks::Nothing;
};

/// The first entry is none.
[[nodiscard]] QList<PageRule> pageRules();

}  // namespace upbeat
