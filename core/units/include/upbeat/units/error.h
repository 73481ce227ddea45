#pragma once

#include <string>
#include <tl/expected.hpp>

namespace upbeat {

/// What went wrong, where, and what the user can do about it: always one sentence when joined.
struct Error {
    std::string what;   ///< "The tempo is -3"
    std::string where;  ///< "exercise.json, tempo.start"; may be empty
    std::string fix;    ///< "use a tempo between 30 and 300"; may be empty

    /// "exercise.json, tempo.start: the tempo is -3; use a tempo between 30 and 300."
    /// Always one line: control characters (a file may be called anything) are shown as \xNN.
    [[nodiscard]] std::string sentence() const;
};

template <class T>
using Result = tl::expected<T, Error>;

[[nodiscard]] tl::unexpected<Error> fail(std::string what, std::string where = {}, std::string fix = {});

}  // namespace upbeat
