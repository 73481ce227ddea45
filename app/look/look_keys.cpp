// What Look answers to: its keys, and what the studio tells.
#include "look/look_place.h"

#include <QGridLayout>
#include <algorithm>
#include <cmath>

#include "look/finding_card.h"
#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/judge/place_words.h"

namespace upbeat {

void LookPlace::connectStudio() {
    connect(m_verdict, &VerdictBar::accepted, &m_studio, &Studio::acceptNextStep);
    connect(m_field, &FieldView::chosenChanged, this, &LookPlace::showChosen);
    connect(&m_studio.playback(), &Playback::spanFetched, this,
            [this](std::shared_ptr<const Sound> sound, double fromS) {
                const FieldMark* mark = m_field->chosen();
                // Another hit may have been chosen while the disk was read: then its own sound is on the way.
                const double onsetS = mark != nullptr ? mark->timeS - fromS : -1;
                if (onsetS >= 0 && onsetS <= sound->durationS()) m_closeUp->show(std::move(sound), onsetS);
            });
    connect(&m_studio, &Studio::takeOpened, this, &LookPlace::showTake);
    connect(&m_studio, &Studio::nextStepChanged, this, &LookPlace::showVerdict);
    connect(&m_studio.playback(), &Playback::ticked, this, [this] {
        if (isVisible()) m_field->setPlayhead(m_studio.playback().playheadS());
    });
}

void LookPlace::addKeys() {
    addKey(Qt::Key_Return, tr("Enter"), tr("next step"), [this] { m_studio.acceptNextStep(); });
    addKey(Qt::Key_Left, tr("Arrows"), tr("hit"), [this] { m_field->moveAlong(-1); });
    addHiddenKey(Qt::Key_Right, [this] { m_field->moveAlong(1); });
    addHiddenKey(Qt::Key_Up, [this] { m_field->movePass(-1); });
    addHiddenKey(Qt::Key_Down, [this] { m_field->movePass(1); });
    addKey(Qt::Key_N, QStringLiteral("N"), tr("next finding"), [this] {
        if (m_findingCount > 0) chooseFinding((m_finding + 1) % m_findingCount);
    });
    addKey(Qt::Key_L, QStringLiteral("L"), tr("lens"), [this] { nextLens(); });
    addKey(Qt::Key_G, QStringLiteral("G"), tr("groups"), [this] { toggleGroups(); });
    addListeningKeys();
    addKey(Qt::Key_D, QStringLiteral("D"), tr("drill"), [this] { makeDrill(); });
    addKey(Qt::Key_Plus, QStringLiteral("+ −"), tr("zoom"), [this] { m_field->zoomIn(); });
    addHiddenKey(Qt::Key_Equal, [this] { m_field->zoomIn(); });
    addHiddenKey(Qt::Key_Minus, [this] { m_field->zoomOut(); });
    addHiddenKey(Qt::Key_Escape, [this] { m_studio.playback().stop(); });
}

void LookPlace::makeDrill() {
    const TakePtr& take = m_studio.take();
    if (!take) return;
    if (m_finding >= 0) {
        if (const auto& drill = take->analysis.findings[static_cast<std::size_t>(m_finding)].drill)
            m_studio.isolate(*drill);
        return;
    }
    if (const FieldMark* mark = m_field->chosen(); mark != nullptr && mark->stroke >= 0)
        m_studio.isolate(beatAround(take->stored.exercise, mark->stroke));
}

}  // namespace upbeat
