#include "upbeat/units/error.h"

#include <utility>

namespace upbeat {

std::string Error::sentence() const {
    std::string text;
    if (!where.empty()) text += where + ": ";
    text += what;
    if (!fix.empty()) text += "; " + fix;
    if (text.empty() || text.back() != '.') text += '.';
    return text;
}

tl::unexpected<Error> fail(std::string what, std::string where, std::string fix) {
    return tl::unexpected<Error>(Error{std::move(what), std::move(where), std::move(fix)});
}

}  // namespace upbeat
