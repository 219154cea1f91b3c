#pragma once

#include <QObject>
#include <optional>

#include "core/plan/next_try.h"

namespace calando {

class Lesson;
class Planning;
class RequestEditor;
class Safety;
class TakeList;

/// What the lesson goes on with after the newest take of the student who is here: one thing, until it is
/// taken or refused. Nothing where the present exercise rests, or there was enough of it.
class Onward : public QObject {
  Q_OBJECT

 public:
  Onward(TakeList& takes, Lesson& lesson, Planning& planning, RequestEditor& request, const Safety& safety);

  const std::optional<NextTry>& next() const { return next_; }
  /// The take that it follows from.
  std::optional<std::int64_t> after() const;
  void take();
  /// Not now: until the next take.
  void refuse();

 signals:
  void changed();

 private:
  void refresh();

  TakeList& takes_;
  Lesson& lesson_;
  Planning& planning_;
  RequestEditor& request_;
  const Safety& safety_;
  std::optional<NextTry> next_;
  std::optional<std::int64_t> answered_;  // the take after which there was an answer
};

}  // namespace calando
