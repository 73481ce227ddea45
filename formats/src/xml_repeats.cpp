#include "xml_repeats.h"

#include <algorithm>
#include <string_view>

#include "upbeat/music/exercise.h"

namespace upbeat {

namespace {

using Node = pugi::xml_node;

bool hasRepeat(Node measure, std::string_view direction, int* times = nullptr) {
    for (const Node line : measure.children("barline")) {
        const Node repeat = line.child("repeat");
        if (!repeat || std::string_view(repeat.attribute("direction").value()) != direction) continue;
        if (times != nullptr) *times = std::clamp(repeat.attribute("times").as_int(2), 2, kMostBars);
        return true;
    }
    return false;
}

/// Numbers of the ending that begins here, as written ("1", "1, 2"); empty where none does.
std::string_view endingFrom(Node measure) {
    for (const Node line : measure.children("barline"))
        if (const Node ending = line.child("ending");
            ending && std::string_view(ending.attribute("type").value()) == "start")
            return ending.attribute("number").value();
    return {};
}

bool endsEnding(Node measure) {
    const auto lines = measure.children("barline");
    return std::any_of(lines.begin(), lines.end(), [](Node line) {
        const std::string_view type = line.child("ending").attribute("type").value();
        return type == "stop" || type == "discontinue";
    });
}

}  // namespace

std::vector<Node> measuresInOrder(Node part) {
    const auto children = part.children("measure");
    const std::vector<Node> written(children.begin(), children.end());
    std::vector<Node> order;
    std::size_t start = 0;  // of the repeat
    int time = 1;
    std::string_view ending;
    for (std::size_t i = 0; i < written.size() && order.size() <= static_cast<std::size_t>(kMostBars);) {
        const Node measure = written[i];
        if (hasRepeat(measure, "forward") && time == 1) start = i;
        if (const auto number = endingFrom(measure); !number.empty()) ending = number;
        const bool skipped =
            !ending.empty() && ending.find(static_cast<char>('0' + std::min(time, 9))) == std::string_view::npos;
        const bool closes = endsEnding(measure);
        if (!skipped) order.push_back(measure);
        if (closes) ending = {};
        int times = 2;
        if (!skipped && hasRepeat(measure, "backward", &times) && (time < times)) {
            ++time;
            ending = {};
            i = start;
            continue;
        }
        if (hasRepeat(measure, "backward") && !skipped) time = 1, start = i + 1;
        ++i;
    }
    return order;
}

}  // namespace upbeat
