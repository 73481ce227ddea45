#include "upbeat/formats/midi_file.h"

#include <algorithm>
#include <cmath>
#include <string_view>

#include "upbeat/formats/atomic_file.h"

namespace upbeat {

namespace {

constexpr std::size_t kMostNotes = 200'000;

/// Reads bytes in order and remembers when they ran out.
class Bytes {
  public:
    Bytes(std::string_view data, std::size_t base) : m_data(data), m_base(base) {}

    [[nodiscard]] bool atEnd() const { return m_at >= m_data.size(); }
    [[nodiscard]] bool failed() const { return m_failed; }
    [[nodiscard]] std::size_t position() const { return m_base + m_at; }

    int byte() {
        if (atEnd()) {
            m_failed = true;
            return 0;
        }
        return static_cast<unsigned char>(m_data[m_at++]);
    }
    [[nodiscard]] int peek() const { return atEnd() ? 0 : static_cast<unsigned char>(m_data[m_at]); }
    std::int64_t number(int bytes) {
        std::int64_t value = 0;
        for (int i = 0; i < bytes; ++i) value = value * 256 + byte();
        return value;
    }
    /// MIDI's variable-length quantity, at most four bytes.
    std::int64_t variable() {
        std::int64_t value = 0;
        for (int i = 0; i < 4; ++i) {
            const int b = byte();
            value = value * 128 + (b & 127);
            if (b < 128) return value;
        }
        m_failed = true;
        return value;
    }
    std::string_view text(std::int64_t length) {
        if (length < 0 || static_cast<std::size_t>(length) > m_data.size() - m_at) {
            m_failed = true;
            return {};
        }
        const auto part = m_data.substr(m_at, static_cast<std::size_t>(length));
        m_at += part.size();
        return part;
    }

  private:
    std::string_view m_data;
    std::size_t m_base;
    std::size_t m_at = 0;
    bool m_failed = false;
};

void readTempo(int microseconds, std::int64_t tick, MidiFile& file) {
    constexpr std::size_t kMostTempos = 4000;
    if (microseconds <= 0) return;
    if (!file.quarterBpm)
        file.quarterBpm = 60e6 / microseconds;
    else if (file.tempos.size() < kMostTempos)
        file.tempos.push_back({tick, 60e6 / microseconds});
}

void readMeta(Bytes& bytes, std::int64_t tick, MidiFile& file) {
    const int type = bytes.byte();
    const std::string_view data = bytes.text(bytes.variable());
    const auto at = [&](std::size_t i) { return static_cast<int>(static_cast<unsigned char>(data[i])); };
    if (type == 0x03 && file.title.empty()) file.title = std::string(data.substr(0, 200));
    constexpr std::size_t kMostRemarks = 64;
    if (type == 0x01 && file.remarks.size() < kMostRemarks) file.remarks.emplace_back(data.substr(0, 200));
    if (type == 0x51 && data.size() == 3) readTempo((at(0) * 256 + at(1)) * 256 + at(2), tick, file);
    constexpr std::size_t kMostMeters = 1000;
    if (type == 0x06 && file.markers.size() < kMostMeters)
        file.markers.push_back({tick, std::string(data.substr(0, 200))});
    if (type == 0x58 && data.size() >= 2 && at(1) <= 4 && file.meters.size() < kMostMeters)
        file.meters.push_back({tick, {at(0), 1 << at(1)}});
}

void readChannelMessage(Bytes& bytes, int status, std::int64_t tick, MidiFile& file) {
    const int kind = status / 16;
    const int first = bytes.byte();
    const int second = (kind == 0xC || kind == 0xD) ? 0 : bytes.byte();
    if (kind == 9 && second > 0 && !bytes.failed())
        file.notes.push_back({tick, status % 16, first & 127, second & 127});
}

/// One track; gives the byte at which it broke, or nothing.
std::optional<std::size_t> readTrack(Bytes bytes, MidiFile& file) {
    std::int64_t tick = 0;
    int running = 0;
    while (!bytes.atEnd() && file.notes.size() < kMostNotes) {
        tick += bytes.variable();
        int status = running;
        if (bytes.peek() >= 0x80) status = bytes.byte();
        if (status == 0xFF) {
            readMeta(bytes, tick, file);
        } else if (status == 0xF0 || status == 0xF7) {
            (void)bytes.text(bytes.variable());
        } else if (status >= 0x80 && status < 0xF0) {
            running = status;
            readChannelMessage(bytes, status, tick, file);
        } else {
            return bytes.position();
        }
        if (bytes.failed()) return bytes.position();
    }
    file.endTick = std::max(file.endTick, tick);
    return std::nullopt;
}

void appendNumber(std::string& out, std::int64_t value, int bytes) {
    for (int i = bytes - 1; i >= 0; --i) out.push_back(static_cast<char>((value >> (8 * i)) & 255));
}

void appendVariable(std::string& out, std::int64_t value) {
    std::string reversed(1, static_cast<char>(value & 127));
    for (value >>= 7; value > 0; value >>= 7) reversed.push_back(static_cast<char>(128 | (value & 127)));
    out.append(reversed.rbegin(), reversed.rend());
}

std::string metaOf(char type, std::string_view data) {
    std::string bytes{'\xFF', type};
    appendVariable(bytes, static_cast<std::int64_t>(data.size()));
    return bytes.append(data);
}

/// What happens at a tick, the bytes behind the distance. What is no note comes first, ends of notes before beginnings.
struct Message {
    std::int64_t tick;
    int rank;
    std::string bytes;
};

std::vector<Message> messagesOf(const MidiFile& file) {
    std::vector<Message> messages;
    const std::int64_t length = std::max(1, file.ticksPerQuarter / 32);
    if (!file.title.empty()) messages.push_back({0, 0, metaOf('\x03', file.title)});
    for (const std::string& remark : file.remarks) messages.push_back({0, 0, metaOf('\x01', remark)});
    const auto addTempo = [&messages](std::int64_t tick, double quarterBpm) {
        std::string tempo;
        appendNumber(tempo, std::llround(60e6 / quarterBpm), 3);
        messages.push_back({tick, 0, metaOf('\x51', tempo)});
    };
    if (file.quarterBpm) addTempo(0, *file.quarterBpm);
    for (const MidiTempo& tempo : file.tempos) addTempo(tempo.tick, tempo.quarterBpm);
    for (const MidiMeter& m : file.meters) {
        const int power = static_cast<int>(std::lround(std::log2(m.meter.unit)));
        const std::string data{static_cast<char>(m.meter.count), static_cast<char>(power), 24, 8};
        messages.push_back({m.tick, 0, metaOf('\x58', data)});
    }
    for (const MidiMarker& marker : file.markers) messages.push_back({marker.tick, 0, metaOf('\x06', marker.name)});
    const auto bytesOf = [](int kind, const MidiNote& note, int velocity) {
        return std::string{static_cast<char>(kind | note.channel), static_cast<char>(note.key),
                           static_cast<char>(velocity)};
    };
    for (const MidiNote& note : file.notes) {
        messages.push_back({note.tick, 2, bytesOf(0x90, note, note.velocity)});
        messages.push_back({note.tick + length, 1, bytesOf(0x80, note, 0)});
    }
    std::stable_sort(messages.begin(), messages.end(), [](const Message& a, const Message& b) {
        return a.tick != b.tick ? a.tick < b.tick : a.rank < b.rank;
    });
    return messages;
}

}  // namespace

Result<MidiFile> parseMidi(const std::string& data, const std::string& where) {
    Bytes bytes(data, 0);
    if (bytes.text(4) != "MThd")
        return fail(UPBEAT_TEXT("this is not a MIDI file"), where, UPBEAT_TEXT("choose a .mid file"));
    const std::int64_t headLength = bytes.number(4);
    const std::int64_t format = bytes.number(2);
    const std::int64_t tracks = bytes.number(2);
    const std::int64_t division = bytes.number(2);
    if (bytes.failed() || headLength < 6)
        return fail(UPBEAT_TEXT("the MIDI file breaks off in its head"), where, UPBEAT_TEXT("use the complete file"));
    if (format > 1)
        return fail(UPBEAT_TEXT("it is a MIDI file of format 2"), where, UPBEAT_TEXT("save it as format 0 or 1"));
    if (division <= 0 || division >= 0x8000)
        return fail(UPBEAT_TEXT("it counts in film frames, not in beats"), where,
                    UPBEAT_TEXT("save it with ticks per quarter"));
    (void)bytes.text(headLength - 6);
    MidiFile file;
    file.ticksPerQuarter = static_cast<int>(division);
    for (std::int64_t track = 0; track < tracks && !bytes.atEnd();) {
        const std::string_view tag = bytes.text(4);
        const std::int64_t length = bytes.number(4);
        const std::size_t start = bytes.position();
        const std::string_view body = bytes.text(length);
        if (bytes.failed())
            return fail(Text::with(UPBEAT_TEXT("the MIDI file breaks off at byte %1"), data.size()), where,
                        UPBEAT_TEXT("use the complete file"));
        if (tag != "MTrk") continue;
        ++track;
        if (const auto broken = readTrack(Bytes(body, start), file))
            return fail(Text::with(UPBEAT_TEXT("the MIDI file is damaged at byte %1"), *broken), where,
                        UPBEAT_TEXT("export it again"));
    }
    const auto isEarlier = [](const auto& a, const auto& b) { return a.tick < b.tick; };
    std::stable_sort(file.notes.begin(), file.notes.end(), isEarlier);
    std::stable_sort(file.meters.begin(), file.meters.end(), isEarlier);
    std::stable_sort(file.markers.begin(), file.markers.end(), isEarlier);
    return file;
}

Result<MidiFile> readMidi(const std::filesystem::path& path) {
    const auto bytes = readFile(path);
    if (!bytes) return tl::unexpected(bytes.error());
    return parseMidi(*bytes, path.string());
}

std::string toMidiBytes(const MidiFile& file) {
    std::string track;
    std::int64_t tick = 0;
    for (const Message& message : messagesOf(file)) {
        appendVariable(track, message.tick - tick);
        tick = message.tick;
        track += message.bytes;
    }
    appendVariable(track, std::max<std::int64_t>(0, file.endTick - tick));
    track.append("\xFF\x2F\x00", 3);
    std::string out = "MThd";
    appendNumber(out, 6, 4);
    appendNumber(out, 0, 2);
    appendNumber(out, 1, 2);
    appendNumber(out, file.ticksPerQuarter, 2);
    out += "MTrk";
    appendNumber(out, static_cast<std::int64_t>(track.size()), 4);
    return out + track;
}

}  // namespace upbeat
