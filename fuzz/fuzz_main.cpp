// One libFuzzer program for each target; CALANDO_FUZZ_TARGET is its name.
#include "targets.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  calando::fuzz::CALANDO_FUZZ_TARGET({data, size});
  return 0;
}
