#pragma once

#include <optional>
#include <string>
#include <vector>

namespace upbeat {

/// Something that somebody wrote beside a stroke of a take, or about all of it.
struct Remark {
    int pass = 0;      ///< From 1; 0: of the whole take.
    int stroke = -1;   ///< Of the page; -1: of the whole take, or of something that nobody wrote.
    double timeS = 0;  ///< In the recording.
    std::string text;
    std::string from{};  ///< May be empty.

    friend bool operator==(const Remark&, const Remark&) = default;
};

/// What somebody answers to a report about one take.
struct Answer {
    std::string exerciseId;  ///< Of the take,
    std::string startedAt;   ///< and when it was started: what it is known by. Empty: the newest take of the exercise.
    std::vector<Remark> remarks;
    std::optional<double> tempoBpm{};  ///< Asked for.
};

}  // namespace upbeat
