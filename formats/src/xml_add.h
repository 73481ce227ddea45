#pragma once

#include <cstdint>
#include <pugixml.hpp>
#include <string>
#include <string_view>

namespace upbeat {

// Appends a child, empty or with a text; gives it.
inline pugi::xml_node add(pugi::xml_node parent, const char* name) {
    return parent.append_child(name);
}
inline pugi::xml_node add(pugi::xml_node parent, const char* name, std::string_view text) {
    pugi::xml_node node = parent.append_child(name);
    node.text().set(std::string(text).c_str());
    return node;
}
inline pugi::xml_node add(pugi::xml_node parent, const char* name, std::int64_t number) {
    return add(parent, name, std::to_string(number));
}

}  // namespace upbeat
