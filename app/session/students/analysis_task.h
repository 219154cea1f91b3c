#pragma once

#include <filesystem>
#include <functional>
#include <optional>
#include <span>
#include <stop_token>
#include <string>

#include "app/session/students/analysis_queue.h"

namespace calando {

struct Tracks;

/// One request to the analysis queue, on a worker's thread: reads, measures, writes.
class AnalysisTask {
 public:
  using Request = AnalysisQueue::Request;
  using Answer = AnalysisQueue::Answer;
  using SmallPicture = std::function<std::string(const Snapshot&)>;

  AnalysisTask(Request request, SmallPicture smallPicture)
      : request_(std::move(request)), smallPicture_(std::move(smallPicture)) {}
  /// Nullopt once `stop` was asked for; what became of it is logged. To be called once.
  std::optional<Answer> run(std::stop_token stop);

 private:
  std::optional<Answer> answered();
  bool wanted() const { return !stop_.stop_requested(); }
  /// False: there is no sound, and the answer says why.
  bool read(Answer& answer);
  /// What a file that was saved from this student's take says of it.
  void takeNote(Take& take) const;
  /// Nullopt once nobody wants it any more.
  std::optional<Tracks> tracked(const Answer& answer) const;
  std::optional<Tracks> tracked(std::span<const float> samples, const Answer& answer) const;
  void judge(Answer& answer, Tracks tracks) const;
  void keep(Answer& answer) const;
  /// To be heard are both.
  void mix(Answer& answer) const;

  Request request_;
  SmallPicture smallPicture_;
  std::stop_token stop_;
};

}  // namespace calando
