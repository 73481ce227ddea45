#include "upbeat/music/editor.h"

#include <fmt/format.h>

#include <algorithm>

#include "editor_parts.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/counting.h"
#include "upbeat/music/following.h"
#include "upbeat/music/transform.h"

namespace upbeat {

namespace {

constexpr std::size_t kMostUndo = 500;

Limb limbFor(Limb side, Voice voice) {
    const bool right = side == Limb::RightHand || side == Limb::RightFoot;
    if (isStruckByFoot(voice)) return right ? Limb::RightFoot : Limb::LeftFoot;
    return right ? Limb::RightHand : Limb::LeftHand;
}

/// A row to write on even where nothing is written.
std::vector<Voice> rowsToWriteOn(const Exercise& e) {
    auto rows = rowsOf(e);
    if (rows.empty()) rows.push_back(Voice::Snare);
    return rows;
}

}  // namespace

ExerciseEditor::ExerciseEditor(Exercise exercise) : m_now{inOrder(std::move(exercise)), {}, {}} {
    m_now.rows = rowsToWriteOn(m_now.exercise);
    m_now.divisions = divisionsOf(m_now.exercise);
}

std::optional<Error> ExerciseEditor::complaint() const {
    const Exercise& e = m_now.exercise;
    for (const CountedBeat& beat : beatsOf(e)) {
        if (fits(e, beat, stepsOfBeat(beat.start))) continue;
        return Error{Text::with(UPBEAT_TEXT("a stroke does not fall on %1 parts"), stepsOfBeat(beat.start)),
                     fmt::format("bar {}, beat {}", beat.bar, beat.number),
                     UPBEAT_TEXT("remove it or divide otherwise")};
    }
    if (m_now.exercise.strokes.empty()) return std::nullopt;  // an empty page is no mistake
    if (const auto ok = check(m_now.exercise); !ok) return ok.error();
    return std::nullopt;
}

// ---- the pen

const Stroke* ExerciseEditor::stroke() const {
    const auto& strokes = m_now.exercise.strokes;
    const auto found = std::find_if(strokes.begin(), strokes.end(),
                                    [this](const Stroke& s) { return s.at == m_at && s.voice == voice(); });
    return found == strokes.end() ? nullptr : &*found;
}

// ---- the selection

// ---- writing

void ExerciseEditor::change(const std::function<void(State&)>& edit) {
    State before = m_now;
    edit(m_now);
    m_now.exercise = followed(inOrder(std::move(m_now.exercise)), before.exercise);
    m_now.divisions.resize(beatsOf(m_now.exercise).size(), m_now.divisions.back());
    divideAsFollowed();
    if (before.exercise == m_now.exercise && before.rows == m_now.rows && before.divisions == m_now.divisions) return;
    m_undo.push_back(std::move(before));
    if (m_undo.size() > kMostUndo) m_undo.erase(m_undo.begin());
    m_redo.clear();
    keepInside();
}

Stroke* ExerciseEditor::find(Exercise& exercise, const Beats& at) const {
    const auto found = std::find_if(exercise.strokes.begin(), exercise.strokes.end(),
                                    [&](const Stroke& s) { return s.at == at && s.voice == voice(); });
    return found == exercise.strokes.end() ? nullptr : &*found;
}

Stroke* ExerciseEditor::meant(Exercise& exercise) const {
    if (Stroke* here = find(exercise, m_at)) return here;
    return find(exercise, stepBefore(m_at));
}

void ExerciseEditor::write(Limb side, Level level) {
    change([&](State& s) {
        const Stroke stroke{m_at, voice(), limbFor(side, voice()), level};
        if (Stroke* here = find(s.exercise, m_at))
            *here = stroke;
        else if (s.exercise.strokes.size() < kMostStrokes)
            s.exercise.strokes.push_back(stroke);
    });
    m_selection.reset();
    moveSteps(1);
}

void ExerciseEditor::rest() {
    erase();
    moveSteps(1);
}

void ExerciseEditor::erase() {
    change([&](State& s) {
        std::erase_if(s.exercise.strokes, [&](const Stroke& stroke) {
            return m_selection ? isInside(stroke, *m_selection) : stroke.at == m_at && stroke.voice == voice();
        });
    });
    m_selection.reset();
}

void ExerciseEditor::eraseBefore() {
    m_selection.reset();
    moveSteps(-1);
    erase();
}

void ExerciseEditor::changeLevel(int steps) {
    change([&](State& s) {
        const auto changed = [steps](Level level) {
            return static_cast<Level>(std::clamp(static_cast<int>(level) + steps, 0, 2));
        };
        if (m_selection) {
            for (Stroke& stroke : s.exercise.strokes)
                if (isInside(stroke, *m_selection)) stroke.level = changed(stroke.level);
        } else if (Stroke* stroke = meant(s.exercise)) {
            stroke->level = changed(stroke->level);
        }
    });
}

void ExerciseEditor::toggleOrnament(Ornament ornament) {
    change([&](State& s) {
        if (Stroke* stroke = meant(s.exercise))
            stroke->ornament = stroke->ornament == ornament ? Ornament::None : ornament;
    });
}

void ExerciseEditor::toggleAnchor() {
    change([&](State& s) {
        if (Stroke* stroke = meant(s.exercise)) stroke->anchor = !stroke->anchor;
    });
}

void ExerciseEditor::swapHand() {
    change([&](State& s) {
        if (Stroke* stroke = meant(s.exercise)) stroke->limb = otherSide(stroke->limb);
    });
}

void ExerciseEditor::divide(int parts) {
    constexpr int kMostParts = 12;
    change([&](State& s) {
        const std::size_t index = beat(m_at).index;
        const int before = s.divisions[index];
        const auto beats = beatsOf(s.exercise);
        // The empty beats behind go along: whoever writes triplets goes on with them.
        for (std::size_t next = index + 1; next < s.divisions.size() && s.divisions[next] == before; ++next) {
            if (divisionOfBeat(s.exercise, beats[next]) > 1) break;
            s.divisions[next] = std::clamp(parts, 1, kMostParts);
        }
        s.divisions[index] = std::clamp(parts, 1, kMostParts);
    });
    m_at = beat(m_at).start;
}

void ExerciseEditor::addRow(Voice voice) {
    change([&](State& s) {
        const auto found = std::find(s.rows.begin(), s.rows.end(), voice);
        if (found != s.rows.end()) {
            m_row = static_cast<std::size_t>(found - s.rows.begin());
            return;
        }
        auto place = s.rows.end();
        if (!isStruckByFoot(voice)) place = std::find_if(s.rows.begin(), s.rows.end(), isStruckByFoot);
        m_row = static_cast<std::size_t>(place - s.rows.begin());
        s.rows.insert(place, voice);
    });
}

void ExerciseEditor::changeVoice(Voice to) {
    change([&](State& s) {
        const Voice from = voice();
        if (std::find(s.rows.begin(), s.rows.end(), to) != s.rows.end()) return;
        for (Stroke& stroke : s.exercise.strokes)
            if (stroke.voice == from) stroke.voice = to, stroke.limb = limbFor(stroke.limb, to);
        s.rows[m_row] = to;
    });
}

void ExerciseEditor::setBars(int bars) {
    change([bars](State& s) {
        auto meters = metersOf(s.exercise);
        meters.resize(static_cast<std::size_t>(std::clamp(bars, 1, kMostBars)), meters.back());
        setMeters(s.exercise, meters);
    });
}

void ExerciseEditor::setMeter(const Meter& meter) {
    if (!isSupported(meter)) return;
    change([&](State& s) {
        setMeters(s.exercise, std::vector(static_cast<std::size_t>(s.exercise.bars), meter));
        s.divisions = divisionsOf(s.exercise);
    });
}

Result<void> ExerciseEditor::setMeterOfBar(const Meter& meter) {
    const int bar = barAt(m_now.exercise, m_at).number;
    auto changed = withBarIn(m_now.exercise, bar, meter);
    if (!changed) return tl::unexpected(changed.error());
    change([&](State& s) {
        s.exercise = *std::move(changed);
        s.divisions = divisionsOf(s.exercise);
    });
    placePen(barOf(m_now.exercise, bar).start, m_row);
    return {};
}

void ExerciseEditor::describe(const Exercise& frame) {
    change([&](State& s) {
        const auto meters = metersOf(s.exercise);
        auto strokes = std::move(s.exercise.strokes);
        s.exercise = frame;
        s.exercise.strokes = std::move(strokes);
        setMeters(s.exercise, meters);
    });
}

void ExerciseEditor::replace(Exercise exercise) {
    change([&](State& s) {
        s.exercise = std::move(exercise);
        s.rows = rowsToWriteOn(s.exercise);
        s.divisions = divisionsOf(s.exercise);
    });
}

}  // namespace upbeat
