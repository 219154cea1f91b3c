#include "app/settings/input_words.h"

#include <QCoreApplication>

#include "core/live/input_meter.h"

namespace calando::words {

namespace {
struct InputWords {
  Q_DECLARE_TR_FUNCTIONS(SourceBox)
};
}  // namespace

QString remarkOn(const InputState& state) {
  switch (state.remark) {
    case InputState::Remark::none:
      return {};
    case InputState::Remark::silent:
      return InputWords::tr("Silent: is the microphone switched on?");
    case InputState::Remark::soft:
      return InputWords::tr("Very soft: move the microphone closer or raise its gain.");
    case InputState::Remark::clipping:
      return InputWords::tr("Too loud, it clips: lower the gain or move away.");
    case InputState::Remark::gated:
      return InputWords::tr(
          "Something switches quiet sound off. Turn the desktop’s noise suppression off, or breath and "
          "endings are lost.");
    case InputState::Remark::levelled:
      return InputWords::tr(
          "Something raises the level by itself after each tone. Turn automatic gain off: loudness cannot be "
          "trusted.");
    case InputState::Remark::lost:
      return InputWords::tr("%1 blocks of sound were lost: the computer is too busy.")
          .arg(state.droppedBlocks);
  }
  return {};
}

}  // namespace calando::words
