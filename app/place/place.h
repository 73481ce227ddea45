#pragma once

#include <QList>
#include <QShortcut>
#include <QString>
#include <QWidget>
#include <functional>

#include "place/help_point.h"
#include "place/key_map.h"

namespace upbeat {

/// A key and what it does, as the footer and the help sheet show it.
struct KeyHint {
    QString key;
    QString what;
    QKeySequence standard{};  ///< What the program comes with; empty where it is no key that can be changed.
};

/// A key as it is shown: one of the player's own by its own name.
[[nodiscard]] inline KeyHint hintOf(const QKeySequence& sequence, const QString& shown, const QString& what) {
    const KeyMap& keys = KeyMap::now();
    return {keys.isOwn(sequence) ? keys.of(sequence).toString(QKeySequence::NativeText) : shown, what, sequence};
}

/// Keys that belong together, under their name.
struct KeySection {
    QString title;
    QList<KeyHint> keys;
};

/// Keys of what a place may open in itself: they work while it is open.
struct KeyGroup {
    std::function<bool()> isOn;
    QList<KeyHint> hints{};
};

/// One of the five places. A place shows the studio and tells it what the player wants.
class Place : public QWidget {
    Q_OBJECT
  public:
    using QWidget::QWidget;

    /// Keys that work here, most used first.
    [[nodiscard]] virtual QList<KeyHint> keys() const { return m_keys; }
    /// For the help sheet: keys of the place itself, and of what it may open in itself, by name.
    [[nodiscard]] virtual QList<KeySection> allKeys(const QString& name) const { return {{name, m_keys}}; }
    /// What there is to be seen here now, in the order in which it is looked at.
    [[nodiscard]] virtual QList<HelpPoint> helpPoints() const { return {}; }
    /// Called when the place comes to the front.
    virtual void enter() { setFocus(); }

  Q_SIGNALS:
    void keysChanged();

  protected:
    /// A key of this place: works whenever the focus is inside it, and is listed in footer and help.
    void addKey(const QKeySequence& sequence, const QString& shown, const QString& what, std::function<void()> action) {
        addHiddenKey(sequence, std::move(action));
        m_keys.append(hintOf(sequence, shown, what));
    }
    /// A key of a group, listed with it; one of two that are listed together has no name.
    void addKey(KeyGroup& group, const QKeySequence& sequence, const QString& shown, const QString& what,
                std::function<void()> action) {
        addHiddenKey(sequence, [isOn = group.isOn, action = std::move(action)] {
            if (isOn()) action();
        });
        if (!shown.isEmpty()) group.hints.append(hintOf(sequence, shown, what));
    }
    void addHiddenKey(const QKeySequence& sequence, std::function<void()> action) {
        auto* shortcut = new QShortcut(KeyMap::now().of(sequence), this);
        shortcut->setContext(Qt::WidgetWithChildrenShortcut);
        connect(shortcut, &QShortcut::activated, this, std::move(action));
    }

  private:
    QList<KeyHint> m_keys;
};

}  // namespace upbeat
