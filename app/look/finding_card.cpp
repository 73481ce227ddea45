#include "look/finding_card.h"

#include <QPainter>

#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

namespace {

constexpr int kTextLeft = 50;
constexpr int kMargin = 12;
constexpr int kKeys = 24;  // the line of keys

QString heardOnInWords(const Exercise& page, const Finding& finding) {
    constexpr int kMost = 8;
    if (finding.explains.empty()) return {};
    QStringList places;
    for (const int stroke : finding.explains) {
        const QString place = inWords(words::placeOf(page, stroke));
        if (!places.contains(place)) places << place;
    }
    const auto more = places.size() - kMost;
    if (more > 1)
        return FindingCard::tr("Heard on %1 and %2 more.")
            .arg(places.mid(0, kMost).join(QStringLiteral(", ")))
            .arg(more);
    return FindingCard::tr("Heard on %1.").arg(places.join(QStringLiteral(", ")));
}

}  // namespace

FindingCard::FindingCard(int rank, const Exercise& page, const Finding& finding, QWidget* parent)
    : QAbstractButton(parent),
      m_rank(rank),
      m_heardOn(heardOnInWords(page, finding)),
      m_hasDrill(finding.drill.has_value()) {
    setText(inWords(words::sentenceOf(page, finding)) + QLatin1Char('.'));
    setAccessibleName(m_heardOn.isEmpty() ? text() : text() + QLatin1Char(' ') + m_heardOn);
    setCheckable(true);
    setCursor(Qt::PointingHandCursor);
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
    connect(this, &QAbstractButton::toggled, this, [this] { updateGeometry(); });
}

double FindingCard::textHeight(const QString& text, int width) const {
    const QRectF room(0, 0, width - kTextLeft - kMargin, 1000);
    return QFontMetricsF(typeFace(Type::kText)).boundingRect(room, Qt::TextWordWrap, text).height();
}

QSize FindingCard::sizeHint() const {
    return {260, heightForWidth(260)};
}

int FindingCard::heightForWidth(int width) const {
    double height = textHeight(text(), width) + 2 * kMargin + kKeys;
    if (isChecked() && !m_heardOn.isEmpty()) height += textHeight(m_heardOn, width) + 6;
    return static_cast<int>(std::ceil(height));
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
    const double room = width() - kTextLeft - kMargin;
    const double said = textHeight(text(), width());
    painter.drawText(QRectF(kTextLeft, kMargin, room, said + 2), Qt::TextWordWrap, text());
    if (isChecked()) {
        painter.setPen(theme.inkSoft);
        painter.drawText(QRectF(kTextLeft, kMargin + said + 6, room, height()), Qt::TextWordWrap, m_heardOn);
    }
    painter.setFont(typeFace(Type::kText, true));
    painter.setPen(theme.early);
    const QString keys = m_hasDrill ? tr("H hear     D make a drill") : tr("H hear");
    painter.drawText(QRectF(kTextLeft, height() - 34, width() - kTextLeft, kKeys), Qt::AlignVCenter, keys);
}

}  // namespace upbeat
