#include "log/open_recording_dialog.h"

#include <QDialogButtonBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include "theme/theme.h"
#include "upbeat/music/exercise.h"

namespace upbeat {

OpenRecordingDialog::OpenRecordingDialog(const QString& exercise, double tempoBpm, QWidget* parent)
    : QDialog(parent),
      m_file(new QLineEdit(this)),
      m_tempo(new QDoubleSpinBox(this)),
      m_firstBeat(new QDoubleSpinBox(this)) {
    setWindowTitle(tr("Measure a recording"));
    setMinimumWidth(560);
    auto* form = new QFormLayout(this);
    form->setContentsMargins(24, 20, 24, 20);
    form->setVerticalSpacing(12);
    auto* about = new QLabel(
        tr("Played against: %1. Choose another exercise in Prepare first if it is another.").arg(exercise), this);
    about->setWordWrap(true);
    about->setFont(typeFace(Type::kText));
    form->addRow(about);
    form->addRow(tr("Recording"), buildFileRow());
    m_tempo->setRange(kSlowestTempo, kFastestTempo);
    for (QDoubleSpinBox* box : {m_tempo, m_firstBeat}) box->setButtonSymbols(QAbstractSpinBox::NoButtons);
    m_tempo->setDecimals(2);
    m_tempo->setValue(tempoBpm);
    form->addRow(tr("Tempo"), m_tempo);
    m_firstBeat->setRange(0, 7200);
    m_firstBeat->setDecimals(3);
    m_firstBeat->setSingleStep(0.01);
    m_firstBeat->setSuffix(tr(" s"));
    form->addRow(tr("Beat 1 of bar 1 is at"), m_firstBeat);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    buttons->button(QDialogButtonBox::Ok)->setText(tr("Measure"));
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    form->addRow(buttons);
}

QLayout* OpenRecordingDialog::buildFileRow() {
    auto* row = new QHBoxLayout;
    auto* browse = new QPushButton(tr("Browse"), this);
    row->addWidget(m_file, 1);
    row->addWidget(browse);
    connect(browse, &QPushButton::clicked, this, [this] {
        const QString chosen = QFileDialog::getOpenFileName(
            this, tr("Recording"), {}, tr("Recordings (*.wav *.flac *.ogg *.aif *.aiff *.mid *.midi)"));
        if (!chosen.isEmpty()) m_file->setText(chosen);
    });
    m_file->setAccessibleName(tr("Recording"));
    return row;
}

}  // namespace upbeat
