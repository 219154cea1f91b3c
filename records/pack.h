#pragma once

#include "records/studio.h"

/// What goes from a teacher's studio to a student's own and back: one open archive (docs/pack.md).
namespace calando {

enum class PackKind {
  home,    ///< running order, own cards, plan, list of homework, the teacher's model takes
  answer,  ///< all takes and what was practised by hand
  teacher  ///< everything, for another teacher
};

/// `homework`: the list that goes along, of a home pack.
Studio::Result<void> writePack(Studio& studio, std::int64_t student, PackKind kind,
                               const std::filesystem::path& file, std::optional<std::int64_t> homework = {});

/// What a pack brought.
struct PackTaken {
  PackKind kind = PackKind::home;
  Student student;
  int takes = 0;  ///< that were new
  int practices = 0;
};
/// All of it or nothing. A home pack makes its student where there is none of that id, and replaces order and
/// plan; an answer is of a student who is here, adds what is new, and changes nothing that is there; another
/// teacher's makes its student with everything, or adds what is new.
Studio::Result<PackTaken> takePackIn(Studio& studio, const std::filesystem::path& file);

}  // namespace calando
