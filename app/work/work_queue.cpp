#include "app/work/work_queue.h"

#include <sys/resource.h>
#include <unistd.h>

#include <algorithm>

namespace calando {

namespace {
constexpr int kNice = 5;
constexpr int kAtOnce = 2;
}  // namespace

void Pending::cancel() {
  if (!job_) return;
  const work::JobPtr job = std::exchange(job_, nullptr);
  job->stop.request_stop();
  if (const auto wanted = job->wanted.lock()) wanted->erase(job.get());
}

void Pending::cancelAndWait() {
  const work::JobPtr job = job_;
  cancel();
  if (!job) return;
  using enum work::Job::State;
  auto state = queued;
  if (job->state.compare_exchange_strong(state, through)) return;
  job->state.wait(running);
}

bool Pending::underWay() const {
  const auto wanted = job_ ? job_->wanted.lock() : nullptr;
  return wanted && wanted->contains(job_.get());
}

bool WorkQueue::mayEnd() const { return std::ranges::none_of(*wanted_, &work::Job::waitedFor); }

WorkQueue::WorkQueue() {
  now_.setMaxThreadCount(kAtOnce);
  later_.setMaxThreadCount(kAtOnce);
}

WorkQueue::~WorkQueue() {
  for (work::Job* job : *wanted_) job->stop.request_stop();
  wanted_->clear();
  now_.waitForDone();
  later_.waitForDone();
  work::takesOver();
}

namespace {
/// Something to do on one of the pool's threads.
struct Errand : QRunnable {
  explicit Errand(std::function<void()> what) : act(std::move(what)) {}
  void run() override {
    work::takesOver();
    act();
  }
  std::function<void()> act;
};
}  // namespace

void WorkQueue::start(Urgency urgency, const work::JobPtr& job, std::function<void()> work) {
  auto* errand = new Errand([this, urgency, job, work = std::move(work)]() mutable {
    // Where nobody waits the window goes first: a machine of two cores would leave it none.
    if (urgency == Urgency::later) setpriority(PRIO_PROCESS, static_cast<id_t>(gettid()), kNice);
    using enum work::Job::State;
    auto state = queued;
    if (job->state.compare_exchange_strong(state, running)) {
      if (!job->stop.stop_requested()) work();
      work = nullptr;  // what it holds goes before nobody waits any more
      job->state = through;
      job->state.notify_all();
    }
    hand([this, job] { deliver(job); });
  });
  calando::work::handsOver();
  (urgency == Urgency::now ? now_ : later_).start(errand);
}

/// From any thread.
void WorkQueue::post(const work::JobPtr& job, std::function<void()> then) {
  hand([this, job, then = std::move(then)] {
    job->then = then;
    deliver(job);
  });
}

/// Once, and only where somebody still waits.
void WorkQueue::deliver(const work::JobPtr& job) {
  const auto then = std::exchange(job->then, nullptr);
  if (wanted_->erase(job.get()) > 0 && then) then();
}

}  // namespace calando
