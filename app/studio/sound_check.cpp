#include "studio/sound_check.h"

#include <algorithm>
#include <utility>

#include "upbeat/music/library.h"
#include "upbeat/take/analyze_take.h"

namespace upbeat {

namespace {

constexpr double kUnheardDb = -50;
constexpr const char* kOwnLevels = "ownLevels";

/// Eight quarters.
Exercise proofPage() {
    Exercise page = *builtInExercise("singles-sixteenths");
    std::erase_if(page.strokes, [](const Stroke& s) { return s.at.denominator() != 1; });
    return page;
}

std::shared_ptr<const Sound> probeSound(int sampleRate) {
    constexpr float kGain = 0.5F;
    auto sound = std::make_shared<Sound>();
    sound->sampleRate = sampleRate;
    sound->samples.resize(static_cast<std::size_t>(roundTripLengthS() * sampleRate));
    const auto wave = roundTripSound(sampleRate);
    for (const double timeS : roundTripTimesS()) {
        const auto from = static_cast<std::size_t>(std::llround(timeS * sampleRate));
        for (std::size_t i = 0; i < wave.size(); ++i) sound->samples[from + i] = kGain * wave[i];
    }
    return sound;
}

}  // namespace

std::optional<OwnLevels> ownLevelsIn(const Setup& setup) {
    const QVariantMap kept = setup.recallAll(QLatin1String(kOwnLevels));
    const OwnLevels own{kept.value(QStringLiteral("ghostDb")).toDouble(),
                        kept.value(QStringLiteral("accentDb")).toDouble()};
    constexpr double kMostDb = 60;  // anyone may edit the file
    const bool isSane = own.ghostDb < 0 && own.ghostDb > -kMostDb && own.accentDb > 0 && own.accentDb < kMostDb;
    return isSane ? std::optional(own) : std::nullopt;
}

SoundCheck::SoundCheck(const With& with, MakeStream make) : m_with(with), m_levels(std::move(make)), m_ear(with.input) {
    constexpr int kTickMs = 20;
    m_ticker.setInterval(kTickMs);
    connect(&m_ticker, &QTimer::timeout, this, &SoundCheck::tick);
    connect(&m_levels, &InputLevels::changed, this, &SoundCheck::changed);
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

void SoundCheck::open() {
    m_isOpen = true;
    const auto next = std::find(m_done.begin(), m_done.end(), false);
    m_step = next == m_done.end() ? Step::Input : static_cast<Step>(next - m_done.begin());
    enter();
}

void SoundCheck::close() {
    m_isOpen = false;
    m_levels.stop();
    m_ear.close();
    m_with.input.engine().probe(nullptr);
    m_probe.reset();
    if (m_proving) m_with.run.stop(TakeRun::End::ThrownAway);
}

void SoundCheck::goTo(Step step) {
    m_step = step;
    enter();
}

/// Listens to what the step needs and to nothing else.
void SoundCheck::enter() {
    if (m_step == Step::Input)
        m_levels.listenTo(m_with.inputs.found().devices);
    else
        m_levels.stop();
    if (m_step == Step::Level || m_step == Step::Strokes)
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
    m_roundTrip.reset();
    m_loudestDb.reset();
    m_strokesDb = {};
    finish(Step::Input);
    goTo(Step::Level);
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
    if (!asked()) {
        const double tap = median(m_strokesDb.at(static_cast<std::size_t>(Level::Tap)));
        m_with.setup.rememberAll(
            QLatin1String(kOwnLevels),
            {{QStringLiteral("ghostDb"), median(m_strokesDb.at(static_cast<std::size_t>(Level::Ghost))) - tap},
             {QStringLiteral("accentDb"), median(m_strokesDb.at(static_cast<std::size_t>(Level::Accent))) - tap}});
        finish(Step::Strokes);
    }
    Q_EMIT changed();
}

std::optional<Level> SoundCheck::asked() const {
    for (const Level level : {Level::Ghost, Level::Tap, Level::Accent})
        if (m_strokesDb.at(static_cast<std::size_t>(level)).size() < kStrokesEach) return level;
    return std::nullopt;
}

void SoundCheck::playStrokesAgain() {
    m_strokesDb = {};
    Q_EMIT changed();
}

void SoundCheck::measureRoundTrip() {
    if (m_probe || m_with.run.state() != TakeRun::State::Idle || !m_with.input.isAlive()) return;
    m_roundTrip.reset();
    m_probe = std::make_shared<ProbeRun>(probeSound(m_with.input.sampleRate()));
    m_polls = 0;
    m_with.input.engine().probe(m_probe);
    m_ticker.start();
    Q_EMIT changed();
}

void SoundCheck::tick() {
    if (m_proving && m_with.run.poll() == TakeRun::State::Done) takeProof();
    constexpr int kPatience = 1500;  // polls, half a minute
    const bool gaveUp = m_probe && (++m_polls > kPatience || !m_with.input.isAlive());
    if (m_probe && (m_probe->isFinished() || gaveUp)) {
        const auto probe = std::exchange(m_probe, nullptr);
        m_with.input.engine().probe(nullptr);
        m_with.worker.run(
            [probe]() -> Result<RoundTrip> {
                if (!probe->isFinished())
                    return fail(UPBEAT_TEXT("the input gives nothing"), {}, UPBEAT_TEXT("choose it once more"));
                if (probe->isDamaged())
                    return fail(UPBEAT_TEXT("the sound device stuttered"), {}, UPBEAT_TEXT("try it once more"));
                return upbeat::measureRoundTrip(probe->recorded().samples, probe->recorded().sampleRate);
            },
            [this](const Result<RoundTrip>& trip) {
                m_roundTrip = trip;
                if (trip) {
                    m_with.calibrations.keep(m_with.input,
                                             {trip->latencyS * 1e3, trip->uncertainMs, QDate::currentDate()});
                    finish(Step::RoundTrip);
                }
                Q_EMIT changed();
            });
    }
    if (!m_probe && !m_proving) m_ticker.stop();
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
    if (!m_with.input.isMidi()) (void)anchorTake(take, checkLoop(finished.clicks, known.latencyS), known);
    Proof proof;
    proof.anchor = take.frame.anchor.kind;
    if (take.frame.bars > 0 && !take.hits.empty()) {
        const TakeAnalysis a = analyzeTake(take.exercise, take.frame, {take.hits, {}}, {practiceProfile(), {}, {}});
        proof.strokes = static_cast<int>(a.matched.strokes.size());
        proof.placementMs = a.measures.timing.placementMs;
        proof.spreadMs = a.measures.timing.spreadMs;
    }
    m_proof = proof;
    if (proof.strokes >= kStrokesEach - 1) finish(Step::Proof);
    Q_EMIT changed();
}

}  // namespace upbeat
