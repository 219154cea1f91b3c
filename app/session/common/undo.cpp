#include "app/session/common/undo.h"

#include <algorithm>

namespace calando {

void Undo::push(const UndoSubject& subject, const Before& before) {
  entries_.push_back({++last_, subject, std::make_shared<const Before>(before)});
  if (entries_.size() > kMost) entries_.pop_front();
}

std::optional<Undo::Entry> Undo::pop(std::optional<std::int64_t> student) {
  const auto newest = std::find_if(entries_.rbegin(), entries_.rend(), [&](const Entry& entry) {
    return entry.subject.student == 0 || entry.subject.list != 0 || entry.subject.student == student;
  });
  return newest == entries_.rend() ? std::nullopt : pop(newest->id);
}

std::optional<Undo::Entry> Undo::pop(Id id) {
  const auto found = std::ranges::find(entries_, id, &Entry::id);
  if (found == entries_.end()) return std::nullopt;
  std::optional<Entry> entry = std::move(*found);
  entries_.erase(found);
  return entry;
}

void Undo::forget(std::int64_t student) {
  std::erase_if(entries_, [=](const Entry& entry) { return entry.subject.student == student; });
}

}  // namespace calando
