#include "pinned/sounds.h"

#include <cmath>

#include "core/engine/take_stages.h"
#include "core/exercise/pair_card.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"
#include "support/beginners.h"
#include "support/breaths.h"
#include "support/buzz.h"
#include "support/homework.h"
#include "support/processed.h"
#include "support/signals.h"

namespace pinned {
namespace {

using namespace calando;
using ::sounds::Beginner;
using ::sounds::Breath;
using ::sounds::Mouth;
using ::sounds::Way;

double wave(double t, double rate_hz) { return std::sin(2 * M_PI * rate_hz * t); }
double away(double hz, double cents) { return hz * std::exp2(cents / 1200.0); }
/// There between two times, with ends of 40 ms.
double between(double t, double from_s, double to_s) {
  return std::clamp(std::min(t - from_s, to_s - t) / 0.04, 0.0, 1.0);
}
std::vector<float> sum(std::vector<float> a, const std::vector<float>& b) {
  for (std::size_t n = 0; n < std::min(a.size(), b.size()); ++n) a[n] += b[n];
  return a;
}
std::vector<float> plus(std::vector<float> a, double (*what)(double t)) {
  for (std::size_t n = 0; n < a.size(); ++n)
    a[n] += static_cast<float>(what(static_cast<double>(n) / 48000.0));
  return a;
}
/// Mains hum with its odd harmonics.
double hum(double t) { return 0.004 * wave(t, 50) + 0.002 * wave(t, 150) + 0.001 * wave(t, 250); }

Context asking(const char* card, const char* instrument, std::vector<int> written = {}) {
  Context context;
  context.exercise = findExercise(card);
  context.level = findLevel("growing");
  context.instrument = findInstrument(instrument);
  context.asked = std::move(written);
  return context;
}

// ---- tones

Take plainTone(std::size_t spectrum, double f0_hz, double snr_db, unsigned seed) {
  return {::sounds::tone({.f0_hz = f0_hz,
                          .seconds = 2.5,
                          .spectrum = &::sounds::spectra()[spectrum],
                          .snr_db = snr_db,
                          .before_s = 0.5,
                          .after_s = 0.5,
                          .seed = seed})};
}
/// A tone whose pitch goes where `cents` says.
Take moving(double f0_hz, double seconds, std::function<double(double)> cents) {
  return {::sounds::tone({.f0_hz = f0_hz,
                          .seconds = seconds,
                          .before_s = 0.5,
                          .after_s = 0.5,
                          .cents = std::move(cents),
                          .floor_rms = 3e-4})};
}
Take shaped(double f0_hz, double seconds, std::function<double(double)> amplitude) {
  return {::sounds::tone({.f0_hz = f0_hz,
                          .seconds = seconds,
                          .before_s = 0.5,
                          .after_s = 0.5,
                          .amplitude = std::move(amplitude),
                          .floor_rms = 3e-4})};
}
/// Without a cause of its own: what a fourth grader's tone does.
Beginner wobbling(unsigned seed, double hnr_db) {
  std::mt19937 random(seed);
  return {.f0_hz = 311.0,
          .hnr_db = hnr_db,
          .cents = ::sounds::RandomTrack::between(random, 0.2, 2.0, 14.0),
          .level_db = ::sounds::RandomTrack::between(random, 0.3, 3.0, 1.5),
          .seed = seed};
}

// ---- breaths, buzzes

Take breaths(std::size_t microphone, double hum_dbfs, double room_dbfs, std::vector<Breath> list,
             Context context = {}) {
  const double end_s = list.back().end_s + 1.2;
  return {::sounds::breathing({.breaths = std::move(list),
                               .seconds = end_s,
                               .microphone = &::sounds::microphones()[microphone],
                               .room_dbfs = room_dbfs,
                               .room_db_per_octave = -5.0,
                               .hum_dbfs = hum_dbfs,
                               .seed = 41}),
          48000.0, std::move(context)};
}
std::vector<Breath> inAndOut() {
  return {{1.0, 2.2, Way::in, Mouth::open, -38.0},
          {2.5, 6.1, Way::out, Mouth::pursed, -34.0},
          {7.4, 8.3, Way::in, Mouth::tight, -40.0},
          {8.6, 12.0, Way::out, Mouth::open, -36.0}};
}
Take buzzed(const ::sounds::Buzz& buzz, const char* card = nullptr) {
  Take take{::sounds::buzz(buzz).samples};
  if (card) take.context = asking(card, "trumpet-bb");
  take.context.part = PartPlayed::mouthpiece;
  return take;
}

// ---- two

Take two(double first_hz, double second_hz, PairAsked asked, std::function<double(double)> cents = {}) {
  Take take{sum(::sounds::tone({.f0_hz = first_hz, .seconds = 5.6, .before_s = 0.4, .floor_rms = 1e-5}),
                ::sounds::tone({.f0_hz = second_hz,
                                .seconds = 4.8,
                                .spectrum = &::sounds::spectra()[2],
                                .rms = 0.08,
                                .before_s = 1.2,
                                .cents = std::move(cents),
                                .floor_rms = 1e-4,
                                .seed = 19}))};
  take.context.pair = std::move(asked);
  return take;
}
/// Each in a file of their own.
Take twoApart() {
  const auto first = ::sounds::tone({.f0_hz = 261.0, .seconds = 5.0, .before_s = 0.4, .floor_rms = 1e-4});
  Take take = moving(391.0, 4.0, [](double t) { return 16.0 * std::exp(-t); });
  take.context.pair = PairAsked{.semitones = 7.0, .just = true};
  take.context.pair->partner = std::make_shared<const Tracks>(trackTake(first, 48000.0, {}));
  return take;
}

// ---- cards, as a made player plays them

Take played(const char* player, Context context, unsigned seed) {
  const CueSheet sheet = unroll(context);
  Performance played = perform(*findPlayer(player), sheet, context, seed);
  return {std::move(played.samples), played.rate_hz, std::move(context)};
}
Take overtones() {
  Context context = asking("overtones", "trumpet-bb");
  context.fingering = TubeSetting{};
  return played("overtone-under", context, 6);
}

// ---- homework

/// A tone, a scale that breaks off and comes again, talk in between, over a phone.
Take homework() {
  Take take;
  take.context = asking("steady-tone", "trumpet-bb");
  take.context.exercise = nullptr;
  take.list = {"",
               {{findExercise("tone-5"), 67}, {findExercise("scale-4-4"), 60}, {findExercise("swell"), 64}}};
  ::sounds::Homework sent(91);
  const auto play = [&](int item, std::size_t most, double skill) {
    const Context asked = contextOf(take.list.items[static_cast<std::size_t>(item)], take.context);
    std::vector<::sounds::Sent> all;
    for (const SheetCue& cue : unroll(asked).cues)
      if (isSounding(cue.kind)) all.push_back({cue.start_s, cue.length_s, asked.hzOf(*cue.note)});
    sent.pause(1.5);
    sent.play(item, all, std::min(most, all.size()), 1.0, skill, false);
    sent.pause(2.0);
  };
  play(0, 99, 0.3);
  sent.speak(2.5);
  play(1, 3, 0.6);
  play(1, 99, 0.6);
  take.samples = sent.heardBy({});
  return take;
}

}  // namespace

const std::vector<Sound>& sounds() {
  static const std::vector<Sound> list = {
      {"tone-falling-spectrum", [] { return plainTone(0, 233.1, 60, 2); }},
      {"tone-odd-partials", [] { return plainTone(1, 147.3, 30, 3); }},
      {"tone-weak-fundamental", [] { return plainTone(2, 87.9, 40, 4); }},
      {"tone-nearly-a-sine", [] { return plainTone(3, 1174.0, 20, 5); }},
      {"tone-in-noise", [] { return plainTone(0, 349.0, 6, 6); }},
      {"tone-low-rate",
       [] {
         return Take{::sounds::tone({.f0_hz = 440.7, .rate_hz = 16000.0, .before_s = 0.4, .after_s = 0.4}),
                     16000.0};
       }},
      {"tone-vibrato", [] { return moving(392.0, 3.0, [](double t) { return 17.0 * wave(t, 5.3); }); }},
      {"tone-drift-and-sag",
       [] {
         return moving(293.0, 4.0, [](double t) { return -3.0 * t - (t > 3.4 ? 40.0 * (t - 3.4) : 0.0); });
       }},
      {"tone-scoop", [] { return moving(220.0, 2.0, [](double t) { return -60.0 * std::exp(-t / 0.06); }); }},
      {"tone-tremble",
       [] { return moving(524.0, 3.0, [](double t) { return 6.0 * wave(t, 7.7) * wave(t, 1.1); }); }},
      {"slide-up",
       [] {
         return moving(180.0, 4.0, [](double t) { return 700.0 * std::clamp((t - 0.5) / 3.0, 0.0, 1.0); });
       }},
      {"siren",
       [] {
         return moving(300.0, 5.0, [](double t) { return 250.0 - 250.0 * std::cos(2 * M_PI * 0.45 * t); });
       }},
      {"slur-of-four",
       [] {
         return moving(233.0, 4.0, [](double t) {
           constexpr double kNotes[] = {0.0, 203.0, 396.0, 498.0};
           return kNotes[std::min(3, static_cast<int>(t))];
         });
       }},
      {"pulses", [] { return shaped(311.0, 4.0, [](double t) { return 0.6 + 0.35 * wave(t, 2.1); }); }},
      {"swell",
       [] {
         return shaped(262.0, 5.0,
                       [](double t) { return 0.1 + 0.9 * std::pow(std::sin(M_PI * t / 5.0), 2); });
       }},
      {"tone-with-gaps",
       [] {
         return shaped(277.0, 4.0, [](double t) {
           return std::max({between(t, 0.0, 1.3), between(t, 1.37, 2.8), between(t, 2.92, 4.0)});
         });
       }},
      {"tone-over-hum",
       [] {
         Take take = plainTone(0, 205.0, 40, 8);
         return Take{plus(std::move(take.samples), hum)};
       }},
      // Beginners
      {"beginner-wobbles",
       [] {
         return Take{::sounds::beginner(wobbling(71, 14.0)), 48000.0, asking("steady-tone", "flute")};
       }},
      {"beginner-mostly-air",
       [] {
         return Take{::sounds::beginner(wobbling(72, 1.0)), 48000.0, asking("first-note", "clarinet-bb")};
       }},
      {"beginner-rough",
       [] {
         return Take{::sounds::beginner({.f0_hz = 174.0, .hnr_db = 16.0, .jitter_percent = 1.4, .seed = 73})};
       }},
      {"beginner-crackles",
       [] {
         return Take{::sounds::beginner({.f0_hz = 246.0, .crackle_db = -14.0, .crackleAt = 0.5, .seed = 74})};
       }},
      {"beginner-in-a-hall", [] { return Take{::sounds::inRoom(wobbling(75, 20.0), 1.4, 12.0)}; }},
      // What computers do
      {"gated", [] { return Take{::sounds::gated(::sounds::beginner(wobbling(76, 18.0)), 48000.0, {})}; }},
      {"automatic-gain",
       [] { return Take{::sounds::levelled(::sounds::beginner(wobbling(77, 18.0)), 48000.0, {})}; }},
      {"noise-suppressed",
       [] { return Take{::sounds::subtracted(::sounds::beginner(wobbling(78, 18.0)), 48000.0, {})}; }},
      // The small part
      {"buzz-plain", [] { return buzzed({.f0_hz = 262.0, .seed = 81}); }},
      {"buzz-weak",
       [] {
         return buzzed(
             {.f0_hz = 235.0, .level_dbfs = -38.0, .hnr_db = 4.0, .jitter_percent = 2.4, .seed = 82},
             "buzz-level");
       }},
      {"buzz-stops-air-goes-on",
       [] {
         return buzzed(
             {.f0_hz = 290.0, .seconds = 3.0, .breaks = {{0.9, 0.2, true}, {2.0, 0.1, false}}, .seed = 83},
             "buzz-level");
       }},
      {"buzz-every-other", [] { return buzzed({.f0_hz = 340.0, .everyOther = 0.2, .seed = 84}); }},
      {"buzz-siren",
       [] {
         return buzzed({.f0_hz = 210.0,
                        .seconds = 4.0,
                        .cents = [](double t) { return 350.0 - 350.0 * std::cos(2 * M_PI * 0.5 * t); },
                        .seed = 85},
                       "buzz-siren");
       }},
      {"buzz-air-first",
       [] { return buzzed({.f0_hz = 250.0, .airBefore_s = 0.7, .seed = 86}, "buzz-air-first"); }},
      // Breath
      {"breaths-no-card", [] { return breaths(0, -200.0, -70.0, inAndOut()); }},
      {"breaths-laptop-in-hum", [] { return breaths(1, -45.0, -62.0, inAndOut()); }},
      {"breaths-in-4-out-4",
       [] {
         return breaths(0, -200.0, -70.0,
                        {{1.0, 4.9, Way::in, Mouth::open, -37.0},
                         {5.0, 8.9, Way::out, Mouth::hiss, -32.0, 0.1, 0.4},
                         {9.0, 12.9, Way::in, Mouth::open, -37.0},
                         {13.0, 16.8, Way::out, Mouth::hiss, -32.0, 0.1, 0.4}},
                        asking("in-4-out-4", "oboe"));
       }},
      // Two
      {"two-unison",
       [] { return two(330.0, 332.5, {}, [](double t) { return -12.0 * std::min(1.0, t / 2.0); }); }},
      {"two-fifth-pure", [] { return two(220.0, away(330.0, 4.0), {.semitones = 7.0, .just = true}); }},
      {"two-octave", [] { return two(196.0, away(392.0, -9.0), {.semitones = 12.0}); }},
      {"two-known-partner", [] { return two(277.0, away(277.0, 15.0), {.partner_hz = 277.0}); }},
      {"two-apart", twoApart},
      // Cards
      {"card-scale-breathy", [] { return played("breathy", asking("scale-4-4", "alto-sax", {67}), 1); }},
      {"card-stairs-slipping",
       [] { return played("slips-on-stairs", asking("stairs-4", "trumpet-bb", {60}), 2); }},
      {"card-bend-loose", [] { return played("bends-loose", asking("bend-return", "tuba-bb", {46}), 3); }},
      {"card-soft-loud-soft-short-of-air",
       [] { return played("short-of-air", asking("soft-loud-soft", "bassoon", {48}), 4); }},
      {"card-breath-and-tone-full-early",
       [] { return played("full-early", asking("breath-and-tone", "horn-f", {60}), 5); }},
      {"card-overtones-under", overtones},
      {"card-finger-and-release",
       [] { return played("steady", asking("finger-and-release", "euphonium", {58}), 7); }},
      {"card-pulses-trembling", [] { return played("trembling", asking("pulses-3", "oboe", {72}), 8); }},
      {"card-unison-finds-it", [] { return played("finds-it", asking("unison", "trombone", {53}), 9); }},
      {"card-buzz-4-4-wavers", [] { return played("buzz-wavers", asking("buzz-4-4", "trumpet-bb"), 12); }},
      {"card-slur-three-uneven",
       [] { return played("slurs-uneven", asking("slur-three", "recorder-alto", {72}), 11); }},
      {"homework", homework},
  };
  return list;
}

}  // namespace pinned
