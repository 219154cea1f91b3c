#pragma once

#include <map>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/library/cards.h"
#include "core/plan/plan.h"
#include "records/packs/pack_fault.h"
#include "records/values/homework.h"
#include "records/values/practice.h"
#include "records/values/take.h"

namespace calando {

enum class PackKind {
  home,    ///< running order, own cards, plan, list of homework, the teacher's model takes
  answer,  ///< all takes and what was practised by hand
  teacher  ///< everything, for another teacher
};

/// What stands in a pack beside its sounds.
struct PackContents {
  PackKind kind = PackKind::home;
  std::string from;
  Student student;
  std::vector<std::string> order;
  std::vector<Exercise> cards;
  Plan plan;
  std::optional<Homework> homework;
  std::map<std::string, std::int64_t> models;
  std::vector<Practice> practices;
};

std::string toText(const PackContents& contents);
/// What may be left out of it is, where it cannot be.
tl::expected<PackContents, PackFault> packFrom(std::string_view bytes);

}  // namespace calando
