#include "upbeat/report/html_report.h"

#include <fmt/format.h>

#include <cmath>
#include <nlohmann/json.hpp>

#include "assets.h"
#include "field_svg.h"
#include "markup.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/page.h"
#include "upbeat/take/click_marks.h"
#include "upbeat/words/words.h"

namespace upbeat {

namespace {

/// "2026-03-14 18:00": whoever reads it may live elsewhere, so the day is written as the standard has it.
std::string momentOf(const TakeRecord& take) {
    std::string moment = take.startedAt.substr(0, 16);
    if (moment.size() > 10) moment[10] = ' ';
    return moment;
}

/// The clicks of the take, in seconds of the recording, and which of them are a one.
nlohmann::json clicksOf(const TakeRecord& take, nlohmann::json& ones) {
    const double startS = take.frame.firstBeatS + take.frame.latencyS;
    const double endS = startS + barStartS(take.exercise, Bpm(take.frame.tempoBpm), take.frame.bars);
    nlohmann::json clicks = nlohmann::json::array();
    for (const ClickMark& mark : clickMarks(take.click, startS, endS)) {
        if (mark.kind == static_cast<int>(ClickKind::Bar)) ones.push_back(clicks.size());
        clicks.push_back(std::round(mark.timeS * 1e4) / 1e4);
    }
    return clicks;
}

class ReportWriter {
  public:
    ReportWriter(const std::vector<ReportedTake>& takes, const ReportWish& wish) : m_takes(takes), m_wish(wish) {}

    Result<std::string> write() {
        const std::string title = m_takes.size() == 1
                                      ? m_takes.front().take.exercise.title
                                      : said(Text::counted(static_cast<int>(m_takes.size()), UPBEAT_TEXT("1 take"),
                                                           UPBEAT_TEXT_N("%n takes")));
        m_out =
            "<!DOCTYPE html>\n<html><head><meta charset=\"utf-8\">"
            "<meta name=\"viewport\" content=\"width=device-width\">"
            "<meta http-equiv=\"Content-Security-Policy\" content=\"default-src 'none'; style-src 'unsafe-inline'; "
            "script-src 'unsafe-inline'; media-src data:; img-src data:\">";
        m_out += fmt::format("<title>{}</title><style>{}</style></head><body><main>\n", escaped(title), kReportStyle);
        m_out += fmt::format("<h1>{}</h1>\n", escaped(title));
        if (!m_wish.player.empty()) m_out += paragraph("soft", m_wish.player);
        for (std::size_t i = 0; i < m_takes.size(); ++i)
            if (auto written = writeTake(i); !written) return tl::unexpected(written.error());
        writeAnswer();
        writeData();
        m_out += fmt::format("<script>{}</script>\n</main></body></html>\n", kReportScript);
        return std::move(m_out);
    }

  private:
    [[nodiscard]] std::string said(const Text& text) const { return text.said(m_wish.translate); }
    [[nodiscard]] std::string paragraph(const char* type, const std::string& text) const {
        return fmt::format("<p class=\"{}\">{}</p>\n", type, escaped(text));
    }

    Result<void> writeTake(std::size_t index) {
        const auto& [take, analysis, sound] = m_takes[index];
        const Exercise& page = take.exercise;
        m_out += fmt::format("<section class=\"take\" data-take=\"{}\">\n", index);
        std::string facts = said(Text::counted(take.frame.bars, UPBEAT_TEXT("1 bar"), UPBEAT_TEXT_N("%n bars")));
        facts = fmt::format("{:g} · {} · {}", take.frame.tempoBpm, metersInWords(page), facts);
        if (m_wish.withDates) facts += " · " + momentOf(take);
        if (m_takes.size() > 1) m_out += fmt::format("<h2>{}</h2>\n", escaped(page.title));
        m_out += paragraph("soft", facts);
        m_out += paragraph("verdict", said(words::headlineOf(analysis.verdict)));
        m_out += paragraph("", said(words::reasonOf(page, analysis.verdict)));
        if (m_wish.withNotes && !take.note.empty()) m_out += paragraph("card", take.note);
        if (m_wish.withSound && !sound.samples.empty()) {
            const auto packed = opusOf(sound);
            if (!packed) return tl::unexpected(packed.error());
            writePlayer(base64(*packed));
        }
        m_out += "<div class=\"card\">" + fieldSvg(analysis, m_wish.translate);
        m_out +=
            paragraph("soft", said(UPBEAT_TEXT("A stroke leans to the left where it is early and to the right where "
                                               "it is late; it is as high as it is loud. The pale bars are the page. "
                                               "Above stands the average, below every pass or every four bars.")));
        m_out += "</div>\n<div class=\"columns\"><div>\n";
        writeFindings(analysis);
        m_out += "</div><div>\n";
        writeGates(analysis);
        m_out += "</div></div>\n";
        writeRemarks();
        m_out += "</section>\n";
        return {};
    }

    void writePlayer(const std::string& sound) {
        m_out += fmt::format(
            "<div class=\"card player\"><audio controls preload=\"auto\" src=\"data:audio/ogg;base64,{}\"></audio>"
            "<label><input type=\"checkbox\" class=\"click\">{}</label>"
            "<label><input type=\"checkbox\" class=\"half\">{}</label>"
            "<span class=\"soft\">{}</span></div>\n",
            sound, escaped(said(UPBEAT_TEXT("with the click"))), escaped(said(UPBEAT_TEXT("half speed"))),
            escaped(said(UPBEAT_TEXT("Click a stroke to hear it from there."))));
    }

    void writeFindings(const TakeAnalysis& analysis) {
        m_out += fmt::format("<h3>{}</h3>\n", escaped(said(UPBEAT_TEXT("What was found"))));
        if (analysis.findings.empty())
            return void(m_out += paragraph("", said(UPBEAT_TEXT("No fault stands out of this take."))));
        m_out += "<ul>";
        for (const Finding& finding : analysis.findings)
            m_out += fmt::format("<li>{}</li>", escaped(said(words::sentenceOf(analysis.matched.exercise, finding))));
        m_out += "</ul>\n";
    }

    void writeGates(const TakeAnalysis& analysis) {
        m_out += fmt::format("<h3>{}</h3>\n<table>", escaped(said(UPBEAT_TEXT("What this rung asks"))));
        for (const Gate& gate : analysis.gates)
            m_out += fmt::format(
                "<tr><td>{}</td><td class=\"number\">{:.1f} {}</td><td class=\"number soft\">{:.1f} – {:.1f}</td>"
                "<td class=\"number\">{} {:.1f}</td><td>{}</td></tr>\n",
                escaped(said(words::nameOf(gate.kind))), gate.measured.value, escaped(said(words::unitOf(gate.kind))),
                gate.measured.low, gate.measured.high, gate.atLeast ? "≥" : "≤", gate.limit,
                escaped(said(words::nameOf(gate.state))));
        m_out += "</table>\n";
    }

    void writeRemarks() {
        m_out += fmt::format(
            "<div class=\"answer\"><h3>{}</h3><div class=\"remarks\"></div>"
            "<p><button type=\"button\" class=\"write\">{}</button> <button type=\"button\" "
            "class=\"about\">{}</button> "
            "<label>{} <input type=\"number\" class=\"tempo\" min=\"30\" max=\"300\" step=\"1\"></label></p></div>\n",
            escaped(said(UPBEAT_TEXT("Your words"))), escaped(said(UPBEAT_TEXT("Write about the chosen stroke"))),
            escaped(said(UPBEAT_TEXT("Write about the take"))), escaped(said(UPBEAT_TEXT("Next at this tempo"))));
    }

    void writeAnswer() {
        m_out += fmt::format(
            "<footer class=\"answer card\"><p>{}</p><p><label>{} <input type=\"text\" id=\"from\" maxlength=\"100\">"
            "</label> <button type=\"button\" id=\"save\">{}</button> <button type=\"button\" "
            "id=\"copy\">{}</button></p>"
            "<textarea id=\"text\" hidden readonly></textarea></footer>\n",
            escaped(said(UPBEAT_TEXT("What you write stays in this page until you save it. Send the small file back: "
                                     "dropped on the program, your words stand beside the strokes."))),
            escaped(said(UPBEAT_TEXT("Your name"))), escaped(said(UPBEAT_TEXT("Save the answer"))),
            escaped(said(UPBEAT_TEXT("Copy it as text"))));
    }

    void writeData() {
        nlohmann::json takes = nlohmann::json::array();
        for (const ReportedTake& one : m_takes) {
            nlohmann::json ones = nlohmann::json::array();
            const nlohmann::json clicks = clicksOf(one.take, ones);
            // Without dates it is known by its exercise alone, and the program asks which take is meant.
            takes.push_back({{"exercise", one.take.exercise.id},
                             {"started_at", m_wish.withDates ? one.take.startedAt : std::string()},
                             {"clicks", clicks},
                             {"ones", ones}});
        }
        const nlohmann::json data{{"takes", takes},
                                  {"answer_file", "answer.json"},
                                  {"words",
                                   {{"pass", said(UPBEAT_TEXT("Pass %1"))},
                                    {"whole", said(UPBEAT_TEXT("The whole take"))},
                                    {"remove", said(UPBEAT_TEXT("remove"))}}}};
        std::string text = data.dump(-1, ' ', true, nlohmann::json::error_handler_t::replace);
        // What ends a script element must not stand in one.
        for (std::size_t at = 0; (at = text.find('<', at)) != std::string::npos;) text.replace(at, 1, "\\u003c");
        m_out += fmt::format("<script type=\"application/json\" id=\"data\">{}</script>\n", text);
    }

    const std::vector<ReportedTake>& m_takes;
    const ReportWish& m_wish;
    std::string m_out;
};

}  // namespace

Result<std::string> htmlReport(const std::vector<ReportedTake>& takes, const ReportWish& wish) {
    return ReportWriter(takes, wish).write();
}

}  // namespace upbeat
