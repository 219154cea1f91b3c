#pragma once

#include <vector>

#include "core/exercise/context.h"
#include "core/homework/list.h"

/// The sounds whose every figure is pinned: each kind of exercise, weak players, rooms, what computers do to
/// microphones. The same ones every time.
namespace pinned {

struct Take {
  std::vector<float> samples;
  double rate_hz = 48000.0;
  calando::Context context = {};
  calando::HomeworkList list = {};  ///< with items: it is homework, and marked
};

struct Sound {
  const char* name;  ///< of its file in tests/pinned/figures
  Take (*make)();
};
const std::vector<Sound>& sounds();

}  // namespace pinned
