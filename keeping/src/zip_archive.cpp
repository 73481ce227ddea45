#include "zip_archive.h"

#include <zip.h>

#include <QCryptographicHash>
#include <QFile>

#include "upbeat/formats/atomic_file.h"

namespace upbeat {

namespace {

tl::unexpected<Error> notWritten(const std::filesystem::path& target) {
    return fail(UPBEAT_TEXT("the backup could not be written"), target.string(),
                UPBEAT_TEXT("free some space or choose another folder"));
}

void tellProgress(zip_t* /*archive*/, double share, void* with) {
    auto& [goesOn, stopped] = *static_cast<std::pair<const std::function<bool(double)>*, bool>*>(with);
    if (*goesOn && !(*goesOn)(share)) stopped = true;
}

int isStopped(zip_t* /*archive*/, void* with) {
    return static_cast<std::pair<const std::function<bool(double)>*, bool>*>(with)->second ? 1 : 0;
}

}  // namespace

Result<ZipWriter> ZipWriter::create(const std::filesystem::path& target) {
    auto plain = plainFileBehind(target);
    if (!plain) return tl::unexpected(plain.error());
    ZipWriter writer(*std::move(plain), nullptr);
    int error = 0;
    writer.m_archive.reset(zip_open(writer.partFile().c_str(), ZIP_CREATE | ZIP_TRUNCATE, &error));
    if (!writer.m_archive) return notWritten(target);
    return writer;
}

ZipWriter::~ZipWriter() {
    if (!m_archive) return;
    m_archive.reset();
    std::error_code ignored;
    std::filesystem::remove(partFile(), ignored);
}

Result<void> ZipWriter::addFile(const std::string& name, const std::filesystem::path& file, bool stored) {
    zip_source_t* source = zip_source_file(m_archive.get(), file.c_str(), 0, -1);
    const auto index = source != nullptr ? zip_file_add(m_archive.get(), name.c_str(), source, ZIP_FL_ENC_UTF_8) : -1;
    if (index < 0) {
        if (source != nullptr) zip_source_free(source);
        return fail(UPBEAT_TEXT("it cannot be read"), file.string(), UPBEAT_TEXT("check that it may be read"));
    }
    const int how = stored ? ZIP_CM_STORE : ZIP_CM_DEFLATE;
    if (zip_set_file_compression(m_archive.get(), static_cast<zip_uint64_t>(index), how, 0) != 0)
        return notWritten(m_target);
    return {};
}

Result<void> ZipWriter::addText(const std::string& name, std::string text) {
    m_texts.push_back(std::make_unique<std::string>(std::move(text)));
    const std::string& kept = *m_texts.back();
    zip_source_t* source = zip_source_buffer(m_archive.get(), kept.data(), kept.size(), 0);
    if (source == nullptr) return notWritten(m_target);
    if (zip_file_add(m_archive.get(), name.c_str(), source, ZIP_FL_ENC_UTF_8) >= 0) return {};
    zip_source_free(source);
    return notWritten(m_target);
}

Result<void> ZipWriter::close(const std::function<bool(double)>& goesOn) {
    constexpr double kPrecision = 0.002;
    std::pair with(&goesOn, false);
    zip_register_progress_callback_with_state(m_archive.get(), kPrecision, tellProgress, nullptr, &with);
    zip_register_cancel_callback_with_state(m_archive.get(), isStopped, nullptr, &with);
    if (zip_close(m_archive.get()) != 0) {
        if (with.second) return fail(UPBEAT_TEXT("the backup was stopped"), m_target.string());
        return notWritten(m_target);
    }
    (void)m_archive.release();  // closing it has freed it
    syncToDisk(partFile());
    std::error_code error;
    std::filesystem::rename(partFile(), m_target, error);
    if (error) return notWritten(m_target);
    syncToDisk(m_target);
    return {};
}

Result<ZipReader> ZipReader::open(std::filesystem::path file) {
    int error = 0;
    zip_t* archive = zip_open(file.c_str(), ZIP_RDONLY | ZIP_CHECKCONS, &error);
    if (archive == nullptr)
        return fail(error == ZIP_ER_NOENT ? UPBEAT_TEXT("there is no such file")
                                          : UPBEAT_TEXT("this is no backup, or it is damaged"),
                    file.string(), UPBEAT_TEXT("choose another backup; nothing was changed"));
    return ZipReader(std::move(file), archive);
}

tl::unexpected<Error> ZipReader::damaged(const std::string& name) const {
    return fail(Text::with(UPBEAT_TEXT("the backup is damaged at \"%1\""), name), m_file.string(),
                UPBEAT_TEXT("choose another backup; nothing was changed"));
}

Result<std::string> ZipReader::text(const std::string& name) const {
    constexpr std::uint64_t kLargest = 64U << 20U;
    auto found = zipText(m_archive.get(), name, kLargest);
    if (!found) return damaged(name);
    return *std::move(found);
}

Result<std::string> ZipReader::unpack(const std::string& name, std::uintmax_t bytes,
                                      const std::filesystem::path& to) const {
    const ZipEntry entry(zip_fopen(m_archive.get(), name.c_str(), 0));
    if (!entry) return damaged(name);
    QFile out(QString::fromStdString(to.string()));
    const auto full = [&] {
        return fail(UPBEAT_TEXT("what is in the backup cannot be written"), to.string(),
                    UPBEAT_TEXT("free some space or choose another folder"));
    };
    if (!out.open(QIODevice::WriteOnly | QIODevice::NewOnly)) return full();
    QCryptographicHash hash(QCryptographicHash::Sha256);
    std::vector<char> buffer(1U << 16U);
    std::uintmax_t got = 0;
    while (true) {
        const zip_int64_t some = zip_fread(entry.get(), buffer.data(), buffer.size());
        if (some < 0) return damaged(name);
        if (some == 0) break;
        got += static_cast<std::uintmax_t>(some);
        if (got > bytes) return damaged(name);
        hash.addData(QByteArrayView(buffer.data(), some));
        if (out.write(buffer.data(), some) != some) return full();
    }
    if (got != bytes) return damaged(name);
    if (!out.flush()) return full();
    syncToDisk(to);
    return hash.result().toHex().toStdString();
}

Result<std::string> sha256Of(const std::filesystem::path& file) {
    QFile in(QString::fromStdString(file.string()));
    QCryptographicHash hash(QCryptographicHash::Sha256);
    if (!in.open(QIODevice::ReadOnly) || !hash.addData(&in))
        return fail(UPBEAT_TEXT("it cannot be read"), file.string(), UPBEAT_TEXT("check that it may be read"));
    return hash.result().toHex().toStdString();
}

}  // namespace upbeat
