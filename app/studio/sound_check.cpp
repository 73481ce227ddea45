#include "studio/sound_check.h"

#include <algorithm>
#include <utility>

#include "upbeat/music/library.h"
#include "upbeat/take/analyze_take.h"

namespace upbeat {

namespace {

constexpr double kUnheardDb = -50;

/// Eight quarters.
Exercise proofPage() {
    Exercise page = *builtInExercise("singles-sixteenths");
    std::erase_if(page.strokes, [](const Stroke& s) { return s.at.denominator() != 1; });
    return page;
}

}  // namespace

SoundCheck::SoundCheck(const With& with, MakeStream make)
    : m_with(with),
      m_levels(make),
      m_ear(with.input),
      m_padMap(m_ear, with.input, with.padKits),
      m_roundTripRun(with.input, with.worker),
      m_padTimer({with.input, with.calibrations, with.setup, with.worker}, std::move(make)) {
    constexpr int kTickMs = 20;
    m_ticker.setInterval(kTickMs);
    connect(&m_ticker, &QTimer::timeout, this, &SoundCheck::tick);
    connect(&m_levels, &InputLevels::changed, this, &SoundCheck::changed);
    connect(&m_padMap, &PadMap::changed, this, [this] {
        if (m_padMap.asked() == PadMap::kRows) m_done.at(static_cast<std::size_t>(Step::Pads)) = true;
        Q_EMIT changed();
    });
    connect(&m_padTimer, &PadTimer::changed, this, &SoundCheck::changed);
    connect(&m_padTimer, &PadTimer::measured, this, [this] {
        if (const auto& outcome = *m_padTimer.outcome()) keepTrip(outcome->latencyS, outcome->uncertainMs);
        Q_EMIT changed();
    });
    connect(&m_roundTripRun, &RoundTripRun::measured, this, [this] {
        if (const auto& trip = *roundTrip()) {
            keepTrip(trip->latencyS, trip->uncertainMs);
            m_padTimer.setMicrophone(m_with.input.id());
        }
        Q_EMIT changed();
    });
    connect(&m_with.inputs, &InputList::changed, this, [this] {
        if (m_isOpen && m_step == Step::Input) enter();
    });
    connect(&m_with.input, &AudioInput::opened, this, &SoundCheck::changed);
    connect(&m_ear, &Ear::struck, this, &SoundCheck::hearStroke);
    connect(&m_ear, &Ear::heard, this, [this](double peakDb) {
        constexpr double kFallDb = 1;
        m_peakDb = std::max(peakDb, m_peakDb - kFallDb);
        m_heldDb = std::max(m_heldDb, peakDb);
        Q_EMIT changed();
    });
}

std::vector<SoundCheck::Step> SoundCheck::steps() const {
    return {Step::Input, isMidi() ? Step::Pads : Step::Level, Step::RoundTrip, Step::Strokes, Step::Proof};
}

void SoundCheck::open() {
    m_isOpen = true;
    const auto all = steps();
    const auto next = std::find_if(all.begin(), all.end(), [this](Step step) { return !isDone(step); });
    m_step = next == all.end() ? Step::Input : *next;
    enter();
}

void SoundCheck::close() {
    m_isOpen = false;
    m_levels.stop();
    m_ear.close();
    m_roundTripRun.stop();
    m_padTimer.stop();
    if (m_proving) m_with.run.stop(TakeRun::End::ThrownAway);
}

void SoundCheck::goTo(Step step) {
    m_step = step;
    enter();
}

void SoundCheck::goOn() {
    const auto all = steps();
    const auto here = std::find(all.begin(), all.end(), m_step);
    if (here + 1 < all.end()) goTo(*(here + 1));
}

/// Listens to what the step needs and to nothing else.
void SoundCheck::enter() {
    if (m_step == Step::Input)
        m_levels.listenTo(m_with.inputs.found().devices);
    else
        m_levels.stop();
    if (m_step == Step::Pads)
        m_padMap.begin();
    else
        m_padMap.end();
    if (m_step == Step::Strokes) m_ear.setPads(m_with.padKits.of(m_with.input.id()));
    if (m_step == Step::Level || m_step == Step::Pads || m_step == Step::Strokes)
        m_ear.open();
    else
        m_ear.close();
    Q_EMIT changed();
}

void SoundCheck::finish(Step step) {
    m_done.at(static_cast<std::size_t>(step)) = true;
    Q_EMIT changed();
}

void SoundCheck::choose(const InputId& id) {
    PracticeSettings settings = m_with.setup.settings();
    settings.input = id;
    settings.inputChosen = true;
    m_with.setup.change(settings);
    m_roundTripRun.forget();
    m_padTimer.forget();
    m_loudestDb.reset();
    m_strokesDb = {};
    finish(Step::Input);
    goOn();
}

SoundCheck::Loudness SoundCheck::loudness() const {
    if (!m_loudestDb || *m_loudestDb < kUnheardDb) return Loudness::Unheard;
    if (*m_loudestDb > kHotDb) return Loudness::Hot;
    return *m_loudestDb < kFaintDb ? Loudness::Faint : Loudness::Good;
}

void SoundCheck::hearStroke(double levelDb) {
    if (m_step == Step::Level) {
        const double peak = std::exchange(m_heldDb, -120.0);
        m_loudestDb = std::max(m_loudestDb.value_or(peak), peak);
        if (loudness() == Loudness::Good) finish(Step::Level);
        Q_EMIT changed();
        return;
    }
    const auto level = asked();
    if (m_step != Step::Strokes || !level) return;
    m_strokesDb.at(static_cast<std::size_t>(*level)).push_back(levelDb);
    if (!asked()) keepStrokes();
    Q_EMIT changed();
}

/// For a microphone they are levels; a kit's velocities are bent until they are those that the page asks for.
void SoundCheck::keepStrokes() {
    const auto middle = [this](Level level) { return median(m_strokesDb.at(static_cast<std::size_t>(level))); };
    const double tap = middle(Level::Tap);
    const auto curve = padCurve(middle(Level::Ghost), tap, middle(Level::Accent));
    m_isUneven = !curve;
    if (!curve) return;
    if (isMidi()) {
        PadKit kit = m_with.padKits.of(m_with.input.id());
        kit.curve = curve;
        m_with.padKits.keep(m_with.input.id(), kit);
    } else {
        keepOwnLevels(m_with.setup, {curve->ghostDb - tap, curve->accentDb - tap});
    }
    finish(Step::Strokes);
}

std::optional<Level> SoundCheck::asked() const {
    for (const Level level : {Level::Ghost, Level::Tap, Level::Accent})
        if (m_strokesDb.at(static_cast<std::size_t>(level)).size() < kStrokesEach) return level;
    return std::nullopt;
}

void SoundCheck::playStrokesAgain() {
    m_strokesDb = {};
    m_isUneven = false;
    Q_EMIT changed();
}

void SoundCheck::measureRoundTrip() {
    if (isMeasuring() || m_with.run.state() != TakeRun::State::Idle) return;
    if (isMidi())
        m_padTimer.start();
    else
        m_roundTripRun.start();
    Q_EMIT changed();
}

void SoundCheck::keepTrip(double latencyS, double uncertainMs) {
    m_with.calibrations.keep(m_with.input, {latencyS * 1e3, uncertainMs, QDate::currentDate()});
    finish(Step::RoundTrip);
}

void SoundCheck::tick() {
    if (m_proving && m_with.run.poll() == TakeRun::State::Done) takeProof();
    if (!m_proving) m_ticker.stop();
}

TakePlan SoundCheck::proofPlan() const {
    constexpr double kTempo = 90;
    TakePlan plan;
    plan.exercise = proofPage();
    plan.click = clickFor(plan.exercise, Bpm(kTempo));
    plan.bars = 2;
    plan.clickGain = m_with.setup.settings().clickGain;
    if (m_with.input.hasOwnLoop()) plan.expectOwnLoop();
    if (const auto known = m_with.calibrations.known(m_with.input).latencyS) plan.latencyS = *known;
    if (isMidi()) plan.pads = m_with.padKits.of(m_with.input.id());
    return plan;
}

void SoundCheck::prove() {
    if (m_proving || m_with.run.state() != TakeRun::State::Idle || !m_with.input.isAlive()) return;
    m_proof.reset();
    if (!m_with.run.start(proofPlan())) return;
    m_proving = true;
    m_ticker.start();
    Q_EMIT changed();
}

void SoundCheck::takeProof() {
    m_proving = false;
    FinishedTake finished = m_with.run.take();
    TakeRecord& take = finished.take;
    const KnownLoop known = m_with.calibrations.known(m_with.input);
    (void)anchorTake(take, checkLoop(finished.clicks, known.latencyS), known);
    Proof proof;
    proof.anchor = take.frame.anchor.kind;
    if (take.frame.bars > 0 && !take.hits.empty()) {
        const TakeAnalysis a = analyzeTake(take.exercise, take.frame, {take.hits, {}}, {Profile(), {}, {}});
        proof.strokes = static_cast<int>(a.matched.strokes.size());
        proof.placementMs = a.measures.timing.placementMs;
        proof.spreadMs = a.measures.timing.spreadMs;
    }
    m_proof = proof;
    if (proof.strokes >= kStrokesEach - 1) finish(Step::Proof);
    Q_EMIT changed();
}

}  // namespace upbeat
