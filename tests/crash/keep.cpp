#include "keep.h"

#include <cstdio>
#include <random>

#include "upbeat/keeping/restore.h"
#include "upbeat/logbook/take_repository.h"
#include "upbeat/logbook/trash.h"

namespace upbeat::crash {

namespace {

std::vector<qint64> chosen(const Result<std::vector<TakeSummary>>& takes,
                           const std::function<bool(std::size_t)>& which) {
    std::vector<qint64> ids;
    for (std::size_t i = 0; takes && i < takes->size(); ++i)
        if (which(i)) ids.push_back((*takes)[i].id);
    return ids;
}

/// Removes takes and takes others back, as somebody who cannot decide.
bool removeSome(const DataFolder& folder, std::mt19937& dice) {
    constexpr int kTimes = 12;
    const auto some = [&dice](std::size_t) { return dice() % 2 == 0; };
    const auto logbook = Logbook::open(folder.logbook());
    if (!logbook) return false;
    Trash trash(**logbook);
    for (int i = 0; i < kTimes; ++i)
        if (!removeThose(folder, some) || !trash.takeBack(chosen(trash.takes(), some))) return false;
    return true;
}

}  // namespace

bool removeThose(const DataFolder& folder, const std::function<bool(std::size_t)>& which) {
    const auto logbook = Logbook::open(folder.logbook());
    if (!logbook) return false;
    return Trash(**logbook)
        .put(chosen(TakeRepository(**logbook).list(), which), QDateTime::currentDateTime())
        .has_value();
}

bool emptyTrash(const DataFolder& folder) {
    const auto logbook = Logbook::open(folder.logbook());
    return logbook && Trash(**logbook).empty(folder, QDateTime::currentDateTime().addDays(1));
}

int keep(const KeepingPlaces& places, Keeping what, unsigned seed) {
    const auto folder = DataFolder::open(places.player());
    if (!folder || !folder->mayWrite()) return 1;
    std::mt19937 dice(seed);
    (void)std::puts("open");
    (void)std::fflush(stdout);
    switch (what) {
        case Keeping::BackUp:
            return backUp(*folder, {places.backup()}) ? 0 : 1;
        case Keeping::Restore:
            return restoreAll(places.whole(), *folder) ? 0 : 1;
        case Keeping::Remove:
            return removeSome(*folder, dice) ? 0 : 1;
        case Keeping::EmptyTrash:
            return emptyTrash(*folder) ? 0 : 1;
    }
    return 1;
}

}  // namespace upbeat::crash
