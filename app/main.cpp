// The window.
#include <QApplication>
#include <QCommandLineParser>
#include <QDate>
#include <QDir>
#include <QProgressDialog>
#include <QStandardPaths>
#include <QTextStream>
#include <QTimer>
#include <thread>

#include "demo/demo_builder.h"
#include "shell/main_window.h"
#include "shell/screenshots.h"
#include "theme/theme.h"
#include "upbeat/logbook/take_repository.h"

namespace {

using namespace upbeat;

QString demoDataFolder() {
    const QString installed =
        QCoreApplication::applicationDirPath() + QStringLiteral("/../share/upbeat-check/demodata");
    return QDir(installed).exists() ? installed : QStringLiteral(UPBEAT_SOURCE_DIR "/demodata");
}

void complain(const Error& error) {
    QTextStream(stderr) << "upbeat-check: " << QString::fromStdString(error.sentence()) << Qt::endl;
}

/// Builds the demo's logbook with a progress window; false when the user stopped it or it failed.
bool buildDemoLogbook(const Scenario& scenario, const std::filesystem::path& file) {
    QProgressDialog dialog(QObject::tr("Two weeks of practice are being played and measured …"), QObject::tr("Stop"), 0,
                           100);
    dialog.setWindowTitle(QObject::tr("Upbeat Check"));
    dialog.setMinimumWidth(520);
    dialog.setMinimumDuration(0);
    dialog.setAutoReset(false);
    dialog.show();
    std::atomic<int> percent{0};
    std::atomic<bool> stop{false};
    std::atomic<bool> done{false};
    Result<int> result = 0;
    // Built beside its place and renamed: a demo that was stopped half way is never shown.
    const auto building = file.parent_path().string() + ".building";
    std::filesystem::remove_all(building);
    std::thread worker([&] {
        result = buildDemo(
            scenario, std::filesystem::path(building) / file.filename(), QDate::currentDate(),
            [&](double share) { percent = static_cast<int>(100 * share); }, stop);
        done = true;
    });
    QTimer poll;
    QObject::connect(&poll, &QTimer::timeout, &dialog, [&] {
        dialog.setValue(percent);
        if (dialog.wasCanceled()) stop = true;
        if (done) dialog.accept();
    });
    poll.start(50);
    while (!done) QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
    worker.join();
    if (!result) complain(result.error());
    if (stop || !result) return false;
    std::filesystem::remove_all(file.parent_path());
    std::filesystem::rename(building, file.parent_path());
    return true;
}

struct Arguments {
    bool demo = false;
    bool dark = false;
    QString screenshots;
    QString dataFolder;
    double speed = 1;
};

Arguments readArguments(const QApplication& app) {
    QCommandLineParser parser;
    parser.setApplicationDescription(QObject::tr("Measures a drummer's practice takes against the click."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption demo(QStringLiteral("demo"),
                                  QObject::tr("start with the demo data, in a logbook of its own"));
    const QCommandLineOption dark(QStringLiteral("dark"), QObject::tr("start dark"));
    const QCommandLineOption shots(QStringLiteral("screenshots"),
                                   QObject::tr("save pictures of all places to a folder and end"),
                                   QStringLiteral("folder"));
    const QCommandLineOption data(QStringLiteral("data"), QObject::tr("keep logbook and settings in this folder"),
                                  QStringLiteral("folder"));
    parser.addOptions({demo, dark, shots, data});
    parser.process(app);
    return {parser.isSet(demo), parser.isSet(dark), parser.value(shots), parser.value(data), 1};
}

std::filesystem::path logbookFileFor(const Arguments& arguments) {
    const auto standard = defaultLogbookFile();
    const std::filesystem::path root = arguments.dataFolder.isEmpty()
                                           ? standard.parent_path()
                                           : std::filesystem::path(arguments.dataFolder.toStdString());
    return arguments.demo ? root / "demo" / "logbook.db" : root / "logbook.db";
}

QString settingsFileFor(const Arguments& arguments) {
    const QString config =
        QStandardPaths::writableLocation(QStandardPaths::GenericConfigLocation) + QStringLiteral("/upbeat-check");
    const QString folder = arguments.dataFolder.isEmpty() ? config : arguments.dataFolder;
    return folder + (arguments.demo ? QStringLiteral("/demo.ini") : QStringLiteral("/settings.ini"));
}

int run(const QApplication& app) {
    const Arguments arguments = readArguments(app);
    if (!loadFonts())
        QTextStream(stderr) << "upbeat-check: the shipped fonts cannot be loaded; reinstall the program." << Qt::endl;
    QApplication::setFont(typeFace(Type::kText));
    MainWindow::applyTheme(arguments.dark);
    StudioOptions options;
    options.logbookFile = logbookFileFor(arguments);
    options.settingsFile = settingsFileFor(arguments);
    Scenario scenario;
    if (arguments.demo) {
        auto read = readScenario(std::filesystem::path(demoDataFolder().toStdString()) / "scenario.json");
        if (!read) {
            complain(read.error());
            return 3;
        }
        scenario = *std::move(read);
        if (!std::filesystem::exists(options.logbookFile) && !buildDemoLogbook(scenario, options.logbookFile)) return 3;
        for (const ScenarioExercise& e : scenario.exercises) options.ownExercises.push_back(e.exercise);
        options.characterOf = [&scenario](const Exercise& e, double tempoBpm) {
            const ScenarioExercise* player = scenario.find(e.id);
            return player != nullptr ? player->at(tempoBpm, scenario.practiceDays()) : Character{};
        };
    }
    auto studio = Studio::open(std::move(options));
    if (!studio) {
        complain(studio.error());
        return 3;
    }
    MainWindow window(**studio);
    if (arguments.demo) {
        (*studio)->chooseExercise(scenario.open);
        if (const auto takes = (*studio)->takes(scenario.open); !takes.empty()) {
            (*studio)->openTake(takes.front().id);
            window.go(MainWindow::Look);
        }
    }
    if (!arguments.screenshots.isEmpty()) return saveScreenshots(window, **studio, arguments.screenshots) ? 0 : 3;
    window.show();
    window.greet();
    return QApplication::exec();
}

}  // namespace

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("upbeat-check"));
    QApplication::setApplicationVersion(QStringLiteral(UPBEAT_VERSION));
    QApplication::setDesktopFileName(QStringLiteral("org.upbeatcheck.UpbeatCheck"));
    QApplication::setStyle(QStringLiteral("Fusion"));
    return run(app);
}
