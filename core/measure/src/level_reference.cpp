#include "upbeat/measure/level_reference.h"

#include "upbeat/measure/statistics.h"
#include "upbeat/music/dynamics.h"

namespace upbeat {

double targetDb(Level level) {
    switch (level) {
        case Level::Ghost:
            return -20;
        case Level::Tap:
            return -12;
        case Level::Accent:
            return 0;
    }
    return 0;
}

double targetDb(const Exercise& exercise, const Stroke& stroke) {
    return writtenDb(exercise, stroke.at).value_or(targetDb(stroke.level));
}

void LevelReference::add(const Exercise& exercise, const Stroke& stroke, double levelDb) {
    // Inside a swell a stroke counts as the accent that the page is measured by.
    const auto written = writtenDb(exercise, stroke.at);
    const Level level = written ? Level::Accent : stroke.level;
    m_levels[static_cast<std::size_t>(stroke.voice)][static_cast<std::size_t>(level)].push_back(levelDb -
                                                                                                written.value_or(0));
    m_known[static_cast<std::size_t>(stroke.voice)].reset();
}

double LevelReference::of(Voice voice) const {
    const auto v = static_cast<std::size_t>(voice);
    if (!m_known[v]) {
        m_known[v] = m_fallbackDb;
        // The loudest class that was played says it best: it is looked at last.
        for (const Level level : {Level::Ghost, Level::Tap, Level::Accent})
            if (const auto& levels = m_levels[v][static_cast<std::size_t>(level)]; !levels.empty())
                m_known[v] = median(levels) - targetDb(level);
    }
    return *m_known[v];
}

}  // namespace upbeat
