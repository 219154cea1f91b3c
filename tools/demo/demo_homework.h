#pragma once

#include "records/studio.h"

namespace calando {

/// A list of homework in the demo studio, and what its class sent for it: a long recording of each in
/// `folder`, which is made.
Studio::Result<void> fillDemoHomework(Studio& studio, const std::filesystem::path& folder);

}  // namespace calando
