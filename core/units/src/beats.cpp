#include "upbeat/units/beats.h"

#include <fmt/format.h>

#include <charconv>
#include <numeric>
#include <stdexcept>

namespace upbeat {

void Beats::reduce() {
    if (m_denominator == 0) throw std::invalid_argument("Beats: denominator is zero");
    const std::int64_t divisor = std::gcd(m_numerator, m_denominator);
    const std::int64_t sign = m_denominator < 0 ? -1 : 1;
    m_numerator = sign * m_numerator / divisor;
    m_denominator = sign * m_denominator / divisor;
}

namespace {

// The last bar of the longest piece in its finest steps; two of them added to a third still fit.
constexpr std::int64_t kLargestParsed = 250'000'000;
constexpr std::int64_t kFinestParsed = 100'000;

bool parseInteger(std::string_view text, std::int64_t& value, std::int64_t most) {
    const auto* end = text.data() + text.size();
    const auto parsed = std::from_chars(text.data(), end, value);
    return parsed.ec == std::errc() && parsed.ptr == end && value <= most && value >= -most;
}

}  // namespace

Result<Beats> Beats::parse(std::string_view text) {
    const auto slash = text.find('/');
    std::int64_t numerator = 0;
    std::int64_t denominator = 1;
    const bool ok =
        parseInteger(text.substr(0, slash), numerator, kLargestParsed) &&
        (slash == std::string_view::npos || parseInteger(text.substr(slash + 1), denominator, kFinestParsed)) &&
        denominator > 0;
    if (!ok)
        return fail(Text::with(UPBEAT_TEXT("\"%1\" is not a position"), text), {},
                    UPBEAT_TEXT("write it as 3 or 11/4 quarter notes"));
    return Beats(numerator, denominator);
}

double Beats::toDouble() const {
    return static_cast<double>(m_numerator) / static_cast<double>(m_denominator);
}

std::int64_t Beats::floor() const {
    const std::int64_t quotient = m_numerator / m_denominator;
    return (m_numerator % m_denominator < 0) ? quotient - 1 : quotient;
}

std::string Beats::toString() const {
    return m_denominator == 1 ? fmt::format("{}", m_numerator) : fmt::format("{}/{}", m_numerator, m_denominator);
}

Beats operator*(const Beats& a, std::int64_t factor) {
    return {a.m_numerator * factor, a.m_denominator};
}

Beats operator/(const Beats& a, std::int64_t divisor) {
    return {a.m_numerator, a.m_denominator * divisor};
}

Beats ratio(const Beats& part, const Beats& whole) {
    return {part.numerator() * whole.denominator(), part.denominator() * whole.numerator()};
}

std::int64_t wholeTimes(const Beats& position, const Beats& length) {
    const std::int64_t part = position.numerator() * length.denominator();
    const std::int64_t whole = position.denominator() * length.numerator();
    if (whole == 0) throw std::invalid_argument("wholeTimes: the length is zero");
    return part / whole - (part % whole < 0 ? 1 : 0);
}

Beats wrapped(const Beats& position, const Beats& length) {
    return position - length * wholeTimes(position, length);
}

}  // namespace upbeat
