#include "ui/live_fixture.h"

namespace calando {
namespace {

TEST(Listener, RecordsEverySampleWhileItMeasures) {
  QTemporaryDir folder;
  const auto sound = sounds::tone({.f0_hz = 330.0, .seconds = 2.0, .before_s = 0.4, .after_s = 0.4});
  const std::filesystem::path file = folder.filePath("take.wav").toStdString();
  Listener live;
  SnapshotPtr last;
  double longest = 0.0;
  bool stopped = false;
  QObject::connect(&live, &Listener::grew, [&](const SnapshotPtr& snapshot, double held) {
    last = snapshot;
    longest = std::max(longest, held);
  });
  QObject::connect(&live, &Listener::autoStop, [&] { stopped = true; });
  live.listen(playedSource(sound, 48000, 6.0));
  live.begin({.recording = file, .context = steadyTone(), .sheet = {}, .asked_s = 2.0});
  ASSERT_TRUE(QTest::qWaitFor([&] { return stopped; }, 10000));
  const auto heard = live.end().samples;
  live.quiet();
  ASSERT_GE(heard.size(), sound.size());
  // The source had begun a moment before the take: the same sound, some blocks on.
  const auto recorded = readWholeSound(file.string());
  ASSERT_TRUE(recorded) << english(recorded.error().what);
  ASSERT_EQ(recorded->samples.size(), heard.size());
  EXPECT_EQ(recorded->samples, heard);
  ASSERT_NE(last, nullptr);
  EXPECT_TRUE(last->live);
  EXPECT_NEAR(longest, 2.0, 0.15);  // frame by frame, without the exact ends
  const Analysis analysis = analyse(heard, 48000, {});
  ASSERT_EQ(analysis.tones.size(), 1u);
  EXPECT_NEAR(analysis.tones[0].held_s, 2.0, 0.01);
}

/// A disk that takes nothing until it is let go, or for five seconds, where nobody comes to that.
class StuckDisk {
 public:
  MakeSink make() {
    return [this](auto&&...) { return std::make_unique<Sink>(this); };
  }
  bool busy() const { return busy_; }
  void letGo() { go_.release(); }
  /// Whoever waited for the disk waited until this.
  bool gaveUp() const { return gaveUp_; }

 private:
  struct Sink : TakeSink {
    explicit Sink(StuckDisk* disk) : disk(disk) {}
    bool write(std::span<const float>) override {
      if (disk->busy_.exchange(true)) return true;  // the first block alone is stuck
      if (!disk->go_.try_acquire_for(std::chrono::seconds(5))) disk->gaveUp_ = true;
      return true;
    }
    const std::optional<WriteError>& failure() const override { return none; }
    StuckDisk* disk;
    std::optional<WriteError> none;
  };
  std::atomic<bool> busy_ = false, gaveUp_ = false;
  std::binary_semaphore go_{0};
};

TEST(Listener, NobodyWaitsForTheDisk) {
  StuckDisk disk;
  Listener live(disk.make());
  live.listen(playedSource(sounds::tone({.f0_hz = 330.0, .seconds = 2.0}), 48000, 1.0));
  live.begin({.recording = {}, .context = steadyTone(), .sheet = {}});
  ASSERT_TRUE(QTest::qWaitFor([&] { return disk.busy(); }, 5000));
  // All that the window does while a take sounds, and at its end.
  live.clock();
  live.placeSheet(0.5);
  live.follow(nullptr);
  EXPECT_GT(live.heard_s(), 0.0);
  EXPECT_FALSE(live.end().samples.empty());
  live.begin({.recording = {}, .context = steadyTone(), .sheet = {}});
  EXPECT_FALSE(disk.gaveUp());
  disk.letGo();
}

struct InputCase {
  const char* name;
  std::vector<float> (*samples)();
  InputState::Remark remark;
};
class Inputs : public testing::TestWithParam<InputCase> {};

/// A microphone that is pulled out after a while.
class BrokenSource : public BlockSource {
 public:
  double rate() const override { return 48000.0; }
  void start(std::shared_ptr<BlockQueue> queue) override {
    for (int i = 0; i < 50; ++i) queue->push(std::vector<float>(960, 0.01f));
    queue->ended = true;
  }
  void stop() override {}
};

TEST(Listener, ADeviceThatIsGoneIsSaidOnceAndNothingOfItsSoundIsLost) {
  QTemporaryDir folder;
  Listener live;
  int ends = 0;
  QObject::connect(&live, &Listener::sourceEnded, [&] { ++ends; });
  live.listen(std::make_unique<BrokenSource>());
  live.begin({.recording = folder.filePath("take.wav").toStdString(), .context = steadyTone(), .sheet = {}});
  ASSERT_TRUE(QTest::qWaitFor([&] { return ends > 0; }, 5000));
  QTest::qWait(50);
  EXPECT_EQ(ends, 1);
  EXPECT_LE(live.end().samples.size(), 50u * 960u);
}

/// Blocks of 20 ms that are handed over up to 30 ms late, as a busy machine does.
class LateSource : public BlockSource {
 public:
  ~LateSource() override { stop(); }
  double rate() const override { return 48000.0; }
  void start(std::shared_ptr<BlockQueue> queue) override {
    thread_ = std::thread([this, queue] {
      while (!go && !stopping_) std::this_thread::sleep_for(std::chrono::milliseconds(1));
      began = std::chrono::steady_clock::now();
      for (int block = 1; !stopping_; ++block) {
        const int late_ms = block % 3 == 0 ? 0 : 10 + block * 13 % 21;
        std::this_thread::sleep_until(began + std::chrono::milliseconds(20 * block + late_ms));
        queue->push(std::vector<float>(960, 0.01f));
      }
    });
  }
  void stop() override {
    stopping_ = true;
    if (thread_.joinable()) thread_.join();
  }
  std::atomic<bool> go{false};
  std::chrono::steady_clock::time_point began;

 private:
  std::atomic<bool> stopping_{false};
  std::thread thread_;
};

TEST(Listener, ItsBeginningIsToldByTheBlockThatCameTheLeastLate) {
  QTemporaryDir folder;
  Listener live;
  auto made = std::make_unique<LateSource>();
  LateSource& source = *made;
  live.listen(std::move(made));
  live.begin({.recording = folder.filePath("take.wav").toStdString(), .context = steadyTone(), .sheet = {}});
  source.go = true;
  QTest::qWait(2000);
  const Listener::Recording heard = live.end();
  ASSERT_GT(heard.samples.size(), 48000u);
  const auto began_s = heard.clock.began_s();
  ASSERT_TRUE(began_s);
  EXPECT_NEAR(*began_s, std::chrono::duration<double>(source.began.time_since_epoch()).count(), 0.008);
  live.quiet();
  EXPECT_FALSE(live.end().clock.began_s());
}

TEST(Listener, ACountedTakeEndsOneSecondAfterItsLastCue) {
  QTemporaryDir folder;
  Context context = steadyTone();
  context.exercise = findExercise("swell");
  context.asked = {64};
  const CueSheet sheet = unroll(context);
  Listener live;
  bool stopped = false;
  double longest = 0.0;
  QObject::connect(&live, &Listener::autoStop, [&] { stopped = true; });
  QObject::connect(&live, &Listener::grew, [&](const SnapshotPtr& snapshot, double) {
    EXPECT_TRUE(snapshot->hasCues());
    if (!stopped) longest = snapshot->tracks.duration_s;
  });
  // A short tone long before the end: only the count says when it is over.
  live.listen(playedSource(sounds::tone({.f0_hz = 330.0, .seconds = 0.6, .before_s = 4.5}), 48000, 8.0));
  live.begin({.recording = folder.filePath("take.wav").toStdString(),
              .context = context,
              .sheet = sheet,
              .sheetStart_s = sheet.countIn_s(),
              .asked_s = 4.0});
  ASSERT_TRUE(QTest::qWaitFor([&] { return stopped; }, 10000));
  EXPECT_NEAR(longest, sheet.countIn_s() + sheet.length_s() + 1.0, 0.5);
}

TEST_P(Inputs, AreRemarkedOn) {
  Listener live;
  std::vector<InputState::Remark> remarks;
  QObject::connect(&live, &Listener::inputChanged, [&](const InputState& s) { remarks.push_back(s.remark); });
  live.listen(playedSource(GetParam().samples(), 48000, 10.0));
  EXPECT_TRUE(
      QTest::qWaitFor([&] { return std::ranges::find(remarks, GetParam().remark) != remarks.end(); }, 6000));
}
INSTANTIATE_TEST_SUITE_P(
    Of, Inputs,
    testing::Values(
        InputCase{"silence", [] { return std::vector<float>(48000 * 20, 0.0f); }, InputState::Remark::silent},
        InputCase{"softness", [] { return sounds::noise(20.0, 0.001); }, InputState::Remark::soft},
        InputCase{"clipping", [] { return std::vector<float>(48000 * 20, 1.0f); },
                  InputState::Remark::clipping},
        InputCase{"a_gate",
                  [] {
                    auto x = sounds::noise(20.0, 0.05);
                    for (std::size_t n = 0; n < x.size(); ++n)
                      if (n / 9600 % 2 == 1) x[n] = 0.0f;  // off for 200 ms, again and again
                    return x;
                  },
                  InputState::Remark::gated},
        InputCase{"an_automatic_gain",
                  [] {  // a tone, then a room that comes up by 12 dB within two seconds
                    std::vector<float> x;
                    for (int i = 0; i < 4; ++i) {
                      const auto tone = sounds::tone({.seconds = 1.5, .floor_rms = 2e-4});
                      x.insert(x.end(), tone.begin(), tone.end());
                      const auto room = sounds::noise(3.0, 2e-4);
                      for (std::size_t n = 0; n < room.size(); ++n) {
                        const double t = static_cast<double>(n) / 48000.0;
                        x.push_back(room[n] *
                                    static_cast<float>(std::pow(10.0, 12.0 * std::min(1.0, t / 2.0) / 20.0)));
                      }
                    }
                    return x;
                  },
                  InputState::Remark::levelled},
        InputCase{"a_good_tone", [] { return sounds::tone({.seconds = 20.0, .snr_db = 50}); },
                  InputState::Remark::none}),
    [](const auto& info) { return std::string(info.param.name); });

}  // namespace
}  // namespace calando
