#pragma once

#include <functional>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/homework/correction.h"
#include "core/homework/list.h"
#include "core/homework/splitting.h"
#include "core/signal/tracks.h"

/// Homework marked: what of a list was sent, and how it was.
namespace calando {

enum class ItemState { complete, incomplete, missing };
inline constexpr Named<ItemState> kItemStates[] = {{"complete", ItemState::complete},
                                                   {"incomplete", ItemState::incomplete},
                                                   {"missing", ItemState::missing}};

/// A try that was measured. Times are the file's.
struct MarkedAttempt {
  std::size_t file = 0;
  double start_s = 0.0;  ///< onset of its first sound
  double end_s = 0.0;    ///< end of its last one
  std::optional<double> tempo_bpm;
  std::size_t cuesFound = 0;  ///< that ask for sound; of a card of breaths for breath
  bool complete = false;      ///< each of them found, at half its length or more
  Context context;
  Analysis analysis;  ///< its times are from `from_s` on
  double from_s = 0.0;
  double to_s = 0.0;           ///< and up to there
  double claims_from_s = 0.0;  ///< what sounds from there
  double claims_to_s = 0.0;    ///< to there is nothing else
};

struct MarkedItem {
  ItemState state = ItemState::missing;
  std::size_t cuesAsked = 0;
  std::optional<std::size_t> best;  ///< of the tries
  std::vector<MarkedAttempt> tries;
  std::optional<int> highest;  ///< written, of the best one

  const MarkedAttempt* bestTry() const { return best ? &tries[*best] : nullptr; }
};

/// What is no try at anything.
struct OtherStretch {
  std::size_t file;
  double start_s;
  double end_s;
  SentKind kind;
};

struct Marking {
  std::vector<MarkedItem> items;  ///< as the list has them
  std::vector<OtherStretch> other;
  std::vector<std::vector<SentSound>> sounds;  ///< of each recording
};

/// A recording: what was heard of it, and its samples from one time to another, mono at the tracks' rate.
struct SentRecording {
  Tracks tracks;
  std::function<std::vector<float>(double from_s, double to_s)> read;
};

/// Hears the whole recording once. `player`: instrument and reference.
std::vector<SentSound> soundsOf(const Tracks& tracks, const Context& player);

Marking mark(const HomeworkList& list, std::span<const SentRecording> recordings, const Context& player);

/// The marking with a stretch as somebody says it is: tries of which it holds more than half give way, and
/// those at its own item that it touches; what it is a try at is measured in it. Pieces are taken one after
/// the other; one outside the recordings or the list changes nothing.
Marking corrected(Marking marking, const Correction& piece, const HomeworkList& list,
                  std::span<const SentRecording> recordings, const Context& player);

}  // namespace calando
