#pragma once

#include <QString>
#include <filesystem>
#include <memory>

#include "upbeat/units/error.h"

namespace upbeat {

/// The database file. Opening creates or migrates it; a logbook of a newer program is refused and left untouched. One
/// object per thread. Repositories take a Logbook and must not outlive it.
class Logbook {
  public:
    /// `file` is created with its folder. The error says what stands in the way: folder not writable, damaged, newer.
    [[nodiscard]] static Result<std::unique_ptr<Logbook>> open(const std::filesystem::path& file);
    ~Logbook();
    Logbook(const Logbook&) = delete;
    Logbook& operator=(const Logbook&) = delete;

    [[nodiscard]] const QString& connection() const { return m_connection; }
    [[nodiscard]] const std::filesystem::path& file() const { return m_file; }
    /// Folder of the recordings, beside the file.
    [[nodiscard]] std::filesystem::path takesFolder() const { return m_file.parent_path() / "takes"; }

  private:
    Logbook(std::filesystem::path file, QString connection);
    std::filesystem::path m_file;
    QString m_connection;
};

/// Where the user's logbook lives: XDG_DATA_HOME/upbeat-check/logbook.db.
[[nodiscard]] std::filesystem::path defaultLogbookFile();

}  // namespace upbeat
