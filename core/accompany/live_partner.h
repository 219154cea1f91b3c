#pragma once

#include <mutex>

#include "core/exercise/accompaniment.h"
#include "core/exercise/cue_sheet.h"

namespace calando {

/// What sounds with a take whose partner listens, made while it sounds.
///
/// Threads: one calls next(), any other the rest.
class LivePartner {
 public:
  /// `asked_cents`: the player's tone over the partner's.
  LivePartner(const Accompaniment& what, const CueSheet& sheet, double asked_cents, double rate_hz,
              double level_db = 0.0);
  /// What was heard of the player last, Hz; 0: nothing.
  void hear(double hz);
  /// The next samples, fewer at the end.
  std::size_t next(std::span<float> out);
  std::size_t size() const { return rest_.size(); }
  /// The partner as it went until now.
  PartnerVoice voice() const;

 private:
  mutable std::mutex mutex_;
  std::vector<float> rest_;  // what sounds beside the partner
  PartnerVoice voice_;
  PartnerSound sound_;
  ListeningPartner mind_;
  double rate_;
  float gain_;
  double heard_hz_ = 0.0;
  std::size_t at_ = 0;
};

}  // namespace calando
