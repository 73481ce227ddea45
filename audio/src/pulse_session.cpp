#include "pulse_session.h"

#include <chrono>
#include <thread>

namespace upbeat {

Result<std::unique_ptr<PulseSession>> PulseSession::connect() {
    constexpr int kPatienceS = 3;
    const auto noServer = [] {
        return fail(UPBEAT_TEXT("no PulseAudio server answers"), "sound",
                    UPBEAT_TEXT("start it, or choose another input"));
    };
    std::unique_ptr<PulseSession> session(new PulseSession());
    session->m_loop = pa_threaded_mainloop_new();
    if (session->m_loop == nullptr) return noServer();
    session->m_context = pa_context_new(pa_threaded_mainloop_get_api(session->m_loop), "Upbeat Check");
    if (session->m_context == nullptr || pa_threaded_mainloop_start(session->m_loop) != 0) return noServer();
    {
        const Lock lock(*session);
        // A program that measures must not start a sound server behind the user's back.
        if (pa_context_connect(session->m_context, nullptr, PA_CONTEXT_NOAUTOSPAWN, nullptr) < 0) return noServer();
    }
    const auto answered = [&] {
        return session->isGone() || pa_context_get_state(session->m_context) == PA_CONTEXT_READY;
    };
    if (!session->waitFor(answered, kPatienceS) || session->isGone()) return noServer();
    return session;
}

PulseSession::~PulseSession() {
    if (m_loop == nullptr) return;
    {
        const Lock lock(*this);
        if (m_context != nullptr) {
            pa_context_disconnect(m_context);
            pa_context_unref(m_context);
        }
    }
    pa_threaded_mainloop_stop(m_loop);
    pa_threaded_mainloop_free(m_loop);
}

bool PulseSession::waitFor(const std::function<bool()>& done, int seconds) const {
    constexpr int kStepMs = 10;
    for (int left = 1000 * seconds / kStepMs; left > 0; --left) {
        {
            const Lock lock(*this);
            if (done()) return true;
        }
        std::this_thread::sleep_for(std::chrono::milliseconds(kStepMs));
    }
    return false;
}

}  // namespace upbeat
