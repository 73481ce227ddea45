#include "strokes/page_levels.h"

#include "upbeat/music/dynamics.h"

namespace upbeat {

double heightDb(const PageLevels& levels, const Exercise& exercise, const Stroke& stroke) {
    if (const auto written = writtenDb(exercise, stroke.at)) return *written;
    switch (stroke.level) {
        case Level::Ghost:
            return levels.ghostDb;
        case Level::Tap:
            return levels.tapDb;
        case Level::Accent:
            return targetDb(Level::Accent);
    }
    return 0;
}

void setHeights(FieldData& field, const PageLevels& levels, const Exercise& exercise) {
    const auto height = [&](int stroke) {
        return heightDb(levels, exercise, exercise.strokes[static_cast<std::size_t>(stroke)]);
    };
    for (auto& row : field.rows)
        for (FieldMark& mark : row)
            if (mark.stroke >= 0) mark.targetDb = height(mark.stroke);
    for (FieldAverage& average : field.averages) average.targetDb = height(average.stroke);
}

}  // namespace upbeat
