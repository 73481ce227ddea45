#pragma once

#include <nlohmann/json.hpp>
#include <optional>
#include <string>
#include <string_view>

#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/json_text.h"
#include "upbeat/units/beats.h"
#include "upbeat/units/error.h"

namespace upbeat {

/// Walks a JSON value that may be hostile: every access is checked, and the first thing wrong is kept with its path, so
/// a reader asks for all it wants and looks at `error` once.
class JsonReader {
  public:
    JsonReader(const nlohmann::json& value, std::string path, std::optional<Error>& error)
        : m_value(value), m_path(std::move(path)), m_error(error) {}

    [[nodiscard]] bool has(std::string_view key) const { return m_value.is_object() && m_value.contains(key); }
    [[nodiscard]] JsonReader child(std::string_view key) const;
    [[nodiscard]] std::string text(std::string_view key, std::string fallback = {}, bool required = false) const;
    [[nodiscard]] double number(std::string_view key, double fallback) const;
    [[nodiscard]] int integer(std::string_view key, int fallback) const;
    [[nodiscard]] bool flag(std::string_view key, bool fallback) const;
    /// A place or length, a fraction as text; nothing where there is none or it is wrong.
    [[nodiscard]] std::optional<Beats> beats(std::string_view key, bool required = false) const;

    /// Calls `visit` with a reader for every element of the array under `key`; nothing when the key is absent.
    template <class Visit>
    void each(std::string_view key, Visit visit) const {
        if (!has(key)) return;
        const auto& list = m_value.at(std::string(key));
        if (!list.is_array()) return wrong(key, "is not a list");
        std::size_t index = 0;
        for (const auto& element : list) {
            visit(JsonReader(element, fmtIndex(key, index), m_error));
            if (m_error) return;
            ++index;
        }
    }

    [[nodiscard]] const nlohmann::json& value() const { return m_value; }
    /// Records that the value under `key` is wrong; the first complaint is kept.
    void wrong(std::string_view key, Text what, Text fix = {}) const;

  private:
    [[nodiscard]] std::string fmtIndex(std::string_view key, std::size_t index) const;

    const nlohmann::json& m_value;
    std::string m_path;
    std::optional<Error>& m_error;
};

/// What was read of the file `where`, once it is known to be playable; else the first complaint.
template <class Value>
[[nodiscard]] Result<Value> checkedAs(Value value, std::optional<Error> error, const std::string& where) {
    if (!error)
        if (const auto ok = check(value); !ok) error = ok.error();
    if (!error) return value;
    error->where = where;
    return tl::unexpected(*error);
}

/// What is read of the whole text of a file.
template <class Value>
[[nodiscard]] Result<Value> readThrough(const std::filesystem::path& path,
                                        Result<Value> (*fromText)(std::string_view, const std::string&),
                                        std::size_t largestBytes = 16U << 20U) {
    const auto text = readFile(path, largestBytes);
    if (!text) return tl::unexpected(text.error());
    return fromText(*text, path.string());
}

/// What one of our own files must say of itself.
struct FileHead {
    std::string_view format;
    Text what;  ///< The complaint where it says something else: "this is not a taught kit".
    Text fix;
};

/// Parses one of our own files of version 1; errors as parseJson, and where the head is another or newer.
[[nodiscard]] Result<nlohmann::json> parseOwnFile(std::string_view text, const std::string& where,
                                                  const FileHead& head);

}  // namespace upbeat
