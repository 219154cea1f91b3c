#include "app/words/figure_words.h"

#include <QCoreApplication>
#include <algorithm>
#include <array>
#include <cmath>

#include "app/words/words.h"
#include "core/figures/figure.h"

namespace calando::words {

namespace {

struct ForParents {
  Q_DECLARE_TR_FUNCTIONS(ForParents)
};

/// What is said of a figure; %1 is its value.
struct Sentence {
  std::string_view figure;
  const char* says;
};
constexpr std::array kSentences{
    Sentence{"held_s", QT_TRANSLATE_NOOP("ForParents", "Holds a tone for %1.")},
    Sentence{"air_lasts_s", QT_TRANSLATE_NOOP("ForParents", "One breath lasts for %1.")},
    Sentence{"easy_s", QT_TRANSLATE_NOOP("ForParents", "One breath goes easily for %1.")},
    Sentence{"highest_even", QT_TRANSLATE_NOOP("ForParents", "Breathes evenly up to %1.")},
    Sentence{"inhale_s", QT_TRANSLATE_NOOP("ForParents", "Takes a breath within %1.")},
    Sentence{"kept_s", QT_TRANSLATE_NOOP("ForParents", "Keeps a breath for %1.")},
    Sentence{"sheet_held_s", QT_TRANSLATE_NOOP("ForParents", "Blows a sheet of paper to the wall for %1.")},
    Sentence{"wander_cents", QT_TRANSLATE_NOOP("ForParents", "The tone stays where it is to within %1.")},
    Sentence{"offset_cents", QT_TRANSLATE_NOOP("ForParents", "In the middle of all takes, %1.")},
    Sentence{"note_spread_cents", QT_TRANSLATE_NOOP("ForParents", "The notes fit one another to within %1.")},
    Sentence{"home_return_cents", QT_TRANSLATE_NOOP("ForParents", "Comes back to the first note %1.")},
    Sentence{"scoop_cents", QT_TRANSLATE_NOOP("ForParents", "The tone begins %1.")},
    Sentence{"sag_cents", QT_TRANSLATE_NOOP("ForParents", "The tone ends %1.")},
    Sentence{"place_ms", QT_TRANSLATE_NOOP("ForParents", "Begins within %1 of the beat.")},
    Sentence{"air_before_ms", QT_TRANSLATE_NOOP("ForParents", "The tone speaks %1 after the air.")},
    Sentence{"missing", QT_TRANSLATE_NOOP("ForParents", "Notes that did not come: %1.")},
    Sentence{"dropouts", QT_TRANSLATE_NOOP("ForParents", "Breaks in the tone: %1.")},
    Sentence{"span_semitones", QT_TRANSLATE_NOOP("ForParents", "Slides over %1 without the instrument.")},
    Sentence{"lock_s", QT_TRANSLATE_NOOP("ForParents", "Is in tune with another player after %1.")},
    Sentence{"found_s", QT_TRANSLATE_NOOP("ForParents", "Finds another player’s note after %1.")},
    Sentence{"bend_cents", QT_TRANSLATE_NOOP("ForParents", "Bends a tone by %1.")},
    Sentence{"turn_cents", QT_TRANSLATE_NOOP("ForParents", "Plays the note that was heard before %1.")},
};

}  // namespace

QString forParents(double value, const Figure& figure) {
  const QString number = size(value, figure.print);
  QString text = inUnit(number, figure);
  if (figure.unit == "s")
    text = ForParents::tr("%1 seconds").arg(number);
  else if (figure.unit == "ms")
    text = ForParents::tr("%1 seconds").arg(words::number(std::abs(value) / 1000.0, 2, false));
  else if (figure.unit == "cents")
    text = ForParents::tr("%1/100 of a half step").arg(words::number(std::abs(value), 0, false));
  else if (figure.unit == "semitones")
    text = ForParents::tr("%1 half steps").arg(number);
  if (figure.sides.none() || figure.leaning || std::abs(value) < 0.5 * figure.print.step()) return text;
  return value < 0.0 ? ForParents::tr("%1 too low").arg(text) : ForParents::tr("%1 too high").arg(text);
}

QString forParents(const Figure& figure, double value) {
  const auto row = std::ranges::find(kSentences, figure.id, &Sentence::figure);
  return row == kSentences.end() ? QString() : ForParents::tr(row->says).arg(forParents(value, figure));
}

}  // namespace calando::words
