#pragma once

#include <array>
#include <atomic>
#include <memory>

#include "studio/audio_input.h"
#include "upbeat/audio/simulated_stream.h"

namespace upbeat::test {

/// Strings on a device: what may happen to it from outside while it runs.
struct Strings {
    std::atomic<bool> gone{false};
    std::atomic<bool> silent{false};  ///< It gives nothing any more, and says nothing of it.
    std::atomic<bool> unplugged{false};
    std::atomic<std::int64_t> jump{0};  ///< Its clock is that far ahead of what it was.
    std::atomic<int> clock{0};          ///< Another number: another clock.
    std::atomic<bool> muted{false};     ///< Nothing but silence arrives.
};

/// The simulated player behind a device that can be unplugged, stall or leave.
class PuppetStream : public DuplexStream, private AudioProcess {
  public:
    PuppetStream(const AudioEngine& engine, std::shared_ptr<Strings> strings, double speed)
        : m_strings(std::move(strings)), m_inner(engine, Character{}, 5, speed) {}
    ~PuppetStream() override { m_inner.stop(); }

    [[nodiscard]] Result<void> start(AudioProcess& process) override {
        if (m_strings->gone.load()) return fail("the device is not there", "puppet", "plug it in");
        m_process = &process;
        return m_inner.start(*this);
    }
    void stop() override { m_inner.stop(); }
    [[nodiscard]] int sampleRate() const override { return m_inner.sampleRate(); }
    [[nodiscard]] int periodFrames() const override { return m_inner.periodFrames(); }
    [[nodiscard]] std::string name() const override { return "Puppet"; }
    [[nodiscard]] StreamHealth health() const override {
        if (m_strings->gone.load()) return StreamHealth::Gone;
        return m_strings->unplugged.load() ? StreamHealth::Unplugged : StreamHealth::Alive;
    }

  private:
    void process(std::span<const float> in, std::span<float> out, const Cycle& cycle) noexcept override {
        if (m_strings->gone.load() || m_strings->silent.load()) return;
        std::array<float, 4096> silence{};
        const auto heard = m_strings->muted.load() ? std::span<const float>(silence).first(in.size()) : in;
        m_process->process(heard, out,
                           {cycle.position + m_strings->jump, cycle.late || m_strings->unplugged.load(),
                            cycle.clock + m_strings->clock});
    }

    std::shared_ptr<Strings> m_strings;
    AudioProcess* m_process = nullptr;
    SimulatedStream m_inner;
};

/// The JACK port "puppet" is a puppet; all other inputs are what they are.
inline MakeStream withPuppet(const std::shared_ptr<Strings>& strings, double speed) {
    return [strings, speed](const InputId& id, const AudioEngine& engine) -> std::unique_ptr<DuplexStream> {
        if (id == InputId(JackInput{"puppet"})) return std::make_unique<PuppetStream>(engine, strings, speed);
        return realStreams(speed)(id, engine);
    };
}

}  // namespace upbeat::test
