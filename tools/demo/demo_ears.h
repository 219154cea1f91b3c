#pragma once

#include "records/studio.h"

namespace calando {

/// Answers of some of the demo's students over weeks, by listeners whose smallest difference is known and
/// grows finer. `evening_unix_s`: that of the last lesson.
Studio::Result<void> fillDemoEars(Studio& studio, const std::vector<Student>& students,
                                  std::int64_t evening_unix_s);

}  // namespace calando
