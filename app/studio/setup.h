#pragma once

#include <QObject>

#include "studio/settings.h"

namespace upbeat {

/// What the player has set, and small things that outlive the program. Kept in an INI file as soon as they change.
class Setup : public QObject {
    Q_OBJECT
  public:
    explicit Setup(const QString& file) : m_store(file, QSettings::IniFormat), m_settings(readSettings(m_store)) {}

    [[nodiscard]] const PracticeSettings& settings() const { return m_settings; }
    void change(const PracticeSettings& settings) {
        if (settings == m_settings) return;
        m_settings = settings;
        writeSettings(m_store, m_settings);
        Q_EMIT changed();
    }

    /// A number that is remembered under a name of its own; 0 where none is.
    [[nodiscard]] int recall(const QString& name) const { return m_store.value(name, 0).toInt(); }
    void remember(const QString& name, int number) { m_store.setValue(name, number); }
    void forget(const QString& name) { m_store.remove(name); }
    /// The same for a few values that belong together.
    [[nodiscard]] QVariantMap recallAll(const QString& name) const { return m_store.value(name).toMap(); }
    void rememberAll(const QString& name, const QVariantMap& values) { m_store.setValue(name, values); }

  Q_SIGNALS:
    void changed();

  private:
    QSettings m_store;
    PracticeSettings m_settings;
};

}  // namespace upbeat
