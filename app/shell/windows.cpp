#include "shell/windows.h"

#include "place/key_map.h"
#include "theme/language.h"

namespace upbeat {

Windows::Windows(Studio& studio) : m_studio(studio) {
    KeyMap::now().fromSettings(m_studio.setup().settings().ownKeys);
    open();
}

void Windows::open() {
    m_window = std::make_unique<MainWindow>(m_studio);
    // Queued: the dialog that asks belongs to the window that goes.
    connect(m_window.get(), &MainWindow::languageChosen, this, &Windows::change, Qt::QueuedConnection);
    connect(m_window.get(), &MainWindow::keysChosen, this, &Windows::changeKeys, Qt::QueuedConnection);
}

void Windows::changeKeys() {
    PracticeSettings settings = m_studio.setup().settings();
    settings.ownKeys = KeyMap::now().toSettings();
    m_studio.setup().change(settings);
    openAnew([] {});
}

void Windows::change(const QString& language) {
    PracticeSettings settings = m_studio.setup().settings();
    settings.language = language;
    m_studio.setup().change(settings);
    openAnew([&language] { Language::speak(language); });
}

/// In its place, as it stood, once `between` has happened.
void Windows::openAnew(const std::function<void()>& between) {
    const QByteArray geometry = m_window->saveGeometry();
    const int place = m_window->current();
    const bool isVisible = m_window->isVisible();
    m_window->guide()->leave();
    m_window.reset();
    between();
    open();
    m_window->restoreGeometry(geometry);
    m_window->go(place);
    if (isVisible) m_window->show();
}

}  // namespace upbeat
