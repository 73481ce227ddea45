#include "shell/help_sheet.h"

#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <algorithm>
#include <array>

#include "theme/theme.h"

namespace upbeat {

namespace {

QWidget* sectionWidget(const KeySection& section, QWidget* parent) {
    auto* box = new QWidget(parent);
    auto* grid = new QGridLayout(box);
    grid->setHorizontalSpacing(14);
    grid->setVerticalSpacing(3);
    grid->setContentsMargins(0, 0, 0, 6);
    auto* title = new QLabel(section.title, box);
    title->setFont(typeFace(Type::kLead, true));
    grid->addWidget(title, 0, 0, 1, 2);
    int row = 1;
    for (const KeyHint& hint : section.keys) {
        auto* key = new QLabel(hint.key, box);
        key->setFont(typeFace(Type::kText, true));
        auto* what = new QLabel(hint.what, box);
        what->setFont(typeFace(Type::kText));
        what->setWordWrap(hint.key.isEmpty());  // a sentence and no key
        grid->addWidget(key, row, 0, Qt::AlignLeft);
        grid->addWidget(what, row, 1, Qt::AlignLeft);
        ++row;
    }
    grid->setRowStretch(row, 1);
    grid->setColumnStretch(1, 1);
    return box;
}

}  // namespace

HelpSheet::HelpSheet(const QList<KeySection>& sections, QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("Keys"));
    auto* page = new QWidget(this);
    auto* across = new QHBoxLayout(page);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(24);
    // Every section goes where there is most room.
    constexpr int kColumns = 3;
    std::array<QVBoxLayout*, kColumns> columns{};
    for (auto*& column : columns) across->addLayout(column = new QVBoxLayout);
    for (const KeySection& section : sections) {
        auto* shortest = *std::min_element(columns.begin(), columns.end(), [](QVBoxLayout* a, QVBoxLayout* b) {
            return a->sizeHint().height() < b->sizeHint().height();
        });
        shortest->addWidget(sectionWidget(section, page));
    }
    for (auto* column : columns) column->addStretch();
    auto* rolling = new QScrollArea(this);
    rolling->setWidget(page);
    rolling->setWidgetResizable(true);
    rolling->setFrameShape(QFrame::NoFrame);
    auto* care = new QLabel(
        tr("Protect your hearing, keep the click low in headphones, take breaks, and stop when something hurts. "
           "What does not pass belongs to a doctor or a qualified teacher; this program gives no medical advice."),
        this);
    care->setWordWrap(true);
    care->setFont(typeFace(Type::kSmall));
    auto* close = new QPushButton(tr("Close"), this);
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    auto* foot = new QHBoxLayout;
    foot->addWidget(care, 1);
    foot->addWidget(close, 0, Qt::AlignBottom);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(28, 20, 28, 20);
    down->addWidget(rolling, 1);
    down->addLayout(foot);
    constexpr QSize kAround(70, 120);
    const QSize wanted = page->sizeHint() + kAround;
    resize(parent != nullptr ? wanted.boundedTo(parent->size()) : wanted);
}

}  // namespace upbeat
