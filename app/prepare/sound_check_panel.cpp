#include "prepare/sound_check_panel.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QVBoxLayout>

#include "theme/theme.h"

namespace upbeat {

namespace {

using Step = SoundCheck::Step;

}  // namespace

SoundCheckPanel::SoundCheckPanel(SoundCheck& check, QWidget* parent)
    : QWidget(parent),
      m_check(check),
      m_words(check),
      m_what(new QLabel(this)),
      m_view(new SoundCheckView(check, this)),
      m_pads(new PadMapView(check.padMap(), this)),
      m_outcome(new QLabel(this)),
      m_act(new QPushButton(this)),
      m_skip(new QPushButton(this)) {
    buildSteps();
    layOut();
    setFocusPolicy(Qt::StrongFocus);
    for (QPushButton* key : {m_act, m_skip}) {
        key->setFont(typeFace(Type::kText));
        key->setFocusPolicy(Qt::TabFocus);
    }
    connect(m_act, &QPushButton::clicked, this, &SoundCheckPanel::act);
    connect(m_skip, &QPushButton::clicked, this, &SoundCheckPanel::skip);
    connect(&m_check, &SoundCheck::changed, this, [this] {
        if (isVisible()) refresh();
    });
}

void SoundCheckPanel::buildSteps() {
    for (int i = 0; i < SoundCheck::kSteps; ++i) {
        auto* step = m_steps.at(static_cast<std::size_t>(i)) = new QPushButton(this);
        step->setCheckable(true);
        step->setFont(typeFace(Type::kText));
        step->setFocusPolicy(Qt::TabFocus);
        connect(step, &QPushButton::clicked, this, [this, i] { m_check.goTo(static_cast<Step>(i)); });
    }
}

void SoundCheckPanel::layOut() {
    auto* across = new QHBoxLayout;
    for (QPushButton* step : m_steps) across->addWidget(step);
    across->addStretch();
    m_what->setFont(typeFace(Type::kLead));
    m_outcome->setFont(typeFace(Type::kTitle, true));
    for (QLabel* label : {m_what, m_outcome}) label->setWordWrap(true);
    auto* keys = new QHBoxLayout;
    keys->addWidget(m_act);
    keys->addWidget(m_skip);
    keys->addStretch();
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(0, 0, 0, 0);
    down->setSpacing(14);
    down->addLayout(across);
    down->addWidget(m_what);
    down->addWidget(m_view, 8);
    down->addWidget(m_pads);
    down->addWidget(m_outcome);
    down->addLayout(keys);
    down->addStretch(1);
}

void SoundCheckPanel::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    m_check.open();
}

void SoundCheckPanel::hideEvent(QHideEvent* event) {
    QWidget::hideEvent(event);
    m_check.close();
}

void SoundCheckPanel::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
        case Qt::Key_Up:
        case Qt::Key_Down: {
            const int rows = event->key() == Qt::Key_Up ? -1 : 1;
            return m_check.step() == Step::Pads ? m_pads->move(rows) : m_view->move(rows);
        }
        case Qt::Key_Right:
            return skip();
        default:
            QWidget::keyPressEvent(event);
    }
}

void SoundCheckPanel::act() {
    switch (m_check.step()) {
        case Step::Input:
            return m_check.choose(m_view->chosen());
        case Step::Level:
        case Step::Pads:
            return skip();
        case Step::RoundTrip:
            if (m_words.isTripMeasured()) return skip();
            return m_check.measureRoundTrip();
        case Step::Strokes:
            if (!m_check.asked() && !m_check.isUneven()) return skip();
            return m_check.playStrokesAgain();
        case Step::Proof:
            return m_check.prove();
    }
}

void SoundCheckPanel::skip() {
    if (m_check.step() == Step::Proof) {
        Q_EMIT left();
        return;
    }
    m_check.goOn();
}

void SoundCheckPanel::refreshSteps() {
    const Theme& theme = Theme::of(palette());
    for (QPushButton* step : m_steps) step->hide();
    int number = 0;
    for (const Step it : m_check.steps()) {
        auto* step = m_steps.at(static_cast<std::size_t>(it));
        const bool done = m_check.isDone(it);
        const bool open = m_check.step() == it;
        const QString name = m_words.nameOf(it);
        step->setText(tr("%1 %2").arg(++number).arg(name));
        step->setIcon(done ? tick(open ? theme.spineInk : theme.ink) : QIcon());
        step->setAccessibleName(done ? tr("%1, done").arg(name) : name);
        step->setChecked(open);
        step->show();
    }
}

void SoundCheckPanel::refresh() {
    refreshSteps();
    m_what->setText(m_words.instruction());
    m_outcome->setText(m_words.outcome());
    m_act->setText(tr("Enter  %1").arg(m_words.action()));
    m_act->setEnabled(!m_check.isMeasuring());
    const Step step = m_check.step();
    m_skip->setText(step == Step::Proof ? tr("Esc  Done") : tr("Right  Skip"));
    m_pads->setVisible(step == Step::Pads);
    m_view->setVisible(step == Step::Input || step == Step::Level || step == Step::Strokes);
    m_view->setMaximumHeight(m_view->wantedHeight());
    m_view->update();
}

}  // namespace upbeat
