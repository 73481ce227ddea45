#pragma once

#include <QDialog>
#include <QDoubleSpinBox>
#include <QLineEdit>

namespace upbeat {

/// Asks for a recording, its tempo and where beat 1 of bar 1 lies.
class OpenRecordingDialog : public QDialog {
    Q_OBJECT
  public:
    OpenRecordingDialog(const QString& exercise, double tempoBpm, QWidget* parent);
    [[nodiscard]] QString file() const { return m_file->text(); }
    [[nodiscard]] double tempoBpm() const { return m_tempo->value(); }
    [[nodiscard]] double firstBeatS() const { return m_firstBeat->value(); }

  private:
    [[nodiscard]] QLayout* buildFileRow();

    QLineEdit* m_file;
    QDoubleSpinBox* m_tempo;
    QDoubleSpinBox* m_firstBeat;
};

}  // namespace upbeat
