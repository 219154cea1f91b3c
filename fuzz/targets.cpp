#include "targets.h"

#include <sys/mman.h>
#include <unistd.h>

#include <cmath>
#include <cstdlib>
#include <string>

#include "audio/sound_file.h"
#include "core/exercise/cue_sheet.h"
#include "core/exercise/exercise.h"
#include "core/homework/list.h"
#include "core/judging/judging.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/plan/sheet.h"
#include "records/packs/pack_contents.h"
#include "records/values/homework.h"
#include "records/values/take.h"

namespace calando::fuzz {

namespace {

/// Holds in every build, not only where assertions are on.
void must(bool holds) {
  if (!holds) std::abort();
}

std::string_view textOf(std::span<const std::uint8_t> bytes) {
  return {reinterpret_cast<const char*>(bytes.data()), bytes.size()};
}

/// A file in memory, by a name that everybody can open.
class MemoryFile {
 public:
  explicit MemoryFile(std::span<const std::uint8_t> bytes) : fd_(memfd_create("calando-fuzz", MFD_CLOEXEC)) {
    must(fd_ >= 0 && ::write(fd_, bytes.data(), bytes.size()) == static_cast<ssize_t>(bytes.size()));
  }
  ~MemoryFile() { close(fd_); }
  MemoryFile(const MemoryFile&) = delete;
  MemoryFile& operator=(const MemoryFile&) = delete;
  std::string name() const { return "/proc/self/fd/" + std::to_string(fd_); }

 private:
  int fd_;
};

void checkAsked(const TakeSpec& asked) {
  must(!asked.note || (*asked.note >= 0 && *asked.note <= 140));
  must(std::isfinite(asked.seconds) && asked.seconds > 0.0);
  must(asked.a4_hz >= 380.0 && asked.a4_hz <= 500.0 && asked.tonic >= 0 && asked.tonic < 12);
  const Context context = contextFor(asked);
  must(context.exercise && context.level);
  must(std::isfinite(unroll(context).length_s()));
}

}  // namespace

void sound(std::span<const std::uint8_t> bytes) {
  constexpr std::size_t kMost = 200'000;  // samples: a few bytes may promise hours
  const MemoryFile file(bytes);
  std::size_t heard = 0;
  const auto info = readSound(
      file.name(), {}, [](const SoundInfo& i) { must(i.rate_hz >= 8000.0 && i.rate_hz <= 384000.0); },
      [&](std::span<const float> block) { return (heard += block.size()) < kMost; });
  must(info || !english(info.error().what).empty());
  if (const auto seconds = soundLength_s(file.name())) must(std::isfinite(*seconds));
  if (const auto found = soundNoteFrom(soundComment(file.name()))) checkAsked(found->take.asked);
}

void card(std::span<const std::uint8_t> bytes) {
  const auto parsed = parseExercise(textOf(bytes));
  if (!parsed) {
    const std::string why = english(parsed.error());
    must(!why.empty() && why.size() <= 300);
    must(why.find('\n') == std::string::npos || textOf(bytes).find('\n') != std::string_view::npos);
    return;
  }
  // What was read is written and read as the same.
  const std::string text = toText(*parsed);
  const auto again = parseExercise(text);
  must(again && toText(*again) == text);
  Context context;
  context.exercise = std::make_shared<Exercise>(*parsed);
  context.level = findLevel("growing");
  const CueSheet sheet = unroll(context);
  must(sheet.cues.size() <= 2000 && sheet.length_s() < 7 * 3600.0 + 2000 * 8.0);
}

void note(std::span<const std::uint8_t> bytes) {
  const auto found = soundNoteFrom(textOf(bytes));
  if (!found) return;
  checkAsked(found->take.asked);
  const Take& take = found->take;
  must(take.id >= 0 && take.student >= 0 && take.made_unix_s >= 0 && std::isfinite(take.seconds));
  must(take.word <= TeachersWord::veto && take.comfort <= Comfort::tight);
  const std::string text = toText(*found);
  const auto again = soundNoteFrom(text);
  must(again && toText(*again) == text);
}

void list(std::span<const std::uint8_t> bytes) {
  const auto cardOf = [](const std::string& id) { return findExercise(id); };
  const auto parsed = parseHomework(textOf(bytes), cardOf);
  if (!parsed) {
    must(!english(parsed.error()).empty());
    return;
  }
  must(!parsed->items.empty());
  const std::string text = toText(*parsed);
  const auto again = parseHomework(text, cardOf);
  must(again && toText(*again) == text);
  Context player;
  player.instrument = findInstrument("trumpet-bb");
  for (const HomeworkItem& item : parsed->items) {
    const CueSheet sheet = unroll(contextOf(item, player));
    must(sheet.cues.size() <= 2000 && std::isfinite(sheet.length_s()));
  }
}

void plan(std::span<const std::uint8_t> bytes) {
  const Plan read = planFrom(textOf(bytes));
  must(planFrom(toText(read)) == read);
  must(read.minutes >= 5 && read.minutes <= 240 && (!read.gate || read.gate->good <= read.gate->of));
  const auto find = [](const std::string& id) { return findExercise(id); };
  PlanState state{read, {find("steady-tone"), find("climb"), find("scale-4-4")}, {}, {}, Day(), find};
  (void)proposalsFor(state);
  for (const DaySheet& sheet : sheetsFor(state, "trumpet-bb", Day(), 7))
    must(sheet.total_s() <= 60.0 * read.minutes);
  const SentHomework sent = sentFrom(textOf(bytes));
  must(toText(sentFrom(toText(sent))) == toText(sent));
}

void pack(std::span<const std::uint8_t> bytes) {
  const auto read = packFrom(textOf(bytes));
  if (!read) return;
  must(read->student.id > 0 && findInstrument(read->student.instrument));
  for (const Practice& practice : read->practices) must(practice.minutes >= 0 && practice.minutes <= 1440);
  const std::string text = toText(*read);
  const auto again = packFrom(text);
  must(again && toText(*again) == text);
}

}  // namespace calando::fuzz
