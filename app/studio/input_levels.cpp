#include "studio/input_levels.h"

#include <QtConcurrentRun>
#include <algorithm>
#include <span>

#include "upbeat/signal/level_meter.h"

namespace upbeat {

/// One input and the engine that only meters it.
struct InputLevels::Listener {
    AudioEngine engine;
    std::unique_ptr<DuplexStream> stream;
    InputId id;

    ~Listener() {
        if (stream) stream->stop();
    }
};

InputLevels::InputLevels(MakeStream make) : m_make(std::move(make)) {
    constexpr int kTickMs = 40;
    m_pool.setMaxThreadCount(1);
    m_ticker.setInterval(kTickMs);
    connect(&m_ticker, &QTimer::timeout, this, &InputLevels::tick);
}

InputLevels::~InputLevels() {
    m_pool.waitForDone();
}

void InputLevels::listenTo(const std::vector<InputDevice>& devices) {
    if (devices == m_devices) return;
    m_devices = devices;
    m_levels.clear();
    const int round = ++m_round;
    // What was listened to is let go on the other thread as well: closing may take as long as opening.
    auto before = std::make_shared<std::vector<std::shared_ptr<Listener>>>(std::exchange(m_listeners, {}));
    if (devices.empty()) m_ticker.stop();
    QtConcurrent::run(&m_pool, [devices, before, make = m_make] {
        before->clear();
        std::vector<std::shared_ptr<Listener>> open;
        for (const InputDevice& device : devices) {
            auto listener = std::make_shared<Listener>();
            listener->id = device.id;
            listener->stream = make(device.id, listener->engine);
            if (listener->stream && listener->stream->start(listener->engine)) open.push_back(std::move(listener));
        }
        return open;
    }).then(this, [this, round](const std::vector<std::shared_ptr<Listener>>& open) {
        if (round != m_round) return;
        m_listeners = open;
        for (const auto& listener : open) m_levels.push_back({listener->id});
        if (!open.empty()) m_ticker.start();
    });
}

void InputLevels::tick() {
    constexpr double kFallDb = 2;
    constexpr double kRiseDb = 12;
    constexpr double kHeardDb = -45;
    for (std::size_t i = 0; i < m_listeners.size(); ++i) {
        Level& level = m_levels[i];
        const float peak = m_listeners[i]->engine.newPeak();
        const double now = peakDb(std::span(&peak, 1));
        if (now > kHeardDb && now > level.peakDb + kRiseDb) ++level.strokes;
        level.peakDb = std::max(now, level.peakDb - kFallDb);
    }
    Q_EMIT changed();
}

const InputLevels::Level* InputLevels::played() const {
    constexpr int kEnough = 3;
    const auto most = std::max_element(m_levels.begin(), m_levels.end(), [](const Level& a, const Level& b) {
        return a.strokes != b.strokes ? a.strokes < b.strokes : a.peakDb < b.peakDb;
    });
    return most != m_levels.end() && most->strokes >= kEnough ? &*most : nullptr;
}

}  // namespace upbeat
