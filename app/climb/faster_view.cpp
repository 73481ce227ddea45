#include "climb/faster_view.h"

#include <QLocale>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <set>

#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/words/season_words.h"

namespace upbeat {

namespace {

constexpr double kHead = 84;
constexpr double kFoot = 34;
constexpr double kSide = 58;
constexpr double kFaint = 0.28;  // what was before, behind what is

ValueAxis axisOf(const OverTempo& over, const OverTempo* before, const QRectF& box) {
    ValueAxis axis{over.rungs.front().figure.low, over.rungs.front().figure.high, box};
    if (before != nullptr)
        for (const RungFigure& rung : before->rungs) {
            axis.low = std::min(axis.low, rung.figure.value);
            axis.high = std::max(axis.high, rung.figure.value);
        }
    for (const RungFigure& rung : over.rungs) {
        axis.low = std::min(axis.low, rung.figure.low);
        axis.high = std::max(axis.high, rung.figure.high);
    }
    for (const double asked : over.asked) {
        axis.low = std::min(axis.low, asked);
        axis.high = std::max(axis.high, asked);
    }
    const double margin = 0.08 * std::max(0.5, axis.high - axis.low);
    axis.low -= margin;
    axis.high += margin;
    return axis;
}

const Figure* figureAt(const std::vector<OverTempo>& all, SeasonMeasure measure, double tempoBpm) {
    for (const OverTempo& over : all)
        if (over.measure == measure)
            for (const RungFigure& rung : over.rungs)
                if (rung.tempoBpm == tempoBpm) return &rung.figure;
    return nullptr;
}

bool wasPlayed(const std::vector<OverTempo>& all, double tempoBpm) {
    return std::any_of(all.begin(), all.end(), [tempoBpm](const OverTempo& over) {
        return std::any_of(over.rungs.begin(), over.rungs.end(),
                           [tempoBpm](const RungFigure& rung) { return rung.tempoBpm == tempoBpm; });
    });
}

}  // namespace

FasterView::FasterView(QWidget* parent) : QWidget(parent) {
    setMinimumSize(240, 180);
}

void FasterView::show(std::vector<OverTempo> all, std::vector<OverTempo> before) {
    m_all = std::move(all);
    m_before = std::move(before);
    m_chosen = 0;
    std::set<double> tempos;
    for (const OverTempo& over : m_all)
        for (const RungFigure& rung : over.rungs) tempos.insert(rung.tempoBpm);
    m_tempos.assign(tempos.begin(), tempos.end());
    QStringList spoken{tr("What happens as it gets faster")};
    for (const OverTempo& over : m_all)
        if (const Text bend = words::bendOf(over); !bend.isEmpty()) spoken << inWords(bend);
    setAccessibleName(spoken.join(QStringLiteral(". ")));
    update();
}

void FasterView::nextMeasure() {
    if (!m_all.empty()) m_chosen = (m_chosen + 1) % m_all.size();
    update();
}

const OverTempo* FasterView::chosen() const {
    return m_all.empty() ? nullptr : &m_all[m_chosen];
}

double FasterView::xOf(double tempoBpm) const {
    const double from = m_tempos.front();
    const double to = m_tempos.back();
    const double room = width() - 2 * kSide;
    return kSide + (to > from ? (tempoBpm - from) / (to - from) * room : 0.5 * room);
}

const OverTempo* FasterView::chosenBefore() const {
    const auto found = std::find_if(m_before.begin(), m_before.end(),
                                    [this](const OverTempo& over) { return over.measure == m_all[m_chosen].measure; });
    return found != m_before.end() ? &*found : nullptr;
}

void FasterView::paintEvent(QPaintEvent* /*event*/) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    paintCard(painter, *this);
    paintHeading(painter);
    if (m_all.empty()) {
        painter.setFont(typeFace(Type::kLead));
        painter.setPen(Theme::of(palette()).inkSoft);
        painter.drawText(rect(), Qt::AlignCenter, tr("Nothing was measured yet.\nSpace plays the first take."));
        return;
    }
    const double room = height() - kHead - kFoot;
    paintMeasure(painter, QRectF(kSide, kHead + 0.5 * room, width() - 2 * kSide, 0.46 * room));
    const QRectF strokes(kSide, kHead, width() - 2 * kSide, 0.42 * room);
    if (!m_before.empty()) {
        painter.setOpacity(kFaint);
        paintStrokes(painter, strokes, m_before);
        painter.setOpacity(1);
    }
    paintStrokes(painter, strokes, m_all);
    paintTempos(painter, height() - kFoot);
}

void FasterView::paintHeading(QPainter& painter) const {
    const Theme& theme = Theme::of(palette());
    painter.setPen(theme.ink);
    const Text bend = m_all.empty() ? Text() : words::bendOf(m_all[m_chosen]);
    const QString title = bend.isEmpty() ? tr("What happens as it gets faster") : inWords(bend);
    const QRectF line(18, 8, width() - 36, 30);
    painter.setFont(fittingFace(title, line.width(), Type::kLead, 13, true));
    painter.drawText(line, Qt::AlignVCenter, title);
    if (m_all.empty()) return;
    painter.setFont(typeFace(Type::kText));
    painter.setPen(theme.inkSoft);
    const QString unit = QString::fromUtf8(unitOf(m_all[m_chosen].measure).data());
    painter.drawText(QRectF(18, 38, width() - 36, 26), Qt::AlignVCenter,
                     tr("%1, %2").arg(inWords(words::nameOf(m_all[m_chosen].measure)), unit));
}

/// On every rung the accent, the tap of either hand and the ghost, as far as they are known.
void FasterView::paintStrokes(QPainter& painter, const QRectF& box, const std::vector<OverTempo>& figures) const {
    const double step = m_tempos.size() > 1 ? box.width() / static_cast<double>(m_tempos.size() - 1) : box.width();
    StrokeScale scale;
    scale.fullHeight = box.height() - 24;
    scale.reach = std::min(0.22 * step, 16.0);
    const double width = std::clamp(0.045 * step, 2.2, 6.0);
    const StrokePainter strokes(painter, Theme::of(palette()), width);
    painter.setPen(QPen(Theme::of(palette()).edge, 1.2));
    painter.drawLine(QPointF(18, box.bottom()), QPointF(this->width() - 18, box.bottom()));
    for (const double tempo : m_tempos) {
        if (!wasPlayed(figures, tempo)) continue;
        const auto value = [&](SeasonMeasure measure) {
            const Figure* figure = figureAt(figures, measure, tempo);
            return figure != nullptr ? std::optional(figure->value) : std::nullopt;
        };
        const double right = value(SeasonMeasure::Placement).value_or(0);
        const double left = right + value(SeasonMeasure::LeftHand).value_or(0);
        const auto accents = value(SeasonMeasure::Accents);
        const auto ghosts = value(SeasonMeasure::Ghosts);
        const double tapDb = -accents.value_or(0);
        struct Mean {
            double leanMs;
            double db;
            Limb limb;
        };
        std::vector<Mean> means;
        if (accents) means.push_back({right, 0, Limb::RightHand});
        means.push_back({right, tapDb, Limb::RightHand});
        means.push_back({left, tapDb, Limb::LeftHand});
        if (ghosts) means.push_back({left, tapDb - *ghosts, Limb::LeftHand});
        double x = xOf(tempo) - 1.7 * width * static_cast<double>(means.size() - 1);
        for (const Mean& mean : means) {
            strokes.stroke(shapeStroke(QPointF(x, box.bottom()), mean.leanMs, mean.db, mean.limb, scale));
            x += 3.4 * width;
        }
    }
}

void FasterView::paintBend(QPainter& painter, const Figure& bpm, const QRectF& box) const {
    const Theme& theme = Theme::of(palette());
    QColor band = theme.late;
    band.setAlphaF(0.14F);
    const double from = xOf(bpm.low);
    painter.fillRect(QRectF(from, box.top(), std::max(3.0, xOf(bpm.high) - from), box.height()), band);
    painter.setPen(QPen(theme.late, 2, Qt::DashLine));
    painter.drawLine(QPointF(xOf(bpm.value), box.top()), QPointF(xOf(bpm.value), box.bottom()));
}

void FasterView::paintBefore(QPainter& painter, const OverTempo& before, const ValueAxis& axis) const {
    const Theme& theme = Theme::of(palette());
    QPolygonF line;
    for (const RungFigure& rung : before.rungs) line << QPointF(xOf(rung.tempoBpm), axis.y(rung.figure.value));
    painter.setPen(QPen(theme.inkSoft, 2.2, Qt::DotLine));
    painter.setBrush(Qt::NoBrush);
    painter.drawPolyline(line);
    painter.drawText(QRectF(line.back().x() - 110, line.back().y() - 26, 110, 24), Qt::AlignRight, tr("before"));
}

void FasterView::paintMeasure(QPainter& painter, const QRectF& box) const {
    const Theme& theme = Theme::of(palette());
    const OverTempo& over = m_all[m_chosen];
    const ValueAxis axis = axisOf(over, chosenBefore(), box);
    if (over.bend) paintBend(painter, over.bend->bpm, box);
    painter.setFont(typeFace(Type::kText));
    painter.setPen(theme.inkSoft);
    const auto label = [&](double value) {
        painter.drawText(QRectF(2, axis.y(value) - 12, kSide - 22, 24), Qt::AlignRight | Qt::AlignVCenter,
                         QLocale().toString(value, 'f', std::abs(value) < 10 ? 1 : 0));
    };
    label(over.rungs.front().figure.value);
    if (std::abs(axis.y(over.rungs.front().figure.value) - axis.y(over.rungs.back().figure.value)) > 26)
        label(over.rungs.back().figure.value);
    if (!over.asked.empty()) {
        painter.setPen(QPen(theme.target, 4));
        for (std::size_t i = 0; i + 1 < over.rungs.size(); ++i)
            painter.drawLine(QPointF(xOf(over.rungs[i].tempoBpm), axis.y(over.asked[i])),
                             QPointF(xOf(over.rungs[i + 1].tempoBpm), axis.y(over.asked[i + 1])));
    }
    if (const OverTempo* before = chosenBefore()) paintBefore(painter, *before, axis);
    QPolygonF line;
    painter.setPen(QPen(theme.ink, 1.6));
    for (const RungFigure& rung : over.rungs) {
        const double x = xOf(rung.tempoBpm);
        line << QPointF(x, axis.y(rung.figure.value));
        painter.drawLine(QPointF(x, axis.y(rung.figure.low)), QPointF(x, axis.y(rung.figure.high)));
    }
    painter.setPen(QPen(theme.ink, 2.6, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.setBrush(Qt::NoBrush);
    painter.drawPolyline(line);
    painter.setBrush(theme.ink);
    for (const QPointF& point : line) painter.drawEllipse(point, 4, 4);
}

void FasterView::paintTempos(QPainter& painter, double y) const {
    painter.setFont(typeFace(Type::kText));
    painter.setPen(Theme::of(palette()).inkSoft);
    double free = -1e9;
    for (const double tempo : m_tempos) {
        const double x = xOf(tempo);
        if (x < free) continue;
        painter.drawText(QRectF(x - 26, y, 52, 26), Qt::AlignCenter, tempoInWords(tempo));
        free = x + 44;
    }
}

}  // namespace upbeat
