#include "keep.h"

#include <cstdio>
#include <random>

#include "upbeat/keeping/restore.h"
#include "upbeat/logbook/take_repository.h"
#include "upbeat/logbook/trash.h"

namespace upbeat::crash {

namespace {

std::vector<qint64> takesOf(const Logbook& logbook, bool inTrash) {
    constexpr int kAll = 1000;
    TakeSearch search;
    search.inTrash = inTrash;
    std::vector<qint64> ids;
    const auto page = TakeRepository(logbook).page({}, kAll, search);
    if (page)
        for (const TakeSummary& take : *page) ids.push_back(take.id);
    return ids;
}

/// Removes takes and takes others back, as somebody who cannot decide.
bool removeSome(const DataFolder& folder, std::mt19937& dice) {
    constexpr int kTimes = 12;
    const auto logbook = Logbook::open(folder.logbook());
    if (!logbook) return false;
    Trash trash(**logbook);
    for (int i = 0; i < kTimes; ++i) {
        for (const bool inTrash : {false, true}) {
            std::vector<qint64> some = takesOf(**logbook, inTrash);
            std::erase_if(some, [&dice](qint64) { return dice() % 2 == 0; });
            if (!(inTrash ? trash.takeBack(some) : trash.put(some, QDateTime::currentDateTime()))) return false;
        }
    }
    return true;
}

bool emptyTrash(const DataFolder& folder) {
    const auto logbook = Logbook::open(folder.logbook());
    return logbook && Trash(**logbook).empty(folder, QDateTime::currentDateTime().addDays(1));
}

}  // namespace

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
