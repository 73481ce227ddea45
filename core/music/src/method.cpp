#include "upbeat/music/method.h"

#include "upbeat/units/name_table.h"

namespace upbeat {

namespace {

constexpr NameTable<kMethodCount> kNames{"slow-whole", "limbs-apart",  "chunks",      "grow",      "singles-doubles",
                                         "half-full",  "isolate",      "context",     "keep-grow", "easier",
                                         "sections",   "from-the-end", "transitions", "trade"};

}  // namespace

std::string_view toName(Method method) {
    return nameIn(kNames, method);
}

std::optional<Method> methodFromName(std::string_view name) {
    return valueNamed<Method>(kNames, name);
}

}  // namespace upbeat
