#pragma once

#include <QObject>
#include <functional>
#include <optional>

#include "app/session/common/owned.h"
#include "app/session/students/analysis_queue.h"
#include "app/session/students/student_book.h"

namespace calando {

class Notices;
class OpenBreaths;
class RequestEditor;
class Studio;
class TakeList;

/// The take that is on show, and the answer that is waited for: an older one comes too late and is dropped.
/// Both are of the student who is here, or there are none: another's is not to be had.
class ShownTake : public QObject {
  Q_OBJECT

 public:
  ShownTake(Studio& studio, AnalysisQueue& analyses, StudentBook& book, TakeList& takes, OpenBreaths& breaths,
            RequestEditor& asking, Notices& notices);

  /// nullptr: none is on show.
  const Take* take() const { return shown() ? &shown()->take : nullptr; }
  SnapshotPtr snapshot() const { return shown() ? shown()->snapshot : nullptr; }
  std::shared_ptr<const std::vector<float>> samples() const { return shown() ? shown()->samples : nullptr; }
  double rate_hz() const { return shown() ? shown()->rate_hz : 48000.0; }
  bool isAwaited() const { return awaited() != nullptr; }
  /// The one on show, or that is waited for; nullopt: none of the list.
  std::optional<std::int64_t> id() const;

  /// Reads and measures one of the list, and shows it once that is done.
  void open(std::int64_t take);
  void openNewest();  ///< where there is one
  /// What was measured for another reason; another student's is not shown.
  void show(const AnalysisQueue::Answer& answer);
  /// Nothing is on show and nothing waited for.
  void clear();
  /// A take that was just made is being kept: it will be on show here, unless something else is by then.
  class Place {
   public:
    Place() = default;

   private:
    friend class ShownTake;
    explicit Place(std::uint64_t number) : number_(number) {}
    std::uint64_t number_ = 0;
  };
  Place await(const Take& take);
  bool awaits(Place place) const;

  /// Changes what is said of the one on show and keeps it; false: none is, or nothing may be written.
  bool edit(const std::function<void(Take&)>& change);

 signals:
  /// Another one is on show, or none; a remark that is being typed belongs to the one before.
  void leaving();
  void changed();
  void said();  ///< what is said of it

 private:
  struct Shown {
    Take take;
    std::shared_ptr<const std::vector<float>> samples;
    double rate_hz;
    SnapshotPtr snapshot;
  };
  struct Awaited {
    Pending reading;                   // of one of the list
    std::optional<std::int64_t> take;  // that one
    std::uint64_t place = 0;           // else of one that is being kept
  };
  Shown* shown() { return shown_ ? shown_->of(book_.chosenId()) : nullptr; }
  const Shown* shown() const { return const_cast<ShownTake*>(this)->shown(); }
  const Awaited* awaited() const { return awaited_ ? awaited_->of(book_.chosenId()) : nullptr; }
  void opened(const AnalysisQueue::Answer& answer);
  void wishChanged();
  void openChanged();
  void judge(TakeSpec asked);
  void judgeWanted();
  const TakeSpec& newestAsked() const { return wanted_ ? *wanted_ : shown()->take.asked; }
  void keep();
  void respectStop();
  void stoppedSince(std::int64_t take);

  Studio& studio_;
  AnalysisQueue& analyses_;
  StudentBook& book_;
  TakeList& takes_;
  RequestEditor& asking_;
  Notices& notices_;
  std::optional<Owned<Shown>> shown_;
  std::optional<Owned<Awaited>> awaited_;
  std::uint64_t places_ = 0;
  Pending judging_;
  std::shared_ptr<const TakeSpec> wanted_;  // the newest, until its figures are there
};

}  // namespace calando
