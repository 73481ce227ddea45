#include "upbeat/audio/pulse_stream.h"

#include <algorithm>
#include <array>
#include <atomic>
#include <span>

#include "pulse_session.h"

namespace upbeat {

namespace {

constexpr int kPatienceS = 3;
constexpr std::size_t kPeriod = 480;          // frames
constexpr std::int64_t kLead = 15 * kPeriod;  // what is played is written so far ahead: 150 ms

constexpr pa_sample_spec kSpec{PA_SAMPLE_FLOAT32NE, 48000, 1};

constexpr std::uint32_t bytesOf(std::int64_t frames) {
    return static_cast<std::uint32_t>(frames * static_cast<std::int64_t>(sizeof(float)));
}

}  // namespace

/// Everything but `health` happens on the loop's thread or with its lock.
struct PulseStream::Impl {
    std::unique_ptr<PulseSession> session;
    AudioProcess* process = nullptr;
    pa_stream* heard = nullptr;
    pa_stream* played = nullptr;
    std::array<float, kPeriod> in{};
    std::array<float, kPeriod> out{};
    std::size_t filled = 0;
    std::int64_t position = 0;
    int clock = 0;
    bool anchored = false;  // what is played stands beside what is recorded
    std::atomic<bool> gone{false};
    std::atomic<bool> asleep{false};

    ~Impl();
    [[nodiscard]] Result<void> open(const char* source);
    [[nodiscard]] bool connectPlayed();
    [[nodiscard]] bool connectHeard(const char* source);
    void listenTo(pa_stream* stream);
    void read();
    void take(const float* samples, std::size_t count);
    void cycle();
    void beginAnew() {
        ++clock;
        anchored = false;
    }
};

PulseStream::Impl::~Impl() {
    if (!session) return;
    const PulseSession::Lock lock(*session);
    for (pa_stream* stream : {heard, played}) {
        if (stream == nullptr) continue;
        pa_stream_set_read_callback(stream, nullptr, nullptr);
        pa_stream_set_write_callback(stream, nullptr, nullptr);
        pa_stream_set_state_callback(stream, nullptr, nullptr);
        pa_stream_set_underflow_callback(stream, nullptr, nullptr);
        pa_stream_set_overflow_callback(stream, nullptr, nullptr);
        pa_stream_set_moved_callback(stream, nullptr, nullptr);
        pa_stream_set_suspended_callback(stream, nullptr, nullptr);
        (void)pa_stream_disconnect(stream);
        pa_stream_unref(stream);
    }
}

void PulseStream::Impl::listenTo(pa_stream* stream) {
    const pa_stream_notify_cb_t anew = [](pa_stream*, void* self) { static_cast<Impl*>(self)->beginAnew(); };
    pa_stream_set_underflow_callback(stream, anew, this);
    pa_stream_set_overflow_callback(stream, anew, this);
    pa_stream_set_moved_callback(stream, anew, this);
    pa_stream_set_suspended_callback(
        stream,
        [](pa_stream* which, void* self) {
            auto* impl = static_cast<Impl*>(self);
            impl->asleep.store(pa_stream_is_suspended(which) > 0);
            impl->beginAnew();
        },
        this);
    pa_stream_set_state_callback(
        stream,
        [](pa_stream* which, void* self) {
            if (!PA_STREAM_IS_GOOD(pa_stream_get_state(which))) static_cast<Impl*>(self)->gone.store(true);
        },
        this);
}

bool PulseStream::Impl::connectPlayed() {
    constexpr std::uint32_t kDefault = static_cast<std::uint32_t>(-1);
    played = pa_stream_new(session->context(), "click", &kSpec, nullptr);
    if (played == nullptr) return false;
    listenTo(played);
    // It runs whether there is something to play or not: what is late is lost and moves nothing.
    const pa_buffer_attr buffer{kDefault, bytesOf(2 * kLead), 0, bytesOf(kPeriod), kDefault};
    return pa_stream_connect_playback(played, nullptr, &buffer, PA_STREAM_ADJUST_LATENCY, nullptr, nullptr) >= 0;
}

bool PulseStream::Impl::connectHeard(const char* source) {
    constexpr std::uint32_t kDefault = static_cast<std::uint32_t>(-1);
    heard = pa_stream_new(session->context(), "take", &kSpec, nullptr);
    if (heard == nullptr) return false;
    listenTo(heard);
    pa_stream_set_read_callback(
        heard, [](pa_stream*, std::size_t, void* self) { static_cast<Impl*>(self)->read(); }, this);
    const pa_buffer_attr buffer{kDefault, kDefault, kDefault, kDefault, bytesOf(kPeriod)};
    return pa_stream_connect_record(heard, source, &buffer, PA_STREAM_ADJUST_LATENCY) >= 0;
}

Result<void> PulseStream::Impl::open(const char* source) {
    const auto refused = [source] {
        return fail(source == nullptr ? Text(UPBEAT_TEXT("PulseAudio does not start us"))
                                      : Text::with(UPBEAT_TEXT("the input %1 is not there"), std::string(source)),
                    "sound input", UPBEAT_TEXT("plug it in, or choose another input"));
    };
    {
        const PulseSession::Lock lock(*session);
        if (!connectPlayed() || !connectHeard(source)) return refused();
    }
    const auto answered = [this] {
        return gone.load() || (pa_stream_get_state(played) == PA_STREAM_READY &&
                               pa_stream_get_state(heard) == PA_STREAM_READY && position > 0);
    };
    if (!session->waitFor(answered, kPatienceS) || gone.load()) return refused();
    return {};
}

void PulseStream::Impl::read() {
    while (pa_stream_readable_size(heard) > 0) {
        const void* data = nullptr;
        std::size_t bytes = 0;
        if (pa_stream_peek(heard, &data, &bytes) < 0 || bytes == 0) return;
        const std::size_t frames = bytes / sizeof(float);
        if (data != nullptr)
            take(static_cast<const float*>(data), frames);
        else
            position += static_cast<std::int64_t>(frames);  // a hole
        (void)pa_stream_drop(heard);
    }
}

void PulseStream::Impl::take(const float* samples, std::size_t count) {
    while (count > 0) {
        const std::size_t some = std::min(count, kPeriod - filled);
        std::copy_n(samples, some, in.data() + filled);
        filled += some;
        samples += some;
        count -= some;
        if (filled == kPeriod) cycle();
    }
}

void PulseStream::Impl::cycle() {
    filled = 0;
    out.fill(0.0F);
    process->process(in, out, {position, asleep.load(), clock});
    position += static_cast<std::int64_t>(kPeriod);
    if (pa_stream_get_state(played) != PA_STREAM_READY) return;
    const pa_seek_mode_t where = anchored ? PA_SEEK_RELATIVE : PA_SEEK_RELATIVE_ON_READ;
    anchored = true;
    (void)pa_stream_write(played, out.data(), sizeof(out), nullptr,
                          where == PA_SEEK_RELATIVE ? 0 : std::int64_t{bytesOf(kLead)}, where);
}

PulseStream::PulseStream(InputId input) : m_input(std::move(input)) {}

PulseStream::~PulseStream() {
    PulseStream::stop();
}

Result<void> PulseStream::start(AudioProcess& process) {
    stop();
    auto session = PulseSession::connect();
    if (!session) return tl::unexpected(session.error());
    auto impl = std::make_unique<Impl>();
    impl->session = *std::move(session);
    impl->process = &process;
    // The monitor of what is played is always there: a clock for a stream that only plays.
    std::string source;
    if (const auto* input = std::get_if<PulseInput>(&m_input)) source = input->source;
    if (std::holds_alternative<SimulatedInput>(m_input)) source = "@DEFAULT_MONITOR@";
    if (auto opened = impl->open(source.empty() ? nullptr : source.c_str()); !opened) return opened;
    m_impl = std::move(impl);
    return {};
}

void PulseStream::stop() {
    m_impl.reset();
}

int PulseStream::periodFrames() const {
    return kPeriod;
}

StreamHealth PulseStream::health() const {
    if (!m_impl || m_impl->gone.load()) return StreamHealth::Gone;
    return m_impl->asleep.load() ? StreamHealth::Unplugged : StreamHealth::Alive;
}

Result<std::vector<InputDevice>> pulseInputs() {
    auto session = PulseSession::connect();
    if (!session) return tl::unexpected(session.error());
    struct Found {
        std::vector<InputDevice> devices;
        std::string standard;
        int answers = 0;
    } found;
    {
        const PulseSession::Lock lock(**session);
        pa_operation_unref(pa_context_get_server_info((*session)->context(),
                                                      [](pa_context*, const pa_server_info* info, void* to) {
                                                          auto* f = static_cast<Found*>(to);
                                                          if (info != nullptr && info->default_source_name != nullptr)
                                                              f->standard = info->default_source_name;
                                                          ++f->answers;
                                                      },
                                                      &found));
        pa_operation_unref(pa_context_get_source_info_list(
            (*session)->context(),
            [](pa_context*, const pa_source_info* info, int last, void* to) {
                auto* f = static_cast<Found*>(to);
                if (last != 0) ++f->answers;
                if (last != 0 || info == nullptr || info->monitor_of_sink != PA_INVALID_INDEX) return;
                f->devices.push_back({PulseInput{info->name}, info->description});
            },
            &found));
    }
    (void)(*session)->waitFor([&found] { return found.answers == 2; }, kPatienceS);
    session->reset();  // nobody answers any more
    if (found.devices.empty())
        return fail(UPBEAT_TEXT("PulseAudio runs but hears no microphone"), "sound",
                    UPBEAT_TEXT("connect a microphone"));
    std::stable_partition(found.devices.begin(), found.devices.end(),
                          [&](const InputDevice& d) { return d.id == InputId(PulseInput{found.standard}); });
    return found.devices;
}

}  // namespace upbeat
