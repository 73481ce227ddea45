#include "upbeat/formats/note_journal.h"

#include <cmath>
#include <sstream>

#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/midi_take.h"
#include "upbeat/take/take_bounds.h"

namespace upbeat {

NoteJournal::NoteJournal(const std::filesystem::path& file) : m_file(std::fopen(file.c_str(), "we")) {}

void NoteJournal::add(double timeS, int key, int velocity) {
    if (!m_file) return;
    (void)std::fprintf(m_file.get(), "%.9f %d %d\n", timeS, key, velocity);
    (void)std::fflush(m_file.get());
}

std::vector<Hit> readNoteJournal(const std::filesystem::path& file) {
    const auto text = readFile(file);
    std::vector<Hit> hits;
    if (!text) return hits;
    std::istringstream lines(text->substr(0, text->rfind('\n') + 1));
    double timeS = 0;
    int key = 0;
    int velocity = 0;
    const auto isNote = [&] {
        return std::isfinite(timeS) && timeS >= 0 && timeS <= kLongestTakeS && key >= 0 && key < 128 && velocity > 0 &&
               velocity < 128;
    };
    while (lines >> timeS >> key >> velocity)
        if (isNote()) hits.push_back(hitOfNote(timeS, key, velocity));
    return hits;
}

}  // namespace upbeat
