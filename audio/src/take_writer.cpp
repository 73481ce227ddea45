#include "upbeat/audio/take_writer.h"

#include <algorithm>
#include <chrono>
#include <limits>

#include "upbeat/formats/midi_take.h"
#include "upbeat/music/click_sound.h"
#include "upbeat/signal/level_meter.h"
#include "upbeat/take/click_marks.h"

namespace upbeat {

namespace {

constexpr std::size_t kBlock = 4096;
constexpr std::int64_t kLongestGapS = 30;

std::vector<ClickMark> clicksIn(const RecordingRun& run) {
    const TakePlan& plan = run.plan();
    auto marks = clickMarks(plan.click, plan.firstBeatS(), plan.lastClickS(), plan.stopsS());
    std::erase_if(marks, [&plan](const ClickMark& mark) { return mark.timeS < plan.firstClickS(); });
    return marks;
}

}  // namespace

TakeWriter::TakeWriter(std::shared_ptr<RecordingRun> run)
    : m_run(std::move(run)),
      m_listener(m_run->sampleRate(), clicksIn(*m_run)),
      m_pads(m_run->plan().pads.value_or(generalMidiKit())),
      m_loop(clicksIn(*m_run), clickSounds(m_run->sampleRate(), m_run->plan().click.tone), m_run->sampleRate(),
             m_run->plan().longestLoopS) {
    m_result.take = recordOf(m_run->plan());
    m_result.take.sampleRate = m_run->sampleRate();
    if (const auto& file = m_run->plan().notesFile; !file.empty()) m_journal.emplace(file);
}

Result<std::unique_ptr<TakeWriter>> TakeWriter::start(std::shared_ptr<RecordingRun> run) {
    std::unique_ptr<TakeWriter> writer(new TakeWriter(std::move(run)));
    const auto& path = writer->m_run->plan().file;
    if (!path.empty()) {
        auto file = FlacWriter::open(path, writer->m_run->sampleRate());
        if (!file) return tl::unexpected(file.error());
        writer->m_file = std::move(*file);
    }
    // The thread is handed its token: it may run before m_thread is assigned.
    writer->m_thread = std::jthread([raw = writer.get()](const std::stop_token& token) { raw->run(token); });
    return writer;
}

TakeWriter::~TakeWriter() {
    m_run->stop();
    if (m_thread.joinable()) m_thread.request_stop();
}

void TakeWriter::run(const std::stop_token& token) {
    while (true) {
        const bool last = m_run->isFinished() || token.stop_requested();
        const bool some = drain();
        if (last && !some) break;
        if (!some) std::this_thread::sleep_for(std::chrono::milliseconds(5));
    }
    HeardTake heard = m_listener.finish();
    take({});
    closeFile();
    takeNotes(std::numeric_limits<double>::infinity());
    m_result.clicks = m_loop.finish();
    if (!m_notes.empty()) {
        heard = std::move(m_notes);
        m_result.clicks.clear();
    } else if (m_run->plan().openEnded) {
        heard = {};
    }
    TakeRecord& played = m_result.take;
    played.hits = std::move(heard.hits);
    played.trace = std::move(heard.trace);
    played.padGhosts = m_pads.ghosts();
    played.frame.clickBleed = m_listener.hearsClick();
    played.durationS = static_cast<double>(m_written) / m_run->sampleRate();
    // It may have become shorter than it was when the damage was told.
    if (m_written >= m_run->totalFrames())
        for (DamagedSpan& span : played.frame.damaged) span.toS = std::min(span.toS, played.durationS);
    if (!played.openEnded) played.frame.bars = wholeBarsOf(played);
    m_result.stoppedEarly = m_written < m_run->totalFrames();
    m_done.store(true);
}

void TakeWriter::takeNotes(double nowS) {
    StruckNote struck;
    while (m_run->notes().pop(std::span(&struck, 1)) == 1) {
        const double timeS = static_cast<double>(struck.position) / m_run->sampleRate();
        m_pads.push({timeS, struck.key, struck.velocity, struck.pedal});
    }
    for (const PadNote& note : m_pads.take(nowS)) {
        const Hit hit = hitOf(m_pads.kit(), note);
        if (m_journal) m_journal->add(hit);
        m_notes.push_back(hit);
        const std::lock_guard lock(m_mutex);
        m_newHits.push_back(hit);
    }
}

bool TakeWriter::drain() {
    takeNotes(static_cast<double>(m_written) / m_run->sampleRate());
    if (!m_nextLoss) {
        LostFrames lost;
        if (m_run->losses().pop(std::span(&lost, 1)) == 1) m_nextLoss = lost;
    }
    std::array<float, kBlock> block{};
    std::size_t wanted = kBlock;
    if (m_nextLoss) {
        const std::int64_t before = m_nextLoss->at - m_written;
        if (before <= 0) {
            insertLost(*m_nextLoss);
            m_nextLoss.reset();
            return true;
        }
        wanted = std::min(wanted, static_cast<std::size_t>(before));
    }
    const std::size_t count = m_run->samples().pop(std::span(block).first(wanted));
    if (count == 0) return false;
    decideTheEnd();
    take(std::span<const float>(block).first(count));
    return true;
}

/// In time before the last bar ends.
void TakeWriter::decideTheEnd() {
    constexpr double kBeforeS = 0.5;
    const auto at = static_cast<std::int64_t>((m_run->plan().stopsS() - kBeforeS) * m_run->sampleRate());
    if (m_endIsDecided || m_written < at) return;
    m_endIsDecided = true;
    if (!m_loop.hearsClick()) m_run->endWithTheLastBar();
}

/// Keeps the recording's clock right: lost frames become silence, and the span is marked.
void TakeWriter::insertLost(const LostFrames& lost) {
    const std::int64_t most = kLongestGapS * m_run->sampleRate();
    std::int64_t left = std::clamp<std::int64_t>(lost.count, 0, most);
    addDamaged(lost);
    const std::array<float, kBlock> silence{};
    while (left > 0) {
        const auto part = static_cast<std::size_t>(std::min<std::int64_t>(left, kBlock));
        take(std::span<const float>(silence).first(part));
        left -= static_cast<std::int64_t>(part);
    }
}

/// Spans that touch become one: an input that is unplugged damages every cycle, a clock that goes back reaches over
/// several.
void TakeWriter::addDamaged(const LostFrames& lost) {
    const double rate = m_run->sampleRate();
    DamagedSpan span{static_cast<double>(lost.at) / rate,
                     static_cast<double>(lost.at + lost.count + lost.damaged) / rate};
    auto& damaged = m_result.take.frame.damaged;
    constexpr double kTouchS = 1e-6;
    const std::size_t before = damaged.size();
    while (!damaged.empty() && span.fromS <= damaged.back().toS + kTouchS) {
        span = {std::min(span.fromS, damaged.back().fromS), std::max(span.toS, damaged.back().toS)};
        damaged.pop_back();
    }
    damaged.push_back(span);
    if (damaged.size() > before) ++m_lossCount;
}

void TakeWriter::take(std::span<const float> samples) {
    if (!samples.empty()) {
        store(samples);
        m_listener.push(samples);
        m_loop.push(samples);
        m_written += static_cast<std::int64_t>(samples.size());
        // What is taken apart afterwards is heard once more then; hours fit into the same memory.
        if (m_run->plan().openEnded) (void)m_listener.takeAndForget();
    }
    const auto early = m_listener.takeEarly();
    const std::lock_guard lock(m_mutex);
    m_newHits.insert(m_newHits.end(), early.begin(), early.end());
    m_peakDb = std::max(m_peakDb, peakDb(samples));
}

void TakeWriter::store(std::span<const float> samples) {
    if (!m_file) return;
    if (!m_file->write(samples)) {
        m_result.writeError = noRoom();
        m_file.reset();
        return;
    }
    m_unflushed += static_cast<std::int64_t>(samples.size());
    if (m_unflushed < m_run->sampleRate() / 2) return;
    m_file->flush();
    m_unflushed = 0;
}

void TakeWriter::closeFile() {
    if (m_file && !m_file->close() && !m_result.writeError) m_result.writeError = noRoom();
    m_file.reset();
}

Error TakeWriter::noRoom() const {
    return {"the recording could not be written any further", m_run->plan().file.string(),
            "free some space; what was written is kept"};
}

std::vector<Hit> TakeWriter::newHits() {
    const std::lock_guard lock(m_mutex);
    return std::exchange(m_newHits, {});
}

double TakeWriter::newPeakDb() {
    const std::lock_guard lock(m_mutex);
    return std::exchange(m_peakDb, -120.0);
}

FinishedTake TakeWriter::finish() {
    m_run->stop();
    if (!m_run->isFinished()) giveUp();
    if (m_thread.joinable()) m_thread.join();
    return std::move(m_result);
}

}  // namespace upbeat
