#include "prepare/sound_check_panel.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QVBoxLayout>

#include "studio/notices.h"
#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

namespace {

using Step = SoundCheck::Step;

QStringList stepNames() {
    return {SoundCheckPanel::tr("Input"), SoundCheckPanel::tr("Level"), SoundCheckPanel::tr("Round trip"),
            SoundCheckPanel::tr("Three levels"), SoundCheckPanel::tr("Proof")};
}

QString milliseconds(double ms) {
    return QLocale().toString(ms, 'f', 1);
}

}  // namespace

SoundCheckPanel::SoundCheckPanel(SoundCheck& check, QWidget* parent)
    : QWidget(parent),
      m_check(check),
      m_what(new QLabel(this)),
      m_view(new SoundCheckView(check, this)),
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
            return m_view->move(-1);
        case Qt::Key_Down:
            return m_view->move(1);
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
            return skip();
        case Step::RoundTrip:
            if (m_check.roundTrip() && *m_check.roundTrip()) return skip();
            return m_check.measureRoundTrip();
        case Step::Strokes:
            if (!m_check.asked()) return skip();
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
    m_check.goTo(static_cast<Step>(static_cast<int>(m_check.step()) + 1));
}

QString SoundCheckPanel::instruction() const {
    switch (m_check.step()) {
        case Step::Input:
            return tr("Play a few strokes. The input that moves is yours; with the arrow keys you choose another one.");
        case Step::Level:
            return tr(
                "Play your loudest stroke a few times, then your softest. The loudest should stay below the upper "
                "mark; turn the microphone up or down until it does.");
        case Step::RoundTrip:
            return tr(
                "Hold the microphone to the headphone, or let it hear the loudspeaker, and be quiet for eight "
                "seconds: twelve short sounds tell how long the way round is. Keep the volume low.");
        case Step::Strokes:
            return tr("Eight strokes of each: ghost notes, taps, accents, as you play them.");
        case Step::Proof:
            return tr("A bar is counted in, then play eight quarters to the click.");
    }
    return {};
}

QString SoundCheckPanel::outcome() const {
    switch (m_check.step()) {
        case Step::Input:
            if (!m_check.found().devices.empty()) return {};
            return tr("No microphone is offered: %1").arg(refusalsInWords(m_check.found()));
        case Step::Level:
            switch (m_check.loudness()) {
                case SoundCheck::Loudness::Unheard:
                    return tr("Nothing is heard yet.");
                case SoundCheck::Loudness::Faint:
                    return tr("Too faint: turn it up.");
                case SoundCheck::Loudness::Good:
                    return tr("Good.");
                case SoundCheck::Loudness::Hot:
                    return tr("Too hot: turn it down and play again.");
            }
            return {};
        case Step::RoundTrip:
            return roundTripInWords();
        case Step::Strokes:
            return m_check.asked() ? QString() : tr("Kept as your own three levels.");
        case Step::Proof:
            return proofInWords();
    }
    return {};
}

QString SoundCheckPanel::roundTripInWords() const {
    if (m_check.isMeasuring()) return tr("Listening …");
    const auto& trip = m_check.roundTrip();
    if (trip && *trip)
        return tr("%1 ms, sure to %2 ms, heard %3 times of 12.")
            .arg(milliseconds(1e3 * (*trip)->latencyS), QLocale().toString((*trip)->uncertainMs, 'f', 2))
            .arg((*trip)->heard);
    if (trip) return sentenceOf(trip->error());
    if (const auto kept = m_check.calibration())
        return tr("Measured on %1: %2 ms.")
            .arg(QLocale().toString(kept->day, QLocale::ShortFormat), milliseconds(kept->latencyMs));
    return tr("Not measured: what is late or early against the click cannot be told unless the click is heard.");
}

QString SoundCheckPanel::proofInWords() const {
    const auto& proof = m_check.proof();
    if (!proof) return {};
    if (proof->strokes == 0) return tr("No stroke was heard.");
    QString text = counted(proof->strokes, UPBEAT_TEXT("One stroke was heard"), UPBEAT_TEXT_N("%n strokes were heard"));
    if (proof->placementMs)
        text += (proof->placementMs->value < 0 ? tr(", %1 ms ahead of the click") : tr(", %1 ms behind the click"))
                    .arg(milliseconds(std::abs(proof->placementMs->value)));
    if (proof->spreadMs) text += tr(", even to %1 ms").arg(milliseconds(proof->spreadMs->value));
    return text + QLatin1Char('.');
}

QString SoundCheckPanel::action() const {
    switch (m_check.step()) {
        case Step::Input:
            return tr("Take this one");
        case Step::Level:
            return tr("Next");
        case Step::RoundTrip:
            return m_check.roundTrip() && *m_check.roundTrip() ? tr("Next") : tr("Measure it");
        case Step::Strokes:
            return m_check.asked() ? tr("Begin again") : tr("Next");
        case Step::Proof:
            return m_check.proof() ? tr("Once more") : tr("Start");
    }
    return {};
}

void SoundCheckPanel::refresh() {
    const QStringList names = stepNames();
    const Theme& theme = Theme::of(palette());
    for (int i = 0; i < SoundCheck::kSteps; ++i) {
        auto* step = m_steps.at(static_cast<std::size_t>(i));
        const bool done = m_check.isDone(static_cast<Step>(i));
        step->setText(tr("%1 %2").arg(i + 1).arg(names.at(i)));
        const bool open = static_cast<int>(m_check.step()) == i;
        step->setIcon(done ? tick(open ? theme.spineInk : theme.ink) : QIcon());
        step->setAccessibleName(done ? tr("%1, done").arg(names.at(i)) : names.at(i));
        step->setChecked(open);
    }
    m_what->setText(instruction());
    m_outcome->setText(outcome());
    m_act->setText(tr("Enter  %1").arg(action()));
    m_act->setEnabled(!m_check.isMeasuring());
    const bool isLast = m_check.step() == Step::Proof;
    m_skip->setText(isLast ? tr("Esc  Done") : tr("Right  Skip"));
    const bool draws = m_check.step() != Step::RoundTrip && !isLast;
    m_view->setVisible(draws);
    m_view->setMaximumHeight(m_view->wantedHeight());
    m_view->update();
}

}  // namespace upbeat
