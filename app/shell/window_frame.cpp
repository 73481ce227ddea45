// What stands above and below the places: the page, the tempo, the keys.
#include "shell/main_window.h"
#include "shell/page_facts.h"

namespace upbeat {

void MainWindow::refreshHeader() {
    const bool looking = current() == Look && m_studio.review().take();
    const Exercise& e = looking ? m_studio.review().take()->stored.exercise : m_studio.stand().exercise();
    QStringList line = pageFacts(e);
    double tempo = m_studio.stand().ladder().tempoBpm;
    if (looking) {
        const TakeRecord& take = m_studio.review().take()->stored;
        tempo = take.frame.tempoBpm;
        line << counted(m_studio.review().take()->analysis.matched.passes, UPBEAT_TEXT("1 pass"),
                        UPBEAT_TEXT_N("%n passes"))
             << QLocale().toString(startOf(take), QStringLiteral("ddd d MMM, HH:mm"));
        line << factsInWords(*m_studio.review().take());
    } else {
        line << tr("ladder %1 to %2 by %3")
                    .arg(tempoInWords(m_studio.stand().ladder().ladder.startBpm),
                         tempoInWords(m_studio.stand().ladder().ladder.goalBpm),
                         tempoInWords(m_studio.stand().ladder().ladder.stepBpm));
    }
    if (const Routine& today = m_studio.routine(); today.isOn() && !looking)
        line.prepend(tr("block %1 of %2, %3 min")
                         .arg(today.current() + 1)
                         .arg(today.plan().size())
                         .arg(today.plan()[today.current()].minutes));
    m_header->setTexts(QString::fromStdString(e.title), line.join(QStringLiteral("  ·  ")), tempoInWords(tempo),
                       tr("goal %1").arg(tempoInWords(m_studio.stand().ladder().ladder.goalBpm)));
}

void MainWindow::refreshFooter() {
    QList<KeyHint> keys{{tr("Space"), isTaking() ? tr("stop") : tr("play a take")}};
    keys += m_places.at(current())->keys();
    if (m_studio.stand().isPart()) keys.append({QStringLiteral("B"), tr("back to the whole")});
    keys.append({QStringLiteral("F1"), tr("help")});
    m_footer->setKeys(keys);
    m_footer->setInput(m_studio.input().name());
}

}  // namespace upbeat
