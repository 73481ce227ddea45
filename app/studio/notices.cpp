#include "studio/notices.h"

#include <utility>

namespace upbeat {

QString refusalsInWords(const FoundInputs& found) {
    QStringList reasons;
    for (const Error& refusal : found.refusals) reasons << inWords(refusal.what);
    return reasons.join(QStringLiteral(", "));
}

void Notices::complain(const QString& sentence) {
    if (m_listenedTo)
        Q_EMIT failed(sentence);
    else
        m_unsaid << sentence;
}

void Notices::startListening() {
    m_listenedTo = true;
    for (const QString& sentence : std::exchange(m_unsaid, {})) Q_EMIT failed(sentence);
}

}  // namespace upbeat
