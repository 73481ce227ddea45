#include "log/plot_dress.h"

namespace upbeat {

double noonOf(const QDate& day) {
    return secondsOf(QDateTime(day, QTime(12, 0)));
}

double secondsOf(const QDateTime& time) {
    return static_cast<double>(time.toSecsSinceEpoch());
}

void dressPlot(QCustomPlot& plot, const Theme& theme) {
    plot.setBackground(theme.surface);
    plot.setNoAntialiasingOnDrag(true);
    plot.setMinimumHeight(70);
    plot.xAxis2->setVisible(false);
    plot.yAxis2->setVisible(false);
    auto days = QSharedPointer<QCPAxisTickerDateTime>::create();
    days->setDateTimeFormat(QStringLiteral("d MMM"));
    days->setTickCount(7);
    plot.xAxis->setTicker(days);
    for (QCPAxis* axis : {plot.xAxis, plot.yAxis}) {
        axis->setBasePen(Qt::NoPen);
        axis->setTickPen(Qt::NoPen);
        axis->setSubTickPen(Qt::NoPen);
        axis->setTickLabelColor(theme.inkSoft);
        axis->setLabelColor(theme.inkSoft);
        axis->setTickLabelFont(typeFace(Type::kSmall));
        axis->setLabelFont(typeFace(Type::kSmall));
        axis->grid()->setPen(axis == plot.yAxis ? QPen(theme.edge, 1) : QPen(Qt::NoPen));
        axis->grid()->setZeroLinePen(QPen(theme.edge, 1));
    }
    plot.yAxis->ticker()->setTickCount(4);
    // The three stand over one another with one margin, so that a day is one place.
    plot.axisRect()->setAutoMargins(QCP::msTop | QCP::msBottom);
    plot.axisRect()->setMargins(QMargins(64, 0, 16, 0));
    plot.axisRect()->setMinimumMargins(QMargins(64, 10, 16, 6));
}

QCPGraph* addLine(QCustomPlot& plot, const QColor& ink, double width, Qt::PenStyle style) {
    QCPGraph* line = plot.addGraph();
    line->setPen(width > 0 ? QPen(ink, width, style) : QPen(Qt::NoPen));
    return line;
}

QCPGraph* addDots(QCustomPlot& plot, const QColor& ink, const QColor& inside) {
    QCPGraph* dots = plot.addGraph();
    dots->setLineStyle(QCPGraph::lsNone);
    dots->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssCircle, QPen(ink, 1.6), inside, 8));
    return dots;
}

void addLevel(QCustomPlot& plot, double value, const QColor& ink) {
    auto* level = new QCPItemStraightLine(&plot);
    level->setPen(QPen(ink, 1.4, Qt::DashLine));
    level->point1->setCoords(0, value);
    level->point2->setCoords(1, value);
}

void nameLine(QCPGraph& line, const QString& name, int row, const QColor& ground) {
    if (line.data()->isEmpty()) return;
    constexpr double kStep = 0.15;  // of the span: names of lines that meet stand side by side
    const double last = (line.data()->constEnd() - 1)->key;
    const double first = line.data()->constBegin()->key;
    const double at = std::max(first, last - kStep * row * (last - first));
    auto* text = new QCPItemText(line.parentPlot());
    text->setText(name);
    text->setFont(typeFace(Type::kSmall, true));
    text->setColor(line.pen().color());
    text->setBrush(ground);
    text->setPositionAlignment(Qt::AlignRight | Qt::AlignBottom);
    text->position->setCoords(at, (line.data()->findEnd(at, false) - 1)->value);
    text->setPadding(QMargins(2, 0, 2, 3));
}

void padRange(QCPAxis& axis) {
    const QCPRange range = axis.range();
    const double pad = std::max(0.12 * range.size(), 0.5);
    axis.setRange(range.lower - pad, range.upper + pad);
}

}  // namespace upbeat
