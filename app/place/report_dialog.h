#pragma once

#include <QCheckBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QVBoxLayout>
#include <functional>

#include "upbeat/report/html_report.h"

namespace upbeat {

/// What a report is to be written of.
struct ReportSubject {
    QString fileName;  ///< That is offered.
    QString takes;     ///< "3 takes"; empty: one.
    bool hasSound = true;
    bool hasNote = true;
    std::function<void(const ReportWish& wish, const QString& file)> save;  ///< As a web page, or on paper (.pdf).
};
[[nodiscard]] bool isPaper(const QString& file);

/// Before takes go to somebody else: what goes along, and where the file is saved.
class ReportDialog : public QDialog {
    Q_OBJECT
  public:
    /// Stands in front of the parent until it is answered.
    static void ask(ReportSubject subject, QWidget* parent);

    [[nodiscard]] ReportWish wish() const;
    void saveTo(const QString& file);

  private:
    ReportDialog(ReportSubject subject, QWidget* parent);
    void addChoices(QVBoxLayout& down);
    [[nodiscard]] QLayout* buildButtons();
    void browse();
    void tell();

    ReportSubject m_subject;
    QLineEdit* m_name;
    QCheckBox* m_sound;
    QCheckBox* m_dates;
    QCheckBox* m_notes;
    QLabel* m_told;
};

}  // namespace upbeat
