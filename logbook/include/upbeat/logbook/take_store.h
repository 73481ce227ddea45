#pragma once

#include <QDateTime>
#include <filesystem>
#include <set>
#include <vector>

#include "upbeat/take/take_record.h"
#include "upbeat/units/error.h"

namespace upbeat {

/// Recordings on disk. While a take runs it is `NAME.flac.part` beside `NAME.json.part`, and `NAME.notes.part` where
/// a MIDI instrument is played; once the logbook has it, `NAME.flac` and `NAME.json`. The order is always: the sidecar,
/// the logbook, the names. So whatever a crash leaves is either known to the logbook, and its names are put right, or
/// it is not, and it is offered. Nobody else may use the folder meanwhile; see DataFolder.
class TakeStore {
  public:
    explicit TakeStore(std::filesystem::path folder) : m_folder(std::move(folder)) {}

    /// What a take of an exercise is called that was started then, unless the name is taken.
    [[nodiscard]] static std::string nameOf(const Exercise& exercise, const QDateTime& startedAt);
    /// Names a new take, claims the name and writes its sidecar. Gives the name without ending.
    [[nodiscard]] Result<std::string> begin(const TakeRecord& take, const QDateTime& startedAt) const;
    /// A part of a recording that is taken apart: from this pass on.
    [[nodiscard]] static std::string partName(const std::string& whole, int fromPass);
    /// Begins a take under such a name; what an earlier try has left of it goes.
    [[nodiscard]] Result<void> beginPart(const std::string& name, const TakeRecord& take) const;
    [[nodiscard]] std::filesystem::path partFile(const std::string& name) const { return at(name, ".flac.part"); }
    [[nodiscard]] std::filesystem::path notesFile(const std::string& name) const { return at(name, ".notes.part"); }
    [[nodiscard]] std::filesystem::path file(const std::string& name) const { return at(name, ".flac"); }

    /// What was measured, beside the recording, still under the name of a part.
    [[nodiscard]] Result<void> describe(const std::string& name, const TakeRecord& take) const;
    /// The logbook has the take: its files get their names. Doing it twice does no harm.
    [[nodiscard]] Result<void> settle(const std::string& name) const;
    void discard(const std::string& name) const;

    /// Recordings of which the logbook knows nothing, in order of their names: interrupted ones, and whole ones whose
    /// row is missing. `known`: the files of the logbook. Parts of one that is still there are not among them.
    [[nodiscard]] std::vector<std::string> unknownTo(const std::set<std::string>& known) const;
    /// Puts the names of all takes right that the logbook knows, and removes what belongs to no recording at all.
    void tidy(const std::set<std::string>& known) const;

    /// What was known of it before it was played, and the notes of a MIDI instrument.
    [[nodiscard]] Result<TakeRecord> planOf(const std::string& name) const;
    /// Saves what can be read of a recording that the logbook does not know: an interrupted one is decoded to `file`
    /// and listened to again, of a whole one the sidecar is read. Files of parts stay until `settle`. Bars and duration
    /// are what was recorded; fewer than one bar may be among them.
    [[nodiscard]] Result<TakeRecord> rescue(const std::string& name) const;

  private:
    [[nodiscard]] std::filesystem::path at(const std::string& name, const char* ending) const {
        return m_folder / (name + ending);
    }
    /// The one that tells of the recording now; it need not be there.
    [[nodiscard]] std::filesystem::path sidecarOf(const std::string& name) const;
    [[nodiscard]] Result<TakeRecord> rescuePart(const std::string& name) const;
    [[nodiscard]] Result<TakeRecord> rescueWhole(const std::string& name) const;
    [[nodiscard]] std::vector<std::string> listing() const;

    std::filesystem::path m_folder;
};

}  // namespace upbeat
