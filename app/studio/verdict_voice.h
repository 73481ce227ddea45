#pragma once

#include <QObject>

#include "studio/recorder.h"
#include "studio/speaker.h"

namespace upbeat {

/// What is heard of a verdict: its tone and, if wanted, a few words, which are spoken into memory while the take runs.
class VerdictVoice : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const Setup& setup;
        const Stand& stand;
        const Recorder& recorder;
        AudioInput& input;
        Speaker& speaker;
    };
    explicit VerdictVoice(const With& with);

    [[nodiscard]] Sound of(const Verdict& verdict) const;

  private:
    void prepareCount();
    void prepareVerdicts();

    With m_with;
};

}  // namespace upbeat
