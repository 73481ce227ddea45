#include "theme/words.h"

#include <QCoreApplication>

namespace upbeat {

namespace {

/// Qt puts the number in by itself, also where it knows no translation: then the source is given back as it is.
std::string translated(const char* source, std::optional<int> number) {
    const QString text = QCoreApplication::translate("Words", source, nullptr, number.value_or(-1));
    const QString untranslated =
        QString::fromUtf8(source).replace(QLatin1String("%n"), QString::number(number.value_or(-1)));
    return text == untranslated ? source : text.toStdString();
}

}  // namespace

const Translate& tongue() {
    static const Translate translate = translated;
    return translate;
}

}  // namespace upbeat
