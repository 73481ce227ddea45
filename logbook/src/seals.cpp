#include "upbeat/logbook/seals.h"

#include <QCryptographicHash>
#include <QSqlRecord>
#include <array>
#include <limits>

#include "upbeat/logbook/query.h"

namespace upbeat {

namespace {

// Columns by name: what a later schema adds is not part of what was sealed. Of the hits, which are many, SQLite gives
// sums in which each has a weight of its own.
constexpr std::array kSealed{
    "SELECT exercise_id, started_at, tempo_bpm, bars, first_beat_s, latency_s, duration_s, sample_rate, device, "
    "profile, clean, counts, missed_gate, click_heard, simulated FROM take WHERE id = ?",
    "SELECT count(*), total(time_s * (number + 1)), total(level_db * (number + 1)), total(strength * (number + 1)), "
    "total(peak_s * (number + 1)), total(exact * (number + 1)), total(foreign_sound * (number + 1)), "
    "group_concat(voice) FROM hit WHERE take_id = ?",
    "SELECT from_s, to_s FROM damaged_span WHERE take_id = ? ORDER BY from_s, to_s",
    "SELECT action, next_bpm, why, why_gate, why_missed, why_extra, why_lost_s, why_measured, why_low, why_high, "
    "takes_to_go, page_bars, stage, goal_reached, span_from FROM verdict WHERE take_id = ?",
    "SELECT name, measured, low, high, n, asked, at_least, state, stroke, who, own_limit FROM gate WHERE take_id = ? "
    "ORDER BY name",
    "SELECT name, value, low, high, n FROM figure WHERE take_id = ? ORDER BY name",
};

/// The same text for the same value, whatever it was stored as.
QByteArray textOf(const QVariant& value) {
    if (value.isNull()) return "-";
    if (value.typeId() == QMetaType::Double)
        return QByteArray::number(value.toDouble(), 'g', std::numeric_limits<double>::max_digits10);
    return value.toString().toUtf8();
}

}  // namespace

Result<QString> Seals::sumOf(qint64 take) const {
    QCryptographicHash sum(QCryptographicHash::Sha1);
    for (const char* sql : kSealed) {
        auto rows = runQuery(m_logbook, sql, {take});
        if (!rows) return tl::unexpected(rows.error());
        const int columns = rows->record().count();
        while (rows->next())
            for (int i = 0; i < columns; ++i) sum.addData(textOf(rows->value(i)) + '\n');
        sum.addData(QByteArrayView("\f"));
    }
    return QString::fromLatin1(sum.result().toHex());
}

Result<void> Seals::seal(qint64 take) const {
    const auto sum = sumOf(take);
    if (!sum) return tl::unexpected(sum.error());
    auto done = runQuery(m_logbook, "INSERT OR REPLACE INTO seal (take_id, sum) VALUES (?, ?)", {take, *sum});
    if (!done) return tl::unexpected(done.error());
    return {};
}

Result<void> Seals::sealOlder() const {
    auto found = runQuery(m_logbook, "SELECT id FROM take WHERE id NOT IN (SELECT take_id FROM seal)");
    if (!found) return tl::unexpected(found.error());
    QList<qint64> takes;
    while (found->next()) takes << found->value(0).toLongLong();
    for (const qint64 take : takes)
        if (auto done = seal(take); !done) return done;
    return {};
}

Result<bool> Seals::isWhole(qint64 take) const {
    auto sealed = runQuery(m_logbook, "SELECT sum FROM seal WHERE take_id = ?", {take});
    if (!sealed) return tl::unexpected(sealed.error());
    if (!sealed->next()) return false;
    const QString known = sealed->value(0).toString();
    const auto sum = sumOf(take);
    if (!sum) return tl::unexpected(sum.error());
    return *sum == known;
}

}  // namespace upbeat
