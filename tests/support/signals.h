#pragma once

#include <functional>
#include <random>
#include <string>
#include <vector>

/// Test signals whose truth is known by construction, made without any code of the program.
namespace sounds {

struct Spectrum {
  std::string name;
  std::function<double(int partial)> strength;
};
/// Falling, odd partials only (nearly), a formant above a weak fundamental, nearly a sine.
const std::vector<Spectrum>& spectra();

struct ToneSpec {
  double f0_hz = 233.08;
  double seconds = 2.0;
  double rate_hz = 48000.0;
  const Spectrum* spectrum = &spectra()[0];
  double rms = 0.1;       ///< of the steady tone
  double snr_db = 60.0;   ///< power of the tone over that of the white noise, up to half the rate
  double before_s = 0.0;  ///< only noise
  double after_s = 0.0;
  std::function<double(double)> cents = {};  ///< deviation over the time since the tone's start; may be empty
  std::function<double(double)> amplitude =
      {};                   ///< 0 to 1 over the time since the tone's start; may be empty
  double floor_rms = -1.0;  ///< noise as an RMS instead of by SNR
  unsigned seed = 7;
};
std::vector<float> tone(const ToneSpec& spec);

/// White noise, RMS as given.
std::vector<float> noise(double seconds, double rms, double rate_hz = 48000.0, unsigned seed = 3);

double cents(double from_hz, double to_hz);
/// The q-quantile of the absolute values.
double quantileOfSizes(std::vector<double> values, double q);

}  // namespace sounds
