#pragma once

#include <gtest/gtest.h>

#include <QTemporaryDir>
#include <QTest>

#include "app/session/assembly.h"
#include "app/session/common/today.h"
#include "app/sound/input.h"
#include "core/engine/snapshot.h"
#include "support/signals.h"
#include "support/test_clock.h"

namespace calando {

/// An input whose blocks the test pushes, as fast as it likes.
class FakeInput : public Input {
 public:
  explicit FakeInput(std::string id = "fake") : id_(std::move(id)) {}
  std::string id() const override { return id_; }
  QString name() const override { return "Fake microphone"; }
  bool playsForATake() const override { return false; }
  std::unique_ptr<BlockSource> open() override {
    if (gone) return nullptr;
    return std::make_unique<Source>(this);
  }

  /// A sound, in blocks of 20 ms.
  void push(const std::vector<float>& sound) {
    for (std::size_t at = 0; queue && at < sound.size(); at += kBlock)
      queue->push({sound.begin() + static_cast<std::ptrdiff_t>(at),
                   sound.begin() + static_cast<std::ptrdiff_t>(std::min(sound.size(), at + kBlock))});
  }
  /// The same in one piece, for whoever is to have much in hand.
  void pushWhole(const std::vector<float>& sound) {
    if (queue) queue->push(sound);
  }
  void unplug() {
    if (queue) queue->ended = true;
  }

  std::shared_ptr<BlockQueue> queue;  // of whoever listens
  bool gone = false;

 private:
  static constexpr std::size_t kBlock = 960;
  class Source : public BlockSource {
   public:
    explicit Source(FakeInput* input) : input_(input) {}
    double rate() const override { return 48000.0; }
    void start(std::shared_ptr<BlockQueue> queue) override { input_->queue = std::move(queue); }
    void stop() override { input_->queue.reset(); }

   private:
    FakeInput* input_;
  };
  std::string id_;
};

/// A loudspeaker with a clock of its own: nothing is heard.
class FakeSpeaker : public Speaker {
 public:
  void setOutput(const std::string&) override {}
  bool play(const std::vector<float>& samples, double, double, double, bool) override {
    if (mute) return false;
    played.push_back(samples);
    on_ = true;
    return true;
  }
  bool playMade(Making make, std::size_t samples, double) override {
    if (mute) return false;
    making = std::move(make);
    toMake = samples;
    on_ = true;
    return true;
  }
  void setGain(double wanted) override { gain = wanted; }
  void fadeOut() override { stop(); }
  void stop() override {
    if (std::exchange(on_, false)) emit stopped();
  }
  bool playing() const override { return on_; }
  StreamClock clock() const override { return clock_; }

  std::vector<std::vector<float>> played;
  Making making;  ///< of what was made while it sounds, last
  std::size_t toMake = 0;
  double gain = 1.0;
  bool mute = false;
  StreamClock clock_{StreamClock::Notes::eitherWay};

 private:
  bool on_ = false;
};

/// A session with a studio of its own, fed and heard by the test; no window.
class SessionTest : public testing::Test {
 protected:
  void start() {
    session_.reset();
    auto studio = Studio::open(folder_.path().toStdString(), clock_);
    ASSERT_TRUE(studio) << english(studio.error().what);
    input_ = std::make_shared<FakeInput>();
    auto speaker = std::make_unique<FakeSpeaker>();
    speaker_ = speaker.get();
    session_ = std::make_unique<Assembly>(
        std::move(*studio), Assembly::Ears{{input_, std::make_shared<FakeInput>("fake-2")},
                                           std::move(speaker),
                                           [](const Snapshot&) { return "png"; },
                                           [seed = std::uint32_t{1}]() mutable { return seed++; }});
    session_->setup.choose("fake");
    session_->session.begin();
    ASSERT_TRUE(settle());
  }
  bool settle() {
    return QTest::qWaitFor([this] { return session_->session.idle(); }, 20000);
  }
  bool until(const std::function<bool()>& what) { return QTest::qWaitFor(what, 10000); }
  Student add(const char* name, const char* instrument = "trumpet-bb") {
    session_->book.add({0, name, instrument, {}});
    return *session_->book.chosen();
  }
  static std::vector<float> tone(double hz, double seconds = 1.0) {
    return sounds::tone({.f0_hz = hz, .seconds = seconds, .before_s = 0.3, .after_s = 0.3});
  }
  /// Takes on the disk before anything starts, the newest last.
  void fill(std::initializer_list<const char*> names, int takes) {
    auto studio = Studio::open(folder_.path().toStdString());
    double hz = 430.0;
    for (const char* name : names) {
      const Student s = *studio->students.add(name, "oboe");
      for (int i = 0; i < takes; ++i, hz += 2.0) {
        Take take;
        take.student = s.id;
        take.asked.instrument = "oboe";
        take.made_unix_s = 1'700'000'000 + i;
        ASSERT_TRUE(studio->takes.add(take, tone(hz), 48000));
      }
    }
  }
  /// Until every block has been heard.
  bool heard() {
    return until([this] { return !input_->queue || input_->queue->blocks.size_approx() == 0; });
  }
  double shownHz() {
    const auto snapshot = session_->shown.snapshot();
    return snapshot && snapshot->analysis.mainTone() ? snapshot->analysis.mainTone()->notes.front().f0_hz
                                                     : 0.0;
  }
  QString said() {
    const auto* notice = session_->notices.current();
    return notice ? notice->text : QString();
  }
  using Phase = TakeRun::Phase;
  Phase phase() const { return session_->run.phase(); }

  Day today() const { return calando::today(*clock_); }

  QTemporaryDir folder_;
  std::shared_ptr<TestClock> clock_ = std::make_shared<TestClock>();
  std::shared_ptr<FakeInput> input_;
  FakeSpeaker* speaker_ = nullptr;
  std::unique_ptr<Assembly> session_;
};

}  // namespace calando
