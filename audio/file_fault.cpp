#include "audio/file_fault.h"

#include "core/base/in_order.h"

namespace calando {

namespace {

using enum FileFault;

constexpr auto kFileFaults = std::to_array<Wording<FileFault>>({
    {mayNotBeRead, "may not be read; change its permissions"},
    {leadsNowhere, "is a link that leads nowhere; name a file"},
    {notOrdinary, "is no ordinary file; name one"},
    {noSuchFile, "there is no such file; check the name"},
    {isFolder, "is a folder; name a file in it"},
    {diskFails, "cannot be read; check the disk"},
    {tooLarge, "is larger than {1} MB; name a smaller file"},
    {noSound, "is no sound file that can be read; save it as WAV, FLAC or MP3"},
    {sampleRate, "has a sample rate of {1} Hz; convert it to between {2} and {3} Hz"},
    {noSuchChannel, "there is no channel {1}; it has {2}"},
    {soundless, "there is no sound in it; choose another file"},
    {placeIsLink, "it is a link to another file; name that file itself"},
    {placeIsFolder, "it is a folder; name a file in it"},
    {placeNotOrdinary, "it is no ordinary file; choose another place"},
    {diskFull, "the disk is full; make room, or choose another place"},
    {noPermission, "there is no permission to write there; choose another place"},
    {noSuchFolder, "there is no such folder; choose another place"},
    {nameTaken, "there is a file of that name; choose another name"},
    {system, "{1}; choose another place"},
    {originalUnreadable, "the original {1}"},
    {nothingToWrite, "there is no sound in it"},
});
static_assert(inOrder(kFileFaults, &Wording<FileFault>::code));

}  // namespace

std::string_view wordingOf(FileFault fault) { return kFileFaults[static_cast<std::size_t>(fault)].english; }
std::span<const Wording<FileFault>> fileFaults() { return kFileFaults; }

}  // namespace calando
