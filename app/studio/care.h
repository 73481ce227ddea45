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

inline constexpr double kBreakAfterS = 20 * 60;  ///< Of playing and resting without a pause.
inline constexpr double kBreakS = 90;

/// Something hurt: the exercise rests until tomorrow, or until it is taken back.
inline void restUntilTomorrow(Setup& setup, const std::string& exerciseId, const QDate& today) {
    setup.remember(QStringLiteral("hurt/") + QString::fromStdString(exerciseId), static_cast<int>(today.toJulianDay()));
}
inline void restNoLonger(Setup& setup, const std::string& exerciseId) {
    setup.forget(QStringLiteral("hurt/") + QString::fromStdString(exerciseId));
}
[[nodiscard]] inline bool restsToday(const Setup& setup, const std::string& exerciseId, const QDate& today) {
    return setup.recall(QStringLiteral("hurt/") + QString::fromStdString(exerciseId)) ==
           static_cast<int>(today.toJulianDay());
}

}  // namespace upbeat
