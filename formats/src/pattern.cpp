#include "upbeat/formats/pattern.h"

#include <fmt/format.h>

#include <algorithm>

#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/clean_utf8.h"
#include "upbeat/formats/exercise_json.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/library.h"

namespace upbeat {

namespace {

Result<Converted> alone(Result<Exercise> exercise) {
    if (!exercise) return tl::unexpected(exercise.error());
    return Converted{*std::move(exercise), {}};
}

Result<Converted> fromText(std::string_view bytes, const std::string& where) {
    auto exercise = exerciseFromText(bytes);
    if (exercise) return alone(std::move(exercise));
    Error error = exercise.error();
    error.where = error.where.empty() ? where : fmt::format("{}, {}", where, error.where);
    return tl::unexpected(error);
}

}  // namespace

namespace {

Result<Converted> importAny(std::string_view bytes, const std::string& where) {
    constexpr std::string_view kByteOrderMark = "\xEF\xBB\xBF";
    if (bytes.starts_with(kByteOrderMark)) bytes.remove_prefix(kByteOrderMark.size());
    const auto first = bytes.find_first_not_of(" \t\r\n");
    if (first == std::string_view::npos)
        return fail(UPBEAT_TEXT("the file is empty"), where, UPBEAT_TEXT("choose another pattern"));
    if (bytes.starts_with("MThd")) {
        const auto midi = parseMidi(std::string(bytes), where);
        if (!midi) return tl::unexpected(midi.error());
        return alone(exerciseFromMidi(*midi, where));
    }
    if (bytes.starts_with("PK")) {
        const auto xml = unpackMxl(bytes, where);
        if (!xml) return tl::unexpected(xml.error());
        return exerciseFromMusicXml(*xml, where);
    }
    if (bytes[first] == '<') return exerciseFromMusicXml(bytes, where);
    const bool isText = bytes[first] != '{' && bytes.find('|') != std::string_view::npos;
    if (isText) return fromText(bytes, where);
    if (bytes[first] != '{')
        return fail(UPBEAT_TEXT("this is no exercise of a kind that is known"), where,
                    UPBEAT_TEXT("choose an exercise file, a MIDI file, MusicXML or the text form"));
    return alone(exerciseFromJson(bytes, where));
}

}  // namespace

Result<Converted> importPattern(std::string_view bytes, const std::string& where) {
    auto converted = importAny(bytes, where);
    if (!converted) return converted;
    Exercise& e = converted->exercise;
    bool changed = false;
    const auto clean = [&changed](std::string& text) {
        std::string cleaned = cleanUtf8(text);
        changed = changed || cleaned != text;
        text = std::move(cleaned);
    };
    for (std::string* text : {&e.id, &e.title, &e.trains}) clean(*text);
    for (std::string& tag : e.tags) clean(tag);
    for (Section& section : e.sections) clean(section.name), clean(section.as);
    for (auto& [parts, words] : e.words)
        for (std::string& word : words) clean(word);
    // Two names may have become one.
    if (const auto ok = changed ? check(e) : Result<void>(); !ok) return fail(ok.error().what, where, ok.error().fix);
    return converted;
}

Result<Converted> importPattern(const std::filesystem::path& path) {
    const auto bytes = readFile(path);
    if (!bytes) return tl::unexpected(bytes.error());
    return importPattern(*bytes, path.string());
}

namespace {

std::string kindOf(const std::filesystem::path& path) {
    std::string kind = path.extension().string();
    std::transform(kind.begin(), kind.end(), kind.begin(), [](unsigned char c) { return std::tolower(c); });
    return kind;
}

}  // namespace

Result<void> checkPatternName(const std::filesystem::path& path) {
    const std::string kind = kindOf(path);
    for (const std::string_view known : {".json", ".txt", ".mid", ".midi", ".xml", ".musicxml", ".mxl"})
        if (kind == known) return {};
    return fail(Text::with(UPBEAT_TEXT("\"%1\" is no kind of file that can be written"), kind), path.string(),
                UPBEAT_TEXT("use .json, .txt, .mid, .musicxml or .mxl"));
}

Result<std::vector<std::string>> exportPattern(const std::filesystem::path& path, const Exercise& exercise) {
    if (const auto known = checkPatternName(path); !known) return tl::unexpected(known.error());
    const std::string kind = kindOf(path);
    std::string bytes;
    std::vector<std::string> losses;
    if (kind == ".json") {
        bytes = toJson(exercise);
    } else if (kind == ".txt") {
        bytes = toText(exercise);
    } else if (kind == ".mid" || kind == ".midi") {
        bytes = toMidiBytes(toMidi(exercise));
        losses = lossesInMidi(exercise);
    } else {
        bytes = toMusicXml(exercise);
        losses = lossesInMusicXml(exercise);
        if (kind == ".mxl") {
            auto packed = packMxl(bytes);
            if (!packed) return tl::unexpected(packed.error());
            bytes = *std::move(packed);
        }
    }
    if (const auto written = writeFileAtomically(path, bytes); !written) return tl::unexpected(written.error());
    return losses;
}

namespace {

Result<Exercise> exerciseOf(Result<Converted> converted) {
    if (!converted) return tl::unexpected(converted.error());
    return std::move(converted->exercise);
}

}  // namespace

Result<Exercise> readPattern(const std::filesystem::path& path) {
    return exerciseOf(importPattern(path));
}

Result<Converted> importByNameOrFile(const std::string& nameOrPath) {
    if (auto exercise = builtInExercise(nameOrPath)) return Converted{*std::move(exercise), {}};
    return importPattern(std::filesystem::path(nameOrPath));
}

Result<Exercise> patternByNameOrFile(const std::string& nameOrPath) {
    return exerciseOf(importByNameOrFile(nameOrPath));
}

}  // namespace upbeat
