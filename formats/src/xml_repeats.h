#pragma once

#include <pugixml.hpp>
#include <vector>

namespace upbeat {

/// The measures of a part in the order they are played: repeats and endings written out, at most a few more than a
/// phrase can hold.
[[nodiscard]] std::vector<pugi::xml_node> measuresInOrder(pugi::xml_node part);

}  // namespace upbeat
