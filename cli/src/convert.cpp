#include <memory>

#include "commands.h"
#include "upbeat/formats/pattern.h"

namespace upbeat::cli {

namespace {

struct ConvertOptions {
    std::string in;
    std::string out;
};

void tell(const std::vector<std::string>& losses) {
    for (const std::string& loss : losses) complain({"not carried over: " + loss, {}, {}}, Exit::Measured);
}

Exit convert(const ConvertOptions& o) {
    if (const auto known = checkPatternName(o.out); !known) return complain(known.error(), Exit::BadArguments);
    const auto read = importByNameOrFile(o.in);
    if (!read) return complain(read.error(), Exit::Unreadable);
    const auto lost = exportPattern(o.out, read->exercise);
    if (!lost) return complain(lost.error(), Exit::Unreadable);
    tell(read->losses);
    tell(*lost);
    return Exit::Measured;
}

}  // namespace

void addConvert(CLI::App& app, std::function<Exit()>& chosen) {
    CLI::App* command =
        app.add_subcommand("convert", "Write an exercise as another kind of file: .json, .txt, .mid, .musicxml, .mxl");
    const auto options = std::make_shared<ConvertOptions>();
    command->add_option("IN", options->in, "A file of any kind that is read, or the name of a built-in exercise")
        ->required();
    command->add_option("OUT", options->out, "The file to write; its ending says which kind")->required();
    command->callback([&chosen, options] { chosen = [options] { return convert(*options); }; });
}

}  // namespace upbeat::cli
