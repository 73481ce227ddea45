// All exercises at once, as shares of their goals.
#include <algorithm>

#include "log/over_time_view.h"
#include "log/plot_dress.h"
#include "theme/theme.h"

namespace upbeat {

void OverTimeView::showAllExercises() {
    ++m_reading;
    m_mark = nullptr;
    m_tempoPlot->clearItems();
    m_tempoPlot->clearPlottables();
    constexpr int kMost = 6;
    auto all = m_with.log.inWork([this](const std::string& id) { return m_with.shelf.find(id); }, QDate::currentDate());
    std::erase_if(all, [](const ExerciseInWork& one) { return one.days.empty() || one.goalBpm <= 0; });
    const auto isNewer = [](const ExerciseInWork& a, const ExerciseInWork& b) {
        return a.days.back().daysAgo < b.days.back().daysAgo;
    };
    std::stable_sort(all.begin(), all.end(), isNewer);
    const Theme& theme = Theme::of(palette());
    for (int i = 0; i < std::min<int>(kMost, static_cast<int>(all.size())); ++i) {
        const ExerciseInWork& one = all[static_cast<std::size_t>(i)];
        const QColor inks[] = {theme.ink, theme.early, theme.late};
        constexpr Qt::PenStyle kStyles[] = {Qt::SolidLine, Qt::DashLine, Qt::DotLine};  // not by colour alone
        QCPGraph* line = addLine(*m_tempoPlot, inks[i % 3], i < 3 ? 2.2 : 1.2, kStyles[i % 3]);
        line->setLineStyle(QCPGraph::lsStepLeft);
        double best = 0;
        for (const PracticeDay& day : one.days) {
            if (!day.cleanBpm) continue;
            best = std::max(best, *day.cleanBpm);
            line->addData(noonOf(QDate::currentDate().addDays(-day.daysAgo)), 100 * best / one.goalBpm);
        }
        if (best > 0) line->addData(secondsOf(QDateTime::currentDateTime()), 100 * best / one.goalBpm);
        const Exercise* exercise = m_with.shelf.find(one.exerciseId);
        nameLine(*line, QString::fromStdString(exercise != nullptr ? exercise->title : one.exerciseId), i,
                 theme.surface);
    }
    addLevel(*m_tempoPlot, 100, theme.early);
    m_tempoPlot->yAxis->setLabel(tr("% of the goal"));
}

}  // namespace upbeat
