#pragma once

#include <QObject>
#include <QPdfWriter>
#include <memory>

#include "studio/letters.h"

namespace upbeat {

class Sheet;

/// The report of takes on paper, each on a sheet of its own: the field as in the window, what was found, what the rung
/// asked, the next step. Sound and remarks are the web page's. A take is written at a time, and the window goes on
/// between them.
class PdfReport : public QObject {
    Q_OBJECT
  public:
    /// `letters` tell the player what came of it; with the parent it is given up.
    static void write(std::vector<ReportedTake> takes, const ReportWish& wish, const QString& file, Letters& letters,
                      QObject* parent);
    ~PdfReport() override;

  private:
    PdfReport(std::vector<ReportedTake> takes, const ReportWish& wish, const QString& file, Letters& letters,
              QObject* parent);
    void writeNext();
    void end(bool isWritten);

    std::vector<ReportedTake> m_takes;
    ReportWish m_wish;
    QPdfWriter m_writer;
    std::unique_ptr<Sheet> m_sheet;
    std::size_t m_next = 0;
    QString m_file;
    Letters& m_letters;
};

}  // namespace upbeat
