#include "look/finding_card.h"

#include <QPainter>

#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

namespace {

constexpr int kTextLeft = 50;
constexpr int kMargin = 12;

}  // namespace

FindingCard::FindingCard(int rank, const Exercise& page, const Finding& finding, QWidget* parent)
    : QAbstractButton(parent), m_rank(rank), m_hasDrill(finding.drill.has_value()) {
    setText(inWords(words::sentenceOf(page, finding)) + QLatin1Char('.'));
    setAccessibleName(text());
    setCheckable(true);
    setCursor(Qt::PointingHandCursor);
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

QSize FindingCard::sizeHint() const {
    return {260, heightForWidth(260)};
}

int FindingCard::heightForWidth(int width) const {
    const QRectF room(0, 0, width - kTextLeft - kMargin, 1000);
    const double text =
        QFontMetricsF(typeFace(Type::kText)).boundingRect(room, Qt::TextWordWrap, this->text()).height();
    return static_cast<int>(text) + 2 * kMargin + 24;
}

void FindingCard::paintEvent(QPaintEvent* /*event*/) {
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(isChecked() || hasFocus() ? theme.early : theme.edge, isChecked() || hasFocus() ? 2 : 1));
    painter.setBrush(isChecked() ? theme.ground : theme.surface);
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 7, 7);
    painter.setPen(Qt::NoPen);
    painter.setBrush(theme.ink);
    painter.drawEllipse(QPointF(26, 26), 13, 13);
    painter.setFont(typeFace(Type::kText, true));
    painter.setPen(theme.surface);
    painter.drawText(QRectF(13, 13, 26, 26), Qt::AlignCenter, QString::number(m_rank));
    painter.setFont(typeFace(Type::kText));
    painter.setPen(theme.ink);
    painter.drawText(QRectF(kTextLeft, kMargin, width() - kTextLeft - kMargin, height() - 2 * kMargin - 20),
                     Qt::TextWordWrap, text());
    painter.setFont(typeFace(Type::kSmall, true));
    painter.setPen(theme.early);
    const QString keys = m_hasDrill ? tr("H hear     D make a drill") : tr("H hear");
    painter.drawText(QRectF(kTextLeft, height() - 32, width() - kTextLeft, 22), Qt::AlignVCenter, keys);
}

}  // namespace upbeat
