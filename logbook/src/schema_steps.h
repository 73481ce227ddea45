#pragma once

#include <vector>

namespace upbeat {

/// Statements that bring a logbook from one schema to the next.
using SchemaStep = std::vector<const char*>;

/// From schema 0 on. Append only: a step that has been released is never changed.
[[nodiscard]] const std::vector<const SchemaStep*>& schemaSteps();

}  // namespace upbeat
