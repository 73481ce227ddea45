#include "field_svg.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <utility>

#include "markup.h"
#include "upbeat/field/field_data.h"
#include "upbeat/field/stroke_scale.h"
#include "upbeat/words/words.h"

namespace upbeat {

namespace {

constexpr double kWidth = 1000;
constexpr double kLeft = 44;
constexpr double kRight = 20;
constexpr double kHead = 118;  // the averages and their counts
constexpr double kRow = 58;
constexpr double kBeforeBar = 12;  // the bar line stands that much before the one
constexpr int kBarsPerLine = 4;

/// Draws into a growing text.
class FieldWriter {
  public:
    FieldWriter(const TakeAnalysis& analysis, const Translate& translate)
        : m_analysis(analysis), m_translate(translate), m_field(fieldOf(analysis)) {
        const Exercise& page = analysis.matched.exercise;
        if (page.bars > kBarsPerLine) m_field = inLines(std::move(m_field), kBarsPerLine, page.firstBar);
        std::size_t most = 1;
        for (const FieldColumn& a : m_field.columns) most += a.place >= 0 ? 1 : 0;
        m_stroke = std::clamp(0.16 * (kWidth - kLeft - kRight) / static_cast<double>(most), 1.6, 5.0);
        m_scale.reach = std::clamp(0.42 * (kWidth - kLeft - kRight) / static_cast<double>(most), 4.0, 14.0);
    }

    std::string write() {
        const double height = kHead + kRow * static_cast<double>(m_field.rows.size()) + 14;
        m_out = fmt::format(
            "<svg class=\"field\" viewBox=\"0 0 {:g} {:g}\" role=\"group\" aria-label=\"{}\" "
            "xmlns=\"http://www.w3.org/2000/svg\">\n",
            kWidth, height, escaped(said(UPBEAT_TEXT("Strokes by pass: left is early, right is late"))));
        for (const double place : m_field.barPlaces)
            m_out += fmt::format("<path class=\"bar\" d=\"M{0:.1f} {1:g}V{2:.0f}\"/>\n", x(place) - kBeforeBar, kHead,
                                 height - 10);
        writeHead();
        for (std::size_t row = 0; row < m_field.rows.size(); ++row) writeRow(row);
        return m_out + "</svg>\n";
    }

  private:
    [[nodiscard]] double x(double place, int slot = 0) const {
        return kLeft + place * (kWidth - kLeft - kRight) + 1.3 * m_stroke * slot;
    }
    [[nodiscard]] std::string said(const Text& text) const { return text.said(m_translate); }
    /// A long page is several rows for every pass.
    [[nodiscard]] std::size_t linesPerPass() const {
        const auto passes = static_cast<std::size_t>(std::max(1, m_analysis.matched.passes));
        return std::max<std::size_t>(1, m_field.rows.size() / passes);
    }

    void target(double footX, double footY, double height, double lean) {
        const double half = 1.7 * m_stroke;
        m_out += fmt::format("<path class=\"target\" d=\"M{:.1f} {:.1f}L{:.1f} {:.1f}H{:.1f}L{:.1f} {:.1f}z\"/>",
                             footX - half, footY, footX + lean - half, footY - height, footX + lean + half,
                             footX + half, footY);
    }

    void stroke(double footX, double footY, double leanMs, double askedMs, double relativeDb, Limb limb) {
        const double tipX = footX + strokeLean(leanMs, m_scale);
        const double tipY = footY - strokeHeight(relativeDb, m_scale);
        m_out += fmt::format("<path class=\"line {}\" stroke-width=\"{:.1f}\" d=\"M{:.1f} {:.1f}L{:.1f} {:.1f}\"/>",
                             classOf(leanFor(leanMs - askedMs, m_scale)), m_stroke, footX, footY, tipX, tipY);
        if (std::abs(leanMs) > m_scale.fullLeanMs)
            m_out += fmt::format("<path class=\"far\" d=\"M{:.1f} {:.1f}v{:.1f}\"/>", tipX, tipY - 1.5 * m_stroke,
                                 3 * m_stroke);
        foot(footX, footY, limb, leanFor(leanMs - askedMs, m_scale));
    }

    void foot(double footX, double footY, Limb limb, Lean lean = Lean::Upright) {
        const double radius = 0.95 * m_stroke;
        if (footOf(limb) == Foot::Bar)
            m_out += fmt::format("<path class=\"foot {}\" stroke-width=\"{:.1f}\" d=\"M{:.1f} {:.1f}h{:.1f}\"/>",
                                 classOf(lean), 0.8 * m_stroke, footX - 1.6 * m_stroke, footY, 3.2 * m_stroke);
        else
            m_out += fmt::format("<circle class=\"{} {}\" cx=\"{:.1f}\" cy=\"{:.1f}\" r=\"{:.1f}\"/>",
                                 footOf(limb) == Foot::Ring ? "ring" : "dot", classOf(lean), footX, footY, radius);
    }

    void writeHead() {
        const double base = kHead - 44;
        for (const FieldAverage& a : m_field.averages) {
            const double footX = x(a.place, a.slot);
            target(footX, base, strokeHeight(a.targetDb, m_scale), strokeLean(a.askedMs, m_scale));
            if (!a.joins) stroke(footX, base, a.offsetMs.value, a.askedMs, a.relativeDb, a.limb);
        }
        for (const FieldColumn& c : m_field.columns)
            m_out += fmt::format("<text class=\"{}\" x=\"{:.1f}\" y=\"{:.1f}\">{}</text>", c.onBeat ? "beat" : "count",
                                 x(c.place), base + 20, escaped(c.word));
        for (std::size_t i = 0; i < m_field.hands.size(); ++i)
            if (!m_field.hands[i].empty())
                m_out += fmt::format("<text class=\"hand\" x=\"{:.1f}\" y=\"{:.1f}\">{}</text>",
                                     x(m_field.strokePlaces[i], m_field.strokeSlots[i]), base + 36,
                                     escaped(m_field.hands[i]));
        m_out += '\n';
    }

    void writeRow(std::size_t row) {
        const double y = kHead + kRow * static_cast<double>(row + 1) - 6;
        const std::string name = row < m_field.rowNames.size() ? m_field.rowNames[row] : std::to_string(row + 1);
        m_out += fmt::format(
            "<text class=\"row\" x=\"{:g}\" y=\"{:.0f}\">{}</text><path class=\"base\" "
            "d=\"M{:g} {:.1f}H{:g}\"/>\n",
            kLeft - 14, y - 4, escaped(name), kLeft - 6, y, kWidth - kRight + 6);
        for (const FieldMark& mark : m_field.rows[row]) writeMark(mark, row, y);
    }

    void writeMark(const FieldMark& mark, std::size_t row, double y) {
        const double footX = x(mark.place, mark.slot);
        m_out += fmt::format(
            "<g class=\"mark\" tabindex=\"-1\" data-t=\"{:.4f}\" data-n=\"{}\" data-p=\"{}\">"
            "<title>{}</title>",
            mark.timeS, mark.stroke, row / linesPerPass() + 1, escaped(titleOf(mark)));
        m_out += fmt::format("<path class=\"grip\" d=\"M{:.1f} {:.1f}h{:.1f}v{:g}h{:.1f}z\"/>",
                             footX - std::max(3.0, 1.8 * m_stroke), y + 5, 2 * std::max(3.0, 1.8 * m_stroke), -kRow + 4,
                             -2 * std::max(3.0, 1.8 * m_stroke));
        const double wanted = strokeHeight(mark.targetDb, m_scale) * kShare;
        switch (mark.kind) {
            case FieldMark::Kind::Played: {
                target(footX, y, wanted, strokeLean(mark.askedMs, m_scale) * kShare);
                const double full = std::exchange(m_scale.fullHeight, m_scale.fullHeight * kShare);
                if (mark.joins)
                    foot(footX, y, mark.limb);
                else
                    stroke(footX, y, mark.leanMs, mark.askedMs, mark.relativeDb, mark.limb);
                m_scale.fullHeight = full;
                break;
            }
            case FieldMark::Kind::Missed:
                m_out += fmt::format("<path class=\"missed\" d=\"M{:.1f} {:.1f}h{:.1f}v{:.1f}h{:.1f}z\"/>",
                                     footX - 1.7 * m_stroke, y, 3.4 * m_stroke, -wanted, -3.4 * m_stroke);
                break;
            case FieldMark::Kind::Extra:
            case FieldMark::Kind::Pale:
                m_out += fmt::format("<circle class=\"{}\" cx=\"{:.1f}\" cy=\"{:.1f}\" r=\"{:.1f}\"/>",
                                     mark.kind == FieldMark::Kind::Extra ? "extra" : "pale", footX, y, 1.2 * m_stroke);
        }
        m_out += "</g>\n";
    }

    /// What is read where one points, and by a screen reader.
    [[nodiscard]] std::string titleOf(const FieldMark& mark) const {
        const Exercise& page = m_analysis.matched.exercise;
        switch (mark.kind) {
            case FieldMark::Kind::Extra:
                return said(UPBEAT_TEXT("not written"));
            case FieldMark::Kind::Pale:
                return said(UPBEAT_TEXT("unlike a stroke"));
            case FieldMark::Kind::Missed:
                return said(Text::with(UPBEAT_TEXT("%1: missed"), words::strokeOf(page, mark.stroke)));
            case FieldMark::Kind::Played:
                break;
        }
        return said(Text::with(mark.offsetMs < 0 ? UPBEAT_TEXT("%1: %2 ms early, %3 dB against your accents")
                                                 : UPBEAT_TEXT("%1: %2 ms late, %3 dB against your accents"),
                               words::strokeOf(page, mark.stroke), fmt::format("{:.1f}", std::abs(mark.offsetMs)),
                               fmt::format("{:+.1f}", mark.relativeDb)));
    }

    [[nodiscard]] static const char* classOf(Lean lean) {
        return lean == Lean::Early ? "early" : lean == Lean::Late ? "late" : "even";
    }

    static constexpr double kShare = 0.72;  // a row is lower than the page

    const TakeAnalysis& m_analysis;
    const Translate& m_translate;
    FieldData m_field;
    StrokeScale m_scale;
    double m_stroke = 3;
    std::string m_out;
};

}  // namespace

std::string fieldSvg(const TakeAnalysis& analysis, const Translate& translate) {
    return FieldWriter(analysis, translate).write();
}

}  // namespace upbeat
