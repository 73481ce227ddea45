#pragma once

#include <compare>

namespace upbeat {

/// A number that knows its unit. Two quantities add only when their tags agree, so milliseconds cannot slip in
/// where seconds are meant. Costs nothing at run time.
template <class Tag>
class Quantity {
  public:
    constexpr Quantity() = default;
    constexpr explicit Quantity(double value) : m_value(value) {}

    [[nodiscard]] constexpr double value() const { return m_value; }

    constexpr auto operator<=>(const Quantity&) const = default;
    constexpr Quantity operator-() const { return Quantity(-m_value); }
    constexpr Quantity& operator+=(Quantity other) {
        m_value += other.m_value;
        return *this;
    }
    friend constexpr Quantity operator+(Quantity a, Quantity b) { return Quantity(a.m_value + b.m_value); }
    friend constexpr Quantity operator-(Quantity a, Quantity b) { return Quantity(a.m_value - b.m_value); }
    friend constexpr Quantity operator*(Quantity a, double factor) { return Quantity(a.m_value * factor); }
    friend constexpr Quantity operator*(double factor, Quantity a) { return a * factor; }
    friend constexpr Quantity operator/(Quantity a, double divisor) { return Quantity(a.m_value / divisor); }
    friend constexpr double operator/(Quantity a, Quantity b) { return a.m_value / b.m_value; }

  private:
    double m_value = 0.0;
};

using Seconds = Quantity<struct SecondsTag>;
using Milliseconds = Quantity<struct MillisecondsTag>;
using Decibels = Quantity<struct DecibelsTag>;
/// Beats of the meter per minute (quarter notes in x/4, dotted quarters in 6/8 9/8 12/8, halves in 2/2).
using Bpm = Quantity<struct BpmTag>;

[[nodiscard]] constexpr Milliseconds toMilliseconds(Seconds s) {
    return Milliseconds(s.value() * 1000.0);
}
[[nodiscard]] constexpr Seconds toSeconds(Milliseconds ms) {
    return Seconds(ms.value() / 1000.0);
}
[[nodiscard]] constexpr Seconds beatDuration(Bpm tempo) {
    return Seconds(60.0 / tempo.value());
}

}  // namespace upbeat
