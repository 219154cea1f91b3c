#include "app/session/students/summary_queue.h"

#include <QTimer>
#include <algorithm>

#include "app/session/students/analysis_queue.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "records/studio.h"

namespace calando {

namespace {
constexpr int kLater_ms = 60;
}  // namespace

SummaryQueue::SummaryQueue(Studio& studio, AnalysisQueue& analyses, StudentBook& book, TakeList& takes)
    : studio_(studio), analyses_(analyses), takes_(takes) {
  connect(&takes_, &TakeList::takesChanged, this, &SummaryQueue::collect);
  connect(&book, &StudentBook::erasing, this, [this] { unmeasured_.clear(); });
}

void SummaryQueue::collect() {
  measuring_.cancel();
  present_.reset();
  unmeasured_.clear();
  for (const Take& take : takes_.all())
    if (!takes_.ribbon(take.id) && !unmeasurable_.contains(take.id)) unmeasured_.push_back(take.id);
  if (!unmeasured_.empty()) QTimer::singleShot(0, this, &SummaryQueue::next);
}

bool SummaryQueue::awaits(std::int64_t take) const {
  return present_ == take || std::ranges::find(unmeasured_, take) != unmeasured_.end();
}

void SummaryQueue::setQuiet(bool quiet) {
  quiet_ = quiet;
  if (quiet) next();
}

void SummaryQueue::next() {
  if (unmeasured_.empty() || measuring_ || !quiet_) return;
  if (!analyses_.idle()) {
    QTimer::singleShot(kLater_ms, this, &SummaryQueue::next);
    return;
  }
  const std::int64_t id = unmeasured_.front();
  unmeasured_.pop_front();
  const Take* wanted = takes_.find(id);
  if (!wanted) return next();
  present_ = id;
  AnalysisQueue::Request request;
  request.take = *wanted;
  request.file = studio_.takes.file(*wanted);
  request.samplesWanted = false;
  measuring_ = analyses_.ask(std::move(request), AnalysisQueue::Urgency::later,
                             [this, id](const AnalysisQueue::Answer& answer) {
                               present_.reset();
                               if (answer.snapshot)
                                 takes_.keepSummary(id, answer.summary);
                               else
                                 unmeasurable_.insert(id);
                               next();
                             });
}

}  // namespace calando
