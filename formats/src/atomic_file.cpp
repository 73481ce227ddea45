#include "upbeat/formats/atomic_file.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <unistd.h>

#include <cerrno>
#include <cstring>
#include <fstream>
#include <sstream>
#include <system_error>

namespace upbeat {

namespace {

bool writeAll(int file, std::string_view text) {
    while (!text.empty()) {
        const auto written = ::write(file, text.data(), text.size());
        if (written < 0) return false;
        text.remove_prefix(static_cast<std::size_t>(written));
    }
    return ::fsync(file) == 0;
}

std::string reason() {
    return std::error_code(errno, std::generic_category()).message();
}

}  // namespace

Result<void> writeFileAtomically(const std::filesystem::path& path, std::string_view text) {
    const std::string temporary = path.string() + fmt::format(".{}.part", ::getpid());
    const int file = ::open(temporary.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0644);
    if (file < 0)
        return fail(fmt::format("it cannot be written ({})", reason()), path.string(),
                    "choose a folder you may write to");
    const bool written = writeAll(file, text);
    const std::string why = written ? std::string() : reason();
    ::close(file);
    std::error_code renamed;
    if (written) std::filesystem::rename(temporary, path, renamed);
    if (!written || renamed) {
        std::error_code ignored;
        std::filesystem::remove(temporary, ignored);
        return fail(fmt::format("writing it failed ({})", written ? renamed.message() : why), path.string(),
                    "free some space or choose another folder");
    }
    return {};
}

Result<std::string> readFile(const std::filesystem::path& path, std::size_t largestBytes) {
    std::error_code error;
    const auto status = std::filesystem::status(path, error);
    if (!std::filesystem::exists(status)) return fail("there is no such file", path.string(), "check the name");
    if (!std::filesystem::is_regular_file(status)) return fail("this is not a file", path.string(), "name a file");
    std::ifstream in(path, std::ios::binary);
    if (!in) return fail("it cannot be opened", path.string(), "check who may read it");
    std::string text;
    text.resize(largestBytes + 1);
    in.read(text.data(), static_cast<std::streamsize>(text.size()));
    text.resize(static_cast<std::size_t>(in.gcount()));
    if (text.size() > largestBytes)
        return fail(fmt::format("it is larger than {} MB", largestBytes >> 20U), path.string(),
                    "check that it is the right file");
    return text;
}

}  // namespace upbeat
