#pragma once

#include <functional>

#include "app/work/pending.h"
#include "app/work/work_queue.h"
#include "audio/whole_file.h"
#include "core/engine/snapshot_ptr.h"
#include "core/engine/span.h"
#include "records/values/stored_summary.h"
#include "records/values/take.h"

namespace calando {

/// What the studio keeps of a take that was measured.
StoredSummary summaryOf(const Snapshot& take, std::string smallPicture);

/// A take's sound that is in the studio and not on its list yet: it goes with this, unless it is kept.
class WrittenSound {
 public:
  explicit WrittenSound(std::filesystem::path file) : file_(std::move(file)) {}
  ~WrittenSound();
  WrittenSound(const WrittenSound&) = delete;
  WrittenSound& operator=(const WrittenSound&) = delete;
  void keep() { file_.clear(); }

 private:
  std::filesystem::path file_;
};

/// Reads, measures and writes takes away from the interface's thread. The answer comes as long as what ask()
/// gave is held.
class AnalysisQueue {
 public:
  struct Request {
    Take take;
    std::filesystem::path file;  ///< is read where there are no samples
    std::optional<Span> part;    ///< that much of it, seconds
    SnapshotPtr anew;            ///< instead of both: what is heard in it is judged by what is asked now
    std::shared_ptr<std::vector<float>> samples;
    std::shared_ptr<std::vector<float>> first;  ///< of the first of two who have a channel each
    double rate_hz = 48000.0;
    /// Its sound is written into this studio, for this student, before the answer. The take has its name.
    struct Keeping {
      std::filesystem::path studio;
      Student student;
    };
    std::optional<Keeping> keeping;
    /// A file that this student's take was once saved as brings its note with it.
    bool ownNote = false;
    bool samplesWanted = true;  ///< in the answer
    bool originWanted = false;  ///< of which sound it is a part, by the file's content
  };
  struct Answer {
    Take take;                                    ///< with id and file, if it was written
    std::shared_ptr<std::vector<float>> samples;  ///< of two who have a channel each both
    double rate_hz = 48000.0;
    double promised_s = 0.0;             ///< what the file said of its length
    std::shared_ptr<Snapshot> snapshot;  ///< nullptr: the sound could not be read
    StoredSummary summary;
    std::optional<Problem> error;      ///< why it could not be read
    std::optional<WriteError> unkept;  ///< why its sound could not be written
    std::shared_ptr<WrittenSound> written;
  };
  using Done = std::function<void(const Answer&)>;
  using Urgency = work::Urgency;

  /// `smallPicture`: what a shelf shows of a take, as a PNG file; called on the workers' threads.
  AnalysisQueue(WorkQueue& work, std::function<std::string(const Snapshot&)> smallPicture)
      : work_(work), smallPicture_(std::move(smallPicture)) {}

  Pending ask(Request request, Urgency urgency, Done done, work::AtTheEnd atTheEnd = work::AtTheEnd::givenUp);
  /// Nobody waits for anything.
  bool idle() const { return work_.idle(); }

 private:
  WorkQueue& work_;
  std::function<std::string(const Snapshot&)> smallPicture_;
};

}  // namespace calando
