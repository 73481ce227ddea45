#include "upbeat/formats/atomic_file.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <unistd.h>

#include <array>
#include <cerrno>
#include <cstring>
#include <fstream>
#include <system_error>

namespace upbeat {

namespace fs = std::filesystem;

namespace {

bool writeAll(int file, std::string_view text) {
    while (!text.empty()) {
        const auto written = ::write(file, text.data(), text.size());
        if (written < 0 && errno == EINTR) continue;
        if (written < 0) return false;
        text.remove_prefix(static_cast<std::size_t>(written));
    }
    return true;
}

std::string reason() {
    return std::error_code(errno, std::generic_category()).message();
}

/// Where links lead; a link that leads to nothing yet names the file that writing makes.
fs::path behindLinks(fs::path path) {
    constexpr int kMostLinks = 40;  // more of them go round in a circle
    std::error_code error;
    for (int i = 0; i < kMostLinks && fs::is_symlink(fs::symlink_status(path, error)); ++i) {
        const fs::path next = fs::read_symlink(path, error);
        if (error) break;
        path = next.is_absolute() ? next : path.parent_path() / next;
    }
    return path;
}

bool isPlainOrNew(const fs::path& path) {
    std::error_code error;
    const auto status = fs::status(path, error);
    return !fs::exists(status) || fs::is_regular_file(status);
}

Result<void> pourInto(const fs::path& device, std::string_view text) {
    // Without O_NONBLOCK opening a pipe would wait for a reader that may never come.
    const int file = ::open(device.c_str(), O_WRONLY | O_NONBLOCK | O_CLOEXEC);
    if (file < 0)
        return fail(Text::with(UPBEAT_TEXT("it cannot be written (%1)"), reason()), device.string(),
                    UPBEAT_TEXT("name a file or -"));
    (void)::fcntl(file, F_SETFL, ::fcntl(file, F_GETFL) & ~O_NONBLOCK);
    const bool written = writeAll(file, text);
    const std::string why = written ? std::string() : reason();
    ::close(file);
    if (!written)
        return fail(Text::with(UPBEAT_TEXT("writing it failed (%1)"), why), device.string(),
                    UPBEAT_TEXT("name a file or -"));
    return {};
}

}  // namespace

Result<fs::path> plainFileBehind(const fs::path& path) {
    fs::path target = behindLinks(path);
    if (!isPlainOrNew(target))
        return fail(UPBEAT_TEXT("a folder, a device or a pipe stands there"), path.string(),
                    UPBEAT_TEXT("name a file"));
    return target;
}

void syncToDisk(const fs::path& path) {
    const int file = ::open(path.c_str(), O_RDONLY | O_CLOEXEC);
    if (file < 0) return;
    (void)::fsync(file);
    ::close(file);
}

Result<void> writeFileAtomically(const fs::path& path, std::string_view text) {
    const fs::path target = behindLinks(path);
    std::error_code status;
    if (fs::is_directory(target, status))
        return fail(UPBEAT_TEXT("a folder stands there"), path.string(), UPBEAT_TEXT("name a file"));
    if (!isPlainOrNew(target)) return pourInto(target, text);
    const std::string temporary = target.string() + fmt::format(".{}.part", ::getpid());
    const int file = ::open(temporary.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0644);
    if (file < 0)
        return fail(Text::with(UPBEAT_TEXT("it cannot be written (%1)"), reason()), path.string(),
                    UPBEAT_TEXT("choose a folder you may write to"));
    const bool written = writeAll(file, text) && ::fsync(file) == 0;
    const std::string why = written ? std::string() : reason();
    ::close(file);
    std::error_code renamed;
    if (written) fs::rename(temporary, target, renamed);
    if (!written || renamed) {
        std::error_code ignored;
        fs::remove(temporary, ignored);
        return fail(Text::with(UPBEAT_TEXT("writing it failed (%1)"), written ? renamed.message() : why), path.string(),
                    UPBEAT_TEXT("free some space or choose another folder"));
    }
    syncToDisk(target.parent_path());
    return {};
}

bool isTemporaryName(const std::string& name) {
    constexpr std::string_view kEnding = ".part";
    if (!name.ends_with(kEnding)) return false;
    const std::string rest = name.substr(0, name.size() - kEnding.size());
    const std::size_t digits = rest.find_last_not_of("0123456789");
    return digits != std::string::npos && digits + 1 < rest.size() && rest[digits] == '.';
}

Result<std::string> readFile(const fs::path& path, std::size_t largestBytes) {
    std::error_code error;
    const auto status = fs::status(path, error);
    if (!fs::exists(status))
        return fail(UPBEAT_TEXT("there is no such file"), path.string(), UPBEAT_TEXT("check the name"));
    if (!fs::is_regular_file(status))
        return fail(UPBEAT_TEXT("this is not a file"), path.string(), UPBEAT_TEXT("name a file"));
    std::ifstream in(path, std::ios::binary);
    if (!in) return fail(UPBEAT_TEXT("it cannot be opened"), path.string(), UPBEAT_TEXT("check who may read it"));
    std::string text;
    std::array<char, 1U << 16U> block{};
    while (text.size() <= largestBytes && (in.read(block.data(), block.size()) || in.gcount() > 0))
        text.append(block.data(), static_cast<std::size_t>(in.gcount()));
    if (in.bad()) return fail(UPBEAT_TEXT("it cannot be read to its end"), path.string(), UPBEAT_TEXT("copy it again"));
    if (text.size() > largestBytes)
        return fail(Text::with(UPBEAT_TEXT("it is larger than %1 MB"), largestBytes >> 20U), path.string(),
                    UPBEAT_TEXT("check that it is the right file"));
    return text;
}

}  // namespace upbeat
