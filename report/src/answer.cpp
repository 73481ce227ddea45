#include "upbeat/report/answer.h"

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>

#include "upbeat/formats/json_text.h"
#include "upbeat/music/exercise.h"
#include "upbeat/units/utf8.h"

namespace upbeat {

namespace {

/// What can be shown of a text, cut where a letter ends.
std::string shown(const nlohmann::json& from, std::size_t most) {
    auto text = from.get<std::string>();
    std::erase_if(text, [](char c) { return static_cast<unsigned char>(c) < 0x20 && c != '\n'; });
    return std::string(utf8Prefix(text, most));
}

Remark remarkFrom(const nlohmann::json& in, const std::string& from) {
    constexpr int kMostPasses = 100000;
    Remark remark;
    const auto whole = [&in](const char* key, int otherwise) {
        return in.contains(key) ? wholeFrom(in[key]) : otherwise;
    };
    remark.pass = std::clamp(whole("pass", 0), 0, kMostPasses);
    remark.stroke = std::clamp(whole("stroke", -1), -1, kMostPasses);
    remark.timeS = in.value("time_s", 0.0);
    if (!std::isfinite(remark.timeS) || remark.timeS < 0) remark.timeS = 0;
    remark.text = shown(in.at("text"), kLongestRemark);
    remark.from = from;
    return remark;
}

Answer answerFrom(const nlohmann::json& in, const std::string& from) {
    constexpr std::size_t kLongestName = 200;
    Answer answer;
    answer.exerciseId = shown(in.at("exercise"), kLongestName);
    answer.startedAt = shown(in.at("started_at"), kLongestName);
    for (const auto& remark : in.at("remarks")) {
        if (answer.remarks.size() >= kMostRemarks) break;
        if (Remark read = remarkFrom(remark, from); !read.text.empty()) answer.remarks.push_back(std::move(read));
    }
    if (const auto tempo = in.find("tempo_bpm"); tempo != in.end() && tempo->is_number()) {
        const auto bpm = tempo->get<double>();
        if (bpm >= kSlowestTempo && bpm <= kFastestTempo) answer.tempoBpm = bpm;
    }
    return answer;
}

}  // namespace

Result<std::vector<Answer>> answersFromJson(std::string_view text, const std::string& where) {
    constexpr std::size_t kMostTakes = 1000;
    const auto wrong = [&where](Text what) {
        return fail(std::move(what), where, UPBEAT_TEXT("ask for the answer once more; nothing was changed"));
    };
    try {
        const auto parsed = parseJson(text, where);
        if (!parsed) return wrong(UPBEAT_TEXT("the answer cannot be read"));
        const nlohmann::json& in = *parsed;
        if (in.at("format") != "upbeat-check/answer") return wrong(UPBEAT_TEXT("this is no answer to a report"));
        if (wholeFrom(in.at("version")) > 1)
            return fail(UPBEAT_TEXT("the answer was written by a newer Upbeat Check"), where,
                        UPBEAT_TEXT("update the program; nothing was changed"));
        const std::string from = in.contains("from") ? shown(in["from"], 100) : std::string();
        std::vector<Answer> answers;
        for (const auto& take : in.at("takes")) {
            if (answers.size() >= kMostTakes) break;
            answers.push_back(answerFrom(take, from));
        }
        return answers;
    } catch (const nlohmann::json::exception&) {
        return wrong(UPBEAT_TEXT("the answer cannot be read"));
    }
}

}  // namespace upbeat
