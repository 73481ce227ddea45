#pragma once

#include <compare>
#include <cstdint>
#include <string>
#include <string_view>

#include "upbeat/units/error.h"

namespace upbeat {

/// An exact position or length in quarter notes, kept as a reduced fraction: thirds, fifths and sevenths of a beat
/// stay exact however often they are added. The denominator is always positive.
/// Range: numerators and denominators of musical material are far below 2^31; arithmetic is done in 64 bits.
class Beats {
  public:
    constexpr Beats() = default;
    /// Whole quarter notes.
    constexpr explicit Beats(std::int64_t whole) : m_numerator(whole) {}
    /// numerator/denominator quarter notes; denominator 0 is a bug and throws std::invalid_argument.
    Beats(std::int64_t numerator, std::int64_t denominator) : m_numerator(numerator), m_denominator(denominator) {
        if (denominator != 1) reduce();
    }

    /// Reads "3", "-1/4" or "11/12".
    [[nodiscard]] static Result<Beats> parse(std::string_view text);

    [[nodiscard]] constexpr std::int64_t numerator() const { return m_numerator; }
    [[nodiscard]] constexpr std::int64_t denominator() const { return m_denominator; }
    [[nodiscard]] double toDouble() const;
    /// Largest whole number of quarters not above this.
    [[nodiscard]] std::int64_t floor() const;
    [[nodiscard]] std::string toString() const;

    friend bool operator==(const Beats&, const Beats&) = default;
    friend std::strong_ordering operator<=>(const Beats& a, const Beats& b) {
        if (a.m_denominator == b.m_denominator) return a.m_numerator <=> b.m_numerator;
        return a.m_numerator * b.m_denominator <=> b.m_numerator * a.m_denominator;
    }
    friend Beats operator+(const Beats& a, const Beats& b) {
        if (a.m_denominator == b.m_denominator) return {a.m_numerator + b.m_numerator, a.m_denominator};
        return {a.m_numerator * b.m_denominator + b.m_numerator * a.m_denominator, a.m_denominator * b.m_denominator};
    }
    friend Beats operator-(const Beats& a, const Beats& b) {
        if (a.m_denominator == b.m_denominator) return {a.m_numerator - b.m_numerator, a.m_denominator};
        return {a.m_numerator * b.m_denominator - b.m_numerator * a.m_denominator, a.m_denominator * b.m_denominator};
    }
    friend Beats operator*(const Beats& a, std::int64_t factor);
    friend Beats operator/(const Beats& a, std::int64_t divisor);

  private:
    void reduce();

    std::int64_t m_numerator = 0;
    std::int64_t m_denominator = 1;
};

/// `part` as a multiple of `whole`: 3/4 of 3/2 is 1/2. `whole` must not be 0.
[[nodiscard]] Beats ratio(const Beats& part, const Beats& whole);

/// How many whole times `length` fits below `position`; length must be positive.
[[nodiscard]] std::int64_t wholeTimes(const Beats& position, const Beats& length);

/// `position` wrapped into [0, length).
[[nodiscard]] Beats wrapped(const Beats& position, const Beats& length);

}  // namespace upbeat
