#pragma once

#include <QList>
#include <QString>

namespace upbeat {

/// A word of the program and what it means, as docs/measures.md defines it.
struct Term {
    QString word;
    QString meaning;
};

/// In the order in which they are needed.
[[nodiscard]] QList<Term> glossary();

}  // namespace upbeat
