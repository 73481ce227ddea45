#pragma once

#include <QLabel>
#include <QPushButton>
#include <QTest>

#include "drummer.h"
#include "prepare/prepare_place.h"
#include "stage.h"

namespace upbeat::test {

inline const PipeWireInput kKitchen{"kitchen", "capture_1"};
inline const PipeWireInput kWebcam{"webcam", "capture_1"};
inline const PipeWireMidi kPads{"pads:out"};

/// A first start on a desktop with two microphones; somebody plays at one of them.
struct FirstStart {
    QTemporaryDir dir;
    std::shared_ptr<Drummer> drummer = std::make_shared<Drummer>();
    std::shared_ptr<Drummer> nobody = std::make_shared<Drummer>();
    std::unique_ptr<Studio> studio;
    std::unique_ptr<MainWindow> window;

    explicit FirstStart(bool microphones = true) {
        StudioOptions options;
        options.dataFolder = dir.path().toStdString();
        options.settingsFile = dir.filePath(QStringLiteral("settings.ini"));
        options.simulatedSpeed = 40;
        options.findInputs = [microphones]() -> FoundInputs {
            if (!microphones) return {{}, {{"PipeWire does not answer", "sound", "log in again"}}};
            return {{{kWebcam, "Webcam microphone"}, {kKitchen, "Kitchen microphone"}}, {}};
        };
        options.makeStream = [this](const InputId& id, const AudioEngine& engine) -> std::unique_ptr<DuplexStream> {
            if (id == InputId(kKitchen)) return std::make_unique<DrummerStream>(drummer);
            if (id == InputId(kPads)) return std::make_unique<DrummerStream>(drummer, true);
            if (id == InputId(kWebcam)) return std::make_unique<DrummerStream>(nobody);
            return realStreams(40)(id, engine);
        };
        nobody->echo = 0;
        auto opened = Studio::open(options);
        if (!opened) qFatal("%s", opened.error().sentence().c_str());
        studio = std::move(*opened);
        window = std::make_unique<MainWindow>(*studio);
        window->show();
        window->activateWindow();
        (void)QTest::qWaitForWindowActive(window.get());
        window->greet();
    }
    [[nodiscard]] SoundCheck& check() const { return studio->soundCheck(); }
    void press(const QString& text) const {
        for (auto* button : window->findChildren<QPushButton*>())
            if (button->isVisible() && button->text().contains(text)) return QTest::mouseClick(button, Qt::LeftButton);
        QFAIL(qPrintable(text));
    }
    void key(Qt::Key key) const { QTest::keyClick(window->focusWidget(), key); }
    [[nodiscard]] bool says(const QString& part) const {
        const auto labels = window->findChildren<QLabel*>();
        return std::any_of(labels.begin(), labels.end(),
                           [&](const QLabel* l) { return l->isVisible() && l->text().contains(part); });
    }
    void choose(const InputId& id) const {
        PracticeSettings settings = studio->setup().settings();
        settings.input = id;
        settings.inputChosen = settings.careShown = true;
        studio->setup().change(settings);
        untilOpen();
        window->showSoundCheck();
    }
    /// A busy machine takes its time; what is struck before is heard by nobody.
    void untilOpen() const { QTRY_VERIFY_WITH_TIMEOUT(studio->input().isAlive(), 60000); }
    /// As somebody does who plays until the screen answers.
    template <typename Condition>
    void strikeUntil(double peakDb, Condition isMet, int key = 38) const {
        for (int i = 0; i < 300 && !isMet(); ++i) {
            drummer->strike(peakDb, key);
            (void)QTest::qWaitFor([&] { return isMet() || drummer->isDone(); }, 60000);
            (void)QTest::qWaitFor(isMet, 300);  // until it is heard and has died away
        }
        QVERIFY(isMet());
    }
    /// Eight of each, as asked for.
    void strikeAllLevels() const {
        const auto heard = [this] {
            const auto& strokes = check().strokesDb();
            return strokes[0].size() + strokes[1].size() + strokes[2].size();
        };
        while (const auto level = check().asked()) {
            constexpr std::array kPeaksDb{-34.0, -22.0, -10.0};
            strikeUntil(kPeaksDb.at(static_cast<std::size_t>(*level)),
                        [&, before = heard()] { return heard() > before; });
        }
    }
    /// For docs/screenshots, where scripts/screenshots asks for it.
    void picture(const char* name) const {
        const QString folder = qEnvironmentVariable("UPBEAT_PICTURES");
        if (folder.isEmpty()) return;
        window->resize(1280, 800);
        QCoreApplication::processEvents();
        QVERIFY(window->grab().save(folder + QLatin1Char('/') + QLatin1String(name) + QStringLiteral(".png")));
    }
};

}  // namespace upbeat::test
