#pragma once

#include <QObject>
#include <map>
#include <vector>

#include "core/ears/answers.h"

namespace calando {

class Notices;
class StudentBook;
class Studio;

/// What is known of the ear of the student who is here, and what is asked about.
class EarKnowledge : public QObject {
  Q_OBJECT

 public:
  EarKnowledge(Studio& studio, StudentBook& book, Notices& notices);

  /// All of them, oldest first.
  const std::vector<EarAnswer>& answers() const { return answers_; }
  void add(const EarAnswer& answer);
  /// What is asked about: as it was set, or what everybody begins with.
  const std::vector<Change>& asked() const { return asked_; }
  void setAsked(Change change, bool on);
  /// The student's own words for what can be wrong.
  const std::map<Change, std::string>& ownWords() const { return ownWords_; }
  void setOwnWords(Change change, const std::string& said);

 signals:
  void changed();

 private:
  void load();

  Studio& studio_;
  StudentBook& book_;
  Notices& notices_;
  std::vector<EarAnswer> answers_;
  std::vector<Change> asked_;
  std::map<Change, std::string> ownWords_;
};

/// What everybody begins with.
inline constexpr Change kBeginsWith[] = {Change::offset, Change::wave, Change::sag, Change::gap,
                                         Change::fuzz};

}  // namespace calando
