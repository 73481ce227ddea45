#include "look/look_place.h"

#include <QGridLayout>
#include <algorithm>
#include <cmath>

#include "place/clear_layout.h"
#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

LookPlace::LookPlace(const With& with, QWidget* parent)
    : Place(parent),
      m_with(with),
      m_sections(new SectionStrip(this)),
      m_field(new FieldView(this)),
      m_lensHint(new QLabel(this)),
      m_sideTitle(new QLabel(this)),
      m_findingArea(new QScrollArea(this)),
      m_groupArea(new QScrollArea(this)),
      m_contexts(new SectionCompare(this)),
      m_groups(new GroupCompare(this)),
      m_closeUp(new CloseUp(this)),
      m_detail(new QLabel(this)),
      m_strip(new OffsetStrip(this)),
      m_gates(new GateList(this, GateList::Size::Small)),
      m_spread(new SpreadBar(this)),
      m_verdict(new VerdictBar(this)) {
    setFocusPolicy(Qt::StrongFocus);
    QWidget* side = buildSide();
    m_lenses = new QHBoxLayout;
    m_lenses->setSpacing(6);
    m_lensHint->setFont(typeFace(Type::kText));
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(18);
    grid->setVerticalSpacing(12);
    grid->addLayout(m_lenses, 0, 0);
    grid->addWidget(m_sections, 1, 0);
    grid->addWidget(m_field, 2, 0);
    grid->addWidget(m_strip, 3, 0);
    grid->addWidget(side, 0, 1, 4, 1);
    grid->addWidget(m_verdict, 4, 0, 1, 2);
    grid->setColumnStretch(0, 1);
    grid->setRowStretch(2, 1);
    connectOwners();
    addKeys();
    addSectionKeys();
    m_verdict->clear();
    showTake();
}

/// Sections and groups side by side.
QWidget* LookPlace::buildBeside() {
    auto* beside = new QWidget(m_groupArea);
    auto* layout = new QVBoxLayout(beside);
    layout->setContentsMargins(0, 0, 6, 0);
    layout->setSpacing(0);
    layout->addWidget(m_contexts);
    layout->addWidget(m_groups, 1);
    return beside;
}

QWidget* LookPlace::buildSide() {
    auto* side = new QWidget(this);
    side->setFixedWidth(322);
    auto* sideLayout = new QVBoxLayout(side);
    sideLayout->setContentsMargins(0, 0, 0, 0);
    m_sideTitle->setText(tr("What to hear"));
    m_sideTitle->setFont(typeFace(Type::kLead, true));
    auto* list = new QWidget(m_findingArea);
    auto* listLayout = new QVBoxLayout(list);
    listLayout->setContentsMargins(0, 0, 6, 0);
    m_findings = new QVBoxLayout;
    listLayout->addLayout(m_findings);
    listLayout->addSpacing(6);
    listLayout->addWidget(m_spread);
    listLayout->addSpacing(8);
    listLayout->addWidget(m_gates);
    listLayout->addStretch();
    m_findingArea->setWidget(list);
    m_groupArea->setWidget(buildBeside());
    for (QScrollArea* area : {m_findingArea, m_groupArea}) {
        area->setWidgetResizable(true);
        area->setFrameShape(QFrame::NoFrame);
        area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
        area->setFocusPolicy(Qt::NoFocus);
    }
    m_groupArea->hide();
    m_closeUp->hide();
    m_detail->setFont(typeFace(Type::kText));
    m_detail->setWordWrap(true);
    m_detail->setMinimumHeight(66);
    sideLayout->addWidget(m_sideTitle);
    sideLayout->addWidget(m_findingArea, 1);
    sideLayout->addWidget(m_groupArea, 1);
    sideLayout->addWidget(m_closeUp);
    sideLayout->addWidget(m_detail);
    buildListening(sideLayout);
    return side;
}

void LookPlace::enter() {
    setFocus();
}

void LookPlace::showTake() {
    const TakePtr& take = m_with.review.take();
    m_finding = -1;
    if (!take) {
        m_part.reset();
        m_sections->show({});
        m_field->setData({});
        m_detail->setText(tr("Nothing to look at yet: press Space and play a take, or open one in the log."));
        fillFindings();
        return;
    }
    m_contexts->show(take->analysis.measures.sections, take->analysis.matched.tempoBpm);
    m_groups->setAnalysis(take->analysis);
    fillLenses();
    showSections();
    showVerdict();
    fillFindings();
    showChosen();
}

void LookPlace::showVerdict() {
    if (m_with.review.take())
        m_verdict->setVerdict(m_with.review.take()->stored.exercise, m_with.review.take()->analysis.verdict,
                              m_with.nextSteps.now() != nullptr);
}

void LookPlace::fillLenses() {
    clearLayout(*m_lenses, m_lensHint);
    for (const Lens lens : lensesFor(m_with.review.take()->analysis)) {
        auto* button = new QPushButton(lensName(lens), this);
        button->setCheckable(true);
        button->setFocusPolicy(Qt::NoFocus);
        button->setProperty("lens", static_cast<int>(lens));
        connect(button, &QPushButton::clicked, this, [this, lens] { setLens(lens); });
        m_lenses->addWidget(button);
    }
    m_lenses->addSpacing(8);
    m_lenses->addWidget(m_lensHint);
    m_lenses->addStretch();
}

void LookPlace::setLens(Lens lens) {
    if (!m_with.review.take()) return;
    m_lens = lens;
    FieldData field = fieldThrough(lens, shown());
    // In balance the take itself is the measure.
    if (lens != Lens::Balance) setHeights(field, pageLevelsIn(m_with.setup), shown().matched.exercise);
    if (m_part) {
        placeInTake(field);
        constexpr int kBarsALine = 2;
        field = inLines(std::move(field), kBarsALine, m_part->matched.exercise.firstBar);
    } else {
        field.gaps = gapsOf(m_with.review.take()->stored.exercise, m_with.review.take()->stored.frame);
    }
    m_field->setData(std::move(field));
    m_lensHint->setText(lensHint(lens));
    for (int i = 0; i < m_lenses->count(); ++i)
        if (auto* button = qobject_cast<QPushButton*>(m_lenses->itemAt(i)->widget()))
            button->setChecked(button->property("lens").toInt() == static_cast<int>(lens));
}

void LookPlace::resizeEvent(QResizeEvent* /*event*/) {
    constexpr int kRoomForHint = 1000;
    m_lensHint->setVisible(width() >= kRoomForHint);
}

void LookPlace::nextLens() {
    if (!m_with.review.take()) return;
    const auto lenses = lensesFor(m_with.review.take()->analysis);
    const auto now = std::find(lenses.begin(), lenses.end(), m_lens);
    setLens(now == lenses.end() || now + 1 == lenses.end() ? lenses.front() : *(now + 1));
}

void LookPlace::toggleGroups() {
    const bool groups = m_groupArea->isHidden();
    m_groupArea->setVisible(groups);
    m_findingArea->setVisible(!groups);
    m_sideTitle->setText(groups ? tr("Side by side") : tr("What to hear"));
}

void LookPlace::showChosen() {
    const FieldMark* mark = m_field->chosen();
    m_closeUp->setVisible(mark != nullptr && m_with.review.take() && !m_with.review.take()->soundFile.isEmpty());
    if (mark == nullptr || !m_with.review.take()) {
        m_detail->setVisible(!m_with.review.take());
        return;
    }
    m_detail->show();
    constexpr double kAroundS = 0.035;
    m_closeUp->clear();
    m_with.playback.fetchSpan(m_with.review.take(), mark->timeS - kAroundS, mark->timeS + kAroundS);
    const Exercise& e = m_with.review.take()->stored.exercise;
    const int stroke = mark->stroke + m_firstStroke;
    const QString place =
        mark->stroke >= 0 ? tr("%1, %2").arg(inWords(words::strokeOf(e, stroke)), inWords(words::placeOf(e, stroke)))
                          : tr("not written");
    if (mark->kind == FieldMark::Kind::Missed) {
        m_detail->setText(tr("%1: missed").arg(place));
        return;
    }
    if (mark->kind == FieldMark::Kind::Pale) {
        m_detail->setText(
            tr("Something sounded at %1 s that is unlike your strokes: a voice, a chair. It counts for nothing.")
                .arg(mark->timeS, 0, 'f', 2));
        return;
    }
    if (mark->kind == FieldMark::Kind::Extra) {
        m_detail->setText(tr("A stroke that is not written, at %1 s").arg(mark->timeS, 0, 'f', 2));
        return;
    }
    m_detail->setText(tr("%1\n%2 ms %3, %4 dB against your accents")
                          .arg(place)
                          .arg(tenths(std::abs(mark->offsetMs)))
                          .arg(mark->offsetMs < 0 ? tr("early") : tr("late"))
                          .arg(tenths(mark->relativeDb)));
}

}  // namespace upbeat
