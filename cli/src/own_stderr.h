#pragma once

#include <string>

namespace upbeat::cli {

/// Keeps standard error for the program's own lines: what libraries print while it lives goes nowhere.
class OwnStderr {
  public:
    OwnStderr();
    ~OwnStderr();
    OwnStderr(const OwnStderr&) = delete;
    OwnStderr& operator=(const OwnStderr&) = delete;

    /// One line on the real standard error, wherever file descriptor 2 leads.
    static void line(const std::string& text);

  private:
    static int s_real;
};

}  // namespace upbeat::cli
