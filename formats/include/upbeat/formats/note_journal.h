#pragma once

#include <cstdio>
#include <filesystem>
#include <memory>
#include <span>
#include <vector>

#include "upbeat/signal/hit.h"

namespace upbeat {

/// The strokes of a take on a MIDI instrument as they are played, a line each, on the disk within the moment: what a
/// crash leaves of it. The first line names the columns: "# seconds voice level"; the voice by its number. Not for the
/// audio thread.
class NoteJournal {
  public:
    /// Nothing is written, and nothing complained of, where the file cannot be made: the take goes on without it.
    explicit NoteJournal(const std::filesystem::path& file);

    void add(const Hit& hit);

  private:
    struct Close {
        void operator()(std::FILE* file) const { (void)std::fclose(file); }
    };
    std::unique_ptr<std::FILE, Close> m_file;
};

/// The strokes of a journal, with exact voices; empty where there is none. A line that breaks off is left out. Journals
/// without a first line hold the keys and velocities of a General MIDI kit.
[[nodiscard]] std::vector<Hit> readNoteJournal(const std::filesystem::path& file);

}  // namespace upbeat
