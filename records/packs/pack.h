#pragma once

#include <memory>

#include "exchange/archive.h"
#include "records/files/incoming.h"
#include "records/packs/pack_contents.h"
#include "records/values/studio_fault.h"

/// What goes from a teacher's studio to a student's own and back: one open archive (docs/pack.md).
namespace calando {

class Studio;

/// What is in a pack; on the studio's own thread. `homework`: the list that goes along, of a home pack.
StudioResult<std::vector<ArchiveEntry>> planPack(Studio& studio, std::int64_t student, PackKind kind,
                                                 std::optional<std::int64_t> homework = {});
/// For any thread.
StudioResult<void> writePack(const std::vector<ArchiveEntry>& entries, const std::filesystem::path& file,
                             const GoOn& goOn = {});

/// A pack that was unpacked and looked at: nothing of it can be wrong any more.
struct UnpackedPack {
  std::filesystem::path file;
  std::shared_ptr<const Incoming> place;  ///< where its sounds are until they are taken in
  PackContents contents;
  std::vector<std::filesystem::path> sounds;
};
/// Beside the takes of the studio in a folder; for any thread.
StudioResult<UnpackedPack> unpackPack(const std::filesystem::path& file, const std::filesystem::path& studio);

/// What a pack brought.
struct PackTaken {
  PackKind kind = PackKind::home;
  Student student;
  int takes = 0;  ///< that were new
  int practices = 0;
};
/// What stands here and what a pack for home would put in its place: where these are one, or where its
/// student's packs come from the same studio as before, there is nothing to ask.
struct PackReplaces {
  std::vector<std::string> orderHere, orderThere;
  Plan planHere, planThere;
  bool order() const { return !orderHere.empty() && orderHere != orderThere; }
  bool plan() const { return planHere != Plan() && planHere != planThere; }
  bool any() const { return order() || plan(); }
};
StudioResult<PackReplaces> replacedBy(const Studio& studio, const UnpackedPack& pack);

/// What becomes of an order and a plan that are here when a pack for home brings others.
enum class Replacing { keepHere, takeThere };

/// All of it or nothing, whatever ends the program meanwhile. A home pack makes its student where there is
/// none of that id, and brings order, plan, list of homework and cards; an answer is of a student who is
/// here, adds what is new, and changes nothing that is there; another teacher's makes its student with
/// everything, or adds what is new. A card whose id is another card's here comes in under an id of its own,
/// an entry whose number is another student's under a number of its own.
StudioResult<PackTaken> takePackIn(Studio& studio, const UnpackedPack& pack,
                                   Replacing replacing = Replacing::keepHere);

}  // namespace calando
