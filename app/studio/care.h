#pragma once

#include <QDate>
#include <algorithm>
#include <string>

#include "studio/setup.h"

namespace upbeat {

/// Hands-free: how long to rest behind a take. What is set, and more the longer the take was and the nearer to the
/// goal: up to three times as long.
[[nodiscard]] inline double restAfter(double setS, double takeS, double shareOfGoal) {
    constexpr double kLongTakeS = 30;
    return setS * (1 + std::min(2.0, takeS / kLongTakeS) * std::clamp(shareOfGoal, 0.0, 1.0));
}

inline constexpr double kBreakS = 90;

/// What was played and rested since the last break.
class SinceBreak {
  public:
    /// Whether with so much more a break is due; then it begins anew.
    [[nodiscard]] bool isLongWith(double seconds) {
        constexpr double kLongS = 20 * 60;
        m_seconds += seconds;
        if (m_seconds < kLongS) return false;
        m_seconds = 0;
        return true;
    }

  private:
    double m_seconds = 0;
};

/// Under which it is remembered that something hurt.
[[nodiscard]] inline QString hurtName(const std::string& exerciseId) {
    return QStringLiteral("hurt/") + QString::fromStdString(exerciseId);
}
/// Something hurt: the exercise rests until tomorrow, or until it is taken back.
inline void restUntilTomorrow(Setup& setup, const std::string& exerciseId, const QDate& today) {
    setup.remember(hurtName(exerciseId), static_cast<int>(today.toJulianDay()));
}
inline void restNoLonger(Setup& setup, const std::string& exerciseId) {
    setup.forget(hurtName(exerciseId));
}
[[nodiscard]] inline bool restsToday(const Setup& setup, const std::string& exerciseId, const QDate& today) {
    return setup.recall(hurtName(exerciseId)) == static_cast<int>(today.toJulianDay());
}

}  // namespace upbeat
