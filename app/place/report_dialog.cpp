#include "place/report_dialog.h"

#include <QDir>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QPushButton>

#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

bool isPaper(const QString& file) {
    return file.endsWith(QStringLiteral(".pdf"), Qt::CaseInsensitive);
}

void ReportDialog::ask(ReportSubject subject, QWidget* parent) {
    auto* dialog = new ReportDialog(std::move(subject), parent);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->open();
}

ReportDialog::ReportDialog(ReportSubject subject, QWidget* parent)
    : QDialog(parent),
      m_subject(std::move(subject)),
      m_name(new QLineEdit(this)),
      m_sound(new QCheckBox(tr("the sound of the take"), this)),
      m_dates(new QCheckBox(tr("when it was played"), this)),
      m_notes(new QCheckBox(tr("your note on it"), this)),
      m_told(new QLabel(this)) {
    setWindowTitle(tr("Report for a teacher"));
    setMinimumWidth(560);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(24, 20, 24, 20);
    down->setSpacing(10);
    auto* about = new QLabel(
        tr("One file that opens in any browser: your strokes, what was found, the sound; or, as a PDF, the same "
           "on paper. It is saved on this machine; you send it or you do not."),
        this);
    about->setFont(typeFace(Type::kText));
    about->setWordWrap(true);
    down->addWidget(about);
    addChoices(*down);
    m_told->setFont(typeFace(Type::kSmall));
    m_told->setWordWrap(true);
    down->addWidget(m_told);
    down->addLayout(buildButtons());
    tell();
}

void ReportDialog::addChoices(QVBoxLayout& down) {
    auto* named = new QLabel(tr("Your name, if it should stand there"), this);
    named->setBuddy(m_name);
    m_name->setMaxLength(100);
    down.addWidget(named);
    down.addWidget(m_name);
    m_sound->setEnabled(m_subject.hasSound);
    m_notes->setEnabled(m_subject.hasNote);
    for (QCheckBox* box : {m_sound, m_dates, m_notes}) {
        box->setChecked(box->isEnabled());
        connect(box, &QCheckBox::toggled, this, &ReportDialog::tell);
        down.addWidget(box);
    }
    connect(m_name, &QLineEdit::textChanged, this, &ReportDialog::tell);
}

QLayout* ReportDialog::buildButtons() {
    auto* buttons = new QHBoxLayout;
    auto* leave = new QPushButton(tr("Cancel"), this);
    auto* save = new QPushButton(tr("Save the report"), this);
    leave->setAutoDefault(false);
    save->setDefault(true);
    connect(leave, &QPushButton::clicked, this, &QDialog::reject);
    connect(save, &QPushButton::clicked, this, &ReportDialog::browse);
    buttons->addStretch();
    buttons->addWidget(leave);
    buttons->addWidget(save);
    return buttons;
}

ReportWish ReportDialog::wish() const {
    return {m_name->text().trimmed().toStdString(), m_dates->isChecked(), m_notes->isChecked(), m_sound->isChecked(),
            tongue()};
}

/// What leaves the machine when the file does.
void ReportDialog::tell() {
    QStringList along{tr("page and strokes"), tr("what was found and decided")};
    if (!m_subject.takes.isEmpty()) along.prepend(m_subject.takes);
    if (!m_name->text().trimmed().isEmpty()) along << tr("your name");
    if (m_sound->isChecked()) along << tr("the sound, and what else the microphone heard");
    if (m_dates->isChecked()) along << tr("day and hour");
    if (m_notes->isChecked()) along << tr("your note");
    m_told->setText(tr("In the file: %1.").arg(along.join(QStringLiteral(", "))));
}

void ReportDialog::browse() {
    const QString file =
        QFileDialog::getSaveFileName(this, tr("Save the report"), QDir::home().filePath(m_subject.fileName),
                                     tr("Web pages (*.html);;Sheets of paper (*.pdf)"));
    if (!file.isEmpty()) saveTo(file);
}

void ReportDialog::saveTo(const QString& file) {
    m_subject.save(wish(), file);
    accept();
}

}  // namespace upbeat
