#include "studio/verdict_voice.h"

#include "studio/count_voice.h"
#include "studio/verdict_tone.h"
#include "theme/words.h"
#include "upbeat/words/words.h"

namespace upbeat {

namespace {

constexpr int kMostBeats = 12;

/// Every verdict that may come of a take on this ladder.
std::vector<Verdict> possible(const LadderState& state, int beats) {
    std::vector<Verdict> all;
    const auto add = [&all](Action action, double nextBpm) -> Verdict& {
        Verdict verdict;
        verdict.action = action;
        verdict.nextTempoBpm = nextBpm;
        all.push_back(verdict);
        return all.back();
    };
    add(Action::Again, state.tempoBpm).goalReached = true;
    add(Action::Again, state.tempoBpm);
    add(Action::Easier, state.tempoBpm);
    if (state.ladder.stage) {
        for (const Action action : {Action::Up, Action::Back}) add(action, state.tempoBpm).stage = true;
        return all;
    }
    for (const double rung : state.ladder.rungs())
        if (std::abs(rung - state.tempoBpm) > kSameTempo) add(rung > state.tempoBpm ? Action::Up : Action::Back, rung);
    if (state.ladder.rule == LadderRule::LessClick)
        for (const Action action : {Action::Up, Action::Back}) add(action, state.tempoBpm).tempoBpm = state.tempoBpm;
    for (int beat = 0; beat < beats; ++beat)
        add(Action::Isolate, state.tempoBpm).span = Span{1, Beats(beat + 1), Beats(beat + 2)};
    return all;
}

}  // namespace

VerdictVoice::VerdictVoice(const With& with) : m_with(with) {
    connect(&m_with.setup, &Setup::changed, this, &VerdictVoice::prepareCount);
    connect(&m_with.stand, &Stand::exerciseChanged, this, &VerdictVoice::prepareCount);
    connect(&m_with.input, &AudioInput::opened, this, &VerdictVoice::prepareCount);
    connect(&m_with.recorder, &Recorder::started, this, [this] {
        prepareVerdicts();
        prepareCount();
    });
}

void VerdictVoice::prepareCount() {
    const VoiceUse use = m_with.setup.settings().voice;
    if (use < VoiceUse::CountIn || !m_with.input.isAlive()) return;
    QStringList words = countWords(kMostBeats);
    if (use == VoiceUse::Throughout)
        for (const Section& section : m_with.stand.exercise().sections) words << QString::fromStdString(section.name);
    m_with.speaker.prepare(words, m_with.input.sampleRate());
}

void VerdictVoice::prepareVerdicts() {
    if (m_with.setup.settings().voice == VoiceUse::Silent) return;
    QStringList words;
    for (const Verdict& verdict : possible(m_with.stand.ladder(), m_with.stand.exercise().meter.beatsPerBar()))
        words << inWords(words::spokenOf(verdict));
    m_with.speaker.prepare(words, m_with.input.sampleRate());
}

Sound VerdictVoice::of(const Verdict& verdict) const {
    constexpr double kBetweenS = 0.12;
    const int rate = m_with.input.sampleRate();
    Sound sound = verdictTone(verdict.action, rate);
    if (m_with.setup.settings().voice == VoiceUse::Silent) return sound;
    const auto words = m_with.speaker.sound(inWords(words::spokenOf(verdict)), rate);
    if (!words) return sound;
    sound.samples.resize(sound.samples.size() + static_cast<std::size_t>(kBetweenS * rate));
    sound.samples.insert(sound.samples.end(), words->samples.begin(), words->samples.end());
    return sound;
}

}  // namespace upbeat
