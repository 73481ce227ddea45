#include "in_folder.h"

#include <cstdio>

namespace upbeat::cli {

namespace {

/// Whether it is empty or a day as ISO 8601 has it.
bool isDay(const std::string& day) {
    if (day.empty()) return true;
    int year = 0, month = 0, date = 0, read = 0;
    return std::sscanf(day.c_str(), "%4d-%2d-%2d%n", &year, &month, &date, &read) == 3 && read == 10 &&
           day.size() == 10 && month >= 1 && month <= 12 && date >= 1 && date <= 31;
}

}  // namespace

void addWish(CLI::App& command, LogWish& wish) {
    command.add_option("--from", wish.fromDay, "From this day on, as 2026-03-14");
    command.add_option("--to", wish.toDay, "Up to this day, itself included");
    command.add_option("--exercise", wish.exerciseId, "Only takes of this exercise");
}

Exit checkWish(const LogWish& wish) {
    for (const std::string& day : {wish.fromDay, wish.toDay})
        if (!isDay(day)) return complain({day + " is no day", {}, "write it as 2026-03-14"}, Exit::BadArguments);
    return Exit::Measured;
}

Exit noSuchTake(const std::string& data) {
    return complain({"there is no take like that", data, "ask for other days or another exercise"},
                    Exit::NothingToMeasure);
}

}  // namespace upbeat::cli
