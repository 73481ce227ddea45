#include "studio/manuscript.h"

#include "studio/write_access.h"

namespace upbeat {

Manuscript::Manuscript(const With& with) : m_with(with) {
    constexpr int kKeepMs = 600;
    m_keepTimer.setSingleShot(true);
    m_keepTimer.setInterval(kKeepMs);
    connect(&m_keepTimer, &QTimer::timeout, this, &Manuscript::keep);
    connect(&m_with.stand, &Stand::leaving, this, [this] { isOpen() ? close() : keep(); });
}

void Manuscript::start(const Exercise& exercise) {
    if (m_with.stand.isFixed() || !mayKeep(m_with.folder, m_with.notices)) return;
    m_with.stand.choose(m_with.shelf.add(exercise));
}

void Manuscript::open(const QString& copyTitle) {
    if (isOpen()) return;
    m_with.stand.backToWhole();
    if (!m_with.shelf.isOwn(m_with.stand.exercise().id)) {
        Exercise copy = m_with.stand.exercise();
        copy.tags.emplace_back("own");
        copy.title = copyTitle.arg(QString::fromStdString(copy.title)).toStdString();
        start(copy);
        if (!m_with.shelf.isOwn(m_with.stand.exercise().id)) return;  // nothing can be kept here; it was said
        m_isUnkept = true;
    }
    m_editor = std::make_unique<ExerciseEditor>(m_with.stand.exercise());
    Q_EMIT changed();
}

void Manuscript::edit(const std::function<void(ExerciseEditor&)>& change) {
    if (!isOpen()) return;
    change(*m_editor);
    if (!m_editor->complaint() && !m_editor->exercise().strokes.empty()) {
        m_isUnkept = true;
        m_with.stand.rewrite(m_editor->exercise());
        m_keepTimer.start();
    }
    Q_EMIT changed();
}

void Manuscript::keep() {
    m_keepTimer.stop();
    const Stand& stand = m_with.stand;
    if (!m_isUnkept || !m_with.shelf.isOwn(stand.exercise().id)) return;
    m_isUnkept = false;
    Exercise page = stand.exercise();
    const Ladder& ladder = stand.ladder().ladder;
    page.tempo = {ladder.startBpm, ladder.goalBpm, ladder.stepBpm};
    m_with.stand.rewrite(page);
    m_with.shelf.keep(page);
}

void Manuscript::close() {
    if (!isOpen()) return;
    const auto editor = std::move(m_editor);
    const bool isEmpty = editor->exercise().strokes.empty();
    if (!isEmpty && editor->complaint())
        m_with.notices.say(tr("The page is kept as it last made sense: %1").arg(sentenceOf(*editor->complaint())));
    m_isUnkept = m_isUnkept && !isEmpty;
    keep();
    if (isEmpty) m_with.shelf.remove(editor->exercise().id);
    Q_EMIT closed();
}

void Manuscript::forget() {
    if (m_with.stand.isFixed()) return;
    m_editor.reset();
    m_isUnkept = false;
    m_with.shelf.remove(m_with.stand.exercise().id);
}

}  // namespace upbeat
