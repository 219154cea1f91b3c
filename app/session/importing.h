#pragma once

#include <QObject>
#include <QStringList>
#include <map>

#include "app/session/analyst.h"

namespace calando {

/// Takes many sound files in as takes, two at a time from disk, each for the student and with what was asked
/// for when it was opened. The sound is written here; the list is the receiver's.
class Importing : public QObject {
  Q_OBJECT

 public:
  Importing(Analyst& analyst, QObject* parent = nullptr);

  struct Wanted {
    std::filesystem::path file;
    Take take;  ///< whose, what was asked for
    Student student;
  };
  void open(const std::vector<Wanted>& files, const std::filesystem::path& studio);
  /// Gives up what has not been taken in yet: all of it, or of one student.
  void cancel(std::optional<std::int64_t> student = {});
  bool running() const { return !pending_.empty(); }
  int done() const { return done_; }
  int total() const { return total_; }

 signals:
  /// One is measured and its sound in the studio; `alone`: it is all that was opened.
  void takenIn(const calando::Analyst::Answer& answer, bool alone);
  void moved();
  /// All are through; what could not be taken in, a line each.
  void finished(const QStringList& refused);

 private:
  void answered(Analyst::Ticket ticket, const Analyst::Answer& answer);
  void step();

  Analyst& analyst_;
  std::map<Analyst::Ticket, std::int64_t> pending_;  // and whose
  QStringList refused_;
  int total_ = 0;
  int done_ = 0;
};

}  // namespace calando
