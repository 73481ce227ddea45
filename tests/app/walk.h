#pragma once

#include "typing.h"

namespace upbeat::test {

/// Goes through all five places and what opens in them, before and after takes; `look` is told where it is.
inline void walkThrough(const std::function<void(const Desk&, const QString&)>& look) {
    const Desk desk;
    desk.window->resize(1280, 800);
    const auto at = [&](int place, const char* name) {
        desk.window->go(place);
        look(desk, QLatin1String(name));
    };
    at(MainWindow::Prepare, "prepare");
    type(desk, QStringLiteral("a"));
    look(desk, QStringLiteral("apart"));
    type(desk, QStringLiteral("<Esc>"));
    type(desk, QStringLiteral("e"));
    look(desk, QStringLiteral("writing"));
    desk.studio->manuscript().close();
    desk.studio->manuscript().forget();
    desk.studio->stand().choose("paradiddle-accents");
    at(MainWindow::Play, "play");
    at(MainWindow::Climb, "climb-without-a-take");
    at(MainWindow::Log, "log-without-a-take");
    desk.playOne();
    look(desk, QStringLiteral("look-first"));
    desk.playOne();
    at(MainWindow::Prepare, "prepare-after");
    at(MainWindow::Play, "play-after");
    at(MainWindow::Climb, "climb");
    at(MainWindow::Log, "log");
    at(MainWindow::Look, "look");
    type(desk, QStringLiteral("g"));
    look(desk, QStringLiteral("groups"));
}

}  // namespace upbeat::test
