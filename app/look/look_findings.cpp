// What Look says of a take: findings as cards, and under them what the rung asks.
#include <algorithm>

#include "look/finding_card.h"
#include "look/look_place.h"
#include "place/clear_layout.h"
#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/words/words.h"

namespace upbeat {

void LookPlace::fillFindings() {
    clearLayout(*m_findings);
    const TakePtr& take = m_with.review.take();
    m_findingCount = take ? static_cast<int>(take->analysis.findings.size()) : 0;
    for (int i = 0; i < m_findingCount; ++i) {
        auto* card =
            new FindingCard(i + 1, take->stored.exercise, take->analysis.findings[static_cast<std::size_t>(i)], this);
        connect(card, &QAbstractButton::clicked, this, [this, i] { chooseFinding(i); });
        m_findings->addWidget(card);
    }
    if (take) addRemarks(take->remarks);
    m_gates->setVisible(take != nullptr);
    m_spread->setVisible(take != nullptr);
    m_strip->setAnalysis(take ? std::shared_ptr<const TakeAnalysis>(take, &take->analysis) : nullptr);
    if (!take) return;
    if (m_findingCount == 0) addLine(tr("No fault stands out of this take."));
    if (const QString heard = soundInWords(take->analysis.matched); !heard.isEmpty()) addLine(heard);
    if (const QString untold = untoldFeelInWords(take->analysis); !untold.isEmpty()) addLine(untold);
    std::vector<GateEvidence> gates = take->analysis.evidence;
    std::stable_sort(gates.begin(), gates.end(), [](const GateEvidence& a, const GateEvidence& b) {
        return a.gate.state != GateState::Met && b.gate.state == GateState::Met;
    });
    m_gates->setGates(std::move(gates), take->analysis.takesTogether);
    m_spread->setTiming(take->analysis.measures.timing);
    // In one pass nothing is told from one count to the next.
    if (take->analysis.matched.passes < 2) m_spread->hide();
}

/// What others wrote, each a line that leads to its stroke.
void LookPlace::addRemarks(const std::vector<Remark>& remarks) {
    const Exercise& page = m_with.review.take()->stored.exercise;
    for (const Remark& remark : remarks) {
        QString where = remark.from.empty() ? tr("Somebody") : QString::fromStdString(remark.from);
        const bool isOnStroke = remark.stroke >= 0 && remark.stroke < static_cast<int>(page.strokes.size());
        if (isOnStroke)
            where += tr(", %1, pass %2").arg(inWords(words::strokeOf(page, remark.stroke))).arg(remark.pass);
        auto* label = new QLabel(this);
        label->setObjectName(QStringLiteral("remark"));
        label->setWordWrap(true);
        label->setFont(typeFace(Type::kText));
        label->setTextInteractionFlags(Qt::LinksAccessibleByMouse | Qt::LinksAccessibleByKeyboard);
        const QString text =
            QString::fromStdString(remark.text).toHtmlEscaped().replace(QLatin1Char('\n'), QStringLiteral("<br>"));
        const QString named =
            isOnStroke ? QStringLiteral("<a href=\"stroke\">%1</a>").arg(where.toHtmlEscaped()) : where.toHtmlEscaped();
        label->setText(QStringLiteral("<p>%1<br>%2</p>").arg(named, text));
        label->setAccessibleName(QStringLiteral("%1: %2").arg(where, QString::fromStdString(remark.text)));
        connect(label, &QLabel::linkActivated, this, [this, timeS = remark.timeS] { m_field->chooseAt(timeS); });
        m_findings->addWidget(label);
    }
}

void LookPlace::addLine(const QString& text) {
    auto* label = new QLabel(text, this);
    label->setWordWrap(true);
    label->setFont(typeFace(Type::kText, true));
    m_findings->addWidget(label);
}

/// Where it is heard; what is said of the whole stays where one is.
void LookPlace::showSectionOf(const Finding& finding) {
    const auto& sections = m_sections->sections();
    for (std::size_t i = 0; finding.section && i < sections.size(); ++i)
        if (sections[i] == *finding.section && m_sections->chosen() != static_cast<int>(i))
            showSection(static_cast<int>(i));
}

void LookPlace::chooseFinding(int index) {
    m_finding = index;
    for (int i = 0; i < m_findings->count(); ++i)
        if (auto* card = qobject_cast<FindingCard*>(m_findings->itemAt(i)->widget())) {
            card->setChecked(i == index);
            if (i == index)  // once it has unfolded
                QMetaObject::invokeMethod(
                    card, [this, card] { m_findingArea->ensureWidgetVisible(card); }, Qt::QueuedConnection);
        }
    const Finding& finding = m_with.review.take()->analysis.findings[static_cast<std::size_t>(index)];
    showSectionOf(finding);
    std::vector<int> strokes = strokesOf(m_with.review.take()->analysis.matched.exercise, finding);
    for (int& stroke : strokes) stroke -= m_firstStroke;
    m_field->highlightStrokes(strokes);
    m_strip->setFinding(index);
}

}  // namespace upbeat
