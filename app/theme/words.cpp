#include "theme/words.h"

#include <QCoreApplication>
#include <QLocale>
#include <QRegularExpression>
#include <cmath>

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

QString withOwnNumbers(QString text) {
    static const QRegularExpression kDecimal(QStringLiteral("(?<=[0-9])[.](?=[0-9])"));
    const QString point = QLocale().decimalPoint();
    return point == QLatin1String(".") ? text : text.replace(kDecimal, point);
}

QString inWords(const Text& text) {
    return withOwnNumbers(QString::fromStdString(text.said(tongue())));
}

QString tempoInWords(double bpm) {
    return withOwnNumbers(QString::fromStdString(words::tempo(bpm)));
}

QString tenths(double value) {
    constexpr double kTenth = 10;
    const double rounded = std::round(value * kTenth) / kTenth;
    return QLocale().toString(rounded == 0 ? 0.0 : rounded, 'f', 1);
}

}  // namespace upbeat
