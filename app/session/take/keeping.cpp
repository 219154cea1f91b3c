#include "app/session/take/keeping.h"

#include <QDateTime>
#include <QLocale>

#include "app/session/common/notices.h"
#include "app/session/common/today.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/request_editor.h"
#include "app/session/lesson/rest_clock.h"
#include "app/session/students/take_list.h"
#include "app/session/take/take_run.h"
#include "app/words/plan_words.h"
#include "app/words/words.h"
#include "audio/sound_file.h"
#include "core/base/plain_text.h"
#include "core/engine/snapshot.h"
#include "core/judging/discipline.h"
#include "core/judging/judging.h"
#include "core/measure/air/breaths.h"
#include "records/studio.h"
#include "records/tables/recordings.h"

namespace calando {

namespace {

constexpr double kClicksTooLoud_dbfs = -36.0;  // RMS of 10 ms: headphones are recommended from there on

/// What the computer does to the microphone, and where breath is concerned that nothing is measured so.
QString processingText(const Analysis& analysis, const Exercise& card) {
  QStringList kinds;
  if (analysis.processing.noiseSuppression.value_or(false)) kinds << Keeping::tr("noise suppression");
  if (analysis.processing.gate.value_or(false)) kinds << Keeping::tr("a noise gate");
  if (analysis.processing.automaticGain.value_or(false)) kinds << Keeping::tr("automatic gain");
  if (kinds.isEmpty()) return {};
  return (disciplineOf(card).ofAir
              ? Keeping::tr("The computer changes the microphone’s sound (%1): breath is not measured so. "
                            "Switch that off in the desktop’s sound settings, or in the microphone’s own.")
              : Keeping::tr(
                    "The computer changes the microphone’s sound (%1): loudness and noise are not what "
                    "was played. Switch that off in the desktop’s sound settings."))
      .arg(kinds.join(Keeping::tr(", ", "between items of a list")));
}

QString nothingFound(const Snapshot& take) {
  if (!take.context.exercise->asksForSound() || take.analysis.airSpoilt()) return {};
  const bool breathes = std::ranges::any_of(take.analysis.airs, isBreath);
  if (breathes || !take.analysis.tones.empty()) return {};
  return take.context.exercise->asksForTones()
             ? Keeping::tr("No tone was found in this take. It is kept; delete it, or mark it as not yet.")
             : Keeping::tr(
                   "No breath was found in this take: come nearer to the microphone. It is kept; delete "
                   "it, or mark it as not yet.");
}

/// What there is to say of a take that was just measured.
QStringList remarksOn(const AnalysisQueue::Answer& answer, TakeRun::Count count) {
  const Analysis& analysis = answer.snapshot->analysis;
  QStringList notes;
  if (analysis.swell_dbfs > analysis.noiseFloor_dbfs)
    notes << Keeping::tr(
        "The microphone hears the swell: breath is not measured so. Use headphones, or the flash.");
  if (const auto heard = analysis.drone_dbfs)
    notes << (answer.take.asked.accompaniment.partner
                  ? Keeping::tr("The microphone hears the partner. How far apart you are is measured all the "
                                "same; for the tone itself use headphones.")
                  : Keeping::tr("The microphone hears the drone. Pitch and length are measured all the same; "
                                "for tone over air noise use headphones."));
  if (const auto loud = analysis.clicks_dbfs; loud && *loud > kClicksTooLoud_dbfs)
    notes << Keeping::tr(
        "The microphone hears the clicks. They are taken out of the figures as far as they are alike; "
        "headphones are surer.");
  if (const QString nothing = nothingFound(*answer.snapshot); !nothing.isEmpty())
    notes << nothing;
  else if (count == TakeRun::Count::stumbled)
    notes << Keeping::tr(
        "The sound stumbled in this take: the computer was busy. Timing is judged against your own pulse, "
        "not against the click.");
  else if (count == TakeRun::Count::unmeasured)
    notes << Keeping::tr(
        "Timing is judged against your own pulse. Measure delay, once, to judge it against the click.");
  return notes;
}

}  // namespace

QString enoughText(const Safety::Enough& enough, const Exercise& card) {
  if (enough.takes == 0)
    return (enough.of == Dosed::smallPart
                ? Keeping::tr("%1 min on the small part today: that is enough. Rest, or one more?")
                : Keeping::tr("%1 min of long tones today: that is enough. Rest, or one more?"))
        .arg(words::number(enough.sounded_s / 60.0, 1, false));
  return Keeping::tr("That was %1 of %2 today: enough of it. Rest, or one more?")
      .arg(enough.takes)
      .arg(card.mostPerDay);
}

QString foundText(const std::vector<Stray>& strays) {
  const auto nobodys = static_cast<int>(std::ranges::count(strays, false, &Stray::known));
  const auto all = static_cast<int>(strays.size());
  if (all == 1)
    return nobodys > 0 ? Keeping::tr(
                             "A recording was found that is no take yet and belongs to nobody here. It is "
                             "safe on disk.")
                       : Keeping::tr("A recording was found that is no take yet. It is safe on disk.");
  return nobodys > 0
             ? Keeping::tr(
                   "%1 recordings were found that are no takes yet; %2 belong to nobody here. They "
                   "are safe on disk.")
                   .arg(all)
                   .arg(nobodys)
             : Keeping::tr("%1 recordings were found that are no takes yet. They are safe on disk.").arg(all);
}

Keeping::Keeping(Studio& studio, TakeIntake& intake, StudentBook& book, TakeList& takes, Lesson& lesson,
                 RestClock& rest, Safety& safety, RequestEditor& asking, ShownTake& open, TakeRun& run,
                 Notices& notices)
    : studio_(studio),
      intake_(intake),
      book_(book),
      takes_(takes),
      lesson_(lesson),
      rest_(rest),
      safety_(safety),
      asking_(asking),
      open_(open),
      run_(run),
      notices_(notices) {
  connect(&run_, &TakeRun::finished, this, &Keeping::keepPlayed);
  connect(&intake_, &TakeIntake::moved, this, &Keeping::intakeMoved);
  connect(&intake_, &TakeIntake::finished, this, &Keeping::intakeFinished);
}

void Keeping::keepPlayed(const TakeRun::RawTake& raw) {
  const Student* owner = book_.find(raw.student);
  if (raw.samples->empty() || !owner) {
    studio_.recordings.discard(raw.recording);
    return notices_.say(tr("Nothing was recorded: the take was stopped before any sound came."));
  }
  AnalysisQueue::Request request;
  request.rate_hz = raw.rate_hz;
  request.samples = raw.samples;
  request.first = raw.first;
  request.take.asked = raw.asked;
  request.take.student = raw.student;
  request.take.other = raw.other;
  request.take.source = raw.source;
  request.take.stopped = raw.stopped;
  request.take.made_unix_s = studio_.clock().now_unix_s();
  request.take.recording = raw.recording.filename().string();
  const auto place = open_.await(request.take);
  intake_.takeIn(std::move(request), *owner, TakeIntake::Played{raw.count, raw.recording},
                 [this, place](const TakeIntake::Taken& taken) { kept(taken, place); });
}

namespace {
/// What lips and air have worked for they rest for, where the card says so.
double restAfter_s(const Exercise& card, const Take& take) {
  return std::max(card.rest_s, card.restsAsPlayed ? take.held_s.value_or(0.0) : 0.0);
}
}  // namespace

/// One that was played or found is measured, and on the list if nothing is wrong.
void Keeping::kept(const TakeIntake::Taken& taken, ShownTake::Place place) {
  const AnalysisQueue::Answer& answer = taken.answer;
  const bool wanted = open_.awaits(place);
  if (answer.error) {
    if (wanted) open_.clear();
    return notices_.sayLoss(words::said(*answer.error));
  }
  if (answer.unkept) sayUnkept(answer);
  if (taken.entered) markTooEarly(answer);
  const auto* played = std::get_if<TakeIntake::Played>(&taken.from);
  const Exercise& card = *answer.snapshot->context.exercise;
  if (taken.entered && played && !answer.take.stopped)
    rest_.owe(answer.take.student, restAfter_s(card, answer.take));
  if (!wanted) return sayKeptForAnother(taken);
  open_.show(answer);
  if (taken.entered && played) emit playedKept();
  if (answer.take.stopped) return;  // that it was is said already
  QStringList notes;
  if (taken.entered && played) {
    notes << whatNext(answer);
    if (const auto enough = safety_.enough()) notes << enoughText(*enough, *lesson_.current());
    if (const auto tired = safety_.newlyTired())
      notes << tr("You get tired: %1 since the day’s beginning. Rest as long as you have played, or stop for "
                  "today.")
                   .arg(words::fallen(*tired));
  }
  // Once for each source: it is the same with every take.
  const QString processing = processingText(answer.snapshot->analysis, card);
  if (const QString what = words::plain(answer.take.source) + processing;
      !processing.isEmpty() && std::exchange(processingSaid_, what) != what)
    notes << processing;
  const TakeRun::Count count = played ? played->count : TakeRun::Count::asHeard;
  say(answer, count, notes + remarksOn(answer, count));
}

/// Its student is not here: it is kept, and not on show.
void Keeping::sayKeptForAnother(const TakeIntake::Taken& taken) {
  const Student* owner = book_.find(taken.answer.take.student);
  if (taken.entered && owner && !taken.answer.take.isOf(book_.chosenId().value_or(0)))
    notices_.say(tr("The take is kept; it is %1’s.").arg(words::plain(owner->name)));
}

void Keeping::markTooEarly(const AnalysisQueue::Answer& answer) {
  if (!answer.snapshot->analysis.letGoTooEarly) return;
  Take invalid = answer.take;
  invalid.word = TeachersWord::invalidTry;
  takes_.change(invalid);
}

void Keeping::sayUnkept(const AnalysisQueue::Answer& answer) {
  notices_.sayLoss(
      tr("The take of %1 could not be kept: %2. It is in memory until it is saved elsewhere or Calando is "
         "closed; what was recorded of it is offered at the next start.")
          .arg(QLocale().toString(QDateTime::fromSecsSinceEpoch(answer.take.made_unix_s).time(),
                                  QLocale::ShortFormat),
               words::said(answer.unkept->why)),
      tr("Save elsewhere…"), [this, answer] { emit saveWanted(answer); });
}

/// What a take of breath leads to.
QStringList Keeping::whatNext(const AnalysisQueue::Answer& answer) {
  const ExercisePtr card = lesson_.current();
  const Analysis& analysis = answer.snapshot->analysis;
  const Today today(studio_.clock());
  QStringList notes;
  if (analysis.letGoTooEarly)
    return notes << tr("The hand let go before the air came: this try does not count.");
  const auto lasts = std::ranges::find(analysis.readings, "air_lasts_s", &Reading::id);
  if (lasts != analysis.readings.end() && lasts->value && !card->counted()) {
    const auto longest = [&](std::int64_t from) {
      return words::number(
          mostOf(takes_.past(), card->id, "air_lasts_s", from, today.to_unix_s).value_or(*lasts->value), 1,
          false);
    };
    const auto easy = std::ranges::find(analysis.readings, "easy_s", &Reading::id);
    const bool told = easy != analysis.readings.end() && easy->value;
    notes << (told ? tr("Easy for %1 s: stop there.").arg(words::number(*easy->value, 1, false)) + ' '
                   : QString()) +
                 tr("Longest today %1 s, ever %2 s.").arg(longest(today.from_unix_s), longest(0));
  }
  const Verdict verdict = overallVerdict(analysis.readings);
  if (card->faster_bpm > 0.0 && (verdict == Verdict::inside || verdict == Verdict::near)) {
    asking_.hurry(card->faster_bpm);
    notes << tr("It held: the next one goes at %1 a minute.")
                 .arg(words::number(asking_.wish().tempo_bpm.value_or(card->tempo_bpm), 0, false));
  }
  if (disciplineOf(*card).withCare && rest_.left_s() > 0)
    notes << tr("Now breathe normally for %1 s.").arg(rest_.left_s());
  return notes;
}

void Keeping::say(const AnalysisQueue::Answer& answer, TakeRun::Count count, QStringList notes) {
  notes.removeAll(QString());
  if (count == TakeRun::Count::unmeasured && !answer.snapshot->analysis.tones.empty())
    notices_.say(notes.join(' '), tr("Measure delay"), [this] { emit delayWanted(); });
  else if (!notes.isEmpty())
    notices_.say(notes.join(' '));
}

/// A take that the studio has no room for, with its note: opened again, it is what it was.
void Keeping::saveElsewhere(const AnalysisQueue::Answer& answer, const std::filesystem::path& file) {
  const Student* owner = book_.find(answer.take.student);
  const Student student = owner ? *owner : Student{answer.take.student, {}, {}, {}};
  const auto said = [&](const QString& why) {
    notices_.sayLoss(tr("The take is not saved yet: %1.").arg(why), tr("Save elsewhere…"),
                     [this, answer] { emit saveWanted(answer); });
  };
  if (file.empty()) return said(tr("no place was chosen"));
  const auto saved = writeSound(file.string(), *answer.samples, answer.rate_hz, SoundFormat::flac24,
                                {.comment = toText(SoundNote{student, answer.take})});
  if (!saved) return said(words::said(saved.error().why));
  notices_.say(tr("Written: %1. Open it with Ctrl+O once there is room.").arg(words::plain(file.string())));
}

void Keeping::openFiles(const std::vector<std::filesystem::path>& files, const Student& student) {
  Take take;
  take.asked = asking_.asked();
  take.asked.place.reset();  // a file comes from wherever
  take.asked.against = lesson_.rival();
  take.student = student.id;
  take.made_unix_s = studio_.clock().now_unix_s();
  std::vector<std::pair<std::filesystem::path, Take>> wanted;
  for (const auto& file : files) {
    take.source = visibleLine(file.filename().string());
    wanted.emplace_back(file, take);
  }
  intake_.open(wanted, student, [this](const TakeIntake::Taken& taken) { openedTaken(taken); });
}

/// One that was opened alone is shown; where several were, nobody waits for a sound.
void Keeping::openedTaken(const TakeIntake::Taken& taken) {
  if (!taken.entered || !taken.answer.samples || run_.taking()) return;
  if (!book_.chosen() || !taken.answer.take.isOf(book_.chosen()->id)) return;
  open_.show(taken.answer);
  if (const QString nothing = nothingFound(*taken.answer.snapshot); !nothing.isEmpty()) notices_.say(nothing);
}

void Keeping::intakeMoved() {
  const TakeProgress progress = intake_.progress();
  if (progress.of < 2) return notices_.setProgress({});
  notices_.setProgress(
      Notices::Progress{tr("Opening recordings: %1 of %2").arg(progress.done).arg(progress.of),
                        progress.done, progress.of, [this] { intake_.cancelOpened(); }});
}

void Keeping::intakeFinished(const QStringList& refused) {
  notices_.setProgress({});
  constexpr int kNamed = 3;
  if (!refused.isEmpty())
    notices_.sayLoss(refused.size() <= kNamed ? refused.join(' ')
                                              : tr("%1 And others: %2.")
                                                    .arg(refused.mid(0, kNamed).join(' '),
                                                         QString::number(refused.size() - kNamed)));
  // Several: the newest of them is shown, unless somebody looks at something else by now.
  if (!open_.take() && !open_.isAwaited() && !run_.taking()) open_.openNewest();
}

/// What a crash, a full disk or another list left behind: one that can be kept at once is offered, of all
/// others it is said that they are there.
void Keeping::offerStrays() {
  const auto strays = studio_.recordings.strays();
  if (!notices_.worked(strays) || strays->empty()) return;
  const Stray first = strays->front();
  const Student* owner = book_.find(first.note.student.id);
  if (strays->size() > 1 || !first.recording || !first.seconds || !owner)
    return notices_.sayLoss(foundText(*strays), tr("Look at them…"), [this] { emit straysWanted(); });
  notices_.sayLoss(
      tr("A take of %1, %2 s long, was not kept last time: Calando was ended while it recorded, or there was "
         "no room. It is safe on disk.")
          .arg(words::plain(owner->name), words::number(*first.seconds, 1, false)),
      tr("Keep it as a take"), [this, first, student = *owner] { takeStrayIn(first, student); });
}

void Keeping::takeStrayIn(const Stray& stray, const Student& student) {
  if (!stray.recording) {
    takes_.takeIn(stray, student);
    return;
  }
  AnalysisQueue::Request request;
  request.take = stray.note.take;
  request.take.id = 0;
  request.take.student = student.id;
  request.take.recording = stray.file.filename().string();
  if (request.take.made_unix_s == 0) request.take.made_unix_s = studio_.clock().now_unix_s();
  if (request.take.source.empty()) request.take.source = tr("found after a crash").toStdString();
  request.file = stray.file;
  const auto place = open_.await(request.take);
  intake_.takeIn(std::move(request), student, TakeIntake::Found{},
                 [this, place](const TakeIntake::Taken& taken) { kept(taken, place); });
}

}  // namespace calando
