#pragma once

#include <QObject>
#include <QThreadPool>
#include <atomic>
#include <functional>
#include <map>
#include <memory>

#include "core/problem.h"
#include "records/homework.h"

namespace calando {

/// What one student sent, heard and marked.
struct Marked {
  HomeworkList list;
  Context player;
  std::vector<SentRecording> recordings;
  Marking marking;
  std::vector<Problem> unread;  ///< files that could not be heard
};
using MarkedPtr = std::shared_ptr<const Marked>;

/// Marks homework away from the interface's thread, two students at once. Its answers come on the thread that
/// made the object, or never once they were forgotten.
class Marker : public QObject {
 public:
  struct Request {
    HomeworkList list;
    Context player;
    std::vector<std::filesystem::path> files;
    MarkedPtr before;           ///< what was heard already is not heard again
    std::vector<Piece> pieces;  ///< to be said of it; of `before` those that are new
  };
  using Ticket = std::uint64_t;
  using Done = std::function<void(Ticket, const MarkedPtr&)>;
  Marker();
  ~Marker() override;

  Ticket ask(Request request, Done done);
  void forget(Ticket ticket);
  bool idle() const { return pending_.empty(); }

 private:
  struct Task;
  std::map<Ticket, std::shared_ptr<Task>> pending_;
  Ticket last_ = 0;
  QThreadPool pool_;
};

}  // namespace calando
