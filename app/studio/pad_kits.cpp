#include "studio/pad_kits.h"

#include <QCryptographicHash>

#include "upbeat/formats/midi_take.h"
#include "upbeat/music/stroke.h"

namespace upbeat {

namespace {

QString keyOf(const InputId& input) {
    const std::string name = toText(input);
    const QByteArray hash = QCryptographicHash::hash(QByteArray::fromStdString(name), QCryptographicHash::Sha256);
    return QStringLiteral("pads/") + QString::fromLatin1(hash.toHex().left(16));
}

/// Anyone may edit the file: what makes no sense is as if it were not there.
std::optional<PadCurve> curveFrom(const QVariantMap& kept) {
    const double ghost = kept.value(QStringLiteral("ghostDb")).toDouble();
    const double tap = kept.value(QStringLiteral("tapDb")).toDouble();
    const double accent = kept.value(QStringLiteral("accentDb")).toDouble();
    constexpr double kMostDb = 100;
    if (!(std::abs(ghost) < kMostDb) || !(std::abs(accent) < kMostDb)) return std::nullopt;
    return padCurve(ghost, tap, accent);
}

}  // namespace

PadKit PadKits::of(const InputId& input) const {
    PadKit kit = generalMidiKit();
    const QVariantMap kept = m_setup.recallAll(keyOf(input));
    for (int key = 0; key < kPadKeys; ++key) {
        const QString name = kept.value(QStringLiteral("key%1").arg(key)).toString();
        auto& voice = kit.voices.at(static_cast<std::size_t>(key));
        voice = voiceFromName(name.toStdString()).value_or(voice);
    }
    if (kept.contains(QStringLiteral("accentDb"))) kit.curve = curveFrom(kept);
    if (kept.contains(QStringLiteral("pedalOpen"))) {
        kit.pedalOpen = std::clamp(kept.value(QStringLiteral("pedalOpen")).toInt(), 0, kPadKeys - 1);
        kit.pedalClosed = std::clamp(kept.value(QStringLiteral("pedalClosed")).toInt(), 0, kPadKeys - 1);
    }
    return kit;
}

void PadKits::keep(const InputId& input, const PadKit& kit) {
    QVariantMap values;
    const PadKit usual = generalMidiKit();
    for (std::size_t key = 0; key < kit.voices.size(); ++key)
        if (kit.voices.at(key) != usual.voices.at(key))
            values[QStringLiteral("key%1").arg(key)] = QString::fromUtf8(toName(kit.voices.at(key)).data());
    if (const auto& curve = kit.curve) {
        values[QStringLiteral("ghostDb")] = curve->ghostDb;
        values[QStringLiteral("tapDb")] = curve->tapDb;
        values[QStringLiteral("accentDb")] = curve->accentDb;
    }
    values[QStringLiteral("pedalOpen")] = kit.pedalOpen;
    values[QStringLiteral("pedalClosed")] = kit.pedalClosed;
    m_setup.rememberAll(keyOf(input), values);
}

}  // namespace upbeat
