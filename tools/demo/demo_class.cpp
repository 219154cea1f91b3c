#include "demo/demo_class.h"

#include <cmath>

#include "core/exercise/context.h"
#include "core/exercise/pair_card.h"
#include "core/judging/advice.h"
#include "core/judging/discipline.h"
#include "core/library/cards.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"

namespace calando {

namespace {

struct DemoTake {
  const char* player;
  int weeksAgo;
  const char* exercise = "steady-tone";
  bool tried = false;  ///< what the take of kObserved before it asked for
  Seen seen = Seen::unsaid;
  std::size_t asks = 0;        ///< which try of kObserved it asks for
  const char* fingering = "";  ///< of a card of partials, or one that logs them
  Attention attention = Attention::unsaid;
  const char* with = "";  ///< who plays first, on the same microphone
  double seconds = 0.0;   ///< asked for instead of what the student is usually asked for
  int daysBefore = 0;     ///< the evening of that week
};
/// What is observed of the breaks that a buzz of this class has.
constexpr const char* kObserved = "comes-and-goes";
struct DemoStudent {
  const char* name;
  const char* instrument;
  const char* note;  // written
  double seconds;
  std::vector<DemoTake> takes;  // oldest first: faults come and go as people learn
  bool atHome = false;          // practises long tones between the evenings, too
};

/// Eight weeks of a long tone at home, three days a week: longer every other week, and steadier.
std::vector<DemoTake> longTonesAtHome() {
  constexpr int kWeeks = 8;
  constexpr double kSeconds[] = {4, 4, 5, 5, 7, 7, 8, 8};
  std::vector<DemoTake> takes;
  for (int week = 0; week < kWeeks; ++week)
    for (const int daysBefore : {5, 3, 1})
      for (int set = 0; set < (daysBefore == 1 ? 2 : 1); ++set) {
        // A longer one does not come at once.
        const bool fresh = week % 2 == 0 && daysBefore == 5;
        DemoTake take{fresh      ? "breaking"
                      : week < 3 ? "trembling"
                      : set == 1 ? "sagging"
                                 : "steady",
                      kWeeks - 1 - week};
        take.seconds = kSeconds[week];
        take.daysBefore = daysBefore;
        takes.push_back(take);
      }
  return takes;
}

/// An evening class of adults who play again after years, in a harbour town that is on no map.
const std::vector<DemoStudent> kEveningClass = {
    {"Alva Brekke",
     "trumpet-bb",
     "G4",
     8.0,
     {{"breaking", 4},
      {"short-of-air", 3},
      {"short-of-air", 2, "scale-4-4"},
      {"buzz-air-only", 5, "buzz-level"},
      {"buzz-lips-part", 4, "buzz-level", false, Seen::right},
      {"buzz-small-span", 4, "buzz-siren"},
      {"buzz-lips-part", 3, "buzz-level", true, Seen::right, 1},
      {"steady", 2, "buzz-siren"},
      {"sagging", 2},
      {"bends-loose", 3, "bend-return"},
      {"bends-above", 2, "bend-through"},
      {"slurs-dip", 1, "slur-three"},
      {"bends-above", 0, "bend-through"},
      {"buzz-stops", 1, "buzz-level", true},
      {"sagging", 1},
      {"buzz-lips-part", 0, "buzz-level", false, Seen::unsaid, 1},
      {"buzz-wide-span", 0, "buzz-siren"},
      {"steady", 0, "scale-4-4"},
      {"steady", 0}},
     true},
    {"Edda Lunde",
     "oboe",
     "A4",
     7.0,
     {{"scooping", 6}, {"scooping", 5}, {"trembling", 3}, {"flat-steady", 2, "home-three"}, {"vibrato", 0}}},
    {"Joon Tervel",
     "clarinet-bb",
     "G4",
     7.0,
     {{"tight-breath", 5, "in-4-out-4"},
      {"short-of-air", 5, "long-hiss"},
      {"breathy", 5},
      {"full-early", 4, "in-4-out-4"},
      {"breathy", 4},
      {"short-of-air", 3, "long-hiss"},
      {"full-early", 2, "in-4-out-4"},
      {"flat-steady", 2},
      {"steady", 1, "in-4-out-4"},
      {"steady", 1, "long-hiss"},
      {"breathy", 1, "swell"},
      {"long-breath", 0, "long-hiss"},
      {"slurs-uneven", 4, "widening", false, Seen::unsaid, 0, "", Attention::count},
      {"slurs-uneven", 3, "widening", false, Seen::unsaid, 0, "", Attention::count},
      {"slurs-uneven", 2, "widening", false, Seen::unsaid, 0, "", Attention::count},
      {"steady", 2, "widening", false, Seen::unsaid, 0, "", Attention::sound},
      {"steady", 1, "widening", false, Seen::unsaid, 0, "", Attention::sound},
      {"steady", 0, "widening", false, Seen::unsaid, 0, "", Attention::sound},
      {"scooping", 0}}},
    {"Karla Weit",
     "trombone",
     "Bb2",
     7.0,
     {{"short-of-air", 7},
      {"hurried-breath", 6, "climb"},
      {"sagging", 5},
      {"leaking", 4, "in-3-hold-3-out-3"},
      {"buzz-spread", 4, "buzz-level"},
      {"buzz-stops", 3, "buzz-level"},
      {"slipping", 3},
      {"steady", 2},
      {"buzz-small-span", 2, "buzz-fall"},
      {"steady", 1, "climb"},
      {"steady", 1, "buzz-fall"},
      {"slurs-dip", 2, "swing-partials"},
      {"steady", 0, "stairs-4", false, Seen::unsaid, 0, "slide3"},
      {"buzz-wavers", 0, "buzz-level"},
      {"steady", 0, "pulses-2"}}},
    {"Mirea Stolt",
     "flute",
     "B4",
     6.0,
     {{"trembling", 4},
      {"breathy", 3},
      {"stays-off", 3, "unison"},
      {"vibrato", 2},
      {"stays-off", 2, "unison"},
      {"finds-it", 1, "unison"},
      {"stays-off", 1, "take-turns"},
      {"steady", 1, "swell"},
      {"steady", 0, "scale-together"},
      {"finds-it", 0, "unison", false, Seen::unsaid, 0, "", Attention::unsaid, "Edda Lunde"},
      {"finds-it", 0, "unison"},
      {"vibrato", 0}}},
    {"Piet Marsk",
     "alto-sax",
     "G4",
     8.0,
     {{"flat-steady", 5},
      {"buzz-late", 4, "buzz-instant"},
      {"breathy", 4},
      {"buzz-crackles", 3, "buzz-level"},
      {"scooping", 2, "home-three"},
      {"steady", 1, "buzz-instant"},
      {"sagging", 1},
      {"overtone-under", 3, "overtones"},
      {"overtone-under", 1, "overtone-set"},
      {"breathy", 1, "fingering-search", false, Seen::unsaid, 0, "front F, side B♭"},
      {"scooping", 1, "fingering-search", false, Seen::unsaid, 0, "octave, 1 3"},
      {"steady", 0, "fingering-search", false, Seen::unsaid, 0, "octave, 1 3"},
      {"steady", 0, "overtones"},
      {"steady", 0}}},
    {"Rune Solmark",
     "horn-f",
     "C4",
     6.0,
     {{"slipping", 8},
      {"breaking", 6},
      {"slips-on-stairs", 5, "stairs-3"},
      {"slipping", 4},
      {"slurs-dip", 3, "stairs-4"},
      {"scooping", 2},
      {"steady", 1, "stairs-4", false, Seen::unsaid, 0, "12"},
      {"high-only-loud", 5, "chromatic-up"},
      {"high-only-loud", 1, "scale-8-8"},
      {"steady", 0, "soft-reach"},
      {"slips-on-stairs", 0, "stairs-5"},
      {"steady", 0, "model-note"}}},
    {"Tomas Ukele",
     "tuba-bb",
     "Bb1",
     6.0,
     {{"slipping", 4}, {"short-of-air", 3}, {"scooping", 1}, {"steady", 0}}},
};

const std::vector<AdviceCard::Try>& triesOf(std::string_view observation) {
  return std::ranges::find(adviceCards(), observation, &AdviceCard::id)->tries;
}

constexpr std::int64_t kDay_s = 86400;

/// All of a student's, oldest first but for those at home.
std::vector<DemoTake> takesOf(const DemoStudent& student) {
  std::vector<DemoTake> takes = student.takes;
  if (student.atHome) std::ranges::copy(longTonesAtHome(), std::back_inserter(takes));
  return takes;
}

/// Those of the students before: each has a moment and a seed of its own, whoever is made first.
struct Before {
  std::size_t takes = 0;
  std::uint32_t performances = 0;
};
Before before(std::size_t student) {
  Before before;
  for (std::size_t s = 0; s < student; ++s)
    for (const DemoTake& take : takesOf(kEveningClass[s])) {
      ++before.takes;
      before.performances += *take.with != 0 ? 2 : 1;
    }
  return before;
}

}  // namespace

void ofSixteenBits(std::vector<float>& samples) {
  constexpr float kSteps = 32768.0f;
  for (float& sample : samples) sample = std::round(sample * kSteps) / kSteps;
}

std::vector<Student> demoStudents() {
  std::vector<Student> list;
  for (const DemoStudent& s : kEveningClass) list.push_back({0, s.name, s.instrument, {}});
  return list;
}

bool playsAtHome(std::size_t student) { return kEveningClass.at(student).atHome; }

void playDemoTakes(const std::vector<Student>& students, std::size_t student,
                   const std::function<void(const Take&, Performance)>& made) {
  const DemoStudent& s = kEveningClass.at(student);
  const Before others = before(student);
  std::size_t done = others.takes;
  std::uint32_t seed = 100 + others.performances;
  Take take;
  take.student = students.at(student).id;
  take.asked.instrument = s.instrument;
  std::map<std::string, double> widest;      // by card, semitones
  std::map<std::string, std::size_t> asked;  // by card, which try
  for (const DemoTake& t : takesOf(s)) {
    const Player& player = *findPlayer(t.player);
    take.asked.exercise = t.exercise;
    take.asked.seconds = t.seconds > 0.0 ? t.seconds : s.seconds;
    take.seen = t.seen;
    take.tried = t.tried ? triesOf(kObserved).at(asked[t.exercise]).says : std::string();
    asked[t.exercise] = t.asks;
    take.asked.nextTries = {{kObserved, t.asks}};
    // On the small part whatever comes.
    const bool roams = disciplineOf(*findExercise(t.exercise)).roams;
    take.asked.note = roams ? std::nullopt : std::optional(*parseNote(s.note));
    take.asked.fingering = t.fingering;
    take.asked.place = 1;
    take.attention = t.attention;
    take.asked.start_s.reset();
    const auto before = widest.find(t.exercise);
    take.asked.spanBefore = before == widest.end() ? std::nullopt : std::optional(before->second);
    take.asked.accompaniment.partner.reset();
    const Context context = contextFor(take.asked);
    const CueSheet sheet = unroll(context);
    const bool two = *t.with != 0;
    if (!two && accompanimentOf(*context.exercise) == AccompanimentKind::partner)
      take.asked.accompaniment.partner = partnerFor(sheet, context);
    const Context played = contextFor(take.asked);
    Performance performance = perform(player, unroll(played), played, ++seed);
    take.other = two ? std::ranges::find(students, t.with, &Student::name)->id : 0;
    if (two) {
      const Performance first = performFirst(players().front(), sheet, context, ++seed);
      const std::size_t both = std::min(first.samples.size(), performance.samples.size());
      for (std::size_t n = 0; n < both; ++n) performance.samples[n] += first.samples[n];
    }
    ofSixteenBits(performance.samples);
    for (const Tone& tone : performance.truth.tones)
      if (tone.range) widest[t.exercise] = std::max(widest[t.exercise], tone.range->semitones());
    if (sheet.counted()) take.asked.start_s = performance.truth.cues.front().start_s;
    take.made_unix_s = kLastEvening_unix_s - (7 * t.weeksAgo + t.daysBefore) * kDay_s +
                       static_cast<std::int64_t>(done++) * 120;
    take.source = "stand-in: " + player.name;
    take.recording =
        t.daysBefore == 0 ? newFileStem(take.made_unix_s) + ".wav" : std::string();  // in a lesson
    made(take, std::move(performance));
  }
}

}  // namespace calando
