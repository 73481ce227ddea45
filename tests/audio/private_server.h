#pragma once

#include <signal.h>
#include <sys/prctl.h>

#include <QProcess>
#include <QTest>

namespace upbeat::test {

/// A server of a test's own, which ends with the test however that ends: one that is left behind holds what the next
/// one needs.
class PrivateServer : public QProcess {
  public:
    PrivateServer() {
        setProcessChannelMode(QProcess::MergedChannels);
        setChildProcessModifier([] { (void)::prctl(PR_SET_PDEATHSIG, SIGTERM); });
    }
    void stop() {
        if (state() == QProcess::NotRunning) return;
        terminate();
        if (!waitForFinished(10000)) kill();
    }
    /// Stops it for a while, as a busy machine would.
    void stall(int ms) const {
        const auto id = static_cast<pid_t>(processId());
        (void)::kill(id, SIGSTOP);
        QTest::qSleep(ms);
        (void)::kill(id, SIGCONT);
    }
};

}  // namespace upbeat::test
