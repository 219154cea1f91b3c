#pragma once

#include "app/session/common/owned.h"
#include "app/session/students/student_book.h"
#include "core/ears/answers.h"

namespace calando {

class Notices;
class Studio;
struct Analysis;
struct Figure;

/// Guess first: a figure of a take that was just played is guessed before any of it is seen. How far off
/// guesses are is kept, those by ear alone too (ByEar).
class FigureGuessing : public QObject {
  Q_OBJECT

 public:
  FigureGuessing(Studio& studio, StudentBook& book, Notices& notices);

  bool first() const;
  void setFirst(bool on);
  /// Of the student who is here, oldest first.
  const std::vector<EarGuess>& guesses() const { return guesses_; }

  struct Wanted {
    std::int64_t take;
    const Figure* figure;
    double value;
  };
  /// Of the student who is here; nullptr: nothing is to be guessed.
  const Wanted* wanted() const { return wanted_ ? wanted_->of(book_.chosenId()) : nullptr; }
  /// The first figure that its card asks for and that was measured, where guess first is on.
  void ask(const Take& take, const Analysis& analysis);
  void guess(double value);
  /// Another take is on show: that one is not guessed any more.
  void shown(std::optional<std::int64_t> take);

  /// Keeps a guess of the student who is here.
  void keep(const Wanted& was, double guessed);

 signals:
  void changed();  ///< what is to be guessed, or that it was
  void known();    ///< what was guessed, or whether it comes first

 private:
  void load();

  Studio& studio_;
  StudentBook& book_;
  Notices& notices_;
  std::vector<EarGuess> guesses_;
  std::optional<Owned<Wanted>> wanted_;
};

}  // namespace calando
