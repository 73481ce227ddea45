#pragma once

#include <filesystem>
#include <functional>
#include <memory>
#include <string>
#include <string_view>
#include <vector>

#include "upbeat/formats/zip_entry.h"
#include "upbeat/units/error.h"

namespace upbeat {

/// A zip file that is written: nothing is under its name before all of it is on the disk.
class ZipWriter {
  public:
    [[nodiscard]] static Result<ZipWriter> create(const std::filesystem::path& target);
    ZipWriter(ZipWriter&& other) noexcept = default;
    ZipWriter& operator=(ZipWriter&& other) noexcept = default;
    ZipWriter(const ZipWriter&) = delete;
    ZipWriter& operator=(const ZipWriter&) = delete;
    ~ZipWriter();

    /// `stored`: what is compressed already. The file must stay as it is until `close`.
    [[nodiscard]] Result<void> addFile(const std::string& name, const std::filesystem::path& file, bool stored);
    [[nodiscard]] Result<void> addText(const std::string& name, std::string text);
    /// Writes it all; `goesOn` is told how much is done (0 to 1) and stops it with false.
    [[nodiscard]] Result<void> close(const std::function<bool(double)>& goesOn);

  private:
    ZipWriter(std::filesystem::path target, zip* archive) : m_target(std::move(target)), m_archive(archive) {}
    [[nodiscard]] std::filesystem::path partFile() const { return m_target.string() + ".part"; }

    std::filesystem::path m_target;
    ZipArchive m_archive;
    std::vector<std::unique_ptr<std::string>> m_texts;  // they are read when it is closed
};

/// A zip file that is read; it may be damaged or hostile.
class ZipReader {
  public:
    [[nodiscard]] static Result<ZipReader> open(std::filesystem::path file);

    /// A text of at most 64 MB.
    [[nodiscard]] Result<std::string> text(const std::string& name) const;
    /// Unpacks exactly `bytes` of an entry into a new file, and gives their SHA-256 as hexadecimal digits.
    [[nodiscard]] Result<std::string> unpack(const std::string& name, std::uintmax_t bytes,
                                             const std::filesystem::path& to) const;

  private:
    ZipReader(std::filesystem::path file, zip* archive) : m_file(std::move(file)), m_archive(archive) {}
    [[nodiscard]] tl::unexpected<Error> damaged(const std::string& name) const;

    std::filesystem::path m_file;
    ZipArchive m_archive;
};

/// The SHA-256 of a file as hexadecimal digits.
[[nodiscard]] Result<std::string> sha256Of(const std::filesystem::path& file);

}  // namespace upbeat
