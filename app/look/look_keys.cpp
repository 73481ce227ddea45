// What Look answers to: its keys, and what it is told.
#include "look/look_place.h"

#include <QGridLayout>
#include <QScrollBar>
#include <algorithm>
#include <cmath>

#include "look/finding_card.h"
#include "place/pdf_report.h"
#include "place/report_dialog.h"
#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

void LookPlace::connectOwners() {
    connect(m_verdict, &VerdictBar::accepted, &m_with.nextSteps, &NextSteps::accept);
    connect(m_field, &FieldView::chosenChanged, this, &LookPlace::showChosen);
    connect(&m_with.playback, &Playback::spanFetched, this, [this](std::shared_ptr<const Sound> sound, double fromS) {
        const FieldMark* mark = m_field->chosen();
        // Another hit may have been chosen while the disk was read: then its own sound is on the way.
        const double onsetS = mark != nullptr ? mark->timeS - fromS : -1;
        if (onsetS >= 0 && onsetS <= sound->durationS()) m_closeUp->show(std::move(sound), onsetS);
    });
    connect(&m_with.review, &Review::opened, this, &LookPlace::showTake);
    connect(&m_with.nextSteps, &NextSteps::changed, this, &LookPlace::showVerdict);
    connect(&m_with.playback, &Playback::ticked, this, [this] {
        if (isVisible()) m_field->setPlayhead(m_with.playback.shownPlayheadS(m_with.review.take()));
    });
}

void LookPlace::addKeys() {
    addKey(Qt::Key_Return, tr("Enter"), tr("next step"), [this] { m_with.nextSteps.accept(); });
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
    addKey(Qt::Key_W, QStringLiteral("W"), tr("report for a teacher"), [this] { writeReport(); });
    addKey(Qt::Key_Plus, QStringLiteral("+ −"), tr("zoom"), [this] { m_field->zoomIn(); });
    addKey(Qt::Key_J, QStringLiteral("J"), tr("judge by today's limits"), [this] { m_with.review.judgeAgain(); });
    addKey(Qt::Key_PageDown, tr("Page up, down"), tr("the side"), [this] { turnSide(1); });
    addHiddenKey(Qt::Key_PageUp, [this] { turnSide(-1); });
    addHiddenKey(Qt::Key_Equal, [this] { m_field->zoomIn(); });
    addHiddenKey(Qt::Key_Minus, [this] { m_field->zoomOut(); });
    addHiddenKey(Qt::Key_Escape, [this] { m_with.playback.stop(); });
}

void LookPlace::writeReport() {
    if (!m_with.review.take()) return;
    const TakePtr take = m_with.review.take();
    const auto save = [this, take](const ReportWish& wish, const QString& file) {
        if (!isPaper(file)) return m_with.letters.save(take, wish, file);
        PdfReport::write({{take->stored, take->analysis, {}}}, wish, file, m_with.letters, this);
    };
    const QString name =
        QStringLiteral("%1-%2.html")
            .arg(QString::fromStdString(take->stored.exercise.id).replace(QLatin1Char('~'), QLatin1Char('-')),
                 tempoInWords(take->stored.frame.tempoBpm));
    ReportDialog::ask({name, {}, !take->soundFile.isEmpty(), !take->stored.note.empty(), save}, this);
}

void LookPlace::turnSide(int pages) {
    QScrollArea* area = m_groupArea->isHidden() ? m_findingArea : m_groupArea;
    QScrollBar* bar = area->verticalScrollBar();
    bar->setValue(bar->value() + pages * bar->pageStep());
}

void LookPlace::makeDrill() {
    const TakePtr& take = m_with.review.take();
    if (!take) return;
    if (m_finding >= 0) {
        if (const auto& drill = take->analysis.findings[static_cast<std::size_t>(m_finding)].drill)
            m_with.stand.isolate(*drill);
        return;
    }
    if (const FieldMark* mark = m_field->chosen(); mark != nullptr && mark->stroke >= 0)
        m_with.stand.isolate(beatAround(take->stored.exercise, mark->stroke + m_firstStroke));
}

}  // namespace upbeat
