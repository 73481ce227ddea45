#pragma once

#include <cstdio>
#include <filesystem>
#include <memory>
#include <span>
#include <vector>

#include "upbeat/signal/hit.h"

namespace upbeat {

/// Notes as they are played, a line each, on the disk within the moment: what a crash leaves of a take on a MIDI
/// instrument. Lines are "SECONDS KEY VELOCITY". Not for the audio thread.
class NoteJournal {
  public:
    /// Nothing is written, and nothing complained of, where the file cannot be made: the take goes on without it.
    explicit NoteJournal(const std::filesystem::path& file);

    void add(double timeS, int key, int velocity);

  private:
    struct Close {
        void operator()(std::FILE* file) const { (void)std::fclose(file); }
    };
    std::unique_ptr<std::FILE, Close> m_file;
};

/// The notes of a journal as hits with exact voices; empty where there is none. A line that breaks off is left out.
[[nodiscard]] std::vector<Hit> readNoteJournal(const std::filesystem::path& file);

}  // namespace upbeat
