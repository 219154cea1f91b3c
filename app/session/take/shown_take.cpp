#include "app/session/take/shown_take.h"

#include "app/session/common/notices.h"
#include "app/session/lesson/request_editor.h"
#include "app/session/students/open_breaths.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/words/words.h"
#include "audio/sound_file.h"
#include "core/engine/snapshot.h"
#include "core/judging/judging.h"
#include "records/studio.h"

namespace calando {

namespace {
constexpr double kLost_s = 0.05;
}  // namespace

ShownTake::ShownTake(Studio& studio, AnalysisQueue& analyses, StudentBook& book, TakeList& takes,
                     OpenBreaths& breaths, RequestEditor& asking, Notices& notices)
    : studio_(studio), analyses_(analyses), book_(book), takes_(takes), asking_(asking), notices_(notices) {
  connect(&asking_, &RequestEditor::changed, this, &ShownTake::wishChanged);
  connect(&takes_, &TakeList::takeChanged, this, &ShownTake::stoppedSince);
  connect(&breaths, &OpenBreaths::changed, this, &ShownTake::openChanged);
}

std::optional<std::int64_t> ShownTake::id() const {
  if (shown()) return shown()->take.id;
  return awaited() ? awaited()->take : std::nullopt;
}

void ShownTake::clear() {
  emit leaving();
  judging_.cancel();
  wanted_.reset();
  awaited_.reset();
  shown_.reset();
  emit changed();
}

ShownTake::Place ShownTake::await(const Take& take) {
  if (!book_.chosen() || !take.isOf(book_.chosen()->id)) return {};
  clear();
  awaited_.emplace(take.student, take.other, Awaited{{}, {}, ++places_});
  emit changed();
  return Place(places_);
}

bool ShownTake::awaits(Place place) const {
  return place.number_ != 0 && awaited() && awaited()->place == place.number_;
}

void ShownTake::open(std::int64_t id) {
  clear();
  const Take* take = takes_.find(id);
  if (!take) return;
  if (!take->soundKept()) return notices_.say(words::said(Problem(StudioFault::soundLetGo)));
  AnalysisQueue::Request request;
  request.take = *take;
  request.file = studio_.takes.file(*take);
  awaited_.emplace(take->student, take->other,
                   Awaited{analyses_.ask(std::move(request), AnalysisQueue::Urgency::now,
                                         [this](const AnalysisQueue::Answer& answer) { opened(answer); }),
                           id});
  emit changed();
}

void ShownTake::openNewest() {
  if (!takes_.all().empty()) open(takes_.all().front().id);
}

void ShownTake::opened(const AnalysisQueue::Answer& answer) {
  const auto file = studio_.takes.file(answer.take);
  if (!answer.snapshot) {
    awaited_.reset();
    emit changed();
    std::error_code error;
    return notices_.sayLoss(words::said(std::filesystem::exists(file, error)
                                            ? Problem(StudioFault::soundUnreadable, *answer.error)
                                            : Problem(StudioFault::soundMissing, printable(file.string()))));
  }
  show(answer);
  const double seconds = static_cast<double>(answer.samples->size()) / answer.rate_hz;
  if (seconds > answer.take.seconds - kLost_s) return;
  takes_.setCutShort(answer.take.id, seconds);
  notices_.sayLoss(
      tr("The sound of this take is cut short: %1 of %2 s. Its file was damaged; put back a copy of it if "
         "there is one.")
          .arg(words::number(seconds, 1, false), words::number(answer.take.seconds, 1, false)));
}

void ShownTake::show(const AnalysisQueue::Answer& answer) {
  clear();
  if (!book_.chosen() || !answer.take.isOf(book_.chosen()->id) || !answer.samples) return;
  shown_.emplace(answer.take.student, answer.take.other,
                 Shown{answer.take, answer.samples, answer.rate_hz, answer.snapshot});
  // What was said of it meanwhile is on the list.
  if (const Take* take = takes_.find(answer.take.id)) shown()->take = *take;
  respectStop();
  asking_.show(answer.take.asked.wish());
  emit changed();
}

/// A take that was stopped on purpose is seen and heard, and judged by nothing.
void ShownTake::respectStop() {
  if (!shown()->take.stopped) return;
  auto snapshot = std::make_shared<Snapshot>(*shown()->snapshot);
  snapshot->analysis = unjudged(std::move(snapshot->analysis));
  shown()->snapshot = std::move(snapshot);
}

/// That the one on show was stopped may be said, or taken back, only after it.
void ShownTake::stoppedSince(std::int64_t id) {
  const Take* take = takes_.find(id);
  if (!shown() || shown()->take.id != id || !take) return;
  shown()->take.stopReason = take->stopReason;
  if (take->stopped == shown()->take.stopped) return;
  shown()->take.stopped = take->stopped;
  if (!take->stopped) return judge(shown()->take.asked);
  respectStop();
  emit changed();
}

/// The take on show is judged against what is asked for now.
void ShownTake::wishChanged() {
  if (!shown()) return;
  TakeSpec asked = newestAsked();
  TakeRequest wish = asking_.wish();
  // A take that was counted in has the tempo that it was played at.
  if (asked.start_s) wish.tempo_bpm = asked.tempo_bpm;
  asked.wish() = wish;
  judge(std::move(asked));
}

/// What is asked and the figures for it are written together, once both are there; of many askings in a row
/// the last one counts.
void ShownTake::judge(TakeSpec asked) {
  wanted_ = std::make_shared<const TakeSpec>(std::move(asked));
  if (!judging_) judgeWanted();
}

void ShownTake::judgeWanted() {
  AnalysisQueue::Request request;
  request.take = shown()->take;
  request.take.asked = *wanted_;
  request.anew = shown()->snapshot;
  judging_ = analyses_.ask(std::move(request), AnalysisQueue::Urgency::now,
                           [this, asked = wanted_](const AnalysisQueue::Answer& answer) {
                             if (!shown()) return;
                             shown()->take.asked = *asked;
                             shown()->snapshot = answer.snapshot;
                             respectStop();
                             takes_.keepSummary(shown()->take.id, answer.summary);
                             keep();
                             emit changed();
                             if (wanted_ != asked) return judgeWanted();
                             wanted_.reset();
                           });
}

void ShownTake::keep() {
  if (shown() && shown()->take.id != 0) takes_.change(shown()->take);
}

bool ShownTake::edit(const std::function<void(Take&)>& change) {
  if (!shown() || studio_.readOnly()) return false;
  change(shown()->take);
  keep();
  emit said();
  return true;
}

/// The take on show is held against what is open by now.
void ShownTake::openChanged() {
  if (!shown()) return;
  TakeSpec asked = newestAsked();
  asked.open = asking_.asked().open;
  judge(std::move(asked));
}

}  // namespace calando
