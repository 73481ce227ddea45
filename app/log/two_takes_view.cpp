#include "log/two_takes_view.h"

#include <QGridLayout>
#include <QLocale>
#include <QScrollArea>
#include <algorithm>
#include <cmath>

#include "studio/open_take.h"
#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/field/field_data.h"
#include "upbeat/words/season_words.h"

namespace upbeat {

namespace {

QString titleOf(char letter, const TakeView& take) {
    const QDateTime at = upbeat::startOf(take.stored);
    return TwoTakesView::tr("%1   %2, %3 at %4: %5")
        .arg(QLatin1Char(letter))
        .arg(QString::fromStdString(take.stored.exercise.title),
             QLocale().toString(at, QStringLiteral("ddd d MMM HH:mm")), tempoInWords(take.stored.frame.tempoBpm),
             inWords(words::headlineOf(take.analysis.verdict)));
}

}  // namespace

TwoTakesView::TwoTakesView(const With& with, QWidget* parent)
    : QWidget(parent), m_with(with), m_archive(with.folder), m_said(new QLabel(this)), m_where(new QLabel(this)) {
    auto* layout = new QGridLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    for (std::size_t i = 0; i < 2; ++i) {
        m_titles.at(i) = new QLabel(this);
        m_titles.at(i)->setFont(typeFace(Type::kText, true));
        m_fields.at(i) = new FieldView(this);
        m_fields.at(i)->setAccessibleName(i == 0 ? tr("Take A") : tr("Take B"));
        layout->addWidget(m_titles.at(i), static_cast<int>(2 * i), 0, 1, 2);
        layout->addWidget(m_fields.at(i), static_cast<int>(2 * i) + 1, 0);
        layout->setRowStretch(static_cast<int>(2 * i) + 1, 1);
    }
    m_said->setWordWrap(true);
    m_said->setFont(typeFace(Type::kText));
    m_said->setAlignment(Qt::AlignTop);
    m_said->setMargin(10);
    auto* area = new QScrollArea(this);
    area->setWidget(m_said);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    layout->addWidget(area, 1, 1, 3, 1);
    layout->setColumnStretch(0, 5);
    layout->setColumnStretch(1, 3);
    m_where->setFont(typeFace(Type::kSmall));
    layout->addWidget(m_where, 4, 0, 1, 2);
    connect(&m_with.playback, &Playback::ticked, this, [this] {
        for (std::size_t i = 0; i < 2; ++i)
            m_fields.at(i)->setPlayhead(static_cast<int>(i) == m_heard ? m_with.playback.shownPlayheadS(m_takes.at(i))
                                                                       : -1);
    });
}

void TwoTakesView::open(qint64 one, qint64 other) {
    m_worker.run(
        [archive = m_archive, folder = m_with.folder, one, other]() -> Result<Two> {
            const auto a = openTake(archive, folder, one);
            if (!a) return tl::unexpected(a.error());
            const auto b = openTake(archive, folder, other);
            if (!b) return tl::unexpected(b.error());
            Two both{a->take, b->take};
            if (both[1]->stored.startedAt < both[0]->stored.startedAt) std::swap(both[0], both[1]);
            return both;
        },
        [this](const Result<Two>& both) {
            if (!both) return m_with.notices.complain(both.error());
            show(*both);
        });
}

void TwoTakesView::show(const Two& takes) {
    m_takes = takes;
    m_heard = m_bar = 0;
    m_changes = compareTakes(takes[0]->analysis.gates, takes[1]->analysis.gates);
    for (std::size_t i = 0; i < 2; ++i) {
        m_titles.at(i)->setText(titleOf(i == 0 ? 'A' : 'B', *takes.at(i)));
        m_fields.at(i)->setData(fieldOf(takes.at(i)->analysis));
    }
    QStringList lines;
    if (takes[0]->stored.exercise.id != takes[1]->stored.exercise.id)
        lines << tr("These are takes of two exercises: what they ask differs.");
    else if (std::abs(takes[0]->stored.frame.tempoBpm - takes[1]->stored.frame.tempoBpm) > 0.5)
        lines << tr("They were played at two tempos: most things grow with it.");
    // What can be told first.
    auto sorted = m_changes;
    std::stable_sort(sorted.begin(), sorted.end(),
                     [](const GateChange& a, const GateChange& b) { return a.how < b.how; });
    for (const GateChange& change : sorted) lines << inWords(words::changeOf(change));
    m_said->setText(lines.join(QStringLiteral("\n\n")));
    showBar();
    Q_EMIT opened();
}

double TwoTakesView::startOf(const TakeView& take, int bar) const {
    const TakeFrame& frame = take.stored.frame;
    return frame.firstBeatS + frame.latencyS + barStartS(take.stored.exercise, Bpm(frame.tempoBpm), bar);
}

void TwoTakesView::moveBar(int bars) {
    if (!m_takes[0]) return;
    const int last = std::min(m_takes[0]->stored.frame.bars, m_takes[1]->stored.frame.bars) - 1;
    m_bar = std::clamp(m_bar + bars, 0, std::max(0, last));
    showBar();
    if (m_with.playback.isPlaying()) play();
}

void TwoTakesView::showBar() {
    m_where->setText(tr("%1 is heard from bar %2: H plays, N the other one from the same bar, [ and ] choose the bar.")
                         .arg(m_heard == 0 ? QLatin1Char('A') : QLatin1Char('B'))
                         .arg(m_bar + 1));
}

void TwoTakesView::play() {
    const TakePtr& take = m_takes.at(static_cast<std::size_t>(m_heard));
    constexpr double kBefore = 0.05;
    Listening wish;
    wish.fromS = std::max(0.0, startOf(*take, m_bar) - kBefore);
    wish.toS = take->stored.durationS;
    m_with.playback.listen(take, wish);
}

void TwoTakesView::hear() {
    if (!m_takes[0]) return;
    m_with.playback.isPlaying() ? m_with.playback.stop() : play();
}

void TwoTakesView::hearOther() {
    if (!m_takes[0]) return;
    if (m_with.playback.isPlaying()) {
        const TakeView& take = *m_takes.at(static_cast<std::size_t>(m_heard));
        const double since = m_with.playback.playheadS() - startOf(take, 0);
        const double bars = barsBefore(take.stored.exercise, Bpm(take.stored.frame.tempoBpm), std::max(0.0, since));
        m_bar = std::clamp(static_cast<int>(bars), 0, take.stored.frame.bars - 1);
    }
    m_heard = 1 - m_heard;
    showBar();
    play();
}

}  // namespace upbeat
