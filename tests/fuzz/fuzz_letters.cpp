// Feeds anything to the readers of what comes from other machines and people: answers to reports, taught kits, limits,
// simulated players, and the file beside a recording. The first byte chooses.
#include <cstddef>
#include <cstdint>
#include <cstdlib>
#include <string>

#include "upbeat/formats/character_json.h"
#include "upbeat/formats/kit_json.h"
#include "upbeat/formats/limits_json.h"
#include "upbeat/formats/take_sidecar.h"
#include "upbeat/report/answer.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace upbeat;
    if (size == 0) return 0;
    const std::string_view text(reinterpret_cast<const char*>(data) + 1, size - 1);
    switch (data[0] % 5) {
        case 0:
            if (const auto answers = answersFromJson(text, "fuzz"))
                for (const Answer& answer : *answers)
                    if (answer.remarks.size() > kMostRemarks) std::abort();
            break;
        case 1:
            (void)kitFromJson(text, "fuzz");
            break;
        case 2:
            (void)limitSetFromJson(text, "fuzz");
            break;
        case 3:
            if (const auto character = characterFromJson(text, "fuzz"); character && !check(*character)) std::abort();
            break;
        default:
            if (const auto take = sidecarFromJson(text, "fuzz"); take && !check(*take)) std::abort();
            break;
    }
    return 0;
}
