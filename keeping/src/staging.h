#pragma once

#include "backup_files.h"

namespace upbeat {

/// Files of a backup, unpacked beside the place they go to and proven; the folder goes with this.
class Staging {
  public:
    /// `wanted` chooses among the files; the logbook is always one of them. An error where the folder may not be
    /// written.
    [[nodiscard]] static Result<Staging> unpack(const std::filesystem::path& backup, const DataFolder& folder,
                                                const std::function<std::vector<std::string>(const Manifest&)>& wanted);
    /// More of the same backup.
    [[nodiscard]] Result<void> unpackAlso(const std::vector<std::string>& names);

    Staging(Staging&& other) noexcept;
    Staging& operator=(Staging&&) = delete;
    Staging(const Staging&) = delete;
    Staging& operator=(const Staging&) = delete;
    ~Staging();

    [[nodiscard]] const Manifest& manifest() const { return m_manifest; }
    [[nodiscard]] const std::vector<std::string>& names() const { return m_names; }
    [[nodiscard]] std::filesystem::path file(const std::string& name) const { return m_folder / name; }

  private:
    Staging(std::filesystem::path backup, ZipReader zip, Manifest manifest, std::filesystem::path folder)
        : m_backup(std::move(backup)),
          m_zip(std::move(zip)),
          m_manifest(std::move(manifest)),
          m_folder(std::move(folder)) {}

    std::filesystem::path m_backup;
    ZipReader m_zip;
    Manifest m_manifest;
    std::filesystem::path m_folder;
    std::vector<std::string> m_names;
};

}  // namespace upbeat
