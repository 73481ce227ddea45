#pragma once

#include <QString>
#include <QStringList>

namespace upbeat::crash {

/// Practises in a folder until it is killed: saves what an earlier run left behind, then plays takes, stops some and
/// throws some away, as the dice say. Every event is a line on standard output.
int practise(const QString& folder, unsigned seed);

/// Builds the demo in a folder, or its first days, a line for every take.
int makeDemo(const QString& folder, std::size_t mostDays = 100);

/// Saves what is left behind in a folder and judges what is there: every take once, whole, under its name. Prints a
/// line "take FILE" for every take of the log and "wrong SENTENCE" for all that is. Exit status 1 when anything is
/// wrong.
int judge(const QString& folder);

/// Kills players at random moments and judges what they leave; prints the table of docs/reliability.md.
int drive(int kills, unsigned seed);

/// A folder whose logbook is of schema 3, to be migrated.
bool layOlderLogbook(const QString& folder);

}  // namespace upbeat::crash
