#include "take_blobs.h"

#include <QtEndian>
#include <algorithm>

namespace upbeat {

QByteArray bytesOf(const BandSteps& steps) {
    return {reinterpret_cast<const char*>(steps.data()), static_cast<qsizetype>(steps.size())};
}

BandSteps stepsFrom(const QByteArray& bytes) {
    BandSteps steps{};
    if (bytes.size() == static_cast<qsizetype>(steps.size())) std::copy(bytes.begin(), bytes.end(), steps.begin());
    return steps;
}

QVariant packed(const BandTrace& trace) {
    if (trace.isEmpty()) return {};
    QByteArray bytes;
    for (const BandSteps& column : trace.columns()) bytes += bytesOf(column);
    return qCompress(bytes);
}

BandTrace unpacked(const QByteArray& bytes, double columnS) {
    constexpr qsizetype kMost = 64 << 20;
    constexpr qsizetype kColumn = kBands;
    BandTrace trace(columnS);
    // The first four bytes say how long the whole is: a damaged file must not ask for all memory.
    if (bytes.size() < 4 || qFromBigEndian<quint32>(bytes.constData()) > kMost) return trace;
    const QByteArray all = qUncompress(bytes);
    for (qsizetype at = 0; at + kColumn <= all.size(); at += kColumn) trace.add(stepsFrom(all.mid(at, kColumn)));
    return trace;
}

}  // namespace upbeat
