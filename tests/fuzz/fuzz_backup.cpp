// Feeds anything to what reads a backup: by the first byte what it says of itself, or the whole zip file.
#include <unistd.h>

#include <cstddef>
#include <cstdint>
#include <cstdlib>
#include <fstream>
#include <string>

#include "backup_files.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace upbeat;
    if (size == 0) return 0;
    const std::string_view text(reinterpret_cast<const char*>(data) + 1, size - 1);
    if (data[0] % 2 == 0) {
        if (const auto manifest = manifestFromJson(text, "fuzz"))
            for (const auto& [name, entry] : manifest->files)
                if (!isPlayersName(name)) std::abort();
        return 0;
    }
    static const std::string file = "/dev/shm/upbeat-fuzz-" + std::to_string(getpid()) + ".zip";
    std::ofstream(file, std::ios::binary) << text;
    (void)factsOf(file);
    return 0;
}
