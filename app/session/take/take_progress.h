#pragma once

namespace calando {

/// How many takes there were to be taken in, how many are through.
struct TakeProgress {
  int done = 0, of = 0;
};

}  // namespace calando
