#pragma once

#include <string>

namespace upbeat {

/// Every byte that belongs to no UTF-8 character, and every control character, becomes "?".
[[nodiscard]] std::string cleanUtf8(std::string text);

}  // namespace upbeat
