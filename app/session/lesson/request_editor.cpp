#include "app/session/lesson/request_editor.h"

#include <cmath>
#include <random>

#include "app/session/common/today.h"
#include "app/session/common/undo.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/planning.h"
#include "app/session/students/open_breaths.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/exercise/pair_card.h"
#include "core/judging/discipline.h"
#include "core/judging/ledger.h"
#include "core/library/cards.h"
#include "core/measure/air/open_breath.h"
#include "core/plan/next_try.h"

namespace calando {

namespace {
constexpr std::int64_t kRemembered_s = 8 * 7 * 86400;
constexpr double kFastest_bpm = 80.0;  // of a breath that goes faster by itself: quicker is over-breathing
}  // namespace

RequestEditor::RequestEditor(const Clock& clock, StudentBook& book, TakeList& takes, OpenBreaths& breaths,
                             CardDeck& deck, Lesson& lesson, Planning& planning)
    : clock_(clock),
      book_(book),
      takes_(takes),
      breaths_(breaths),
      deck_(deck),
      lesson_(lesson),
      planning_(planning) {
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
  wish.card = deck_.isOwn(card->id) ? toText(*card) : std::string();
  if (!card->counted() || wish.tempo_bpm == card->tempo_bpm) wish.tempo_bpm.reset();
  if (!card->climbs()) wish.mostCounts.reset();
  return wish;
}

TakeSpec RequestEditor::asked() const {
  TakeSpec asked;
  asked.wish() = wish();
  if (book_.chosen()) asked.range = book_.chosen()->range;
  asked.room_c = options_.room_c;
  asked.place = options_.place;
  if (const std::string school = deck_.school(); lesson_.current()->schools.contains(school))
    asked.school = school;
  asked.open = openBreathOf(breaths_.marks());
  asked.nextTries = nextTries(takes_.past(), book_.instrument(), deck_.school());
  asked.own = acceptedOf(takes_.past(), lesson_.current()->id, asked.note, asked.place);
  const std::int64_t today = Today(clock_).from_unix_s;
  asked.spanBefore =
      mostOf(takes_.past(), lesson_.current()->id, "span_semitones", today - kRemembered_s, today);
  return asked;
}

void RequestEditor::edit(const std::function<void(TakeRequest&)>& change) {
  change(wish_);
  emit shown();
  emit changed();
}

void RequestEditor::show(const TakeRequest& wish) {
  if (!wish.card.empty())
    if (const ExercisePtr card = cardOf(wish)) deck_.lend(*card);
  wish_ = wish;
  lesson_.show(wish.exercise);
  emit shown();
}

void RequestEditor::hurry(double more_bpm) {
  const double now = wish_.tempo_bpm.value_or(lesson_.current()->tempo_bpm);
  askNext(Grows::What::tempo, std::min(now + more_bpm, std::max(now, kFastest_bpm)));
}

void RequestEditor::askNext(Grows::What what, double value) {
  if (what == Grows::What::seconds) wish_.seconds = value;
  if (what == Grows::What::tempo) wish_.tempo_bpm = value;
  if (what == Grows::What::counts) wish_.mostCounts = static_cast<int>(value);
  emit shown();
}

/// The plan asks something else of this step than before.
void RequestEditor::planChanged() {
  if (planning_.asked(lesson_.current()->id) != planned_) stepChosen();
}

/// Of what was never tried; nullopt: its own.
std::optional<double> RequestEditor::firstTempo() const {
  const Student* student = book_.chosen();
  const double share = student ? beginningOf(student->experience).ofTempo : 1.0;
  const Exercise& card = *lesson_.current();
  return share < 1.0 && isQuick(card) ? std::optional(std::round(share * card.tempo_bpm)) : std::nullopt;
}

/// As it was asked for the last time, or as the plan has it.
void RequestEditor::stepChosen() {
  const std::string& exercise = lesson_.current()->id;
  const auto& takes = takes_.all();
  const auto last = std::ranges::find(takes, exercise, [](const Take& t) { return t.asked.exercise; });
  if (last != takes.end())
    wish_ = last->asked.wish();
  else
    wish_.tempo_bpm = firstTempo();
  // Of whom there is nothing yet is asked by how far they are.
  if (const Student* student = book_.chosen(); student && takes.empty() && begun_ != student->id) {
    const Beginning beginning = beginningOf(student->experience);
    wish_.level = beginning.level;
    wish_.seconds = beginning.seconds;
    begun_ = student->id;
  }
  planned_ = planning_.asked(exercise);
  askFor(wish_, *lesson_.current(), planned_);
  emit shown();
}

void RequestEditor::stepChanged() {
  const ExercisePtr card = lesson_.current();
  const bool another = std::exchange(step_, card->id) != card->id;
  planned_ = planning_.asked(step_);
  editOptions([&](TakeOptions& options) {
    // Once for each step: what the teacher chooses then stays until the next.
    if (another) options.earsFirst = card->display != Display::shown;
    if (const auto own = accompanimentOf(*card); another && own) options.accompaniment = *own;
    const auto may = supports();
    if (std::ranges::find(may, options.accompaniment) == may.end()) options.accompaniment = may.front();
  });
  emit shown();
}

std::span<const AccompanimentKind> RequestEditor::supports() const {
  return disciplineOf(*lesson_.current()).accompaniments;
}

void RequestEditor::editOptions(const std::function<void(TakeOptions&)>& change) {
  const TakeOptions before = options_;
  change(options_);
  if (options_ != before) emit optionsChanged();
}

Accompaniment accompanimentFor(AccompanimentKind support, const CueSheet& sheet, const Context& context,
                               const std::shared_ptr<const HeldSound>& earlierTake, std::uint32_t seed) {
  using enum AccompanimentKind;
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
