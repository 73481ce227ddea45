#include "shell/help_sheet.h"

#include <QGridLayout>
#include <QLabel>
#include <QPushButton>

#include "theme/theme.h"

namespace upbeat {

namespace {

QWidget* sectionWidget(const HelpSheet::Section& section, QWidget* parent) {
    auto* box = new QWidget(parent);
    auto* grid = new QGridLayout(box);
    grid->setHorizontalSpacing(14);
    grid->setVerticalSpacing(5);
    auto* title = new QLabel(section.title, box);
    title->setFont(typeFace(Type::kLead, true));
    grid->addWidget(title, 0, 0, 1, 2);
    int row = 1;
    for (const KeyHint& hint : section.keys) {
        auto* key = new QLabel(hint.key, box);
        key->setFont(typeFace(Type::kText, true));
        auto* what = new QLabel(hint.what, box);
        what->setFont(typeFace(Type::kText));
        grid->addWidget(key, row, 0, Qt::AlignLeft);
        grid->addWidget(what, row, 1, Qt::AlignLeft);
        ++row;
    }
    grid->setRowStretch(row, 1);
    grid->setColumnStretch(1, 1);
    return box;
}

}  // namespace

HelpSheet::HelpSheet(const QList<Section>& sections, QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("Keys"));
    auto* grid = new QGridLayout(this);
    grid->setSpacing(24);
    grid->setContentsMargins(28, 24, 28, 24);
    for (int i = 0; i < sections.size(); ++i)
        grid->addWidget(sectionWidget(sections.at(i), this), i / 3, i % 3, Qt::AlignTop);
    auto* care = new QLabel(
        tr("Protect your hearing, keep the click low in headphones, take breaks, and stop when something hurts. "
           "What does not pass belongs to a doctor or a qualified teacher; this program gives no medical advice."),
        this);
    care->setWordWrap(true);
    care->setFont(typeFace(Type::kSmall));
    const int row = static_cast<int>(sections.size() + 2) / 3;
    grid->addWidget(care, row, 0, 1, 2);
    auto* close = new QPushButton(tr("Close"), this);
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    grid->addWidget(close, row, 2, Qt::AlignRight | Qt::AlignBottom);
}

}  // namespace upbeat
