#pragma once

#include <memory>

#include "core/analysis.h"
#include "core/signal/tracks.h"

namespace calando {

/// Everything a view draws of a take; immutable once made, shared between threads.
struct TakePicture {
  Tracks tracks;
  Analysis analysis;
  Context context;
  bool live = false;  ///< still sounding
  double asked_s = 0.0;
};
using TakePicturePtr = std::shared_ptr<const TakePicture>;

}  // namespace calando
