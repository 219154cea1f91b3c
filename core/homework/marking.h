#pragma once

#include <functional>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/analysis.h"
#include "core/homework/list.h"
#include "core/homework/splitting.h"

/// Homework marked: what of a list was sent, and how it was.
namespace calando {

enum class ItemState { complete, incomplete, missing };
inline constexpr Named<ItemState> kItemStates[] = {{"complete", ItemState::complete},
                                                   {"incomplete", ItemState::incomplete},
                                                   {"missing", ItemState::missing}};

/// A try that was measured. Times are the file's.
struct MarkedTry {
  std::size_t file;
  double start_s;  ///< onset of its first sound
  double end_s;    ///< end of its last one
  std::optional<double> tempo_bpm;
  std::size_t cuesAsked;  ///< that ask for sound; of a card of breaths for breath
  std::size_t cuesFound;
  bool complete;  ///< each of them found, at half its length or more
  Context context;
  Analysis analysis;  ///< its times are from `from_s` on
  double from_s;
};

struct MarkedItem {
  ItemState state = ItemState::missing;
  std::size_t cuesAsked = 0;
  std::optional<std::size_t> best;  ///< of the tries
  std::vector<MarkedTry> tries;
  std::optional<int> highest;  ///< written, of the best one

  const MarkedTry* bestTry() const { return best ? &tries[*best] : nullptr; }
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
};

/// A recording: its length, and its samples from one time to another, mono at `rate_hz`.
struct SentRecording {
  double rate_hz;
  double duration_s;
  std::function<std::vector<float>(double from_s, double to_s)> read;
  Tracks tracks;
};

/// Hears the whole recording once. `player`: instrument and reference.
std::vector<SentSound> soundsOf(const Tracks& tracks, const Context& player);

Marking mark(const HomeworkList& list, std::span<const SentRecording> recordings, const Context& player);

}  // namespace calando
