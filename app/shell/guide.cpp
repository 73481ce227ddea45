#include "shell/guide.h"

#include <QHBoxLayout>
#include <QPainter>

#include "shell/main_window.h"
#include "theme/theme.h"

namespace upbeat {

namespace {

QString textOf(Guide::Step step) {
    switch (step) {
        case Guide::Step::Stand:
            return Guide::tr(
                "This is a page: sixteen strokes, hand to hand. The simulated player will play it for you, a "
                "little unevenly. Press F3: the place where one plays.");
        case Guide::Step::Space:
            return Guide::tr("Press Space: a bar is counted in, then the take begins.");
        case Guide::Step::Plays:
            return Guide::tr(
                "The player is playing. Watch the strokes: leaning left is early, leaning right is late, tall is "
                "loud. It stops by itself.");
        case Guide::Step::Finding:
            return Guide::tr(
                "Every column is a count, every row a time round. What can be told is written at the right, with "
                "how sure it is; N goes through it, H lets you hear it. Then press F5.");
        case Guide::Step::Climb:
            return Guide::tr(
                "The ladder: a rung is a tempo, and the take said whether to go up. Press F6 for the log.");
        case Guide::Step::Log:
            return Guide::tr(
                "Here all takes stand by day. F1 explains every place. Now it is your turn: choose what you play "
                "on in Prepare.");
        default:
            return {};
    }
}

}  // namespace

Guide::Guide(Studio& studio, QWidget* parent)
    : QWidget(parent), m_studio(studio), m_text(new QLabel(this)), m_next(new QPushButton(tr("Go on"), this)) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(16, 8, 10, 8);
    m_text->setWordWrap(true);
    m_text->setFont(typeFace(Type::kText, true));
    layout->addWidget(m_text, 1);
    layout->addWidget(m_next);
    auto* out = new QPushButton(tr("Leave"), this);
    layout->addWidget(out);
    connect(m_next, &QPushButton::clicked, this, &Guide::next);
    connect(out, &QPushButton::clicked, this, &Guide::leave);
    connect(&studio.recorder(), &Recorder::started, this, [this] {
        if (m_step == Step::Space) go(Step::Plays);
    });
    connect(&studio.review(), &Review::opened, this, [this] {
        if (m_step == Step::Plays || m_step == Step::Space) go(Step::Finding);
    });
    hide();
}

void Guide::begin() {
    if (m_step != Step::Off || !m_studio.recorder().isIdle()) return;
    m_before = m_studio.setup().settings();
    m_pageBefore = m_studio.stand().exercise().id;
    PracticeSettings settings = m_before;
    settings.input = SimulatedInput{};
    settings.inputChosen = settings.careShown = true;
    settings.barsPerTake = 4;
    m_studio.setup().change(settings);
    m_studio.stand().choose("singles-sixteenths");
    go(Step::Stand);
    Q_EMIT placeWanted(MainWindow::Prepare);
}

void Guide::leave() {
    if (m_step == Step::Off) return;
    if (!m_studio.recorder().isIdle()) m_studio.recorder().stop();
    m_studio.setup().change(m_before);
    if (!m_studio.stand().isFixed()) m_studio.stand().choose(m_pageBefore);
    go(Step::Off);
}

void Guide::next() {
    switch (m_step) {
        case Step::Stand:
            return Q_EMIT placeWanted(MainWindow::Play);
        case Step::Space:
            return m_studio.recorder().start();
        case Step::Finding:
            return Q_EMIT placeWanted(MainWindow::Climb);
        case Step::Climb:
            return Q_EMIT placeWanted(MainWindow::Log);
        case Step::Log:
            leave();
            return Q_EMIT placeWanted(MainWindow::Prepare);
        default:
            return;
    }
}

void Guide::cameTo(int place) {
    if (m_step == Step::Stand && place == MainWindow::Play) go(Step::Space);
    if (m_step == Step::Finding && place == MainWindow::Climb) go(Step::Climb);
    if (m_step == Step::Climb && place == MainWindow::Log) go(Step::Log);
}

void Guide::go(Step step) {
    m_step = step;
    m_text->setText(textOf(step));
    m_next->setText(step == Step::Log ? tr("Done") : tr("Go on"));
    m_next->setVisible(step != Step::Plays);
    setVisible(step != Step::Off);
}

void Guide::paintEvent(QPaintEvent* /*event*/) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& theme = Theme::of(palette());
    painter.setPen(QPen(theme.early, 2));
    painter.setBrush(theme.surface);
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 8, 8);
}

}  // namespace upbeat
