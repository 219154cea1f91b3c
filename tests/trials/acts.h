#pragma once

#include <filesystem>
#include <memory>

#include "session/doubles.h"

namespace calando::trials {

/// A session on a studio's folder, without a window; nullptr where the studio cannot be opened.
std::unique_ptr<Assembly> sessionOf(const std::filesystem::path& folder, std::shared_ptr<FakeInput> input);
bool settle(Assembly& session, int most_ms);

}  // namespace calando::trials
