// For every hand and eye: names, roles and rows for screen readers, contrast, keys of one's own.
#include <QAbstractButton>
#include <QAbstractItemView>
#include <QAbstractSpinBox>
#include <QAccessible>

#include "climb/ladder_view.h"
#include "place/gate_list.h"
#include "place/key_map.h"
#include "place/place.h"
#include "shell/keys_dialog.h"
#include "shell/windows.h"
#include "stage.h"
#include "strokes/count_line.h"
#include "strokes/field_view.h"
#include "theme/spoken_rows.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// Every row of a view as a reader comes to it.
QStringList walk(QWidget* view) {
    QAccessibleInterface* list = QAccessible::queryAccessibleInterface(view);
    QStringList rows;
    for (int i = 0; list != nullptr && i < list->childCount(); ++i) {
        QAccessibleInterface* row = list->child(i);
        if (row == nullptr || row->parent() != list || list->indexOfChild(row) != i) return {"lost"};
        if (row->role() != QAccessible::ListItem || row->rect().isEmpty()) return {"no item"};
        rows << row->text(QAccessible::Name);
    }
    return rows;
}

}  // namespace

class TestAccess : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() {
        QVERIFY(lookAsShipped());
        SpokenRows::speakToReaders();
    }
    void cleanup() { KeyMap::now().fromSettings({}); }

    void everyControlHasAName() {
        const Desk desk;
        desk.playOne();
        QStringList nameless;
        for (int place = 0; place < 5; ++place) {
            desk.window->go(place);
            for (QWidget* widget : desk.window->findChildren<QWidget*>()) {
                const bool isControl = qobject_cast<QAbstractButton*>(widget) || qobject_cast<QLineEdit*>(widget) ||
                                       qobject_cast<QComboBox*>(widget) || qobject_cast<QAbstractSpinBox*>(widget) ||
                                       qobject_cast<QAbstractItemView*>(widget) || qobject_cast<Place*>(widget) ||
                                       dynamic_cast<SpokenRows*>(widget);
                if (!isControl || !widget->isVisible() || qobject_cast<QAbstractSpinBox*>(widget->parentWidget()))
                    continue;
                QAccessibleInterface* spoken = QAccessible::queryAccessibleInterface(widget);
                QVERIFY(spoken != nullptr);
                if (spoken->text(QAccessible::Name).isEmpty())
                    nameless
                        << QStringLiteral("%1 in %2").arg(QLatin1String(widget->metaObject()->className())).arg(place);
                QVERIFY(spoken->role() != QAccessible::NoRole);
            }
        }
        QVERIFY2(nameless.isEmpty(), qPrintable(nameless.join(QLatin1Char('\n'))));
    }

    void rowsOfAPlaceThatIsNotShownAreNotRead() {
        const Desk desk;
        desk.playOne();
        const auto isSeen = [&desk] {
            auto* ladder = desk.in<LadderView>(MainWindow::Climb);
            return !QAccessible::queryAccessibleInterface(ladder)->child(0)->state().invisible;
        };
        desk.window->go(MainWindow::Look);
        QVERIFY(!isSeen());
        desk.window->go(MainWindow::Climb);
        QVERIFY(isSeen());
    }

    void aFieldIsWalkedPassByPass() {
        const Desk desk;
        desk.playOne();
        auto* field = desk.in<FieldView>(MainWindow::Look);
        const QStringList rows = walk(field);
        QCOMPARE(rows.size(), static_cast<int>(field->data().rows.size()));
        // The drummer of these tests is early on one count.
        for (const QString& row : rows)
            QVERIFY2(row.contains(QStringLiteral("a of 2 ")) && row.contains("ms early"), qPrintable(row));
        QVERIFY(rows.front().startsWith(QStringLiteral("pass 1: ")));
        const QStringList gates = walk(desk.in<GateList>(MainWindow::Look));
        QVERIFY(gates.size() >= 6);
        QVERIFY2(!gates.filter(QRegularExpression(QStringLiteral("^Spread: .* ms, at most .*, met$"))).isEmpty(),
                 qPrintable(gates.join("; ")));
    }

    void aLadderIsWalkedRungByRung() {
        const Desk desk;
        desk.playOne();
        desk.window->go(MainWindow::Climb);
        const QStringList rows = walk(desk.in<LadderView>(MainWindow::Climb));
        QVERIFY(rows.size() >= static_cast<int>(desk.studio->stand().ladder().ladder.rungs().size()));
        QCOMPARE(rows.filter(QStringLiteral("you are here")).size(), 1);
        QVERIFY(
            rows.filter(QStringLiteral("you are here")).front().startsWith(QStringLiteral("60: 0 of 1 takes clean")));
    }

    void aPageIsWalkedBarByBar() {
        const Desk desk;
        desk.studio->stand().choose("groove-funk-ghosts");
        const QStringList rows = walk(desk.in<CountLine>(MainWindow::Prepare));
        QCOMPARE(rows.size(), desk.studio->stand().exercise().bars);
        QVERIFY2(rows.front().startsWith(QStringLiteral("bar 1: snare .(L).. >L..(L)")) &&
                     rows.front().contains("; hi-hat RR RR RR RR"),
                 qPrintable(rows.front()));
    }

    void keysCanBeOthers() {
        KeyMap map;
        map.set(QKeySequence(Qt::Key_H), QKeySequence(Qt::Key_J));
        map.set(QKeySequence(Qt::CTRL | Qt::Key_Z), QKeySequence(Qt::Key_F8));
        QCOMPARE(map.of(QKeySequence(Qt::Key_H)), QKeySequence(Qt::Key_J));
        QCOMPARE(map.of(QKeySequence(Qt::Key_K)), QKeySequence(Qt::Key_K));
        KeyMap again;
        again.fromSettings(map.toSettings() + QStringList{"nonsense", "=", ""});
        QCOMPARE(again.toSettings(), map.toSettings());
        map.set(QKeySequence(Qt::Key_H), {});
        QVERIFY(!map.isOwn(QKeySequence(Qt::Key_H)));
    }

    /// In the dialog, then the window hears the new key and no longer the old one; two on one key are said.
    void aChangedKeyWorksAndAClashIsSaid() {
        const QTemporaryDir dir;
        const auto studio = studioIn(dir, soloist());
        Windows windows(*studio);
        windows.now().show();
        const auto rowOf = [](const KeysDialog& dialog, const QString& what) {
            for (int row = 0; row < dialog.table()->rowCount(); ++row)
                if (dialog.table()->item(row, 1)->text() == what) return row;
            return -1;
        };
        QList<KeySection> sections{{QStringLiteral("Everywhere"), {}}};
        sections += windows.now().place(MainWindow::Log)->allKeys(QStringLiteral("Log"));
        KeysDialog dialog(sections);
        const int find = rowOf(dialog, QStringLiteral("find"));
        QVERIFY(find >= 0 && dialog.clash().isEmpty());
        dialog.change(find, QKeySequence(Qt::Key_O));
        QVERIFY2(dialog.clash().contains(QStringLiteral("O does two things in Log")), qPrintable(dialog.clash()));
        dialog.change(find, QKeySequence(Qt::Key_F8));
        QVERIFY(dialog.clash().isEmpty());
        const MainWindow* before = &windows.now();
        Q_EMIT windows.now().keysChosen();
        QTRY_VERIFY(&windows.now() != before);
        QVERIFY(QTest::qWaitForWindowActive(&windows.now()));
        windows.now().go(MainWindow::Log);
        const auto isFinding = [&windows] {
            auto* line = qobject_cast<QLineEdit*>(QApplication::focusWidget());
            return line != nullptr && line->accessibleName() == QStringLiteral("Find takes");
        };
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_F);
        QVERIFY(!isFinding());
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_F8);
        QVERIFY(isFinding());
        QCOMPARE(studio->setup().settings().ownKeys, QStringList{QStringLiteral("F=F8")});
    }

    void highContrastIsAThirdLook() {
        QCOMPARE(&Theme::light().next(), &Theme::night());
        QCOMPARE(&Theme::night().next(), &Theme::stark());
        QCOMPARE(&Theme::stark().next(), &Theme::light());
        QCOMPARE(&Theme::of(Theme::stark().palette()), &Theme::stark());
        const Desk desk;
        desk.playOne();
        MainWindow::applyTheme(Theme::stark());
        QCoreApplication::processEvents();
        if (const QString into = qEnvironmentVariable("UPBEAT_PICTURES"); !into.isEmpty())
            desk.window->grab().save(into + QStringLiteral("/stark.png"));
        const QImage picture = desk.window->grab().toImage();
        QCOMPARE(picture.pixelColor(picture.width() - 3, 3), QColor(Qt::black));
        MainWindow::applyTheme(Theme::light());
    }
};

QTEST_MAIN(TestAccess)
#include "tst_access.moc"
