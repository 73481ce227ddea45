#include "upbeat/routine/plan.h"

#include <tuple>

#include "standing.h"
#include "upbeat/units/name_table.h"

namespace upbeat {

namespace {

constexpr NameTable<7> kKinds{"warm-up", "weakest", "due", "for-date", "in-context", "turn", "cool-down"};

/// Below it an exercise is slow enough to begin and to end with.
constexpr double kEasyShare = 0.75;

/// How much the clean tempo moved of late; 1 where it is too early to say.
double movement(const std::vector<PracticeDay>& days) {
    constexpr std::size_t kDays = 6;
    constexpr double kStalled = 0.4;
    if (days.size() < kDays) return 1;
    double before = 0;
    double ofLate = 0;
    for (std::size_t i = 0; i < days.size(); ++i) {
        double& best = i + kDays / 2 < days.size() ? before : ofLate;
        best = std::max(best, days[i].cleanBpm.value_or(0));
    }
    return ofLate > before ? 1 : kStalled;
}

double roundedTo(double bpm, double step) {
    return std::max(30.0, std::round(bpm / step) * step);
}

template <class Better>
Standing* bestOf(std::vector<Standing>& all, Better better) {
    Standing* best = nullptr;
    double most = 0;
    for (Standing& one : all) {
        const double value = one.taken ? 0 : better(one);
        if (value > most) best = &one, most = value;
    }
    return best;
}

double asWeakest(const Standing& s) {
    return s.isThere() || s.exercise->isDrill ? 0 : s.worth;
}
double asDue(const Standing& s) {
    return s.isDue() ? 1.0 - s.memory->dueInDays : 0;
}
double asDated(const Standing& s) {
    if (!s.exercise->wantedInDays || s.isThere()) return 0;
    return asWeakest(s) / (1.0 + std::max(0, *s.exercise->wantedInDays));
}
double asContext(const Standing& s) {
    const auto& tags = s.exercise->tags;
    const bool used = std::any_of(tags.begin(), tags.end(), [](const std::string& tag) {
        return tag == "groove" || tag == "fill" || tag == "context";
    });
    return used && !s.exercise->isDrill ? 1.0 + (s.memory ? s.memory->daysAgo : 0) : 0;
}
/// What is known well and was not touched for long.
double asEasy(const Standing& s) {
    return s.memory && !s.exercise->isDrill ? s.share * (1 + s.memory->daysAgo) : 0;
}
double easyBpm(const Standing& s) {
    return std::max(s.exercise->startBpm, roundedTo(kEasyShare * s.nowBpm(), s.exercise->stepBpm));
}
/// Who warms up for two minutes does not begin a song of five.
bool isShortEnough(const Standing& s, int minutes) {
    return s.exercise->passBeats <= minutes * easyBpm(s);
}

class Planner {
  public:
    Planner(std::vector<Standing> all, int minutes) : m_all(std::move(all)), m_minutes(minutes) {}

    std::vector<PlanBlock> balanced() {
        constexpr int kLong = 15;
        const int warm = m_minutes >= kLong ? std::max(2, m_minutes / 8) : (m_minutes >= 8 ? 2 : 0);
        const int cool = m_minutes >= kLong ? std::max(2, m_minutes / 12) : 0;
        const int main = m_minutes - warm - cool;
        fillMain(main, std::clamp((main + 2) / 5, 1, 8));
        std::vector<PlanBlock> plan;
        if (warm > 0) addEasy(plan, BlockKind::WarmUp, warm);
        plan.insert(plan.end(), m_main.begin(), m_main.end());
        if (cool > 0) addEasy(plan, BlockKind::CoolDown, cool);
        return plan;
    }

  private:
    /// The weakest gets twice the minutes of the others.
    void fillMain(int minutes, int blocks) {
        take(bestOf(m_all, asDated), BlockKind::ForDate);
        if (count() < blocks) take(bestOf(m_all, asWeakest), BlockKind::Weakest);
        const int room = blocks >= 3 ? blocks - 1 : blocks;  // for something in context
        while (count() < room && take(bestOf(m_all, asDue), BlockKind::Due)) {
        }
        if (count() < blocks && blocks >= 3) take(bestOf(m_all, asContext), BlockKind::InContext);
        while (count() < blocks && (take(bestOf(m_all, asDated), BlockKind::ForDate) ||
                                    take(bestOf(m_all, asWeakest), BlockKind::Weakest))) {
        }
        while (count() < blocks && take(bestOf(m_all, asEasy), BlockKind::Due)) {
        }
        if (m_main.empty()) return;
        const int shares = count() + 1;
        int left = minutes;
        for (std::size_t i = m_main.size(); i-- > 1;) left -= m_main[i].minutes = std::max(1, minutes / shares);
        m_main.front().minutes = std::max(1, left);
    }

    [[nodiscard]] int count() const { return static_cast<int>(m_main.size()); }

    bool take(Standing* standing, BlockKind kind) {
        if (standing == nullptr) return false;
        standing->taken = true;
        m_main.push_back(blockFor(*standing, kind, 0));
        return true;
    }

    /// With something known that has no block of its own and is played through in these minutes; where there is none,
    /// with what is known best.
    void addEasy(std::vector<PlanBlock>& plan, BlockKind kind, int minutes) {
        Standing* easy =
            bestOf(m_all, [minutes](const Standing& s) { return isShortEnough(s, minutes) ? asEasy(s) : 0; });
        const auto rank = [minutes](const Standing& s) {
            return std::tuple(isShortEnough(s, minutes), !s.exercise->isDrill, s.share);
        };
        if (easy == nullptr && !m_all.empty())
            easy = &*std::max_element(m_all.begin(), m_all.end(),
                                      [&rank](const Standing& a, const Standing& b) { return rank(a) < rank(b); });
        if (easy == nullptr) return;
        easy->taken = true;
        plan.push_back(blockFor(*easy, kind, minutes));
    }

    std::vector<Standing> m_all;
    int m_minutes;
    std::vector<PlanBlock> m_main;
};

}  // namespace

std::string_view toName(BlockKind kind) {
    return nameIn(kKinds, kind);
}

std::vector<Standing> standingsOf(const std::vector<ExerciseInWork>& all) {
    std::vector<std::vector<PracticeDay>> days;
    days.reserve(all.size());
    for (const ExerciseInWork& one : all) days.push_back(one.days);
    const Forgetting forgetting = forgettingOf(days);
    std::vector<Standing> standings;
    for (const ExerciseInWork& one : all) {
        if (one.rests) continue;
        Standing s;
        s.exercise = &one;
        s.memory = memoryOf(one.days, one.stepBpm, forgetting);
        s.share = std::min(1.0, s.nowBpm() / one.goalBpm);
        const bool today = !one.days.empty() && one.days.back().daysAgo == 0;
        s.worth = -std::log(std::min(s.share, 0.999)) * movement(one.days) * (today ? 0.5 : 1);
        standings.push_back(s);
    }
    return standings;
}

PlanBlock blockFor(const Standing& s, BlockKind kind, int minutes) {
    const ExerciseInWork& e = *s.exercise;
    PlanBlock block{kind, e.exerciseId, minutes, std::nullopt, std::nullopt, ItsTurn{}};
    switch (kind) {
        case BlockKind::WarmUp:
        case BlockKind::CoolDown:
            block.tempoBpm = easyBpm(s);
            block.why = Easy{*block.tempoBpm};
            break;
        case BlockKind::Due:
            // A rung below what is left: it comes back quickly.
            if (s.memory) block.tempoBpm = roundedTo(std::max(0.5 * s.nowBpm(), s.nowBpm() - e.stepBpm), e.stepBpm);
            if (s.memory) block.why = Fading{s.memory->cleanBpm, s.memory->daysAgo};
            break;
        case BlockKind::Weakest:
            if (s.memory)
                block.why = FarFromGoal{s.nowBpm(), e.goalBpm, e.holds};
            else
                block.why = NotCleanYet{e.startBpm};
            break;
        case BlockKind::ForDate:
            block.why = WantedBy{e.wantedInDays.value_or(0), s.nowBpm(), e.goalBpm};
            break;
        case BlockKind::InContext:
            block.why = AsItIsUsed{};
            break;
        case BlockKind::Turn:
            break;
    }
    return block;
}

std::vector<PlanBlock> balancedPlan(std::vector<Standing> all, int minutes) {
    return Planner(std::move(all), minutes).balanced();
}

std::vector<PlanBlock> swapped(std::vector<PlanBlock> plan, std::size_t block, const std::vector<ExerciseInWork>& all) {
    if (block >= plan.size()) return plan;
    PlanBlock& now = plan[block];
    const bool isEasy = now.kind == BlockKind::WarmUp || now.kind == BlockKind::CoolDown;
    std::vector<Standing> standings = standingsOf(all);
    // Those behind it in the order in which they are offered come first: swapping again goes round all of them.
    std::stable_sort(standings.begin(), standings.end(), [isEasy](const Standing& a, const Standing& b) {
        return isEasy ? asEasy(a) > asEasy(b) : std::max(a.worth, asDue(a)) > std::max(b.worth, asDue(b));
    });
    const auto isNow = [&now](const Standing& s) { return s.exercise->exerciseId == now.exerciseId; };
    const auto at = std::find_if(standings.begin(), standings.end(), isNow);
    if (at != standings.end()) std::rotate(standings.begin(), at + 1, standings.end());
    for (const Standing& s : standings) {
        const bool has = std::any_of(plan.begin(), plan.end(),
                                     [&s](const PlanBlock& b) { return b.exerciseId == s.exercise->exerciseId; });
        if (has || (s.exercise->isDrill && (isEasy || !s.isDue()))) continue;
        if (isEasy && !isShortEnough(s, now.minutes)) continue;
        const BlockKind kind = isEasy ? now.kind : (s.isDue() ? BlockKind::Due : BlockKind::Weakest);
        now = blockFor(s, kind, now.minutes);
        break;
    }
    return plan;
}

}  // namespace upbeat
