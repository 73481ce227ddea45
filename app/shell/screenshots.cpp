#include "shell/screenshots.h"

#include <QCoreApplication>
#include <QDir>
#include <QEventLoop>
#include <QPixmap>

#include "climb/climb_place.h"
#include "log/log_place.h"
#include "look/look_place.h"
#include "prepare/prepare_place.h"
#include "shell/main_window.h"
#include "theme/theme.h"

namespace upbeat {

namespace {

bool save(MainWindow& window, const QString& folder, const QString& name) {
    const auto* climb = window.findChild<ClimbPlace*>();
    while (!climb->isPastKnown()) QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
    QCoreApplication::processEvents();
    return window.grab().save(QDir(folder).filePath(name + QStringLiteral(".png")));
}

/// Look again, through the lens for loudness, groups side by side and one hit from near.
bool saveBalance(MainWindow& window, const QString& folder) {
    window.go(MainWindow::Look);
    auto* look = window.findChild<LookPlace*>();
    look->setLens(Lens::Balance);
    look->toggleGroups();
    look->field()->choose(2, 4);
    while (look->closeUp()->isEmpty()) QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
    const bool ok = save(window, folder, QStringLiteral("look-balance"));
    look->toggleGroups();
    look->setLens(Lens::Timing);
    return ok;
}

/// Hands-free: the rest behind a take, and Look at that take, a groove whose backbeat is asked for behind the click.
bool saveRestAndFeel(MainWindow& window, Studio& studio, const QString& folder) {
    const std::string before = studio.stand().exercise().id;
    const auto wait = [] { QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents); };
    while (!studio.recorder().isIdle()) wait();
    studio.stand().choose("groove-laid-back");
    studio.stand().setTempo(100);
    studio.handsFree().set(true);
    studio.recorder().start();
    while (!studio.handsFree().isResting()) wait();
    window.go(MainWindow::Play);
    bool ok = save(window, folder, QStringLiteral("play-rest"));
    studio.handsFree().set(false);
    window.go(MainWindow::Look);
    ok = save(window, folder, QStringLiteral("look-feel")) && ok;
    studio.stand().choose(before);
    return ok;
}

/// The log over time: the exercise on the stand with the ceiling that is weighed beside the window, then all of them.
bool saveOverTime(MainWindow& window, const QString& folder) {
    window.go(MainWindow::Log);
    auto* log = window.findChild<LogPlace*>();
    log->showOverTime(true);
    while (!log->overTimeView()->isWeighed()) QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
    const bool ok = save(window, folder, QStringLiteral("log-over-time"));
    log->showOverTime(false);
    return ok;
}

/// The first and the last take of the exercise on the stand, one over the other.
bool saveTwoTakes(MainWindow& window, Studio& studio, const QString& folder) {
    const auto takes = studio.log().takes(studio.stand().exercise().id);
    if (takes.size() < 2) return true;
    auto* log = window.findChild<LogPlace*>();
    window.go(MainWindow::Log);
    log->compare(takes.back().id, takes.front().id);
    while (log->twoTakes().changes().empty()) QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
    const bool ok = save(window, folder, QStringLiteral("log-two-takes"));
    log->compareChosen();
    return ok;
}

/// Climb again: what happens as it gets faster.
bool saveFaster(MainWindow& window, const QString& folder) {
    window.go(MainWindow::Climb);
    auto* climb = window.findChild<ClimbPlace*>();
    climb->showFaster(true);
    const bool ok = save(window, folder, QStringLiteral("climb-faster"));
    climb->showFaster(false);
    return ok;
}

/// Climb again, with the limits to be changed.
bool saveLimits(MainWindow& window, Studio& studio, const QString& folder) {
    window.go(MainWindow::Climb);
    LimitSet limits = studio.limits().limits();
    limits.set(studio.stand().exercise().id, GateKind::Spread, 8);
    studio.limits().change(limits);
    window.findChild<ClimbPlace*>()->editLimits(true);
    const bool ok = save(window, folder, QStringLiteral("climb-limits"));
    window.findChild<ClimbPlace*>()->editLimits(false);
    studio.limits().undo();
    return ok;
}

/// Prepare again: a page being written, and an exercise taken apart. Leaves nothing behind.
bool savePrepare(MainWindow& window, Studio& studio, const QString& folder) {
    const std::string before = studio.stand().exercise().id;
    window.go(MainWindow::Prepare);
    auto* prepare = window.findChild<PreparePlace*>();
    studio.stand().choose("groove-funk-ghosts");
    prepare->showPanel(PreparePlace::Stages);
    bool ok = save(window, folder, QStringLiteral("prepare-stages"));
    prepare->showPanel(PreparePlace::Today);
    ok = save(window, folder, QStringLiteral("prepare-today")) && ok;
    prepare->showPanel(PreparePlace::Controls);
    prepare->startWriting();
    studio.manuscript().edit([](ExerciseEditor& editor) {
        editor.placePen(Beats(1), 1);
        editor.select(3);
    });
    ok = save(window, folder, QStringLiteral("prepare-edit")) && ok;
    studio.manuscript().close();
    studio.manuscript().forget();
    studio.stand().choose(before);
    window.notices()->hide();  // that it is gone belongs to none of the pictures
    return ok;
}

}  // namespace

bool saveScreenshots(MainWindow& window, Studio& studio, const QString& folder) {
    QDir().mkpath(folder);
    window.resize(1280, 800);
    window.show();
    bool ok = true;
    const QList<std::pair<int, QString>> still{{MainWindow::Prepare, QStringLiteral("prepare")},
                                               {MainWindow::Look, QStringLiteral("look")},
                                               {MainWindow::Climb, QStringLiteral("climb")},
                                               {MainWindow::Log, QStringLiteral("log")}};
    for (const auto& [place, name] : still) {
        window.go(place);
        ok = save(window, folder, name) && ok;
    }
    if (!studio.review().take()) return ok;  // a new player has nothing more to show
    ok = savePrepare(window, studio, folder) && ok;
    ok = saveBalance(window, folder) && ok;
    ok = saveOverTime(window, folder) && ok;
    ok = saveTwoTakes(window, studio, folder) && ok;
    ok = saveFaster(window, folder) && ok;
    ok = saveLimits(window, studio, folder) && ok;
    MainWindow::applyTheme(Theme::night());
    window.go(MainWindow::Look);
    ok = save(window, folder, QStringLiteral("look-dark")) && ok;
    MainWindow::applyTheme(Theme::light());
    studio.recorder().start();
    while (studio.recorder().isRecording() && studio.recorder().live()->beatsNow() < 13.6)
        QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
    ok = save(window, folder, QStringLiteral("play")) && ok;
    studio.recorder().discard();
    ok = saveRestAndFeel(window, studio, folder) && ok;
    return ok;
}

}  // namespace upbeat
