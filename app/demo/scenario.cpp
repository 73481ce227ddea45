#include "demo/scenario.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <algorithm>

#include "studio/stand.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/character_json.h"
#include "upbeat/formats/pattern.h"
#include "upbeat/methods/drill.h"

namespace upbeat {

namespace {

double mix(double a, double b, double share) {
    return a + (b - a) * share;
}

std::string textOf(const QJsonValue& value) {
    return QJsonDocument(value.toObject()).toJson().toStdString();
}

Result<ScenarioExercise> exerciseOf(const QJsonObject& json, const std::filesystem::path& file) {
    auto exercise = readPattern(file.parent_path() / json[QLatin1String("file")].toString().toStdString());
    if (!exercise) return tl::unexpected(exercise.error());
    const std::string section = json[QLatin1String("section")].toString().toStdString();
    for (const SectionSpan& span : sectionsOf(*exercise))
        if (span.name == section) {
            *exercise = titled(drillOfBars(*exercise, span.from, span.to), *exercise);
            break;
        }
    const auto start = characterFromJson(textOf(json[QLatin1String("at_start")]), file.string());
    if (!start) return tl::unexpected(start.error());
    const auto goal = characterFromJson(textOf(json[QLatin1String("at_goal")]), file.string());
    if (!goal) return tl::unexpected(goal.error());
    return ScenarioExercise{*exercise,
                            json[QLatin1String("start_bpm")].toDouble(exercise->tempo.start),
                            json[QLatin1String("bends_at_bpm")].toDouble(exercise->tempo.start),
                            std::clamp(json[QLatin1String("takes_a_day")].toInt(1), 1, 10),
                            std::max(0, json[QLatin1String("first_day")].toInt(0)),
                            json[QLatin1String("learning")].toDouble(0),
                            static_cast<std::uint64_t>(json[QLatin1String("seed")].toInt(1)),
                            *start,
                            *goal};
}

}  // namespace

Character between(const Character& a, const Character& b, double share) {
    Character c = a;
    const auto set = [&](double Character::*field) { c.*field = mix(a.*field, b.*field, share); };
    for (double Character::*field :
         {&Character::placementMs, &Character::spreadMs, &Character::wanderMs, &Character::driftMsPerMin,
          &Character::accentDb, &Character::swingRatio, &Character::graceMs, &Character::graceSpreadMs,
          &Character::graceDb, &Character::missChance, &Character::extraChance})
        set(field);
    for (std::size_t i = 0; i < 3; ++i) {
        c.relativeDb[i] = mix(a.relativeDb[i], b.relativeDb[i], share);
        c.levelSpreadDb[i] = mix(a.levelSpreadDb[i], b.levelSpreadDb[i], share);
    }
    for (std::size_t i = 0; i < std::min(a.habits.size(), b.habits.size()); ++i) {
        c.habits[i].offsetMs = mix(a.habits[i].offsetMs, b.habits[i].offsetMs, share);
        c.habits[i].levelDb = mix(a.habits[i].levelDb, b.habits[i].levelDb, share);
    }
    return c;
}

Character ScenarioExercise::at(double tempoBpm, double days) const {
    const double way = (tempoBpm - bendsBpm) / std::max(1.0, exercise.tempo.goal - bendsBpm);
    return between(atStart, atGoal, std::clamp(way - learning * days, 0.0, 1.2));
}

const ScenarioExercise* Scenario::find(const Exercise& exercise) const {
    const auto firstWith = [this](auto isIt) {
        const auto found = std::find_if(exercises.begin(), exercises.end(), isIt);
        return found == exercises.end() ? nullptr : &*found;
    };
    if (const auto* itself = firstWith([&](const auto& e) { return e.exercise.id == exercise.id; })) return itself;
    return firstWith([&](const auto& e) { return wholeIdOf(e.exercise) == wholeIdOf(exercise); });
}

Result<Scenario> readScenario(const std::filesystem::path& file) {
    const auto text = readFile(file);
    if (!text) return tl::unexpected(text.error());
    const QJsonObject json = QJsonDocument::fromJson(QByteArray::fromStdString(*text)).object();
    if (json[QLatin1String("format")].toString() != QLatin1String("upbeat-check/scenario"))
        return fail("this is not a demo scenario", file.string(), "reinstall the program");
    Scenario scenario;
    scenario.bars = std::clamp(json[QLatin1String("bars")].toInt(8), 1, 64);
    scenario.open = json[QLatin1String("open")].toString().toStdString();
    for (const QJsonValue day : json[QLatin1String("days_ago")].toArray()) scenario.daysAgo.push_back(day.toInt());
    for (const QJsonValue name : json[QLatin1String("pieces")].toArray()) {
        auto piece = readPattern(file.parent_path() / name.toString().toStdString());
        if (!piece) return tl::unexpected(piece.error());
        scenario.pieces.push_back(*std::move(piece));
    }
    for (const QJsonValue entry : json[QLatin1String("exercises")].toArray()) {
        auto exercise = exerciseOf(entry.toObject(), file);
        if (!exercise) return tl::unexpected(exercise.error());
        scenario.exercises.push_back(*std::move(exercise));
    }
    if (scenario.exercises.empty())
        return fail("the demo scenario names no exercise", file.string(), "reinstall the program");
    return scenario;
}

}  // namespace upbeat
