#pragma once

#include <QObject>
#include <QStringList>
#include <QTimer>
#include <atomic>
#include <memory>
#include <vector>

#include "studio/playback.h"
#include "studio/review.h"
#include "upbeat/take/start.h"

namespace upbeat {

/// A recording from outside on its way to being measured: it is listened to, tempo and beat 1 are found, and the player
/// moves what was found until it is right. Several wait their turn.
class OutsideRecording : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const Stand& stand;
        Review& review;
        Playback& playback;
        Worker& worker;
        Notices& notices;
    };
    explicit OutsideRecording(const With& with);

    /// How loud it is over its length, for a picture: shares of the loudest, 0 to 1.
    struct Strip {
        double durationS = 0;
        std::vector<float> heights;
    };

    /// Takes files in; the first is listened to at once.
    void open(const QStringList& files);
    /// Goes on to the next file that waits.
    void next();
    /// Lets go of all of them.
    void close();
    [[nodiscard]] const QString& file() const { return m_file; }
    [[nodiscard]] qsizetype waiting() const { return m_waiting.size(); }
    /// Which of the files it is, from 1, and how many there are.
    [[nodiscard]] qsizetype number() const { return m_files - m_waiting.size(); }
    [[nodiscard]] qsizetype files() const { return m_files; }
    [[nodiscard]] bool isListening() const { return m_hearing != nullptr; }
    /// Of the recording, what was listened to: 0 to 1.
    [[nodiscard]] double heardShare() const { return m_hearing ? m_hearing->share.load() : 1; }
    /// What is wrong with the file; empty where it was heard.
    [[nodiscard]] const QString& trouble() const { return m_trouble; }

    [[nodiscard]] const Strip& strip() const { return m_strip; }
    /// What was found: nothing where the page does not fit.
    [[nodiscard]] const std::optional<TakeStart>& found() const { return m_found; }
    /// The found reading and its others; the first is what was found.
    [[nodiscard]] std::vector<StartReading> readings() const;
    void choose(std::size_t reading);

    [[nodiscard]] int beatsPerBar() const { return m_with.stand.exercise().meter.beatsPerBar(); }
    [[nodiscard]] double tempoBpm() const { return m_tempoBpm; }
    [[nodiscard]] double firstBeatS() const { return m_firstBeatS; }
    void setTempo(double bpm);
    void setFirstBeat(double seconds);
    /// Only what lies between is measured.
    [[nodiscard]] double fromS() const { return m_fromS; }
    [[nodiscard]] double toS() const { return m_toS; }
    /// Looks for the start again, in that stretch alone.
    void setStretch(double fromS, double toS);

    /// Plays the first bars with a click where tempo and beat 1 put it; again: stops it.
    void hear();
    [[nodiscard]] bool isHeard() const { return m_with.playback.isPlaying(); }

    void measure();

  Q_SIGNALS:
    void changed();

  private:
    /// Shared with the thread that listens.
    struct Hearing {
        std::atomic<double> share{0};
        std::atomic<bool> isWanted{true};
    };

    void listen();
    void letGo();
    void take(const std::optional<TakeStart>& found);

    With m_with;
    QString m_file;
    QStringList m_waiting;
    int m_turn = 0;  // what was begun for an earlier file is of no use any more
    qsizetype m_files = 0;
    std::shared_ptr<Hearing> m_hearing;  // while it is listened to
    QTimer m_progress;
    bool m_wasHeard = false;
    QString m_trouble;
    Strip m_strip;
    std::vector<Hit> m_hits;
    std::optional<TakeStart> m_found;
    double m_tempoBpm = 0;
    double m_firstBeatS = 0;
    double m_fromS = 0;
    double m_toS = 0;
    bool m_byHand = false;  // tempo or beat are no longer those of the click
};

}  // namespace upbeat
