// What a screen reader says of the field.
#include <cmath>

#include "strokes/field_view.h"

namespace upbeat {

namespace {

/// The count under which a mark stands.
QString wordAt(const FieldData& data, double place) {
    QString beat;
    QString word;
    for (const FieldColumn& column : data.columns) {
        if (column.place > place + 1e-9) break;
        word = QString::fromStdString(column.word);
        if (column.onBeat) beat = word;
    }
    return word == beat ? beat : FieldView::tr("%1 of %2").arg(word, beat);
}

QString markInWords(const FieldData& data, const FieldMark& mark) {
    const QString where = wordAt(data, mark.place);
    switch (mark.kind) {
        case FieldMark::Kind::Missed:
            return FieldView::tr("%1 missed").arg(where);
        case FieldMark::Kind::Extra:
            return FieldView::tr("one too many near %1").arg(where);
        case FieldMark::Kind::Pale:
            return FieldView::tr("something sounded near %1").arg(where);
        default:
            break;
    }
    return mark.offsetMs < 0 ? FieldView::tr("%1 %L2 ms early").arg(where).arg(-mark.offsetMs, 0, 'f', 0)
                             : FieldView::tr("%1 %L2 ms late").arg(where).arg(mark.offsetMs, 0, 'f', 0);
}

}  // namespace

int FieldView::spokenRowCount() const {
    return static_cast<int>(m_data.rows.size());
}

/// A pass: what stands out of it; strokes nobody hears to be off are only counted.
QString FieldView::spokenRow(int row) const {
    const StrokeScale scale;
    QStringList out;
    int fine = 0;
    for (const FieldMark& mark : m_data.rows[static_cast<std::size_t>(row)]) {
        const bool isFine = mark.kind == FieldMark::Kind::Played && std::abs(mark.offsetMs) < scale.noticeMs;
        isFine ? void(++fine) : void(out << markInWords(m_data, mark));
    }
    const auto& names = m_data.rowNames;
    const QString name = row < static_cast<int>(names.size())
                             ? QString::fromStdString(names[static_cast<std::size_t>(row)])
                             : QString::number(row + 1);
    return tr("pass %1: %2 in place").arg(name).arg(fine) + (out.isEmpty() ? QString() : QStringLiteral("; ")) +
           out.join(QStringLiteral(", "));
}

}  // namespace upbeat
