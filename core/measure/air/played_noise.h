#pragma once

#include <optional>
#include <span>

namespace calando {

/// How loud a recording has in it what was played to it, dBFS at its loudest; nullopt where it is not heard.
/// By the cross-correlation of the loudest four seconds with the recording up to 1.2 s later, which noise by
/// chance reaches to four of its standard deviations: ten and more are no chance. Both at `rate_hz`.
std::optional<double> heardOf(std::span<const float> played, std::span<const float> recording,
                              double rate_hz);

}  // namespace calando
