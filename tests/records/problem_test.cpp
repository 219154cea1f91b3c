#include "core/base/problem.h"

#include <gtest/gtest.h>

#include <set>

#include "audio/file_fault.h"
#include "core/base/fault.h"
#include "records/packs/pack_fault.h"
#include "records/values/studio_fault.h"

namespace calando {
namespace {

TEST(Problem, SaysItsValuesInTheirPlaces) {
  const Problem range(Fault::notANumber, "beats", 0.25, 256, "0");
  EXPECT_EQ(english(range), "beats must be a number from 0.25 to 256, not 0");
  EXPECT_EQ(english(Problem(Fault::atCue, 3, range)),
            "cue 3: beats must be a number from 0.25 to 256, not 0");
  EXPECT_EQ(english(Problem(Fault::noJson, 1'000'000)), "is no JSON (near byte 1000000)");
  EXPECT_TRUE(range.is(Fault::notANumber));
  EXPECT_FALSE(range.is(Fault::notWhole));
}

TEST(Problem, TakesWhatSomebodyTypedForNoPlace) {
  EXPECT_EQ(english(Problem(Fault::at, "{2}", "{1}")), "{2}: {1}");
  EXPECT_NE(english(Problem(Fault::noteForm)).find("{\"degree\": 3}"), std::string::npos);
}

TEST(Problem, InAnotherLanguageHasItsValuesInThatOrder) {
  const Problem problem(Fault::unknownValue, "kind", "hum", "tone, rest");
  std::string order;
  for (const WordingPart& part : partsOf("{3} – {1}", problem))
    order += std::holds_alternative<std::string_view>(part)
                 ? std::get<std::string_view>(part)
                 : std::get<std::string>(*std::get<const Problem::Value*>(part));
  EXPECT_EQ(order, "tone, rest – kind");
}

/// A row that names a value names those before it too, and no two codes are said alike.
template <class Rows>
void walk(const Rows& rows, std::set<std::string_view>& said) {
  for (const auto& row : rows) {
    EXPECT_TRUE(said.insert(row.english).second) << row.english;
    bool before = true;
    for (const char* place : {"{1}", "{2}", "{3}", "{4}", "{5}"}) {
      const bool here = row.english.find(place) != std::string_view::npos;
      EXPECT_TRUE(before || !here) << row.english;
      before = here;
    }
  }
}
TEST(Problem, WordingsAreUnlikeOneAnotherAndCountTheirValues) {
  std::set<std::string_view> said;
  walk(faults(), said);
  walk(fileFaults(), said);
  walk(studioFaults(), said);
  walk(packFaults(), said);
}

}  // namespace
}  // namespace calando
