#pragma once

#include "records/values/take.h"

namespace calando {

inline constexpr std::int64_t kLongestName = 1000;  // bytes
inline constexpr std::int64_t kLongestText = 100'000;
inline constexpr std::int64_t kYear2150_s = 5680281600;

/// A field of a take where it is kept.
struct TakeField {
  const char* column;           ///< in the list of takes
  const char* key;              ///< in the note in its sound file; nullptr: not there
  std::int64_t most;            ///< the largest whole number or choice, the longest text in bytes
  bool saidAfterwards = false;  ///< it can change once the take is there
};

/// All of them, each with its member: list and note are written and read by these rows alone. A column that
/// is new needs a step in the schema, too. `visit(const TakeField&, member)`.
template <class TakeOrConst, class Visit>
void eachField(TakeOrConst& take, Visit visit) {
  constexpr bool kAfterwards = true;
  const auto whole = [](auto last) { return static_cast<std::int64_t>(last); };
  visit(TakeField{"id", "take", kMostId}, take.id);
  visit(TakeField{"student", nullptr, kMostId}, take.student);
  visit(TakeField{"other", "other", kMostId}, take.other);
  visit(TakeField{"made", "made", kYear2150_s}, take.made_unix_s);
  visit(TakeField{"seconds", "seconds", 1'000'000}, take.seconds);
  visit(TakeField{"source", "source", kLongestName}, take.source);
  visit(TakeField{"asked", "asked", kLongestText, kAfterwards}, take.asked);
  visit(TakeField{"word", "word", whole(TeachersWord::veto), kAfterwards}, take.word);
  visit(TakeField{"attention", "attention", whole(Attention::elsewhere), kAfterwards}, take.attention);
  visit(TakeField{"comfort", "comfort", whole(Comfort::tight), kAfterwards}, take.comfort);
  visit(TakeField{"seen", "seen", whole(Seen::wrong), kAfterwards}, take.seen);
  visit(TakeField{"tried", "tried", kLongestText, kAfterwards}, take.tried);
  visit(TakeField{"remark", "remark", kLongestText, kAfterwards}, take.remark);
  visit(TakeField{"ticks", "ticks", kLongestText, kAfterwards}, take.ticks);
  visit(TakeField{"stopped", "stopped", 1, kAfterwards}, take.stopped);
  visit(TakeField{"stop_reason", "stop_reason", whole(StopReason::enough), kAfterwards}, take.stopReason);
  visit(TakeField{"file", nullptr, kLongestName}, take.file);
  visit(TakeField{"recording", "recording", kLongestName}, take.recording);
  visit(TakeField{"let_go", nullptr, kYear2150_s}, take.letGo_unix_s);
  visit(TakeField{"origin", "origin", kLongestName}, take.origin);
}

}  // namespace calando
