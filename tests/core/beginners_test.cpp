#include "support/beginners.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdlib>
#include <numbers>
#include <numeric>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/measure/edges/sounds.h"
#include "support/dice.h"

// The sounds of those who need it most: every one a single tone and a single note, whatever it does, its
// figures those of its making. Pitch (60 to 1100 Hz), strength, length, timbre and noise are drawn anew for
// each of them.
namespace calando {
namespace {

constexpr double kTau = 2.0 * std::numbers::pi;
double uniform(std::mt19937& random, double low, double high) {
  return std::uniform_real_distribution<double>(low, high)(random);
}

/// What is wrong with a note; empty: nothing.
using Check = std::function<std::string(const Tone&, const Note&)>;

/// One sound of a family, and what is to be true of it.
struct Case {
  sounds::Beginner sound;
  double pitchWithin_cents = 6.0;
  Check check = [](const Tone&, const Note&) { return std::string(); };
  double rt60_s = 0.0, under_db = 0.0;  ///< of the room it rings in
};

std::vector<float> make(const Case& c) {
  return c.rt60_s > 0.0 ? sounds::inRoom(c.sound, c.rt60_s, c.under_db) : sounds::beginner(c.sound);
}

/// Where a quarter of the power before is first crossed after `from_s`, seen over 20 ms.
double quarterAfter(const std::vector<float>& x, double from_s) {
  const auto power = [&](double t, double window_s) {
    const auto begin = x.begin() + std::lround((t - window_s / 2.0) * 48000.0);
    const auto end = begin + std::lround(window_s * 48000.0);
    return std::inner_product(begin, end, begin, 0.0) / static_cast<double>(end - begin);
  };
  const double before = power(from_s - 0.3, 0.4);
  double t = from_s - 0.02;
  while (power(t, 0.02) > 0.25 * before) t += 0.001;
  return t;
}

struct Family {
  const char* name;
  Case (*make)(std::mt19937& random, sounds::Beginner plain);
};

std::string within(const char* what, const std::optional<double>& is, double should, double reach) {
  if (is && std::abs(*is - should) <= reach) return {};
  return std::string(what) + " " + (is ? std::to_string(*is) : "empty") + " instead of " +
         std::to_string(should);
}

std::string nearly(const char* what, const std::optional<double>& is, double should, double share) {
  return within(what, is, should, share * should);
}

Case wave(std::mt19937& random, sounds::Beginner b, double lowest_hz, double highest_hz, double least,
          double most, bool vibrato) {
  const double depth = uniform(random, least, most), rate = uniform(random, lowest_hz, highest_hz);
  const double phase = uniform(random, 0, kTau);
  b.cents = [=](double t) { return depth * std::sin(kTau * rate * t + phase); };
  if (!vibrato)
    return {b, 20.0, [=](const Tone&, const Note& n) {
              return n.wander_cents.value_or(0.0) > 0.5 * depth ? std::string() : "the wave is no wander";
            }};
  return {b, 6.0, [=](const Tone&, const Note& n) {
            if (!n.vibrato) return std::string("no vibrato");
            const auto rateOff = nearly("rate", n.vibrato->rate_hz, rate, 0.05);
            return rateOff.empty() ? nearly("extent", n.vibrato->extent_cents, depth, 0.05) : rateOff;
          }};
}

/// In a room: its end is heard where the whole falls to half of what it was.
Case ringing(const sounds::Beginner& b, double rt60_s, double under_db, double endWithin_s) {
  Case c{b, 3.0};
  c.rt60_s = rt60_s;
  c.under_db = under_db;
  const double end_s = quarterAfter(make(c), b.start_s() + b.seconds - b.ramp_s);
  c.check = [=](const Tone& t, const Note&) { return within("end", t.end_s, end_s, endWithin_s); };
  return c;
}

const Family kFamilies[] = {
    {"Steady",
     [](std::mt19937&, sounds::Beginner b) {
       return Case{b, 2.0, [](const Tone&, const Note& n) {
                     return n.level_wave || n.vibrato ? std::string("a wave where there is none")
                                                      : std::string();
                   }};
     }},
    {"WideWave", [](std::mt19937& r, sounds::Beginner b) { return wave(r, b, 3.6, 6.5, 45, 150, true); }},
    {"SlowWave", [](std::mt19937& r, sounds::Beginner b) { return wave(r, b, 0.5, 1.5, 50, 70, false); }},
    {"Wander",
     [](std::mt19937& r, sounds::Beginner b) {
       const auto track = sounds::RandomTrack::between(r, 0.05, 1.2, 40.0);
       b.cents = track;
       return Case{b, 45.0};
     }},
    {"Tremble",
     [](std::mt19937& r, sounds::Beginner b) {
       const auto track = sounds::RandomTrack::between(r, 4.0, 9.0, 30.0);
       b.cents = track;
       double power = 0.0;
       int count = 0;
       for (double t = 0.3; t < b.seconds - 0.2; t += 0.01, ++count) power += track(t) * track(t);
       const double rms = std::sqrt(power / count);
       return Case{b, 12.0, [=](const Tone&, const Note& n) {
                     return n.vibrato ? std::string("a vibrato") : nearly("shake", n.shake_cents, rms, 0.2);
                   }};
     }},
    {"NervousTremble",
     [](std::mt19937& r, sounds::Beginner b) {
       b.cents =
           sounds::RandomTrack::around(r, uniform(r, 4.5, 7.2), uniform(r, 0.6, 1.5), uniform(r, 8, 16));
       return Case{b, 10.0, [](const Tone&, const Note& n) {
                     return n.vibrato ? std::string("a vibrato") : std::string();
                   }};
     }},
    {"HumanVibrato",
     [](std::mt19937& r, sounds::Beginner b) {
       const auto rates = sounds::RandomTrack::between(r, 0.2, 1.0, uniform(r, 0.04, 0.06));
       const auto depths = sounds::RandomTrack::between(r, 0.2, 1.2, uniform(r, 0.12, 0.20));
       const double rate = uniform(r, 4.5, 6.8), depth = uniform(r, 12, 35);
       std::vector<double> phase{0.0};  // every millisecond
       for (int i = 0; i < static_cast<int>(1000.0 * b.seconds) + 2; ++i)
         phase.push_back(phase.back() + kTau * rate * (1.0 + rates(i / 1000.0)) / 1000.0);
       b.cents = [=](double t) {
         return depth * (1.0 + depths(t)) *
                std::sin(phase[static_cast<std::size_t>(1000.0 * std::max(0.0, t))]);
       };
       return Case{b, 6.0, [=](const Tone&, const Note& n) {
                     return n.vibrato ? nearly("rate", n.vibrato->rate_hz, rate, 0.1)
                                      : std::string("no vibrato");
                   }};
     }},
    {"Pumping",
     [](std::mt19937& r, sounds::Beginner b) {
       const double depth = uniform(r, 6, 9), rate = uniform(r, 1.3, 5), phase = uniform(r, 0, kTau);
       b.hnr_db = 30.0;
       b.level_db = [=](double t) { return depth * std::sin(kTau * rate * t + phase); };
       return Case{b, 4.0, [=](const Tone& tone, const Note& n) {
                     if (!tone.dropouts.empty()) return std::string("a break");
                     if (!n.level_wave) return std::string("no wave of the level");
                     const auto off = nearly("rate", n.level_wave->rate_hz, rate, 0.05);
                     return off.empty() ? nearly("depth", n.level_wave->depth_db, 2.0 * depth, 0.15) : off;
                   }};
     }},
    {"Dip",
     [](std::mt19937& r, sounds::Beginner b) {
       const double depth = uniform(r, 8, 10), length = uniform(r, 0.1, 0.3), at = uniform(r, 1, 2);
       b.level_db = [=](double t) {
         const double x = (t - at) / length;
         return x > 0.0 && x < 1.0 ? -depth * std::min(1.0, 5.0 * std::min(x, 1.0 - x)) : 0.0;
       };
       return Case{b, 3.0, [](const Tone& tone, const Note&) {
                     return tone.dropouts.empty() ? std::string() : std::string("a break");
                   }};
     }},
    {"SoftStart",
     [](std::mt19937& r, sounds::Beginner b) {
       b.ramp_s = uniform(r, 0.25, 0.5);
       const double rise_ms = 1000.0 * b.ramp_s * (std::acos(-0.8) - std::acos(0.8)) / std::numbers::pi;
       return Case{b, 6.0, [=](const Tone& tone, const Note&) {
                     if (tone.onset.air_before_ms.value_or(0.0) > 20.0)
                       return std::string("air where there is none");
                     return nearly("rise", tone.onset.rise_ms, rise_ms, 0.1);
                   }};
     }},
    {"Fuzz",
     [](std::mt19937& r, sounds::Beginner b) {
       b.hnr_db = uniform(r, 0, 6);
       b.noiseLow_hz = 200.0;
       b.noiseHigh_hz = 8000.0;
       return Case{b, 8.0, [=](const Tone&, const Note& n) {
                     if (n.jitter_percent.value_or(0.0) > 1.0) return std::string("noise read as jitter");
                     return within("harmonics over noise", n.hnr_db, b.hnr_db, 1.5);
                   }};
     }},
    {"Jitter",
     [](std::mt19937& r, sounds::Beginner b) {
       b.jitter_percent = uniform(r, 1, 5);
       b.hnr_db = 40.0;
       return Case{b, 15.0, [=](const Tone&, const Note& n) {
                     const auto off = within("shimmer", n.shimmer_db, 0.0, 0.2);
                     return off.empty() ? nearly("jitter", n.jitter_percent, b.jitter_percent, 0.15) : off;
                   }};
     }},
    {"Crackle",  // of every second or third period
     [](std::mt19937& r, sounds::Beginner b) {
       const bool half = uniform(r, 0, 1) < 0.3;
       b.crackleAt = half ? 0.5 : 1.0 / 3.0;
       b.crackle_db = uniform(r, -35, -12);
       b.hnr_db = 40.0;
       b.f0_hz = 72.0 + std::fmod(b.f0_hz, 430.0);
       return Case{b, 3.0, [=](const Tone&, const Note& n) {
                     return within("crackle", n.subharmonic_db, b.crackle_db, 2.0);
                   }};
     }},
    {"HissingTail",
     [](std::mt19937& r, sounds::Beginner b) {
       b.tail_s = uniform(r, 0.3, 1.0);
       b.tail_db = uniform(r, -38, -32);
       b.room_dbfs = -75.0;
       return Case{b, 3.0};
     }},
    {"RingingRoom",
     [](std::mt19937& r, sounds::Beginner b) {
       b.room_dbfs = -72.0;
       const double rt60_s = uniform(r, 1.0, 1.6);
       return ringing(b, rt60_s, uniform(r, 3, 6), 0.06);
     }},
    {"PumpingFar",
     [](std::mt19937& r, sounds::Beginner b) {
       const double rate = uniform(r, 0.8, 5), phase = uniform(r, 0, kTau), depth = uniform(r, 8.5, 9.5);
       b.level_db = [=](double t) { return depth * std::sin(kTau * rate * t + phase); };
       return Case{b, 4.0, [=](const Tone& tone, const Note&) {
                     return tone.dropouts.empty() ? std::string() : std::string("a break");
                   }};
     }},
    {"RingingFar",
     [](std::mt19937& r, sounds::Beginner b) {
       b.room_dbfs = uniform(r, -78, -60);
       const double rt60_s = uniform(r, 1.5, 1.7);
       return ringing(b, rt60_s, uniform(r, 2.8, 3.2), 0.12);
     }},
    {"AllTroubles",
     [](std::mt19937& r, sounds::Beginner b) {
       b.room_dbfs = uniform(r, -65, -50);
       b.ramp_s = uniform(r, 0.1, 0.4);
       b.hnr_db = uniform(r, 6, 14);
       b.jitter_percent = uniform(r, 0.3, 2);
       b.cents = sounds::RandomTrack::between(r, 4.0, 9.0, uniform(r, 5, 20));
       const double pumps = uniform(r, 0, 5), rate = uniform(r, 1.3, 5), phase = uniform(r, 0, kTau);
       b.level_db = [=](double t) {  // once it sounds
         return std::clamp(t - b.ramp_s, 0.0, 1.0) * pumps * std::sin(kTau * rate * t + phase);
       };
       Case c{b, 25.0};
       c.rt60_s = uniform(r, 0.6, 1.6);
       c.under_db = uniform(r, 3, 10);
       c.check = [=](const Tone& t, const Note&) {
         return within("start", t.start_s, b.start_s() + b.ramp_s / 2.0, 0.06);
       };
       return c;
     }},
    {"NoisyRoom",
     [](std::mt19937& r, sounds::Beginner b) {
       b.f0_hz = uniform(r, 262, 1100);
       b.room_dbfs = -20.0 - uniform(r, 23, 27);
       return Case{b, 3.0, [=](const Tone& t, const Note&) {
                     return within("start", t.start_s, b.start_s() + b.ramp_s / 2.0, 0.012);
                   }};
     }},
};

class Beginners : public testing::TestWithParam<Family> {};

/// What is wrong with it; empty: nothing.
std::string wrongWith(const Case& c) {
  const Analysis analysis = analyse(make(c), 48000, {});
  if (analysis.tones.size() != 1) return std::to_string(analysis.tones.size()) + " tones";
  const Tone& tone = analysis.tones.front();
  if (tone.notes.size() != 1) return std::to_string(tone.notes.size()) + " notes";
  if (!tone.glides.empty() || !tone.slips.empty()) return "a glide or a slip";
  // Half of the level is reached in the middle of a ramp; a level that pumps has its own idea of it.
  const double held = c.sound.seconds - c.sound.ramp_s;
  if (std::abs(tone.held_s - held) > (c.sound.level_db || c.rt60_s > 0.0 ? 0.35 : 0.08))
    return "held " + std::to_string(tone.held_s);
  const double off = sounds::cents(c.sound.f0_hz, tone.notes.front().f0_hz);
  if (std::abs(off) > c.pitchWithin_cents) return "pitch off by " + std::to_string(off);
  return c.check(tone, tone.notes.front());
}

TEST_P(Beginners, PlayOneToneAndOneNote) {
  const unsigned count = sounds::howMany(8);
  unsigned right = 0;
  std::string wrong;
  for (const unsigned seed : sounds::seeds(count)) {
    std::mt19937 random(7919 * seed);
    sounds::Beginner plain;
    plain.seed = seed;
    plain.f0_hz = 60.0 * std::exp2(uniform(random, 0.0, std::log2(1100.0 / 60.0)));
    plain.seconds = uniform(random, 3.0, 5.0);
    plain.hnr_db = uniform(random, 18.0, 35.0);
    const std::string what = wrongWith(GetParam().make(random, plain));
    if (what.empty())
      ++right;
    else
      wrong += "seed " + std::to_string(seed) + ", " + std::to_string(plain.f0_hz) + " Hz: " + what + "\n";
  }
  // A few may lie on the border between two names.
  EXPECT_GE(right + std::max(1u, count * 3 / 100), count) << wrong;
}
INSTANTIATE_TEST_SUITE_P(Sounds, Beginners, testing::ValuesIn(kFamilies),
                         [](const auto& info) { return std::string(info.param.name); });

}  // namespace
}  // namespace calando
