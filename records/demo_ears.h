#pragma once

#include <map>

#include "records/studio.h"

namespace calando {

/// Answers of some of the demo's students over weeks, by listeners whose smallest difference is known and
/// grows finer. `students`: ids by name; `evening_unix_s`: that of the last lesson.
Studio::Result<void> fillDemoEars(Studio& studio, const std::map<std::string, std::int64_t>& students,
                                  std::int64_t evening_unix_s);

}  // namespace calando
