// What of the take is heard, and how.
#include "look/look_place.h"

#include <QGridLayout>
#include <algorithm>
#include <cmath>

#include "look/finding_card.h"
#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

void LookPlace::addListeningKeys() {
    addKey(Qt::Key_H, QStringLiteral("H"), tr("hear"), [this] { hear(spanToHear()); });
    addKey(Qt::Key_S, QStringLiteral("S"), tr("half speed"), [this] {
        Listening slow = spanToHear();
        slow.speed = 0.5;
        hear(slow);
    });
    addKey(Qt::Key_A, QStringLiteral("A"), tr("hear all"), [this] {
        if (m_with.review.take()) hear({0, m_with.review.take()->stored.durationS});
    });
}

/// What is heard with: kept from one listening to the next.
void LookPlace::buildListening(QVBoxLayout* side) {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    const auto toggle = [&](const QString& text, const QString& tip, Qt::Key key) {
        auto* button = new QPushButton(text, this);
        button->setCheckable(true);
        button->setFocusPolicy(Qt::NoFocus);
        button->setToolTip(tip);
        row->addWidget(button);
        addHiddenKey(key, [button] { button->toggle(); });
        return button;
    };
    m_withClick = toggle(tr("C  click"), tr("Hear it with the click (C)"), Qt::Key_C);
    m_ideal = toggle(tr("I  ideal"), tr("Hear it as the page asks for it (I)"), Qt::Key_I);
    m_loop = toggle(tr("O  loop"), tr("Round and round (O)"), Qt::Key_O);
    side->addLayout(row);
}

/// From a beat before the chosen hit, else the chosen finding, else the first beat, a bar long.
Listening LookPlace::spanToHear() const {
    const TakePtr& take = m_with.review.take();
    if (!take) return {};
    const TakeRecord& stored = take->stored;
    const double bar = barDurationS(stored.exercise, Bpm(stored.frame.tempoBpm));
    double at = stored.frame.firstBeatS + stored.frame.latencyS;
    if (const FieldMark* mark = m_field->chosen()) at = mark->timeS;
    constexpr double kBefore = 0.05;
    const double beat = 60.0 / stored.frame.tempoBpm;
    if (m_finding >= 0 && m_field->chosen() == nullptr) {
        // A finding is heard where it happened first: its beat in the first pass, with a beat around it.
        const Finding& finding = take->analysis.findings[static_cast<std::size_t>(m_finding)];
        if (finding.stroke)
            at += secondsAt(stored.exercise, Bpm(stored.frame.tempoBpm),
                            stored.exercise.strokes[static_cast<std::size_t>(*finding.stroke)].at.toDouble());
    }
    return {at - beat - kBefore, at + bar};
}

void LookPlace::hear(Listening wish) {
    if (m_with.playback.isPlaying()) {
        m_with.playback.stop();
        return;
    }
    wish.click = m_withClick->isChecked();
    wish.ideal = m_ideal->isChecked();
    wish.loop = m_loop->isChecked();
    // A loop must come round on the beat.
    if (wish.loop && m_with.review.take()) {
        const double beat = 60.0 / m_with.review.take()->stored.frame.tempoBpm;
        wish.toS = wish.fromS + beat * std::max(1.0, std::round((wish.toS - wish.fromS) / beat));
    }
    m_with.playback.listen(m_with.review.take(), wish);
}

}  // namespace upbeat
