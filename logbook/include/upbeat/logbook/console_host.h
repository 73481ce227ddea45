#pragma once

#include <memory>

class QCoreApplication;

namespace upbeat {

/// What Qt needs to find SQLite's driver in a program without a window; nothing where there is an application already.
class ConsoleHost {
  public:
    ConsoleHost();
    ~ConsoleHost();
    ConsoleHost(const ConsoleHost&) = delete;
    ConsoleHost& operator=(const ConsoleHost&) = delete;

  private:
    std::unique_ptr<QCoreApplication> m_application;
};

}  // namespace upbeat
