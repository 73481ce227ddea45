#pragma once

#include <QObject>
#include <functional>
#include <memory>

#include "shell/main_window.h"

namespace upbeat {

/// The window, made anew in its place when another language is chosen: everything in it is said once, when it is made.
class Windows : public QObject {
    Q_OBJECT
  public:
    explicit Windows(Studio& studio);
    [[nodiscard]] MainWindow& now() const { return *m_window; }

  private:
    void open();
    void change(const QString& language);
    void changeKeys();
    void openAnew(const std::function<void()>& between);

    Studio& m_studio;
    std::unique_ptr<MainWindow> m_window;
};

}  // namespace upbeat
