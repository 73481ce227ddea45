#include "verdict_rows.h"

#include <array>

namespace upbeat {

namespace {

/// In the order of Reason.
constexpr std::array<std::string_view, std::variant_size_v<Reason>> kReasons{
    "", "clean", "gate_missed", "fell_apart", "gate_unsure", "too_little", "damaged", "simulated", "click"};

struct ReasonCells {
    std::vector<Cell>& cells;

    void operator()(const GateWasMissed& missed) const { say(missed.gate); }
    void operator()(const GateIsUnsure& unsure) const { say(unsure.gate); }
    void operator()(const FellApart& apart) const {
        cells.insert(cells.end(), {{"why_missed", apart.missed}, {"why_extra", apart.extra}});
    }
    void operator()(const TakeWasDamaged& damaged) const { cells.push_back({"why_lost_s", damaged.lostS}); }
    template <class Plain>
    void operator()(const Plain& /*says it all*/) const {}

  private:
    void say(const Gate& gate) const {
        cells.insert(cells.end(), {{"why_gate", toQt(toName(gate.kind))},
                                   {"why_measured", gate.measured.value},
                                   {"why_low", gate.measured.low},
                                   {"why_high", gate.measured.high}});
    }
};

/// "left", "snare", "other".
QVariant nameOf(const std::optional<StrokeGroup>& who) {
    if (!who) return {};
    if (const auto* limb = std::get_if<Limb>(&*who)) return toQt(toName(*limb));
    if (const auto* voice = std::get_if<Voice>(&*who)) return toQt(toName(*voice));
    return toQt("other");
}

std::optional<StrokeGroup> groupFrom(const std::string& name) {
    if (const auto limb = limbFromName(name)) return StrokeGroup(*limb);
    if (const auto voice = voiceFromName(name)) return StrokeGroup(*voice);
    if (name == "other") return StrokeGroup(OtherVoices{});
    return std::nullopt;
}

std::optional<Gate> named(const std::vector<Gate>& gates, const std::string& name) {
    const auto found = std::find_if(gates.begin(), gates.end(), [&](const Gate& g) { return toName(g.kind) == name; });
    return found == gates.end() ? std::nullopt : std::optional(*found);
}

Beats beatFrom(const Row& row, const char* column) {
    return Beats::parse(row.text(column)).value_or(Beats(1));
}

}  // namespace

std::vector<Cell> cellsOf(const Verdict& v) {
    std::vector<Cell> cells{{"action", toQt(toName(v.action))},
                            {"next_bpm", v.nextTempoBpm},
                            {"why", toQt(kReasons.at(v.reason.index()))},
                            {"page_bars", v.pageBars},
                            {"stage", v.stage},
                            {"clean_in_a_row", v.cleanInARow},
                            {"clean_needed", v.cleanNeeded},
                            {"goal_reached", v.goalReached},
                            {"takes_to_go", v.takesToGo ? QVariant(*v.takesToGo) : QVariant()}};
    if (v.span)
        cells.insert(cells.end(), {{"span_bar", v.span->bar},
                                   {"span_from", toQt(v.span->fromBeat.toString())},
                                   {"span_to", toQt(v.span->toBeat.toString())}});
    std::visit(ReasonCells{cells}, v.reason);
    return cells;
}

std::vector<Cell> cellsOf(const Gate& gate) {
    return {{"name", toQt(toName(gate.kind))},
            {"measured", gate.measured.value},
            {"low", gate.measured.low},
            {"high", gate.measured.high},
            {"n", gate.measured.n},
            {"asked", gate.limit},
            {"at_least", gate.atLeast},
            {"own_limit", gate.ownLimit},
            {"state", toQt(toName(gate.state))},
            {"stroke", gate.stroke ? QVariant(*gate.stroke) : QVariant()},
            {"who", nameOf(gate.who)}};
}

Verdict verdictFrom(const Row& row) {
    Verdict v;
    v.action = actionFromName(row.text("action")).value_or(Action::Again);
    v.tempoBpm = row.number("tempo_bpm");
    v.nextTempoBpm = row.number("next_bpm");
    v.pageBars = row.whole("page_bars");
    v.stage = row.flag("stage");
    v.cleanInARow = row.whole("clean_in_a_row");
    v.cleanNeeded = row.whole("clean_needed");
    v.goalReached = row.flag("goal_reached");
    if (!row.at("span_bar").isNull())
        v.span = Span{row.whole("span_bar"), beatFrom(row, "span_from"), beatFrom(row, "span_to")};
    return v;
}

Reason reasonFrom(const Row& row, const std::vector<Gate>& gates) {
    const std::string why = row.text("why");
    auto gate = named(gates, row.text("why_gate"));
    if (gate && !row.at("why_measured").isNull())
        gate->measured = {row.number("why_measured"), row.number("why_low"), row.number("why_high"), gate->measured.n};
    if (why == "clean") return TakesWereClean{};
    if (why == "gate_missed" && gate) return GateWasMissed{*gate};
    if (why == "gate_unsure" && gate) return GateIsUnsure{*gate};
    if (why == "fell_apart") return FellApart{row.whole("why_missed"), row.whole("why_extra")};
    if (why == "too_little") return TooLittlePlayed{};
    if (why == "simulated") return PlayedByNobody{};
    if (why == "click") return ClickWasMeasured{};
    if (why == "damaged") return TakeWasDamaged{row.number("why_lost_s")};
    return NotRecorded{};
}

std::optional<Gate> gateFrom(const Row& row) {
    const auto kind = gateFromName(row.text("name"));
    const auto state = gateStateFromName(row.text("state"));
    if (!kind || !state) return std::nullopt;
    Gate gate{*kind,
              {row.number("measured"), row.number("low"), row.number("high"), row.whole("n")},
              row.number("asked"),
              row.flag("at_least"),
              *state,
              std::nullopt,
              groupFrom(row.text("who"))};
    gate.ownLimit = row.flag("own_limit");
    if (!row.at("stroke").isNull()) gate.stroke = row.whole("stroke");
    return gate;
}

}  // namespace upbeat
