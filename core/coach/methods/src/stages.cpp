#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"
#include "ways.h"

namespace upbeat {

void Stages::add(const Text& what, Exercise exercise, double tempoFactor) {
    exercise = inOrder(std::move(exercise));
    if (exercise.strokes.empty() || m_list.size() >= kMostStages) return;
    if (!m_list.empty() && m_list.back().exercise.strokes == exercise.strokes &&
        metersOf(m_list.back().exercise) == metersOf(exercise) && m_list.back().tempoFactor == tempoFactor)
        return;
    markAsPart(exercise, {m_whole.id, StageNumber{m_method, {}, static_cast<int>(m_list.size()) + 1}});
    m_list.push_back({what, std::move(exercise), tempoFactor});
}

void Stages::addWhole() {
    const auto count = m_list.size();
    const Text asWritten = UPBEAT_TEXT("as written");
    add(asWritten, m_whole);
    // The stage before was the whole already.
    if (m_list.size() == count && count > 0) {
        m_list.pop_back();
        add(asWritten, m_whole);
    }
}

}  // namespace upbeat
