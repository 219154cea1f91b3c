#pragma once

#include <QObject>
#include <QThreadPool>
#include <atomic>
#include <deque>
#include <functional>
#include <map>

#include "core/snapshot.h"
#include "records/studio.h"

namespace calando {

/// Reads, measures and writes takes away from the interface's thread. Each request has a ticket; its answer
/// comes on the thread that made the object, or never once it was forgotten. Unfinished work is given up on
/// destruction.
class Analyst : public QObject {
 public:
  struct Request {
    Take take;
    std::filesystem::path file;  ///< is read where there are no samples
    std::optional<Span> part;    ///< that much of it, seconds
    SnapshotPtr anew;            ///< instead of both: what is heard in it is judged by what is asked now
    std::shared_ptr<std::vector<float>> samples;
    std::shared_ptr<std::vector<float>> first;  ///< of the first of two who have a channel each
    double rate_hz = 48000.0;
    /// Its sound is written into this studio, for this student, before the answer.
    struct Keeping {
      std::filesystem::path studio;
      Student student;
    };
    std::optional<Keeping> keeping;
    /// A file that this student's take was once saved as brings its note with it.
    bool ownNote = false;
    bool samplesWanted = true;  ///< in the answer
  };
  struct Answer {
    Take take;                                    ///< with id and file, if it was written
    std::shared_ptr<std::vector<float>> samples;  ///< of two who have a channel each both
    double rate_hz = 48000.0;
    double promised_s = 0.0;            ///< what the file said of its length
    std::shared_ptr<Snapshot> picture;  ///< nullptr: the sound could not be read
    Studio::Summary summary;
    std::optional<Problem> error;      ///< why it could not be read
    std::optional<WriteError> unkept;  ///< why its sound could not be written
  };
  using Ticket = std::uint64_t;
  using Done = std::function<void(Ticket, const Answer&)>;
  enum class Urgency {
    now,   ///< somebody waits for it
    later  ///< two at a time, behind everybody who waits
  };

  /// `smallPicture`: what a shelf shows of a take, as a PNG file; called on the workers' threads.
  explicit Analyst(std::function<std::string(const Snapshot&)> smallPicture);
  ~Analyst() override;

  Ticket ask(Request request, Urgency urgency, Done done);
  void forget(Ticket ticket);
  /// Nothing is asked for or under way.
  bool idle() const { return pending_.empty(); }

 private:
  struct Task;
  using TaskPtr = std::shared_ptr<Task>;
  void start(const TaskPtr& task, QThreadPool& pool);
  void startLater();
  void answered(const TaskPtr& task, const Answer& answer);

  std::function<std::string(const Snapshot&)> smallPicture_;
  Ticket last_ = 0;
  std::map<Ticket, TaskPtr> pending_;
  std::deque<TaskPtr> waiting_;
  int laterRunning_ = 0;
  QThreadPool now_, later_;
};

}  // namespace calando
