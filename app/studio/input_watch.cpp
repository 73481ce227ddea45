#include "studio/input_watch.h"

#include <utility>

namespace upbeat {

InputWatch::InputWatch(const With& with) : m_with(with) {
    constexpr int kAgainMs = 2000;
    m_again.setInterval(kAgainMs);
    connect(&m_again, &QTimer::timeout, this, &InputWatch::lookAgain);
    connect(&m_with.input, &AudioInput::opened, this, &InputWatch::cameBack);
    connect(&m_with.input, &AudioInput::failed, this, [this](const Error& error) {
        if (!m_isAway) m_with.notices.complain(error);
        m_isAway = true;
    });
    connect(&m_with.setup, &Setup::changed, this, [this] {
        if (m_with.run.state() == TakeRun::State::Idle && m_with.setup.settings().input != m_wanted) open();
    });
    m_again.start();
}

void InputWatch::open() {
    m_wanted = m_with.setup.settings().input;
    m_isAway = false;
    if (const auto opened = m_with.input.open(m_wanted); !opened) {
        m_isAway = true;
        m_with.notices.complain(opened.error());
    }
}

bool InputWatch::isReady() {
    if (m_with.input.isAlive()) return true;
    if (!m_with.input.isOpening()) {
        const auto opened = m_with.input.open(m_wanted);
        if (!opened) m_with.notices.complain(opened.error());
        m_isAway = !opened;
    }
    if (m_with.input.isOpening()) m_with.notices.say(tr("The input is being opened: a moment."));
    return m_with.input.isAlive();
}

void InputWatch::tellOfSilence() {
    if (m_with.input.hasOutput() || std::exchange(m_toldOfSilence, true)) return;
    m_with.notices.say(tr("There is no sound output here: the click and all you listen to are silent."));
}

void InputWatch::takeEnded() {
    if (m_with.setup.settings().input != m_wanted) open();
}

/// Quietly, for why it is away has been said, and without waiting: nobody has asked for it.
void InputWatch::lookAgain() {
    if (m_with.input.isOpening() || m_with.run.state() != TakeRun::State::Idle) return;
    if (isThere()) return cameBack();  // plugged in again, while its stream went on
    m_isAway = true;
    if (m_with.input.isAlive()) return;
    (void)m_with.input.open(m_wanted, 0);
}

void InputWatch::cameBack() {
    if (!std::exchange(m_isAway, false)) return;
    m_with.notices.say(tr("%1 is there again.").arg(m_with.input.name()));
    Q_EMIT back();
}

}  // namespace upbeat
