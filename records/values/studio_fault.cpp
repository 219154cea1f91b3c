#include "records/values/studio_fault.h"

#include "core/base/in_order.h"

namespace calando {

namespace {

using enum StudioFault;

constexpr auto kStudioFaults = std::to_array<Wording<StudioFault>>({
    {damaged,
     "The studio in {1} is damaged: studio.db cannot be read. The sound files in takes/ are untouched; put "
     "back "
     "a copy of studio.db, have the list made anew from the sound files, or choose another folder."},
    {full,
     "The studio in {1} has no room left: the disk is full. What was kept before is safe; make room and try "
     "again, or choose another folder."},
    {notWritable,
     "The studio in {1} cannot be written. Change its permissions, or choose another folder with --studio."},
    {refused,
     "The studio in {1} could not do that ({2}). What was kept before is safe; close other programs that use "
     "it and try again."},
    {newer, "The studio in {1} was made by a newer Calando. Nothing was changed; use that version."},
    {notMade, "The studio folder {1} cannot be made ({2})."},
    {notAStudio,
     "The folder {1} is no studio and not empty, and was left as it is. Choose an empty or a new one."},
    {linkInside,
     "The folder {1} is no studio: {2} in it is a link to somewhere else. Nothing was changed; choose "
     "another "
     "folder."},
    {someoneElses,
     "The folder {1} belongs to another user of this computer. Nothing was changed; choose a folder of your "
     "own."},
    {openToOthers,
     "Others may write into the studio in {1}, and may have changed what is in it. Nothing was changed; take "
     "that permission away from them (chmod go-w) and look whether all is as you left it."},
    {halfRestored,
     "A backup was being unpacked into {1} and was cut off. What there was of it is removed; unpack it "
     "again."},
    {listMissing,
     "The studio in {1} has sound files but no list of them: studio.db is missing or empty. Put back a copy "
     "of "
     "it, or have the list made anew from the sound files."},
    {openElsewhere, "Another Calando window has the studio in {1} open. Close it, then try again."},
    {onlyToLookAt,
     "Another Calando window has this studio open; here it can only be looked at. Close the other window to "
     "change it."},
    {cardsSetAside, "Own exercises that cannot be read and are set aside: {1}. All others are there."},
    {recordingCannotStart, "Recording cannot start in {1}: {2}."},
    {studentErased, "The take was not kept: its student has been erased."},
    {noSuchStudent, "The take's student is not in this studio."},
    {notKept, "The take could not be kept: {1}."},
    {soundLetGo,
     "The sound of this take was given up to keep no more than is needed; its figures are still here."},
    {soundNotRemoved,
     "The sound of a take that was given up cannot be removed: {1} ({2}). Change its permissions, or remove "
     "it by hand."},
    {soundMissing,
     "The sound of this take is missing ({1}). Its figures are still here; put the file back to hear it."},
    {soundUnreadable, "The sound of this take cannot be read: {1}"},
    {soundEmpty,
     "There is no sound in this take’s file ({1}). Its figures are still here; put back a copy to hear it."},
    {notSound, "{1} cannot be read as sound; export it and look at it with another program."},
    {modelOfAnother, "A model is a take of the student whose other takes are compared with it."},
    {insideStudio, "{1} is inside the studio, whose files are its own. Choose a place outside of it."},
    {cannotErase, "The student cannot be erased now ({1}). Nothing was changed."},
    {fileNotErased,
     "The erasing is not finished: {1} cannot be removed ({2}). It goes on at the next start; change its "
     "permissions, or remove it by hand."},
    {rowsNotErased, "The erasing is not finished, and goes on at the next start. {1}"},
    {erasingNotNoted, "The erasing is not finished ({1}). It goes on at the next start."},
    {tracesStay,
     "The student is erased with all sound. Traces of the name may stay in unused parts of studio.db until "
     "there is room to make it anew; that is done at the next start. ({1})"},
});
static_assert(inOrder(kStudioFaults, &Wording<StudioFault>::code));

}  // namespace

std::string_view wordingOf(StudioFault fault) {
  return kStudioFaults[static_cast<std::size_t>(fault)].english;
}
std::span<const Wording<StudioFault>> studioFaults() { return kStudioFaults; }

}  // namespace calando
