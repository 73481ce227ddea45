#include "log/disk_dialog.h"

#include <QDialogButtonBox>
#include <QHeaderView>
#include <QLocale>
#include <QPointer>
#include <QVBoxLayout>

#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

DiskDialog::DiskDialog(LogCare& care, int soundMonths, QWidget* parent)
    : QDialog(parent),
      m_care(care),
      m_inAll(new QLabel(tr("Adding up ..."), this)),
      m_months(new QTableWidget(0, 3, this)),
      m_rule(new QComboBox(this)),
      m_would(new QLabel(this)) {
    setWindowTitle(tr("Recordings on the disk"));
    resize(560, 460);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(m_inAll);
    m_months->setHorizontalHeaderLabels({tr("Month"), tr("Recordings"), tr("Size")});
    m_months->setAccessibleName(tr("Recordings by month"));
    m_months->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_months->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_months->verticalHeader()->hide();
    m_months->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    layout->addWidget(m_months, 1);
    buildRule(soundMonths);
    m_care.readMonths([self = QPointer<DiskDialog>(this)](const std::vector<MonthOfSound>& months) {
        if (self != nullptr) self->showMonths(months);
    });
}

void DiskDialog::showMonths(const std::vector<MonthOfSound>& months) {
    std::uintmax_t bytes = 0;
    m_months->setRowCount(static_cast<int>(months.size()));
    for (int row = 0; row < m_months->rowCount(); ++row) {
        const MonthOfSound& month = months[static_cast<std::size_t>(row)];
        bytes += month.bytes;
        const QStringList cells{QLocale().toString(month.month, QStringLiteral("MMMM yyyy")),
                                QLocale().toString(month.takes),
                                QLocale().formattedDataSize(static_cast<qint64>(month.bytes))};
        for (int column = 0; column < 3; ++column) m_months->setItem(row, column, new QTableWidgetItem(cells[column]));
    }
    m_inAll->setText(months.empty() ? tr("No recordings yet.")
                                    : tr("%1 in all. Hits, figures and verdicts stay, whatever is let go.")
                                          .arg(QLocale().formattedDataSize(static_cast<qint64>(bytes))));
}

void DiskDialog::buildRule(int soundMonths) {
    m_rule->setAccessibleName(tr("How long recordings are kept"));
    m_rule->addItem(tr("Keep all recordings"), 0);
    for (const int keep : {1, 3, 6, 12})
        m_rule->addItem(counted(keep, UPBEAT_TEXT("After a month only clean takes and the last of a day"),
                                UPBEAT_TEXT_N("After %n months only clean takes and the last of a day")),
                        keep);
    m_rule->setCurrentIndex(std::max(0, m_rule->findData(soundMonths)));
    layout()->addWidget(m_rule);
    m_would->setWordWrap(true);
    m_would->setFont(typeFace(Type::kSmall));
    layout()->addWidget(m_would);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    layout()->addWidget(buttons);
    connect(m_rule, &QComboBox::currentIndexChanged, this, &DiskDialog::showRule);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(buttons, &QDialogButtonBox::accepted, this, [this, soundMonths] {
        const int keep = m_rule->currentData().toInt();
        if (keep != soundMonths) m_care.keepSoundFor(keep);
        accept();
    });
    showRule();
}

void DiskDialog::showRule() {
    const int spare = m_care.spareAfter(m_rule->currentData().toInt());
    m_would->setText(spare == 0 ? tr("Nothing is let go now.")
                                : tr("Lets go %1 now, for good.")
                                      .arg(counted(spare, UPBEAT_TEXT("1 recording"), UPBEAT_TEXT_N("%n recordings"))));
}

}  // namespace upbeat
