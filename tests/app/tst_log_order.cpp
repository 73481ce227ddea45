// Order in the log, in the window: notes, finding, tags, the trash, two takes one over the other, the disk.
#include <QSignalSpy>
#include <QTextBlock>
#include <QTextDocument>

#include "log/disk_dialog.h"
#include "log/log_place.h"
#include "stage.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

struct Shelved : Desk {
    Shelved() {
        for (int take = 0; take < 3; ++take) playOne();
        window->go(MainWindow::Log);
    }
    [[nodiscard]] LogPlace* log() const { return qobject_cast<LogPlace*>(window->place(MainWindow::Log)); }
    [[nodiscard]] QListView* list() const { return in<QListView>(MainWindow::Log); }
    [[nodiscard]] QLineEdit* line(const QString& name) const {
        for (auto* edit : log()->findChildren<QLineEdit*>())
            if (edit->accessibleName() == name) return edit;
        return nullptr;
    }
    [[nodiscard]] QLineEdit* find() const { return line(QStringLiteral("Find takes")); }
    /// Rows of takes, without those of days.
    [[nodiscard]] int shown() const {
        int takes = 0;
        for (int row = 0; row < list()->model()->rowCount(); ++row)
            takes += list()->model()->index(row, 0).data(LogModel::TakeIdRole).toLongLong() > 0 ? 1 : 0;
        return takes;
    }
    void choose(int firstRow, int lastRow) const {
        list()->setFocus();
        list()->setCurrentIndex(list()->model()->index(firstRow, 0));
        list()->selectionModel()->select(
            QItemSelection(list()->model()->index(firstRow, 0), list()->model()->index(lastRow, 0)),
            QItemSelectionModel::ClearAndSelect);
    }
    void press(Qt::Key key, Qt::KeyboardModifiers with = {}) const {
        window->activateWindow();  // a dialog may have stood before it
        QVERIFY(QTest::qWaitForWindowActive(window.get()));
        list()->setFocus();
        QTest::keyClick(list(), key, with);
    }
    void picture(const char* name) const {
        if (const QString into = qEnvironmentVariable("UPBEAT_PICTURES"); !into.isEmpty())
            window->grab().save(QStringLiteral("%1/%2.png").arg(into, QLatin1String(name)));
    }
};

}  // namespace

class TestLogOrder : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    void theLogOpensATakeAndKeepsANote() {
        const Desk stage;
        stage.playOne();
        stage.key(Qt::Key_F6);
        auto* list = stage.in<QListView>(MainWindow::Log);
        QCOMPARE(list->model()->rowCount(), 2);
        auto* note = stage.in<NoteEdit>(MainWindow::Log);
        note->setFocus();
        QTest::keyClicks(note, QStringLiteral("# Better ![x](file:///etc/hostname)"));
        QTest::keyClick(note, Qt::Key_Return);
        QTest::keyClicks(note, QStringLiteral("- the **left** hand <b>so</b>"));
        QTest::keyClick(note, Qt::Key_Tab);
        const QString written = QStringLiteral("# Better ![x](file:///etc/hostname)\n- the **left** hand <b>so</b>");
        QCOMPARE(QString::fromStdString(stage.studio->log().takes().front().note), written);
        // Shown as it is meant: a heading, a list, an emphasis; HTML is text and no picture is read.
        QVERIFY(!note->hasFocus());
        QVERIFY(note->toPlainText().contains(QStringLiteral("the left hand <b>so</b>")));
        QVERIFY(note->document()->firstBlock().blockFormat().headingLevel() == 1);
        QVERIFY(note->document()->lastBlock().textList() != nullptr);
        QVERIFY(!note->toPlainText().contains(QChar::ObjectReplacementCharacter));
        QVERIFY(list->model()
                    ->index(1, 0)
                    .data(LogModel::DetailRole)
                    .toString()
                    .endsWith(QStringLiteral("Better ![x](file:///etc/hostname)")));
        // Again as it was written; nothing changed is no step to take back.
        note->setFocus();
        QCOMPARE(note->toPlainText(), written);
        QTest::keyClick(note, Qt::Key_Escape);
        QVERIFY(!note->hasFocus());
        QCOMPARE(QString::fromStdString(stage.studio->log().takes().front().note), written);
        stage.studio->logCare().undo();
        QTRY_COMPARE(QString::fromStdString(stage.studio->log().takes().front().note), QString());
        list->setFocus();
        list->setCurrentIndex(list->model()->index(1, 0));
        QTest::keyClick(list, Qt::Key_Return);
        QCOMPARE(stage.window->current(), static_cast<int>(MainWindow::Look));
    }

    void aNoteBeingWrittenStaysWhenTheLogIsReadAnew() {
        const Shelved log;
        log.choose(1, 1);
        auto* note = log.in<NoteEdit>(MainWindow::Log);
        note->setFocus();
        QTest::keyClicks(note, QStringLiteral("half a "));
        log.studio->logCare().setTags({log.studio->log().takes().back().id}, QStringLiteral("gig"));
        QCOMPARE(note->toPlainText(), QStringLiteral("half a "));
        QTest::keyClicks(note, QStringLiteral("thought"));
        QTest::keyClick(note, Qt::Key_Escape);
        QCOMPARE(log.studio->log().takes().front().note, std::string("half a thought"));
    }

    void takesAreTaggedAndFound() {
        const Shelved log;
        QCOMPARE(log.shown(), 3);
        log.choose(1, 2);
        answer<QInputDialog>([](QInputDialog* dialog) {
            dialog->setTextValue(QStringLiteral("#Gig, lesson"));
            dialog->accept();
        });
        log.press(Qt::Key_T);
        QCOMPARE(log.studio->log().takes().front().tags, std::string("gig lesson"));
        QTest::keyClicks(log.find(), QStringLiteral("#gig"));
        QCOMPARE(log.shown(), 2);
        log.picture("log-found");
        QVERIFY(
            log.list()->model()->index(1, 0).data(LogModel::DetailRole).toString().contains(QStringLiteral("#gig")));
        log.find()->setText(QStringLiteral("#gig 300"));
        QCOMPARE(log.shown(), 0);
        log.find()->clear();
        QCOMPARE(log.shown(), 3);
        log.press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(log.studio->log().takes().front().tags.empty());
        log.press(Qt::Key_F);
        QVERIFY(log.find()->hasFocus());
    }

    void severalTakesAreChosenByKeys() {
        const Shelved log;
        log.list()->setFocus();
        log.list()->setCurrentIndex(log.list()->model()->index(1, 0));
        log.press(Qt::Key_Down, Qt::ShiftModifier);
        QCOMPARE(log.list()->selectionModel()->selectedIndexes().size(), 2);
        log.press(Qt::Key_Delete);
        QCOMPARE(log.shown(), 1);
    }

    void removedTakesComeBackAndAreThrownAway() {
        const Shelved log;
        log.choose(1, 2);
        log.press(Qt::Key_Delete);
        QCOMPARE(log.shown(), 1);
        QCOMPARE(log.studio->logCare().inTrash(), 2);
        log.press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(log.shown(), 3);
        log.choose(1, 2);
        log.press(Qt::Key_Delete);
        log.press(Qt::Key_D);  // into the trash
        QCOMPARE(log.shown(), 2);
        log.choose(1, 1);
        log.press(Qt::Key_Return);
        QCOMPARE(log.studio->logCare().inTrash(), 1);
        answer<QMessageBox>([](QMessageBox* box) { box->button(QMessageBox::Yes)->click(); });
        log.press(Qt::Key_Delete, Qt::ControlModifier);
        QTRY_COMPARE_WITH_TIMEOUT(log.studio->logCare().inTrash(), 0, 60000);
        QTRY_VERIFY_WITH_TIMEOUT(!log.studio->logCare().isBusy(), 60000);
        log.press(Qt::Key_D);
        QCOMPARE(log.shown(), 2);
        int recordings = 0;
        for (const auto& entry : std::filesystem::directory_iterator(log.studio->folder().takes()))
            recordings += entry.path().extension() == ".flac" ? 1 : 0;
        QCOMPARE(recordings, 2);
        QSignalSpy said(&log.studio->notices(), &Notices::said);
        log.press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(said.takeFirst().front().toString(), QStringLiteral("There is nothing to take back."));
    }

    void twoTakesStandOneOverTheOther() {
        const Shelved log;
        log.choose(1, 2);
        auto* two = log.log()->findChild<TwoTakesView*>();
        QSignalSpy opened(two, &TwoTakesView::opened);
        log.press(Qt::Key_C);
        QVERIFY(opened.wait(60000));
        QVERIFY(two->isVisible() && !two->changes().empty());
        const auto fields = two->findChildren<FieldView*>();
        QCOMPARE(fields.size(), 2);
        QVERIFY(fields[0]->data().markCount() > 20 && std::abs(fields[0]->height() - fields[1]->height()) <= 2);
        log.picture("two-takes");
        const auto key = [two](Qt::Key k) { QTest::keyClick(two, k); };
        key(Qt::Key_BracketRight);
        key(Qt::Key_BracketRight);
        QCOMPARE(two->bar(), 2);
        key(Qt::Key_H);
        QTRY_VERIFY_WITH_TIMEOUT(log.studio->playback().isPlaying(), 20000);
        QVERIFY(!two->hearsB());
        key(Qt::Key_N);
        QVERIFY(two->hearsB() && two->bar() >= 2);
        QTRY_VERIFY_WITH_TIMEOUT(log.studio->playback().isPlaying(), 20000);
        key(Qt::Key_C);
        QVERIFY(log.list()->isVisible());
    }

    void theDiskIsShownAndARuleIsSet() {
        const Shelved log;
        answer<DiskDialog>([](DiskDialog* dialog) {
            auto* table = dialog->findChild<QTableWidget*>();
            QTRY_COMPARE(table->rowCount(), 1);
            QCOMPARE(table->item(0, 1)->text(), QStringLiteral("3"));
            auto* rule = dialog->findChild<QComboBox*>();
            rule->setCurrentIndex(1);
            dialog->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok)->click();
        });
        log.press(Qt::Key_K);
        QCOMPARE(log.studio->setup().settings().soundMonths, 1);
        log.studio->logCare().keepSoundFor(3);
        QCOMPARE(log.studio->setup().settings().soundMonths, 3);
        QTRY_VERIFY_WITH_TIMEOUT(!log.studio->logCare().isBusy(), 60000);
        QCOMPARE(log.shown(), 3);
    }

    void chosenTakesBecomeFiles() {
        const Shelved log;
        const QTemporaryDir into;
        const auto takes = log.studio->log().takes();
        log.studio->logCare().exportTakes({takes[0].id, takes[1].id}, into.path());
        QTRY_VERIFY_WITH_TIMEOUT(!log.studio->logCare().isBusy(), 60000);
        QCOMPARE(QDir(into.path()).entryList(QDir::Files).size(), 10);
    }
};

QTEST_MAIN(TestLogOrder)
#include "tst_log_order.moc"
