#pragma once

#include <QObject>
#include <QThreadPool>
#include <QTimer>
#include <functional>

#include "upbeat/audio/devices.h"

namespace upbeat {

using FindInputs = std::function<FoundInputs()>;

/// What there is to listen to besides the simulated player, and why a sound server cannot be used. Asked for on a
/// thread of its own, again and again while somebody looks: devices come and go.
class InputList : public QObject {
    Q_OBJECT
  public:
    explicit InputList(FindInputs find);
    ~InputList() override;

    [[nodiscard]] const FoundInputs& found() const { return m_found; }
    /// Whether it was ever answered.
    [[nodiscard]] bool isKnown() const { return m_isKnown; }
    void refresh();
    /// From now on by itself, every other second, or not any more.
    void keepFresh(bool on);

  Q_SIGNALS:
    void changed();

  private:
    void take(const FoundInputs& found);

    FindInputs m_find;
    FoundInputs m_found;
    bool m_isKnown = false;
    bool m_isAsking = false;
    QTimer m_again;
    QThreadPool m_pool;
};

}  // namespace upbeat
