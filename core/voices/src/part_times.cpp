#include "part_times.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "upbeat/signal/colour.h"
#include "upbeat/signal/novelty.h"

namespace upbeat {

namespace {

constexpr int kBefore = 18;  // frames of the window before the hit's onset
constexpr int kAfter = 26;
constexpr float kSilentPower = 2e-10F;

float at(const std::array<float, Course::kFrames>& course, double frame) {
    if (frame < 0 || frame >= Course::kFrames - 1)
        return frame < 0 && frame > -1 ? static_cast<float>(1 + frame) * course[0] : 0;
    const auto first = static_cast<std::size_t>(frame);
    const auto part = static_cast<float>(frame - static_cast<double>(first));
    return (1 - part) * course[first] + part * course[first + 1];
}

class Window {
  public:
    Window(const Hit& hit, int endFrames) : m_start(static_cast<int>(std::lround(onsetFrame(hit))) - kBefore) {
        const int reach = static_cast<int>(kPatchFrames) - m_start;
        m_frames = static_cast<std::size_t>(std::clamp(kBefore + std::min(kAfter, endFrames), kBefore + 2, reach));
        for (std::size_t b = 0; b < kBands; ++b) {
            // Little is known about a narrow band from half a millisecond; neighbouring frequencies vary together.
            m_freedom[b] = static_cast<float>(std::min(BandBank::bandwidthHz(b, 48000), 2000.0) * kFrameS);
            m_background[b] = backgroundOf(hit, b) + kSilentPower;
            for (std::size_t f = 0; f < m_frames; ++f)
                m_heard[b][f] =
                    hit.patch.meanEnergy(b, m_start + static_cast<int>(f), m_start + static_cast<int>(f) + 1) +
                    kSilentPower;
        }
    }

    /// How unlikely the window is with the parts where they are.
    [[nodiscard]] float cost(const std::vector<PartTime>& parts) const {
        float sum = 0;
        for (std::size_t b = 0; b < kBands; ++b) sum += m_freedom[b] * bandCost(parts, b);
        return sum;
    }

  private:
    [[nodiscard]] float bandCost(const std::vector<PartTime>& parts, std::size_t b) const {
        std::array<float, kBefore + kAfter> rise{};
        float expected = 0;
        float heard = 0;
        for (std::size_t f = 0; f < m_frames; ++f) {
            for (const PartTime& part : parts)
                rise[f] += part.gain * at(part.course->energy[b], static_cast<double>(f) - kBefore - part.delay);
            expected += rise[f];
            heard += m_heard[b][f] - m_background[b];
        }
        const float scale = expected > 0 ? std::clamp(heard / expected, 0.0F, 30.0F) : 0;
        float cost = 0;
        for (std::size_t f = 0; f < m_frames; ++f) {
            const float model = m_background[b] + scale * rise[f];
            cost += m_heard[b][f] / model + std::log(model);
        }
        return cost;
    }

    int m_start;
    std::size_t m_frames = 0;
    std::array<float, kBands> m_freedom{};
    std::array<float, kBands> m_background{};
    std::array<std::array<float, kBefore + kAfter>, kBands> m_heard{};
};

/// Moves one part to its best place within `reach` frames, `step` by `step`.
void move(const Window& window, std::vector<PartTime>& parts, std::size_t p, double reach, double step) {
    const double centre = parts[p].delay;
    const int steps = static_cast<int>(reach / step);
    std::vector<float> costs;
    for (int i = -steps; i <= steps; ++i) {
        parts[p].delay = centre + i * step;
        costs.push_back(window.cost(parts));
    }
    const auto best = static_cast<int>(std::min_element(costs.begin(), costs.end()) - costs.begin());
    double between = 0;
    if (best > 0 && best < 2 * steps) {
        const auto i = static_cast<std::size_t>(best);
        const float bend = costs[i - 1] - 2 * costs[i] + costs[i + 1];
        if (bend > 0) between = std::clamp(0.5 * static_cast<double>((costs[i - 1] - costs[i + 1]) / bend), -0.5, 0.5);
    }
    parts[p].delay = centre + (best - steps + between) * step;
}

/// Tries the first two parts together over all of `reach`: which of two voices came first is not found one by one.
void moveTogether(const Window& window, std::vector<PartTime>& parts, int reach, int step) {
    const double first = parts[0].delay;
    const double second = parts[1].delay;
    float best = std::numeric_limits<float>::infinity();
    std::vector<PartTime> place = parts;
    for (int i = -reach; i <= reach; i += step) {
        for (int k = -reach; k <= reach; k += step) {
            parts[0].delay = first + i;
            parts[1].delay = second + k;
            const float cost = window.cost(parts);
            if (cost < best) best = cost, place = parts;
        }
    }
    parts = place;
}

}  // namespace

Course courseOf(std::span<const Hit> strokes) {
    Course course;
    for (const Hit& stroke : strokes) {
        const int onset = static_cast<int>(std::lround(onsetFrame(stroke)));
        const auto scale =
            static_cast<float>(std::pow(10.0, -stroke.levelDb / 10.0) / static_cast<double>(strokes.size()));
        for (std::size_t b = 0; b < kBands; ++b) {
            const float background = backgroundOf(stroke, b);
            for (int f = 0; f < Course::kFrames; ++f) {
                const int last = static_cast<int>(kPatchFrames) - 1;
                const int from = std::min(onset + f, last);
                const float rise = stroke.patch.meanEnergy(b, from, from + 1) - background;
                course.energy[b][static_cast<std::size_t>(f)] += std::max(0.0F, rise) * scale;
            }
        }
    }
    return course;
}

void findPartTimes(const Hit& hit, std::vector<PartTime>& parts, int endFrames) {
    const Window window(hit, endFrames);
    moveTogether(window, parts, 9, 3);
    for (std::size_t p = 0; p < parts.size(); ++p) move(window, parts, p, 4, 1);
    for (std::size_t p = 0; p < parts.size(); ++p) move(window, parts, p, 1, 0.5);
}

}  // namespace upbeat
