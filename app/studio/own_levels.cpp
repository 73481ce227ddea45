#include "studio/own_levels.h"

namespace upbeat {

namespace {

constexpr const char* kOwnLevels = "ownLevels";

}  // namespace

std::optional<OwnLevels> ownLevelsIn(const Setup& setup) {
    const QVariantMap kept = setup.recallAll(QLatin1String(kOwnLevels));
    const OwnLevels own{kept.value(QStringLiteral("ghostDb")).toDouble(),
                        kept.value(QStringLiteral("accentDb")).toDouble()};
    constexpr double kMostDb = 60;  // anyone may edit the file
    const bool isSane = own.ghostDb < 0 && own.ghostDb > -kMostDb && own.accentDb > 0 && own.accentDb < kMostDb;
    return isSane ? std::optional(own) : std::nullopt;
}

void keepOwnLevels(Setup& setup, const OwnLevels& own) {
    setup.rememberAll(QLatin1String(kOwnLevels),
                      {{QStringLiteral("ghostDb"), own.ghostDb}, {QStringLiteral("accentDb"), own.accentDb}});
}

PageLevels pageLevelsIn(const Setup& setup) {
    const auto own = ownLevelsIn(setup);
    return own ? PageLevels{own->ghostDb - own->accentDb, -own->accentDb} : PageLevels();
}

}  // namespace upbeat
