#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <random>

#include "targets.h"

// The fuzzers' seeds and finds, and a few random changes of each, without a fuzzer.
namespace calando {
namespace {

namespace fs = std::filesystem;

struct Target {
  const char* name;
  void (*run)(std::span<const std::uint8_t>);
};
class FuzzSeeds : public testing::TestWithParam<Target> {};

TEST_P(FuzzSeeds, AreReadOrRefusedAndNeverTheEnd) {
  std::mt19937 random(7);
  int seeds = 0;
  for (const auto& entry : fs::directory_iterator(fs::path(CALANDO_SEEDS) / GetParam().name)) {
    std::ifstream in(entry.path(), std::ios::binary);
    std::vector<std::uint8_t> bytes((std::istreambuf_iterator<char>(in)), {});
    GetParam().run(bytes);
    for (int round = 0; round < 60 && !bytes.empty(); ++round) {
      auto changed = bytes;
      for (int i = 0; i < 3; ++i) changed[random() % changed.size()] = static_cast<std::uint8_t>(random());
      if (round % 3 == 0) changed.resize(random() % changed.size());
      GetParam().run(changed);
    }
    ++seeds;
  }
  EXPECT_GE(seeds, 3);
}
INSTANTIATE_TEST_SUITE_P(Targets, FuzzSeeds,
                         testing::Values(Target{"sound", fuzz::sound}, Target{"card", fuzz::card},
                                         Target{"note", fuzz::note}, Target{"list", fuzz::list},
                                         Target{"plan", fuzz::plan}, Target{"pack", fuzz::pack}),
                         [](const auto& info) { return std::string(info.param.name); });

}  // namespace
}  // namespace calando
