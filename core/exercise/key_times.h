#pragma once

namespace calando {

/// When a key was pressed first and then again, seconds from the take's start.
struct KeyTimes {
  double from_s;
  double to_s;
};

}  // namespace calando
