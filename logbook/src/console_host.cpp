#include "upbeat/logbook/console_host.h"

#include <QCoreApplication>

namespace upbeat {

ConsoleHost::ConsoleHost() {
    static int count = 1;
    static char name[] = "upbeat-check";
    static char* arguments[] = {name, nullptr};
    if (QCoreApplication::instance() == nullptr) m_application = std::make_unique<QCoreApplication>(count, arguments);
}

ConsoleHost::~ConsoleHost() = default;

}  // namespace upbeat
