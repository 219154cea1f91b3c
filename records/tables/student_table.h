#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "records/folder/table.h"
#include "records/values/take.h"

namespace calando {

class StudentTable : public Table {
 public:
  using Table::Table;

  /// Their names are one visible line, whoever wrote them.
  StudioResult<std::vector<Student>> all() const;
  StudioResult<Student> add(const std::string& name, const std::string& instrument, NoteRange range = {},
                            Experience experience = Experience::unsaid);
  /// With the id that another studio gave them; one of that id stays as they are.
  StudioResult<void> adopt(const Student& student);
  StudioResult<void> change(const Student& student);
  /// Removes the student with all takes, those too in which the student was the other one, audio, recordings,
  /// rows and settings. Once begun it is finished, whatever happens: at the next start at the latest. The
  /// error says what is still to go.
  StudioResult<void> erase(std::int64_t student);
  /// erase()'s next step, one file or one change of the list; false when nothing is to be erased.
  StudioResult<bool> eraseStep();

  /// The studio from which a student's packs for home come; empty: none yet.
  StudioResult<std::string> home(std::int64_t student) const;
  StudioResult<void> keepHome(std::int64_t student, const std::string& studio);

  /// What they stopped, oldest first.
  StudioResult<std::vector<Stop>> stops(std::int64_t student) const;
  /// In place of one of the same student at the same time.
  StudioResult<void> keepStop(const Stop& stop);

 private:
  std::vector<std::filesystem::path> soundsOf(std::int64_t student) const;
};

}  // namespace calando
