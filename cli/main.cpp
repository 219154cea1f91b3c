// The command line, to the contract in docs/cli.md.
#include <CLI/CLI.hpp>
#include <charconv>
#include <cmath>
#include <csignal>
#include <cstdio>
#include <sstream>

#include "audio/sound_file.h"
#include "cli/failure.h"
#include "cli/inputs.h"
#include "cli/lists.h"
#include "cli/mark.h"
#include "cli/output.h"
#include "cli/pair_options.h"
#include "cli/reckon.h"
#include "core/base/bounded_json.h"
#include "core/base/json_text.h"
#include "core/base/plain_text.h"
#include "core/contract/analysis_json.h"
#include "core/engine/analysis.h"
#include "core/exercise/cue_sheet.h"
#include "core/judging/history.h"
#include "core/judging/judging.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/signal/tracker.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"
#include "core/theory/instrument.h"

namespace calando {
namespace {

struct AnalyseOptions {
  std::string file, instrument, note, fingering, temperament = "equal", tonic, exercise = "steady-tone",
                                                 level = "growing", channel = "mix", tracks, against, lowest,
                                                 highest, part;
  double a4_hz = 440.0;
  std::optional<double> target_hz, tempo, start_s, drone_hz, fork_hz, room_c, keyedFrom_s, keyedTo_s;
  bool click = false, swell = false;
  PairOptions pair;
};

std::optional<PartPlayed> partOf(const std::string& name) {
  if (name.empty()) return std::nullopt;
  const auto part = partNamed(name);
  if (!part) refuse("--part is whole, mouthpiece, lips or mouthpiece-neck");
  return part;
}

Reference referenceOf(const AnalyseOptions& o) {
  Reference reference{o.a4_hz, o.temperament == "just", 0};
  if (o.temperament != "just" && o.temperament != "equal") refuse("--temperament is equal or just");
  if (reference.just) {
    const auto tonic = parsePitchClass(o.tonic);
    if (!tonic) refuse("just intonation needs --tonic with a note name such as Bb");
    reference.tonic = *tonic;
  } else if (!o.tonic.empty()) {
    refuse("--tonic goes with --temperament just");
  }
  return reference;
}

std::vector<int> notesOf(const std::string& list, const Instrument* instrument) {
  std::vector<int> notes;
  std::stringstream stream(list);
  for (std::string name; std::getline(stream, name, ',');) {
    const auto note = parseNote(name);
    if (!note) refuse("note \"" + printable(name) + "\" is none; write it like Bb4 or F#3");
    const int sounding = instrument ? instrument->soundingOf(*note) : *note;
    const double hz = frequencyOf(sounding, {});
    if (hz < 26.0 || hz > 4500.0)
      refuse("note \"" + printable(name) + "\" sounds outside of 27 to 4300 Hz and cannot be measured");
    notes.push_back(*note);
  }
  return notes;
}

TubeSetting fingeringNamed(const std::string& name, const Instrument* instrument) {
  auto fingering = settingNamed(name, instrument);
  if (!fingering) refuse(printable(english(fingering.error())));
  return *fingering;
}

Context contextOf(const AnalyseOptions& o) {
  Context context;
  context.reference = referenceOf(o);
  context.instrument = instrumentOf(o.instrument);
  context.asked = notesOf(o.note, context.instrument);
  if (o.target_hz && !context.asked.empty()) refuse("give --note or --target-hz, not both");
  context.target_hz = o.target_hz;
  if (!o.fingering.empty()) context.fingering = fingeringNamed(o.fingering, context.instrument);
  const auto end = [&](const std::string& name) {
    const auto notes = notesOf(name, context.instrument);
    return notes.empty() ? std::nullopt : std::optional(notes.front());
  };
  context.range = {end(o.lowest), end(o.highest)};
  if (context.range.lowest && !context.range.holds(*context.range.lowest))
    refuse("--lowest lies above --highest; exchange them");
  context.exercise = exerciseOf(o.exercise);
  context.part = partOf(o.part);
  context.tempo_bpm = o.tempo;
  context.start_s = o.start_s;
  context.room_c = o.room_c;
  if (o.keyedFrom_s) {
    if (*o.keyedTo_s <= *o.keyedFrom_s) refuse("--keyed-to comes after --keyed-from");
    context.key = KeyTimes{*o.keyedFrom_s, *o.keyedTo_s};
  }
  context.accompaniment = {o.click, o.fork_hz, o.drone_hz, o.swell};
  context.level = levelOf(o.level);
  return context;
}

[[noreturn]] void cannotWrite(const std::string& path, const WriteError& error) {
  throw Failure{otherFailure, printable(path) + ": cannot be written: " + english(error.why)};
}

void writeText(const std::string& path, const std::string& text) {
  if (const auto written = writeWhole(path, Access::umask, text); !written)
    cannotWrite(path, written.error());
}

/// The one that the second is held against.
PairAsked pairWithPartner(const AnalyseOptions& o) {
  PairAsked asked = pairOf(o.pair, o.temperament == "just");
  const bool apart = !o.pair.channels.empty();
  if (!apart && o.pair.partner.empty()) return asked;
  const TrackedSound partner =
      trackFile(apart ? o.file : o.pair.partner, apart ? channelsOf(o.pair).first : "mix", {});
  asked.partner = std::make_shared<const Tracks>(partner.tracks);
  return asked;
}

void analyseFile(const AnalyseOptions& o) {
  Context context = contextOf(o);
  for (const std::string& read : {o.file, o.against, o.pair.partner})
    if (!o.tracks.empty() && !read.empty() && sameFile(o.tracks, read))
      refuse("--tracks would be written over " + printable(read) + ", which is read; name another file");
  if (!o.against.empty()) {
    context.against = rivalOf(analyse(trackFile(o.against, "mix", {}).tracks, context));
    if (!context.against) refuse(printable(o.against) + ": has no tone to hold the take against");
  }
  if (o.pair.given()) context.pair = pairWithPartner(o);
  const std::string channel = o.pair.channels.empty() ? o.channel : channelsOf(o.pair).second;
  const auto [info, tracks] = trackFile(o.file, channel, context);
  const Analysis analysis = analyse(tracks, context);
  if (!o.tracks.empty()) writeText(o.tracks, tracksCsv(tracks, analysis));
  const SourceInfo source{o.file, info.rate_hz, info.channels,
                          info.taken ? std::to_string(*info.taken) : "mix"};
  print(jsonText(toJson(analysis, source, context), 2) + "\n");
}

constexpr double kLongestPlayed_s = 3600.0;
constexpr double kLongestTake_s = 6 * 3600.0;

struct StandInOptions {
  std::string exercise = "steady-tone", player = "steady", instrument = "trumpet-bb", note, out, truth, part;
  std::uint32_t seed = 1;
  double seconds = 8.0;
  std::optional<double> tempo;
};

void playStandIn(const StandInOptions& o) {
  Context context;
  context.exercise = exerciseOf(o.exercise);
  context.instrument = instrumentOf(o.instrument);
  const Player* player = findPlayer(o.player);
  if (!player) refuse("player \"" + printable(o.player) + "\" is unknown; calando-cli players lists them");
  context.part = partOf(o.part);
  context.asked = notesOf(o.note, context.instrument);
  context.askedSeconds = o.seconds;
  context.tempo_bpm = o.tempo;
  if (!o.truth.empty() && sameFile(o.out, o.truth)) refuse("--out and --truth are one file; name two");
  const CueSheet sheet = unroll(context);
  if (sheet.length_s() > kLongestPlayed_s)
    refuse("the exercise lasts longer than an hour at this tempo; shorten the card or play it faster");
  const Performance performance = perform(*player, sheet, context, o.seed);
  const auto written = writeSound(o.out, performance.samples, performance.rate_hz, SoundFormat::wav24);
  if (!written) cannotWrite(o.out, written.error());
  if (!o.truth.empty())
    writeText(o.truth,
              jsonText(toJson(performance.truth, {o.out, performance.rate_hz, 1, "mix"}, context), 2) + "\n");
}

/// A finite number in a range, ends included.
CLI::Validator between(double low, double high) {
  const std::string range = "must be a number from " + shortest(low, 6) + " to " + shortest(high, 6);
  return CLI::Validator(
      [low, high, says = range](std::string& text) {
        double value = 0.0;
        const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
        const bool number = error == std::errc{} && end == text.data() + text.size();
        return number && value >= low && value <= high ? std::string()
                                                       : says + ", not " + printable(text, 40);
      },
      "NUMBER");
}

/// A text that is left out rather than given empty.
CLI::Validator notEmpty(const std::string& remedy) {
  return CLI::Validator(
      [remedy](std::string& text) { return text.empty() ? "is empty; " + remedy : std::string(); }, "TEXT");
}

const auto aNote = notEmpty("write a note like Bb4, or leave the option out");
const auto anId = notEmpty("name one, or leave the option out");
const auto aFile = notEmpty("name a file");
const auto aPitch = between(20.0, 5000.0), aTuning = between(380.0, 500.0), aTempo = between(20.0, 400.0);

CLI::App* addAnalyse(CLI::App& app, AnalyseOptions& a) {
  auto* analyse = app.add_subcommand("analyse", "Measure a sound file");
  analyse->add_option("file", a.file, "The sound file")->required()->check(aFile);
  analyse->add_option("--instrument", a.instrument, "Whose notes are meant: an id of `instruments`")
      ->check(anId);
  analyse->add_option("--note", a.note, "Written note asked for; several with commas")->check(aNote);
  analyse->add_option("--lowest", a.lowest, "The player's lowest written note: exercises make none below it")
      ->check(aNote);
  analyse->add_option("--highest", a.highest, "The player's highest written note")->check(aNote);
  analyse->add_option("--part", a.part, "What of the instrument is played")->check(anId);
  analyse->add_option("--target-hz", a.target_hz, "The pitch asked for, in hertz, instead of a note")
      ->check(aPitch);
  analyse
      ->add_option("--fingering", a.fingering,
                   "Valves, slide position or low note in use, as `series` lists them")
      ->check(anId);
  analyse->add_option("--a4", a.a4_hz, "What A4 is tuned to, in hertz")->check(aTuning);
  analyse->add_option("--temperament", a.temperament, "How the notes are tuned: equal or just");
  analyse->add_option("--tonic", a.tonic, "The note that a just temperament is pure over: C, F#, Bb …");
  analyse->add_option("--exercise", a.exercise,
                      "What was to be played: an id of `exercises`, or a file of one");
  analyse->add_option("--against", a.against, "Another sound file, whose tone this one is compared with")
      ->check(aFile);
  analyse->add_option("--drone-hz", a.drone_hz, "A drone sounded along, at this pitch")->check(aPitch);
  analyse->add_flag("--click", a.click, "A click was heard along: it is taken out");
  analyse->add_option("--fork-hz", a.fork_hz, "A fork sounded with the click, at this pitch")
      ->needs("--click")
      ->check(aPitch);
  analyse->add_flag("--swell", a.swell, "A swell sounded along, for breathing");
  analyse->add_option("--level", a.level, "How narrow the targets are: starting, growing, fluent");
  analyse->add_option("--tempo", a.tempo, "Beats a minute, instead of the exercise's own")->check(aTempo);
  analyse->add_option("--start", a.start_s, "When the first beat was, in seconds into the file")
      ->check(between(0.0, kLongestTake_s));
  analyse->add_option("--room-c", a.room_c, "How warm the room was, degrees Celsius")
      ->check(between(-30.0, 60.0));
  auto* keyedFrom = analyse
                        ->add_option("--keyed-from", a.keyedFrom_s,
                                     "When the hand let go of the sheet, in seconds into the file")
                        ->check(between(0.0, kLongestTake_s));
  auto* keyedTo =
      analyse->add_option("--keyed-to", a.keyedTo_s, "When the sheet slid, in seconds into the file")
          ->check(between(0.0, kLongestTake_s));
  keyedFrom->needs(keyedTo);
  keyedTo->needs(keyedFrom);
  analyse->add_option("--channel", a.channel, "A number from 1, or mix");
  addPair(*analyse, a.pair, aFile, aPitch);
  analyse->add_option("--tracks", a.tracks, "Also write the time series there, as CSV")->check(aFile);
  return analyse;
}

struct ReckonWith {
  ReckonOptions what;
  std::string instrument, note, fingering;
  Givens givens;
};

CLI::App* addReckon(CLI::App& app, ReckonWith& r) {
  auto* reckon = app.add_subcommand("reckon", "The arithmetic of the trade; alone: lists its lines");
  reckon->add_option("line", r.what.line, "Which line; without one all are listed");
  reckon->add_option("value", r.what.value, "Of the left side");
  reckon->add_flag("--back", r.what.back, "The value is of the right side");
  reckon->add_option("--tempo", r.givens.tempo_bpm, "Beats a minute")->check(aTempo);
  reckon->add_option("--a4", r.givens.reference.a4_hz, "What A4 is tuned to, in hertz")->check(aTuning);
  reckon->add_option("--instrument", r.instrument, "An id of `instruments`")->check(anId);
  reckon->add_option("--note", r.note, "Written, where a line needs one")->check(aNote);
  reckon->add_option("--fingering", r.fingering, "Valves, slide position or low note in use")->check(anId);
  reckon->add_option("--bar", r.givens.bar_beats, "Beats in a bar")->check(CLI::Range(1.0, 32.0));
  reckon->add_option("--air-c", r.givens.air_c, "Of the air in the tube, degrees Celsius")
      ->check(between(-20.0, 45.0));
  reckon->add_flag("--json", r.what.asJson, "As JSON");
  return reckon;
}

void reckonWith(ReckonWith& r) {
  r.givens.instrument = instrumentOf(r.instrument);
  if (!r.note.empty()) r.givens.note = r.givens.soundingOf(notesOf(r.note, r.givens.instrument).front());
  if (!r.fingering.empty()) r.givens.fingering = fingeringNamed(r.fingering, r.givens.instrument);
  reckon(r.what, r.givens);
}

CLI::App* addStandIn(CLI::App& app, StandInOptions& s) {
  auto* standIn = app.add_subcommand("stand-in", "Let the simulated player play into a WAV file");
  standIn->add_option("--exercise", s.exercise, "What is played: an id of `exercises`, or a file of one")
      ->required();
  standIn->add_option("--player", s.player, "Who plays it: an id of `players`")->required();
  standIn->add_option("--instrument", s.instrument, "On what: an id of `instruments`");
  standIn->add_option("--part", s.part, "What of the instrument is played")->check(anId);
  standIn->add_option("--note", s.note, "Written note")->check(aNote);
  standIn->add_option("--seconds", s.seconds, "Of an open cue")->check(between(1.0, 120.0));
  standIn->add_option("--tempo", s.tempo, "Beats a minute")->check(aTempo);
  standIn->add_option("--seed", s.seed, "Another number is another take of the same player")
      ->check(between(0.0, 4294967295.0));
  standIn->add_option("--out", s.out, "The sound file that is written")->required()->check(aFile);
  standIn->add_option("--truth", s.truth, "Also write what was played, as JSON")->check(aFile);
  return standIn;
}

int run(int argc, char** argv) {
  CLI::App app{"Measures wind tones and prints what it found as JSON."};
  app.set_version_flag("--version", "calando-cli " + engineVersion());
  app.require_subcommand(1);
  AnalyseOptions a;
  StandInOptions s;
  ReckonWith r;
  MarkOptions m;
  const CLI::App *analyse = addAnalyse(app, a), *standIn = addStandIn(app, s), *reckoning = addReckon(app, r),
                 *marking = addMark(app, m, aFile, anId, aTuning);
  bool asJson = false;
  std::string seriesInstrument, seriesFingering;
  double seriesA4 = 440.0;
  auto* instrumentList = app.add_subcommand("instruments", "List the instruments");
  auto* exerciseList = app.add_subcommand("exercises", "List the exercises");
  auto* playerList = app.add_subcommand("players", "List the simulated players");
  auto* series =
      app.add_subcommand("series", "The natural series of a fingering, or of all of an instrument");
  for (auto* sub : {instrumentList, exerciseList, playerList, series})
    sub->add_flag("--json", asJson, "As JSON");
  series->add_option("--instrument", seriesInstrument, "An id of `instruments`");
  series->add_option("--fingering", seriesFingering, "Valves, slide position or low note")->check(anId);
  series->add_option("--a4", seriesA4, "What A4 is tuned to, in hertz")->check(aTuning);

  try {
    app.parse(argc, argv);
  } catch (const CLI::Success& e) {  // --help, --version
    std::ostringstream text;
    const int code = app.exit(e, text, text);
    print(text.str());
    return code;
  } catch (const CLI::ParseError& e) {
    refuse(printable(e.what()) + "; calando-cli --help shows the usage");
  }
  if (*analyse) analyseFile(a);
  if (*standIn) playStandIn(s);
  if (*reckoning) reckonWith(r);
  if (*marking && !markFiles(m)) return unreadableFile;
  if (*instrumentList) listInstruments(asJson);
  if (*exerciseList) listExercises(asJson);
  if (*playerList) listPlayers(asJson);
  if (*series) printSeries(instrumentOf(seriesInstrument), seriesFingering, seriesA4, asJson);
  return measured;
}

}  // namespace
}  // namespace calando

int main(int argc, char** argv) {
  std::signal(SIGPIPE, SIG_IGN);  // a reader that is gone is an error like others
  calando::holdStandardStreams();
  try {
    return calando::run(argc, argv);
  } catch (const calando::Failure& failure) {
    calando::complain(failure.what);
    return failure.code;
  } catch (const calando::OutputLost& lost) {
    calando::complain(lost.what());
    return calando::otherFailure;
  } catch (const std::exception& e) {
    calando::complain(std::string(e.what()) + "; please report this");
    return calando::otherFailure;
  }
}
