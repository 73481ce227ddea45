#pragma once

#include <string>
#include <tl/expected.hpp>

#include "upbeat/units/text.h"

namespace upbeat {

/// What went wrong, where, and what the user can do about it: always one sentence when joined. The source text of
/// `what` is its stable name.
struct Error {
    Text what;          ///< "The tempo is -3"
    std::string where;  ///< "exercise.json, tempo.start"; may be empty
    Text fix;           ///< "use a tempo between 30 and 300"; may be empty

    /// "exercise.json, tempo.start: the tempo is -3; use a tempo between 30 and 300."
    /// Always one line: control characters (a file may be called anything) are shown as \xNN.
    /// In English without `translate`.
    [[nodiscard]] std::string sentence(const Translate& translate = {}) const;
};

template <class T>
using Result = tl::expected<T, Error>;

[[nodiscard]] tl::unexpected<Error> fail(Text what, std::string where = {}, Text fix = {});

}  // namespace upbeat
