#pragma once

#include <QComboBox>
#include <QDialog>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QPushButton>

#include "log/recording_strip.h"

namespace upbeat {

/// A recording from outside before it is measured: what was found of tempo and beat 1, and how it is put right.
class OpenRecordingDialog : public QDialog {
    Q_OBJECT
  public:
    OpenRecordingDialog(OutsideRecording& recording, const QString& exercise, QWidget* parent);

  private:
    [[nodiscard]] QLayout* buildFileRow();
    [[nodiscard]] QLayout* buildStart();
    [[nodiscard]] QLayout* buildButtons();
    void browse();
    void refresh();
    void fillReadings();
    [[nodiscard]] QString said() const;

    OutsideRecording& m_recording;
    QLabel* m_file;
    QLabel* m_said;
    QComboBox* m_readings;
    QDoubleSpinBox* m_tempo;
    QDoubleSpinBox* m_firstBeat;
    QPushButton* m_hear;
    QPushButton* m_measure;
    QPushButton* m_skip;
};

}  // namespace upbeat
