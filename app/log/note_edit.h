#pragma once

#include <QTextEdit>

namespace upbeat {

/// A note in Markdown: as it is written while it has the keys, as it is meant when it has not. Headings, lists,
/// emphasis and links; HTML and pictures are not read, for a note may come from somebody else. Tab and Esc leave it,
/// Enter is a new line.
class NoteEdit : public QTextEdit {
    Q_OBJECT
  public:
    static constexpr int kMostLetters = 4000;

    explicit NoteEdit(QWidget* parent = nullptr);

    [[nodiscard]] const QString& note() const { return m_note; }
    /// What is being written stays: the log is read anew whenever it changes.
    void setNote(const QString& note);

  Q_SIGNALS:
    void written();  ///< Left, with another note than before.

  protected:
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

  private:
    void showMeant();

    QString m_note;
    bool m_isWriting = false;
};

}  // namespace upbeat
