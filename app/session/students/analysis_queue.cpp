#include "app/session/students/analysis_queue.h"

#include "app/session/students/analysis_task.h"
#include "core/engine/analysis.h"
#include "core/engine/snapshot.h"
#include "core/judging/take_summary.h"

namespace calando {

StoredSummary summaryOf(const Snapshot& take, std::string smallPicture) {
  const Tone* tone = take.analysis.mainTone();
  return {engineVersion(), tone ? std::optional(tone->held_s) : std::nullopt, std::move(smallPicture),
          keptOf(take.analysis)};
}

WrittenSound::~WrittenSound() {
  std::error_code ignored;
  if (!file_.empty()) std::filesystem::remove(file_, ignored);
}

Pending AnalysisQueue::ask(Request request, Urgency urgency, Done done, WorkQueue::AtTheEnd atTheEnd) {
  return work_.ask(
      urgency,
      [task = AnalysisTask(std::move(request), smallPicture_)](std::stop_token stop) mutable {
        return task.run(std::move(stop));
      },
      [done = std::move(done)](const std::optional<Answer>& answer) {
        if (answer) done(*answer);
      },
      atTheEnd);
}

}  // namespace calando
