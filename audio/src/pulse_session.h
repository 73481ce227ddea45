#pragma once

#include <pulse/pulseaudio.h>

#include <functional>
#include <memory>

#include "upbeat/units/error.h"

namespace upbeat {

/// A connection to the PulseAudio server, with the loop that it lives on.
class PulseSession {
  public:
    /// An error where no server answers; none is started.
    [[nodiscard]] static Result<std::unique_ptr<PulseSession>> connect();
    ~PulseSession();
    PulseSession(const PulseSession&) = delete;
    PulseSession& operator=(const PulseSession&) = delete;

    class Lock {
      public:
        explicit Lock(const PulseSession& session) : m_loop(session.m_loop) { pa_threaded_mainloop_lock(m_loop); }
        ~Lock() { pa_threaded_mainloop_unlock(m_loop); }
        Lock(const Lock&) = delete;
        Lock& operator=(const Lock&) = delete;

      private:
        pa_threaded_mainloop* m_loop;
    };

    [[nodiscard]] pa_context* context() const { return m_context; }
    /// Waits with the lock, which it takes, until `done` holds, or for the seconds.
    [[nodiscard]] bool waitFor(const std::function<bool()>& done, int seconds) const;
    [[nodiscard]] bool isGone() const { return !PA_CONTEXT_IS_GOOD(pa_context_get_state(m_context)); }

  private:
    PulseSession() = default;

    pa_threaded_mainloop* m_loop = nullptr;
    pa_context* m_context = nullptr;
};

}  // namespace upbeat
