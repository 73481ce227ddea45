#pragma once

#include <QString>
#include <string_view>

namespace upbeat {

/// Names of the core are UTF-8.
[[nodiscard]] inline QString inWords(std::string_view name) {
    return QString::fromUtf8(name.data(), static_cast<qsizetype>(name.size()));
}

/// One of two translated texts by number; "%1" in the second becomes the number.
[[nodiscard]] inline QString counted(int n, const QString& one, const QString& many) {
    return n == 1 ? one : many.arg(n);
}

}  // namespace upbeat
