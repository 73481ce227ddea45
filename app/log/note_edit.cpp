#include "log/note_edit.h"

#include <QKeyEvent>
#include <QTextCursor>
#include <QTextDocument>

namespace upbeat {

NoteEdit::NoteEdit(QWidget* parent) : QTextEdit(parent) {
    constexpr int kLines = 3;
    setAcceptRichText(false);
    setTabChangesFocus(true);
    document()->setDocumentMargin(6);
    setFixedHeight(kLines * fontMetrics().lineSpacing() + 20);
}

void NoteEdit::setNote(const QString& note) {
    m_note = note;
    if (!m_isWriting) showMeant();
}

void NoteEdit::showMeant() {
    constexpr QTextDocument::MarkdownFeatures kGitHub(QTextDocument::MarkdownDialectGitHub);
    // Qt would read any picture that a note names, and a note may be somebody else's.
    const QString withoutPictures = QString(m_note).replace(QLatin1String("!["), QLatin1String("!\\["));
    document()->setMarkdown(withoutPictures, kGitHub | QTextDocument::MarkdownNoHTML);
    // Three lines are no page: a heading is bold, and as large as the rest.
    QTextCharFormat plain;
    plain.setProperty(QTextFormat::FontSizeAdjustment, 0);
    QTextCursor all(document());
    all.select(QTextCursor::Document);
    all.mergeCharFormat(plain);
}

void NoteEdit::focusInEvent(QFocusEvent* event) {
    QTextEdit::focusInEvent(event);
    if (m_isWriting) return;  // a menu was open
    m_isWriting = true;
    setPlainText(m_note);
    moveCursor(QTextCursor::End);
}

void NoteEdit::focusOutEvent(QFocusEvent* event) {
    QTextEdit::focusOutEvent(event);
    if (event->reason() == Qt::PopupFocusReason) return;
    const QString before = m_note;
    m_note = toPlainText().left(kMostLetters).trimmed();
    m_isWriting = false;
    showMeant();
    if (m_note != before) Q_EMIT written();
}

void NoteEdit::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape)
        focusNextPrevChild(false);
    else
        QTextEdit::keyPressEvent(event);
}

}  // namespace upbeat
