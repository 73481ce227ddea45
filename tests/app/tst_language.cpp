// German and Spanish: complete, fitting, and changed at once.
#include <QComboBox>
#include <QRegularExpression>
#include <QXmlStreamReader>

#include "shell/help_sheet.h"
#include "shell/windows.h"
#include "text_recorder.h"
#include "theme/language.h"
#include "walk.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

const QString kFolder = QStringLiteral(UPBEAT_BINARY_DIR "/share/upbeat-check/translations");

/// The places for arguments in a text, in order of their numbers.
QStringList holes(const QString& text) {
    static const QRegularExpression kHole(QStringLiteral("%L?([0-9n])"));
    QStringList found;
    auto all = kHole.globalMatch(text);
    while (all.hasNext()) found << all.next().captured(1);
    found.sort();
    return found;
}

struct Message {
    QString source;
    QString translation;
    bool isFinished = true;
};

QList<Message> messagesOf(const QString& language) {
    QFile file(QStringLiteral(UPBEAT_SOURCE_DIR "/translations/upbeat-check_%1.ts").arg(language));
    if (!file.open(QIODevice::ReadOnly)) qFatal("no translation");
    QXmlStreamReader xml(&file);
    QList<Message> messages;
    while (!xml.atEnd()) {
        xml.readNext();
        if (!xml.isStartElement()) continue;
        if (xml.name() == QStringLiteral("source")) messages.append({xml.readElementText(), {}, true});
        if (xml.name() == QStringLiteral("translation")) {
            messages.last().isFinished = !xml.attributes().hasAttribute(QStringLiteral("type"));
            messages.last().translation = xml.readElementText(QXmlStreamReader::IncludeChildElements).trimmed();
        }
    }
    return messages;
}

}  // namespace

class TestLanguage : public QObject {
    Q_OBJECT
    QStringList m_wrong;

    void look(const Desk& desk, const QString& where) {
        QCoreApplication::processEvents();
        // A title is what its player has written; the line for it rolls.
        const QString title = QString::fromStdString(desk.studio->stand().exercise().title);
        for (const PaintedText& painted : TextRecorder::textsOf(*desk.window))
            if (painted.isCutOff && !painted.text.startsWith(title))
                m_wrong << QStringLiteral("%1: \"%2\" is cut off").arg(where, painted.text);
        if (const QString pictures = qEnvironmentVariable("UPBEAT_PICTURES"); !pictures.isEmpty())
            desk.window->grab().save(
                QStringLiteral("%1/%2-%3.png").arg(pictures, QLatin1String(QTest::currentDataTag()), where));
    }

  private Q_SLOTS:
    void initTestCase() {
        QVERIFY(lookAsShipped());
        QVERIFY2(QFile::exists(kFolder + QStringLiteral("/upbeat-check_de.qm")), "build upbeat-check first");
    }
    void cleanup() { Language::speak(QStringLiteral("en")); }

    void everyTextIsTranslated_data() {
        QTest::addColumn<QString>("language");
        for (const char* language : {"de", "es"}) QTest::newRow(language) << QString::fromLatin1(language);
    }
    void everyTextIsTranslated() {
        QFETCH(QString, language);
        const auto messages = messagesOf(language);
        QVERIFY(messages.size() > 1600);
        for (const Message& message : messages) {
            QVERIFY2(message.isFinished && !message.translation.isEmpty(), qPrintable(message.source));
            if (message.source.contains(QStringLiteral("%n"))) continue;  // one form for each number
            QVERIFY2(holes(message.source) == holes(message.translation), qPrintable(message.translation));
        }
    }

    void allPlacesFit_data() { everyTextIsTranslated_data(); }
    void allPlacesFit() {
        QFETCH(QString, language);
        m_wrong.clear();
        Language::speak(language);
        walkThrough([this](const Desk& desk, const QString& where) { look(desk, where); });
        QVERIFY2(m_wrong.isEmpty(), qPrintable(m_wrong.join(QLatin1Char('\n'))));
    }

    void numbersAndDatesAreItsOwn() {
        Language::speak(QStringLiteral("de"));
        QCOMPARE(tempoInWords(96.5), QStringLiteral("96,5"));
        QCOMPARE(QLocale().toString(QDate(2026, 12, 1), QStringLiteral("dddd")), QStringLiteral("Dienstag"));
        QCOMPARE(inWords(words::nameOf(Voice::Kick)), QStringLiteral("Bassdrum"));
        Language::speak(QStringLiteral("es"));
        QCOMPARE(inWords(words::nameOf(Voice::Kick)), QStringLiteral("bombo"));
        QCOMPARE(counted(3, UPBEAT_TEXT("1 take"), UPBEAT_TEXT_N("%n takes")), QStringLiteral("3 tomas"));
        Language::speak(QStringLiteral("en"));
        QCOMPARE(tempoInWords(96.5), QStringLiteral("96.5"));
        QCOMPARE(inWords(words::nameOf(Voice::Kick)), QStringLiteral("bass drum"));
    }

    /// In the help, and the window speaks it where it stands.
    void itIsChangedAtOnce() {
        Language::speak(QStringLiteral("en"));
        const QTemporaryDir dir;
        StudioOptions options;
        options.dataFolder = dir.path().toStdString();
        options.settingsFile = dir.filePath(QStringLiteral("settings.ini"));
        options.simulatedSpeed = 40;
        const auto opened = Studio::open(options);
        QVERIFY(opened);
        Studio& studio = **opened;
        const Windows windows(studio);
        windows.now().show();
        windows.now().go(MainWindow::Climb);
        QVERIFY(QTest::qWaitForWindowActive(&windows.now()));
        const MainWindow* before = &windows.now();
        answer<HelpSheet>([](HelpSheet* sheet) {
            auto* box = qobject_cast<QComboBox*>(sheet->tabs()->cornerWidget());
            const int german = box->findData(QStringLiteral("de"));
            QVERIFY(german > 0 && box->itemText(german) == QStringLiteral("Deutsch"));
            box->setCurrentIndex(german);
            Q_EMIT box->activated(german);
        });
        QTest::keyClick(&windows.now(), Qt::Key_F1);
        QTRY_VERIFY(&windows.now() != before);
        QCOMPARE(windows.now().current(), static_cast<int>(MainWindow::Climb));
        QVERIFY(windows.now().isVisible());
        QCOMPARE(Spine::names().front(), QStringLiteral("Vorbereiten"));
        QCOMPARE(studio.setup().settings().language, QStringLiteral("de"));
    }
};

QTEST_MAIN(TestLanguage)
#include "tst_language.moc"
