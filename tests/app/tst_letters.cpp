// What goes to a teacher and what comes back, and copies of everything, in the window.
#include <QDir>
#include <QImage>
#include <QLabel>
#include <QProcess>
#include <QSignalSpy>
#include <QStandardPaths>

#include "log/log_place.h"
#include "look/look_place.h"
#include "place/report_dialog.h"
#include "shell/screenshots.h"
#include "stage.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/keeping/restore.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// Dark dots of the first sheet of a PDF, in the upper third and below it; nothing without a program that shows it.
std::optional<std::pair<int, int>> inkOf(const QString& pdf, const QString& into) {
    const QString program = QStandardPaths::findExecutable(QStringLiteral("pdftoppm"));
    if (program.isEmpty() ||
        QProcess::execute(program, {QStringLiteral("-r"), QStringLiteral("50"), QStringLiteral("-singlefile"),
                                    QStringLiteral("-png"), pdf, into}) != 0)
        return std::nullopt;
    const QImage sheet(into + QStringLiteral(".png"));
    std::pair<int, int> ink{0, 0};
    for (int y = 0; y < sheet.height(); ++y)
        for (int x = 0; x < sheet.width(); ++x)
            if (qGray(sheet.pixel(x, y)) < 110) ++(3 * y < sheet.height() ? ink.first : ink.second);
    return ink;
}

struct Letterbox : Desk {
    Letterbox() { takeOne(); }

    void takeOne() const {
        const std::size_t before = studio->log().takes().size();
        studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(studio->log().takes().size() > before, 120000);
        QTRY_VERIFY_WITH_TIMEOUT(studio->review().take() && studio->review().take()->id > 0, 60000);
    }
    [[nodiscard]] LookPlace* look() const { return qobject_cast<LookPlace*>(window->place(MainWindow::Look)); }
    [[nodiscard]] LogPlace* log() const { return qobject_cast<LogPlace*>(window->place(MainWindow::Log)); }
    [[nodiscard]] QString file(const char* name) const { return dir.filePath(QString::fromLatin1(name)); }
    [[nodiscard]] QString answer(const QByteArray& more) const {
        const TakeRecord& take = studio->review().take()->stored;
        const QByteArray text =
            "{\"format\": \"upbeat-check/answer\", \"version\": 1, \"from\": \"Ms <b>Reed</b>\", "
            "\"takes\": [{\"exercise\": \"" +
            QByteArray::fromStdString(take.exercise.id) + "\", \"started_at\": \"" +
            QByteArray::fromStdString(take.startedAt) + "\", " + more + "}]}";
        const QString name = file("answer.json");
        if (!writeFileAtomically(name.toStdString(), text.toStdString())) qFatal("no answer");
        return name;
    }
    /// Once a dialog is gone.
    void toTheWindow() const {
        QTRY_VERIFY_WITH_TIMEOUT(window->findChild<ReportDialog*>() == nullptr, 60000);
        window->activateWindow();
        QTRY_VERIFY_WITH_TIMEOUT(window->isActiveWindow(), 60000);
    }
    [[nodiscard]] QList<QLabel*> remarks() const { return look()->findChildren<QLabel*>(QStringLiteral("remark")); }
};

}  // namespace

class TestLetters : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    void aReportIsSavedWithWhatIsWished() {
        const Letterbox box;
        box.window->go(MainWindow::Look);
        box.key(Qt::Key_W);
        auto* dialog = box.look()->findChild<ReportDialog*>();
        QVERIFY(dialog != nullptr && dialog->isVisible());
        const auto told = [dialog] {
            const auto labels = dialog->findChildren<QLabel*>();
            return std::any_of(labels.begin(), labels.end(), [](const QLabel* label) {
                return label->text().startsWith(QStringLiteral("In the file:")) &&
                       label->text().contains(QStringLiteral("day and hour"));
            });
        };
        QVERIFY(told());
        for (QCheckBox* check : dialog->findChildren<QCheckBox*>())
            if (check->text() == QStringLiteral("when it was played")) check->setChecked(false);
        QVERIFY(!told());
        dialog->findChild<QLineEdit*>()->setText(QStringLiteral("A player"));
        QSignalSpy saved(&box.studio->letters(), &Letters::saved);
        dialog->saveTo(box.file("report.html"));
        QTRY_COMPARE_WITH_TIMEOUT(saved.count(), 1, 60000);
        const auto page = readFile(box.file("report.html").toStdString());
        QVERIFY(page && page->find("A player") != std::string::npos &&
                page->find("data:audio/ogg") != std::string::npos);
        QVERIFY(page->find(box.studio->review().take()->stored.startedAt.substr(0, 10)) == std::string::npos);
    }

    /// The same on paper.
    void aReportIsAPdfToo() {
        const Letterbox box;
        QSignalSpy saved(&box.studio->letters(), &Letters::saved);
        QSignalSpy failed(&box.studio->notices(), &Notices::failed);
        box.window->go(MainWindow::Look);
        box.key(Qt::Key_W);
        box.look()->findChild<ReportDialog*>()->saveTo(box.file("report.pdf"));
        QTRY_COMPARE_WITH_TIMEOUT(saved.count(), 1, 60000);
        const auto pdf = readFile(box.file("report.pdf").toStdString());
        QVERIFY(pdf && pdf->starts_with("%PDF-") && pdf->size() > 20000);
        QVERIFY(pdf->find("/Subtype /Image") == std::string::npos);  // strokes are drawn, not pictured
        box.toTheWindow();
        box.key(Qt::Key_W);
        box.look()->findChild<ReportDialog*>()->saveTo("/no/such/place.pdf");
        QTRY_COMPARE_WITH_TIMEOUT(failed.count(), 1, 60000);
        QCOMPARE(saved.count(), 1);
        const auto ink = inkOf(box.file("report.pdf"), box.file("sheet"));
        if (!ink) QSKIP("pdftoppm is not installed");
        // All passes and what the rung asks, not only what stands above them.
        QVERIFY2(ink->first > 3000, qPrintable(QString::number(ink->first)));
        QVERIFY2(ink->second > 1500, qPrintable(QString::number(ink->second)));
    }

    /// Several takes and a whole week go into one file, as a web page and on paper.
    void takesOfTheLogAreReportedTogether() {
        const Letterbox box;
        box.takeOne();
        box.takeOne();
        QCOMPARE(box.studio->log().takes().size(), std::size_t{3});
        box.window->go(MainWindow::Log);
        auto* list = box.log()->findChild<QListView*>();
        list->setFocus();
        list->selectionModel()->select(QItemSelection(list->model()->index(1, 0), list->model()->index(2, 0)),
                                       QItemSelectionModel::ClearAndSelect);
        list->selectionModel()->setCurrentIndex(list->model()->index(2, 0), QItemSelectionModel::NoUpdate);
        QSignalSpy saved(&box.studio->letters(), &Letters::saved);
        const auto report = [&](Qt::KeyboardModifiers with, const char* said, const QString& file) {
            box.toTheWindow();
            QTest::keyClick(list, Qt::Key_W, with);
            auto* dialog = box.log()->findChild<ReportDialog*>();
            QVERIFY(dialog != nullptr);
            const auto labels = dialog->findChildren<QLabel*>();
            QVERIFY(std::any_of(labels.begin(), labels.end(), [said](const QLabel* label) {
                return label->text().startsWith(QStringLiteral("In the file: ") + QString::fromLatin1(said));
            }));
            const auto before = saved.count();
            dialog->saveTo(file);
            QTRY_COMPARE_WITH_TIMEOUT(saved.count(), before + 1, 60000);
        };
        const auto count = [](const QString& file, const QByteArray& what) {
            return QByteArray::fromStdString(*readFile(file.toStdString())).count(what);
        };
        report(Qt::NoModifier, "2 takes", box.file("two.html"));
        QCOMPARE(count(box.file("two.html"), "data:audio/ogg"), 2);
        report(Qt::ShiftModifier, "all takes from ", box.file("week.html"));
        QCOMPARE(count(box.file("week.html"), "data:audio/ogg"), 3);
        report(Qt::ShiftModifier, "all takes from ", box.file("week.pdf"));
        QVERIFY(count(box.file("week.pdf"), "/Type /Page\n") >= 3);
    }

    void anAnswerStandsBesideItsStrokes() {
        const Letterbox box;
        box.studio->stand().choose("singles-sixteenths");
        box.takeOne();  // a newer one is open
        const TakePtr newer = box.studio->review().take();
        box.studio->review().open(box.studio->log().takes().back().id);
        QTRY_VERIFY_WITH_TIMEOUT(box.studio->review().take()->id != newer->id, 60000);
        const MatchedStroke stroke = box.studio->review().take()->analysis.matched.strokes[6];
        const double timeS =
            box.studio->review().take()->analysis.matched.hits[static_cast<std::size_t>(stroke.hit)].timeS;
        const QString answer = box.answer(
            "\"tempo_bpm\": 72, \"remarks\": [{\"pass\": 1, \"stroke\": " + QByteArray::number(stroke.written.stroke) +
            ", \"time_s\": " + QByteArray::number(timeS, 'f', 4) +
            ", \"text\": \"Lift <i>sooner</i>\"}, {\"text\": \"Well done\"}]");
        box.studio->review().open(newer->id);
        QTRY_VERIFY_WITH_TIMEOUT(box.studio->review().take()->id == newer->id, 60000);
        QVERIFY(box.remarks().isEmpty());
        box.log()->openFiles({answer});
        QTRY_COMPARE_WITH_TIMEOUT(box.remarks().size(), 2, 60000);
        QVERIFY(box.look()->isVisible());
        QVERIFY(box.studio->review().take()->id != newer->id);
        QVERIFY2(box.remarks()[0]->text().contains(QStringLiteral("Lift &lt;i&gt;sooner")),
                 qPrintable(box.remarks()[0]->text()));
        QVERIFY(box.remarks()[0]->text().contains(QStringLiteral("Ms &lt;b&gt;Reed")));
        Q_EMIT box.remarks()[0]->linkActivated(QStringLiteral("stroke"));
        QVERIFY(box.look()->field()->chosen() != nullptr);
        QCOMPARE(box.look()->field()->chosen()->stroke, stroke.written.stroke);
        QCOMPARE(box.studio->stand().exercise().id, std::string("paradiddle-accents"));
        QCOMPARE(box.studio->stand().ladder().tempoBpm, 72.0);
        // Dropped once more it says nothing new.
        box.log()->openFiles({answer});
        QTRY_VERIFY_WITH_TIMEOUT(!box.studio->letters().isBusy(), 60000);
        QCOMPARE(box.remarks().size(), 2);
    }

    void withoutATakeThereIsNothingToShowAndNothingToSend() {
        const Desk desk;
        auto* look = qobject_cast<LookPlace*>(desk.window->place(MainWindow::Look));
        desk.window->go(MainWindow::Look);
        look->setLens(Lens::Balance);
        desk.key(Qt::Key_W);
        QVERIFY(look->findChild<ReportDialog*>() == nullptr);
        QVERIFY(saveScreenshots(*desk.window, *desk.studio, desk.dir.filePath(QStringLiteral("pictures"))));
        QCOMPARE(QDir(desk.dir.filePath(QStringLiteral("pictures"))).entryList(QDir::Files).size(), 4);
    }

    void anAnswerToNobodyChangesNothing() {
        const Letterbox box;
        QSignalSpy complaints(&box.studio->notices(), &Notices::failed);
        for (const char* text : {"no answer",
                                 "{\"format\": \"upbeat-check/answer\", \"version\": 1, \"takes\": "
                                 "[{\"exercise\": \"nothing\", \"started_at\": \"\", \"remarks\": []}]}"}) {
            QVERIFY(writeFileAtomically(box.file("answer.json").toStdString(), text));
            const auto before = complaints.count();
            box.log()->openFiles({box.file("answer.json")});
            QTRY_COMPARE_WITH_TIMEOUT(complaints.count(), before + 1, 60000);
        }
        QVERIFY(box.remarks().isEmpty());
    }

    void aBackupIsSavedAndTakesComeBackFromIt() {
        const Letterbox box;
        QSignalSpy said(&box.studio->notices(), &Notices::said);
        box.studio->backups().save(box.file("all.zip"));
        QTRY_COMPARE_WITH_TIMEOUT(said.count(), 2, 60000);
        QCOMPARE(factsOf(box.file("all.zip").toStdString())->recordings, 1);
        box.studio->backups().makeDaily();
        QTRY_VERIFY_WITH_TIMEOUT(!box.studio->backups().isBusy(), 60000);
        const QDir daily(QString::fromStdString((box.studio->folder().root() / "backups").string()));
        QCOMPARE(daily.entryList(QDir::Files).size(), 1);

        const Desk other;
        QSignalSpy came(&other.studio->backups(), &Backups::broughtIn);
        QVERIFY(other.studio->log().takes().empty());
        qobject_cast<LogPlace*>(other.window->place(MainWindow::Log))->openFiles({box.file("all.zip")});
        QTRY_COMPARE_WITH_TIMEOUT(came.count(), 1, 60000);
        QCOMPARE(other.studio->log().takes().size(), std::size_t{1});
        other.studio->review().open(other.studio->log().takes().front().id);
        QTRY_VERIFY_WITH_TIMEOUT(other.studio->review().take() != nullptr, 60000);
        QVERIFY(QFile::exists(other.studio->review().take()->soundFile));
    }
};

QTEST_MAIN(TestLetters)
#include "tst_letters.moc"
