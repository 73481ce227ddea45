#include "xml_repeats.h"

#include <algorithm>
#include <optional>
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

/// Whether a measure holds a sound of this kind: dacapo, dalsegno, segno, coda, tocoda, fine.
bool sounds(Node measure, const char* kind) {
    for (const Node child : measure.children()) {
        const Node sound = std::string_view(child.name()) == "sound" ? child : child.child("sound");
        if (sound && sound.attribute(kind)) return true;
    }
    return false;
}

/// Where a jump lands; nowhere where the file marks no such place.
std::optional<std::size_t> markedBy(const std::vector<Node>& written, const char* kind) {
    const auto found = std::find_if(written.begin(), written.end(), [kind](Node m) { return sounds(m, kind); });
    if (found == written.end()) return std::nullopt;
    return static_cast<std::size_t>(found - written.begin());
}

/// The order in which the measures of a part are played: repeats with their endings; a da capo or dal segno once, then
/// without repeats, with the last ending, to the coda or to the fine.
class Order {
  public:
    explicit Order(std::vector<Node> written) : m_written(std::move(written)) {}

    std::vector<Node> play() {
        for (std::size_t i = 0; i < m_written.size() && m_order.size() <= static_cast<std::size_t>(kMostBars);) {
            const auto next = playFrom(i);
            if (!next) break;
            i = *next;
        }
        return std::move(m_order);
    }

  private:
    std::optional<std::size_t> playFrom(std::size_t i) {
        const Node measure = m_written[i];
        if (hasRepeat(measure, "forward") && m_time == 1) m_start = i;
        if (const auto number = endingFrom(measure); !number.empty()) m_ending = number, m_isLast = isLastEnding(i);
        const bool skipped = !m_ending.empty() && !isPlayed();
        const bool closes = endsEnding(measure);
        if (!skipped) m_order.push_back(measure);
        if (closes) m_ending = {};
        if (!skipped) {
            if (m_hasJumped && sounds(measure, "fine")) return std::nullopt;
            if (m_hasJumped && sounds(measure, "tocoda"))
                if (const auto coda = markedBy(m_written, "coda"); coda && *coda > i) return coda;
            if (const auto back = repeatOf(measure)) return back;
            if (const auto jump = jumpOf(measure)) return jump;
        }
        if (hasRepeat(measure, "backward") && !skipped) m_time = 1, m_start = i + 1;
        return i + 1;
    }

    [[nodiscard]] bool isPlayed() const {
        if (m_hasJumped) return m_isLast;
        return m_ending.find(static_cast<char>('0' + std::min(m_time, 9))) != std::string_view::npos;
    }
    /// No other ending begins where this one is over.
    [[nodiscard]] bool isLastEnding(std::size_t i) const {
        while (i < m_written.size() && !endsEnding(m_written[i])) ++i;
        return i + 1 >= m_written.size() || endingFrom(m_written[i + 1]).empty();
    }
    std::optional<std::size_t> repeatOf(Node measure) {
        int times = 2;
        if (m_hasJumped || !hasRepeat(measure, "backward", &times) || m_time >= times) return std::nullopt;
        ++m_time;
        m_ending = {};
        return m_start;
    }
    std::optional<std::size_t> jumpOf(Node measure) {
        if (m_hasJumped) return std::nullopt;
        const bool toStart = sounds(measure, "dacapo");
        if (!toStart && !sounds(measure, "dalsegno")) return std::nullopt;
        m_hasJumped = true;
        m_ending = {};
        m_time = 1;
        m_start = 0;
        return toStart ? 0 : markedBy(m_written, "segno").value_or(0);
    }

    std::vector<Node> m_written;
    std::vector<Node> m_order;
    std::size_t m_start = 0;  // of the repeat
    int m_time = 1;
    bool m_hasJumped = false;
    bool m_isLast = false;
    std::string_view m_ending;
};

}  // namespace

std::vector<Node> measuresInOrder(Node part) {
    const auto children = part.children("measure");
    return Order({children.begin(), children.end()}).play();
}

}  // namespace upbeat
