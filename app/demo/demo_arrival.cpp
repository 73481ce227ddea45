#include "demo/demo_arrival.h"

#include <QMetaObject>

#include "studio/notices.h"

namespace upbeat {

DemoArrival::DemoArrival(Scenario scenario, DemoSite site, QObject* parent)
    : QObject(parent), m_scenario(std::move(scenario)), m_site(std::move(site)) {}

DemoArrival::~DemoArrival() {
    m_stop = true;
    if (m_thread.joinable()) m_thread.join();
}

void DemoArrival::start() {
    m_thread = std::thread([this] {
        const auto tell = [this](const DemoProgress& progress) {
            QMetaObject::invokeMethod(
                this, [this, progress] { Q_EMIT arrived(progress); }, Qt::QueuedConnection);
        };
        const auto built = buildDemo(m_scenario, m_site, tell, m_stop);
        const QString sentence = built ? QString() : sentenceOf(built.error());
        QMetaObject::invokeMethod(
            this, [this, sentence] { Q_EMIT finished(sentence); }, Qt::QueuedConnection);
    });
}

}  // namespace upbeat
