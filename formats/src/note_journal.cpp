#include "upbeat/formats/note_journal.h"

#include <cmath>
#include <sstream>

#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/midi_take.h"
#include "upbeat/take/take_bounds.h"

namespace upbeat {

namespace {

constexpr const char* kColumns = "# seconds voice level";

bool isInTake(double timeS) {
    return std::isfinite(timeS) && timeS >= 0 && timeS <= kLongestTakeS;
}

std::vector<Hit> strokesIn(std::istream& lines) {
    std::vector<Hit> hits;
    Hit hit = hitOf(generalMidiKit(), {});
    int voice = 0;
    while (lines >> hit.timeS >> voice >> hit.levelDb) {
        if (!isInTake(hit.timeS) || voice < 0 || voice >= kVoiceCount || !std::isfinite(hit.levelDb)) continue;
        hit.voice = static_cast<Voice>(voice);
        hits.push_back(hit);
    }
    return hits;
}

std::vector<Hit> keysIn(std::istream& lines) {
    std::vector<Hit> hits;
    const PadKit kit = generalMidiKit();
    PadNote note;
    while (lines >> note.timeS >> note.key >> note.velocity) {
        const bool isNote = note.key >= 0 && note.key < kPadKeys && note.velocity > 0 && note.velocity < kPadKeys;
        if (isNote && isInTake(note.timeS)) hits.push_back(hitOf(kit, note));
    }
    return hits;
}

}  // namespace

NoteJournal::NoteJournal(const std::filesystem::path& file) : m_file(std::fopen(file.c_str(), "we")) {
    if (m_file) (void)std::fprintf(m_file.get(), "%s\n", kColumns);
}

void NoteJournal::add(const Hit& hit) {
    if (!m_file) return;
    const int voice = static_cast<int>(hit.voice.value_or(Voice::Pad));
    (void)std::fprintf(m_file.get(), "%.9f %d %.6f\n", hit.timeS, voice, hit.levelDb);
    (void)std::fflush(m_file.get());
}

std::vector<Hit> readNoteJournal(const std::filesystem::path& file) {
    const auto text = readFile(file);
    if (!text) return {};
    std::istringstream lines(text->substr(0, text->rfind('\n') + 1));
    if (text->rfind('#', 0) != 0) return keysIn(lines);
    std::string columns;
    std::getline(lines, columns);
    return columns == kColumns ? strokesIn(lines) : std::vector<Hit>();
}

}  // namespace upbeat
