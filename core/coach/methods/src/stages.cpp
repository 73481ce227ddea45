#include <fmt/format.h>

#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"
#include "ways.h"

namespace upbeat {

void Stages::add(const std::string& what, Exercise exercise, double tempoFactor) {
    exercise = inOrder(std::move(exercise));
    if (exercise.strokes.empty() || m_list.size() >= kMostStages) return;
    if (!m_list.empty() && m_list.back().exercise.strokes == exercise.strokes &&
        metersOf(m_list.back().exercise) == metersOf(exercise) && m_list.back().tempoFactor == tempoFactor)
        return;
    markAsPart(exercise, {m_whole.id, StageNumber{m_method, {}, static_cast<int>(m_list.size()) + 1}});
    exercise.title = fmt::format("{}: {}", m_whole.title, what);
    exercise.trains = explain(m_method);
    m_list.push_back({what, std::move(exercise), tempoFactor});
}

void Stages::addWhole() {
    const auto count = m_list.size();
    add("as written", m_whole);
    // The stage before was the whole already.
    if (m_list.size() == count && count > 0) {
        m_list.pop_back();
        add("as written", m_whole);
    }
}

}  // namespace upbeat
