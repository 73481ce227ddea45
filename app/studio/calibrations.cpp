#include "studio/calibrations.h"

#include <QCryptographicHash>

namespace upbeat {

QString Calibrations::keyOf(const AudioInput& input) {
    const QStringList parts{QString::fromStdString(toText(input.id())), input.outputName(),
                            QString::number(input.sampleRate()), QString::number(input.periodFrames())};
    const QByteArray all = parts.join(QLatin1Char('\n')).toUtf8();
    return QStringLiteral("roundTrip/") +
           QString::fromLatin1(QCryptographicHash::hash(all, QCryptographicHash::Sha256).toHex().left(16));
}

std::optional<Calibration> Calibrations::of(const AudioInput& input) const {
    if (input.hasOwnLoop()) return {};
    const QVariantMap kept = m_setup.recallAll(keyOf(input));
    bool isNumber = false;
    Calibration calibration{kept.value(QStringLiteral("latencyMs")).toDouble(&isNumber),
                            kept.value(QStringLiteral("uncertainMs")).toDouble(),
                            QDate::fromString(kept.value(QStringLiteral("day")).toString(), Qt::ISODate)};
    constexpr double kMostMs = 1000;  // anyone may edit the file
    if (!isNumber || !(std::abs(calibration.latencyMs) < kMostMs) || !(calibration.uncertainMs >= 0)) return {};
    return calibration;
}

void Calibrations::keep(const AudioInput& input, const Calibration& calibration) {
    m_setup.rememberAll(keyOf(input), {{QStringLiteral("latencyMs"), calibration.latencyMs},
                                       {QStringLiteral("uncertainMs"), calibration.uncertainMs},
                                       {QStringLiteral("day"), calibration.day.toString(Qt::ISODate)},
                                       {QStringLiteral("input"), input.name()}});
}

KnownLoop Calibrations::known(const AudioInput& input) const {
    if (input.isSimulated()) return {0.0, 0, false};
    if (const auto measured = of(input)) return {measured->latencyMs * 1e-3, measured->uncertainMs, true};
    if (input.isMidi()) return {};  // what is typed in is the way of sound
    const double typedMs = m_setup.settings().latencyMs;
    return typedMs != 0 ? KnownLoop{typedMs * 1e-3, 0, false} : KnownLoop{};
}

}  // namespace upbeat
