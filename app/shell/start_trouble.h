#pragma once

#include <QDialog>

#include "upbeat/units/error.h"

namespace upbeat {

/// Said in a window when the program cannot start with its folder, with the ways out there are.
class StartTrouble : public QDialog {
    Q_OBJECT
  public:
    enum class WayOut { Quit, OtherFolder, Rebuild };

    /// `canRebuild`: the logbook is damaged, and the recordings beside it can tell what was in it.
    StartTrouble(const Error& error, bool canRebuild, QWidget* parent = nullptr);

    /// What was chosen; to quit, where the window was closed.
    [[nodiscard]] WayOut wayOut() const { return m_wayOut; }

  private:
    void choose(WayOut wayOut);
    WayOut m_wayOut = WayOut::Quit;
};

}  // namespace upbeat
