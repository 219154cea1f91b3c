#include "app/session/lesson/card_deck.h"

#include "app/session/common/notices.h"
#include "app/session/common/undo.h"
#include "core/exercise/exercise.h"
#include "core/library/cards.h"
#include "records/studio.h"

namespace calando {

CardDeck::CardDeck(Studio& studio, Notices& notices, Undo& undo)
    : studio_(studio), notices_(notices), undo_(undo) {
  load();
}

void CardDeck::load() {
  auto cards = studio_.cards.all();
  if (!notices_.worked(cards)) return;
  own_.clear();
  for (Exercise& card : *cards) own_.push_back(std::make_shared<Exercise>(std::move(card)));
}

void CardDeck::reload() {
  load();
  emit reloaded();
}

bool CardDeck::isOwn(const std::string& exercise) const {
  return std::ranges::any_of(own_, [&](const auto& card) { return card->id == exercise; });
}

ExercisePtr CardDeck::find(const std::string& exercise) const {
  for (const auto* list : {&own_, &lent_})
    for (const ExercisePtr& card : *list)
      if (card->id == exercise) return card;
  return findExercise(exercise);
}

void CardDeck::lend(const Exercise& card) {
  if (!find(card.id)) lent_.push_back(std::make_shared<Exercise>(card));
}

std::optional<std::string> CardDeck::keep(Exercise card) {
  if (!isOwn(card.id)) {
    // An id of its own, whatever the title.
    const std::string stem = "own-" + std::to_string(studio_.clock().now_unix_s());
    card.id = stem;
    for (int i = 2; find(card.id); ++i) card.id = stem + "-" + std::to_string(i);
  }
  const ExercisePtr was = isOwn(card.id) ? find(card.id) : nullptr;
  if (!notices_.worked(studio_.cards.keep(card))) return std::nullopt;
  undo_.push({}, before::Card{card.id, was});
  load();
  emit kept(card.id);
  return card.id;
}

bool CardDeck::erase(const std::string& id) {
  const ExercisePtr was = find(id);
  if (!isOwn(id) || !notices_.worked(studio_.cards.erase(id))) return false;
  undo_.push({}, before::Card{id, was});
  reload();
  return true;
}

bool CardDeck::putBack(const before::Card& was) {
  const bool back = notices_.worked(was.card ? studio_.cards.keep(*was.card) : studio_.cards.erase(was.id));
  reload();
  return back;
}

std::string CardDeck::school() const { return studio_.settings.get(settings::school); }

void CardDeck::setSchool(const std::string& school) {
  if (notices_.worked(studio_.settings.keep(settings::school, school))) emit worded();
}

}  // namespace calando
