#pragma once

#include <span>
#include <vector>

namespace upbeat {

/// What vectors span, and what of another one lies outside (modified Gram-Schmidt).
class Spanned {
  public:
    /// False where it lies inside already.
    bool add(std::vector<double> vector);
    [[nodiscard]] std::vector<double> outside(std::vector<double> vector) const;
    /// The squared length of what lies outside, without the way over it.
    [[nodiscard]] double squaredOutside(const std::vector<double>& vector) const;

  private:
    std::vector<std::vector<double>> m_unit;
};

[[nodiscard]] double dot(std::span<const double> a, std::span<const double> b);

}  // namespace upbeat
