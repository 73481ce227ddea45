#pragma once

#include "puppet.h"
#include "room.h"

namespace upbeat::test {

inline constexpr double kPuppetSpeed = 40;

/// A room whose device hangs on strings.
struct PuppetRoom {
    QTemporaryDir dir;
    std::shared_ptr<Strings> strings = std::make_shared<Strings>();
    std::shared_ptr<FoundInputs> listed = std::make_shared<FoundInputs>();
    std::unique_ptr<Studio> studio;

    bool simulatedCounts = true;

    explicit PuppetRoom(const InputId& input = JackInput{"puppet"}, bool countsSimulated = true)
        : simulatedCounts(countsSimulated) {
        open(input);
    }
    void open(const InputId& input) {
        StudioOptions options;
        options.dataFolder = dir.path().toStdString();
        options.settingsFile = dir.filePath(QStringLiteral("settings.ini"));
        options.characterOf = [](const Exercise&, double) { return soloist(); };
        options.simulatedSpeed = kPuppetSpeed;
        options.simulatedCounts = simulatedCounts;
        options.findInputs = [list = listed] { return *list; };
        options.makeStream = withPuppet(strings, kPuppetSpeed);
        auto opened = Studio::open(options);
        if (!opened) qFatal("%s", opened.error().sentence().c_str());
        studio = std::move(*opened);
        studio->notices().startListening();
        PracticeSettings settings = studio->setup().settings();
        settings.input = input;
        studio->setup().change(settings);
        studio->stand().choose("singles-sixteenths");
    }
    void playUntilBeat(double beat) const {
        studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(studio->recorder().live() != nullptr && studio->recorder().live()->beatsNow() > beat,
                                 60000);
    }
};

}  // namespace upbeat::test
