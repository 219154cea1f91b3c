#pragma once

#include <QThreadPool>
#include <atomic>
#include <functional>
#include <memory>
#include <set>
#include <stop_token>
#include <type_traits>
#include <utility>

#include "app/work/doorway.h"
#include "app/work/pending.h"

namespace calando {

namespace work {

/// One piece of work and what follows of it. Shared by its Pending, the worker and the queue.
struct Job {
  enum class State { queued, running, through };
  std::atomic<State> state{State::queued};
  std::stop_source stop;
  std::function<void()> then;  ///< on the owner's thread; set by the worker
  std::weak_ptr<std::set<Job*>> wanted;
  bool waitedFor = false;  ///< when the program is to end
};
}  // namespace work

/// The one place where work leaves the interface's thread. What somebody waits for goes first; the rest is
/// done two at a time and gives way to the window. Threads: used from the one that made it.
class WorkQueue : public work::Doorway {
 public:
  using Urgency = work::Urgency;
  using AtTheEnd = work::AtTheEnd;

  WorkQueue();
  /// Gives up all there is and waits for what is running.
  ~WorkQueue() override;

  /// `work(std::stop_token)` on a worker's thread, then `then(result)` on this one. What `work` returns is
  /// destroyed where nobody wants it any more: a result that is more than a value gives itself back so.
  /// Neither may throw.
  template <class Work, class Then>
  Pending ask(Urgency urgency, Work work, Then then, AtTheEnd atTheEnd = AtTheEnd::givenUp);

  /// Something that another thread will say, once, and that is nobody's work: what is given with it may be
  /// called from any thread, and as long as this queue lives.
  template <class Said, class Then>
  std::pair<Pending, std::function<void(Said)>> expect(Then then);

  /// Nothing is wanted any more.
  bool idle() const { return wanted_->empty(); }
  /// Nothing is under way that is waited for.
  bool mayEnd() const;

 private:
  void start(Urgency urgency, const work::JobPtr& job, std::function<void()> work);
  void post(const work::JobPtr& job, std::function<void()> then);
  void deliver(const work::JobPtr& job);

  std::shared_ptr<std::set<work::Job*>> wanted_ = std::make_shared<std::set<work::Job*>>();
  QThreadPool now_, later_;
};

template <class Said, class Then>
std::pair<Pending, std::function<void(Said)>> WorkQueue::expect(Then then) {
  auto job = std::make_shared<work::Job>();
  job->wanted = wanted_;
  wanted_->insert(job.get());
  const auto say = [this, job, then = std::move(then)](Said said) {
    if (!job->stop.stop_requested()) post(job, [then, said = std::move(said)] { then(said); });
  };
  return {Pending(job), say};
}

template <class Work, class Then>
Pending WorkQueue::ask(Urgency urgency, Work work, Then then, AtTheEnd atTheEnd) {
  auto job = std::make_shared<work::Job>();
  job->waitedFor = atTheEnd == AtTheEnd::waitedFor;
  job->wanted = wanted_;
  wanted_->insert(job.get());
  // In one place for both threads, one after the other; std::function wants copies, results need not have
  // any.
  auto both = std::make_shared<std::pair<Work, Then>>(std::move(work), std::move(then));
  start(urgency, job, [job = job.get(), both] {
    using Result = std::invoke_result_t<Work&, std::stop_token>;
    auto result = std::make_shared<Result>(both->first(job->stop.get_token()));
    job->then = [both, result] { both->second(std::move(*result)); };
  });
  return Pending(std::move(job));
}

}  // namespace calando
