#include <zip.h>

#include <memory>
#include <pugixml.hpp>

#include "upbeat/formats/musicxml.h"
#include "upbeat/formats/zip_entry.h"

namespace upbeat {

namespace {

constexpr std::uint64_t kLargest = 16U << 20U;

struct FreeSource {
    void operator()(zip_source_t* source) const { zip_source_free(source); }
};
using Source = std::unique_ptr<zip_source_t, FreeSource>;

bool addEntry(zip_t* archive, const char* name, const std::string& text) {
    zip_source_t* source = zip_source_buffer(archive, text.data(), text.size(), 0);
    if (source == nullptr) return false;
    if (zip_file_add(archive, name, source, ZIP_FL_ENC_UTF_8) >= 0) return true;
    zip_source_free(source);
    return false;
}

constexpr const char* kContainer = "META-INF/container.xml";

}  // namespace

Result<std::string> unpackMxl(std::string_view bytes, const std::string& where) {
    zip_error_t error;
    zip_error_init(&error);
    Source source(zip_source_buffer_create(bytes.data(), bytes.size(), 0, &error));
    zip_t* opened = source ? zip_open_from_source(source.get(), ZIP_RDONLY | ZIP_CHECKCONS, &error) : nullptr;
    zip_error_fini(&error);
    if (opened == nullptr)
        return fail(UPBEAT_TEXT("the compressed score is damaged"), where, UPBEAT_TEXT("export it again"));
    (void)source.release();  // the archive has it now
    const ZipArchive archive(opened);
    const auto container = zipText(archive.get(), kContainer, kLargest);
    if (!container)
        return fail(UPBEAT_TEXT("the compressed score has no container"), where, UPBEAT_TEXT("export it again"));
    pugi::xml_document document;
    (void)document.load_buffer(container->data(), container->size());
    const std::string name =
        document.child("container").child("rootfiles").child("rootfile").attribute("full-path").value();
    auto text = zipText(archive.get(), name, kLargest);
    if (!text)
        return fail(UPBEAT_TEXT("the score is missing in the compressed file, or larger than 16 MB"), where,
                    UPBEAT_TEXT("export it again"));
    return *std::move(text);
}

Result<std::string> packMxl(const std::string& xml) {
    const std::string container =
        "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<container><rootfiles>"
        "<rootfile full-path=\"score.musicxml\" media-type=\"application/vnd.recordare.musicxml+xml\"/>"
        "</rootfiles></container>\n";
    zip_error_t error;
    zip_error_init(&error);
    Source source(zip_source_buffer_create(nullptr, 0, 0, &error));
    zip_t* opened = source ? zip_open_from_source(source.get(), ZIP_TRUNCATE, &error) : nullptr;
    zip_error_fini(&error);
    if (opened == nullptr)
        return fail(UPBEAT_TEXT("the score could not be packed"), {}, UPBEAT_TEXT("write plain MusicXML"));
    zip_source_keep(source.get());  // read below, after the archive is closed
    if (!addEntry(opened, kContainer, container) || !addEntry(opened, "score.musicxml", xml) ||
        zip_close(opened) != 0) {
        zip_discard(opened);
        return fail(UPBEAT_TEXT("the score could not be packed"), {}, UPBEAT_TEXT("write plain MusicXML"));
    }
    zip_stat_t stat;
    zip_stat_init(&stat);
    if (zip_source_stat(source.get(), &stat) != 0 || zip_source_open(source.get()) != 0)
        return fail(UPBEAT_TEXT("the score could not be packed"), {}, UPBEAT_TEXT("write plain MusicXML"));
    std::string bytes(stat.size, '\0');
    const auto read = zip_source_read(source.get(), bytes.data(), bytes.size());
    zip_source_close(source.get());
    if (read != static_cast<zip_int64_t>(bytes.size()))
        return fail(UPBEAT_TEXT("the score could not be packed"), {}, UPBEAT_TEXT("write plain MusicXML"));
    return bytes;
}

}  // namespace upbeat
