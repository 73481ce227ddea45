// Kills the program in every state it can be in and looks at what is left; see scripts/crash-test.
#include <QApplication>

#include "crash.h"
#include "keep.h"

int main(int argc, char** argv) {
    using namespace upbeat::crash;
    QApplication app(argc, argv);
    const QStringList words = app.arguments();
    const auto word = [&words](int i) { return words.value(i); };
    if (word(1) == QStringLiteral("practise")) return practise(word(2), word(3).toUInt());
    if (word(1) == QStringLiteral("demo")) return makeDemo(word(2));
    if (word(1) == QStringLiteral("judge")) return judge(word(2));
    if (word(1) == QStringLiteral("drive")) return drive(word(2).toInt(), word(3).toUInt());
    if (word(1) == QStringLiteral("keep"))
        return keep({word(2).toStdString()}, static_cast<Keeping>(word(3).toInt()), word(4).toUInt());
    if (word(1) == QStringLiteral("drive-keeping")) return driveKeeping(word(2).toInt(), word(3).toUInt());
    qWarning("use: upbeat-crash drive|drive-keeping KILLS SEED");
    return 2;
}
