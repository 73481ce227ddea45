// The window.
#include <QApplication>
#include <QDate>
#include <QDir>
#include <QFileDialog>
#include <QSettings>
#include <QStandardPaths>
#include <QTextStream>

#include "arguments.h"
#include "demo/demo_arrival.h"
#include "shell/screenshots.h"
#include "shell/start_trouble.h"
#include "shell/windows.h"
#include "theme/language.h"
#include "theme/spoken_rows.h"
#include "theme/theme.h"

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

/// The folder that was chosen once when the usual one could not be used.
constexpr const char* kOtherFolder = "dataFolder";

std::filesystem::path dataFolderFor(const Arguments& arguments, const QString& settingsFile) {
    const QString other = QSettings(settingsFile, QSettings::IniFormat).value(QLatin1String(kOtherFolder)).toString();
    if (!other.isEmpty()) return other.toStdString();
    const std::filesystem::path root = arguments.dataFolder.isEmpty()
                                           ? defaultLogbookFile().parent_path()
                                           : std::filesystem::path(arguments.dataFolder.toStdString());
    return arguments.demo ? root / "demo" : root;
}

QString settingsFileFor(const Arguments& arguments) {
    const QString config =
        QStandardPaths::writableLocation(QStandardPaths::GenericConfigLocation) + QStringLiteral("/upbeat-check");
    const QString folder = arguments.dataFolder.isEmpty() ? config : arguments.dataFolder;
    return folder + (arguments.demo ? QStringLiteral("/demo.ini") : QStringLiteral("/settings.ini"));
}

/// Opens the studio; what stands in the way is said in a window with the ways out. Null when the player quits.
std::unique_ptr<Studio> openStudio(StudioOptions options) {
    QSettings settings(options.settingsFile, QSettings::IniFormat);
    std::filesystem::path damaged;
    while (true) {
        auto studio = Studio::open(options);
        if (studio) {
            if (!damaged.empty()) (*studio)->keeper().rebuildLog(QString::fromStdString(damaged.string()));
            return *std::move(studio);
        }
        complain(studio.error());
        const auto logbook = options.dataFolder / "logbook.db";
        StartTrouble trouble(studio.error(), troubleWith(logbook) == LogbookTrouble::Damaged);
        trouble.exec();
        if (trouble.wayOut() == StartTrouble::WayOut::Quit) return nullptr;
        if (trouble.wayOut() == StartTrouble::WayOut::Rebuild) {
            const auto aside = setAside(logbook);
            if (aside) {
                damaged = *aside;
                Backups::putBackNewest(options.dataFolder);
            } else {
                complain(aside.error());
            }
            continue;
        }
        const QString folder = QFileDialog::getExistingDirectory(nullptr, QObject::tr("A folder for your practice"));
        if (folder.isEmpty()) continue;
        options.dataFolder = folder.toStdString();
        settings.setValue(QLatin1String(kOtherFolder), folder);
    }
}

/// The takes of the demo arrive while the window is open: the first one is shown at once, and the last one of its
/// exercise when it is there, unless the player has gone on to something else.
void letDemoArrive(DemoArrival& arrival, Studio& studio, MainWindow& window, const std::string& shown) {
    QObject::connect(&arrival, &DemoArrival::arrived, &arrival, [&studio] { studio.readLogAgain(); });
    QObject::connect(&arrival, &DemoArrival::arrived, &window,
                     [&, opened = qint64{0}](const DemoProgress& progress) mutable {
                         const bool isFirst = opened == 0;
                         const bool isShown = progress.exerciseId == shown && (isFirst || progress.exerciseIsWhole);
                         const qint64 now = studio.review().take() ? studio.review().take()->id : 0;
                         const bool goneOn =
                             studio.recorder().isRecording() || studio.stand().exercise().id != shown || now != opened;
                         if (isShown && !goneOn) {
                             opened = studio.log().takes(shown).front().id;
                             studio.review().open(opened);
                             if (isFirst) window.go(MainWindow::Look);
                         }
                         window.notices()->say(QObject::tr("Two weeks of practice arrive: %1 of %2 takes are here.")
                                                   .arg(progress.done)
                                                   .arg(progress.total));
                     });
    QObject::connect(&arrival, &DemoArrival::finished, &window, [&window](const QString& sentence) {
        if (!sentence.isEmpty()) window.notices()->complain(sentence);
    });
    arrival.start();
}

/// What the demo starts with.
struct Demo {
    Scenario scenario;
    std::optional<QDate> begun;  ///< Takes are still to be made: the day they are counted from.
};

Result<Demo> prepareDemo(const std::filesystem::path& root) {
    auto scenario = readScenario(std::filesystem::path(demoDataFolder().toStdString()) / "scenario.json");
    if (!scenario) return tl::unexpected(scenario.error());
    Demo demo{*std::move(scenario), {}};
    const bool isNew = !std::filesystem::exists(root / "logbook.db");
    auto folder = DataFolder::open(root);
    if (!folder || !folder->mayWrite()) return demo;  // said when the studio opens
    const auto begun = unfinishedDemo(*folder);
    if (!isNew && !begun) return demo;
    demo.begun = begun.value_or(QDate::currentDate());
    tidyDemo(demo.scenario, {*folder, *demo.begun});
    return demo;
}

void playAsIn(const Scenario& scenario, StudioOptions& options) {
    options.simulatedCounts = true;
    for (const ScenarioExercise& e : scenario.exercises)
        if (!e.exercise.origin) options.guests.push_back(e.exercise);
    for (const Exercise& piece : scenario.pieces)
        if (std::none_of(options.guests.begin(), options.guests.end(),
                         [&piece](const Exercise& guest) { return guest.id == piece.id; }))
            options.guests.push_back(piece);
    options.characterOf = [&scenario](const Exercise& e, double tempoBpm) {
        const ScenarioExercise* player = scenario.find(e);
        return player != nullptr ? player->at(tempoBpm, scenario.practiceDays()) : Character{};
    };
}

/// Builds what is missing and waits for it: for the pictures.
bool waitForDemo(const Demo& demo, Studio& studio) {
    if (demo.begun) {
        const std::atomic<bool> stop{false};
        const auto built = buildDemo(
            demo.scenario, {studio.folder(), *demo.begun}, [](const DemoProgress&) {}, stop);
        if (!built) {
            complain(built.error());
            return false;
        }
        studio.readLogAgain();
    }
    studio.review().open(studio.log().takes(demo.scenario.open).front().id);
    studio.settle();
    return true;
}

void dress(const Theme& theme) {
    if (!loadFonts())
        QTextStream(stderr) << "upbeat-check: the shipped fonts cannot be loaded; reinstall the program." << Qt::endl;
    QApplication::setFont(typeFace(Type::kText));
    MainWindow::applyTheme(theme);
    SpokenRows::speakToReaders();
}

int run(const QApplication& app) {
    const Arguments arguments = readArguments(app);
    dress(arguments.contrast ? Theme::stark() : (arguments.dark ? Theme::night() : Theme::light()));
    StudioOptions options;
    options.dataFolder = dataFolderFor(arguments, options.settingsFile = settingsFileFor(arguments));
    Demo demo;
    if (arguments.demo) {
        auto prepared = prepareDemo(options.dataFolder);
        if (!prepared) {
            complain(prepared.error());
            return 3;
        }
        demo = *std::move(prepared);
        playAsIn(demo.scenario, options);
    }
    Language::speak({});  // what may go wrong before the settings are read is said in the language of the desktop
    const auto studio = openStudio(std::move(options));
    if (!studio) return 3;
    Language::speak(arguments.language.isEmpty() ? studio->setup().settings().language : arguments.language);
    const Windows windows(*studio);
    MainWindow& window = windows.now();
    std::unique_ptr<DemoArrival> arrival;
    if (arguments.demo) studio->stand().choose(demo.scenario.open);
    if (!arguments.screenshots.isEmpty()) {
        if (arguments.demo && !waitForDemo(demo, *studio)) return 3;
        return saveScreenshots(window, *studio, arguments.screenshots) ? 0 : 3;
    }
    window.show();
    window.greet();
    if (!arguments.demo) studio->backups().makeDaily();
    studio->logCare().tidy();
    if (demo.begun && studio->folder().mayWrite()) {
        arrival = std::make_unique<DemoArrival>(demo.scenario, DemoSite{studio->folder(), *demo.begun});
        letDemoArrive(*arrival, *studio, window, demo.scenario.open);
    } else if (const auto takes = studio->log().takes(demo.scenario.open); arguments.demo && !takes.empty()) {
        studio->review().open(takes.front().id);
        window.go(MainWindow::Look);
    }
    return QApplication::exec();
}

}  // namespace

int main(int argc, char** argv) {
    upbeat::scaleBefore(argc, argv);
    QApplication app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("upbeat-check"));
    QApplication::setApplicationVersion(QStringLiteral(UPBEAT_VERSION));
    QApplication::setDesktopFileName(QStringLiteral("org.upbeatcheck.UpbeatCheck"));
    QApplication::setStyle(QStringLiteral("Fusion"));
    return run(app);
}
