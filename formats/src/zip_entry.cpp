#include "upbeat/formats/zip_entry.h"

#include <zip.h>

namespace upbeat {

void ZipDiscard::operator()(zip* archive) const {
    zip_discard(archive);
}

void ZipEntryClose::operator()(zip_file* entry) const {
    zip_fclose(entry);
}

std::optional<std::string> zipText(zip* archive, const std::string& name, std::uint64_t largestBytes) {
    zip_stat_t stat;
    zip_stat_init(&stat);
    if (zip_stat(archive, name.c_str(), 0, &stat) != 0 || (stat.valid & ZIP_STAT_SIZE) == 0 || stat.size > largestBytes)
        return std::nullopt;
    const ZipEntry entry(zip_fopen(archive, name.c_str(), 0));
    if (!entry) return std::nullopt;
    std::string text(stat.size, '\0');
    if (zip_fread(entry.get(), text.data(), text.size()) != static_cast<zip_int64_t>(text.size())) return std::nullopt;
    return text;
}

}  // namespace upbeat
