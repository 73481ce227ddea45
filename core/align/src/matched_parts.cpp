#include <algorithm>
#include <iterator>

#include "upbeat/align/matched_take.h"
#include "upbeat/units/name_table.h"

namespace upbeat {

namespace {

constexpr NameTable<4> kAnchors{"given", "calibrated", "click", "none"};

}  // namespace

std::string_view toName(AnchorKind kind) {
    return nameIn(kAnchors, kind);
}
std::optional<AnchorKind> anchorFromName(std::string_view name) {
    return valueNamed<AnchorKind>(kAnchors, name);
}

std::vector<Hit> allHeard(const MatchedTake& take) {
    std::vector<Hit> all;
    all.reserve(take.hits.size() + take.pale.size());
    std::merge(take.hits.begin(), take.hits.end(), take.pale.begin(), take.pale.end(), std::back_inserter(all),
               [](const Hit& a, const Hit& b) { return a.timeS < b.timeS; });
    return all;
}

}  // namespace upbeat
