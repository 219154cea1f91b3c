#include "demo/demo_homework.h"

#include <future>

#include "core/homework/list.h"
#include "core/library/cards.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"
#include "core/standin/random.h"
#include "demo/demo_class.h"

namespace calando {

namespace {

constexpr const char* kItems[] = {"buzz-level", "tone-5", "swell", "home-three"};

/// What somebody played, in order: an item and a way of playing it.
struct Played {
  std::size_t item;
  const char* player;
};
struct Sender {
  const char* name;
  std::vector<Played> played;
};

/// The evening class: some tried twice, some left something out, some sent it in another order.
const std::vector<Sender>& senders() {
  static const std::vector<Sender> list = {
      {"Alva Brekke", {{0, "buzz-stops"}, {0, "steady"}, {1, "steady"}, {2, "steady"}, {3, "flat-steady"}}},
      {"Edda Lunde", {{0, "steady"}, {1, "trembling"}, {2, "steady"}, {3, "steady"}}},
      {"Joon Tervel", {{1, "breaking"}, {1, "breaking"}, {2, "breathy"}, {3, "scooping"}}},
      {"Karla Weit", {{0, "buzz-spread"}, {1, "short-of-air"}, {1, "steady"}, {2, "sagging"}, {3, "steady"}}},
      {"Mirea Stolt", {{1, "vibrato"}, {2, "steady"}, {3, "steady"}}},
      {"Piet Marsk", {{0, "buzz-crackles"}, {1, "flat-steady"}, {2, "steady"}, {3, "flat-steady"}}},
      {"Rune Solmark", {{0, "steady"}, {1, "slipping"}, {1, "steady"}, {2, "steady"}}},
      {"Tomas Ukele", {{0, "steady"}, {1, "trembling"}, {2, "sagging"}, {3, "steady"}}}};
  return list;
}

constexpr double kRate_hz = 48000.0, kRoom_dbfs = -66.0;

/// The room, so long; a recording is never quite silent.
void pause(std::vector<float>& samples, double seconds, std::mt19937& random) {
  const double level = standin::fromDecibels(kRoom_dbfs);
  for (auto n = static_cast<long>(seconds * kRate_hz); n > 0; --n)
    samples.push_back(static_cast<float>(level * standin::gaussian(random)));
}

std::vector<float> recordingOf(const Sender& sender, const Student& student, std::uint32_t seed) {
  std::mt19937 random(seed);
  std::vector<float> samples;
  pause(samples, 2.0, random);
  for (const Played& played : sender.played) {
    TakeSpec asked;
    asked.instrument = student.instrument;
    asked.exercise = kItems[played.item];
    const Context context = contextFor(asked);
    const Performance performance = perform(*findPlayer(played.player), unroll(context), context, ++seed);
    samples.insert(samples.end(), performance.samples.begin(), performance.samples.end());
    pause(samples, 2.0 + 2.0 * standin::uniform(random), random);
  }
  ofSixteenBits(samples);
  return samples;
}

}  // namespace

Studio::Result<void> fillDemoHomework(Studio& studio, const std::filesystem::path& folder) {
  HomeworkList list{"Evening class", {}};
  for (const char* exercise : kItems) list.items.push_back({findExercise(exercise)});
  const Day due = std::chrono::local_days(std::chrono::year(2026) / 12 / 1);
  const auto homework = studio.homework.keep({0, due, toText(list)});
  const auto students = studio.students.all();
  if (!homework) return tl::unexpected(homework.error());
  if (!students) return tl::unexpected(students.error());
  std::error_code error;
  std::filesystem::create_directories(folder, error);
  std::vector<std::pair<const Student*, std::future<std::vector<float>>>> playing;
  for (const Sender& sender : senders()) {
    const auto student = std::ranges::find(*students, sender.name, &Student::name);
    const auto seed = static_cast<std::uint32_t>(9100 + 100 * playing.size());
    playing.emplace_back(&*student, std::async(std::launch::async, recordingOf, sender, *student, seed));
  }
  for (auto& [student, recording] : playing) {
    const auto file = folder / (student->name + ".flac");
    const auto written = writeSound(file.string(), recording.get(), kRate_hz, SoundFormat::flac24,
                                    {Access::owner, Replace::yes});
    if (!written) return tl::unexpected(written.error().why);
    if (const auto kept = studio.homework.keepSent(homework->id, {student->id, {file}, {}, {}, {}}); !kept)
      return tl::unexpected(kept.error());
  }
  return {};
}

}  // namespace calando
