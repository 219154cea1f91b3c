#include "records/packs/pack_fault.h"

#include "core/base/in_order.h"

namespace calando {

namespace {

using enum PackFault;

constexpr auto kPackFaults = std::to_array<Wording<PackFault>>({
    {unreadable, "{1} cannot be read. Nothing was added; choose the pack again."},
    {noPack, "{1} is no pack of Calando’s. Nothing was added."},
    {damaged, "The pack {1} is damaged. Nothing was added; have it sent again."},
    {tooLarge, "The pack {1} is larger than any pack should be. Nothing was added."},
    {newer, "The pack {1} was made by a newer Calando. Nothing was added; use that version."},
    {madeHere, "The pack {1} was made in this studio, for a student’s own. Open it on their computer."},
    {somebodyElse, "The pack {1} is an answer of somebody who is not in this studio. Nothing was added."},
    {noRoom, "The pack {1} could not be unpacked: there is no room, or the studio cannot be written."},
    {notWritten, "{1} could not be written: {2}."},
    {notWhole, "{1} was written and cannot be read back whole: it is no backup. Write it to another disk."},
    {noBackup, "{1} is no backup of a studio. Nothing was changed."},
});
static_assert(inOrder(kPackFaults, &Wording<PackFault>::code));

}  // namespace

std::string_view wordingOf(PackFault fault) { return kPackFaults[static_cast<std::size_t>(fault)].english; }
std::span<const Wording<PackFault>> packFaults() { return kPackFaults; }

}  // namespace calando
