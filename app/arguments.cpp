#include "arguments.h"

#include <QApplication>
#include <QCommandLineParser>
#include <algorithm>
#include <cstdlib>
#include <string_view>

namespace upbeat {

Arguments readArguments(const QApplication& app) {
    QCommandLineParser parser;
    parser.setApplicationDescription(QObject::tr("Measures a drummer's practice takes against the click."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption demo(QStringLiteral("demo"),
                                  QObject::tr("start with the demo data, in a logbook of its own"));
    const QCommandLineOption dark(QStringLiteral("dark"), QObject::tr("start dark"));
    const QCommandLineOption shots(QStringLiteral("screenshots"),
                                   QObject::tr("save pictures of all places to a folder and end"),
                                   QStringLiteral("folder"));
    const QCommandLineOption data(QStringLiteral("data"), QObject::tr("keep logbook and settings in this folder"),
                                  QStringLiteral("folder"));
    const QCommandLineOption language(QStringLiteral("language"),
                                      QObject::tr("speak this language, as de, instead of the one that is set"),
                                      QStringLiteral("code"));
    const QCommandLineOption contrast(QStringLiteral("contrast"), QObject::tr("start with high contrast"));
    const QCommandLineOption scale(QStringLiteral("scale"), QObject::tr("everything larger, 100 to 300 percent"),
                                   QStringLiteral("percent"));
    parser.addOptions({demo, dark, contrast, scale, shots, data, language});
    parser.process(app);
    return {parser.isSet(demo),  parser.isSet(dark), parser.isSet(contrast),
            parser.value(shots), parser.value(data), parser.value(language)};
}

void scaleBefore(int argc, char** argv) {
    for (int i = 1; i + 1 < argc; ++i) {
        if (std::string_view(argv[i]) != "--scale") continue;
        const int percent = std::clamp(std::atoi(argv[i + 1]), 100, 300);
        qputenv("QT_SCALE_FACTOR", QByteArray::number(percent / 100.0));
    }
}

}  // namespace upbeat
