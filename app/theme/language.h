#pragma once

#include <QString>
#include <QStringList>

namespace upbeat {

/// The language of the window: texts, numbers and dates. English is always there, others where a translation lies
/// beside the program.
class Language {
  public:
    /// Codes in order of their own names, "en" among them.
    [[nodiscard]] static QStringList all();
    /// "Deutsch": what who speaks it calls it.
    [[nodiscard]] static QString nameOf(const QString& code);
    /// Everything made from now on speaks it; an empty code is the language of the desktop.
    static void speak(const QString& code);
    /// Where translations lie.
    [[nodiscard]] static QString folder();
};

}  // namespace upbeat
