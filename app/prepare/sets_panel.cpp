#include "prepare/sets_panel.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLocale>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <algorithm>

#include "theme/theme.h"

namespace upbeat {

namespace {

QString outlookInWords(PracticeSets::Outlook outlook) {
    switch (outlook) {
        case PracticeSets::Outlook::ReachesIt:
            return SetsPanel::tr("will be there");
        case PracticeSets::Outlook::HardlyReachesIt:
            return SetsPanel::tr("will hardly be there: a lower goal, or more minutes");
        case PracticeSets::Outlook::NotSure:
            break;
    }
    return SetsPanel::tr("not sure yet");
}

}  // namespace

SetsPanel::SetsPanel(PracticeSets& sets, const Shelf& shelf, const Stand& stand, QWidget* parent)
    : QWidget(parent),
      m_sets(sets),
      m_shelf(shelf),
      m_stand(stand),
      m_list(new QListWidget(this)),
      m_name(new QLineEdit(this)),
      m_day(new QDateEdit(this)),
      m_exercises(new QListWidget(this)) {
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    auto* right = new QVBoxLayout;
    auto* top = new QHBoxLayout;
    m_list->setAccessibleName(tr("Sets"));
    m_name->setAccessibleName(tr("Name of the set"));
    m_name->setMaxLength(80);
    m_day->setAccessibleName(tr("Wanted on"));
    m_day->setButtonSymbols(QAbstractSpinBox::NoButtons);
    m_exercises->setAccessibleName(tr("Exercises of the set"));
    m_exercises->setFocusPolicy(Qt::TabFocus);
    for (QListWidget* list : {m_list, m_exercises}) {
        list->setWordWrap(true);
        list->setSpacing(5);
        list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    }
    constexpr int kAsHighAsTheName = 34;
    m_day->setMinimumHeight(kAsHighAsTheName);
    top->addWidget(m_name, 1);
    top->addWidget(m_day);
    right->addLayout(top);
    right->addWidget(m_exercises, 1);
    across->addWidget(m_list, 2);
    across->addLayout(right, 3);
    setFocusProxy(m_list);
    connect(m_list, &QListWidget::currentRowChanged, this, &SetsPanel::showChosen);
    connect(m_name, &QLineEdit::editingFinished, this, &SetsPanel::keepChosen);
    connect(m_day, &QDateEdit::editingFinished, this, &SetsPanel::keepChosen);
    connect(&m_sets, &PracticeSets::changed, this, &SetsPanel::refresh);
    refresh();
}

QList<KeyHint> SetsPanel::keys() {
    return {{QStringLiteral("N"), tr("new set")},
            {QStringLiteral("G"), tr("the page on the stand in, or out")},
            {tr("Del"), tr("remove the set")},
            {tr("Esc"), tr("back to the controls")}};
}

std::size_t SetsPanel::chosen() const {
    return static_cast<std::size_t>(std::max(0, m_list->currentRow()));
}

void SetsPanel::enter() {
    m_sets.lookAhead();
}

void SetsPanel::add() {
    constexpr int kTwoWeeks = 14;
    m_sets.add(tr("New set"), QDate::currentDate().addDays(kTwoWeeks));
    m_list->setCurrentRow(m_list->count() - 1);
    m_name->setFocus();
    m_name->selectAll();
}

void SetsPanel::toggleStand() {
    m_sets.toggle(chosen(), m_stand.whole().id);
}

void SetsPanel::remove() {
    m_sets.remove(chosen());
}

void SetsPanel::keepChosen() {
    if (!m_sets.all().empty()) m_sets.change(chosen(), m_name->text().trimmed(), m_day->date());
}

void SetsPanel::refresh() {
    const QSignalBlocker quiet(m_list);
    const int row = m_list->currentRow();
    m_list->clear();
    for (const ExerciseSet& set : m_sets.all()) {
        const QDate day = QDate::fromString(QString::fromStdString(set.wantedOn), Qt::ISODate);
        m_list->addItem(
            tr("%1, %2").arg(QString::fromStdString(set.name), QLocale().toString(day, QStringLiteral("d MMM yyyy"))));
    }
    m_list->setCurrentRow(std::clamp(row, 0, std::max(0, m_list->count() - 1)));
    showChosen();
}

void SetsPanel::showChosen() {
    m_exercises->clear();
    const bool isThere = chosen() < m_sets.all().size();
    m_name->setEnabled(isThere);
    m_day->setEnabled(isThere);
    if (!isThere) {
        m_exercises->addItem(tr("N makes a set: a lesson, a gig, a page of a book, and the day it is wanted on."));
        return;
    }
    const ExerciseSet& set = m_sets.all()[chosen()];
    if (!m_name->hasFocus()) m_name->setText(QString::fromStdString(set.name));
    if (!m_day->hasFocus()) m_day->setDate(QDate::fromString(QString::fromStdString(set.wantedOn), Qt::ISODate));
    for (const std::string& id : set.exerciseIds)
        if (const Exercise* exercise = m_shelf.find(id))
            m_exercises->addItem(
                tr("%1: %2").arg(QString::fromStdString(exercise->title), outlookInWords(m_sets.outlook(set, id))));
    if (set.exerciseIds.empty()) m_exercises->addItem(tr("G puts the page on the stand in."));
}

}  // namespace upbeat
