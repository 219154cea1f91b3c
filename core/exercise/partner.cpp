#include "core/exercise/partner.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/signal/tracks.h"
#include "core/theory/pitch.h"

namespace calando {

namespace {

constexpr double kTau = 2.0 * std::numbers::pi;
constexpr double kLevel = 0.07;
constexpr int kPartials = 6;
constexpr double kFade_s = 0.05;
constexpr double kHearsLate_s = 0.25;
constexpr double kGoesAlong_s = 0.33;
constexpr double kFarthest_cents = 50.0;
constexpr double kAnotherNote_cents = 100.0;

/// At a phase, turns; `step`: turns from one sample to the next, partials that go too fast are left out.
double madeWave(double turns, double step) {
  double sum = 0.0;
  for (int k = 1; k <= kPartials && k * step < 0.45; ++k)
    sum += std::sin(kTau * k * turns) / (k * std::sqrt(k));
  return kLevel * sum;
}

double valueAt(const std::vector<double>& course, double t) {
  const double at = std::clamp(t / kCourse_s, 0.0, static_cast<double>(course.size() - 1));
  const auto before = static_cast<std::size_t>(at);
  const std::size_t after = std::min(before + 1, course.size() - 1);
  return std::lerp(course[before], course[after], at - static_cast<double>(before));
}

/// Begins and ends softly.
double ends(double t, double length_s) { return std::clamp(std::min(t, length_s - t) / kFade_s, 0.0, 1.0); }

}  // namespace

double PartnerVoice::noteAt(double t) const {
  if (notes.empty()) return hz;
  for (const Note& note : notes)
    if (t >= note.from_s && t < note.to_s) return note.hz;
  return 0.0;
}

double PartnerVoice::hzAt(double t, double length_s) const {
  const double note_hz = noteAt(t);
  if (note_hz <= 0.0) return 0.0;
  return shiftedBy(note_hz, course_cents.empty() ? drift_cents * std::clamp(t / length_s, 0.0, 1.0)
                                                 : valueAt(course_cents, t));
}

void ListeningPartner::step(double seconds, double own_hz, double heard_hz) {
  if (own_hz <= 0.0 || heard_hz <= 0.0 || manner_ == PartnerVoice::Manner::holds) return;
  const double away = centsBetween(own_hz, heard_hz) - asked_cents_;
  if (std::abs(away) > kAnotherNote_cents) return;
  const double wanted = std::clamp(manner_ == PartnerVoice::Manner::chases ? away : 0.5 * away,
                                   -kFarthest_cents, kFarthest_cents);
  cents_ += (wanted - cents_) * -std::expm1(-seconds / kGoesAlong_s);
}

std::vector<double> courseAgainst(const PartnerVoice& voice, double asked_cents, const Tracks& player,
                                  double start_s, double length_s) {
  ListeningPartner partner(voice.manner, asked_cents);
  std::vector<double> course{0.0};
  const auto perPoint = static_cast<int>(std::lround(kCourse_s / kHop_s));
  for (int n = 0; static_cast<double>(n) * kHop_s < length_s; ++n) {
    const double t = static_cast<double>(n) * kHop_s;
    const double heard = std::round((start_s + t - kHearsLate_s) / kHop_s);
    const bool sounds = heard >= 0.0 && heard < static_cast<double>(player.frames.size());
    partner.step(kHop_s, voice.noteAt(t),
                 sounds ? player.frames[static_cast<std::size_t>(heard)].f0_hz : 0.0);
    if ((n + 1) % perPoint == 0) course.push_back(partner.cents());
  }
  return course;
}

double PartnerSound::level(double t) const {
  const double fading = voice_.fades && t > 0.0 ? std::exp(-t / kForkDecay_s) : 1.0;
  if (voice_.notes.empty()) return fading * ends(t + countIn_s_, countIn_s_ + length_s_);
  for (const PartnerVoice::Note& note : voice_.notes)
    if (t >= note.from_s && t < note.to_s) return fading * ends(t - note.from_s, note.to_s - note.from_s);
  return 0.0;
}

float PartnerSound::next(double hz) {
  const double t = now_s();
  ++at_;
  double wave = 0.0;
  if (const HeldSound* held = hz > 0.0 ? voice_.sound.get() : nullptr) {
    const auto size = held->samples.size();
    const auto before = static_cast<std::size_t>(heard_);
    wave = std::lerp(held->samples[before % size], held->samples[(before + 1) % size],
                     static_cast<float>(heard_ - static_cast<double>(before)));
    heard_ = std::fmod(heard_ + held->rate_hz / rate_ * hz / held->hz, static_cast<double>(size));
  } else if (hz > 0.0) {
    wave = madeWave(turns_, hz / rate_);
    turns_ += hz / rate_;
    turns_ -= std::floor(turns_);
  }
  return static_cast<float>(level(t) * wave);
}

void PartnerSound::add(std::span<float> out) {
  // Somebody's own tone has its course in it.
  if (voice_.sound && !voice_.course_cents.empty()) return add(out, 0.0);
  for (float& x : out) x += next(voice_.hzAt(now_s(), length_s_));
}

void PartnerSound::add(std::span<float> out, double cents) {
  for (float& x : out) x += next(shiftedBy(noteNow(), cents));
}

std::vector<float> softTone(double hz, double seconds, double rate_hz) {
  std::vector<float> out(static_cast<std::size_t>(seconds * rate_hz), 0.0f);
  PartnerSound({.hz = hz}, 0.0, seconds, rate_hz).add(out);
  return out;
}

}  // namespace calando
