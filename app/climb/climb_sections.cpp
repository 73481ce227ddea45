// What holds in Climb: of a piece the hardest section, for each has a ladder of its own; of a rung a gate.
#include <algorithm>
#include <cmath>

#include "climb/climb_place.h"
#include "climb/hold_bar.h"
#include "theme/words.h"
#include "upbeat/methods/drill.h"
#include "upbeat/words/season_words.h"

namespace upbeat {

void ClimbPlace::showSections() {
    const Exercise& piece = m_with.stand.whole();
    m_sections->show(piece);
    m_holder->hide();
    m_wholeToday.reset();
    const auto& sections = m_sections->sections();
    if (sections.size() < 2) return;
    const auto clean = m_with.log.cleanTempos();
    std::vector<SectionStanding> standings;
    QStringList notes;
    std::optional<int> now;
    for (const SectionSpan& span : sections) {
        const std::string id = drillOfBars(piece, span.from, span.to).id;
        const auto found = std::find_if(clean.begin(), clean.end(), [&id](const auto& one) { return one.first == id; });
        const auto bpm = found != clean.end() ? std::optional(found->second) : std::nullopt;
        standings.push_back({span.name, bpm});
        notes << (bpm ? tr("at %1").arg(tempoInWords(*bpm)) : tr("not yet"));
        if (id == m_with.stand.exercise().id) now = static_cast<int>(standings.size()) - 1;
    }
    const auto hardest = hardestSection(standings);
    m_sections->setNotes(notes, hardest ? std::optional(static_cast<int>(*hardest)) : std::nullopt);
    m_sections->choose(now);
    m_wholeToday = wholeToday(standings);
    if (!hardest) return;
    const QStringList said{inWords(words::holderOf(standings)), inWords(words::wholeTodayOf(standings))};
    m_holder->setText(said.join(QLatin1Char(' ')).trimmed());
    m_holder->show();
}

void ClimbPlace::playWholeToday() {
    if (!m_wholeToday || m_with.stand.isFixed()) return;
    m_with.stand.backToWhole();
    m_with.stand.setTempo(*m_wholeToday);
}

/// Over all takes at this tempo, also those before a drill or another rung.
std::optional<Holding> ClimbPlace::holdingNow() const {
    std::vector<RungTake> takes = m_with.stand.history();
    std::erase_if(takes, [this](const RungTake& take) {
        return std::abs(take.tempoBpm - m_with.stand.ladder().tempoBpm) > kSameTempo || take.gates.empty();
    });
    constexpr std::size_t kFewest = 2;
    return takes.size() < kFewest ? std::nullopt : holdingOf(takes);
}

void ClimbPlace::resizeEvent(QResizeEvent* /*event*/) {
    showHolding();
}

/// In a low window the gates need the room.
void ClimbPlace::showHolding() {
    constexpr int kRoomForBoth = 520;
    m_holds->show(height() >= kRoomForBoth ? m_holding : std::nullopt);
}

void ClimbPlace::practise(std::optional<int> section) {
    if (m_with.stand.isFixed()) return;
    m_with.stand.backToWhole();
    if (!section || *section >= static_cast<int>(m_sections->sections().size())) return;
    const SectionSpan span = m_sections->sections()[static_cast<std::size_t>(*section)];
    m_with.stand.practiseBars(span.from, span.to);
}

}  // namespace upbeat
