#include "origin_json.h"

namespace upbeat {

namespace {

struct PartToJson {
    nlohmann::json& json;

    void operator()(const Span& spot) const {
        json["spot"] = {{"bar", spot.bar}, {"from", spot.fromBeat.toString()}, {"to", spot.toBeat.toString()}};
    }
    void operator()(const BarRange& bars) const { json["bars"] = {{"from", bars.from}, {"to", bars.to}}; }
    void operator()(const StageNumber& stage) const {
        json["stage"] = {{"method", toName(stage.method)}, {"number", stage.number}};
        if (stage.inner) json["stage"]["inner"] = toName(*stage.inner);
    }
    void operator()(const KitLesson&) const { json["lesson"] = nlohmann::json::object(); }
};

Beats beatFrom(const JsonReader& reader, std::string_view key) {
    return reader.beats(key, true).value_or(Beats(1));
}

Method methodFrom(const JsonReader& reader, std::string_view key) {
    const std::string name = reader.text(key, "", true);
    const auto method = methodFromName(name);
    if (!method) reader.wrong(key, Text::with(UPBEAT_TEXT("\"%1\" is not known"), name));
    return method.value_or(Method::SlowWhole);
}

int countFrom(const JsonReader& reader, std::string_view key) {
    const int count = reader.integer(key, 1);
    if (count < 1) reader.wrong(key, UPBEAT_TEXT("is below 1"));
    return count;
}

}  // namespace

nlohmann::json originToJson(const Origin& origin) {
    nlohmann::json json{{"exercise", origin.whole}};
    std::visit(PartToJson{json}, origin.part);
    return json;
}

Origin originFromJson(const JsonReader& reader) {
    Origin origin{reader.text("exercise", "", true), KitLesson{}};
    if (reader.has("spot")) {
        const JsonReader spot = reader.child("spot");
        origin.part = Span{countFrom(spot, "bar"), beatFrom(spot, "from"), beatFrom(spot, "to")};
    } else if (reader.has("bars")) {
        const JsonReader bars = reader.child("bars");
        origin.part = BarRange{countFrom(bars, "from"), countFrom(bars, "to")};
    } else if (reader.has("stage")) {
        const JsonReader stage = reader.child("stage");
        StageNumber number{methodFrom(stage, "method"), {}, countFrom(stage, "number")};
        if (stage.has("inner")) number.inner = methodFrom(stage, "inner");
        origin.part = number;
    } else if (!reader.has("lesson")) {
        reader.wrong("", UPBEAT_TEXT("does not say which part"), UPBEAT_TEXT("give spot, bars, stage or lesson"));
    }
    return origin;
}

}  // namespace upbeat
