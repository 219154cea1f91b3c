#include "records/packs/pack.h"

#include <set>

#include "audio/sound_file.h"
#include "core/base/bounded_json.h"
#include "core/base/json_text.h"
#include "exchange/archive.h"
#include "records/packs/pack_contents.h"
#include "records/packs/pack_fault.h"
#include "records/studio.h"
#include "records/values/settings.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

constexpr const char* kContents = "pack.json";
constexpr const char* kTakes = "takes/";
constexpr ArchiveLimits kLimits{20000, std::size_t{8} << 30};

/// Which studio this is, in packs.
const Setting<std::string> kStudioId{"studio_id", ""};

Studio::Result<std::string> idOf(Studio& studio) {
  if (auto id = studio.settings.get(kStudioId); !id.empty()) return id;
  const std::string fresh = std::to_string(newId(studio.clock().now_ms()));
  if (const auto kept = studio.settings.keep(kStudioId, fresh); !kept) return tl::unexpected(kept.error());
  return fresh;
}

/// "takes/" and a name as writeTake() gives them.
bool isTakeName(const std::string& name) {
  if (!name.starts_with(kTakes) || !name.ends_with(".flac")) return false;
  const std::string stem =
      name.substr(std::string_view(kTakes).size(), name.size() - std::string_view(kTakes).size() - 5);
  return !stem.empty() && stem.size() <= 80 && std::ranges::all_of(stem, [](unsigned char c) {
    return (c >= '0' && c <= '9') || (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || c == '-' || c == '_';
  });
}

tl::unexpected<Problem> fault(PackFault code, const fs::path& file) {
  return tl::unexpected(Problem(code, printable(file.string())));
}

PackFault faultOf(ArchiveError error) {
  switch (error) {
    case ArchiveError::unreadable:
      return PackFault::unreadable;
    case ArchiveError::noArchive:
    case ArchiveError::stranger:
      return PackFault::noPack;
    case ArchiveError::damaged:
      return PackFault::damaged;
    case ArchiveError::tooLarge:
      return PackFault::tooLarge;
    case ArchiveError::noRoom:
      return PackFault::noRoom;
  }
  return PackFault::damaged;
}

}  // namespace

namespace {

/// What was said of takes lies beside their sounds before these leave.
Studio::Result<void> bringNotesUpToDate(Studio& studio) {
  constexpr std::size_t at_once = 100;
  std::int64_t after = 0;
  while (true) {
    const auto unnoted = studio.sounds.unnoted(at_once, after);
    if (!unnoted) return tl::unexpected(unnoted.error());
    if (unnoted->empty()) return {};
    for (const Unnoted& one : *unnoted)
      if (SoundTable::writeNote(one))
        if (const auto noted = studio.sounds.noted(one); !noted) return noted;
    after = unnoted->back().take;
  }
}

}  // namespace

Studio::Result<std::vector<ArchiveEntry>> planPack(Studio& studio, std::int64_t student, PackKind kind,
                                                   std::optional<std::int64_t> homework) {
  if (studio.readOnly()) return tl::unexpected(Problem(StudioFault::onlyToLookAt));
  if (const auto noted = bringNotesUpToDate(studio); !noted) return tl::unexpected(noted.error());
  const auto students = studio.students.all();
  const auto takes = studio.takes.of(student);
  const auto cards = studio.cards.all();
  const auto order = studio.orders.of(student);
  const auto plan = studio.plans.of(student);
  const auto practices = studio.plans.practices(student);
  const auto lists = studio.homework.all();
  const auto id = idOf(studio);
  if (!students) return tl::unexpected(students.error());
  if (!takes) return tl::unexpected(takes.error());
  if (!cards) return tl::unexpected(cards.error());
  if (!order) return tl::unexpected(order.error());
  if (!plan) return tl::unexpected(plan.error());
  if (!practices) return tl::unexpected(practices.error());
  if (!lists) return tl::unexpected(lists.error());
  if (!id) return tl::unexpected(id.error());
  const auto who = std::ranges::find(*students, student, &Student::id);
  if (who == students->end()) return tl::unexpected(Problem(StudioFault::noSuchStudent));
  PackContents contents{kind, *id, *who, *order, *cards, *plan, {}, {}, {}};
  std::vector<ArchiveEntry> entries;
  if (kind != PackKind::home) contents.practices = *practices;
  if (const auto list = homework ? std::ranges::find(*lists, *homework, &Homework::id) : lists->end();
      list != lists->end())
    contents.homework = *list;
  for (const Take& take : *takes) {
    // Of somebody else too, it is theirs as well: it does not leave.
    if (take.other != 0 || !take.soundKept()) continue;
    const auto model = studio.orders.model(student, take.asked.exercise);
    const bool isModel = model && *model == take.id;
    if (isModel) contents.models[take.asked.exercise] = take.id;
    if (kind != PackKind::home || isModel) entries.push_back({kTakes + take.file, studio.takes.file(take)});
  }
  entries.insert(entries.begin(), {kContents, toText(contents)});
  return entries;
}

Studio::Result<void> writePack(const std::vector<ArchiveEntry>& entries, const fs::path& file,
                               const GoOn& goOn) {
  const auto written = writeZip(file, entries, goOn);
  if (!written)
    return tl::unexpected(Problem(PackFault::notWritten, printable(file.string()), written.error().why));
  return {};
}

namespace {

Studio::Result<PackContents> readContents(const fs::path& folder, const fs::path& file) {
  const auto text = readSmall(folder / kContents, kLargestJson);
  if (!text) return fault(PackFault::noPack, file);
  auto contents = packFrom(*text);
  if (!contents) return fault(contents.error(), file);
  return std::move(*contents);
}

/// Ids of the pack's cards that are another card's here, and those under which they come in.
std::map<std::string, std::string> otherIdsFor(const std::vector<Exercise>& cards, const Studio& studio,
                                               const std::vector<Exercise>& here) {
  std::map<std::string, std::string> ids;
  for (const Exercise& card : cards) {
    const auto same = std::ranges::find(here, card.id, &Exercise::id);
    if (same != here.end() ? toText(*same) == toText(card) : !findExercise(card.id)) continue;
    // What was brought once is found again.
    const auto twin = std::ranges::find_if(here, [&](Exercise own) {
      own.id = card.id;
      return toText(own) == toText(card);
    });
    ids[card.id] = twin != here.end() ? twin->id : "own-" + std::to_string(newId(studio.clock().now_ms()));
  }
  return ids;
}

/// A list of homework in which cards go by other ids.
std::string withIds(const std::string& list, const std::map<std::string, std::string>& ids) {
  auto text = parseBounded(list);
  if (ids.empty() || !text || !text->contains("items") || !(*text)["items"].is_array()) return list;
  for (nlohmann::json& item : (*text)["items"])
    if (item.is_object() && item.contains("exercise") && item["exercise"].is_string())
      if (const auto other = ids.find(item["exercise"].get<std::string>()); other != ids.end())
        item["exercise"] = other->second;
  return jsonText(*text);
}

/// The same pack with its cards under ids that mean nothing else here.
PackContents withIds(PackContents contents, const std::map<std::string, std::string>& ids) {
  const auto rename = [&](std::string& id) {
    if (const auto other = ids.find(id); other != ids.end()) id = other->second;
  };
  for (Exercise& card : contents.cards) {
    rename(card.id);
    rename(card.then);
  }
  for (std::string& step : contents.order) rename(step);
  for (PlanStep& step : contents.plan.steps) rename(step.exercise);
  std::map<std::string, std::int64_t> models;
  for (const auto& [exercise, take] : contents.models) {
    std::string id = exercise;
    rename(id);
    models[id] = take;
  }
  contents.models = std::move(models);
  if (contents.homework) contents.homework->list = withIds(contents.homework->list, ids);
  return contents;
}

Studio::Result<void> settleHomework(Studio& studio, const Homework& homework) {
  const auto lists = studio.homework.all();
  if (!lists) return tl::unexpected(lists.error());
  const bool there = std::ranges::any_of(
      *lists, [&](const Homework& list) { return list.list == homework.list && list.due == homework.due; });
  if (there) return {};
  const auto kept = studio.homework.keep(homework);
  return kept ? Studio::Result<void>() : tl::unexpected(kept.error());
}

/// What a home pack makes of a student's own studio.
Studio::Result<void> settle(Studio& studio, const PackContents& pack, Replacing replacing) {
  const std::int64_t student = pack.student.id;
  const auto home = studio.students.home(student);
  const auto here = studio.cards.all();
  if (!home) return tl::unexpected(home.error());
  if (!here) return tl::unexpected(here.error());
  const bool sameHome = *home == pack.from;
  const PackContents contents = sameHome ? pack : withIds(pack, otherIdsFor(pack.cards, studio, *here));
  for (const Exercise& card : contents.cards)
    if (const auto kept = studio.cards.keep(card); !kept) return kept;
  const auto order = studio.orders.of(student);
  const auto plan = studio.plans.of(student);
  if (!order) return tl::unexpected(order.error());
  if (!plan) return tl::unexpected(plan.error());
  const bool replaces = sameHome || replacing == Replacing::takeThere;
  if (replaces || order->empty())
    if (const auto kept = studio.orders.keep(student, contents.order); !kept) return kept;
  if (replaces || *plan == Plan())
    if (const auto kept = studio.plans.keep(student, contents.plan); !kept) return kept;
  for (const auto& [exercise, take] : contents.models)
    if (const auto kept = studio.orders.keepModel(student, exercise, take);
        !kept && !kept.error().is(StudioFault::modelOfAnother))
      return kept;
  if (replaces || home->empty())
    if (const auto kept = studio.students.keepHome(student, contents.from); !kept) return kept;
  return contents.homework ? settleHomework(studio, *contents.homework) : Studio::Result<void>();
}

/// Entries by hand that are not there yet; their numbers may be others' here.
Studio::Result<int> addPractices(Studio& studio, const PackContents& contents) {
  const auto students = studio.students.all();
  if (!students) return tl::unexpected(students.error());
  std::set<std::int64_t> taken;
  std::vector<Practice> theirs;
  for (const Student& student : *students) {
    const auto list = studio.plans.practices(student.id);
    if (!list) return tl::unexpected(list.error());
    for (const Practice& practice : *list) taken.insert(practice.id);
    if (student.id == contents.student.id) theirs = *list;
  }
  int added = 0;
  for (Practice practice : contents.practices) {
    const bool there = std::ranges::any_of(theirs, [&](const Practice& one) {
      return one.id == practice.id ||
             (one.day == practice.day && one.minutes == practice.minutes && one.what == practice.what);
    });
    if (there) continue;
    if (taken.contains(practice.id)) practice.id = 0;
    const auto kept = studio.plans.keepPractice(practice);
    if (!kept) return tl::unexpected(kept.error());
    ++added;
  }
  return added;
}

}  // namespace

Studio::Result<UnpackedPack> unpackPack(const fs::path& file, const fs::path& studio) {
  const auto place = std::make_shared<const Incoming>(studio);
  const auto names = unpackZip(file, place->folder(), kLimits,
                               [](const std::string& name) { return name == kContents || isTakeName(name); });
  if (!names) return fault(faultOf(names.error()), file);
  auto contents = readContents(place->folder(), file);
  if (!contents) return tl::unexpected(contents.error());
  UnpackedPack pack{file, place, std::move(*contents), {}};
  for (const std::string& name : *names) {
    if (!isTakeName(name)) continue;
    const fs::path sound = place->folder() / name;
    const auto note = soundNoteFrom(soundComment(sound.string()));
    if (!note || note->student.id != pack.contents.student.id || note->take.id == 0 ||
        !soundLength_s(sound.string()))
      return fault(PackFault::damaged, file);
    pack.sounds.push_back(sound);
  }
  return pack;
}

Studio::Result<PackReplaces> replacedBy(const Studio& studio, const UnpackedPack& pack) {
  PackReplaces replaces;
  const PackContents& contents = pack.contents;
  const auto home = studio.students.home(contents.student.id);
  if (!home) return tl::unexpected(home.error());
  if (contents.kind != PackKind::home || *home == contents.from) return replaces;
  const auto order = studio.orders.of(contents.student.id);
  const auto plan = studio.plans.of(contents.student.id);
  if (!order) return tl::unexpected(order.error());
  if (!plan) return tl::unexpected(plan.error());
  return PackReplaces{*order, contents.order, *plan, contents.plan};
}

Studio::Result<PackTaken> takePackIn(Studio& studio, const UnpackedPack& pack, Replacing replacing) {
  if (studio.readOnly()) return tl::unexpected(Problem(StudioFault::onlyToLookAt));
  const PackContents& contents = pack.contents;
  PackTaken taken{contents.kind, contents.student};
  const auto done = studio.atOnce([&]() -> Studio::Result<void> {
    const auto students = studio.students.all();
    if (!students) return tl::unexpected(students.error());
    const bool answer = contents.kind == PackKind::answer;
    const bool known = std::ranges::find(*students, contents.student.id, &Student::id) != students->end();
    if (!answer && contents.from == studio.settings.get(kStudioId))
      return fault(PackFault::madeHere, pack.file);
    if (answer && !known) return fault(PackFault::somebodyElse, pack.file);
    if (!known)
      if (const auto adopted = studio.students.adopt(contents.student); !adopted) return adopted;
    const auto takes = studio.takes.adopt(contents.student, pack.sounds);
    if (!takes) return tl::unexpected(takes.error());
    taken.takes = *takes;
    if (contents.kind == PackKind::home || (!answer && !known))
      if (const auto settled = settle(studio, contents, replacing); !settled) return settled;
    const auto practices = addPractices(studio, contents);
    if (!practices) return tl::unexpected(practices.error());
    taken.practices = *practices;
    return {};
  });
  if (!done) return tl::unexpected(done.error());
  studio.takes.moveAdopted();
  return taken;
}

}  // namespace calando
