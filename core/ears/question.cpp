#include "core/ears/question.h"

#include <algorithm>

#include "core/ears/sound_maker.h"

namespace calando {

namespace {

std::size_t draw(Chance& chance, std::size_t below) {
  return std::uniform_int_distribution<std::size_t>(0, below - 1)(chance);
}

/// The question with its sounds: `has` says which of them have the change.
std::optional<EarQuestion> withSounds(SoundMaker& maker, EarQuestion question, const std::vector<bool>& has) {
  const auto plain = maker.sound(without(question.changed.change));
  const auto changed = maker.sound(question.changed);
  if (!plain || !changed) return std::nullopt;
  for (const bool one : has) question.sounds.push_back(one ? changed : plain);
  question.has = has;
  question.rate_hz = maker.material().rate_hz;
  return question;
}

}  // namespace

bool canBeAsked(Way way, Change change) {
  switch (way) {
    case Way::which:
      return true;
    case Way::odd:
    case Way::same:
      return change != Change::shorter;
    case Way::reference:
      return goesEitherWay(change);
    case Way::named:
      return !rowOf(change).fault.empty();
  }
  return false;
}

Drawn drawPlaces(Way way, Change change, Chance& chance) {
  Drawn drawn;
  // Of two the sharper one is asked for; elsewhere it goes either way.
  drawn.flat = goesEitherWay(change) && way != Way::which && draw(chance, 2) == 1;
  switch (way) {
    case Way::which: {
      const std::size_t changed = draw(chance, 2);
      drawn.has = {changed == 0, changed == 1};
      drawn.right = change == Change::offset ? changed : 1 - changed;
      break;
    }
    case Way::odd: {
      drawn.right = draw(chance, 3);
      const bool plain = draw(chance, 2) == 1;  // the odd one is the plain one as often
      for (std::size_t i = 0; i < 3; ++i) drawn.has.push_back((i == drawn.right) != plain);
      break;
    }
    case Way::same: {
      drawn.alike = draw(chance, 2) == 0;
      drawn.right = drawn.alike ? 0 : 1;
      const std::size_t changed = draw(chance, 2);
      drawn.has = {!drawn.alike && changed == 0, !drawn.alike && changed == 1};
      break;
    }
    case Way::reference:
      drawn.has = {false, true};
      drawn.right = drawn.flat ? 0 : 1;
      break;
    case Way::named:
      drawn.has = {true};
      break;
  }
  return drawn;
}

std::optional<EarQuestion> ask(SoundMaker& maker, Way way, Change change, double amount,
                               const std::vector<Change>& named, Chance& chance) {
  const Drawn drawn = drawPlaces(way, change, chance);
  EarQuestion question;
  question.way = way;
  question.right = drawn.right;
  question.choices = way == Way::odd ? 3 : 2;
  question.changed = {change,
                      drawn.alike  ? 0.0
                      : drawn.flat ? -amount
                                   : amount,
                      static_cast<std::uint32_t>(chance())};
  if (way == Way::named) {
    question.named = named;
    question.choices = named.size();
    question.right = static_cast<std::size_t>(std::ranges::find(named, change) - named.begin());
    if (question.right == named.size() || named.size() < 2) return std::nullopt;
  }
  return withSounds(maker, std::move(question), drawn.has);
}

}  // namespace calando
