#pragma once

#include <QObject>

#include "studio/taking_apart.h"

namespace upbeat {

/// Does what verdicts ask for: once, and only on the exercise they were given for; a timer, a key or hands-free
/// practice may have gone on meanwhile.
class NextSteps : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const Review& review;
        Stand& stand;
        TakingApart& takingApart;
        Setup& setup;
        Notices& notices;
    };
    explicit NextSteps(const With& with);

    /// What the verdict on the open take asks for, while it can be followed: it has not been, it is the newest word on
    /// its exercise, and that exercise is on the stand. Null otherwise.
    [[nodiscard]] const NextStep* now() const;
    /// Follows it, or says that there is none.
    void accept();
    void follow(const NextStepPtr& step);
    /// What the last step did is undone, if it was the last thing that happened to the page.
    void takeBack();

  Q_SIGNALS:
    void changed();

  private:
    /// Before the last step.
    struct Before {
        std::string exerciseId;
        double tempoBpm = 0;
        std::optional<int> stage;
        SilentBars silent;
    };

    void goTo(const Verdict& verdict);
    void clickAs(const SilentBars& click);

    With m_with;
    std::optional<Before> m_before;
};

}  // namespace upbeat
