#pragma once

#include <random>

#include "app/session/common/chance.h"
#include "app/session/ears/figure_guessing.h"
#include "app/session/students/analysis_queue.h"

namespace calando {

class Speaker;
class Studio;
class TakeList;

/// Takes of the student who is here that are heard and not seen: a figure of one is guessed, or two of one
/// exercise are held against each other.
class BlindListening : public QObject {
  Q_OBJECT

 public:
  BlindListening(FigureGuessing& guessing, Studio& studio, StudentBook& book, TakeList& takes,
                 AnalysisQueue& analyses, Notices& notices, Speaker& speaker, const Seeds& seeds);

  enum class Phase {
    off,
    reading,  ///< a take is measured
    asked,    ///< it is heard, and a guess is waited for
    told
  };
  Phase phase() const { return phase_; }
  bool running() const { return phase_ != Phase::off; }
  /// What is guessed, or was, and its take's picture; not while a take is read.
  const std::optional<FigureGuessing::Wanted>& wanted() const { return wanted_; }
  SnapshotPtr snapshot() const { return snapshot_; }
  /// The guess; of what was told.
  double guessed() const { return guessed_; }

  /// Plays one of the newest takes, another one than last; one of its figures is asked for: how long it was
  /// held, how far it was off, its wave, or else the first that was measured.
  void start();
  void stop();
  void again();
  void guess(double value);
  void next();

  /// Two takes of one exercise, of different days if there are such, drawn; fewer: there are none.
  std::vector<std::int64_t> twoOfOne();

 signals:
  void changed();

 private:
  void read(std::vector<Take> left);
  void heard(const AnalysisQueue::Answer& answer, std::vector<Take> left);
  void play();
  void setPhase(Phase phase);

  FigureGuessing& guessing_;
  Studio& studio_;
  StudentBook& book_;
  TakeList& takes_;
  AnalysisQueue& analyses_;
  Notices& notices_;
  Speaker& speaker_;
  Phase phase_ = Phase::off;
  Pending awaited_;
  std::optional<FigureGuessing::Wanted> wanted_;
  double guessed_ = 0.0;
  std::int64_t last_ = 0;
  SnapshotPtr snapshot_;
  std::vector<float> sound_;
  double rate_hz_ = 48000.0;
  std::mt19937 chance_;
};

}  // namespace calando
