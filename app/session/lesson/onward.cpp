#include "app/session/lesson/onward.h"

#include "app/session/lesson/lesson.h"
#include "app/session/lesson/planning.h"
#include "app/session/lesson/request_editor.h"
#include "app/session/lesson/safety.h"
#include "app/session/students/take_list.h"

namespace calando {

Onward::Onward(TakeList& takes, Lesson& lesson, Planning& planning, RequestEditor& request,
               const Safety& safety)
    : takes_(takes), lesson_(lesson), planning_(planning), request_(request), safety_(safety) {
  connect(&planning_, &Planning::changed, this, &Onward::refresh);  // by takes, order and cards too
  connect(&lesson_, &Lesson::stepChanged, this, &Onward::refresh);
  connect(&safety_, &Safety::changed, this, &Onward::refresh);
}

std::optional<std::int64_t> Onward::after() const {
  return takes_.all().empty() ? std::nullopt : std::optional(takes_.all().front().id);
}

void Onward::refresh() {
  const auto newest = after();
  const Exercise& card = *lesson_.current();
  const bool open = newest && newest != answered_ && takes_.all().front().asked.exercise == card.id &&
                    !takes_.all().front().stopped && !safety_.closed() && !safety_.enough();
  next_ = open ? nextTry(planning_.state(), planning_.proposals(), card, lesson_.standsFor()) : std::nullopt;
  emit changed();
}

void Onward::take() {
  using Kind = NextTry::Kind;
  if (!next_ || next_->kind == Kind::onceMore) return;
  const NextTry next = *next_;
  refuse();
  switch (next.kind) {
    case Kind::onceMore:
      break;
    case Kind::plan:
      return planning_.take(*next.proposal);
    case Kind::easier:
    case Kind::asBefore:
      return request_.askNext(next.what, next.to);
    case Kind::instead:
      return lesson_.standIn(next.card);
    case Kind::back:
      return lesson_.choose(next.card);
    case Kind::anotherDay:
    case Kind::leave:
      return lesson_.next();
  }
}

void Onward::refuse() {
  answered_ = after();
  refresh();
}

}  // namespace calando
