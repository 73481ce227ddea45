// Feeds anything to what reads the settings: every number must be in its range, and what is written is read again.
#include <unistd.h>

#include <QSettings>
#include <cstddef>
#include <cstdint>
#include <cstdlib>
#include <fstream>

#include "studio/settings.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace upbeat;
    static const std::string file = "/dev/shm/upbeat-fuzz-" + std::to_string(getpid()) + ".ini";
    std::ofstream(file, std::ios::binary)
        .write(reinterpret_cast<const char*>(data), static_cast<std::streamsize>(size));
    QSettings store(QString::fromStdString(file), QSettings::IniFormat);
    const PracticeSettings s = readSettings(store);
    const bool sane = s.clickGain >= 0 && s.clickGain <= 1 && s.restS >= 1 && s.restS <= 60 && s.click.swing >= 1 &&
                      s.latencyMs >= -500 && s.latencyMs <= 500 && s.countInBars >= 0 && s.countInBars <= 4;
    if (!sane) std::abort();
    return 0;
}
