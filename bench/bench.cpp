// Prints the figures of docs/measures.md#accuracy for this machine. Run by scripts/bench.
#include <sys/resource.h>

#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <ctime>
#include <filesystem>
#include <thread>

#include "core/engine/analysis.h"
#include "core/exercise/cue_sheet.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/maths/filters.h"
#include "core/pitch/coarse_pitch.h"
#include "core/pitch/pitch_path.h"
#include "core/pitch/refine_pitch.h"
#include "core/signal/tracker.h"
#include "sampled/bank.h"
#include "support/dice.h"
#include "support/homework.h"
#include "support/marked.h"
#include "support/signals.h"
#ifdef CALANDO_AUBIO
#include <aubio/aubio.h>
#endif

namespace {

using calando::kHop_s;

struct Errors {
  std::vector<double> cents;
  int gross = 0, all = 0;
  void add(double truth, double f) {
    ++all;
    const double error = f > 0.0 ? sounds::cents(truth, f) : 1e6;
    if (std::abs(error) > 50.0)
      ++gross;
    else
      cents.push_back(error);
  }
  void print(const char* name) const {
    std::printf("  %-14s median %8.4f  p95 %8.4f  off by > 50 cents %5.2f %%\n", name,
                cents.empty() ? NAN : sounds::quantileOfSizes(cents, 0.5),
                cents.empty() ? NAN : sounds::quantileOfSizes(cents, 0.95), 100.0 * gross / std::max(1, all));
  }
};

double now() {
  return std::chrono::duration<double>(std::chrono::steady_clock::now().time_since_epoch()).count();
}

#ifdef CALANDO_AUBIO
void addAubio(Errors& errors, const std::vector<float>& samples, double f0, unsigned window,
              unsigned hop = 480) {
  aubio_pitch_t* pitch = new_aubio_pitch("yinfft", window, hop, 48000);
  fvec_t* in = new_fvec(hop);
  fvec_t* out = new_fvec(1);
  for (std::size_t at = 0; at + hop <= samples.size(); at += hop) {
    std::copy_n(samples.begin() + static_cast<long>(at), hop, in->data);
    aubio_pitch_do(pitch, in, out);
    if (at > 9600 && at < samples.size() - 9600) errors.add(f0, out->data[0]);
  }
  del_fvec(in);
  del_fvec(out);
  del_aubio_pitch(pitch);
}
#endif

void accuracy() {
  const double pitches[] = {29.14, 32.7, 41.2, 55,  73.4, 98,   116.5, 146.8, 185,  233.08,
                            311,   440,  587,  784, 1046, 1397, 1865,  2489,  3322, 4186};
  for (const double snr : {60.0, 40.0, 20.0}) {
    std::printf("steady tones 29-4186 Hz, four spectra, SNR %.0f dB (cents)\n", snr);
    Errors ours, aubio2048, aubio4096;
    for (const double f0 : pitches)
      for (const auto& spectrum : sounds::spectra()) {
        const auto samples =
            sounds::tone({.f0_hz = f0, .seconds = 1.2, .spectrum = &spectrum, .snr_db = snr});
        const auto tracks = calando::trackAll(samples, 48000);
        for (std::size_t i = 20; i < 100; ++i) ours.add(f0, tracks.frames[i].f0_hz);
#ifdef CALANDO_AUBIO
        addAubio(aubio2048, samples, f0, 2048);
        addAubio(aubio4096, samples, f0, 4096);
#endif
      }
    ours.print("calando");
    if (aubio2048.all > 0) aubio2048.print("yinfft 2048");
    if (aubio4096.all > 0) aubio4096.print("yinfft 4096");
  }
}

double secondsOf(auto work) {
  const double start = now();
  work();
  return now() - start;
}

/// Seconds of the fastest of some runs: other work on the machine only ever slows one down.
double fastest(auto work) {
  double best = 1e9;
  for (int i = 0; i < 5; ++i) best = std::min(best, secondsOf(work));
  return best;
}

/// Candidates of the windows, path and refinement, as the tracker runs them.
void runPitchStage(const std::vector<float>& samples) {
  calando::FirStage decimation = calando::decimationFor(48000);
  calando::SlidingSignal sound(decimation.outputRate());
  decimation.push(samples, sound);
  decimation.finish(sound);
  calando::FirStage softening = calando::softeningFor(sound.rate());
  calando::SlidingSignal soft(softening.outputRate());
  softening.push({sound.data(0), static_cast<std::size_t>(sound.end())}, soft);
  softening.finish(soft);
  calando::PitchFinder finder(sound.rate(), soft.rate(), {});
  calando::PitchPath path(150);
  calando::PitchRefiner refiner;
  const auto frames = static_cast<std::size_t>(sound.seconds() / kHop_s);
  double before = 0.0;
  const auto refine = [&](std::size_t i, const calando::PitchPath::Decision& decided) {
    if (!decided) return;
    const double t = static_cast<double>(i) * kHop_s;
    if (const auto exact = refiner.refine(sound, t, decided->f0_hz, before > 0.0 ? before : decided->f0_hz))
      before = exact->f0_hz;
  };
  std::size_t decided = 0;
  for (std::size_t i = 0; i < frames; ++i) {
    const double t = static_cast<double>(i) * kHop_s;
    if (const auto d = path.push(finder.candidates(sound, soft, t))) refine(decided++, *d);
  }
  for (const auto& d : path.finish()) refine(decided++, d);
}

void speed() {
  std::printf("speed, one thread\n");
  for (const double f0 : {58.27, 233.08, 932.3}) {
    const auto samples = sounds::tone({.f0_hz = f0, .seconds = 30.0, .snr_db = 40});
    const double took = fastest([&] { (void)calando::analyse(samples, 48000, {}); });
    std::printf("  analyse, %6.1f Hz: %.0f x real time\n", f0, 30.0 / took);
  }
  for (const double f0 : {58.27, 233.08, 932.3}) {
    const auto samples = sounds::tone({.f0_hz = f0, .seconds = 10.0, .snr_db = 40});
    // In turns, so that a machine that changes its pace does so for both.
    double ours = 1e9;
    [[maybe_unused]] double aubio = 1e9;
    for (int i = 0; i < 10; ++i) {
      ours = std::min(ours, secondsOf([&] { runPitchStage(samples); }));
#ifdef CALANDO_AUBIO
      Errors ignored;
      aubio = std::min(aubio, secondsOf([&] { addAubio(ignored, samples, f0, 2048); }));
#endif
    }
    std::printf("  a frame of 10 ms, %6.1f Hz: pitch stage %.1f us", f0, ours * 1e3);
#ifdef CALANDO_AUBIO
    std::printf(", yinfft 2048 %.1f us", aubio * 1e3);
#endif
    std::printf("\n");
  }
}

/// Fifteen winds of a sampled bank, forty seconds each: notes of 0.3 to 3 s over their ranges. Empty where
/// the bank or its player is not there.
std::vector<float> tenMinutesOfWinds() {
  std::vector<float> all;
  if (!std::filesystem::exists(CALANDO_BANK)) return all;
  sounds::Dice dice(1);
  for (const sounds::Program& program : sounds::kPrograms) {
    std::vector<sounds::Played> notes;
    for (double t = 0.2; t < 37.0; t += notes.back().length_s + dice(0.0, 0.4))
      notes.push_back({dice.whole(program.lowest, program.highest), t, dice(0.3, 3.0)});
    auto part = sounds::render(program, notes, dice.whole(60, 110)).samples;
    part.resize(40 * 48000);
    all.insert(all.end(), part.begin(), part.end());
  }
  return all;
}

/// The whole analysis beside a pitch tracker, in processor time of the same run.
void winds() {
  const std::vector<float> samples = tenMinutesOfWinds();
  if (samples.empty()) return;
  const auto processor_s = [](const auto& work) {
    const std::clock_t from = std::clock();
    work();
    return static_cast<double>(std::clock() - from) / CLOCKS_PER_SEC;
  };
  double ours = 1e9;
  [[maybe_unused]] double aubio = 1e9;
  for (int i = 0; i < 3; ++i) {
    ours = std::min(ours, processor_s([&] { (void)calando::analyse(samples, 48000, {}); }));
#ifdef CALANDO_AUBIO
    Errors ignored;
    aubio = std::min(aubio, processor_s([&] { addAubio(ignored, samples, 440.0, 2048, 441); }));
#endif
  }
  std::printf("ten minutes of sampled winds, processor: whole analysis %.2f s", ours);
#ifdef CALANDO_AUBIO
  std::printf(", yinfft 2048 every 441 %.2f s: %.2f times", aubio, ours / aubio);
#endif
  std::printf("\n");
}

void memory() {
  {
    calando::Tracker tracker(48000);
    const auto second = sounds::tone({.seconds = 10.0, .snr_db = 40});
    for (int i = 0; i < 60; ++i) tracker.push(second);
    tracker.finish();
    (void)calando::analyse(tracker.tracks(), {});
  }
  rusage usage{};
  getrusage(RUSAGE_SELF, &usage);
  std::printf("memory: 10 minutes streamed, peak of the whole process %.0f MB\n",
              static_cast<double>(usage.ru_maxrss) / 1024.0);
}

/// About five minutes of homework, heard and marked on two threads at once, as a class would be.
void homework() {
  calando::Context player;
  player.instrument = calando::findInstrument("trumpet-bb");
  player.level = calando::findLevel("growing");
  calando::HomeworkList list;
  sounds::Homework sent(11);
  for (const char* card :
       {"scale-4-4", "tone-10", "chromatic-down", "home-scale", "pairs-in-scale", "scale-4-4"}) {
    const int index = static_cast<int>(list.items.size());
    list.items.push_back({calando::findExercise(card), 62 + index});
    const calando::Context context = contextOf(list.items.back(), player);
    std::vector<sounds::Sent> asked;
    for (const calando::SheetCue& cue : unroll(context).cues)
      if (isSounding(cue.kind))
        asked.push_back(
            {cue.start_s, cue.length_s, context.hzOf(*cue.note), cue.slurred() && !asked.empty()});
    sent.speak(4.0);
    sent.pause(1.0);
    sent.play(index, asked, asked.size(), 1.05, 0.5, false);
    sent.pause(2.0);
  }
  const std::vector<float> samples = sent.heardBy({});
  const double began = now();
  std::vector<std::thread> threads;
  for (int i = 0; i < 2; ++i)
    threads.emplace_back([&] { (void)calando::mark(list, sounds::asSent(samples), player); });
  for (std::thread& thread : threads) thread.join();
  std::printf("homework of %.0f s, heard and marked on each of two threads at once: %.1f x real time\n",
              sent.length_s(), sent.length_s() / (now() - began));
}

}  // namespace

int main() {
  memory();  // first: the peak is of the whole process
  accuracy();
  speed();
  winds();
  homework();
}
