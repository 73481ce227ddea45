#include "prepare/hear_bar.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QSignalBlocker>

#include "studio/click_presets.h"
#include "theme/theme.h"
#include "upbeat/music/bars.h"

namespace upbeat {

HearBar::HearBar(const With& with, QWidget* parent)
    : QWidget(parent),
      m_with(with),
      m_layout(new QBoxLayout(QBoxLayout::LeftToRight, this)),
      m_sound(new QWidget(this)),
      m_part(new QWidget(this)),
      m_hear(new QPushButton(this)),
      m_half(toggle(tr("half speed"), tr("At half the tempo"))),
      m_click(toggle(tr("click"), tr("With the click"))),
      m_feel(toggle(tr("with feel"), tr("As a good player plays it, not as a machine"))),
      m_loop(toggle(tr("loop"), tr("Round and round"))),
      m_bars(new QLabel(tr("bars"), this)),
      m_from(new QSpinBox(this)),
      m_to(new QSpinBox(this)),
      m_practise(new QPushButton(this)) {
    m_layout->setContentsMargins(0, 0, 0, 0);
    m_layout->setSpacing(8);
    m_layout->addWidget(m_sound);
    m_layout->addWidget(m_part);
    m_layout->addStretch();
    buildSound();
    buildPart();
    connect(&m_with.playback, &Playback::ticked, this, &HearBar::showPlaying);
    refresh();
}

namespace {

QHBoxLayout* lineIn(QWidget* row) {
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(5);
    return line;
}

}  // namespace

void HearBar::buildSound() {
    auto* layout = lineIn(m_sound);
    m_hear->setAccessibleName(tr("Hear the exercise"));
    m_hear->setFocusPolicy(Qt::TabFocus);
    m_loop->setChecked(true);
    m_click->setChecked(true);
    layout->addWidget(m_hear);
    for (QPushButton* button : {m_loop, m_click, m_half, m_feel}) layout->addWidget(button);
    layout->addStretch();
    connect(m_hear, &QPushButton::clicked, this, [this] { hear(); });
}

void HearBar::buildPart() {
    auto* layout = lineIn(m_part);
    m_bars->setFont(typeFace(Type::kSmall));
    m_bars->setBuddy(m_from);
    layout->addWidget(m_bars);
    for (QSpinBox* box : {m_from, m_to}) {
        box->setButtonSymbols(QAbstractSpinBox::NoButtons);
        box->setMaximumWidth(48);
        layout->addWidget(box);
    }
    m_practise->setFocusPolicy(Qt::TabFocus);
    layout->addWidget(m_practise);
    connect(m_practise, &QPushButton::clicked, this, &HearBar::practise);
    for (QSpinBox* box : {m_from, m_to}) connect(box, &QSpinBox::valueChanged, this, &HearBar::showPractise);
    m_from->setAccessibleName(tr("From bar"));
    m_to->setAccessibleName(tr("To bar"));
    layout->addStretch();
}

void HearBar::resizeEvent(QResizeEvent* event) {
    arrange();
    QWidget::resizeEvent(event);
}

/// In a narrow window the bars stand below.
void HearBar::arrange() {
    const bool fits = m_sound->sizeHint().width() + m_part->sizeHint().width() + m_layout->spacing() <= width();
    m_layout->setDirection(fits ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
}

QSize HearBar::minimumSizeHint() const {
    const QSize sound = m_sound->minimumSizeHint();
    const QSize part = m_part->minimumSizeHint();
    return {std::max(sound.width(), part.width()), QWidget::minimumSizeHint().height()};
}

QPushButton* HearBar::toggle(const QString& text, const QString& tip) {
    auto* button = new QPushButton(text, this);
    button->setCheckable(true);
    button->setToolTip(tip);
    button->setAccessibleName(tip);
    button->setFocusPolicy(Qt::TabFocus);
    return button;
}

void HearBar::showPlaying() {
    m_hear->setText(m_with.playback.isPlaying() ? tr("P  stop") : tr("P  hear it"));
}

void HearBar::showPractise() {
    const bool isPart = m_from->value() > 1 || m_to->value() < m_with.stand.exercise().bars;
    m_practise->setText(m_with.stand.isPart() ? tr("R  the whole") : tr("R  only these"));
    m_practise->setAccessibleName(m_with.stand.isPart() ? tr("Back to the whole") : tr("Practise only these bars"));
    m_practise->setEnabled(m_with.stand.isPart() || isPart);
    m_practise->setVisible(m_with.stand.isPart() || m_with.stand.exercise().bars > 1);
}

void HearBar::practise() {
    if (m_with.stand.isPart())
        m_with.stand.backToWhole();
    else if (m_practise->isEnabled())
        m_with.stand.practiseBars(m_from->value(), std::max(m_from->value(), m_to->value()));
}

void HearBar::refresh() {
    const int bars = m_with.stand.exercise().bars;
    showPlaying();
    for (QWidget* box : {static_cast<QWidget*>(m_bars), static_cast<QWidget*>(m_from), static_cast<QWidget*>(m_to)})
        box->setVisible(bars > 1);
    if (m_to->maximum() != bars) {
        m_from->setRange(1, bars);
        m_to->setRange(1, bars);
        m_from->setValue(1);
        m_to->setValue(bars);
    }
    showPractise();
    arrange();
}

void HearBar::chooseBars(int from, int to) {
    m_from->setValue(from);
    m_to->setValue(to);
}

void HearBar::hear(const std::optional<FreeSpan>& span) {
    if (m_with.playback.isPlaying()) {
        m_with.playback.stop();
        showPlaying();
        return;
    }
    const Exercise& e = m_with.stand.exercise();
    const FreeSpan bars{barOf(e, m_from->value()).start, barOf(e, std::max(m_to->value(), m_from->value())).end()};
    const FreeSpan heard = span.value_or(bars);
    const Bpm tempo(m_with.stand.ladder().tempoBpm);
    Listening wish;
    wish.fromS = secondsAt(e, tempo, heard.from.toDouble());
    wish.toS = secondsAt(e, tempo, heard.to.toDouble());
    wish.speed = m_half->isChecked() ? 0.5 : 1.0;
    wish.click = m_click->isChecked();
    wish.feel = m_feel->isChecked();
    wish.loop = m_loop->isChecked();
    m_with.playback.hear(e, clickPlanOf(m_with.setup.settings(), m_with.stand.ladder().tempoBpm, e), wish);
}

}  // namespace upbeat
