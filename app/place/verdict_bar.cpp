#include "place/verdict_bar.h"

#include <QPainter>

#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

QString nextStepInWords(const Verdict& v) {
    if (isOfClick(v)) return inWords(v.action == Action::Up ? UPBEAT_TEXT("less click") : UPBEAT_TEXT("more click"));
    switch (v.action) {
        case Action::Up:
            return inWords(UPBEAT_TEXT("up to %1")).arg(tempoInWords(v.nextTempoBpm));
        case Action::Back:
            return inWords(UPBEAT_TEXT("back to %1")).arg(tempoInWords(v.nextTempoBpm));
        case Action::Isolate:
            return inWords(UPBEAT_TEXT("isolate beat %1")).arg(v.span ? v.span->fromBeat.floor() : 1);
        case Action::Easier:
        case Action::Again:
            return inWords(UPBEAT_TEXT("stay at %1")).arg(tempoInWords(v.nextTempoBpm));
    }
    return {};
}

VerdictBar::VerdictBar(QWidget* parent) : QWidget(parent) {
    setFixedHeight(64);
    setCursor(Qt::PointingHandCursor);
}

void VerdictBar::setVerdict(const Exercise& page, const Verdict& v, bool canFollow) {
    m_headline = inWords(words::headlineOf(v));
    m_reason = inWords(words::reasonOf(page, v));
    m_step = canFollow ? nextStepInWords(v) : QString();
    setAccessibleName(m_headline + QLatin1Char(' ') + m_reason);
    setToolTip(m_reason);
    update();
}

void VerdictBar::clear() {
    m_headline = tr("No take yet.");
    m_reason = tr("Press Space and play.");
    m_step.clear();
    update();
}

void VerdictBar::paintEvent(QPaintEvent* /*event*/) {
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(theme.dark ? QPen(theme.edge, 1) : QPen(Qt::NoPen));
    painter.setBrush(theme.spine);
    painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 8, 8);
    const QFont headFont = typeFace(Type::kTitle, true);
    const QFont textFont = typeFace(Type::kText);
    const QFont stepFont = typeFace(Type::kText, true);
    const double headWidth = QFontMetricsF(headFont).horizontalAdvance(m_headline);
    const QString step = m_step.isEmpty() ? QString() : tr("Enter  %1").arg(m_step);
    const double stepWidth = QFontMetricsF(stepFont).horizontalAdvance(step);
    painter.setFont(headFont);
    painter.setPen(theme.spineInk);
    painter.drawText(QRectF(20, 0, headWidth + 4, height()), Qt::AlignVCenter, m_headline);
    painter.setFont(textFont);
    painter.setPen(theme.spineInk);
    const QRectF room(20 + headWidth + 22, 4, std::max(40.0, width() - headWidth - stepWidth - 86), height() - 8);
    painter.drawText(room, Qt::AlignVCenter | Qt::TextWordWrap, m_reason);
    painter.setFont(stepFont);
    painter.setPen(theme.action);
    painter.drawText(QRectF(width() - stepWidth - 22, 0, stepWidth + 4, height()), Qt::AlignVCenter, step);
}

void VerdictBar::mousePressEvent(QMouseEvent* /*event*/) {
    if (!m_step.isEmpty()) Q_EMIT accepted();
}

}  // namespace upbeat
