#include "upbeat/formats/limits_json.h"

#include <fmt/format.h>

#include "json_reader.h"
#include "upbeat/formats/atomic_file.h"

namespace upbeat {

namespace {

constexpr std::string_view kLimitsFormat = "upbeat-check/limits";

nlohmann::json jsonOf(const OwnLimits& limits) {
    nlohmann::json json = nlohmann::json::object();
    for (const auto& [kind, limit] : limits) json[std::string(toName(kind))] = limit;
    return json;
}

/// `reader` stands on an object of gates.
OwnLimits limitsFrom(const JsonReader& reader) {
    OwnLimits limits;
    if (!reader.value().is_object()) {
        reader.wrong("", UPBEAT_TEXT("is no list of gates"), UPBEAT_TEXT("see docs/formats/limits.md"));
        return limits;
    }
    for (const auto& [name, value] : reader.value().items()) {
        if (const auto kind = gateFromName(name))
            limits[*kind] = reader.number(name, 0);
        else
            reader.wrong(name, UPBEAT_TEXT("is no gate"), UPBEAT_TEXT("use spread, placement, apart, habit ..."));
    }
    return limits;
}

}  // namespace

std::string toJson(const LimitSet& limits) {
    nlohmann::json exercises = nlohmann::json::object();
    for (const auto& [id, own] : limits.exercises) exercises[id] = jsonOf(own);
    const nlohmann::json file{{"format", kLimitsFormat},
                              {"version", 1},
                              {"title", limits.title},
                              {"limits", jsonOf(limits.all)},
                              {"exercises", exercises}};
    return file.dump(2, ' ', false, nlohmann::json::error_handler_t::replace) + "\n";
}

Result<LimitSet> limitSetFromJson(std::string_view text, const std::string& where) {
    const auto file =
        parseOwnFile(text, where, {kLimitsFormat, "this is not a set of limits", "choose a file of limits"});
    if (!file) return tl::unexpected(file.error());
    std::optional<Error> error;
    const JsonReader reader(*file, "", error);
    LimitSet limits;
    limits.title = reader.text("title");
    if (reader.has("limits")) limits.all = limitsFrom(reader.child("limits"));
    if (reader.has("exercises")) {
        const JsonReader exercises = reader.child("exercises");
        if (!exercises.value().is_object()) exercises.wrong("", UPBEAT_TEXT("is no list of exercises"));
        for (const auto& [id, own] : exercises.value().items())
            if (!error) limits.exercises[id] = limitsFrom(exercises.child(id));
    }
    return checkedAs(std::move(limits), error, where);
}

Result<LimitSet> readLimits(const std::filesystem::path& path) {
    return readThrough(path, limitSetFromJson);
}

Result<void> writeLimits(const std::filesystem::path& path, const LimitSet& limits) {
    return writeFileAtomically(path, toJson(limits));
}

std::string toJson(const OwnLimits& limits) {
    return limits.empty() ? std::string() : jsonOf(limits).dump();
}

OwnLimits ownLimitsFromJson(std::string_view text) {
    OwnLimits limits;
    if (text.empty()) return limits;
    const auto json = parseJson(text, "limits");
    if (!json || !json->is_object()) return limits;
    for (const auto& [name, value] : json->items()) {
        const auto kind = gateFromName(name);
        if (!kind || !value.is_number()) continue;
        const LimitRange range = rangeOf(*kind);
        const auto limit = value.get<double>();
        if (limit >= range.least && limit <= range.most) limits[*kind] = limit;
    }
    return limits;
}

}  // namespace upbeat
