#include "upbeat/keeping/report_takes.h"

#include <algorithm>

#include "upbeat/formats/audio_file.h"
#include "upbeat/logbook/query.h"
#include "upbeat/logbook/take_archive.h"
#include "wished_takes.h"

namespace upbeat {

Result<std::vector<ReportedTake>> takesToReport(const DataFolder& folder, const LogWish& wish,
                                                const std::vector<long long>& ids, bool withSound) {
    std::vector<long long> wanted = ids;
    if (wanted.empty()) {
        auto all = idsOf(folder, wish);
        if (!all) return tl::unexpected(all.error());
        wanted = *std::move(all);
    }
    const TakeArchive archive(folder);
    std::vector<ReportedTake> takes;
    for (const long long id : wanted) {
        auto found = archive.find(id);
        if (!found) return tl::unexpected(found.error());
        ReportedTake one{{}, found->analysis(), {}};
        one.take = std::move(found->take);
        if (withSound && !one.take.file.empty())
            if (auto sound = readSound(folder.takes() / one.take.file)) one.sound = *std::move(sound);
        takes.push_back(std::move(one));
    }
    return takes;
}

}  // namespace upbeat
