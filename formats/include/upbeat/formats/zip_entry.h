#pragma once

#include <cstdint>
#include <memory>
#include <optional>
#include <string>

struct zip;
struct zip_file;

namespace upbeat {

/// What libzip hands out goes back by itself; what was not written yet is dropped.
struct ZipDiscard {
    void operator()(zip* archive) const;
};
struct ZipEntryClose {
    void operator()(zip_file* entry) const;
};
using ZipArchive = std::unique_ptr<zip, ZipDiscard>;
using ZipEntry = std::unique_ptr<zip_file, ZipEntryClose>;

/// The text of an entry; nothing where it is not there, damaged, or longer than `largestBytes`.
[[nodiscard]] std::optional<std::string> zipText(zip* archive, const std::string& name, std::uint64_t largestBytes);

}  // namespace upbeat
