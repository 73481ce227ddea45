#pragma once

#include <QImage>
#include <QWidget>
#include <cmath>

#include "takes.h"
#include "theme/theme.h"
#include "upbeat/music/library.h"

namespace upbeat::test {

inline TakeAnalysis analysisOf(const char* id, int passes, const Character& c = {}, std::uint64_t seed = 1) {
    const Exercise e = *builtInExercise(id);
    const Performance p = perform(e, Bpm(100), passes, c, seed);
    return analyzeTake(e, {100, 1.0, passes * e.bars, 0, false, {}}, hitsOf(p, 1.0), {Profile(), ladderOf(e), {}});
}

inline QImage pictureOf(QWidget& widget, const QSize& size) {
    widget.resize(size);
    widget.setPalette(Theme::light().palette());
    return widget.grab().toImage();
}

/// Pixels of nearly one colour.
inline int pixelsOf(const QImage& image, const QColor& colour) {
    int count = 0;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x) {
            const QColor c = image.pixelColor(x, y);
            count += std::abs(c.red() - colour.red()) + std::abs(c.green() - colour.green()) +
                                 std::abs(c.blue() - colour.blue()) <
                             24
                         ? 1
                         : 0;
        }
    return count;
}

}  // namespace upbeat::test
