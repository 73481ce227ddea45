#include "upbeat/logbook/take_search.h"

#include <QRegularExpression>

#include "upbeat/logbook/query.h"
#include "upbeat/units/voice.h"

namespace upbeat {

namespace {

QStringList allTerms() {
    QStringList terms;
    for (int kind = 0; kind <= static_cast<int>(FindingKind::Stroke); ++kind)
        terms << toQt(toName(static_cast<FindingKind>(kind)));
    for (int voice = 0; voice < kVoiceCount; ++voice) terms << toQt(toName(static_cast<Voice>(voice)));
    for (const Limb limb : {Limb::RightHand, Limb::LeftHand, Limb::RightFoot, Limb::LeftFoot})
        terms << toQt(toName(limb));
    for (const Level level : {Level::Ghost, Level::Tap, Level::Accent}) terms << toQt(toName(level));
    terms.removeDuplicates();
    return terms;
}

/// The first and the last day that an ISO date or month means; nothing where it is neither.
std::optional<std::pair<QDate, QDate>> daysIn(const QString& text) {
    if (const QDate day = QDate::fromString(text, Qt::ISODate); day.isValid()) return std::pair(day, day);
    const QDate month = QDate::fromString(text + QStringLiteral("-01"), Qt::ISODate);
    if (!month.isValid()) return std::nullopt;
    return std::pair(month, month.addMonths(1).addDays(-1));
}

/// "96" or "90-110".
bool readTempo(const QString& word, TakeSearch& search) {
    static const QRegularExpression kTempo(QStringLiteral("^([0-9]{2,3})(?:-([0-9]{2,3}))?$"));
    const auto match = kTempo.match(word);
    if (!match.hasMatch()) return false;
    search.slowestBpm = match.captured(1).toDouble();
    search.fastestBpm = match.captured(2).isEmpty() ? search.slowestBpm : std::optional(match.captured(2).toDouble());
    return true;
}

QString likeOf(QString word) {
    word.replace(QLatin1Char('\\'), QStringLiteral("\\\\"));
    word.replace(QLatin1Char('%'), QStringLiteral("\\%")).replace(QLatin1Char('_'), QStringLiteral("\\_"));
    return QLatin1Char('%') + word + QLatin1Char('%');
}

constexpr const char* kInWords =
    "(take.note LIKE ? ESCAPE '\\' OR take.exercise_version_id IN (SELECT id FROM exercise_version WHERE "
    "json_extract(json, '$.title') LIKE ? ESCAPE '\\') OR take.id IN (SELECT take_id FROM tag WHERE name LIKE ? ESCAPE "
    "'\\'))";

}  // namespace

const QStringList& searchTerms() {
    static const QStringList all = allTerms();
    return all;
}

TakeSearch searchFromText(const QString& text, const QMap<QString, QString>& names) {
    TakeSearch search;
    const QStringList words = text.toLower().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    for (qsizetype i = 0; i < words.size(); ++i) {
        const QString& word = words[i];
        const bool isSince = word == QStringLiteral("since");
        const bool isBound = isSince || word == QStringLiteral("until");
        const auto bound = isBound && i + 1 < words.size() ? daysIn(words[i + 1]) : std::nullopt;
        const QString term = names.value(word, word);
        if (bound) {
            (isSince ? search.since : search.until) = isSince ? bound->first : bound->second;
            ++i;
        } else if (const auto days = daysIn(word)) {
            search.since = days->first;
            search.until = days->second;
        } else if (word.startsWith(QLatin1Char('#')) && word.size() > 1) {
            search.tags << word.mid(1);
        } else if (word == QStringLiteral("clean") || word == QStringLiteral("unclean")) {
            search.clean = word == QStringLiteral("clean");
        } else if (searchTerms().contains(term)) {
            search.finding << term;
        } else if (!readTempo(word, search)) {
            search.words << word;
        }
    }
    return search;
}

QString searchTermsOf(const MatchedTake& take, const Finding& finding) {
    QStringList terms{toQt(toName(finding.kind))};
    const auto add = [&terms](auto what) { terms << toQt(toName(what)); };
    if (finding.limb) add(*finding.limb);
    if (finding.level) add(*finding.level);
    if (finding.voice) add(*finding.voice);
    if (const auto* apart = std::get_if<GroupApart>(&finding.fault)) {
        if (const auto* limb = std::get_if<Limb>(&apart->group)) add(*limb);
        if (const auto* voice = std::get_if<Voice>(&apart->group)) add(*voice);
    }
    const auto& strokes = take.exercise.strokes;
    if (finding.stroke && *finding.stroke >= 0 && *finding.stroke < static_cast<int>(strokes.size())) {
        const Stroke& stroke = strokes[static_cast<std::size_t>(*finding.stroke)];
        add(stroke.limb);
        add(stroke.level);
        add(stroke.voice);
    }
    terms.removeDuplicates();
    return QLatin1Char(' ') + terms.join(QLatin1Char(' ')) + QLatin1Char(' ');
}

SearchSql sqlOf(const TakeSearch& search) {
    SearchSql sql{search.inTrash ? "WHERE take.id IN (SELECT take_id FROM removed)"
                                 : "WHERE take.id NOT IN (SELECT take_id FROM removed)",
                  {}};
    const auto add = [&sql](const std::string& condition, const QVariantList& values) {
        sql.where += " AND " + condition;
        sql.values += values;
    };
    for (const QString& word : search.words) add(kInWords, {likeOf(word), likeOf(word), likeOf(word)});
    for (const QString& tag : search.tags) add("take.id IN (SELECT take_id FROM tag WHERE name = ?)", {tag});
    if (!search.finding.isEmpty()) {
        std::string inOne;
        std::string inWords;
        QVariantList values;
        for (const QString& term : search.finding) {
            inOne += (inOne.empty() ? "" : " AND ") + std::string("terms LIKE ?");
            values << QStringLiteral("% %1 %").arg(term);
        }
        for (const QString& term : search.finding) {
            inWords += (inWords.empty() ? "" : " AND ") + std::string(kInWords);
            values << likeOf(term) << likeOf(term) << likeOf(term);
        }
        add("(take.id IN (SELECT take_id FROM finding WHERE " + inOne + ") OR (" + inWords + "))", values);
    }
    if (search.slowestBpm) add("take.tempo_bpm >= ? - 0.5", {*search.slowestBpm});
    if (search.fastestBpm) add("take.tempo_bpm <= ? + 0.5", {*search.fastestBpm});
    if (search.since) add("take.started_at >= ?", {search.since->toString(Qt::ISODate)});
    if (search.until) add("take.started_at < ?", {search.until->addDays(1).toString(Qt::ISODate)});
    if (search.clean) add("take.clean = ?", {*search.clean});
    return sql;
}

}  // namespace upbeat
