// Homework played by sampled instruments, with spoken words in between. Run by scripts/sampled.
#include "support/homework.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdlib>
#include <filesystem>

#include "audio/sound_file.h"
#include "core/homework/marking.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "sampled/bank.h"
#include "support/dice.h"
#include "support/marked.h"

namespace {

using namespace calando;
using sounds::Dice;
using sounds::Program;

constexpr double kRate_hz = 48000.0;
constexpr Program kPlayers[] = {
    {"flute", 73, 62, 84},   {"oboe", 68, 60, 80},      {"clarinet", 71, 52, 78}, {"alto sax", 65, 52, 74},
    {"trumpet", 56, 56, 76}, {"horn", 60, 46, 68},      {"trombone", 57, 44, 64}, {"tuba", 58, 32, 50},
    {"bassoon", 70, 38, 58}, {"tenor sax", 66, 46, 68}, {"recorder", 74, 72, 90}, {"euphonium", 58, 38, 56}};
constexpr const char* kCards[] = {"tone-5",         "tone-10",          "scale-4-4",
                                  "chromatic-down", "home-three",       "home-scale",
                                  "stairs-4",       "swing-neighbours", "pairs-in-scale"};
constexpr const char* kWords[] = {"Now the long tones, four beats on and four beats off.",
                                  "Sorry, once more please.",
                                  "That was the scale, and next come the slow slurs.",
                                  "Hello, this is for Monday.",
                                  "Hm, I do not know whether that was right.",
                                  "One, two, three, four.",
                                  "Jetzt kommen die langen Noten, acht Schläge lang."};
constexpr const char* kVoices[] = {"en", "en-us", "de", "en+f3", "en+m3", "en+f5", "de+f2", "en-gb-scotland"};

/// At 48 kHz.
std::vector<float> spoken(Dice& dice) {
  const std::string file = (std::filesystem::temp_directory_path() / "calando-spoken.wav").string();
  const std::string command = std::string("espeak-ng -v ") + kVoices[dice.whole(0, 7)] + " -s " +
                              std::to_string(dice.whole(120, 190)) + " -p " +
                              std::to_string(dice.whole(20, 80)) + " -w " + file + " \"" +
                              kWords[dice.whole(0, 6)] + "\" 2>/dev/null";
  EXPECT_EQ(std::system(command.c_str()), 0) << command;
  const auto sound = readWholeSound(file);
  std::filesystem::remove(file);
  if (!sound) return {};
  std::vector<float> words;
  const double step = sound->info.rate_hz / kRate_hz, gain = std::pow(10.0, dice(-14.0, -4.0) / 20.0);
  for (double at = 0.0; at + 1.0 < static_cast<double>(sound->samples.size()); at += step) {
    const auto i = static_cast<std::size_t>(at);
    words.push_back(static_cast<float>(
        gain * std::lerp(sound->samples[i], sound->samples[i + 1], static_cast<float>(at - std::floor(at)))));
  }
  return words;
}

void play(Dice& dice, sounds::Homework& sent, const Program& program, const HomeworkItem& item, int index,
          bool breaksOff, double stretch, sounds::Wanted& wanted) {
  const CueSheet sheet = unroll(contextOf(item, {}));
  std::vector<sounds::Played> notes;
  for (const SheetCue& cue : sheet.cues)
    if (isSounding(cue.kind))
      notes.push_back({*cue.note, 0.1 + stretch * cue.start_s + dice(-0.04, 0.04) + 0.04,
                       stretch * cue.length_s * dice(0.9, 0.97)});
  for (std::size_t n = 0; n + 1 < notes.size(); ++n)
    notes[n].length_s = std::min(notes[n].length_s, notes[n + 1].start_s - notes[n].start_s - 0.01);
  if (breaksOff && notes.size() > 2)
    notes.resize(static_cast<std::size_t>(dice.whole(1, static_cast<int>(notes.size()) - 1)));
  else
    breaksOff = false;
  auto sound = sounds::render(program, notes, dice.whole(60, 110)).samples;
  for (float& x : sound) x *= 0.5f;
  const double over_s = notes.back().start_s + notes.back().length_s;
  sound.resize(std::min(sound.size(), static_cast<std::size_t>((over_s + 0.6) * kRate_hz)));
  sent.put(index, sound, notes.size(), notes.front().start_s, over_s);
  wanted.add(sent.pieces().back(), breaksOff);
  sent.pause(dice(1.0, 3.0));
}

TEST(SampledHomework, IsCutAndMarked) {
  const unsigned recordings = sounds::howMany(24), first = sounds::firstSeed(7000);
  sounds::Score score;
  for (unsigned round = 0; round < recordings; ++round) {
    const unsigned seed = first + round;
    Dice dice(seed);
    const Program& program = kPlayers[dice.whole(0, static_cast<int>(std::size(kPlayers)) - 1)];
    HomeworkList list;
    std::vector<int> cards;
    while (cards.size() < static_cast<std::size_t>(3 + round % 4)) {
      const int card = dice.whole(0, static_cast<int>(std::size(kCards)) - 1);
      if (std::ranges::find(cards, card) == cards.end()) cards.push_back(card);
    }
    for (const int card : cards)
      list.items.push_back({findExercise(kCards[card]), dice.whole(program.lowest + 6, program.highest - 9)});
    std::vector<sounds::Wanted> wanted(list.items.size());
    sounds::Homework sent(round + 400);
    sent.pause(1.0);
    const double drift = dice(0.88, 1.13);
    for (std::size_t i = 0; i < list.items.size(); ++i) {
      if (dice.chance(0.15)) continue;
      if (dice.chance(0.6)) {
        sent.say(spoken(dice));
        sent.pause(dice(0.7, 1.5));
      }
      if (dice.chance(0.3))
        play(dice, sent, program, list.items[i], static_cast<int>(i), true, drift, wanted[i]);
      play(dice, sent, program, list.items[i], static_cast<int>(i), dice.chance(0.1),
           drift * dice(0.98, 1.02), wanted[i]);
    }
    const auto samples = sent.heardBy(
        {dice(0.2, 0.9), dice(-26.0, -14.0), dice.chance(0.7), dice.chance(0.6), dice(-70.0, -58.0)});
    Context player;
    player.level = findLevel("growing");
    score.add(mark(list, sounds::asSent(samples), player), list, wanted, sent.pieces(), seed);
  }
  score.expect(0.95);
}

}  // namespace
