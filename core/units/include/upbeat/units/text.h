#pragma once

#include <concepts>
#include <functional>
#include <optional>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

/// Marks a text for translators where it stands; it is translated when it is said. scripts/collect-texts finds it by
/// this mark; the second is for texts that speak of a number.
#define UPBEAT_TEXT(text) text
#define UPBEAT_TEXT_N(text) text

namespace upbeat {

/// Gives a source text in the language of the player: the text itself where it knows none. With a number it gives the
/// form for that many. Places for arguments ("%1", and "%n" for the number) stay as they are.
using Translate = std::function<std::string(const char* source, std::optional<int> number)>;

/// Something that can be said: a source text with places "%1" to "%9" for its arguments, which are texts themselves.
/// It is a value and no sentence yet; the source text is its stable name.
class Text {
  public:
    Text() = default;
    /// `source` is a marked literal.
    Text(const char* source) : m_source(source) {}  // NOLINT(google-explicit-constructor): a literal is a text
    /// Shown as it is in every language: a name, a figure, a path.
    Text(std::string plain) : m_plain(std::move(plain)) {}  // NOLINT(google-explicit-constructor)
    Text(std::string_view plain) : m_plain(plain) {}        // NOLINT(google-explicit-constructor)
    Text(char letter) : m_plain(1, letter) {}               // NOLINT(google-explicit-constructor)
    template <std::integral Number>
    Text(Number number) : m_plain(std::to_string(number)) {}  // NOLINT(google-explicit-constructor)

    template <class... Arguments>
    [[nodiscard]] static Text with(const char* source, Arguments... arguments) {
        Text text(source);
        (text.m_arguments.push_back(Text(std::move(arguments))), ...);
        return text;
    }
    /// For a number of things: `one` is the English of 1, "%n" in `many` becomes the number.
    template <class... Arguments>
    [[nodiscard]] static Text counted(int number, const char* one, const char* many, Arguments... arguments) {
        Text text = with(many, std::move(arguments)...);
        text.m_one = one;
        text.m_number = number;
        return text;
    }

    /// Without `translate` in English.
    [[nodiscard]] std::string said(const Translate& translate = {}) const;
    [[nodiscard]] bool isEmpty() const { return m_source == nullptr && m_plain.empty(); }

    friend bool operator==(const Text& a, const Text& b) { return a.said() == b.said(); }

  private:
    const char* m_source = nullptr;
    const char* m_one = nullptr;
    std::optional<int> m_number;
    std::string m_plain;
    std::vector<Text> m_arguments;
};

}  // namespace upbeat
