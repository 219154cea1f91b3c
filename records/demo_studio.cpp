#include "records/demo_studio.h"

#include "core/standin/player.h"

namespace calando {

namespace {

struct DemoTake {
  const char* player;
  int daysAgo;
};
struct DemoStudent {
  const char* name;
  const char* instrument;
  const char* note;  // written
  double seconds;
  std::vector<DemoTake> takes;  // oldest first: faults come and go as people learn
};

const std::vector<DemoStudent>& eveningClass() {
  static const std::vector<DemoStudent> list = {
      {"Alva Brekke",
       "trumpet-bb",
       "G4",
       8.0,
       {{"breaking", 28}, {"short-of-air", 21}, {"sagging", 14}, {"sagging", 7}, {"steady", 0}}},
      {"Joon Terfel",
       "clarinet-bb",
       "G4",
       7.0,
       {{"breathy", 27}, {"breathy", 20}, {"flat-steady", 13}, {"scooping", 6}}},
      {"Mirea Stolt",
       "flute",
       "B4",
       6.0,
       {{"trembling", 26}, {"breathy", 19}, {"vibrato", 12}, {"vibrato", 5}}},
      {"Tomas Ukele",
       "tuba-bb",
       "Bb1",
       6.0,
       {{"slipping", 25}, {"short-of-air", 18}, {"scooping", 11}, {"steady", 4}}},
  };
  return list;
}

constexpr std::int64_t kDay_s = 86400;
/// The evening of the class' last lesson: Tuesday 24 November 2026, 19:00 UTC. Fixed, so that every run is
/// alike.
constexpr std::int64_t kLastEvening_unix_s = 1795546800;

}  // namespace

Studio::Result<void> fillDemoStudio(Studio& studio, const std::function<void(double)>& progress) {
  std::size_t total = 0;
  for (const DemoStudent& s : eveningClass()) total += s.takes.size();
  std::size_t done = 0;
  std::uint32_t seed = 100;
  for (const DemoStudent& s : eveningClass()) {
    const auto student = studio.addStudent(s.name, s.instrument);
    if (!student) return tl::unexpected(student.error());
    const Instrument& instrument = *findInstrument(s.instrument);
    Take take;
    take.student = student->id;
    take.asked.instrument = s.instrument;
    take.asked.note = parseNote(s.note);
    take.asked.seconds = s.seconds;
    for (const DemoTake& t : s.takes) {
      const Player& player = *findPlayer(t.player);
      const Part part{&instrument, instrument.soundingOf(*take.asked.note), s.seconds, {}};
      const Performance performance = perform(player, part, ++seed);
      take.made_unix_s = kLastEvening_unix_s - t.daysAgo * kDay_s + static_cast<std::int64_t>(done) * 240;
      take.source = "stand-in: " + player.name;
      const auto kept = studio.addTake(take, performance.samples, performance.rate_hz);
      if (!kept) return tl::unexpected(kept.error());
      progress(static_cast<double>(++done) / static_cast<double>(total));
    }
  }
  return {};
}

}  // namespace calando
