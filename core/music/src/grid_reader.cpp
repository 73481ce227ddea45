#include "grid_reader.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <numeric>

#include "grid_words.h"
#include "upbeat/music/counting.h"

namespace upbeat {

Result<Exercise> GridReader::read(std::string_view text) {
    auto frame = readHead(text);
    if (!frame) return frame;
    m_exercise.bars = std::max(m_exercise.bars, m_barsSoFar);
    m_exercise = inOrder(std::move(m_exercise));
    if (const auto ok = check(m_exercise); !ok) return tl::unexpected(ok.error());
    follow();
    if (m_error) return tl::unexpected(*m_error);
    return m_exercise;
}

Result<Exercise> GridReader::readHead(std::string_view text) {
    m_exercise.id = "own";
    while (!text.empty() && !m_error) {
        const auto length = std::min(text.find('\n'), text.size());
        ++m_lineNumber;
        readLine(text.substr(0, length));
        text.remove_prefix(std::min(length + 1, text.size()));
    }
    if (m_error) return tl::unexpected(*m_error);
    return m_exercise;
}

void GridReader::wrong(const Text& what, const Text& fix, std::size_t column) {
    if (m_error) return;
    const std::string where =
        column > 0 ? fmt::format("line {}, column {}", m_lineNumber, column) : fmt::format("line {}", m_lineNumber);
    m_error = Error{what, where, fix};
}

void GridReader::readLine(std::string_view line) {
    const std::string_view content = trimmed(line);
    if (content.starts_with('#')) return;
    if (content.empty()) {
        m_systemStart = m_barsSoFar;
        return;
    }
    const auto bar = content.find('|');
    const auto colon = content.find(':');
    if (colon < bar)
        readKey(trimmed(content.substr(0, colon)), trimmed(content.substr(colon + 1)));
    else if (bar != std::string_view::npos)
        readRow(trimmed(content.substr(0, bar)), line.substr(line.find('|')), line.find('|'));
    else
        wrong(UPBEAT_TEXT("this is neither a setting nor a row"),
              UPBEAT_TEXT("write \"key: value\" or \"voice | R.R. ... |\""));
}

void GridReader::readKey(std::string_view key, std::string_view value) {
    if (key == "id")
        m_exercise.id = value;
    else if (key == "title")
        m_exercise.title = value;
    else if (key == "trains")
        m_exercise.trains = value;
    else if (key == "tags")
        for (const auto tag : split(value, ",")) m_exercise.tags.emplace_back(trimmed(tag));
    else if (key == "bars")
        readBars(value);
    else if (key == "meter")
        readMeter(value);
    else if (key == "section")
        readSection(value);
    else if (key == "follows")
        readFollows(value);
    else if (key == "numbered")
        readNumbered(value);
    else if (key == "tempo")
        readTempo(value);
    else if (key == "held")
        readHeld(value);
    else if (key == "feel")
        readFeel(value);
    else if (key == "placed")
        readPlacement(value);
    else if (key == "levels")
        readLevels(value);
    else if (key == "swell")
        readSwell(value);
    else if (key == "free")
        readFree(value);
    else if (key == "count")
        readCount(value);
    else
        wrong(Text::with(UPBEAT_TEXT("\"%1\" is not known"), key),
              UPBEAT_TEXT("use id, title, trains, tags, bars, meter, section, follows, numbered, tempo, held, feel, "
                          "placed, levels, "
                          "count, swell or "
                          "free"));
}

void GridReader::readBars(std::string_view value) {
    if (const auto bars = barIn(value))
        m_exercise.bars = *bars;
    else
        wrong(UPBEAT_TEXT("this is no number of bars"), Text::with(UPBEAT_TEXT("use 1 to %1"), kMostBars));
}

void GridReader::readMeter(std::string_view value) {
    const auto parts = split(value, "/ ");
    const auto number = [&](std::size_t i) {
        const auto read = i < parts.size() ? numberIn(parts[i]) : std::nullopt;
        return read && *read >= 1 && *read < 100 ? static_cast<int>(*read) : 0;
    };
    const bool isChange = parts.size() == 5 && parts[2] == "from" && parts[3] == "bar" && number(4) > 1;
    const Meter meter{number(0), number(1)};
    if ((parts.size() != 2 && !isChange) || !isSupported(meter) || m_barsSoFar > 0)
        wrong(UPBEAT_TEXT("this is no meter"), UPBEAT_TEXT("write it as 4/4, or as 7/8 from bar 3, before the rows"));
    else if (isChange)
        m_exercise.meterChanges.push_back({number(4), meter});
    else
        m_exercise.meter = meter;
}

void GridReader::readFeel(std::string_view value) {
    const auto parts = split(value, " ");
    if (value == "straight") {
        m_exercise.feel = {};
        return;
    }
    Feel feel;
    if (parts.size() >= 3 && parts[0] == "swing") {
        if (parts[1] == "eighths") feel.level = SwingLevel::Eighth;
        if (parts[1] == "sixteenths") feel.level = SwingLevel::Sixteenth;
        feel.byTempo = parts.size() == 4 && parts[2] == "by" && parts[3] == "tempo";
        const auto ratio = parts.size() == 3 ? numberIn(parts[2]) : std::nullopt;
        feel.ratio = ratio.value_or(1.0);
        if (!ratio && !feel.byTempo) feel.level = SwingLevel::None;
    }
    if (!feel.isSwung())
        wrong(UPBEAT_TEXT("this is no feel"),
              UPBEAT_TEXT("write straight, swing eighths 2 or swing sixteenths by tempo"));
    m_exercise.feel = feel;
}

void GridReader::readPlacement(std::string_view value) {
    if (const auto placement = placementFromText(value))
        m_exercise.placements.push_back(*placement);
    else
        wrong(UPBEAT_TEXT("this is no placement"), UPBEAT_TEXT("write it as snare 8 ms behind, or all 2 % ahead"));
}

void GridReader::readLevels(std::string_view value) {
    m_exercise.twoLevels = value == "two";
    if (value != "two" && value != "three")
        wrong(UPBEAT_TEXT("this is no number of levels"), UPBEAT_TEXT("write two or three"));
}

std::optional<FreeSpan> GridReader::readSpan(std::string_view value) {
    const auto parts = split(value, " ");
    if (parts.size() == 3 && parts[1] == "to") {
        const auto from = Beats::parse(parts[0]);
        const auto to = Beats::parse(parts[2]);
        if (from && to) return FreeSpan{*from, *to};
    }
    wrong(UPBEAT_TEXT("this is no span"), UPBEAT_TEXT("write it as 0 to 4, in quarter notes"));
    return std::nullopt;
}

void GridReader::readFree(std::string_view value) {
    const auto comma = value.find(',');
    auto span = readSpan(trimmed(value.substr(0, comma)));
    if (!span) return;
    if (comma != std::string_view::npos) {
        const auto words = split(value.substr(comma + 1), " ");
        const auto notes = words.size() == 2 && words[1].starts_with("note") ? barIn(words[0]) : std::nullopt;
        if (!notes)
            return wrong(UPBEAT_TEXT("this is no free span"), UPBEAT_TEXT("write it as 4 to 8, or 4 to 8, 6 notes"));
        span->notes = *notes;
    }
    m_exercise.freeSpans.push_back(*span);
}

void GridReader::readSwell(std::string_view value) {
    const auto comma = value.find(',');
    const auto span = readSpan(trimmed(value.substr(0, comma)));
    const auto parts = split(comma == std::string_view::npos ? "" : value.substr(comma + 1), " ");
    const auto at = [&](std::size_t i) { return i < parts.size() ? numberIn(parts[i]) : std::nullopt; };
    if (span && parts.size() == 4 && parts[1] == "to" && parts[3] == "dB" && at(0) && at(2))
        m_exercise.swells.push_back({span->from, span->to, *at(0), *at(2)});
    else
        wrong(UPBEAT_TEXT("this is no swell"), UPBEAT_TEXT("write it as 0 to 4, -20 to 0 dB"));
}

void GridReader::readRow(std::string_view name, std::string_view row, std::size_t column) {
    const auto voice = voiceOf(name);
    if (!voice)
        return wrong(Text::with(UPBEAT_TEXT("\"%1\" is no voice"), name),
                     UPBEAT_TEXT("use snare, bass drum, hi-hat, pad ..."));
    int bar = m_systemStart;
    std::size_t at = 0;
    while (at < row.size() && !m_error) {
        const std::size_t from = at + 1;  // behind the bar line
        at = std::min(row.find('|', from), row.size());
        const std::string_view content = row.substr(std::min(from, row.size()), at - std::min(from, at));
        if (trimmed(content).empty()) continue;
        if (bar >= kMostBars)
            return wrong(UPBEAT_TEXT("more bars than a phrase can hold"),
                         Text::with(UPBEAT_TEXT("use %1 or fewer"), kMostBars));
        readBar(content, *voice, bar++, column + from);
    }
    m_barsSoFar = std::max(m_barsSoFar, bar);
}

void GridReader::readBar(std::string_view content, Voice voice, int bar, std::size_t column) {
    if (trimmed(content) == "=") {
        m_sameBars.emplace(bar + 1, m_lineNumber);
        return;
    }
    const Bar place = barOf(m_exercise, bar + 1);
    const auto words = split(content, " \t\r");
    if (static_cast<int>(words.size()) != place.meter.beatsPerBar())
        return wrong(Text::with(UPBEAT_TEXT("the bar has %1 beats, %2 belong in %3"), words.size(),
                                place.meter.beatsPerBar(), place.meter.toString()),
                     UPBEAT_TEXT("write one word a beat"), column + 1);
    const Beats beat = place.meter.beatLength();
    for (std::size_t i = 0; i < words.size(); ++i) {
        const auto wordColumn = column + static_cast<std::size_t>(words[i].data() - content.data());
        readBeat(words[i], voice, place.start + beat * static_cast<std::int64_t>(i), beat, wordColumn);
    }
}

void GridReader::readBeat(std::string_view word, Voice voice, const Beats& start, const Beats& beat,
                          std::size_t column) {
    const std::int64_t steps = stepsIn(word);
    if (steps < 1 || steps > kFinestDivision)
        return wrong(UPBEAT_TEXT("this is no beat"), UPBEAT_TEXT("use . R L F H and > ( ) f d u z !"), column + 1);
    const auto strokes = strokesFromLine(word, voice, start, beat / steps);
    if (!strokes) return wrong(strokes.error().what, strokes.error().fix, column + 1);
    if (m_exercise.strokes.size() + strokes->size() > kMostStrokes)
        return wrong(UPBEAT_TEXT("more strokes than a phrase can hold"), UPBEAT_TEXT("shorten it"), column + 1);
    m_exercise.strokes.insert(m_exercise.strokes.end(), strokes->begin(), strokes->end());
}

}  // namespace upbeat
