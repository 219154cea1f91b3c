#include "core/plan/sheet.h"

#include <algorithm>
#include <map>

#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/library/cards.h"

namespace calando {

namespace {

constexpr int kMostSets = 3;            // of a card that does not say how many
constexpr double kBreathRest_s = 20.0;  // normal breaths after a drill of the breath
constexpr double kBetween_s = 15.0;     // to put the next thing on the stand

}  // namespace

double DaySheet::total_s() const {
  double total = 0.0;
  for (const SheetItem& item : items) total += item.total_s();
  return total;
}

void askFor(TakeRequest& wish, const Exercise& card, std::optional<double> asked) {
  wish.exercise = card.id;
  if (!asked) return;
  if (card.grows.what == Grows::What::seconds) wish.seconds = *asked;
  if (card.grows.what == Grows::What::tempo) wish.tempo_bpm = asked;
  if (card.grows.what == Grows::What::counts) wish.mostCounts = static_cast<int>(*asked);
}

namespace {

CueSheet cuesOf(const Exercise& card, std::optional<double> asked, const std::string& instrument,
                NoteRange range, std::optional<int> note) {
  TakeSpec wanted;
  wanted.instrument = instrument;
  wanted.range = range;
  wanted.note = note;
  askFor(wanted, card, asked);
  if (!findExercise(card.id)) wanted.card = toText(card);
  return unroll(contextFor(wanted));
}

SetLength lengthOf(const CueSheet& sheet) {
  SetLength length{sheet.length_s() + sheet.countIn_s(), 0.0};
  for (const SheetCue& cue : sheet.cues)
    if (isAudible(cue.kind)) length.work_s += cue.length_s;
  return length;
}

/// Where the small part sounds there is none, nor where it is a surprise.
std::optional<int> firstNoteOf(const CueSheet& sheet, const Exercise& card, std::optional<int> asked) {
  if (!card.asksForTones() || card.part != PartPlayed::whole || card.surprises()) return {};
  for (const SheetCue& cue : sheet.cues)
    if (isSounding(cue.kind)) return cue.note ? cue.note : asked;
  return {};
}

}  // namespace

SetLength lengthOf(const Exercise& card, std::optional<double> asked, const std::string& instrument,
                   NoteRange range) {
  return lengthOf(cuesOf(card, asked, instrument, range, {}));
}

namespace {

/// Fills the days one after another.
class SheetMaker {
 public:
  SheetMaker(const PlanState& state, const std::string& instrument) : s_(state), instrument_(instrument) {
    for (std::size_t row = 0; row < s_.order.size(); ++row)
      for (const PastTake& take : s_.past)
        if (take.exercise == s_.order[row]->id) {
          done_[row] = take.day;
          break;
        }
  }

  DaySheet make(Day day) {
    DaySheet sheet{day, {}, s_.plan.isHoliday(day)};
    if (sheet.holiday) return sheet;
    left_s_ = 60.0 * s_.plan.minutes;
    std::map<std::size_t, SheetItem> chosen;  // by row
    for (const std::size_t row : byTurn(day)) {
      SheetItem item = itemOf(row);
      if (item.total_s() + kBetween_s > left_s_) continue;
      left_s_ -= item.total_s() + kBetween_s;
      done_[row] = day;
      chosen.emplace(row, std::move(item));
    }
    addSets(chosen);
    for (auto& [row, item] : chosen) sheet.items.push_back(std::move(item));
    return sheet;
  }

 private:
  /// What is new first, then what was done longest ago; one of each part of the lesson before a second one.
  std::vector<std::size_t> byTurn(Day day) const {
    PlanState then = s_;
    then.today = day;
    std::vector<std::size_t> rows;
    for (std::size_t row = 0; row < s_.order.size(); ++row)
      if (isPractised(then, row)) rows.push_back(row);
    const auto rank = [&](std::size_t row) {
      const auto found = done_.find(row);
      return std::tuple(!isNew(s_, *s_.order[row]), found == done_.end() ? Day::min() : found->second, row);
    };
    std::ranges::sort(rows, {}, rank);
    std::map<std::string, int> ofFamily;
    std::map<std::size_t, int> round;
    for (const std::size_t row : rows) round[row] = ofFamily[s_.order[row]->family]++;
    std::ranges::stable_sort(rows, {}, [&](std::size_t row) { return round[row]; });
    return rows;
  }

  SheetItem itemOf(std::size_t row) const {
    const ExercisePtr& card = s_.order[row];
    const auto last = std::ranges::find_if(
        s_.past, [&](const PastTake& take) { return take.exercise == card->id && take.note; });
    const std::optional<int> note = last == s_.past.end() ? std::nullopt : last->note;
    const auto asked = askedNow(s_.plan, *card, s_.past);
    const CueSheet cues = cuesOf(*card, asked, instrument_, s_.range, note);
    SheetItem item{card, asked, firstNoteOf(cues, *card, note)};
    const SetLength length = lengthOf(cues);
    item.set_s = length.whole_s;
    // What is silent within the card is rest, too.
    const double owed = card->drillsBreath() ? kBreathRest_s : 2.0 * length.work_s - length.whole_s;
    item.rest_s = std::max({card->rest_s, owed, 0.0});
    return item;
  }

  /// More sets in turn, as long as there is time and their cards allow.
  void addSets(std::map<std::size_t, SheetItem>& chosen) {
    for (bool any = true; std::exchange(any, false);)
      for (auto& [row, item] : chosen) {
        const int most = item.card->mostPerDay > 0 ? std::min(item.card->mostPerDay, kMostSets) : kMostSets;
        const double one_s = item.set_s + item.rest_s;
        if (item.sets >= std::max(most, item.card->sets) || one_s > left_s_) continue;
        if (item.card->mostPerDay > 0 && item.sets >= item.card->mostPerDay) continue;
        ++item.sets;
        left_s_ -= one_s;
        any = true;
      }
  }

  const PlanState& s_;
  const std::string& instrument_;
  std::map<std::size_t, Day> done_;
  double left_s_ = 0.0;
};

}  // namespace

std::vector<DaySheet> sheetsFor(const PlanState& state, const std::string& instrument, Day from, int days) {
  SheetMaker maker(state, instrument);
  std::vector<DaySheet> sheets;
  for (Day day = from; day < from + std::chrono::days(days); day += std::chrono::days(1)) {
    const std::chrono::weekday weekday(day);
    if (state.plan.weekdays[weekday.iso_encoding() - 1]) sheets.push_back(maker.make(day));
  }
  return sheets;
}

}  // namespace calando
