#include "upbeat/audio/devices.h"

#include <fmt/format.h>

#include <memory>
#include <nlohmann/json.hpp>

#include "commands.h"

namespace upbeat::cli {

namespace {

nlohmann::json entry(const InputDevice& device) {
    return {{"id", toText(device.id)}, {"name", device.label}, {"kind", isNotes(device.id) ? "midi" : "sound"}};
}

Exit listDevices(const std::string& json) {
    const FoundInputs found = findInputs();
    for (const Error& refusal : found.refusals) (void)complain(refusal, Exit::Measured);
    std::vector<InputDevice> all = found.devices;
    all.push_back({SimulatedInput{}, nameOf(SimulatedInput{})});
    if (json.empty()) {
        for (const InputDevice& device : all) fmt::print("{:<60} {}\n", toText(device.id), device.label);
        return Exit::Measured;
    }
    nlohmann::json list = nlohmann::json::array();
    for (const InputDevice& device : all) list.push_back(entry(device));
    const std::string text = list.dump(1, ' ', false, nlohmann::json::error_handler_t::replace) + "\n";
    return deliver(json, text);
}

}  // namespace

void addDevices(CLI::App& app, std::function<Exit()>& chosen) {
    auto json = std::make_shared<std::string>();
    CLI::App* command = app.add_subcommand("devices", "List what there is to listen to, and what cannot be used");
    command->add_option("--json", *json, "Write the list there; - is standard output");
    command->callback([json, &chosen] { chosen = [json] { return listDevices(*json); }; });
}

}  // namespace upbeat::cli
