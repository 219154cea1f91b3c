// Makes the demo's studio: the evening class with its takes, their figures and small pictures, its answers of
// ears and its homework.    calando-make-demo FOLDER
#include <QGuiApplication>
#include <cstdio>
#include <filesystem>
#include <future>
#include <mutex>

#include "app/picture/gallery.h"
#include "app/session/demo.h"
#include "app/session/students/analysis_queue.h"
#include "app/session/take/shown_take.h"
#include "core/engine/snapshot.h"
#include "core/engine/take_stages.h"
#include "demo/demo_class.h"
#include "demo/demo_ears.h"
#include "demo/demo_homework.h"
#include "records/studio.h"
#include "records/tables/take_table.h"
#include "records/values/practice.h"

namespace calando {
namespace {

using Done = Studio::Result<void>;

/// The studio, which several threads write to in turn.
struct Shared {
  Studio studio;
  std::vector<Student> students;
  std::mutex mutex;

  template <class What>
  auto alone(What what) {
    const std::lock_guard lock(mutex);
    return what(studio);
  }
};

/// With its figures and its small picture, so that the first screen has all weeks.
Done keepTake(Shared& shared, const Student& student, Take take, const Performance& played) {
  shared.alone([&](const Studio& studio) { studio.takes.name(take); });
  const auto snapshot =
      snapshotOf(trackTake(played.samples, played.rate_hz, contextFor(take.asked)), take.asked);
  const auto written =
      TakeTable::write(shared.studio.folder(), student, take, played.samples, played.rate_hz);
  if (!written) return tl::unexpected(written.error().why);
  const StoredSummary summary = summaryOf(*snapshot, smallPicture(*snapshot));
  return shared.alone([&](Studio& studio) { return studio.takes.enter(*written, summary); });
}

Done keepTakes(Shared& shared, std::size_t student) {
  Done all;
  playDemoTakes(shared.students, student, [&](const Take& take, const Performance& played) {
    if (all) all = keepTake(shared, shared.students[student], take, played);
  });
  return all;
}

/// What a player did without the program: four evenings with a book of duets.
Done keepPractice(Studio& studio, std::int64_t student) {
  const Day evening = std::chrono::local_days(std::chrono::year(2026) / 11 / 24);
  for (const int week : {0, 1, 2, 4}) {
    const Practice practice{0, student, evening - std::chrono::days(7 * week + 2), 20 + 5 * (week % 2),
                            "duets with a neighbour, by ear"};
    if (const auto kept = studio.plans.keepPractice(practice); !kept) return tl::unexpected(kept.error());
  }
  return {};
}

Done fill(Shared& shared) {
  for (const Student& invented : demoStudents()) {
    const auto student = shared.studio.students.add(invented.name, invented.instrument);
    if (!student) return tl::unexpected(student.error());
    shared.students.push_back(*student);
  }
  std::vector<std::future<Done>> playing;
  for (std::size_t s = 0; s < shared.students.size(); ++s)
    playing.push_back(std::async(std::launch::async, keepTakes, std::ref(shared), s));
  for (auto& takes : playing)
    if (const Done kept = takes.get(); !kept) return kept;
  Studio& studio = shared.studio;
  for (std::size_t s = 0; s < shared.students.size(); ++s)
    if (playsAtHome(s))
      if (const Done kept = keepPractice(studio, shared.students[s].id); !kept) return kept;
  if (const Done kept = fillDemoEars(studio, shared.students, kLastEvening_unix_s); !kept) return kept;
  if (const Done kept = fillDemoHomework(studio, studio.folder() / "homework"); !kept) return kept;
  // Nobody is asked to back up what goes when the program ends.
  return studio.settings.keep(settings::backedUp, static_cast<double>(studio.clock().now_unix_s()));
}

int make(const std::filesystem::path& folder) {
  std::filesystem::remove_all(folder);
  std::filesystem::create_directories(folder);
  auto studio = Studio::open(folder, demoClock());
  if (!studio) {
    std::fprintf(stderr, "make-demo: %s\n", english(studio.error().what).c_str());
    return 1;
  }
  Shared shared{std::move(*studio), {}, {}};
  if (const Done filled = fill(shared); !filled) {
    std::fprintf(stderr, "make-demo: %s\n", english(filled.error()).c_str());
    return 1;
  }
  return 0;
}

}  // namespace
}  // namespace calando

int main(int argc, char** argv) {
  qputenv("QT_QPA_PLATFORM", "offscreen");
  const QGuiApplication application(argc, argv);
  if (argc != 2) {
    std::fprintf(stderr, "make-demo: name the folder of the studio, which is made anew\n");
    return 2;
  }
  return calando::make(argv[1]);
}
