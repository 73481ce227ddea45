#include "climb/ladder_view.h"

#include <QLocale>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "place/verdict_bar.h"
#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/words/plan_words.h"
#include "upbeat/words/season_words.h"

namespace upbeat {

namespace {

constexpr double kTempoColumn = 66;
constexpr double kDayRow = 30;
constexpr double kChance = 112;  // room for the curve
constexpr double kRule = 34;     // and above it for the way up

}  // namespace

LadderView::LadderView(QWidget* parent) : QWidget(parent) {
    setMinimumSize(240, 180);
    setAccessibleName(tr("Ladder of tempos"));
}

void LadderView::show(const Ladder& ladder, double tempoBpm, std::vector<TakeSummary> takes,
                      std::optional<Ceiling> ceiling, const std::optional<Forecast>& forecast) {
    m_ladder = ladder;
    m_ceiling = std::move(ceiling);
    m_sentence = m_ceiling ? inWords(words::sentenceOf(*m_ceiling)) : QString();
    if (forecast) m_sentence += QLatin1Char(' ') + inWords(words::sentenceOf(*forecast, ladder.goalBpm));
    m_tempoBpm = tempoBpm;
    m_takes = std::move(takes);
    setAccessibleDescription(
        tr("At %1, goal %2, takes: %3").arg(tempoInWords(tempoBpm), tempoInWords(ladder.goalBpm)).arg(m_takes.size()));
    update();
}

void LadderView::showNearerGoal(std::optional<double> bpm) {
    if (!bpm) return;
    m_sentence += QLatin1Char(' ') + inWords(words::nearerGoalOf(m_ladder.goalBpm, *bpm));
    update();
}

double LadderView::sentenceHeight() const {
    if (!m_ceiling) return 0;
    const QRectF room(0, 0, width() - 32, 1000);
    return QFontMetricsF(typeFace(Type::kText)).boundingRect(room, Qt::TextWordWrap, m_sentence).height() + 8;
}

LadderLayout LadderView::layoutNow() const {
    const double chance = m_ceiling ? kChance : 0;
    const double sentence = sentenceHeight();
    const QRectF area(kTempoColumn, kRule, std::max(20.0, width() - kTempoColumn - 16.0 - chance),
                      std::max(20.0, height() - kDayRow - kRule - 4.0 - sentence));
    return layoutLadder(m_ladder, m_tempoBpm, m_takes, area);
}

void LadderView::paintEvent(QPaintEvent* /*event*/) {
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    paintCard(painter, *this);
    const LadderLayout layout = layoutNow();
    paintRungs(painter, theme, layout);
    paintChance(painter, theme, layout);
    paintCeiling(painter, theme);
    paintTakes(painter, theme, layout);
    painter.setFont(typeFace(Type::kText));
    painter.setPen(theme.inkSoft);
    double free = 0;
    for (const auto& day : layout.days) {
        if (day.x < free) continue;
        painter.drawText(QRectF(day.x - 6, height() - kDayRow - sentenceHeight() + 2, 90, 20), Qt::AlignLeft,
                         QLocale().toString(day.day, QStringLiteral("d MMM")));
        free = day.x + 76;
    }
    painter.drawText(QRectF(16, 6, width() - 32, 22), Qt::AlignLeft | Qt::AlignVCenter,
                     m_ladder.byMinutes ? tr("%1, by minutes").arg(inWords(words::ruleOf(m_ladder)))
                                        : inWords(words::ruleOf(m_ladder)));
    if (m_takes.empty()) {
        painter.setFont(typeFace(Type::kLead));
        painter.drawText(QRectF(rect()).adjusted(kTempoColumn, 0, 0, 0), Qt::AlignCenter,
                         tr("No take stands here yet.\nSpace plays the first one."));
    }
}

void LadderView::paintRungs(QPainter& painter, const Theme& theme, const LadderLayout& layout) const {
    for (const auto& rung : layout.rungs) {
        painter.setFont(typeFace(rung.current ? 20 : Type::kText, rung.current));
        painter.setPen(rung.current ? theme.ink : theme.inkSoft);
        painter.drawText(QRectF(4, rung.y - 14, kTempoColumn - 16, 28), Qt::AlignRight | Qt::AlignVCenter,
                         tempoInWords(rung.tempoBpm));
        painter.setPen(QPen(rung.current ? theme.ink : theme.edge, rung.current ? 3 : 1.2));
        painter.drawLine(QPointF(kTempoColumn, rung.y), QPointF(width() - 14, rung.y));
        if (std::abs(rung.tempoBpm - m_ladder.goalBpm) < 0.01) {
            painter.setFont(typeFace(Type::kText));
            painter.setPen(theme.inkSoft);
            painter.drawText(QRectF(width() - 160, rung.y - 22, 142, 20), Qt::AlignRight, tr("full speed"));
        }
    }
}

void LadderView::paintChance(QPainter& painter, const Theme& theme, const LadderLayout& layout) const {
    if (!m_ceiling || layout.rungs.size() < 2) return;
    const double right = width() - 20;
    const auto xOf = [right](double chance) { return right - (1 - chance) * (kChance - 24); };
    QPolygonF band;
    QPolygonF line;
    std::vector<QPointF> back;
    for (const ChanceAt& at : m_ceiling->curve) {
        if (!layout.shows(at.tempoBpm)) continue;
        const double y = layout.yOf(at.tempoBpm);
        line << QPointF(xOf(at.chance), y);
        band << QPointF(xOf(at.high), y);
        back.emplace_back(xOf(at.low), y);
    }
    std::for_each(back.rbegin(), back.rend(), [&band](const QPointF& point) { band << point; });
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    painter.setBrush(theme.target);
    painter.drawPolygon(band);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(theme.inkSoft, 2.4));
    painter.drawPolyline(line);
    const double ceiling = m_ceiling->bpm.value;
    if (!m_ceiling->isBracketed || !layout.shows(ceiling)) return;
    painter.setPen(QPen(theme.early, 2, Qt::DashLine));
    painter.drawLine(QPointF(kTempoColumn, layout.yOf(ceiling)), QPointF(right, layout.yOf(ceiling)));
    constexpr int kRoomForName = 480;
    if (width() < kRoomForName) return;
    painter.setFont(typeFace(Type::kText));
    painter.setPen(theme.early);
    painter.drawText(QRectF(kTempoColumn + 8, layout.yOf(ceiling) - 24, 140, 22), Qt::AlignLeft, tr("your ceiling"));
}

void LadderView::paintCeiling(QPainter& painter, const Theme& theme) const {
    if (!m_ceiling) return;
    painter.setFont(typeFace(Type::kText));
    painter.setPen(theme.ink);
    painter.drawText(QRectF(16, height() - sentenceHeight() - 2, width() - 32, sentenceHeight()),
                     Qt::AlignVCenter | Qt::TextWordWrap, m_sentence);
}

void LadderView::paintTakes(QPainter& painter, const Theme& theme, const LadderLayout& layout) {
    const double tall = std::clamp(0.62 * layout.rungHeight, 9.0, 26.0);
    for (const auto& take : layout.takes) {
        const QPointF tip = take.foot + QPointF(take.clean ? 0 : -0.35 * tall, -tall);
        const QColor ink = take.clean ? theme.ink : theme.late;
        painter.setPen(QPen(ink, 3.4, Qt::SolidLine, Qt::RoundCap));
        painter.drawLine(take.foot, tip);
        painter.setPen(QPen(ink, 1.8));
        painter.setBrush(take.clean ? ink : theme.surface);
        painter.drawEllipse(take.foot, 3.6, 3.6);
    }
}

void LadderView::mousePressEvent(QMouseEvent* event) {
    const LadderLayout layout = layoutNow();
    for (const auto& take : layout.takes)
        if (QRectF(take.foot.x() - 8, take.foot.y() - 30, 16, 36).contains(event->position())) {
            Q_EMIT takeChosen(take.id);
            return;
        }
}

int LadderView::spokenRowCount() const {
    return static_cast<int>(m_ladder.rungs().size()) + (m_sentence.isEmpty() ? 0 : 1);
}

/// The goal is on top; below the ladder stands what was said of it.
QString LadderView::spokenRow(int row) const {
    const auto rungs = m_ladder.rungs();
    if (row >= static_cast<int>(rungs.size())) return m_sentence;
    const double bpm = rungs[rungs.size() - 1 - static_cast<std::size_t>(row)];
    int clean = 0;
    int all = 0;
    for (const TakeSummary& take : m_takes) {
        if (std::abs(take.tempoBpm - bpm) > 0.5 * m_ladder.stepBpm) continue;
        ++all;
        clean += take.clean ? 1 : 0;
    }
    const QString words = tr("%1: %2 of %3 takes clean").arg(tempoInWords(bpm)).arg(clean).arg(all);
    return std::abs(bpm - m_tempoBpm) < 0.5 * m_ladder.stepBpm ? words + tr(", you are here") : words;
}

}  // namespace upbeat
