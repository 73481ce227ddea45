#include "upbeat/logbook/data_folder.h"

#include <fcntl.h>
#include <sys/file.h>
#include <unistd.h>

#include <cerrno>
#include <system_error>

#include "migrations.h"

namespace upbeat {

/// An advisory lock on an open file: the kernel lets go of it when the program ends, however it ends.
struct DataFolder::Lock {
    int file = -1;
    explicit Lock(int opened) : file(opened) {}
    ~Lock() { ::close(file); }
    Lock(const Lock&) = delete;
    Lock& operator=(const Lock&) = delete;
};

Result<DataFolder> DataFolder::open(std::filesystem::path root) {
    std::error_code error;
    std::filesystem::create_directories(root, error);
    const std::filesystem::path lockFile = root / "lock";
    const int file = ::open(lockFile.c_str(), O_RDWR | O_CREAT | O_CLOEXEC, 0644);
    if (file >= 0) {
        auto lock = std::make_shared<Lock>(file);
        if (::flock(file, LOCK_EX | LOCK_NB) == 0) return DataFolder(std::move(root), Access::Writing, std::move(lock));
        if (errno == EWOULDBLOCK) return DataFolder(std::move(root), Access::TakenByAnother, nullptr);
        return DataFolder(std::move(root), Access::Writing, nullptr);  // a file system without locks
    }
    if (std::filesystem::exists(root / "logbook.db", error))
        return DataFolder(std::move(root), Access::ReadOnly, nullptr);
    return fail(UPBEAT_TEXT("the folder of the logbook cannot be written"), root.string(),
                UPBEAT_TEXT("choose another folder or free some space"));
}

Result<DataFolder> DataFolder::openToRead(std::filesystem::path root) {
    if (std::error_code error; !std::filesystem::exists(root / "logbook.db", error))
        return fail(UPBEAT_TEXT("there is no logbook"), root.string(),
                    UPBEAT_TEXT("choose the folder that holds logbook.db"));
    // What else may be wrong with it, who reads it says.
    if (const auto logbook = Logbook::open(root / "logbook.db", LogbookAccess::Reading))
        if (const auto known = checkNotOlder(**logbook); !known) return tl::unexpected(known.error());
    return DataFolder(std::move(root), Access::ReadOnly, nullptr);
}

std::filesystem::path DataFolder::kitOf(const std::string& input) const {
    std::string name = input;
    for (char& c : name) {
        const bool isWide = static_cast<unsigned char>(c) >= 0x80;  // a letter of another script
        const bool plain = isWide || (c >= '0' && c <= '9') || (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z');
        if (!plain) c = '_';
    }
    return m_root / ("kit-" + name + ".json");
}

}  // namespace upbeat
