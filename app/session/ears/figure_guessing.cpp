#include "app/session/ears/figure_guessing.h"

#include "app/session/common/notices.h"
#include "app/session/common/today.h"
#include "app/words/ear_words.h"
#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "records/studio.h"

namespace calando {

FigureGuessing::FigureGuessing(Studio& studio, StudentBook& book, Notices& notices)
    : studio_(studio), book_(book), notices_(notices) {
  connect(&book_, &StudentBook::studentChanged, this, &FigureGuessing::load);
}

void FigureGuessing::load() {
  guesses_.clear();
  if (const Student* student = book_.chosen())
    if (auto guesses = studio_.ears.guesses(student->id); notices_.worked(guesses))
      guesses_ = std::move(*guesses);
  for (EarGuess& guess : guesses_) guess.day = dayOf(guess.made_unix_s);
  emit known();
}

void FigureGuessing::setFirst(bool on) {
  notices_.worked(studio_.settings.keep(settings::guessFirst, on ? 1.0 : 0.0));
  if (!on) shown(std::nullopt);
  emit known();
}

void FigureGuessing::ask(const Take& take, const Analysis& analysis) {
  if (!first()) return;
  const auto reading =
      std::ranges::find_if(analysis.readings, [](const Reading& r) { return r.value.has_value(); });
  if (reading == analysis.readings.end()) return;
  wanted_.emplace(take.student, take.other, Wanted{take.id, reading->figure, *reading->value});
  emit changed();
}

void FigureGuessing::guess(double value) {
  if (!wanted()) return;
  const Wanted was = *wanted();
  wanted_.reset();
  keep(was, value);
  notices_.say(words::guessed(*was.figure, value, was.value));
  emit changed();
}

void FigureGuessing::shown(std::optional<std::int64_t> take) {
  if (!wanted_ || (wanted() && wanted()->take == take)) return;
  wanted_.reset();
  emit changed();
}

void FigureGuessing::keep(const Wanted& was, double guessed) {
  if (!book_.chosen() || studio_.readOnly()) return;
  guesses_.push_back({studio_.clock().now_unix_s(), today(studio_.clock()), std::string(was.figure->id),
                      guessed, was.value});
  notices_.worked(studio_.ears.keepGuess(book_.chosen()->id, guesses_.back()));
  emit known();
}

bool FigureGuessing::first() const { return studio_.settings.get(settings::guessFirst) != 0.0; }

}  // namespace calando
