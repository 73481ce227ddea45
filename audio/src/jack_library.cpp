#include "jack_library.h"

#include <dlfcn.h>

#include <optional>

namespace upbeat {

namespace {

// The sanitizers refuse a library that looks for its own symbols first.
#if defined(__SANITIZE_ADDRESS__) || defined(__SANITIZE_THREAD__)
constexpr int kApart = 0;
#else
constexpr int kApart = RTLD_DEEPBIND;
#endif

void silent(const char* /*message*/) {}

class Loader {
  public:
    explicit Loader(void* library) : m_library(library) {}
    template <class Function>
    void operator()(Function*& function, const char* name) {
        function = reinterpret_cast<Function*>(dlsym(m_library, name));
        m_all = m_all && function != nullptr;
    }
    [[nodiscard]] bool hasAll() const { return m_all; }

  private:
    void* m_library;
    bool m_all = true;
};

std::optional<JackLibrary> load() {
    void* library = dlopen("libjack.so.0", RTLD_NOW | RTLD_LOCAL | kApart);  // never closed: its threads may linger
    if (library == nullptr) return std::nullopt;
    Loader get(library);
    JackLibrary jack;
    get(jack.clientOpen, "jack_client_open");
    get(jack.clientClose, "jack_client_close");
    get(jack.getPorts, "jack_get_ports");
    get(jack.free, "jack_free");
    get(jack.portRegister, "jack_port_register");
    get(jack.portConnected, "jack_port_connected");
    get(jack.portGetBuffer, "jack_port_get_buffer");
    get(jack.portName, "jack_port_name");
    get(jack.connect, "jack_connect");
    get(jack.activate, "jack_activate");
    get(jack.deactivate, "jack_deactivate");
    get(jack.lastFrameTime, "jack_last_frame_time");
    get(jack.framesSinceCycleStart, "jack_frames_since_cycle_start");
    get(jack.getSampleRate, "jack_get_sample_rate");
    get(jack.getBufferSize, "jack_get_buffer_size");
    get(jack.midiGetEventCount, "jack_midi_get_event_count");
    get(jack.midiEventGet, "jack_midi_event_get");
    get(jack.setProcessCallback, "jack_set_process_callback");
    get(jack.setSampleRateCallback, "jack_set_sample_rate_callback");
    get(jack.setPortConnectCallback, "jack_set_port_connect_callback");
    get(jack.onShutdown, "jack_on_shutdown");
    get(jack.setErrorFunction, "jack_set_error_function");
    get(jack.setInfoFunction, "jack_set_info_function");
    if (!get.hasAll()) return std::nullopt;
    jack.setErrorFunction(silent);
    jack.setInfoFunction(silent);
    return jack;
}

}  // namespace

const JackLibrary* JackLibrary::find() {
    static const std::optional<JackLibrary> library = load();
    return library ? &*library : nullptr;
}

}  // namespace upbeat
