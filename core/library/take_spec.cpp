#include "core/library/take_spec.h"

#include "core/base/bounded_json.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/figure.h"
#include "core/judging/advice.h"
#include "core/judging/level.h"
#include "core/library/cards.h"

namespace calando {

namespace {

constexpr std::size_t kLongestId = 200;  // bytes
constexpr int kHighestNote = 140;        // written
constexpr double kLongest_s = 6 * 3600.0;
constexpr int kMostTries = 100;
constexpr int kMostPlaces = 1'000'000;
constexpr double kWidest_semitones = 120.0;
constexpr std::size_t kMostPartnerNotes = 1000;
constexpr std::size_t kLongestCourse = 20'000;

template <class Number>
nlohmann::json orNull(const std::optional<Number>& x) {
  return x ? nlohmann::json(*x) : nlohmann::json(nullptr);
}

std::optional<ComparisonTake> rivalFrom(Fields& fields) {
  const nlohmann::json against = fields.object("against");
  if (against.empty()) return std::nullopt;
  Fields of(against);
  return ComparisonTake{of.number("held_s", 0.0, kLongest_s).value_or(0.0),
                        of.number("wander_cents", 0.0, 1200.0)};
}

std::optional<KeyTimes> keyFrom(Fields& fields) {
  const nlohmann::json key = fields.object("key");
  if (key.empty()) return std::nullopt;
  Fields of(key);
  const auto from = of.number("from_s", 0.0, kLongest_s), to = of.number("to_s", 0.0, kLongest_s);
  return from && to && *from < *to ? std::optional(KeyTimes{*from, *to}) : std::nullopt;
}

std::optional<PartnerVoice> partnerFrom(Fields& fields) {
  const nlohmann::json partner = fields.object("partner");
  if (partner.empty()) return std::nullopt;
  Fields of(partner);
  const auto hz = of.number("hz", 10.0, 10000.0);
  const double drift = of.number("drift_cents", -100.0, 100.0).value_or(0.0);
  if (!hz) return std::nullopt;
  PartnerVoice voice{*hz, drift, of.flag("fades").value_or(false)};
  if (const auto manner = of.text("manner", kLongestId))
    voice.manner = valueIn(kManners, *manner).value_or(voice.manner);
  const auto notes = of.numbers("notes", 0, 3 * kMostPartnerNotes, -kLongest_s, kLongest_s);
  for (std::size_t i = 0; notes && i + 2 < notes->size(); i += 3)
    voice.notes.push_back({(*notes)[i], (*notes)[i + 1], (*notes)[i + 2]});
  if (auto course = of.numbers("course_cents", 0, kLongestCourse, -1200.0, 1200.0))
    voice.course_cents = std::move(*course);
  return voice;
}

std::optional<OpenBreath> openFrom(Fields& fields) {
  const nlohmann::json open = fields.object("open");
  if (open.empty()) return std::nullopt;
  Fields of(open);
  const auto profile = of.numbers("profile_db", kAirBands, -200.0, 0.0);
  const auto level = of.number("level_dbfs", -200.0, 20.0), repeat = of.number("repeat_db", 0.0, 200.0);
  if (!profile || !level || !repeat) return std::nullopt;
  OpenBreath breath{{}, *level, *repeat};
  std::ranges::copy(*profile, breath.profile.begin());
  return breath;
}

std::map<std::string, std::size_t> triesFrom(Fields& fields) {
  std::map<std::string, std::size_t> tries;
  const nlohmann::json object = fields.object("next_tries");
  Fields of(object);
  for (const AdviceCard& card : adviceCards())
    if (const auto next = of.whole(card.id.c_str(), 0, kMostTries))
      tries[card.id] = static_cast<std::size_t>(*next);
  return tries;
}

std::map<std::string, double> ownFrom(Fields& fields) {
  std::map<std::string, double> own;
  const nlohmann::json object = fields.object("own");
  Fields of(object);
  for (const Figure& figure : figures())
    if (figure.belowOwn > 0.0)
      if (const auto value = of.number(std::string(figure.id).c_str(), -200.0, 200.0))
        own[std::string(figure.id)] = *value;
  return own;
}

nlohmann::json partnerTo(const PartnerVoice& voice) {
  nlohmann::json partner{{"hz", voice.hz},
                         {"drift_cents", voice.drift_cents},
                         {"fades", voice.fades},
                         {"manner", nameIn(kManners, voice.manner)},
                         {"course_cents", voice.course_cents}};
  for (const PartnerVoice::Note& note : voice.notes)
    for (const double x : {note.from_s, note.to_s, note.hz}) partner["notes"].push_back(x);
  return partner;
}

}  // namespace

nlohmann::json toJson(const TakeSpec& a) {
  nlohmann::json key, open, partner;
  if (a.accompaniment.partner) partner = partnerTo(*a.accompaniment.partner);
  if (a.key) key = {{"from_s", a.key->from_s}, {"to_s", a.key->to_s}};
  if (a.open)
    open = {{"profile_db", a.open->profile},
            {"level_dbfs", a.open->level_dbfs},
            {"repeat_db", a.open->repeat_db}};
  nlohmann::json against;
  if (a.against) against = {{"held_s", a.against->held_s}, {"wander_cents", orNull(a.against->wander_cents)}};
  return {{"instrument", a.instrument},
          {"exercise", a.exercise},
          {"card", a.card},
          {"against", against},
          {"level", a.level},
          {"note", orNull(a.note)},
          {"fingering", a.fingering},
          {"lowest", orNull(a.range.lowest)},
          {"highest", orNull(a.range.highest)},
          {"seconds", a.seconds},
          {"tempo", orNull(a.tempo_bpm)},
          {"start_s", orNull(a.start_s)},
          {"drone_hz", orNull(a.accompaniment.drone_hz)},
          {"click", a.accompaniment.click},
          {"fork_hz", orNull(a.accompaniment.fork_hz)},
          {"swell", a.accompaniment.swell},
          {"partner", partner},
          {"apart", a.apart},
          {"a4_hz", a.a4_hz},
          {"just", a.just},
          {"tonic", a.tonic},
          {"room_c", orNull(a.room_c)},
          {"place", orNull(a.place)},
          {"school", a.school},
          {"most_counts", orNull(a.mostCounts)},
          {"key", key},
          {"open", open},
          {"next_tries", a.nextTries},
          {"own", a.own},
          {"span_before", orNull(a.spanBefore)}};
}

TakeSpec askedFrom(const nlohmann::json& object, bool* sound) {
  TakeSpec a;
  Fields fields(object);
  const auto note = [&](const char* key) -> std::optional<int> {
    const auto value = fields.whole(key, 0, kHighestNote);
    return value ? std::optional(static_cast<int>(*value)) : std::nullopt;
  };
  a.instrument = fields.text("instrument", kLongestId).value_or("");
  a.exercise = fields.text("exercise", kLongestId).value_or(a.exercise);
  a.card = fields.text("card", kLargestJson).value_or("");
  a.level = fields.text("level", kLongestId).value_or(a.level);
  a.note = note("note");
  a.fingering = fields.text("fingering", kLongestId).value_or("");
  a.range = {note("lowest"), note("highest")};
  a.seconds = fields.number("seconds", 0.1, kLongest_s).value_or(a.seconds);
  a.tempo_bpm = fields.number("tempo", 10.0, 1000.0);
  a.start_s = fields.number("start_s", -kLongest_s, kLongest_s);
  a.against = rivalFrom(fields);
  a.accompaniment.drone_hz = fields.number("drone_hz", 10.0, 10000.0);
  a.accompaniment.click = fields.flag("click").value_or(false);
  a.accompaniment.fork_hz = fields.number("fork_hz", 10.0, 10000.0);
  a.accompaniment.swell = fields.flag("swell").value_or(false);
  a.accompaniment.partner = partnerFrom(fields);
  a.apart = fields.flag("apart").value_or(false);
  a.a4_hz = fields.number("a4_hz", 380.0, 500.0).value_or(a.a4_hz);
  a.just = fields.flag("just").value_or(false);
  a.tonic = static_cast<int>(fields.whole("tonic", 0, 11).value_or(0));
  a.room_c = fields.number("room_c", -30.0, 60.0);
  if (const auto place = fields.whole("place", 1, kMostPlaces)) a.place = static_cast<int>(*place);
  if (const auto most = fields.whole("most_counts", 1, 256)) a.mostCounts = static_cast<int>(*most);
  a.school = fields.text("school", kLongestId).value_or("");
  a.key = keyFrom(fields);
  a.open = openFrom(fields);
  a.nextTries = triesFrom(fields);
  a.own = ownFrom(fields);
  a.spanBefore = fields.number("span_before", 0.0, kWidest_semitones);
  if (sound) *sound = *sound && fields.sound();
  return a;
}

ExercisePtr cardOf(const TakeRequest& wish) {
  if (!wish.card.empty())
    if (auto own = parseExercise(wish.card)) return std::make_shared<Exercise>(std::move(*own));
  return findExercise(wish.exercise);
}

Context contextFor(const TakeSpec& asked) {
  Context context;
  context.instrument = findInstrument(asked.instrument);
  context.reference = {asked.a4_hz, asked.just, asked.tonic};
  if (asked.note) context.asked = {*asked.note};
  context.range = asked.range;
  context.exercise = cardOf(asked);
  if (!context.exercise) context.exercise = findExercise(TakeSpec{}.exercise);
  if (!asked.fingering.empty())
    if (auto setting = settingNamed(asked.fingering, context.instrument)) context.fingering = *setting;
  context.against = asked.against;
  context.accompaniment = asked.accompaniment;
  context.apart = asked.apart;
  context.level = findLevel(asked.level);
  if (!context.level) context.level = findLevel(TakeSpec{}.level);
  if (context.exercise->asksForSeconds()) context.askedSeconds = asked.seconds;
  context.tempo_bpm = asked.tempo_bpm;
  context.mostCounts = asked.mostCounts;
  context.start_s = asked.start_s;
  context.key = asked.key;
  context.room_c = asked.room_c;
  context.open = asked.open;
  context.nextTries = asked.nextTries;
  context.own = asked.own;
  context.spanBefore = asked.spanBefore;
  context.reference = referenceFor(context);
  return context;
}

}  // namespace calando
