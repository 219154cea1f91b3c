#pragma once

#include <QObject>
#include <optional>
#include <vector>

#include "app/session/common/undo_subject.h"
#include "records/values/take.h"

namespace calando {

class Notices;
class SoundTagWriter;
struct Instrument;
class Studio;

/// The students and the one who is here. Writes what is changed.
class StudentBook : public QObject {
  Q_OBJECT

 public:
  StudentBook(Studio& studio, SoundTagWriter& tags, Notices& notices, Undo& undo);

  const std::vector<Student>& students() const { return students_; }
  /// nullptr: there is none.
  const Student* chosen() const;
  std::optional<std::int64_t> chosenId() const;
  /// Of the chosen one; nullptr: there is none.
  const Instrument* instrument() const;
  const Student* find(std::int64_t student) const;
  void load();
  void choose(std::int64_t student);
  bool add(const Student& student);
  bool change(const Student& student);
  /// For good, with all takes.
  bool erase(std::int64_t student);
  /// As they were, whoever is here.
  bool putBack(const Student& student) { return find(student.id) && change(student); }

 signals:
  void studentsChanged();
  /// Another one will be here in a moment: what is being typed or shown is still of the one who is.
  void leaving();
  /// Another one is chosen, or the chosen one was changed. The list of takes is told first.
  void studentChanged();
  /// Before the files of a student go.
  void erasing(std::int64_t student);

 private:
  Studio& studio_;
  SoundTagWriter& tags_;
  Notices& notices_;
  Undo& undo_;
  std::vector<Student> students_;
  std::optional<std::int64_t> chosen_;
};

}  // namespace calando
