#include "place/key_map.h"

namespace upbeat {

KeyMap& KeyMap::now() {
    static KeyMap map;
    return map;
}

QKeySequence KeyMap::of(const QKeySequence& standard) const {
    const auto own = m_own.constFind(standard.toString());
    return own == m_own.constEnd() ? standard : QKeySequence(*own);
}

void KeyMap::set(const QKeySequence& standard, const QKeySequence& own) {
    if (own.isEmpty() || own == standard)
        m_own.remove(standard.toString());
    else
        m_own.insert(standard.toString(), QKeySequence(own[0]).toString());
}

QStringList KeyMap::toSettings() const {
    QStringList pairs;
    for (auto key = m_own.constBegin(); key != m_own.constEnd(); ++key)
        pairs << key.key() + QLatin1Char('=') + key.value();
    return pairs;
}

void KeyMap::fromSettings(const QStringList& pairs) {
    m_own.clear();
    for (const QString& pair : pairs) {
        const auto at = pair.indexOf(QLatin1Char('='), 1);  // "=" itself is a key
        if (at > 0) set(QKeySequence(pair.left(at)), QKeySequence(pair.mid(at + 1)));
    }
}

}  // namespace upbeat
