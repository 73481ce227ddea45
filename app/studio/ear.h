#pragma once

#include <QObject>
#include <QTimer>
#include <memory>

#include "studio/audio_input.h"
#include "upbeat/signal/hit_detector.h"
#include "upbeat/voices/pad_sieve.h"

namespace upbeat {

/// Hears strokes between takes, by sound or as notes: to set levels by playing.
class Ear : public QObject {
    Q_OBJECT
  public:
    explicit Ear(AudioInput& input);
    ~Ear() override { close(); }

    void open();
    void close();
    /// Seconds that were heard since it was opened.
    [[nodiscard]] double nowS() const;
    [[nodiscard]] bool isOpen() const { return m_tap != nullptr; }
    /// What the notes mean from now on; counts from zero what is left out of them.
    void setPads(const PadKit& kit) { m_pads = PadSieve(kit); }
    [[nodiscard]] const PadGhosts& padGhosts() const { return m_pads.ghosts(); }

  Q_SIGNALS:
    void heard(double peakDb);            ///< Many times a second, dBFS.
    void struck(double levelDb);          ///< A stroke that is sure, dBFS.
    void stroke(const Hit& hit);          ///< The same whole, or a note; seconds since it was opened.
    void onset(qint64 position);          ///< The same 20 ms after it sounded: where it lies in the stream.
    void padStruck(const PadNote& note);  ///< One that was played.

  private:
    void listen();
    void tellOnsets(const InputTap& tap);
    [[nodiscard]] std::vector<PadNote> playedNotes();

    AudioInput& m_input;
    std::shared_ptr<InputTap> m_tap;
    std::unique_ptr<HitDetector> m_detector;
    PadSieve m_pads{PadKit{}};
    double m_nowS = 0;  // of the notes
    QTimer m_ticker;
};

}  // namespace upbeat
