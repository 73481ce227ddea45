#pragma once

#include <QApplication>
#include <QTimer>

#include "room.h"

#include "shell/main_window.h"
#include "theme/theme.h"

namespace upbeat::test {

inline Character faulty() {
    Character c;
    c.spreadMs = 3;
    c.habits = {{Beats(7, 4), std::nullopt, std::nullopt, std::nullopt, -26, 0, 1}};
    return c;
}

/// Fonts, style and colours as in the program; false where the fonts are missing.
inline bool lookAsShipped() {
    QApplication::setStyle(QStringLiteral("Fusion"));
    MainWindow::applyTheme(Theme::light());
    const bool loaded = loadFonts();
    QApplication::setFont(typeFace(Type::kText));
    return loaded;
}

/// Answers the next dialog of that kind, once it stands.
template <class Dialog>
void answer(const std::function<void(Dialog*)>& how) {
    auto* waiting = new QTimer(qApp);
    QObject::connect(waiting, &QTimer::timeout, qApp, [how, waiting] {
        auto* dialog = qobject_cast<Dialog*>(QApplication::activeModalWidget());
        if (dialog == nullptr) return;
        waiting->stop();
        waiting->deleteLater();
        how(dialog);
    });
    waiting->start(10);
}

struct Desk {
    QTemporaryDir dir;
    std::unique_ptr<Studio> studio;
    std::unique_ptr<MainWindow> window;

    explicit Desk(const Character& character = faulty()) { open(character); }
    void open(const Character& character) {
        studio = studioIn(dir, character);
        studio->stand().choose("paradiddle-accents");
        window = std::make_unique<MainWindow>(*studio);
        window->show();
        window->activateWindow();
        (void)QTest::qWaitForWindowActive(window.get());
    }
    void key(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) const {
        QWidget* target = window->focusWidget() != nullptr ? window->focusWidget() : window.get();
        QTest::keyClick(target, key, modifiers);
    }
    void playOne() const {
        key(Qt::Key_Space);
        QTRY_VERIFY_WITH_TIMEOUT(window->current() == MainWindow::Look && studio->review().take()->id > 0, 60000);
    }
    template <class Widget>
    [[nodiscard]] Widget* in(int place) const {
        return window->place(place)->findChild<Widget*>();
    }
};

}  // namespace upbeat::test
