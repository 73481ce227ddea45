#include "projection.h"

#include <cmath>
#include <numeric>

namespace upbeat {

namespace {

constexpr double kInside = 1e-6;  // of the squared length

}  // namespace

double dot(std::span<const double> a, std::span<const double> b) {
    return std::inner_product(a.begin(), a.end(), b.begin(), 0.0);
}

std::vector<double> Spanned::outside(std::vector<double> vector) const {
    for (const auto& unit : m_unit) {
        const double along = dot(unit, vector);
        for (std::size_t i = 0; i < vector.size(); ++i) vector[i] -= along * unit[i];
    }
    return vector;
}

double Spanned::squaredOutside(const std::vector<double>& vector) const {
    double left = dot(vector, vector);
    for (const auto& unit : m_unit) {
        const double along = dot(unit, vector);
        left -= along * along;
    }
    return left;
}

bool Spanned::add(std::vector<double> vector) {
    const double before = dot(vector, vector);
    vector = outside(std::move(vector));
    const double after = dot(vector, vector);
    if (after <= kInside * before || after <= 0) return false;
    for (double& v : vector) v /= std::sqrt(after);
    m_unit.push_back(std::move(vector));
    return true;
}

}  // namespace upbeat
