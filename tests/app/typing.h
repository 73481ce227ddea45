#pragma once

#include "prepare/prepare_place.h"
#include "stage.h"

namespace upbeat::test {

/// Types as a person does: letters for hands, capitals with Shift, "(" a ghost with Alt, and named keys between < and
/// >.
inline void type(const Desk& desk, const QString& keys) {
    for (qsizetype i = 0; i < keys.size(); ++i) {
        const QChar c = keys.at(i);
        if (c == QLatin1Char('<') && keys.indexOf(QLatin1Char('>'), i) > 0) {
            const qsizetype end = keys.indexOf(QLatin1Char('>'), i);
            const QKeySequence sequence(keys.mid(i + 1, end - i - 1));
            desk.key(sequence[0].key(), sequence[0].keyboardModifiers());
            i = end;
        } else if (c == QLatin1Char('(')) {
            desk.key(static_cast<Qt::Key>(keys.at(++i).toUpper().unicode()), Qt::AltModifier);
        } else if (c.isLetter()) {
            desk.key(static_cast<Qt::Key>(c.toUpper().unicode()), c.isUpper() ? Qt::ShiftModifier : Qt::NoModifier);
        } else {
            desk.key(static_cast<Qt::Key>(c.unicode()));
        }
    }
}

inline PreparePlace* prepareOf(const Desk& desk) {
    return qobject_cast<PreparePlace*>(desk.window->place(MainWindow::Prepare));
}

}  // namespace upbeat::test
