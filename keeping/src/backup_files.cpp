#include "backup_files.h"

#include <algorithm>
#include <nlohmann/json.hpp>
#include <system_error>

#include "upbeat/formats/json_text.h"
#include "upbeat/logbook/take_repository.h"

namespace upbeat {

namespace fs = std::filesystem;

namespace {

bool isFile(const fs::path& file) {
    std::error_code ignored;
    return fs::is_regular_file(file, ignored);
}

/// The plain files of a folder in order of their names.
std::vector<fs::path> plainFiles(const fs::path& folder) {
    std::vector<fs::path> files;
    std::error_code error;
    for (fs::directory_iterator at(folder, error), end; !error && at != end; at.increment(error))
        if (isFile(at->path())) files.push_back(at->path());
    std::sort(files.begin(), files.end());
    return files;
}

bool isPlain(std::string_view name) {
    constexpr std::size_t kLongest = 240;
    return !name.empty() && name.size() <= kLongest && name.front() != '.' &&
           std::none_of(name.begin(), name.end(),
                        [](char c) { return c == '/' || c == '\\' || static_cast<unsigned char>(c) < 0x20; });
}

}  // namespace

std::vector<PlayersFile> filesOfTakes(const DataFolder& folder, const std::set<std::string>& known, bool withSound) {
    std::vector<PlayersFile> files;
    const auto add = [&](const std::string& name) {
        // Between the commit and its name a take is still called a part.
        for (const char* ending : {"", ".part"})
            if (const fs::path file = folder.takes() / (name + ending); isFile(file))
                return files.push_back({"takes/" + name, file});
    };
    for (const std::string& sound : known) {
        if (withSound) add(sound);
        add(fs::path(sound).stem().string() + ".json");
    }
    return files;
}

std::vector<PlayersFile> ownFiles(const DataFolder& folder, const fs::path& settingsFile) {
    std::vector<PlayersFile> files;
    for (const fs::path& file : plainFiles(folder.root()))
        if (file.extension() == ".json" && isPlain(file.filename().string()))
            files.push_back({file.filename().string(), file});
    for (const fs::path& file : plainFiles(folder.exercises()))
        if (isPlain(file.filename().string())) files.push_back({"exercises/" + file.filename().string(), file});
    if (isFile(settingsFile)) files.push_back({kSettingsName, settingsFile});
    return files;
}

bool isPlayersName(const std::string& name) {
    if (name == kLogbookName || name == kSettingsName) return true;
    for (const std::string_view folder : {"takes/", "exercises/"})
        if (name.starts_with(folder)) return isPlain(std::string_view(name).substr(folder.size()));
    return isPlain(name) && name.ends_with(".json") && name != kManifestName;
}

std::string toJson(const Manifest& manifest) {
    const BackupFacts& facts = manifest.facts;
    nlohmann::json files = nlohmann::json::object();
    for (const auto& [name, entry] : manifest.files) files[name] = {{"bytes", entry.bytes}, {"sha256", entry.sha256}};
    const nlohmann::json out{
        {"format", "upbeat-check/backup"}, {"version", 1},         {"made_at", facts.madeAt},
        {"schema", facts.schema},          {"takes", facts.takes}, {"recordings", facts.recordings},
        {"with_sound", facts.withSound},   {"files", files}};
    return out.dump(1, ' ', false, nlohmann::json::error_handler_t::replace) + "\n";
}

Result<Manifest> manifestFromJson(std::string_view text, const fs::path& backup) {
    constexpr std::uintmax_t kMostBytes = std::uintmax_t{1} << 42U;
    const auto wrong = [&](Text what) {
        return fail(std::move(what), backup.string(), UPBEAT_TEXT("choose another backup; nothing was changed"));
    };
    try {
        const auto parsed = parseJson(text, backup.string());
        if (!parsed) return wrong(UPBEAT_TEXT("what the backup says of itself cannot be read"));
        const nlohmann::json& in = *parsed;
        if (in.at("format") != "upbeat-check/backup") return wrong(UPBEAT_TEXT("this is no backup of Upbeat Check"));
        if (wholeFrom(in.at("version")) > 1)
            return fail(UPBEAT_TEXT("the backup was made by a newer Upbeat Check"), backup.string(),
                        UPBEAT_TEXT("update the program; nothing was changed"));
        Manifest manifest;
        BackupFacts& facts = manifest.facts;
        facts.madeAt = in.at("made_at");
        facts.schema = wholeFrom(in.at("schema"));
        facts.takes = wholeFrom(in.at("takes"));
        facts.recordings = wholeFrom(in.at("recordings"));
        facts.withSound = in.at("with_sound");
        for (const auto& [name, entry] : in.at("files").items()) {
            if (!isPlayersName(name))
                return wrong(
                    Text::with(UPBEAT_TEXT("the backup holds a file called \"%1\", which is none of a player"), name));
            if (!entry.at("bytes").is_number_unsigned())
                return wrong(UPBEAT_TEXT("what the backup says of itself cannot be read"));
            const Manifest::Entry file{entry.at("bytes"), entry.at("sha256")};
            facts.bytes += std::min(file.bytes, kMostBytes);
            if (file.bytes > kMostBytes || facts.bytes > kMostBytes)
                return wrong(UPBEAT_TEXT("the backup is larger than it can be"));
            manifest.files.emplace(name, file);
        }
        if (manifest.files.count(kLogbookName) == 0) return wrong(UPBEAT_TEXT("the backup holds no logbook"));
        return manifest;
    } catch (const nlohmann::json::exception&) {
        return wrong(UPBEAT_TEXT("what the backup says of itself cannot be read"));
    }
}

Result<Manifest> manifestOf(const ZipReader& zip, const fs::path& backup) {
    const auto text = zip.text(kManifestName);
    if (!text) return tl::unexpected(text.error());
    return manifestFromJson(*text, backup);
}

Result<void> unpackInto(const fs::path& folder, const ZipReader& zip, const Manifest& manifest,
                        const std::vector<std::string>& names, const fs::path& backup) {
    std::error_code error;
    for (const char* part : {"takes", "exercises"})
        if (fs::create_directories(folder / part, error); error)
            return fail(UPBEAT_TEXT("the folder of the logbook cannot be written"), folder.string(),
                        UPBEAT_TEXT("choose another folder or free some space"));
    for (const std::string& name : names) {
        const Manifest::Entry& entry = manifest.files.at(name);
        const auto sha256 = zip.unpack(name, entry.bytes, folder / name);
        if (!sha256) return tl::unexpected(sha256.error());
        if (*sha256 != entry.sha256)
            return fail(Text::with(UPBEAT_TEXT("the backup is damaged at \"%1\""), name), backup.string(),
                        UPBEAT_TEXT("choose another backup; nothing was changed"));
    }
    return {};
}

}  // namespace upbeat
