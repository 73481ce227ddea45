#pragma once

#include <QDir>
#include <QDirIterator>
#include <QSqlRecord>
#include <QTemporaryDir>
#include <QTest>

#include "kept_take.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/keeping/backup.h"
#include "upbeat/logbook/query.h"
#include "upbeat/logbook/set_repository.h"

namespace upbeat::test {

namespace fs = std::filesystem;

inline const QDateTime kEvening(QDate(2026, 3, 14), QTime(18, 0, 7));

/// One player: a folder, and takes in it.
struct Player {
    QTemporaryDir dir;
    DataFolder folder = *DataFolder::open(dir.path().toStdString());

    [[nodiscard]] fs::path at(const char* name) const { return fs::path(dir.path().toStdString()) / name; }

    void play(const char* exercise, const QDateTime& at, std::uint64_t seed = 1, double tempo = 120) const {
        keepTake(folder, {exercise, at, seed, tempo, "a note of take " + std::to_string(seed)});
    }
    void playThree() const {
        play("singles-sixteenths", kEvening, 1);
        play("singles-sixteenths", kEvening.addSecs(60), 2);
        play("flam-accents", kEvening.addDays(1), 3);
        QVERIFY(writeFileAtomically(at("kit-mic.json"), "{}"));
        fs::create_directories(folder.exercises());
        QVERIFY(writeFileAtomically(folder.exercises() / "own.json", "{\"own\": 1}"));
        const auto logbook = Logbook::open(folder.logbook());
        QVERIFY(SetRepository(**logbook).save({0, "concert", {}, {"flam-accents"}}));
    }
    [[nodiscard]] fs::path backup(bool withSound = true) const {
        const fs::path target = at("all.zip");
        const auto made = backUp(folder, {target, {}, withSound});
        if (!made) qFatal("%s", made.error().sentence().c_str());
        return target;
    }
};

/// Every row of every table, as text: for comparing.
inline QStringList rowsOf(const fs::path& file) {
    const auto logbook = Logbook::open(file, LogbookAccess::Reading);
    QStringList rows;
    for (const char* table :
         {"exercise_version", "ladder", "session", "take", "hit", "damaged_span", "verdict", "gate", "figure",
          "exercise_set", "exercise_in_set", "remark", "removed", "tag", "finding", "sound_let_go", "seal"}) {
        auto query = runQuery(**logbook, (std::string("SELECT * FROM ") + table + " ORDER BY 1, 2").c_str());
        while (query->next()) {
            QStringList cells{QString::fromLatin1(table)};
            for (int i = 0; i < query->record().count(); ++i)
                cells << QString::fromLatin1(query->value(i).toByteArray().toHex());
            rows << cells.join(QLatin1Char(' '));
        }
    }
    return rows;
}

/// Name and content of every file of a player but the logbook, which is compared by its rows.
inline QStringList filesOf(const DataFolder& folder) {
    QStringList files;
    const QDir root(QString::fromStdString(folder.root().string()));
    QDirIterator at(root.path(), QDir::Files, QDirIterator::Subdirectories);
    while (at.hasNext()) {
        const QString file = at.next();
        const QString name = root.relativeFilePath(file);
        if (!name.startsWith(QStringLiteral("logbook.db")) && !name.endsWith(QStringLiteral(".zip")) &&
            name != QStringLiteral("lock"))
            files << name + QLatin1Char(' ') +
                         QString::number(qHash(QByteArray::fromStdString(*readFile(file.toStdString()))));
    }
    files.sort();
    return files;
}

inline int takesIn(const DataFolder& folder) {
    return *TakeRepository(**Logbook::open(folder.logbook(), LogbookAccess::Reading)).count();
}

}  // namespace upbeat::test
