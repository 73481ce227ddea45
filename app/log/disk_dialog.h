#pragma once

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QTableWidget>

#include "studio/log_care.h"

namespace upbeat {

/// What recordings take of the disk, month by month, and how long they are kept.
class DiskDialog : public QDialog {
    Q_OBJECT
  public:
    /// `care` outlives it.
    DiskDialog(LogCare& care, int soundMonths, QWidget* parent = nullptr);

  private:
    void buildRule(int soundMonths);
    void showMonths(const std::vector<MonthOfSound>& months);
    void showRule();

    LogCare& m_care;
    QLabel* m_inAll;
    QTableWidget* m_months;
    QComboBox* m_rule;
    QLabel* m_would;
};

}  // namespace upbeat
