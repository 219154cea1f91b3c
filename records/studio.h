#pragma once

#include <filesystem>
#include <functional>
#include <memory>
#include <vector>

#include "records/tables/card_table.h"
#include "records/tables/ear_table.h"
#include "records/tables/homework_table.h"
#include "records/tables/intake_table.h"
#include "records/tables/order_table.h"
#include "records/tables/plan_table.h"
#include "records/tables/recordings.h"
#include "records/tables/setting_table.h"
#include "records/tables/sound_table.h"
#include "records/tables/student_table.h"
#include "records/tables/summary_table.h"
#include "records/tables/take_table.h"
#include "records/values/clock.h"

namespace calando {

/// One studio: a folder with studio.db, takes/*.flac and recording/*.wav, and the tables of its list.
/// Problems are said in whole sentences.
///
/// The list of takes is in studio.db; every sound file carries beside its sound what it needs to be taken in
/// again, so that either can be lost. docs/reliability.md says what is promised.
///
/// Threads: one object per thread. A second program on the same folder gets it read-only. Files are readable
/// by their owner only.
class Studio {
 public:
  template <class T>
  using Result = StudioResult<T>;

  /// Makes the studio where there is nothing yet. A folder that is no studio and not empty is refused and
  /// left alone. What was left undone of an erasing is done now.
  /// So is one with links in it, of somebody else, or into which others may write.
  static tl::expected<Studio, OpenError> open(const std::filesystem::path& folder,
                                              std::shared_ptr<const Clock> clock = Clock::system());
  /// A new list from the sound files alone; an old studio.db is set aside under another name.
  static tl::expected<Studio, OpenError> rebuild(const std::filesystem::path& folder,
                                                 std::shared_ptr<const Clock> clock = Clock::system());
  ~Studio();
  Studio(Studio&&) noexcept;
  Studio& operator=(Studio&&) noexcept;

  const std::filesystem::path& folder() const;
  const Clock& clock() const;
  /// A place inside the studio, where nothing of anybody else's is to be written.
  bool holds(const std::filesystem::path& place) const;
  /// All of what `act` changes, or, where it fails or is cut off, nothing of it. May be nested.
  Result<void> atOnce(const std::function<Result<void>()>& act);
  /// The list as it is now, whole, in a new file.
  Result<void> copyList(const std::filesystem::path& to) const;
  /// Another program has it: looking is possible, changing is refused.
  bool readOnly() const;
  /// What there is to say after opening, empty when all is well.
  const std::vector<Problem>& remarks() const;

 private:
  explicit Studio(std::unique_ptr<StudioFolder> data);
  static tl::expected<Studio, OpenError> openLocked(const std::filesystem::path& folder, bool anew,
                                                    std::shared_ptr<const Clock> clock);
  void tidy();
  std::unique_ptr<StudioFolder> data_;

 public:
  StudentTable students;
  TakeTable takes;
  SoundTable sounds;
  SummaryTable summaries;
  CardTable cards;
  SettingTable settings;
  OrderTable orders;
  PlanTable plans;
  EarTable ears;
  HomeworkTable homework;
  IntakeTable intakes;
  Recordings recordings;
};

}  // namespace calando
