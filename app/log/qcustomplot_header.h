#pragma once

// The header of QCustomPlot is written in Qt's keywords, which the project does without (QT_NO_KEYWORDS).
#define signals Q_SIGNALS
#define slots Q_SLOTS
#define emit
#define foreach Q_FOREACH
#include <qcustomplot.h>
#undef signals
#undef slots
#undef emit
#undef foreach
