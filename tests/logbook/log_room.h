#pragma once

#include <QDir>
#include <QFile>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QTest>
#include "said.h"
#include "takes.h"
#include "upbeat/logbook/exercise_repository.h"
#include "upbeat/logbook/ladder_repository.h"
#include "upbeat/logbook/practice_past.h"
#include "upbeat/logbook/take_repository.h"
#include "upbeat/music/library.h"

namespace upbeat::test {

inline std::unique_ptr<Logbook> opened(const QTemporaryDir& dir) {
    auto logbook = Logbook::open(dir.filePath(QStringLiteral("logbook.db")).toStdString());
    if (!logbook) qFatal("%s", logbook.error().sentence().c_str());
    return std::move(*logbook);
}

inline TakeRecord takeAt(const char* id, const QDateTime& at, double tempo = 100) {
    TakeRecord take;
    take.exercise = *builtInExercise(id);
    take.startedAt = stampOf(at);
    take.frame = {tempo, 2.5, 4, 0.004, false, {{1.0, 1.25}}};
    take.hits = hitsOf(perform(take.exercise, Bpm(tempo), 4, {}, 1), 2.5);
    take.durationS = 12;
    take.device = "Simulated player";
    take.file = std::string(id) + stampOf(at) + ".flac";
    return take;
}

inline TakeAnalysis analysisOf(const TakeRecord& take) {
    return analyzeTake(take.exercise, take.frame, take.hits, {Profile(), ladderOf(take.exercise), {}});
}

qint64 added(const Logbook& logbook, const TakeRecord& take) {
    const auto id = TakeRepository(logbook).add(take, analysisOf(take));
    if (!id) qFatal("%s", id.error().sentence().c_str());
    return *id;
}

/// One number out of the file, by a connection of its own.
inline QVariant ask(const QString& file, const QString& sql) {
    QVariant answer;
    {
        auto database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("ask"));
        database.setDatabaseName(file);
        database.open();
        QSqlQuery query(database);
        query.exec(sql);
        if (query.next()) answer = query.value(0);
    }
    QSqlDatabase::removeDatabase(QStringLiteral("ask"));
    return answer;
}

inline const QDateTime kEvening(QDate(2026, 3, 14), QTime(18, 0));

}  // namespace upbeat::test
