#include "studio/tap_commands.h"

namespace upbeat {

namespace {

const QString kTaps = QStringLiteral("taps");
constexpr double kRoomS = 0.45;

}  // namespace

TapCommands::TapCommands(AudioInput& input, Setup& setup) : m_setup(setup), m_ear(input) {
    m_toneEnds.setSingleShot(true);
    connect(&m_toneEnds, &QTimer::timeout, this, &TapCommands::open);
    connect(&m_ear, &Ear::stroke, this, [this](const Hit& hit) { m_strokes.push_back(hit); });
    connect(&m_ear, &Ear::heard, this, &TapCommands::look);
}

void TapCommands::listen(double afterS) {
    m_isLearning = false;
    m_toneEnds.start(static_cast<int>((afterS + kRoomS) * 1000));
}

void TapCommands::learn() {
    m_isLearning = true;
    open();
}

void TapCommands::open() {
    m_strokes.clear();
    m_ear.open();
}

void TapCommands::stop() {
    m_toneEnds.stop();
    m_isLearning = false;
    m_ear.close();
}

void TapCommands::look() {
    if (m_isLearning) {
        if (const auto style = styleOf(m_strokes, m_ear.nowS())) {
            keep(*style);
            stop();
            Q_EMIT learned();
        }
    } else if (const auto command = commandIn(m_strokes, m_ear.nowS(), style())) {
        stop();
        Q_EMIT commanded(*command);
    }
}

TapStyle TapCommands::style() const {
    TapStyle style;
    const QVariantMap kept = m_setup.recallAll(kTaps);
    const QByteArray colour = QByteArray::fromHex(kept.value(QStringLiteral("colour")).toString().toLatin1());
    style.learned = kept.contains(QStringLiteral("gap"));
    if (!style.learned) return style;
    style.gapS = std::clamp(kept[QStringLiteral("gap")].toDouble(), 0.1, 1.0);
    style.levelDb = std::clamp(kept[QStringLiteral("level")].toDouble(), -90.0, 0.0);
    for (qsizetype k = 0; k < std::min<qsizetype>(colour.size(), kBands); ++k)
        style.colour[static_cast<std::size_t>(k)] = static_cast<std::uint8_t>(colour[k]);
    return style;
}

void TapCommands::keep(const TapStyle& style) {
    QByteArray colour;
    for (const std::uint8_t step : style.colour) colour.append(static_cast<char>(step));
    m_setup.rememberAll(kTaps, {{QStringLiteral("gap"), style.gapS},
                                {QStringLiteral("level"), style.levelDb},
                                {QStringLiteral("colour"), QString::fromLatin1(colour.toHex())}});
}

}  // namespace upbeat
