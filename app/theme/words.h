#pragma once

#include <QString>

namespace upbeat {

/// One of two translated texts by number; "%1" in the second becomes the number.
[[nodiscard]] inline QString counted(int n, const QString& one, const QString& many) {
    return n == 1 ? one : many.arg(n);
}

}  // namespace upbeat
