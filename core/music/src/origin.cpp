#include "upbeat/music/origin.h"

#include <fmt/format.h>

#include <charconv>

#include "upbeat/music/exercise.h"

namespace upbeat {

namespace {

struct IdOfPart {
    std::string operator()(const Span& span) const { return fmt::format("{}.{}", span.bar, span.fromBeat.floor()); }
    std::string operator()(const BarRange& bars) const { return fmt::format("bars.{}-{}", bars.from, bars.to); }
    std::string operator()(const StageNumber& stage) const {
        if (stage.inner) return fmt::format("{}+{}.{}", toName(stage.method), toName(*stage.inner), stage.number);
        return fmt::format("{}.{}", toName(stage.method), stage.number);
    }
    std::string operator()(const KitLesson&) const { return "kit"; }
};

std::optional<int> numberIn(std::string_view text) {
    int number = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), number);
    if (error != std::errc() || end != text.data() + text.size() || number < 1) return std::nullopt;
    return number;
}

using Part = decltype(Origin::part);

std::optional<Part> barsIn(std::string_view text) {
    const auto dash = text.find('-');
    if (dash == std::string_view::npos) return std::nullopt;
    const auto from = numberIn(text.substr(0, dash));
    const auto to = numberIn(text.substr(dash + 1));
    if (!from || !to) return std::nullopt;
    return BarRange{*from, *to};
}

std::optional<Part> stageIn(std::string_view way, int number) {
    const auto plus = way.find('+');
    const auto method = methodFromName(way.substr(0, plus));
    if (!method) return std::nullopt;
    if (plus == std::string_view::npos) return StageNumber{*method, {}, number};
    const auto inner = methodFromName(way.substr(plus + 1));
    if (!inner) return std::nullopt;
    return StageNumber{*method, inner, number};
}

std::optional<Part> partIn(std::string_view text) {
    if (text == "kit") return KitLesson{};
    const auto dot = text.find('.');
    if (dot == std::string_view::npos) return std::nullopt;
    const std::string_view way = text.substr(0, dot);
    if (way == "bars") return barsIn(text.substr(dot + 1));
    const auto number = numberIn(text.substr(dot + 1));
    if (!number) return std::nullopt;
    if (const auto bar = numberIn(way)) return Span{*bar, Beats(*number), Beats(*number + 1)};
    return stageIn(way, *number);
}

}  // namespace

void markAsPart(Exercise& exercise, const Origin& origin) {
    exercise.id = fmt::format("{}~{}", origin.whole, std::visit(IdOfPart{}, origin.part));
    exercise.origin = origin;
}

const std::string& wholeIdOf(const Exercise& exercise) {
    return exercise.origin ? exercise.origin->whole : exercise.id;
}

bool isLesson(const Exercise& exercise) {
    return exercise.origin && std::holds_alternative<KitLesson>(exercise.origin->part);
}

std::optional<Origin> originOfOldId(std::string_view id) {
    const auto mark = id.find('~');
    if (mark == std::string_view::npos) return std::nullopt;
    const auto part = partIn(id.substr(mark + 1));
    if (!part) return std::nullopt;
    return Origin{std::string(id.substr(0, mark)), *part};
}

}  // namespace upbeat
