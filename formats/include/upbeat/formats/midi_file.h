#pragma once

#include <cstdint>
#include <filesystem>
#include <optional>
#include <string>
#include <vector>

#include "upbeat/music/meter.h"
#include "upbeat/units/error.h"

namespace upbeat {

struct MidiNote {
    std::int64_t tick = 0;
    int channel = 9;  ///< 0 to 15; percussion is 9.
    int key = 38;
    int velocity = 64;  ///< 1 to 127.

    friend bool operator==(const MidiNote&, const MidiNote&) = default;
};

/// A time signature and the tick from which on it holds.
struct MidiMeter {
    std::int64_t tick = 0;
    Meter meter;
};

/// A tempo and the tick from which on it holds.
struct MidiTempo {
    std::int64_t tick = 0;
    double quarterBpm = 120;
};

/// A marker, as sequencers name the parts of a piece.
struct MidiMarker {
    std::int64_t tick = 0;
    std::string name;
};

/// What we use of a Standard MIDI File: note starts, tempos, time signatures and markers.
struct MidiFile {
    int ticksPerQuarter = 480;
    std::string title;
    std::optional<double> quarterBpm;   ///< The first tempo.
    std::vector<MidiTempo> tempos{};    ///< Those behind it, in order of time, at most 4000.
    std::vector<std::string> remarks;   ///< Texts that belong to nothing, at most 64.
    std::vector<MidiMeter> meters;      ///< In order of time; none: 4/4.
    std::vector<MidiMarker> markers{};  ///< In order of time, at most 1000.
    std::int64_t endTick = 0;
    std::vector<MidiNote> notes;  ///< In order of time.
};

/// Reads formats 0 and 1; running status, system exclusives and unknown chunks are understood or skipped. Any damage is
/// an error with the byte where it stands.
[[nodiscard]] Result<MidiFile> parseMidi(const std::string& bytes, const std::string& where);
[[nodiscard]] Result<MidiFile> readMidi(const std::filesystem::path& path);

/// A format 0 file; every note lasts a thirty-second.
[[nodiscard]] std::string toMidiBytes(const MidiFile& file);

}  // namespace upbeat
