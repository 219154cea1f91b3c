#pragma once

#include <gtest/gtest.h>

#include <QImage>
#include <QListWidget>
#include <QPainter>
#include <QTemporaryDir>
#include <QTest>
#include <atomic>
#include <chrono>
#include <semaphore>
#include <thread>

#include "app/desk/take_view.h"
#include "app/head/staff_view.h"
#include "app/lesson/drawn_shape.h"
#include "app/picture/gallery.h"
#include "app/readout/figures_view.h"
#include "app/readout/note_map.h"
#include "app/ribbon/cue_strip.h"
#include "app/ribbon/ribbon_painter.h"
#include "app/sound/block_source.h"
#include "app/sound/listener.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "audio/sound_file.h"
#include "core/engine/analysis.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/figure.h"
#include "core/judging/judging.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/signal/tracker.h"
#include "support/signals.h"

namespace calando {
// Of its own: other tests have helpers of these names, too.
inline namespace live_fixture {

inline Context steadyTone() {
  Context context;
  context.exercise = findExercise("steady-tone");
  context.level = findLevel("growing");
  return context;
}

}  // namespace live_fixture
}  // namespace calando
