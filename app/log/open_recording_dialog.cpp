#include "log/open_recording_dialog.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <cmath>

#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/music/exercise.h"

namespace upbeat {

OpenRecordingDialog::OpenRecordingDialog(OutsideRecording& recording, const QString& exercise, QWidget* parent)
    : QDialog(parent), m_recording(recording) {
    setWindowTitle(tr("Measure a recording"));
    setMinimumWidth(780);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(24, 20, 24, 20);
    layout->setSpacing(12);
    auto* about =
        new QLabel(tr("Played against: %1. For another page choose it in Prepare first.").arg(exercise), this);
    about->setWordWrap(true);
    about->setFont(typeFace(Type::kText));
    layout->addWidget(about);
    layout->addLayout(buildFileRow());
    auto* whole = new RecordingStrip(recording, RecordingStrip::View::Whole, this);
    layout->addWidget(whole, 1);
    layout->addWidget(new RecordingStrip(recording, RecordingStrip::View::FirstBar, this), 1);
    m_said = new QLabel(this);
    m_said->setFont(typeFace(Type::kLead, true));
    m_said->setWordWrap(true);
    m_said->setMinimumHeight(2 * QFontMetrics(m_said->font()).lineSpacing());
    layout->addWidget(m_said);
    layout->addLayout(buildStart());
    auto* how = new QLabel(tr("Drag the blue mark to beat 1, or move it with the arrow keys: a millisecond, with Shift "
                              "ten, with Ctrl a beat. The ends of the strip leave out what is not of the take."),
                           this);
    how->setFont(typeFace(Type::kSmall));
    how->setWordWrap(true);
    layout->addWidget(how);
    layout->addLayout(buildButtons());
    connect(&recording, &OutsideRecording::changed, this, &OpenRecordingDialog::refresh);
    refresh();
    whole->setFocus();
}

QLayout* OpenRecordingDialog::buildFileRow() {
    auto* row = new QHBoxLayout;
    m_file = new QLabel(this);
    m_file->setFont(typeFace(Type::kText, true));
    auto* choose = new QPushButton(tr("Choose a file"), this);
    choose->setAutoDefault(false);
    connect(choose, &QPushButton::clicked, this, &OpenRecordingDialog::browse);
    row->addWidget(m_file, 1);
    row->addWidget(choose);
    return row;
}

QLayout* OpenRecordingDialog::buildStart() {
    auto* row = new QHBoxLayout;
    row->setSpacing(14);
    m_readings = new QComboBox(this);
    m_tempo = new QDoubleSpinBox(this);
    m_firstBeat = new QDoubleSpinBox(this);
    for (QDoubleSpinBox* box : {m_tempo, m_firstBeat}) box->setButtonSymbols(QAbstractSpinBox::NoButtons);
    m_tempo->setRange(kSlowestTempo, kFastestTempo);
    m_tempo->setDecimals(3);
    m_firstBeat->setRange(0, 7200);
    m_firstBeat->setDecimals(3);
    m_firstBeat->setSuffix(tr(" s"));
    const std::initializer_list<std::pair<QString, QWidget*>> fields{
        {tr("Readings"), m_readings}, {tr("Tempo"), m_tempo}, {tr("Beat 1 of bar 1 is at"), m_firstBeat}};
    for (const auto& [name, field] : fields) {
        auto* label = new QLabel(name, this);
        label->setBuddy(field);
        field->setAccessibleName(name);
        row->addWidget(label);
        row->addWidget(field, field == m_readings ? 1 : 0);
    }
    connect(m_readings, &QComboBox::activated, this,
            [this](int index) { m_recording.choose(static_cast<std::size_t>(index)); });
    connect(m_tempo, &QDoubleSpinBox::valueChanged, &m_recording, &OutsideRecording::setTempo);
    connect(m_firstBeat, &QDoubleSpinBox::valueChanged, &m_recording, &OutsideRecording::setFirstBeat);
    return row;
}

QLayout* OpenRecordingDialog::buildButtons() {
    auto* row = new QHBoxLayout;
    auto* leave = new QPushButton(tr("Cancel"), this);
    m_skip = new QPushButton(this);
    m_hear = new QPushButton(this);
    m_measure = new QPushButton(tr("Measure"), this);
    m_measure->setDefault(true);
    for (QPushButton* button : {leave, m_skip, m_hear}) button->setAutoDefault(false);
    connect(leave, &QPushButton::clicked, this, &QDialog::reject);
    connect(m_hear, &QPushButton::clicked, &m_recording, [this] {
        m_recording.hear();
        refresh();
    });
    connect(m_skip, &QPushButton::clicked, &m_recording, &OutsideRecording::next);
    connect(m_measure, &QPushButton::clicked, this, [this] {
        m_recording.measure();
        accept();
    });
    row->addWidget(m_hear);
    row->addStretch();
    for (QPushButton* button : {leave, m_skip, m_measure}) row->addWidget(button);
    return row;
}

void OpenRecordingDialog::browse() {
    const QStringList chosen =
        QFileDialog::getOpenFileNames(this, tr("Recording"), {},
                                      tr("Recordings (*.wav *.flac *.ogg *.opus *.mp3 *.m4a *.aac *.mp4 *.mov *.mkv "
                                         "*.webm *.3gp *.aif *.aiff *.mid *.midi);;All files (*)"));
    if (!chosen.isEmpty()) m_recording.open(chosen);
}

void OpenRecordingDialog::refresh() {
    const bool heard = !m_recording.strip().heights.empty();
    m_file->setText(m_recording.file().isEmpty() ? tr("No recording yet") : QFileInfo(m_recording.file()).fileName());
    m_said->setText(said());
    m_skip->setVisible(m_recording.waiting() > 0);
    m_skip->setText(tr("Next file, %1 wait").arg(m_recording.waiting()));
    m_measure->setEnabled(heard);
    m_hear->setEnabled(heard);
    m_hear->setText(m_recording.isHeard() ? tr("Stop") : tr("Hear it with the click"));
    for (QWidget* field : {static_cast<QWidget*>(m_tempo), static_cast<QWidget*>(m_firstBeat)})
        field->setEnabled(heard);
    fillReadings();
    const QSignalBlocker quietTempo(m_tempo);
    const QSignalBlocker quietBeat(m_firstBeat);
    m_tempo->setValue(m_recording.tempoBpm());
    m_firstBeat->setValue(m_recording.firstBeatS());
}

void OpenRecordingDialog::fillReadings() {
    const auto readings = m_recording.readings();
    m_readings->setEnabled(readings.size() > 1);
    m_readings->clear();
    for (const StartReading& reading : readings)
        m_readings->addItem(tr("%1 from %2 s").arg(tenths(reading.tempoBpm)).arg(reading.firstBeatS, 0, 'f', 2));
    for (std::size_t i = 0; i < readings.size(); ++i)
        if (readings[i].tempoBpm == m_recording.tempoBpm() && readings[i].firstBeatS == m_recording.firstBeatS())
            m_readings->setCurrentIndex(static_cast<int>(i));
}

QString OpenRecordingDialog::said() const {
    if (m_recording.file().isEmpty()) return tr("Choose a recording, or drop one on the window.");
    if (m_recording.isListening())
        return tr("Listening to file %1 of %2: %3 %")
            .arg(m_recording.number())
            .arg(m_recording.files())
            .arg(std::floor(100 * m_recording.heardShare()), 0, 'f', 0);
    if (!m_recording.trouble().isEmpty()) return m_recording.trouble();
    const auto& found = m_recording.found();
    if (!found) return tr("The page does not fit what is heard. Choose the stretch or another page, or set the beat.");
    if (found->by == StartBy::Click)
        return tr("A click counts in: %1 beats a minute. The placement can be measured.")
            .arg(found->reading.tempoBpm, 0, 'f', 2);
    return found->sure ? tr("The strokes say %1 beats a minute. Without a click there is no placement.")
                             .arg(found->reading.tempoBpm, 0, 'f', 2)
                       : tr("The strokes say %1 beats a minute, but another reading comes near: look where beat 1 is.")
                             .arg(found->reading.tempoBpm, 0, 'f', 2);
}

}  // namespace upbeat
