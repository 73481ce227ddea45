#pragma once

#include <QString>

class QApplication;

namespace upbeat {

/// What the window was started with.
struct Arguments {
    bool demo = false;
    bool dark = false;
    bool contrast = false;
    QString screenshots;
    QString dataFolder;
    QString language;
};

/// Ends the program where they make no sense, or only help was wanted.
[[nodiscard]] Arguments readArguments(const QApplication& app);

/// Sets how large everything is; before there is an application, which asks once.
void scaleBefore(int argc, char** argv);

}  // namespace upbeat
