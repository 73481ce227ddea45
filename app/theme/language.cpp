#include "theme/language.h"

#include <QCoreApplication>
#include <QDir>
#include <QLibraryInfo>
#include <QLocale>
#include <QTranslator>
#include <algorithm>
#include <memory>
#include <vector>

namespace upbeat {

namespace {

const QString& prefix() {
    static const QString kPrefix = QStringLiteral("upbeat-check_");
    return kPrefix;
}

/// Those that are installed now.
std::vector<std::unique_ptr<QTranslator>>& translators() {
    static std::vector<std::unique_ptr<QTranslator>> installed;
    return installed;
}

void install(const QString& file, const QString& folder) {
    auto translator = std::make_unique<QTranslator>();
    if (!translator->load(file, folder)) return;
    QCoreApplication::installTranslator(translator.get());
    translators().push_back(std::move(translator));
}

}  // namespace

QString Language::folder() {
    return QCoreApplication::applicationDirPath() + QStringLiteral("/../share/upbeat-check/translations");
}

QStringList Language::all() {
    QStringList codes{QStringLiteral("en")};
    for (const QString& file : QDir(folder()).entryList({prefix() + QStringLiteral("*.qm")}, QDir::Files))
        codes << file.mid(prefix().size()).chopped(3);
    std::sort(codes.begin(), codes.end(), [](const QString& a, const QString& b) { return nameOf(a) < nameOf(b); });
    return codes;
}

QString Language::nameOf(const QString& code) {
    QString name = QLocale(code).nativeLanguageName();
    if (code == QStringLiteral("en")) name = QStringLiteral("English");  // not of any one country
    if (code == QStringLiteral("es")) name = QStringLiteral("español");
    return name.left(1).toUpper() + name.mid(1);
}

void Language::speak(const QString& code) {
    for (const auto& translator : translators()) QCoreApplication::removeTranslator(translator.get());
    translators().clear();
    const QLocale locale = code.isEmpty() ? QLocale::system() : QLocale(code);
    QLocale::setDefault(locale);
    const QString spoken = locale.name().section(QLatin1Char('_'), 0, 0);
    if (spoken == QStringLiteral("en")) return;
    install(QStringLiteral("qtbase_") + spoken, QLibraryInfo::path(QLibraryInfo::TranslationsPath));
    install(prefix() + spoken, folder());
}

}  // namespace upbeat
