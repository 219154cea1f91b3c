#pragma once

namespace calando {

/// A stretch of time in a take.
struct Span {
  double start_s;
  double end_s;
};

}  // namespace calando
