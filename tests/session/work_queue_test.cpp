#include "app/work/work_queue.h"

#include <gtest/gtest.h>

#include <QTest>
#include <QThread>
#include <latch>
#include <thread>

namespace calando {
namespace {

using Urgency = WorkQueue::Urgency;

/// What a worker made: gives itself back where nobody wants it.
struct Loan {
  explicit Loan(std::atomic<int>& out) : out_(&out) { ++out; }
  Loan(Loan&& other) noexcept : out_(std::exchange(other.out_, nullptr)) {}
  ~Loan() {
    if (out_) --*out_;
  }
  std::atomic<int>* out_;
};

TEST(WorkQueue, AnswersOnceOnTheThreadThatAsked) {
  WorkQueue queue;
  QThread *worked = nullptr, *answered = nullptr;
  int times = 0;
  Pending pending = queue.ask(
      Urgency::now, [&](std::stop_token) { return worked = QThread::currentThread(); },
      [&](QThread*) {
        answered = QThread::currentThread();
        ++times;
      });
  EXPECT_TRUE(pending);
  EXPECT_FALSE(queue.idle());
  ASSERT_TRUE(QTest::qWaitFor([&] { return times > 0; }));
  EXPECT_NE(worked, QThread::currentThread());
  EXPECT_EQ(answered, QThread::currentThread());
  EXPECT_FALSE(pending);
  EXPECT_TRUE(queue.idle());
  QTest::qWait(20);
  EXPECT_EQ(times, 1);
}

TEST(WorkQueue, WhatNobodyHoldsIsGivenUpAndGivesItselfBack) {
  std::atomic<int> out = 0;
  int answers = 0;
  {
    WorkQueue queue;
    for (const bool whenMade : {false, true}) {
      std::latch begun(1);
      std::atomic<bool> made = false, sawStop = false;
      {
        Pending pending = queue.ask(
            Urgency::now,
            [&](const std::stop_token& stop) {
              begun.count_down();
              while (!whenMade && !stop.stop_requested()) QThread::msleep(1);
              sawStop = stop.stop_requested();
              Loan loan(out);
              made = true;
              return loan;
            },
            [&](const Loan&) { ++answers; });
        begun.wait();
        while (whenMade && !made) QThread::msleep(1);  // its answer is on its way by now
      }
      EXPECT_TRUE(queue.idle());
      while (!made) QThread::msleep(1);
      EXPECT_EQ(sawStop, !whenMade);
      QTest::qWait(20);
      EXPECT_EQ(out, 0);
    }
    queue
        .ask(
            Urgency::later, [&](std::stop_token) { return Loan(out); }, [&](const Loan&) { ++answers; })
        .cancelAndWait();
    // Another in the place of one that is under way: the first never answers.
    Pending one = queue.ask(
        Urgency::now, [](std::stop_token) { return 1; }, [&](int) { ++answers; });
    one = queue.ask(
        Urgency::now, [](std::stop_token) { return 2; }, [&](int n) { EXPECT_EQ(n, 2); });
    ASSERT_TRUE(QTest::qWaitFor([&] { return queue.idle(); }));
  }
  EXPECT_EQ(answers, 0);
  EXPECT_EQ(out, 0);
}

TEST(WorkQueue, MayGoBeforeWhoAskedIt) {
  Pending pending;
  std::atomic<int> out = 0;
  int answers = 0;
  {
    WorkQueue queue;
    pending = queue.ask(
        Urgency::later, [&](std::stop_token) { return Loan(out); }, [&](const Loan&) { ++answers; });
  }
  EXPECT_FALSE(pending);
  pending.cancelAndWait();
  QTest::qWait(10);
  EXPECT_EQ(answers, 0);
  EXPECT_EQ(out, 0);
}

TEST(WorkQueue, CancelAndWaitWaitsForWhatRunsAndNotForWhatOnlyWaits) {
  WorkQueue queue;
  std::atomic<int> running = 0;
  std::atomic<bool> over = false, free = false;
  std::vector<Pending> blockers;
  for (int i = 0; i < 2; ++i)
    blockers.push_back(queue.ask(
        Urgency::later,
        [&](std::stop_token) {
          ++running;
          while (!free) QThread::msleep(1);
          over = true;
          return 0;
        },
        [](int) {}));
  while (running < 2) QThread::msleep(1);
  bool ran = false;
  Pending waiting = queue.ask(
      Urgency::later, [&](std::stop_token) { return ran = true; }, [](bool) {});
  waiting.cancelAndWait();  // would never return if it waited for its turn
  EXPECT_FALSE(over);
  std::jthread later([&] {
    QThread::msleep(30);
    free = true;
  });
  blockers[0].cancelAndWait();
  EXPECT_TRUE(free);
  blockers[1].cancelAndWait();
  EXPECT_TRUE(over);
  EXPECT_FALSE(ran);
}

TEST(WorkQueue, KnowsWhatIsWaitedForAtTheEndAndHearsWhatOthersSay) {
  WorkQueue queue;
  std::atomic<bool> free = false;
  const auto work = [&](std::stop_token) {
    while (!free) QThread::msleep(1);
    return 0;
  };
  Pending shown = queue.ask(Urgency::now, work, [](int) {});
  EXPECT_TRUE(queue.mayEnd());
  Pending kept = queue.ask(
      Urgency::now, work, [](int) {}, WorkQueue::AtTheEnd::waitedFor);
  EXPECT_FALSE(queue.mayEnd());
  free = true;
  ASSERT_TRUE(QTest::qWaitFor([&] { return queue.idle(); }));
  EXPECT_TRUE(queue.mayEnd());

  int heard = 0;
  auto [pending, say] = queue.expect<int>([&](int n) { heard += n; });
  std::thread([&say = say] { say(3); }).join();
  ASSERT_TRUE(QTest::qWaitFor([&] { return heard > 0; }));
  EXPECT_EQ(heard, 3);
  say(4);  // once is enough
  auto [gone, nobody] = queue.expect<int>([&](int n) { heard += n; });
  gone.cancel();
  nobody(5);
  QTest::qWait(20);
  EXPECT_EQ(heard, 3);
}

}  // namespace
}  // namespace calando
