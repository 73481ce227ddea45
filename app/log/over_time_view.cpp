#include "log/over_time_view.h"

#include <QVBoxLayout>
#include <algorithm>

#include "log/plot_dress.h"
#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/words/season_words.h"

namespace upbeat {

OverTimeView::OverTimeView(const With& with, QWidget* parent)
    : QWidget(parent),
      m_with(with),
      m_title(new QLabel(this)),
      m_change(new QLabel(this)),
      m_tempoPlot(new QCustomPlot(this)),
      m_measurePlot(new QCustomPlot(this)),
      m_minutesPlot(new QCustomPlot(this)) {
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(0, 0, 0, 0);
    down->setSpacing(6);
    m_title->setFont(typeFace(Type::kLead, true));
    m_change->setFont(typeFace(Type::kText));
    m_change->setWordWrap(true);
    setFocusPolicy(Qt::StrongFocus);
    down->addWidget(m_title);
    down->addWidget(m_tempoPlot, 5);
    down->addWidget(m_change);
    down->addWidget(m_measurePlot, 4);
    down->addWidget(m_minutesPlot, 2);
    m_tempoPlot->setAccessibleName(tr("Tempo of every take"));
    m_measurePlot->setAccessibleName(tr("The measure over time"));
    m_minutesPlot->setAccessibleName(tr("Minutes by day"));
    connect(m_tempoPlot, &QCustomPlot::plottableClick, this, [this](QCPAbstractPlottable* plottable, int index) {
        const auto* graph = qobject_cast<QCPGraph*>(plottable);
        if (graph == nullptr || m_all || index >= graph->dataCount()) return;
        const double at = graph->data()->at(index)->key;
        for (const TakeSummary& take : m_takes)
            if (secondsOf(take.startedAt) == at) return Q_EMIT takeChosen(take.id);
    });
    connect(&m_with.log, &TakeLog::changed, this, [this] {
        if (isVisible()) refresh();
    });
    connect(&m_with.stand, &Stand::exerciseChanged, this, [this] {
        if (isVisible()) refresh();
    });
}

void OverTimeView::refresh() {
    m_takes = m_with.log.takes(m_with.stand.exercise().id);
    std::reverse(m_takes.begin(), m_takes.end());
    std::erase_if(m_takes, [](const TakeSummary& take) { return take.simulated; });
    m_chosen = -1;
    m_title->setText(m_all ? tr("All exercises, as shares of their goals")
                           : tr("%1: discs are clean takes, the dashed line is the goal, the band your ceiling")
                                 .arg(QString::fromStdString(m_with.stand.exercise().title)));
    m_all ? showAllExercises() : showTempos();
    showMeasure();
    const std::vector<PlayedTime> days = m_with.log.days();
    showMinutes(days);
    spanDays(days);
    for (QCustomPlot* plot : {m_tempoPlot, m_measurePlot, m_minutesPlot}) {
        dress(*plot);
        if (plot == m_minutesPlot) plot->yAxis->ticker()->setTickCount(2);  // it is low
        plot->replot(QCustomPlot::rpQueuedReplot);
    }
    m_measurePlot->setVisible(!m_all);
    m_change->setVisible(!m_all);
}

void OverTimeView::nextMeasure() {
    m_measure = static_cast<SeasonMeasure>((static_cast<int>(m_measure) + 1) % kSeasonMeasures);
    showMeasure();
    scaleMeasure();
    m_measurePlot->replot(QCustomPlot::rpQueuedReplot);
}

void OverTimeView::toggleAll() {
    m_all = !m_all;
    refresh();
}

void OverTimeView::choose(int steps) {
    if (m_takes.empty() || m_all) return;
    const int last = static_cast<int>(m_takes.size()) - 1;
    m_chosen = std::clamp(m_chosen < 0 ? last : m_chosen + steps, 0, last);
    markChosen();
}

qint64 OverTimeView::chosenTake() const {
    return m_chosen < 0 ? 0 : m_takes[static_cast<std::size_t>(m_chosen)].id;
}

void OverTimeView::markChosen() {
    if (m_mark == nullptr) return;
    m_mark->setVisible(m_chosen >= 0);
    if (m_chosen >= 0) {
        const TakeSummary& take = m_takes[static_cast<std::size_t>(m_chosen)];
        m_mark->position->setCoords(secondsOf(take.startedAt), take.tempoBpm);
        m_title->setText(QStringLiteral("%1  ·  %2  ·  %3  ·  %4")
                             .arg(QString::fromStdString(take.title),
                                  QLocale().toString(take.startedAt, QStringLiteral("ddd d MMM, HH:mm")),
                                  tempoInWords(take.tempoBpm), take.clean ? tr("clean") : tr("not clean")));
    }
    m_tempoPlot->replot(QCustomPlot::rpQueuedReplot);
}

void OverTimeView::showTempos() {
    m_tempoPlot->clearItems();
    m_tempoPlot->clearPlottables();
    const Theme& theme = Theme::of(palette());
    // Behind everything the ceiling, once it is weighed: its two edges.
    QCPGraph* low = addLine(*m_tempoPlot, Qt::transparent, 0);
    QCPGraph* high = addLine(*m_tempoPlot, Qt::transparent, 0);
    high->setBrush(theme.target);
    high->setChannelFillGraph(low);
    QCPGraph* best = addLine(*m_tempoPlot, theme.ink, 2);
    best->setLineStyle(QCPGraph::lsStepLeft);
    QCPGraph* clean = addDots(*m_tempoPlot, theme.ink, theme.ink);
    QCPGraph* others = addDots(*m_tempoPlot, theme.late, theme.surface);
    double fastest = 0;
    for (const TakeSummary& take : m_takes) {
        const double at = secondsOf(take.startedAt);
        (take.clean ? clean : others)->addData(at, take.tempoBpm);
        if (take.clean) best->addData(at, fastest = std::max(fastest, take.tempoBpm));
    }
    if (fastest > 0) best->addData(secondsOf(QDateTime::currentDateTime()), fastest);
    if (!m_takes.empty()) {
        addLevel(*m_tempoPlot, m_with.stand.ladder().ladder.goalBpm, theme.early);
        m_mark = new QCPItemTracer(m_tempoPlot);
        m_mark->setStyle(QCPItemTracer::tsCircle);
        m_mark->setSize(18);
        m_mark->setPen(QPen(theme.early, 2.5));
        m_mark->setVisible(false);
    } else {
        m_mark = nullptr;
    }
    m_tempoPlot->yAxis->setLabel(tr("tempo"));
    m_weighing.run(
        [takes = pastTakes({m_takes.rbegin(), m_takes.rend()}, QDate::currentDate())] { return overTime(takes); },
        [this, reading = ++m_reading](const std::vector<DayOverTime>& days) {
            if (reading == m_reading && !m_all) showCeiling(days);
        });
}

void OverTimeView::showCeiling(const std::vector<DayOverTime>& days) {
    QCPGraph* low = m_tempoPlot->graph(0);
    QCPGraph* high = m_tempoPlot->graph(1);
    constexpr int kPause = 14;  // days of which nothing is known of the ceiling
    std::optional<int> before;
    for (const DayOverTime& day : days) {
        if (!day.ceiling) continue;
        const double at = noonOf(QDate::currentDate().addDays(-day.daysAgo));
        if (before && *before - day.daysAgo > kPause)
            for (QCPGraph* edge : {low, high}) edge->addData(at - 1, qQNaN());
        before = day.daysAgo;
        low->addData(at, day.ceiling->low);
        high->addData(at, day.ceiling->high);
    }
    scaleTempos();
    m_tempoPlot->replot(QCustomPlot::rpQueuedReplot);
}

/// The goal is in sight.
void OverTimeView::scaleTempos() {
    m_tempoPlot->yAxis->rescale();
    QCPRange range = m_tempoPlot->yAxis->range();
    range.expand(m_all ? 100 : m_with.stand.ladder().ladder.goalBpm);
    m_tempoPlot->yAxis->setRange(range);
    padRange(*m_tempoPlot->yAxis);
}

void OverTimeView::showMeasure() {
    m_measurePlot->clearItems();
    m_measurePlot->clearPlottables();
    const Theme& theme = Theme::of(palette());
    QCPGraph* dots = addDots(*m_measurePlot, theme.ink, theme.ink);
    auto* intervals = new QCPErrorBars(m_measurePlot->xAxis, m_measurePlot->yAxis);
    intervals->setDataPlottable(dots);
    intervals->setPen(QPen(theme.inkSoft, 1.4));
    intervals->setWhiskerWidth(0);
    std::vector<FigureThen> figures;
    for (const FigureOfTake& one : m_with.log.figures(m_with.stand.exercise().id, figureOf(m_measure))) {
        dots->addData(secondsOf(one.startedAt), one.figure.value);
        intervals->addData(one.figure.value - one.figure.low, one.figure.high - one.figure.value);
        figures.push_back(
            {static_cast<int>(one.startedAt.date().daysTo(QDate::currentDate())), one.tempoBpm, one.figure.value});
    }
    const QString name = inWords(words::nameOf(m_measure));
    m_measurePlot->yAxis->setLabel(
        QString::fromUtf8(unitOf(m_measure).data(), static_cast<qsizetype>(unitOf(m_measure).size())));
    const auto change = changeOverWeeks(figures);
    m_change->setText(figures.empty() ? tr("%1: nothing measured yet.").arg(name)
                                      : inWords(words::changeOf(m_measure, change)));
}

void OverTimeView::showMinutes(const std::vector<PlayedTime>& days) {
    m_minutesPlot->clearPlottables();
    auto* bars = new QCPBars(m_minutesPlot->xAxis, m_minutesPlot->yAxis);
    constexpr double kDayS = 86400;
    bars->setWidth(0.7 * kDayS);
    bars->setPen(Qt::NoPen);
    bars->setBrush(Theme::of(palette()).inkSoft);
    for (const PlayedTime& day : days) bars->addData(noonOf(day.day), day.seconds / 60);
    m_minutesPlot->yAxis->setLabel(tr("min"));
}

/// One span of days for all three.
void OverTimeView::spanDays(const std::vector<PlayedTime>& days) {
    constexpr double kDayS = 86400;
    QDate first = QDate::currentDate().addDays(-13);
    for (const PlayedTime& day : days) first = std::min(first, day.day);
    const double from = noonOf(first) - kDayS;
    const double to = noonOf(QDate::currentDate()) + kDayS;
    for (QCustomPlot* plot : {m_tempoPlot, m_measurePlot, m_minutesPlot}) {
        plot->xAxis->setRange(from, to);
        plot->yAxis->rescale();
    }
    m_minutesPlot->yAxis->setRange(0, std::max(1.0, 1.15 * m_minutesPlot->yAxis->range().upper));
    scaleMeasure();
    scaleTempos();
}

void OverTimeView::scaleMeasure() {
    m_measurePlot->yAxis->rescale();
    padRange(*m_measurePlot->yAxis);
}

void OverTimeView::dress(QCustomPlot& plot) const {
    dressPlot(plot, Theme::of(palette()));
    plot.xAxis->setTickLabels(&plot != m_measurePlot && (m_all || &plot != m_tempoPlot));
}

void OverTimeView::changeEvent(QEvent* event) {
    QWidget::changeEvent(event);
    if (event->type() == QEvent::PaletteChange && isVisible()) refresh();
}

}  // namespace upbeat
