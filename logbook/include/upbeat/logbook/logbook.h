#pragma once

#include <QString>
#include <filesystem>
#include <memory>
#include <string>

#include "upbeat/units/error.h"

namespace upbeat {

/// How a logbook is opened: to write with every commit on the disk before it is reported (takes), to write where the
/// last moment may be lost (settings of a ladder), or to read only.
enum class LogbookAccess { Durable, Writing, Reading };

/// The database file. Opening creates or migrates it; a logbook of a newer program is refused and not touched at all.
/// One object per thread. Repositories take a Logbook and must not outlive it.
class Logbook {
  public:
    /// `file` is created with its folder. The error says what stands in the way: folder not writable, damaged, newer.
    [[nodiscard]] static Result<std::unique_ptr<Logbook>> open(const std::filesystem::path& file,
                                                               LogbookAccess access = LogbookAccess::Writing);
    ~Logbook();
    Logbook(const Logbook&) = delete;
    Logbook& operator=(const Logbook&) = delete;

    [[nodiscard]] const QString& connection() const { return m_connection; }
    [[nodiscard]] const std::filesystem::path& file() const { return m_file; }

  private:
    Logbook(std::filesystem::path file, QString connection);
    std::filesystem::path m_file;
    QString m_connection;
};

/// Why a logbook cannot be opened, for those who offer a way out.
enum class LogbookTrouble { None, Newer, Damaged, NotWritable };
/// Reads what there is; nothing is changed.
[[nodiscard]] LogbookTrouble troubleWith(const std::filesystem::path& file);

/// A name with the time under which a file can stand beside its place, free: "NAME.damaged-20261127-180000".
[[nodiscard]] std::filesystem::path asideName(const std::filesystem::path& file, const std::string& why);

/// Sets a damaged logbook aside, beside its place: "logbook.db.damaged-20261127-180000". Gives its new name.
[[nodiscard]] Result<std::filesystem::path> setAside(const std::filesystem::path& logbookFile);

/// Where the user's logbook lives: XDG_DATA_HOME/upbeat-check/logbook.db.
[[nodiscard]] std::filesystem::path defaultLogbookFile();

}  // namespace upbeat
