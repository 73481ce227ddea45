#pragma once

#include <QCheckBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QVBoxLayout>

#include "studio/letters.h"

namespace upbeat {

/// Before a take goes to somebody else: what goes along, and where the file is saved.
class ReportDialog : public QDialog {
    Q_OBJECT
  public:
    ReportDialog(TakePtr take, Letters& letters, QWidget* parent);

    [[nodiscard]] ReportWish wish() const;
    void saveTo(const QString& file);

  private:
    void addChoices(QVBoxLayout& down);
    [[nodiscard]] QLayout* buildButtons();
    void browse();
    void tell();

    TakePtr m_take;
    Letters& m_letters;
    QLineEdit* m_name;
    QCheckBox* m_sound;
    QCheckBox* m_dates;
    QCheckBox* m_notes;
    QLabel* m_told;
};

}  // namespace upbeat
