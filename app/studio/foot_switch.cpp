#include "studio/foot_switch.h"

#include <QCoreApplication>
#include <QKeyEvent>

namespace upbeat {

namespace {

const QString kSwitch = QStringLiteral("footSwitch");
constexpr int kFirstMidi = 0x40000000;  // above all keys
constexpr int kPollMs = 16;

bool isModifier(int key) {
    return key == Qt::Key_Shift || key == Qt::Key_Control || key == Qt::Key_Alt || key == Qt::Key_Meta ||
           key == Qt::Key_AltGr || key == Qt::Key_unknown;
}

}  // namespace

FootSwitch::FootSwitch(Setup& setup, AudioInput& input) : m_setup(setup), m_input(input) {
    m_poll.setInterval(kPollMs);
    connect(&m_poll, &QTimer::timeout, this, &FootSwitch::pollMidi);
    if (known() >= kFirstMidi) m_poll.start();
    if (auto* app = QCoreApplication::instance()) app->installEventFilter(this);
}

FootSwitch::~FootSwitch() {
    if (auto* app = QCoreApplication::instance()) app->removeEventFilter(this);
}

int FootSwitch::known() const {
    return m_setup.recall(kSwitch);
}

bool FootSwitch::isKnown() const {
    return known() != 0;
}

void FootSwitch::forget() {
    m_setup.forget(kSwitch);
    m_poll.stop();
}

void FootSwitch::learn() {
    m_isLearning = true;
    (void)m_input.engine().newSwitch();  // what was pressed before
    m_poll.start();
}

void FootSwitch::take(int code) {
    m_isLearning = false;
    m_setup.remember(kSwitch, code);
    if (code < kFirstMidi) m_poll.stop();
    Q_EMIT learned();
}

void FootSwitch::pollMidi() {
    const int number = m_input.engine().newSwitch();
    if (number == 0) return;
    if (m_isLearning)
        take(kFirstMidi + number);
    else if (known() == kFirstMidi + number)
        Q_EMIT pressed();
}

/// Where something is written a letter is a letter.
bool FootSwitch::isWriting(const QObject& widget) {
    return widget.inherits("QLineEdit") || widget.inherits("QAbstractSpinBox") || widget.inherits("QTextEdit");
}

/// A key press comes first as a question whether it is a shortcut.
bool FootSwitch::eventFilter(QObject* watched, QEvent* event) {
    const bool isAsked = event->type() == QEvent::ShortcutOverride;
    if (!isAsked && event->type() != QEvent::KeyPress) return QObject::eventFilter(watched, event);
    const auto* key = static_cast<QKeyEvent*>(event);
    const bool isMine = m_isLearning ? !isModifier(key->key()) : known() == key->key() && isKnown();
    if (!isMine || !watched->isWidgetType() || isWriting(*watched)) return QObject::eventFilter(watched, event);
    event->accept();
    if (isAsked) return true;
    if (key->isAutoRepeat()) return true;
    if (!m_isLearning)
        Q_EMIT pressed();
    else if (key->key() == Qt::Key_Escape)
        m_isLearning = false;
    else
        take(key->key());
    return true;
}

}  // namespace upbeat
