#include "shell/glossary.h"

#include <QCoreApplication>

namespace upbeat {

namespace {

class Glossary {
    Q_DECLARE_TR_FUNCTIONS(upbeat::Glossary)
  public:
    static QList<Term> all() {
        return {
            {tr("Take"), tr("One recording of the page, from the count-in to the last bar.")},
            {tr("Page"), tr("What is written: an exercise of a bar or two, or a piece.")},
            {tr("Offset"),
             tr("How far a stroke is from where it is asked for, in thousandths of a second (ms). Plus is "
                "late.")},
            {tr("Placement"),
             tr("The middle of all offsets: where you lie against the click on the whole. It is known only "
                "where the click was heard or the way round was measured.")},
            {tr("Spread"), tr("How far the strokes scatter about their middle: two of three lie within it.")},
            {tr("Habit"), tr("A count that leans the same way time after time.")},
            {tr("Wander"), tr("Strokes that follow one another lean together: the pulse breathes.")},
            {tr("Drift"), tr("The pulse moves away from the click little by little, in ms a bar.")},
            {tr("Accent, tap, ghost"), tr("The three levels of a stroke: loud, plain, hardly heard.")},
            {tr("Gap"), tr("By how many decibels (dB) one level lies below the next. Ten sound about half as loud.")},
            {tr("Overlap"), tr("How often a softer stroke comes out louder than a louder one.")},
            {tr("Swing"), tr("How long the first of two notes lasts against the second; 2 : 1 is a triplet.")},
            {tr("Interval"),
             tr("Between these two figures lies the true one, nineteen times in twenty. What it leaves open "
                "is not said.")},
            {tr("Rung, ladder"), tr("A tempo, and all tempos of a page from its start to its goal.")},
            {tr("Gate"), tr("One thing a rung asks for. Met, missed, or still open: then more takes decide.")},
            {tr("Clean"), tr("No gate is missed.")},
            {tr("Ceiling"), tr("The tempo at which a clean take is an even chance.")},
            {tr("Drill"), tr("The one spot that goes wrong, practised alone and put back.")},
        };
    }
};

}  // namespace

QList<Term> glossary() {
    return Glossary::all();
}

}  // namespace upbeat
