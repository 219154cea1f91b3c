#pragma once

#include <filesystem>
#include <memory>
#include <string>
#include <tl/expected.hpp>
#include <vector>

#include "core/base/problem.h"
#include "exchange/archive.h"
#include "records/files/incoming.h"
#include "records/studio.h"

/// A whole studio in one file, and back.
namespace calando {

/// What a backup is made of: the list as it was at one moment, beside the studio's sounds.
struct BackupPlan {
  std::filesystem::path studio;
  std::shared_ptr<const Incoming> place;  ///< of the list's copy, which goes with it
  std::vector<ArchiveEntry> entries;
};
/// Copies the list; on the studio's own thread.
Studio::Result<BackupPlan> planBackup(const Studio& studio);
/// Packs it into a ZIP archive outside of the studio and reads that through again, sum by sum. For any
/// thread. How many files are in it.
Studio::Result<int> writeBackup(const BackupPlan& plan, const std::filesystem::path& file,
                                const GoOn& goOn = {});

/// A backup becomes a studio in a folder that is empty or not there, in one step once all of it is unpacked
/// and looked at. Where it cannot be read the folder is left as it was; where it is cut off, what there is of
/// it goes when the folder is opened or used again. For any thread.
Studio::Result<void> restoreBackup(const std::filesystem::path& file, const std::filesystem::path& folder);

}  // namespace calando
