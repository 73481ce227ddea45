#include "prepare/stages_panel.h"

#include <QSignalBlocker>
#include <QVBoxLayout>

#include "strokes/count_line.h"
#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

namespace {

/// One stage in the list: its number, what it is, its tempo, and the page in small.
class StageCard : public QWidget {
  public:
    StageCard(int number, const PracticeStage& stage, bool current, QWidget* parent) : QWidget(parent) {
        auto* layout = new QHBoxLayout(this);
        layout->setContentsMargins(10, 4, 6, 4);
        QString text = QStringLiteral("%1  %2").arg(number).arg(inWords(stage.what));
        if (stage.tempoFactor < 1) text += QStringLiteral("  ·  %1 %").arg(qRound(100 * stage.tempoFactor));
        auto* name = new QLabel(text, this);
        name->setFont(typeFace(Type::kText, current));
        name->setWordWrap(true);
        name->setFixedWidth(210);
        auto* line = new CountLine(this);
        line->setFolded(true);
        line->setExercise(stage.exercise);
        line->setFixedHeight(96);
        line->setAttribute(Qt::WA_TransparentForMouseEvents);
        layout->addWidget(name);
        layout->addWidget(line, 1);
    }
};

}  // namespace

StagesPanel::StagesPanel(const With& with, QWidget* parent)
    : QWidget(parent),
      m_with(with),
      m_method(new QComboBox(this)),
      m_inner(new QComboBox(this)),
      m_how(new QLabel(this)),
      m_list(new QListWidget(this)) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    m_method->setAccessibleName(tr("Way of taking apart"));
    m_how->setFont(typeFace(Type::kText));
    m_how->setWordWrap(true);
    m_list->setAccessibleName(tr("Stages"));
    m_list->setObjectName(QStringLiteral("stages"));
    setFocusProxy(m_list);
    m_list->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    auto* top = new QHBoxLayout;
    m_inner->setAccessibleName(tr("Each part once more"));
    m_inner->addItem(tr("parts as they are"));
    for (const Method inner : {Method::Grow, Method::Chunks, Method::HalfThenFull, Method::SlowWhole})
        m_inner->addItem(tr("each: %1").arg(inWords(words::nameOf(inner)).toLower()), static_cast<int>(inner));
    top->addWidget(m_method, 2);
    top->addWidget(m_inner, 2);
    top->addWidget(m_how, 5);
    layout->addLayout(top);
    layout->addWidget(m_list, 1);
    connect(m_method, &QComboBox::currentIndexChanged, this, &StagesPanel::showStages);
    connect(m_inner, &QComboBox::currentIndexChanged, this, &StagesPanel::showStages);
    connect(m_list, &QListWidget::itemActivated, this, [this](QListWidgetItem* item) { choose(m_list->row(item)); });
}

Method StagesPanel::method() const {
    return static_cast<Method>(m_method->currentData().toInt());
}

std::optional<Method> StagesPanel::inner() const {
    if (m_inner->currentIndex() <= 0) return std::nullopt;
    return static_cast<Method>(m_inner->currentData().toInt());
}

void StagesPanel::setInner(std::optional<Method> inner) {
    m_inner->setCurrentIndex(inner ? std::max(0, m_inner->findData(static_cast<int>(*inner))) : 0);
}

void StagesPanel::refresh() {
    const bool working = m_with.takingApart.isOn();
    m_whole = m_with.stand.whole();
    const Method before = working ? m_with.takingApart.method() : m_method->count() > 0 ? method() : Method::LimbsApart;
    {
        const QSignalBlocker quiet(m_method);
        m_method->clear();
        for (const Method method : methodsFor(m_whole))
            m_method->addItem(inWords(words::nameOf(method)), static_cast<int>(method));
        m_method->setCurrentIndex(std::max(0, m_method->findData(static_cast<int>(before))));
        m_method->setSizeAdjustPolicy(QComboBox::AdjustToContents);
        m_method->setMinimumWidth(m_method->sizeHint().width());  // its own goes by what it held at first
    }
    showStages();
}

void StagesPanel::turn(int steps) {
    const int count = m_method->count();
    if (count > 0) m_method->setCurrentIndex((m_method->currentIndex() + steps + count) % count);
}

void StagesPanel::showStages() {
    m_list->clear();
    if (m_method->count() == 0) return;
    m_how->setText(inWords(words::explained(method())));
    m_stages = m_with.takingApart.stagesFor(m_whole, method(), inner());
    const bool working =
        m_with.takingApart.isOn() && m_with.takingApart.method() == method() && m_with.takingApart.inner() == inner();
    for (std::size_t i = 0; i < m_stages.size(); ++i) {
        const bool current = working && static_cast<int>(i) == m_with.takingApart.stage();
        auto* item = new QListWidgetItem(m_list);
        item->setData(Qt::AccessibleTextRole, inWords(m_stages[i].what));
        auto* card = new StageCard(static_cast<int>(i) + 1, m_stages[i], current, m_list);
        item->setSizeHint(QSize(100, 108));
        m_list->setItemWidget(item, card);
    }
    const int reached = working ? m_with.takingApart.stage() : m_with.takingApart.reached(method(), inner());
    m_list->setCurrentRow(std::min(reached, static_cast<int>(m_stages.size()) - 1));
}

void StagesPanel::chooseCurrent() {
    choose(std::max(0, m_list->currentRow()));
}

void StagesPanel::choose(int row) {
    if (!m_with.takingApart.isOn() || m_with.takingApart.method() != method() || m_with.takingApart.inner() != inner())
        m_with.takingApart.begin(method(), inner());
    m_with.takingApart.goTo(row);
    Q_EMIT chosen();
}

}  // namespace upbeat
