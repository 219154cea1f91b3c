#pragma once

#include <vector>

/// What computers do to microphones, made without any code of the program.
namespace sounds {

/// Cut off below a threshold, some time after the last louder moment.
struct Gate {
  double threshold_dbfs = -50.0;
  double hold_s = 0.25;
  double release_s = 0.02;
  double closed_db = -60.0;  ///< what is let through then
};
std::vector<float> gated(const std::vector<float>& samples, double rate_hz, const Gate& gate);

/// Brings what is soft up and what is loud down, quickly down and slowly up.
struct AutomaticGain {
  double wanted_dbfs = -30.0;
  double most_db = 30.0;
  double attack_s = 0.02;
  double release_s = 1.5;
};
std::vector<float> levelled(const std::vector<float>& samples, double rate_hz, const AutomaticGain& gain);

/// Takes off, in short spectra, the noise that was heard in the first half second (Boll 1979).
struct Subtraction {
  double times = 1.6;       ///< of the noise's amplitude
  double floor_db = -30.0;  ///< what is left at least
};
std::vector<float> subtracted(const std::vector<float>& samples, double rate_hz, const Subtraction& how);

}  // namespace sounds
