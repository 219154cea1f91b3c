#include "app/session/common/past.h"

#include "app/session/common/today.h"
#include "core/judging/history.h"
#include "records/values/stored_summary.h"
#include "records/values/take.h"

namespace calando {

PastTake pastOf(const Take& take, const StoredSummary* summary) {
  PastTake past{take.id, take.made_unix_s, take.asked.exercise, take.word, {}};
  past.stopped = take.stopped;
  past.tried = take.tried;
  past.seen = take.seen;
  past.attention = take.attention;
  past.ticks = take.ticks;
  past.note = take.asked.note;
  past.fingering = take.asked.fingering;
  past.place = take.asked.place;
  past.school = take.asked.school;
  past.day = dayOf(take.made_unix_s);
  past.seconds = take.asked.seconds;
  past.tempo_bpm = take.asked.tempo_bpm;
  past.mostCounts = take.asked.mostCounts;
  if (!summary) return past;
  past.kept = summary->kept;
  const auto next = take.asked.nextTries.find(past.kept->observation);
  past.nextTry = next == take.asked.nextTries.end() ? 0 : next->second;
  return past;
}

}  // namespace calando
