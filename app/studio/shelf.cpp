#include "studio/shelf.h"

#include <QDir>
#include <algorithm>

#include "studio/write_access.h"
#include "upbeat/formats/exercise_json.h"
#include "upbeat/formats/pattern.h"
#include "upbeat/music/library.h"

namespace upbeat {

namespace {

QString inOneSentence(const std::vector<std::string>& losses) {
    QStringList list;
    for (const std::string& loss : losses) list << QString::fromStdString(loss);
    return list.join(QStringLiteral("; "));
}

}  // namespace

Shelf::Shelf(const With& with, const std::vector<Exercise>& guests) : m_with(with), m_exercises(guests) {
    readOwn();
    m_exercises.insert(m_exercises.end(), builtInExercises().begin(), builtInExercises().end());
}

void Shelf::readOwn() {
    const QDir folder(QString::fromStdString(m_with.folder.exercises().string()));
    QStringList damaged;
    for (const QFileInfo& file : folder.entryInfoList({QStringLiteral("*.json")}, QDir::Files, QDir::Time)) {
        const auto exercise = readExercise(file.absoluteFilePath().toStdString());
        if (!exercise) {
            damaged << sentenceOf(exercise.error());
        } else if (exercise->id == file.completeBaseName().toStdString()) {  // else its file is not the one we write
            m_own.insert(exercise->id);
            m_exercises.push_back(*exercise);
        }
    }
    if (!damaged.isEmpty()) m_with.notices.complain(damaged.join(QLatin1Char(' ')));
}

const Exercise* Shelf::find(const std::string& id) const {
    const auto found =
        std::find_if(m_exercises.begin(), m_exercises.end(), [&id](const Exercise& e) { return e.id == id; });
    return found == m_exercises.end() ? nullptr : &*found;
}

std::string Shelf::freeId() const {
    for (int number = 1;; ++number) {
        std::string id = "own-" + std::to_string(number);
        if (find(id) == nullptr) return id;
    }
}

std::string Shelf::add(Exercise exercise) {
    exercise.id = freeId();
    exercise.origin.reset();
    std::string id = exercise.id;
    m_own.insert(id);
    m_exercises.insert(m_exercises.begin(), std::move(exercise));
    Q_EMIT changed();
    return id;
}

void Shelf::keep(const Exercise& exercise) {
    const auto listed =
        std::find_if(m_exercises.begin(), m_exercises.end(), [&](const Exercise& e) { return e.id == exercise.id; });
    if (!isOwn(exercise.id) || listed == m_exercises.end() || !check(exercise)) return;
    *listed = exercise;
    Q_EMIT changed();
    m_with.worker.run(
        [exercise, folder = m_with.folder.exercises()]() -> Result<void> {
            std::error_code error;
            std::filesystem::create_directories(folder, error);
            return writeExercise(folder / (exercise.id + ".json"), exercise);
        },
        [this](const Result<void>& written) {
            if (!written) m_with.notices.complain(written.error());
        });
}

void Shelf::remove(const std::string& id) {
    if (!isOwn(id)) return;
    const QString title = QString::fromStdString(find(id)->title);
    // It may be on its way to the disk: then it is removed after it got there.
    m_with.worker.run(
        [file = m_with.folder.exercises() / (id + ".json")] {
            std::error_code ignored;
            return std::filesystem::remove(file, ignored);
        },
        [](bool) {});
    std::erase_if(m_exercises, [&id](const Exercise& e) { return e.id == id; });
    m_own.erase(id);
    Q_EMIT changed();
    m_with.notices.say(tr("\"%1\" is gone from the list; its takes stay in the log.").arg(title));
}

void Shelf::importFile(const QString& file) {
    if (!mayKeep(m_with.folder, m_with.notices)) return;
    m_with.worker.run([path = std::filesystem::path(file.toStdString())] { return importPattern(path); },
                      [this](const Result<Converted>& read) { takeIn(read); });
}

void Shelf::takeIn(const Result<Converted>& read) {
    if (!read) return m_with.notices.complain(read.error());
    Exercise exercise = read->exercise;
    exercise.tags.emplace_back("own");
    const QString title = QString::fromStdString(exercise.title);
    const std::string id = add(std::move(exercise));
    keep(*find(id));
    Q_EMIT imported(id);
    m_with.notices.say(
        read->losses.empty()
            ? tr("\"%1\" is in the list now.").arg(title)
            : tr("\"%1\" is in the list now. Not carried over: %2.").arg(title, inOneSentence(read->losses)));
}

void Shelf::exportFile(const Exercise& exercise, const QString& file) {
    m_with.worker.run(
        [exercise, path = std::filesystem::path(file.toStdString())] { return exportPattern(path, exercise); },
        [this, file](const Result<std::vector<std::string>>& lost) {
            if (!lost)
                m_with.notices.complain(lost.error());
            else if (lost->empty())
                m_with.notices.say(tr("Written to %1.").arg(file));
            else
                m_with.notices.say(tr("Written to %1. It cannot hold: %2.").arg(file, inOneSentence(*lost)));
        });
}

}  // namespace upbeat
