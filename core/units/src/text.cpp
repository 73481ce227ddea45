#include "upbeat/units/text.h"

namespace upbeat {

namespace {

/// Arguments are not looked into: a title may hold a "%1".
std::string filled(const std::string& text, const std::vector<std::string>& arguments, const std::string& number) {
    std::string full;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char next = text[i] == '%' && i + 1 < text.size() ? text[i + 1] : '\0';
        const auto place = next >= '1' && next <= '9' ? static_cast<std::size_t>(next - '1') : arguments.size();
        const bool isNumber = next == 'n' && !number.empty();
        if (place < arguments.size())
            full += arguments[place];
        else if (isNumber)
            full += number;
        else
            full += text[i];
        if (place < arguments.size() || isNumber) ++i;
    }
    return full;
}

}  // namespace

std::string Text::said(const Translate& translate) const {
    if (m_source == nullptr) return m_plain;
    std::string text = translate ? translate(m_source, m_number) : m_source;
    if (m_number == 1 && m_one != nullptr && text == m_source) text = m_one;  // no translation: English
    std::vector<std::string> arguments;
    arguments.reserve(m_arguments.size());
    for (const Text& argument : m_arguments) arguments.push_back(argument.said(translate));
    return filled(text, arguments, m_number ? std::to_string(*m_number) : std::string());
}

}  // namespace upbeat
