#include <fmt/format.h>

#include <pugixml.hpp>

#include "part_reader.h"
#include "upbeat/formats/musicxml.h"

namespace upbeat {

Result<Converted> exerciseFromMusicXml(std::string_view text, const std::string& where) {
    pugi::xml_document document;
    const auto parsed = document.load_buffer(text.data(), text.size());
    if (!parsed)
        return fail(Text::with(UPBEAT_TEXT("the XML is damaged (%1)"), parsed.description()),
                    fmt::format("{}, byte {}", where, parsed.offset), UPBEAT_TEXT("export it again"));
    if (document.child("score-timewise"))
        return fail(UPBEAT_TEXT("a timewise score cannot be read"), where, UPBEAT_TEXT("export it partwise"));
    const Node score = document.child("score-partwise");
    if (!score) return fail(UPBEAT_TEXT("this is not MusicXML"), where, UPBEAT_TEXT("choose a score"));
    const Node part = XmlVoices::percussionPart(score);
    if (!part)
        return fail(UPBEAT_TEXT("no percussion part was found"), where,
                    UPBEAT_TEXT("choose a score with unpitched notes"));
    Exercise frame;
    frame.id = "musicxml-pattern";
    frame.title = inOneLine(score.child("work").child("work-title").text().get());
    if (frame.title.empty()) frame.title = inOneLine(score.child("movement-title").text().get());
    if (frame.title.empty()) frame.title = "A score";
    frame.trains = "A pattern from a score.";
    const OwnFields own = readOwnFields(score);
    frame.swells = own.head.swells;
    auto converted = PartReader(score, part).read(std::move(frame));
    if (!converted)
        return fail(converted.error().what, fmt::format("{}, {}", where, converted.error().where),
                    converted.error().fix);
    apply(own, converted->exercise);
    if (const auto ok = check(converted->exercise); !ok)
        return fail(ok.error().what, fmt::format("{}, {}", where, ok.error().where), ok.error().fix);
    converted->exercise = withSectionsThatFollow(std::move(converted->exercise), own);
    return converted;
}

}  // namespace upbeat
