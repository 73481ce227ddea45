#pragma once

#include <QDateTime>
#include <filesystem>
#include <vector>

#include "upbeat/formats/take_sidecar.h"
#include "upbeat/units/error.h"

namespace upbeat {

/// An interrupted take as it was found again.
struct RecoveredTake {
    TakeSidecar sidecar;
    BandTrace trace;
};

/// Recordings on disk: while a take runs it is `NAME.flac.part` beside `NAME.json.part`; afterwards `NAME.flac` and
/// `NAME.json`. A part file found at the start of the program is a take that was interrupted.
class TakeStore {
  public:
    explicit TakeStore(std::filesystem::path folder) : m_folder(std::move(folder)) {}

    /// Names a new take and writes its sidecar. Gives the name without ending.
    [[nodiscard]] Result<std::string> begin(const TakeSidecar& sidecar, const QDateTime& startedAt) const;
    [[nodiscard]] std::filesystem::path partFile(const std::string& name) const {
        return m_folder / (name + ".flac.part");
    }
    [[nodiscard]] std::filesystem::path file(const std::string& name) const { return m_folder / (name + ".flac"); }

    /// The recording is complete: both files get their names.
    [[nodiscard]] Result<void> finish(const std::string& name, const TakeSidecar& sidecar) const;
    void discard(const std::string& name) const;

    /// Names of interrupted takes.
    [[nodiscard]] std::vector<std::string> interrupted() const;
    /// Saves what can be read of an interrupted take and finds its hits again. Its files get their names.
    [[nodiscard]] Result<RecoveredTake> recover(const std::string& name) const;

  private:
    [[nodiscard]] std::filesystem::path partSidecar(const std::string& name) const {
        return m_folder / (name + ".json.part");
    }

    std::filesystem::path m_folder;
};

}  // namespace upbeat
