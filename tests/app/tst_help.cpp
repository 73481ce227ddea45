// The help that knows the place, the words, and the guided first take.
#include <QTabWidget>

#include "shell/glossary.h"
#include "shell/help_sheet.h"
#include "stage.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// Opens the help with F1 and looks at it.
void withHelp(const Desk& desk, const std::function<void(HelpSheet*)>& look) {
    bool seen = false;
    answer<HelpSheet>([&](HelpSheet* sheet) {
        look(sheet);
        seen = true;
        sheet->accept();
    });
    desk.key(Qt::Key_F1);
    QVERIFY(seen);
}

QStringList textsOf(const QWidget* widget) {
    QStringList texts;
    for (const QLabel* label : widget->findChildren<QLabel*>()) texts << label->text();
    return texts;
}

}  // namespace

class TestHelp : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    void itKnowsThePlace_data() {
        QTest::addColumn<int>("place");
        QTest::addColumn<QString>("says");
        QTest::newRow("prepare") << int(MainWindow::Prepare) << "The page on the stand";
        QTest::newRow("play") << int(MainWindow::Play) << "The count. First comes a count-in";
        QTest::newRow("look") << int(MainWindow::Look) << "All your strokes";
        QTest::newRow("climb") << int(MainWindow::Climb) << "The ladder of this page";
        QTest::newRow("log") << int(MainWindow::Log) << "Every take by day";
    }
    void itKnowsThePlace() {
        QFETCH(int, place);
        QFETCH(QString, says);
        const Desk desk;
        desk.playOne();
        desk.window->go(place);
        QCoreApplication::processEvents();
        const Place* here = desk.window->place(place);
        for (const HelpPoint& point : here->helpPoints())
            QVERIFY2(point.where.isEmpty() || here->rect().contains(point.where.center()), qPrintable(point.what));
        withHelp(desk, [&](HelpSheet* sheet) {
            const QWidget* first = sheet->tabs()->widget(0);
            QVERIFY(!textsOf(first).filter(says).isEmpty());
            const auto labels = first->findChildren<QLabel*>();
            QVERIFY(std::any_of(labels.begin(), labels.end(),
                                [](const QLabel* label) { return !label->pixmap().isNull(); }));
            sheet->resize(1180, 740);
            if (const QString folder = qEnvironmentVariable("UPBEAT_PICTURES"); !folder.isEmpty())
                sheet->grab().save(
                    QStringLiteral("%1/help-%2.png").arg(folder).arg(QLatin1String(QTest::currentDataTag())));
        });
    }

    void itExplainsItsWords() {
        const Desk desk;
        withHelp(desk, [](HelpSheet* sheet) {
            const QStringList texts = textsOf(sheet->tabs()->widget(2));
            for (const char* word : {"Spread", "Placement", "Habit", "Wander", "Gap"}) QVERIFY(texts.contains(word));
            QCOMPARE(texts.size(), 2 * glossary().size());
        });
    }

    /// Only the keys it names are pressed.
    void aFirstTakeIsGuided() {
        const Desk desk;
        const PracticeSettings before = desk.studio->setup().settings();
        desk.studio->stand().choose("paradiddle-accents");
        withHelp(desk, [](HelpSheet* sheet) { Q_EMIT sheet->guideWanted(); });
        const Guide* guide = desk.window->guide();
        desk.window->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(desk.window.get()));
        QVERIFY(guide->isVisible() && guide->text().contains(QStringLiteral("Press F3")));
        desk.key(Qt::Key_F3);
        QCOMPARE(guide->step(), Guide::Step::Space);
        desk.key(Qt::Key_Space);
        QCOMPARE(guide->step(), Guide::Step::Plays);
        QTRY_COMPARE_WITH_TIMEOUT(guide->step(), Guide::Step::Finding, 60000);  // the window goes to Look by itself
        desk.key(Qt::Key_F5);
        desk.key(Qt::Key_F6);
        QCOMPARE(guide->step(), Guide::Step::Log);
        for (auto* button : guide->findChildren<QPushButton*>())
            if (button->text() == QStringLiteral("Done")) button->click();
        QCOMPARE(guide->step(), Guide::Step::Off);
        QVERIFY(!guide->isVisible());
        QCOMPARE(desk.studio->setup().settings(), before);
        QCOMPARE(desk.studio->stand().exercise().id, std::string("paradiddle-accents"));
    }

    void theGuideCanBeLeftAtAnyTime() {
        const Desk desk;
        const PracticeSettings before = desk.studio->setup().settings();
        desk.window->guide()->begin();
        desk.key(Qt::Key_F3);
        desk.key(Qt::Key_Space);
        desk.window->guide()->leave();
        QTRY_VERIFY_WITH_TIMEOUT(desk.studio->recorder().isIdle(), 60000);
        QCOMPARE(desk.studio->setup().settings(), before);
    }
};

QTEST_MAIN(TestHelp)
#include "tst_help.moc"
