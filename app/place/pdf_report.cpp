#include "place/pdf_report.h"

#include <QLocale>
#include <QPainter>
#include <QPicture>
#include <QTimer>
#include <algorithm>

#include "place/gate_list.h"
#include "strokes/field_view.h"
#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

/// A sheet that is written from top to bottom, in units of the window, and goes on on the next one.
class Sheet {
  public:
    explicit Sheet(QPdfWriter& writer) : m_writer(writer), m_painter(&writer) {
        m_scale = static_cast<double>(writer.width()) / kWidth;
        m_painter.scale(m_scale, m_scale);
        m_painter.setRenderHint(QPainter::Antialiasing);
    }
    [[nodiscard]] bool isOpen() const { return m_painter.isActive(); }

    void write(const QString& text, double size, bool bold) {
        m_painter.setFont(typeFace(size, bold));
        m_painter.setPen(Theme::light().ink);
        const QRectF room(0, 0, kWidth, 10000);
        const QRectF taken = m_painter.boundingRect(room, Qt::TextWordWrap, text);
        makeRoom(taken.height());
        m_painter.drawText(QRectF(0, m_at, kWidth, taken.height() + 4), Qt::TextWordWrap, text);
        m_at += taken.height() + kBetween;
    }
    void draw(QWidget& widget) {
        widget.setPalette(Theme::light().palette());
        makeRoom(widget.height());
        QPicture picture;  // a widget that paints on a scaled sheet itself loses what lies beyond its own pixels
        widget.render(&picture, QPoint(), QRegion(), QWidget::DrawChildren);
        const double finer = static_cast<double>(picture.logicalDpiX()) / m_writer.logicalDpiX();
        m_painter.save();
        m_painter.translate(0, m_at);
        m_painter.scale(finer, finer);  // a picture is as large on paper as on the screen it was made for
        m_painter.drawPicture(QPointF(), picture);
        m_painter.restore();
        m_at += widget.height() + kBetween;
    }
    /// What comes next is on a sheet of its own.
    void turn() {
        if (m_at > 0) m_writer.newPage();
        m_at = 0;
    }
    static constexpr double kWidth = 760;

  private:
    void makeRoom(double height) {
        if (m_at + height >= m_writer.height() / m_scale) turn();
    }

    static constexpr double kBetween = 10;
    QPdfWriter& m_writer;
    QPainter m_painter;
    double m_scale = 1;
    double m_at = 0;
};

namespace {

QString factsOf(const ReportedTake& take, const ReportWish& wish) {
    QStringList facts{QObject::tr("at %1").arg(tempoInWords(take.take.frame.tempoBpm)),
                      counted(take.analysis.matched.passes, UPBEAT_TEXT("1 pass"), UPBEAT_TEXT_N("%n passes"))};
    if (wish.withDates) facts << QLocale().toString(startOf(take.take), QStringLiteral("dddd d MMMM yyyy, HH:mm"));
    if (!wish.player.empty()) facts << QString::fromStdString(wish.player);
    return facts.join(QStringLiteral("  ·  "));
}

void drawField(Sheet& sheet, const ReportedTake& take) {
    FieldView field;
    field.setData(fieldOf(take.analysis));
    constexpr int kHead = 140;
    constexpr int kRow = 36;
    constexpr std::size_t kMostRows = 16;
    const auto rows = std::min(kMostRows, field.data().rows.size());
    field.resize(static_cast<int>(Sheet::kWidth), kHead + kRow * static_cast<int>(rows));
    sheet.draw(field);
}

void writeTake(Sheet& sheet, const ReportedTake& take, const ReportWish& wish) {
    const Exercise& page = take.analysis.matched.exercise;
    sheet.turn();
    sheet.write(QString::fromStdString(take.take.exercise.title), Type::kTitle, true);
    sheet.write(factsOf(take, wish), Type::kSmall, false);
    const Verdict& verdict = take.analysis.verdict;
    sheet.write(inWords(words::headlineOf(verdict)) + QLatin1Char(' ') + inWords(words::reasonOf(page, verdict)),
                Type::kLead, true);
    drawField(sheet, take);
    for (const Finding& finding : take.analysis.findings)
        sheet.write(QStringLiteral("– ") + inWords(words::sentenceOf(page, finding)) + QLatin1Char('.'), Type::kText,
                    false);
    // Of a take of the log what was asked is known, not what takes before it added to that.
    std::vector<GateEvidence> asked = take.analysis.evidence;
    if (asked.empty())
        for (const Gate& gate : take.analysis.gates) asked.push_back({gate, std::nullopt});
    GateList gates(nullptr, GateList::Size::Small);
    gates.setGates(std::move(asked), std::max(1, take.analysis.takesTogether));
    gates.resize(static_cast<int>(Sheet::kWidth), gates.sizeHint().height());
    sheet.draw(gates);
    if (wish.withNotes && !take.take.note.empty())
        sheet.write(QString::fromStdString(take.take.note), Type::kText, false);
}

}  // namespace

void PdfReport::write(std::vector<ReportedTake> takes, const ReportWish& wish, const QString& file, Letters& letters,
                      QObject* parent) {
    auto* report = new PdfReport(std::move(takes), wish, file, letters, parent);
    QTimer::singleShot(0, report, &PdfReport::writeNext);
}

PdfReport::PdfReport(std::vector<ReportedTake> takes, const ReportWish& wish, const QString& file, Letters& letters,
                     QObject* parent)
    : QObject(parent), m_takes(std::move(takes)), m_wish(wish), m_writer(file), m_file(file), m_letters(letters) {
    constexpr double kMarginMm = 16;
    m_writer.setPageSize(QPageSize(QPageSize::A4));
    m_writer.setPageMargins(QMarginsF(kMarginMm, kMarginMm, kMarginMm, kMarginMm), QPageLayout::Millimeter);
    m_writer.setResolution(300);
    if (!m_takes.empty()) m_writer.setTitle(QString::fromStdString(m_takes.front().take.exercise.title));
    m_writer.setCreator(QStringLiteral("Upbeat Check"));
    m_sheet = std::make_unique<Sheet>(m_writer);
}

PdfReport::~PdfReport() = default;

void PdfReport::writeNext() {
    if (!m_sheet->isOpen()) return end(false);
    if (m_next == m_takes.size()) return end(true);
    writeTake(*m_sheet, m_takes[m_next++], m_wish);
    QTimer::singleShot(0, this, &PdfReport::writeNext);
}

void PdfReport::end(bool isWritten) {
    m_sheet.reset();  // which closes the file
    m_letters.tellOf(m_file, isWritten);
    deleteLater();
}

}  // namespace upbeat
