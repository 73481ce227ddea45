#pragma once

#include <QDate>
#include <QMap>
#include <QString>
#include <QVariant>
#include <optional>
#include <string>
#include <vector>

#include "upbeat/judge/findings.h"

namespace upbeat {

/// What somebody looks for in the log. Everything that is given has to be so.
struct TakeSearch {
    QStringList words;    ///< Each somewhere in the title, the note or a tag.
    QStringList tags;     ///< Each as a whole.
    QStringList finding;  ///< Names of kinds, hands, voices and classes: all of them in one finding, or in words.
    std::optional<double> slowestBpm;
    std::optional<double> fastestBpm;
    std::optional<QDate> since;
    std::optional<QDate> until;  ///< This day included.
    std::optional<bool> clean;
    bool inTrash = false;  ///< Removed takes instead of those of the log.

    friend bool operator==(const TakeSearch&, const TakeSearch&) = default;
};

/// A typed line: words, "#tag", "96" or "90-110" for tempos, "2026-11", "2026-11-20", "since 2026-11-20",
/// "until 2026-11-20", "clean" or "unclean", and what is found in takes: "left ghost early". `names` gives what these
/// are called in the player's language besides, each with its own name.
[[nodiscard]] TakeSearch searchFromText(const QString& text, const QMap<QString, QString>& names = {});

/// What a finding can be looked for by: " early left ghost snare ".
[[nodiscard]] QString searchTermsOf(const MatchedTake& take, const Finding& finding);
/// Every name that can stand among them.
[[nodiscard]] const QStringList& searchTerms();

/// The search as conditions on rows of `take`, and their values.
struct SearchSql {
    std::string where;  ///< "WHERE ...", never empty.
    QVariantList values;
};
[[nodiscard]] SearchSql sqlOf(const TakeSearch& search);

}  // namespace upbeat
