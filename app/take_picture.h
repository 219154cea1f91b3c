#pragma once

#include <memory>

#include "core/analysis.h"
#include "core/exercise/cue_sheet.h"
#include "core/signal/tracks.h"

namespace calando {

/// Everything a view draws of a take; immutable once made, shared between threads.
struct TakePicture {
  Tracks tracks;
  Analysis analysis;
  Context context;
  CueSheet sheet;
  double sheetStart_s = 0.0;  ///< where its first cue lies while the take sounds
  bool live = false;          ///< still sounding
  double asked_s = 0.0;

  /// There are cues to be seen one by one.
  bool hasCues() const { return sheet.cues.size() > 1 || sheet.counted(); }
};
using TakePicturePtr = std::shared_ptr<const TakePicture>;

struct AskedFor;  // records/studio.h
/// Everything that is drawn of a take, measured now.
std::shared_ptr<TakePicture> pictureOf(Tracks tracks, const AskedFor& asked);

}  // namespace calando
