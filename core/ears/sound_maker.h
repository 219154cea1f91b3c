#pragma once

#include <map>
#include <memory>

#include "core/ears/made_sound.h"
#include "core/ears/making.h"
#include "core/figures/findings.h"
#include "core/signal/tracks.h"

namespace calando {

/// Makes a material's sounds and lets none out that is not what was asked for: the engine's own figures of
/// each are held against those of the plain one. One object per thread.
class SoundMaker {
 public:
  explicit SoundMaker(Material material);

  const Material& material() const { return material_; }
  /// With the change, or without it where its amount is 0; nullptr where it cannot be made from this material
  /// (missed four times: each time what was missed is made up for).
  std::shared_ptr<const MadeSound> sound(const Changed& changed);
  /// How far off what is found may be (docs/measures.md).
  static double tolerance(const Changed& changed);

 private:
  struct Remeasured {
    Tracks tracks;
    Analysis analysis;
  };
  Remeasured hear(std::span<const float> sound) const;
  const Remeasured& plain();
  std::shared_ptr<const MadeSound> plainOf(Change change);
  HeardCourse courseOf(const Remeasured& heard) const;
  /// How much of the change is in a sound, in its row's unit, against the plain one; nullopt where it cannot
  /// be measured.
  std::optional<double> found(const Changed& changed, const Remeasured& heard);
  std::optional<double> foundInTracks(const Changed& changed, const Tracks& tracks);
  std::optional<double> foundInTone(const Changed& changed, const Remeasured& heard);

  Material material_;
  std::optional<Remeasured> plain_;
  std::map<Change, std::shared_ptr<const MadeSound>> plains_;  ///< of one tone, and of each two
};

}  // namespace calando
