#include "app/session/homework/homework_lists.h"

#include <algorithm>

#include "app/session/common/notices.h"
#include "app/session/common/undo.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/students/student_book.h"
#include "app/words/words.h"
#include "records/studio.h"

namespace calando {

HomeworkLists::HomeworkLists(Studio& studio, StudentBook& book, CardDeck& deck, Notices& notices, Undo& undo)
    : studio_(studio), book_(book), deck_(deck), notices_(notices), undo_(undo) {}

const Homework* HomeworkLists::find(std::int64_t homework) const {
  const auto found = std::ranges::find(lists_, homework, &Homework::id);
  return found == lists_.end() ? nullptr : &*found;
}

const Homework* HomeworkLists::chosen() const { return chosen_ ? find(*chosen_) : nullptr; }

void HomeworkLists::load(std::optional<std::int64_t> wanted) {
  auto lists = studio_.homework.all();
  if (!notices_.worked(lists)) return;
  lists_ = std::move(*lists);
  if (!wanted && chosen()) wanted = chosen_;
  if (!wanted && !lists_.empty()) wanted = lists_.front().id;
  if (wanted) choose(*wanted);
  emit listsChanged();
}

void HomeworkLists::choose(std::int64_t homework) {
  emit leaving();
  chosen_ = homework;
  list_ = {};
  if (const Homework* kept = chosen()) {
    auto list = parseHomework(kept->list, [this](const std::string& id) { return deck_.find(id); });
    if (list)
      list_ = std::move(*list);
    else
      notices_.sayLoss(tr("This list cannot be read any more: %1").arg(words::said(list.error())));
  }
  emit choiceChanged();
}

bool HomeworkLists::keep(const HomeworkList& list, Day due, std::int64_t id) {
  const auto kept = studio_.homework.keep({id, due, toText(list)});
  if (!notices_.worked(kept)) return false;
  load(kept->id);
  return true;
}

bool HomeworkLists::erase(std::int64_t homework) {
  const Homework* gone = find(homework);
  if (!gone) return false;
  const auto sent = studio_.homework.sent(homework);
  if (!notices_.worked(sent) || !notices_.worked(studio_.homework.erase(homework))) return false;
  undo_.push({.list = homework}, before::List{*gone, *sent});
  emit leaving();
  chosen_.reset();
  list_ = {};
  load();
  emit choiceChanged();
  return true;
}

bool HomeworkLists::putBack(const before::List& was) {
  const bool back = notices_.worked(studio_.atOnce([&]() -> Studio::Result<void> {
    if (const auto list = studio_.homework.keep(was.homework); !list) return tl::unexpected(list.error());
    for (const SentHomework& one : was.sent)
      if (book_.find(one.student))
        if (const auto kept = studio_.homework.keepSent(was.homework.id, one); !kept) return kept;
    return {};
  }));
  load(was.homework.id);
  return back;
}

}  // namespace calando
