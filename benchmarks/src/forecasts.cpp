#include "forecasts.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "upbeat/season/forecast.h"
#include "upbeat/units/random.h"

namespace upbeat::bench {

namespace {

enum class Course { Grows, Slows, Stalls, Skips };
constexpr std::array<const char*, 4> kCourses{"grows", "slows down", "stalls", "misses days and forgets"};

/// Somebody whose ceiling rises with every take.
class Student {
  public:
    Student(Course course, std::uint64_t seed) : m_random(seed), m_course(course) {
        m_ceiling = m_random.uniform(70, 120);
        m_tempo = 0.9 * m_ceiling;
        m_end = m_ceiling * (course == Course::Slows ? m_random.uniform(1.05, 1.3) : m_random.uniform(1.4, 2));
        m_share = std::exp(m_random.uniform(std::log(0.001), std::log(0.005))) * (course == Course::Slows ? 2 : 1);
        m_fall = m_random.uniform(0.02, 0.06);
        m_takes = 6 + m_random.below(10);
        m_stallsOn = 4 + m_random.below(25);
        m_goal = m_ceiling * m_random.uniform(1.08, 1.3);
    }

    [[nodiscard]] double ceiling() const { return m_ceiling; }
    [[nodiscard]] double goal() const { return m_goal; }

    /// One day; what is played goes to `past` with the number of the day.
    void practise(int day, std::vector<PastTake>& past) {
        m_ceiling *= 1 - (m_course == Course::Skips ? 0.006 : 0.002);
        if (m_course == Course::Skips && m_random.uniform() < 0.5) return;
        const double form = 1 + 0.015 * m_random.normal();
        for (int k = 0; k < m_takes; ++k) {
            const double p = 1 / (1 + std::exp((m_tempo / (m_ceiling * form) - 1) / m_fall));
            const bool clean = m_random.uniform() < p;
            past.push_back({m_tempo, day, clean ? 1.0 : 0.0});
            follow(clean);
            const bool stalled = m_course == Course::Stalls && day >= m_stallsOn;
            if (!stalled && std::abs(m_tempo / m_ceiling - 1) < 0.12) m_ceiling += learned();
        }
    }

  private:
    /// Who grows does so by the same for every take, the others by a share of what is left.
    [[nodiscard]] double learned() const {
        return m_course == Course::Grows ? 0.25 * m_share * m_goal : m_share * (m_end - m_ceiling);
    }
    void follow(bool clean) {
        m_run = clean == (m_run > 0) ? m_run + (clean ? 1 : -1) : (clean ? 1 : -1);
        if (m_run == 3) m_tempo += 4, m_run = 0;
        if (m_run == -3) m_tempo = std::max(40.0, m_tempo - 4), m_run = 0;
    }

    Random m_random;
    Course m_course;
    double m_ceiling;
    double m_tempo;
    double m_end;
    double m_share;
    double m_fall;
    int m_takes;
    int m_stallsOn;
    double m_goal;
    int m_run = 0;
};

struct Foretold {
    int stated = 0;
    int held = 0;
    int open = 0;   // intervals without an end
    int never = 0;  // who do not reach it within a year
    int tooEarly = 0;
    std::vector<double> ratio;  // late against early
};

void foretell(Course course, std::uint64_t seed, Foretold& all) {
    Student student(course, seed);
    const int days = 7 + static_cast<int>(seed % 15);
    std::vector<PastTake> past;
    for (int day = 0; day < days; ++day) student.practise(day, past);
    for (PastTake& take : past) take.daysAgo = days - 1 - take.daysAgo;
    if (student.ceiling() >= student.goal()) return;
    const auto forecast = forecastOf(past, student.goal());
    if (!forecast) return;
    int reached = 1;
    for (std::vector<PastTake> rest; reached <= kForecastDays; ++reached, rest.clear()) {
        student.practise(days - 1 + reached, rest);
        if (student.ceiling() >= student.goal()) break;
    }
    ++all.stated;
    const int early = forecast->early.value_or(kForecastDays + 1);
    const int late = forecast->late.value_or(kForecastDays + 1);
    all.held += early <= reached && reached <= late ? 1 : 0;
    all.tooEarly += reached < early ? 1 : 0;
    all.open += forecast->late ? 0 : 1;
    all.never += reached > kForecastDays ? 1 : 0;
    if (forecast->late) all.ratio.push_back(static_cast<double>(late) / std::max(1, early));
}

}  // namespace

Table forecastTable(int players) {
    Table table{"Forecasts",
                {"what", "stated", "interval holds the day", "reached before it", "without an end", "never reached"},
                {}};
    Foretold total;
    for (std::size_t c = 0; c < kCourses.size(); ++c) {
        Foretold one;
        for (int i = 0; i < players / 4; ++i)
            foretell(static_cast<Course>(c), 70000 + 1000 * c + static_cast<std::uint64_t>(i), one);
        table.rows.push_back({kCourses.at(c), fmt::format("{}", one.stated), percent(one.held, one.stated),
                              percent(one.tooEarly, one.stated), percent(one.open, one.stated),
                              percent(one.never, one.stated)});
        total.never += one.never;
        total.stated += one.stated, total.held += one.held, total.open += one.open, total.tooEarly += one.tooEarly;
        total.ratio.insert(total.ratio.end(), one.ratio.begin(), one.ratio.end());
    }
    table.rows.push_back({fmt::format("all of {} (asked: 75 to 85 %)", players), fmt::format("{}", total.stated),
                          percent(total.held, total.stated), percent(total.tooEarly, total.stated),
                          percent(total.open, total.stated), percent(total.never, total.stated)});
    if (!total.ratio.empty())
        table.rows.push_back(
            {"late end against early end, median", "", fmt::format("{:.1f}", quantile(total.ratio, 0.5)), "", "", ""});
    return table;
}

}  // namespace upbeat::bench
