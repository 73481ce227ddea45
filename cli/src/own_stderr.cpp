#include "own_stderr.h"

#include <fcntl.h>
#include <unistd.h>

#include <cstdio>

namespace upbeat::cli {

int OwnStderr::s_real = STDERR_FILENO;

OwnStderr::OwnStderr() {
    const int nowhere = ::open("/dev/null", O_WRONLY | O_CLOEXEC);
    if (nowhere < 0) return;
    std::fflush(stderr);
    if (const int kept = ::fcntl(STDERR_FILENO, F_DUPFD_CLOEXEC, STDERR_FILENO + 1); kept >= 0) {
        s_real = kept;
        (void)::dup2(nowhere, STDERR_FILENO);
    }
    ::close(nowhere);
}

OwnStderr::~OwnStderr() {
    if (s_real == STDERR_FILENO) return;
    (void)::dup2(s_real, STDERR_FILENO);
    ::close(s_real);
    s_real = STDERR_FILENO;
}

void OwnStderr::line(const std::string& text) {
    const std::string whole = text + "\n";
    (void)!::write(s_real, whole.data(), whole.size());
}

}  // namespace upbeat::cli
