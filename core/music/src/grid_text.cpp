#include "upbeat/music/grid_text.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <numeric>

#include "upbeat/music/bars.h"
#include "upbeat/music/counting.h"
#include "upbeat/music/line.h"

namespace upbeat {

namespace {

std::string_view trimmed(std::string_view text) {
    constexpr std::string_view kBlank = " \t\r";
    const auto from = text.find_first_not_of(kBlank);
    if (from == std::string_view::npos) return {};
    return text.substr(from, text.find_last_not_of(kBlank) - from + 1);
}

std::vector<std::string_view> split(std::string_view text, std::string_view separators) {
    std::vector<std::string_view> parts;
    while (true) {
        const auto from = text.find_first_not_of(separators);
        if (from == std::string_view::npos) return parts;
        text.remove_prefix(from);
        const auto length = std::min(text.find_first_of(separators), text.size());
        parts.push_back(text.substr(0, length));
        text.remove_prefix(length);
    }
}

std::optional<double> numberIn(std::string_view text) {
    double value = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc() || end != text.data() + text.size() || !std::isfinite(value)) return std::nullopt;
    return value;
}

std::optional<Voice> voiceOf(std::string_view name) {
    for (int v = 0; v < kVoiceCount; ++v)
        if (spokenName(static_cast<Voice>(v)) == name) return static_cast<Voice>(v);
    return voiceFromName(name);
}

/// Steps of a word: everything that is a rest or a limb.
std::int64_t stepsIn(std::string_view word) {
    return std::count_if(word.begin(), word.end(),
                         [](char c) { return c == '.' || c == 'R' || c == 'L' || c == 'F' || c == 'H'; });
}

class Reader {
  public:
    Result<Exercise> read(std::string_view text) {
        auto frame = readHead(text);
        if (!frame) return frame;
        m_exercise.bars = std::max(m_exercise.bars, m_barsSoFar);
        m_exercise = inOrder(std::move(m_exercise));
        if (const auto ok = check(m_exercise); !ok) return tl::unexpected(ok.error());
        return m_exercise;
    }

    Result<Exercise> readHead(std::string_view text) {
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

  private:
    void wrong(const std::string& what, const std::string& fix, std::size_t column = 0) {
        if (m_error) return;
        const std::string where =
            column > 0 ? fmt::format("line {}, column {}", m_lineNumber, column) : fmt::format("line {}", m_lineNumber);
        m_error = Error{what, where, fix};
    }

    void readLine(std::string_view line) {
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
            wrong("this is neither a setting nor a row", "write \"key: value\" or \"voice | R.R. ... |\"");
    }

    void readKey(std::string_view key, std::string_view value) {
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
        else if (key == "tempo")
            readTempo(value);
        else if (key == "feel")
            readFeel(value);
        else if (key == "swell")
            readSwell(value);
        else if (key == "free")
            readFree(value);
        else if (key == "count")
            readCount(value);
        else
            wrong(fmt::format("\"{}\" is not known", key),
                  "use id, title, trains, tags, bars, meter, tempo, feel, count, swell or free");
    }

    void readCount(std::string_view value) {
        if (value == "numbers") {
            m_exercise.counting = Counting::Numbers;
        } else if (const auto words = wordsFromText(value)) {
            auto own = *words;
            if (own.front() == "*") own.front().clear();
            m_exercise.words[static_cast<int>(own.size())] = std::move(own);
        } else if (value != "letters") {
            wrong("this is no way of counting", "write letters, numbers or your own words, * for the number");
        }
    }

    void readBars(std::string_view value) {
        const auto bars = numberIn(value);
        if (!bars || *bars < 1 || *bars > kMostBars)
            wrong("this is no number of bars", fmt::format("use 1 to {}", kMostBars));
        else
            m_exercise.bars = static_cast<int>(*bars);
    }

    /// "4/4" for the phrase, "7/8 from bar 3" for a change.
    void readMeter(std::string_view value) {
        const auto parts = split(value, "/ ");
        const auto number = [&](std::size_t i) {
            const auto read = i < parts.size() ? numberIn(parts[i]) : std::nullopt;
            return read && *read >= 1 && *read < 100 ? static_cast<int>(*read) : 0;
        };
        const bool isChange = parts.size() == 5 && parts[2] == "from" && parts[3] == "bar" && number(4) > 1;
        const Meter meter{number(0), number(1)};
        if ((parts.size() != 2 && !isChange) || !isSupported(meter) || m_barsSoFar > 0)
            wrong("this is no meter", "write it as 4/4, or as 7/8 from bar 3, before the rows");
        else if (isChange)
            m_exercise.meterChanges.push_back({number(4), meter});
        else
            m_exercise.meter = meter;
    }

    void readTempo(std::string_view value) {
        const auto parts = split(value, " ");
        const auto at = [&](std::size_t i) { return i < parts.size() ? numberIn(parts[i]) : std::nullopt; };
        const bool whole = parts.size() == 5 && parts[1] == "to" && parts[3] == "by" && at(0) && at(2) && at(4);
        if (whole)
            m_exercise.tempo = {*at(0), *at(2), *at(4)};
        else
            wrong("this is no tempo plan", "write it as 60 to 112 by 4");
    }

    void readFeel(std::string_view value) {
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
        if (!feel.isSwung()) wrong("this is no feel", "write straight, swing eighths 2 or swing sixteenths by tempo");
        m_exercise.feel = feel;
    }

    /// "0 to 4": gives nothing and complains where it is something else.
    std::optional<FreeSpan> readSpan(std::string_view value) {
        const auto parts = split(value, " ");
        if (parts.size() == 3 && parts[1] == "to") {
            const auto from = Beats::parse(parts[0]);
            const auto to = Beats::parse(parts[2]);
            if (from && to) return FreeSpan{*from, *to};
        }
        wrong("this is no span", "write it as 0 to 4, in quarter notes");
        return std::nullopt;
    }

    void readFree(std::string_view value) {
        if (const auto span = readSpan(value)) m_exercise.freeSpans.push_back(*span);
    }

    void readSwell(std::string_view value) {
        const auto comma = value.find(',');
        const auto span = readSpan(trimmed(value.substr(0, comma)));
        const auto parts = split(comma == std::string_view::npos ? "" : value.substr(comma + 1), " ");
        const auto at = [&](std::size_t i) { return i < parts.size() ? numberIn(parts[i]) : std::nullopt; };
        if (span && parts.size() == 4 && parts[1] == "to" && parts[3] == "dB" && at(0) && at(2))
            m_exercise.swells.push_back({span->from, span->to, *at(0), *at(2)});
        else
            wrong("this is no swell", "write it as 0 to 4, -20 to 0 dB");
    }

    void readRow(std::string_view name, std::string_view row, std::size_t column) {
        const auto voice = voiceOf(name);
        if (!voice) return wrong(fmt::format("\"{}\" is no voice", name), "use snare, bass drum, hi-hat, pad ...");
        int bar = m_systemStart;
        std::size_t at = 0;
        while (at < row.size() && !m_error) {
            const std::size_t from = at + 1;  // behind the bar line
            at = std::min(row.find('|', from), row.size());
            const std::string_view content = row.substr(std::min(from, row.size()), at - std::min(from, at));
            if (trimmed(content).empty()) continue;
            if (bar >= kMostBars)
                return wrong("more bars than a phrase can hold", fmt::format("use {} or fewer", kMostBars));
            readBar(content, *voice, bar++, column + from);
        }
        m_barsSoFar = std::max(m_barsSoFar, bar);
    }

    void readBar(std::string_view content, Voice voice, int bar, std::size_t column) {
        const Bar place = barOf(m_exercise, bar + 1);
        const auto words = split(content, " \t\r");
        if (static_cast<int>(words.size()) != place.meter.beatsPerBar())
            return wrong(fmt::format("the bar has {} beats, {} belong in {}", words.size(), place.meter.beatsPerBar(),
                                     place.meter.toString()),
                         "write one word a beat", column + 1);
        const Beats beat = place.meter.beatLength();
        for (std::size_t i = 0; i < words.size(); ++i) {
            const auto wordColumn = column + static_cast<std::size_t>(words[i].data() - content.data());
            readBeat(words[i], voice, place.start + beat * static_cast<std::int64_t>(i), beat, wordColumn);
        }
    }

    void readBeat(std::string_view word, Voice voice, const Beats& start, const Beats& beat, std::size_t column) {
        const std::int64_t steps = stepsIn(word);
        if (steps < 1 || steps > kFinestDivision)
            return wrong("this is no beat", "use . R L F H and > ( ) f d u z !", column + 1);
        const auto strokes = strokesFromLine(word, voice, start, beat / steps);
        if (!strokes) return wrong(strokes.error().what, strokes.error().fix, column + 1);
        if (m_exercise.strokes.size() + strokes->size() > kMostStrokes)
            return wrong("more strokes than a phrase can hold", "shorten it", column + 1);
        m_exercise.strokes.insert(m_exercise.strokes.end(), strokes->begin(), strokes->end());
    }

    Exercise m_exercise;
    std::optional<Error> m_error;
    int m_lineNumber = 0;
    int m_barsSoFar = 0;
    int m_systemStart = 0;
};

std::string stepOf(const Stroke& s) {
    constexpr std::string_view kOrnaments = " fduz";
    constexpr std::string_view kLimbs = "RLFH";
    std::string step;
    if (s.anchor) step += '!';
    if (s.ornament != Ornament::None) step += kOrnaments[static_cast<std::size_t>(s.ornament)];
    if (s.level == Level::Accent) step += '>';
    if (s.level == Level::Ghost) step += '(';
    step += kLimbs[static_cast<std::size_t>(s.limb)];
    if (s.level == Level::Ghost) step += ')';
    return step;
}

std::string textOf(const Exercise& e, Voice voice, const CountedBeat& beat) {
    std::vector<std::pair<Beats, const Stroke*>> inside;
    std::int64_t steps = 1;
    for (const Stroke& s : strokesIn(e, beat.start, beat.end())) {
        if (s.voice != voice) continue;
        inside.emplace_back(ratio(s.at - beat.start, beat.length), &s);
        steps = std::lcm(steps, inside.back().first.denominator());
    }
    std::string word;
    std::int64_t written = 0;
    for (const auto& [share, stroke] : inside) {
        const std::int64_t step = share.numerator() * (steps / share.denominator());
        word.append(static_cast<std::size_t>(step - written), '.');
        word += stepOf(*stroke);
        written = step + 1;
    }
    return word.append(static_cast<std::size_t>(steps - written), '.');
}

std::string rowOf(const Exercise& e, Voice voice) {
    constexpr std::size_t kNameWidth = 13;
    std::string row(spokenName(voice));
    row.resize(std::max(kNameWidth, row.size() + 1), ' ');
    for (const CountedBeat& beat : beatsOf(e)) row += (beat.number == 1 ? "| " : "") + textOf(e, voice, beat) + ' ';
    return row + "|\n";
}

std::string feelText(const Feel& feel) {
    const std::string_view level = feel.level == SwingLevel::Eighth ? "eighths" : "sixteenths";
    if (feel.byTempo) return fmt::format("swing {} by tempo", level);
    return fmt::format("swing {} {}", level, feel.ratio);
}

}  // namespace

Result<Exercise> exerciseFromText(std::string_view text) {
    return Reader().read(text);
}

Result<Exercise> headFromText(std::string_view text) {
    return Reader().readHead(text);
}

std::vector<TextSetting> settingsOf(const Exercise& e) {
    std::vector<TextSetting> settings{{"id", e.id}, {"title", e.title}};
    const auto add = [&settings](const char* key, std::string value) { settings.push_back({key, std::move(value)}); };
    if (!e.trains.empty()) add("trains", e.trains);
    if (!e.tags.empty()) add("tags", fmt::format("{}", fmt::join(e.tags, ", ")));
    add("meter", e.meter.toString());
    for (const MeterChange& change : e.meterChanges)
        add("meter", fmt::format("{} from bar {}", change.meter.toString(), change.bar));
    add("bars", std::to_string(e.bars));
    add("tempo", fmt::format("{} to {} by {}", e.tempo.start, e.tempo.goal, e.tempo.step));
    if (e.feel.isSwung()) add("feel", feelText(e.feel));
    if (e.counting == Counting::Numbers) add("count", "numbers");
    for (const auto& [parts, words] : e.words)
        add("count", fmt::format("{}{}", words.front().empty() ? "*" : "", fmt::join(words, " ")));
    for (const Swell& s : e.swells)
        add("swell", fmt::format("{} to {}, {} to {} dB", s.from.toString(), s.to.toString(), s.fromDb, s.toDb));
    for (const FreeSpan& s : e.freeSpans) add("free", fmt::format("{} to {}", s.from.toString(), s.to.toString()));
    return settings;
}

std::string toText(const Exercise& e) {
    std::string text;
    for (const TextSetting& setting : settingsOf(e)) text += fmt::format("{}: {}\n", setting.key, setting.value);
    for (int v = 0; v < kVoiceCount; ++v) {
        const auto voice = static_cast<Voice>(v);
        if (std::any_of(e.strokes.begin(), e.strokes.end(), [voice](const Stroke& s) { return s.voice == voice; }))
            text += rowOf(e, voice);
    }
    return text;
}

}  // namespace upbeat
