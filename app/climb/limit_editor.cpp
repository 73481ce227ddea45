#include "climb/limit_editor.h"

#include <QFileDialog>
#include <QKeyEvent>
#include <QPainter>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <algorithm>

#include "place/clear_layout.h"
#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/music/origin.h"

namespace upbeat {

namespace {

int decimalsOf(GateKind kind) {
    return rangeOf(kind).step < 1 ? 1 : 0;
}

QString unitAfter(GateKind kind) {
    if (kind == GateKind::Mistakes) return LimitEditor::tr(" in 4 bars");
    return QLatin1Char(' ') + inWords(words::unitOf(kind));
}

}  // namespace

LimitEditor::LimitEditor(LimitBook& book, const Stand& stand, QWidget* parent)
    : QWidget(parent),
      m_book(book),
      m_stand(stand),
      m_title(new QLabel(this)),
      m_list(new QWidget(this)),
      m_grid(new QGridLayout) {
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(18, 10, 18, 10);
    down->setSpacing(6);
    m_title->setFont(typeFace(Type::kLead, true));
    m_title->setWordWrap(true);
    down->addWidget(m_title);
    m_grid->setHorizontalSpacing(12);
    m_grid->setVerticalSpacing(0);
    m_grid->setColumnStretch(0, 1);
    m_grid->setContentsMargins(0, 0, 8, 0);
    auto* filling = new QVBoxLayout(m_list);
    filling->setContentsMargins(0, 0, 0, 0);
    filling->addLayout(m_grid);
    filling->addStretch(1);
    auto* scroll = new QScrollArea(this);  // in a low window
    scroll->setWidget(m_list);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->viewport()->setAutoFillBackground(false);
    m_list->setAutoFillBackground(false);
    down->addWidget(scroll, 1);
    connect(&m_book, &LimitBook::changed, this, [this] {
        if (isVisible()) refresh();
    });
}

std::string LimitEditor::scope() const {
    return m_forAll ? std::string() : wholeIdOf(m_stand.exercise());
}

/// For all exercises their own limits are no matter.
std::vector<AskedGate> LimitEditor::askedNow() const {
    Profile profile = m_book.profileFor(m_stand.exercise());
    if (m_forAll) profile.own = m_book.limits().all;
    return askedOf(asJudged(m_stand.exercise()), Bpm(m_stand.ladder().tempoBpm), profile);
}

void LimitEditor::begin() {
    const auto asked = askedNow();
    buildRows(asked);
    refresh();
    if (m_rows.empty()) return;
    m_rows.front().field->setFocus(Qt::TabFocusReason);  // which selects the figure
}

void LimitEditor::buildRows(const std::vector<AskedGate>& asked) {
    clearLayout(*m_grid);
    m_rows.clear();
    for (const AskedGate& gate : asked) addRow(gate);
}

void LimitEditor::addRow(const AskedGate& asked) {
    const LimitRange range = rangeOf(asked.kind);
    Row row{asked.kind, new QLabel(m_list), new QDoubleSpinBox(m_list), new QLabel(m_list)};
    row.name->setBuddy(row.field);
    row.field->setAccessibleName(inWords(words::nameOf(asked.kind)));
    row.field->setToolTip(inWords(words::explained(asked.kind)));
    row.field->setDecimals(decimalsOf(asked.kind));
    row.field->setRange(range.least, range.most);
    row.field->setSingleStep(range.step);
    row.field->setSuffix(unitAfter(asked.kind));
    row.field->setButtonSymbols(QAbstractSpinBox::NoButtons);
    row.field->setAlignment(Qt::AlignRight);
    row.field->setKeyboardTracking(false);
    row.field->installEventFilter(this);
    row.field->setMinimumWidth(118);
    row.name->setWordWrap(true);
    row.builtIn->setFont(typeFace(Type::kText));
    row.builtIn->setContentsMargins(0, 0, 0, 2);
    const int line = 2 * static_cast<int>(m_rows.size());
    m_grid->addWidget(row.name, line, 0, Qt::AlignBottom);
    m_grid->addWidget(row.builtIn, line + 1, 0, Qt::AlignTop);
    m_grid->addWidget(row.field, line, 1, 2, 1, Qt::AlignVCenter);
    connect(row.field, &QDoubleSpinBox::valueChanged, this, [this, kind = asked.kind](double limit) {
        LimitSet next = m_book.limits();
        next.set(scope(), kind, limit);
        m_book.change(next);
    });
    for (QWidget* part :
         {static_cast<QWidget*>(row.name), static_cast<QWidget*>(row.builtIn), static_cast<QWidget*>(row.field)})
        part->show();  // what is hidden takes no focus
    m_rows.push_back(row);
}

void LimitEditor::refresh() {
    m_title->setText(m_forAll ? tr("Your limits for all exercises") : tr("Your limits for this exercise"));
    for (const AskedGate& asked : askedNow())
        if (const Row* row = rowOf(asked.kind)) show(*row, asked);
}

/// What was changed stands bold, with what it is changed from.
void LimitEditor::show(const Row& row, const AskedGate& asked) {
    const QSignalBlocker quiet(row.field);
    row.field->setValue(asked.limit);
    row.name->setFont(typeFace(Type::kText, asked.ownLimit));
    row.field->setFont(typeFace(Type::kText, asked.ownLimit));
    row.name->setText(inWords(words::nameOf(asked.kind)));
    const QString side = asksAtLeast(asked.kind) ? tr("at least") : tr("at most");
    row.builtIn->setText(
        asked.ownLimit
            ? tr("%1; built in %2").arg(side).arg(QLocale().toString(asked.builtIn, 'f', decimalsOf(asked.kind)))
            : side);
}

const LimitEditor::Row* LimitEditor::rowOf(GateKind kind) const {
    const auto row = std::find_if(m_rows.begin(), m_rows.end(), [kind](const Row& r) { return r.kind == kind; });
    return row == m_rows.end() ? nullptr : &*row;
}

QDoubleSpinBox* LimitEditor::fieldOf(GateKind kind) const {
    const Row* row = rowOf(kind);
    return row != nullptr ? row->field : nullptr;
}

void LimitEditor::setForAll(bool forAll) {
    m_forAll = forAll;
    refresh();
}

void LimitEditor::bringBack() {
    LimitSet next = m_book.limits();
    for (const Row& row : m_rows)
        if (row.field->hasFocus()) next.bringBack(scope(), row.kind);
    m_book.change(next);
}

void LimitEditor::bringAllBack() {
    LimitSet next = m_book.limits();
    if (m_forAll)
        next.all.clear();
    else
        next.exercises.erase(scope());
    m_book.change(next);
}

void LimitEditor::openFile() {
    const QString file = QFileDialog::getOpenFileName(this, tr("Limits to ask from now on"), {}, tr("Limits (*.json)"));
    if (!file.isEmpty()) m_book.open(file);
}

void LimitEditor::saveFile() {
    const QString file = QFileDialog::getSaveFileName(this, tr("Pass your limits on"), QStringLiteral("limits.json"),
                                                      tr("Limits (*.json)"));
    if (!file.isEmpty()) m_book.saveAs(file);
}

void LimitEditor::paintEvent(QPaintEvent* /*event*/) {
    QPainter painter(this);
    paintCard(painter, *this);
}

bool LimitEditor::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::ShortcutOverride) return QWidget::eventFilter(watched, event);
    const auto* key = static_cast<QKeyEvent*>(event);
    const bool isOfField = key->key() == Qt::Key_Up || key->key() == Qt::Key_Down;
    const bool isOfPlace = key->text().size() == 1 && (key->text().front().isLetter() || key->key() == Qt::Key_Space);
    if (!isOfField && !isOfPlace) return QWidget::eventFilter(watched, event);
    event->setAccepted(isOfField);
    return true;
}

}  // namespace upbeat
