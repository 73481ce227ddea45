#include "studio/outside_recording.h"

#include <algorithm>
#include <cmath>

#include "upbeat/formats/hear_file.h"

namespace upbeat {

namespace {

struct Heard {
    OutsideRecording::Strip strip;
    std::vector<Hit> hits;
    std::optional<TakeStart> found;
};

OutsideRecording::Strip stripOf(const BandTrace& trace, double durationS) {
    constexpr std::size_t kColumns = 2000;
    OutsideRecording::Strip strip{durationS, std::vector<float>(kColumns, 0.0F)};
    const auto& columns = trace.columns();
    for (std::size_t i = 0; i < columns.size(); ++i) {
        const auto loudest = *std::max_element(columns[i].begin(), columns[i].end());
        float& height = strip.heights[std::min(kColumns - 1, i * kColumns / columns.size())];
        height = std::max(height, std::sqrt(energyOfStep(loudest)));
    }
    const float most = *std::max_element(strip.heights.begin(), strip.heights.end());
    for (float& height : strip.heights) height = most > 0 ? std::sqrt(height / most) : 0.0F;
    return strip;
}

Result<Heard> hearForStart(const QString& file, const Exercise& exercise, const std::function<bool(double)>& goOn) {
    auto heard = hearFile(file.toStdString(), std::nullopt, 0, goOn);
    if (!heard) return tl::unexpected(heard.error());
    Heard result{stripOf(heard->take.trace, heard->info.durationS), withoutPatches(std::move(heard->take.hits)), {}};
    result.found = findStart(exercise, result.hits);
    return result;
}

}  // namespace

OutsideRecording::OutsideRecording(const With& with) : m_with(with) {
    constexpr int kTickMs = 100;
    m_progress.setInterval(kTickMs);
    connect(&m_progress, &QTimer::timeout, this, &OutsideRecording::changed);
    connect(&m_with.playback, &Playback::ticked, this, [this] {
        if (m_wasHeard == isHeard()) return;
        m_wasHeard = !m_wasHeard;
        Q_EMIT changed();
    });
}

void OutsideRecording::open(const QStringList& files) {
    m_waiting = files;
    m_files = files.size();
    next();
}

void OutsideRecording::next() {
    if (m_waiting.isEmpty()) return close();
    m_file = m_waiting.takeFirst();
    listen();
}

void OutsideRecording::close() {
    letGo();
    m_file.clear();
    m_waiting.clear();
    Q_EMIT changed();
}

/// What was heard of the last file, or is being heard still, is of no use any more.
void OutsideRecording::letGo() {
    ++m_turn;
    if (m_hearing) m_hearing->isWanted = false;
    m_hearing.reset();
    m_progress.stop();
    if (isHeard()) m_with.playback.stop();
    m_trouble.clear();
    m_found.reset();
    m_hits.clear();
    m_strip = {};
}

void OutsideRecording::listen() {
    letGo();
    m_hearing = std::make_shared<Hearing>();
    m_progress.start();
    m_tempoBpm = m_with.stand.ladder().tempoBpm;
    m_firstBeatS = 0;
    const auto goOn = [hearing = m_hearing](double share) {
        hearing->share = share;
        return hearing->isWanted.load();
    };
    m_with.worker.run(
        [file = m_file, exercise = m_with.stand.exercise(), goOn] { return hearForStart(file, exercise, goOn); },
        [this, turn = m_turn](Result<Heard> heard) {
            if (turn != m_turn) return;
            m_hearing.reset();
            m_progress.stop();
            if (!heard) {
                m_trouble = sentenceOf(heard.error());
            } else {
                m_strip = std::move(heard->strip);
                m_hits = std::move(heard->hits);
                m_fromS = 0, m_toS = m_strip.durationS;
                take(heard->found);
            }
            Q_EMIT changed();
        });
    Q_EMIT changed();
}

void OutsideRecording::take(const std::optional<TakeStart>& found) {
    m_found = found;
    m_byHand = false;
    if (!found) return;
    m_tempoBpm = found->reading.tempoBpm;
    m_firstBeatS = found->reading.firstBeatS;
}

std::vector<StartReading> OutsideRecording::readings() const {
    if (!m_found) return {};
    std::vector<StartReading> all{m_found->reading};
    all.insert(all.end(), m_found->others.begin(), m_found->others.end());
    return all;
}

void OutsideRecording::choose(std::size_t reading) {
    const auto all = readings();
    if (reading >= all.size()) return;
    m_tempoBpm = all[reading].tempoBpm;
    m_firstBeatS = all[reading].firstBeatS;
    m_byHand = reading > 0;
    Q_EMIT changed();
}

void OutsideRecording::setTempo(double bpm) {
    if (bpm == m_tempoBpm || !(bpm >= kSlowestTempo && bpm <= kFastestTempo)) return;
    m_tempoBpm = bpm;
    m_byHand = true;
    Q_EMIT changed();
}

void OutsideRecording::setFirstBeat(double seconds) {
    const double kept = std::clamp(seconds, 0.0, std::max(0.0, m_strip.durationS));
    if (kept == m_firstBeatS) return;
    m_firstBeatS = kept;
    m_byHand = true;
    Q_EMIT changed();
}

void OutsideRecording::setStretch(double fromS, double toS) {
    constexpr double kShortestS = 2;
    m_fromS = std::clamp(fromS, 0.0, std::max(0.0, m_strip.durationS - kShortestS));
    m_toS = std::clamp(toS, m_fromS + kShortestS, std::max(m_fromS + kShortestS, m_strip.durationS));
    std::vector<Hit> within;
    std::copy_if(m_hits.begin(), m_hits.end(), std::back_inserter(within),
                 [this](const Hit& hit) { return hit.timeS >= m_fromS && hit.timeS <= m_toS; });
    const int turn = ++m_turn;
    m_with.worker.run(
        [hits = std::move(within), exercise = m_with.stand.exercise()] { return findStart(exercise, hits); },
        [this, turn](const std::optional<TakeStart>& found) {
            if (turn != m_turn) return;
            take(found);
            Q_EMIT changed();
        });
    Q_EMIT changed();
}

void OutsideRecording::hear() {
    constexpr double kBars = 8;
    constexpr double kBeforeS = 0.5;
    if (isHeard()) return m_with.playback.stop();
    if (m_file.isEmpty() || isListening() || !m_trouble.isEmpty()) return;
    auto view = std::make_shared<TakeView>();
    view->soundFile = m_file;
    view->stored.exercise = m_with.stand.exercise();
    view->stored.frame.tempoBpm = m_tempoBpm;
    view->stored.frame.firstBeatS = m_firstBeatS;
    view->stored.click = clickFor(view->stored.exercise, Bpm(m_tempoBpm));
    const double endS = m_firstBeatS + kBars * barDurationS(view->stored.exercise, Bpm(m_tempoBpm));
    m_with.playback.listen(view, {m_firstBeatS - kBeforeS, std::min(m_toS, endS), 1, true, false, false, false});
}

void OutsideRecording::measure() {
    if (isHeard()) m_with.playback.stop();
    if (m_file.isEmpty() || isListening() || !m_trouble.isEmpty()) return;
    OutsideStart start{m_tempoBpm, m_firstBeatS, {}, false, m_toS};
    // A beat that follows the strokes, or that somebody put there by eye, says nothing about placement.
    const bool byClick = m_found && m_found->by == StartBy::Click && !m_byHand;
    start.anchor.kind = byClick ? AnchorKind::Given : AnchorKind::None;
    start.clickHeard = m_found && m_found->by == StartBy::Click;
    m_with.review.openRecording(m_file, start);
    if (!m_waiting.isEmpty())
        m_with.notices.say(tr("%1 more wait: O in the Log goes on with them.").arg(m_waiting.size()));
}

}  // namespace upbeat
