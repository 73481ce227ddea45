#include "staging.h"

#include <utility>

namespace upbeat {

namespace fs = std::filesystem;

Result<Staging> Staging::unpack(const fs::path& backup, const DataFolder& folder,
                                const std::function<std::vector<std::string>(const Manifest&)>& wanted) {
    if (folder.access() == DataFolder::Access::TakenByAnother)
        return fail(UPBEAT_TEXT("another program works in this folder"), folder.root().string(),
                    UPBEAT_TEXT("close the other window first"));
    auto zip = ZipReader::open(backup);
    if (!zip) return tl::unexpected(zip.error());
    auto manifest = manifestOf(*zip, backup);
    if (!manifest) return tl::unexpected(manifest.error());
    std::error_code error;
    const fs::path place = folder.root() / ".restore";
    fs::remove_all(place, error);  // of one that was cut short
    Staging staging(backup, *std::move(zip), *std::move(manifest), place);
    const auto space = fs::space(folder.root(), error);
    if (!error && space.available < staging.m_manifest.facts.bytes)
        return fail(UPBEAT_TEXT("there is not enough room for what is in the backup"), folder.root().string(),
                    UPBEAT_TEXT("free some space; nothing was changed"));
    if (auto unpacked = staging.unpackAlso(wanted(staging.m_manifest)); !unpacked)
        return tl::unexpected(unpacked.error());
    return staging;
}

Result<void> Staging::unpackAlso(const std::vector<std::string>& names) {
    if (auto unpacked = unpackInto(m_folder, m_zip, m_manifest, names, m_backup); !unpacked) return unpacked;
    m_names.insert(m_names.end(), names.begin(), names.end());
    return {};
}

Staging::Staging(Staging&& other) noexcept
    : m_backup(std::move(other.m_backup)),
      m_zip(std::move(other.m_zip)),
      m_manifest(std::move(other.m_manifest)),
      m_folder(std::exchange(other.m_folder, {})),
      m_names(std::move(other.m_names)) {}

Staging::~Staging() {
    std::error_code ignored;
    if (!m_folder.empty()) fs::remove_all(m_folder, ignored);
}

}  // namespace upbeat
