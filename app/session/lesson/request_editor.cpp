#include "app/session/lesson/request_editor.h"

#include <random>

#include "app/session/common/today.h"
#include "core/exercise/cue_sheet.h"
#include "core/exercise/pair_card.h"
#include "core/judging/ledger.h"
#include "core/library/cards.h"
#include "core/measure/air/open_breath.h"

namespace calando {

namespace {
constexpr std::int64_t kRemembered_s = 8 * 7 * 86400;
constexpr double kFastest_bpm = 120.0;  // of a breath that goes faster by itself
}  // namespace

RequestEditor::RequestEditor(const Clock& clock, StudentBook& book, Lesson& lesson, Planning& planning)
    : clock_(clock), book_(book), lesson_(lesson), planning_(planning) {
  wish_.exercise = lesson.current()->id;
  connect(&book_, &StudentBook::studentChanged, this, &RequestEditor::stepChosen);
  connect(&lesson_, &Lesson::stepChosen, this, &RequestEditor::stepChosen);
  connect(&lesson_, &Lesson::stepChanged, this, &RequestEditor::stepChanged);
  connect(&planning_, &Planning::changed, this, &RequestEditor::planChanged);
}

TakeRequest RequestEditor::wish() const {
  TakeRequest wish = wish_;
  const ExercisePtr card = lesson_.current();
  wish.instrument = book_.chosen() ? book_.chosen()->instrument : std::string();
  wish.exercise = card->id;
  wish.card = lesson_.isOwn(card->id) ? toText(*card) : std::string();
  if (!card->counted() || wish.tempo_bpm == card->tempo_bpm) wish.tempo_bpm.reset();
  if (!card->climbs()) wish.mostCounts.reset();
  return wish;
}

TakeSpec RequestEditor::asked() const {
  TakeSpec asked;
  asked.wish() = wish();
  if (book_.chosen()) asked.range = book_.chosen()->range;
  asked.room_c = room_c_;
  asked.place = place_;
  if (const std::string school = lesson_.school(); lesson_.current()->schools.contains(school))
    asked.school = school;
  asked.open = openBreathOf(book_.openBreaths());
  asked.nextTries = nextTries(book_.past());
  const std::int64_t today = Today(clock_).from_unix_s;
  asked.spanBefore =
      mostOf(book_.past(), lesson_.current()->id, "span_semitones", today - kRemembered_s, today);
  return asked;
}

void RequestEditor::edit(const std::function<void(TakeRequest&)>& change) {
  change(wish_);
  emit shown();
  emit changed();
}

void RequestEditor::show(const TakeRequest& wish) {
  if (!wish.card.empty())
    if (const ExercisePtr card = cardOf(wish)) lesson_.lend(*card);
  wish_ = wish;
  lesson_.show(wish.exercise);
  emit shown();
}

void RequestEditor::hurry(double more_bpm) {
  const double now = wish_.tempo_bpm.value_or(lesson_.current()->tempo_bpm);
  wish_.tempo_bpm = std::min(now + more_bpm, std::max(now, kFastest_bpm));
  emit shown();
}

/// The plan asks something else of this step than before.
void RequestEditor::planChanged() {
  if (planning_.asked(lesson_.current()->id) != planned_) stepChosen();
}

/// As it was asked for the last time, or as the plan has it.
void RequestEditor::stepChosen() {
  const std::string& exercise = lesson_.current()->id;
  const auto& takes = book_.takes();
  const auto last = std::ranges::find(takes, exercise, [](const Take& t) { return t.asked.exercise; });
  if (last != takes.end())
    wish_ = last->asked.wish();
  else
    wish_.tempo_bpm.reset();
  planned_ = planning_.asked(exercise);
  askFor(wish_, *lesson_.current(), planned_);
  emit shown();
}

void RequestEditor::stepChanged() {
  const ExercisePtr card = lesson_.current();
  // Once for each step: what the teacher chooses then stays until the next.
  if (step_ != card->id) {
    setEarsFirst(card->display != Display::shown);
    if (card->hasPartner()) setSupport(AccompanimentKind::partner);
    if (card->drone) setSupport(AccompanimentKind::drone);
  }
  step_ = card->id;
  planned_ = planning_.asked(step_);
  if (const auto may = supports(); std::ranges::find(may, support_) == may.end()) setSupport(may.front());
  emit shown();
}

std::vector<RequestEditor::AccompanimentKind> RequestEditor::supports() const {
  using enum AccompanimentKind;
  if (lesson_.current()->drillsBreath()) return {flash, click, swell};
  if (lesson_.current()->hasPartner()) return {partner, earlier, flash, click};
  return {flash, click, fork, drone};
}

void RequestEditor::setSupport(AccompanimentKind support) {
  support_ = support;
  emit waysChanged();
}
void RequestEditor::setOther(std::int64_t student) {
  other_ = student;
  emit waysChanged();
}
void RequestEditor::setStopsByItself(bool on) {
  stopsByItself_ = on;
  emit waysChanged();
}
void RequestEditor::setEarsFirst(bool on) {
  earsFirst_ = on;
  emit waysChanged();
}
void RequestEditor::setRoom(std::optional<double> celsius) {
  room_c_ = celsius;
  emit waysChanged();
}

void RequestEditor::setPlace(int place) {
  place_ = place;
  emit waysChanged();
}

Accompaniment accompanimentFor(RequestEditor::AccompanimentKind support, const CueSheet& sheet,
                               const Context& context, const std::shared_ptr<const HeldSound>& earlierTake,
                               std::uint32_t seed) {
  using enum RequestEditor::AccompanimentKind;
  Accompaniment heard;
  heard.click = support == click || support == fork;
  heard.swell = support == swell;
  // A partner who comes and goes is together with the player only on a count that both hear.
  if (support == partner && context.exercise->pair) {
    heard.partner = partnerFor(sheet, context, seed);
    heard.click = heard.partner->notes.size() > 1;
  }
  if (support == earlier && earlierTake) heard.partner = partnerFrom(earlierTake, sheet);
  const auto notes = notesOf(sheet);
  if (notes.empty()) return heard;
  if (support == fork) heard.fork_hz = context.hzOf(notes.front());
  if (support == drone) heard.drone_hz = context.hzOf(notes.front());
  return heard;
}

}  // namespace calando
