#pragma once

#include <string>
#include <string_view>

namespace upbeat {

/// A text as it may stand in HTML and in its attributes; what is no UTF-8 and what cannot be shown
/// becomes "?".
[[nodiscard]] std::string escaped(std::string_view text);
/// Bytes for a data URI (RFC 4648).
[[nodiscard]] std::string base64(std::string_view bytes);

}  // namespace upbeat
