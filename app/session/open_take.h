#pragma once

#include <QObject>
#include <optional>

#include "app/session/asking.h"
#include "core/judging/ledger.h"

namespace calando {

/// The take that is on show, and the answer that is waited for: an older one comes too late and is dropped.
class OpenTake : public QObject {
  Q_OBJECT

 public:
  OpenTake(Studio& studio, Analyst& analyst, Roster& roster, Lesson& lesson, Asking& asking, Notices& notices,
           Undo& undo);

  /// nullptr: none is on show.
  const Take* take() const { return shown_ ? &shown_->take : nullptr; }
  SnapshotPtr picture() const { return shown_ ? shown_->picture : nullptr; }
  std::shared_ptr<const std::vector<float>> samples() const { return shown_ ? shown_->samples : nullptr; }
  double rate_hz() const { return shown_ ? shown_->rate_hz : 48000.0; }
  bool isAwaited() const { return awaited_.has_value(); }
  /// The one on show, or that is waited for; nullopt: none of the list.
  std::optional<std::int64_t> id() const;

  /// Reads and measures one of the list, and shows it once that is done.
  void open(std::int64_t take);
  void openNewest();  ///< where there is one
  /// What was measured for another reason.
  void show(const Analyst::Answer& answer);
  /// Nothing is on show and nothing waited for; but what a ticket will bring is.
  void clear();
  void awaitTicket(Analyst::Ticket ticket);
  bool awaits(Analyst::Ticket ticket) const { return awaited_ && awaited_->ticket == ticket; }

  // What is said of the one on show; saying the same again takes it back
  void setWord(TeachersWord word);
  void setAttention(Attention attention);
  void setComfort(Comfort comfort);
  /// What was to be tried after the take before: it was tried, or it was not.
  void toggleTried();
  /// What was observed in it was there, was not there, or nothing is said of it.
  void nextSeen();
  void setRemark(const std::string& remark);
  void toggleTick(const std::string& tick);
  /// That is how this player's open breath sounds: breaths in are held against it from now on.
  void callOpen(std::size_t air);
  void forgetOpen();
  void toggleModel();

  bool isModel() const;
  /// What was to be tried after the take before the one on show; empty for none.
  std::string adviceBefore() const;
  /// An observation that a teacher may confirm, with what was tried for it so far; nullptr for none.
  const AdviceCard* observation() const;
  Confirmed confirmed() const;
  std::vector<TriedCue> triedBefore() const;
  /// Figures of the takes before it, oldest first, by id.
  std::map<std::string, std::vector<double>> valuesBefore() const;

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
    SnapshotPtr picture;
  };
  struct Awaited {
    Analyst::Ticket ticket;
    std::optional<std::int64_t> take;  // one of the list; else one that is being kept
  };
  void opened(const Analyst::Answer& answer);
  void learnOpen(std::vector<OpenMark> marks);
  void judgeAnew();
  void writeWord(std::int64_t take, TeachersWord word);
  void keep();
  void respectStop();
  void stoppedSince(std::int64_t take);
  PastTake past() const;

  Studio& studio_;
  Analyst& analyst_;
  Roster& roster_;
  Lesson& lesson_;
  Asking& asking_;
  Notices& notices_;
  Undo& undo_;
  std::optional<Shown> shown_;
  std::optional<Awaited> awaited_;
  std::optional<Analyst::Ticket> judging_;
  bool judgeAgain_ = false;
};

}  // namespace calando
