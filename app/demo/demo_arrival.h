#pragma once

#include <QObject>
#include <thread>

#include "demo/demo_builder.h"

namespace upbeat {

/// The demo's two weeks as they arrive while the window is open already: builds on threads of its own and tells the
/// window's. Ends them when it goes.
class DemoArrival : public QObject {
    Q_OBJECT
  public:
    DemoArrival(Scenario scenario, DemoSite site, QObject* parent = nullptr);
    ~DemoArrival() override;
    void start();

  Q_SIGNALS:
    void arrived(const upbeat::DemoProgress& progress);
    /// All is there, or was stopped; `sentence` says what went wrong, where something did.
    void finished(const QString& sentence);

  private:
    Scenario m_scenario;
    DemoSite m_site;
    std::atomic<bool> m_stop{false};
    std::thread m_thread;
};

}  // namespace upbeat
