#pragma once

#include <QKeySequence>
#include <QMap>
#include <QString>
#include <QStringList>

namespace upbeat {

/// Keys of the player's own instead of those the program comes with, everywhere alike. Places ask it when they are
/// made.
class KeyMap {
  public:
    [[nodiscard]] static KeyMap& now();

    /// What is pressed where the program means this key.
    [[nodiscard]] QKeySequence of(const QKeySequence& standard) const;
    /// A key of one's own; the same or an empty one is the standard again.
    void set(const QKeySequence& standard, const QKeySequence& own);
    [[nodiscard]] bool isOwn(const QKeySequence& standard) const { return m_own.contains(standard.toString()); }

    /// "H=J" for every key that is another one: as settings keep them; what makes no sense is left out.
    [[nodiscard]] QStringList toSettings() const;
    void fromSettings(const QStringList& pairs);

  private:
    QMap<QString, QString> m_own;  // portable names
};

}  // namespace upbeat
