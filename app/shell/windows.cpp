#include "shell/windows.h"

#include "theme/language.h"

namespace upbeat {

Windows::Windows(Studio& studio) : m_studio(studio) {
    open();
}

void Windows::open() {
    m_window = std::make_unique<MainWindow>(m_studio);
    // Queued: the dialog that asks belongs to the window that goes.
    connect(m_window.get(), &MainWindow::languageChosen, this, &Windows::change, Qt::QueuedConnection);
}

void Windows::change(const QString& language) {
    PracticeSettings settings = m_studio.setup().settings();
    settings.language = language;
    m_studio.setup().change(settings);
    const QByteArray geometry = m_window->saveGeometry();
    const int place = m_window->current();
    const bool isVisible = m_window->isVisible();
    m_window->guide()->leave();
    m_window.reset();
    Language::speak(language);
    open();
    m_window->restoreGeometry(geometry);
    m_window->go(place);
    if (isVisible) m_window->show();
}

}  // namespace upbeat
