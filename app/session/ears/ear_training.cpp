#include "app/session/ears/ear_training.h"

#include <mutex>
#include <random>

#include "app/session/common/notices.h"
#include "app/session/common/today.h"
#include "app/session/ears/ear_knowledge.h"
#include "app/session/ears/for_the_ear.h"
#include "app/session/lesson/lesson.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/sound/speaker.h"
#include "app/words/ear_words.h"
#include "app/words/words.h"
#include "app/work/pending.h"
#include "app/work/work_queue.h"
#include "core/ears/made_sound.h"
#include "core/ears/material.h"
#include "core/ears/sound_maker.h"
#include "core/engine/analysis.h"
#include "core/engine/take_stages.h"
#include "core/exercise/context.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"
#include "records/studio.h"

namespace calando {

namespace {

constexpr int kMinutes = 5;
constexpr std::size_t kOfOne = 5;      // questions about one change in a row
constexpr std::size_t kMostTakes = 6;  // that are looked through for a tone
constexpr int kMisses = 3;
constexpr std::size_t kMostNamed = 6;

/// The newest takes that may hold a tone, the good ones first.
std::vector<Take> candidates(const TakeList& takes, std::optional<std::int64_t> model) {
  std::vector<Take> good, others;
  for (const Take& take : takes.all()) {
    if (!isForTheEar(take) || take.held_s.value_or(0.0) < kSteady_s) continue;
    const bool first = model == take.id || take.word == TeachersWord::accept;
    (first ? good : others).push_back(take);
  }
  good.insert(good.end(), others.begin(), others.end());
  if (good.size() > kMostTakes) good.resize(kMostTakes);
  return good;
}

std::optional<Material> materialOf(std::span<const float> samples, double rate_hz, const TakeSpec& asked) {
  const Context context = contextFor(asked);
  const Tracks tracks = trackTake(samples, rate_hz, context);
  const Analysis analysis = analyse(tracks, context);
  const Tone* tone = analysis.mainTone();
  return tone ? materialFrom(samples, rate_hz, tracks, *tone) : std::nullopt;
}

}  // namespace

/// What is on the thread where sounds are made.
struct EarTraining::Workshop {
  std::unique_ptr<SoundMaker> maker;
  std::optional<Take> from;  ///< nullopt: the stand-in
  Chance chance;
  std::mutex mutex;  // what was given up may still be at it

  void furnish(const std::vector<std::pair<Take, std::filesystem::path>>& takes,
               const std::string& instrument) {
    for (const auto& [take, file] : takes) {
      const auto sound = readWholeSound(file.string());
      if (!sound) continue;
      auto material = materialOf(sound->samples, sound->info.rate_hz, take.asked);
      if (!material) continue;
      maker = std::make_unique<SoundMaker>(std::move(*material));
      from = take;
      return;
    }
    TakeSpec asked;
    asked.instrument = instrument;
    asked.seconds = 4.0;
    const Context context = contextFor(asked);
    const Performance played = perform(*findPlayer("steady"), unroll(context), context, chance());
    if (auto material = materialOf(played.samples, played.rate_hz, asked))
      maker = std::make_unique<SoundMaker>(std::move(*material));
  }
};

EarTraining::EarTraining(Studio& studio, WorkQueue& work, StudentBook& book, TakeList& takes, Lesson& lesson,
                         EarKnowledge& knowledge, Notices& notices, Speaker& speaker, Seeds seeds)
    : studio_(studio),
      book_(book),
      takes_(takes),
      lesson_(lesson),
      knowledge_(knowledge),
      notices_(notices),
      speaker_(speaker),
      work_(work),
      seeds_(std::move(seeds)),
      chance_(seeds_()) {
  connect(&book_, &StudentBook::studentChanged, this, &EarTraining::stop);
  clock_.setInterval(1000);
  connect(&clock_, &QTimer::timeout, this, [this] {
    --left_s_;  // the question that is asked is still answered
    emit changed();
  });
  connect(&speaker_, &Speaker::moved, this, [this](double seconds) {
    if (phase_ != Phase::sounding && phase_ != Phase::asked && phase_ != Phase::told) return;
    played_s_ = seconds;
    emit soundMoved();
  });
  connect(&speaker_, &Speaker::stopped, this, [this] {
    played_s_ = -1.0;
    if (phase_ == Phase::sounding) setPhase(Phase::asked);
    emit soundMoved();
  });
}

void EarTraining::setPhase(Phase phase) {
  phase_ = phase;
  emit changed();
}

void EarTraining::start(std::optional<Way> way) {
  const Student* student = book_.chosen();
  if (!student || running() || knowledge_.asked().empty()) return;
  way_ = way;
  question_.reset();
  chosen_.reset();
  afterRight_.reset();
  afterWrong_.reset();
  missed_.clear();
  right_ = answered_ = 0;
  left_s_ = 60 * kMinutes;
  workshop_ = std::make_shared<Workshop>();
  workshop_->chance.seed(seeds_());
  setPhase(Phase::preparing);
  std::vector<std::pair<Take, std::filesystem::path>> from;
  for (const Take& take : candidates(takes_, lesson_.model()))
    from.emplace_back(take, studio_.takes.file(take));
  making_ = work_.ask(
      WorkQueue::Urgency::now,
      [workshop = workshop_, from, instrument = student->instrument](std::stop_token) {
        const std::lock_guard lock(workshop->mutex);
        workshop->furnish(from, instrument);
        return workshop;
      },
      [this](const std::shared_ptr<Workshop>& workshop) {
        if (!workshop->maker) {
          stop();
          return notices_.say(tr("No tone is held for two seconds: play a long tone first."));
        }
        pitch_hz_ = workshop->maker->material().hz;
        materialText_ =
            workshop->from ? words::fromTake(workshop->from->made_unix_s) : tr("From the stand-in’s tone");
        prepareFirst();
      });
}

void EarTraining::stop() {
  if (!running()) return;
  making_.cancel();
  clock_.stop();
  question_.reset();
  chosen_.reset();
  speaker_.stop();
  setPhase(Phase::off);
}

bool EarTraining::canAsk(Change change) const {
  const auto missed = missed_.find(change);
  return (missed == missed_.end() || missed->second < kMisses) && (!way_ || canBeAsked(*way_, change));
}

/// What is asked after these answers; nullopt: nothing can be, of this tone, or all is known by now.
std::optional<EarTraining::Plan> EarTraining::planAfter(const std::vector<EarAnswer>& answers) {
  const std::size_t sofar =
      answers.size() - (knowledge_.answers().size() - static_cast<std::size_t>(answered_));
  const auto sitting = std::span(answers).last(sofar);
  std::vector<Change> may;
  for (const Change change : knowledge_.asked())
    if (canAsk(change) && !thresholdOf(sitting, change).isSure()) may.push_back(change);
  if (may.empty()) return std::nullopt;
  const Change change = may[sofar / kOfOne % may.size()];
  Plan plan{Way::which, change, 0.0, {}};
  if (way_) {
    plan.way = *way_;
  } else {
    std::vector<Way> ways;
    for (const Way way : {Way::which, Way::odd, Way::reference})
      if (canBeAsked(way, change)) ways.push_back(way);
    plan.way = ways[chance_() % ways.size()];
  }
  if (plan.way == Way::named) {
    plan.named = {change};
    for (const Change other : may)
      if (other != change && plan.named.size() < kMostNamed) plan.named.push_back(other);
    for (const Change other : kBeginsWith)  // one alone is no choice
      if (plan.named.size() < 2 && other != change && canBeAsked(Way::named, other))
        plan.named.push_back(other);
    std::ranges::sort(plan.named);
  }
  const double guess = plan.way == Way::odd     ? 1.0 / 3.0
                       : plan.way == Way::named ? 1.0 / static_cast<double>(plan.named.size())
                                                : 0.5;
  plan.amount = thresholdOf(lately(answers, change), change)
                    .next(guess, std::uniform_real_distribution(0.0, 1.0)(chance_));
  return plan;
}

Pending EarTraining::prepare(const Plan& plan, std::function<void(Ready)> then) {
  return work_.ask(
      WorkQueue::Urgency::now,
      [workshop = workshop_, plan](std::stop_token) {
        const std::lock_guard lock(workshop->mutex);
        return Ready{plan,
                     ask(*workshop->maker, plan.way, plan.change, plan.amount, plan.named, workshop->chance)};
      },
      std::move(then));
}

void EarTraining::prepareFirst() {
  const auto plan = planAfter(knowledge_.answers());
  if (!plan) return end();
  making_ = prepare(*plan, [this](Ready ready) { show(std::move(ready)); });
}

/// Whatever the answer will be, what comes after it is there: first after a right one, then after a wrong
/// one.
void EarTraining::prepareAfter(bool right) {
  std::vector<EarAnswer> after = knowledge_.answers();
  if (chosen_) after.pop_back();  // the one that was given meanwhile
  after.push_back(answerOf(right));
  const auto there = [this, right](Ready ready) {
    (right ? afterRight_ : afterWrong_) = std::move(ready);
    if (phase_ == Phase::preparing) next();
    // What is asked by now may be another question already, which prepares for itself.
    if (right && question_ && !making_) prepareAfter(false);
  };
  if (const auto plan = planAfter(after))
    making_ = prepare(*plan, there);
  else
    there(Ready{});
}

void EarTraining::show(Ready ready) {
  if (!ready.plan) return end();
  if (!ready.question) {
    // Not by that much, of this tone: another amount, and after three something else.
    ++missed_[ready.plan->change];
    return prepareFirst();
  }
  if (!clock_.isActive()) clock_.start();
  question_ = std::move(ready.question);
  chosen_.reset();
  afterRight_.reset();
  afterWrong_.reset();
  setPhase(Phase::sounding);
  play();
  prepareAfter(true);
}

/// Nothing is left to ask.
void EarTraining::end() {
  const bool known =
      std::ranges::any_of(knowledge_.asked(), [this](Change change) { return canAsk(change); });
  stop();
  notices_.say(known ? tr("Your limit is well known now. Enough for today.")
                     : tr("This tone is not fit for what is asked about; choose something else."));
}

void EarTraining::play() {
  if (!question_) return;
  std::vector<float> all;
  const auto between = static_cast<std::size_t>(kBetween_s * question_->rate_hz);
  for (const auto& sound : question_->sounds) {
    if (!all.empty()) all.resize(all.size() + between);
    all.insert(all.end(), sound->samples.begin(), sound->samples.end());
  }
  played_s_ = 0.0;
  if (!speaker_.play(all, question_->rate_hz, 0.0, kToTheEnd_s, false)) {
    stop();
    notices_.say(words::noOutput());
  }
}

std::optional<std::size_t> EarTraining::heardNow() const {
  if (!question_ || !speaker_.playing() || played_s_ < 0.0) return std::nullopt;
  double from_s = 0.0;
  for (std::size_t i = 0; i < question_->sounds.size(); ++i) {
    const double length_s = static_cast<double>(question_->sounds[i]->samples.size()) / question_->rate_hz;
    if (played_s_ < from_s + length_s) return played_s_ >= from_s ? std::optional(i) : std::nullopt;
    from_s += length_s + kBetween_s;
  }
  return std::nullopt;
}

void EarTraining::again() {
  if (question_ && phase_ != Phase::preparing) play();
}

EarAnswer EarTraining::answerOf(bool right) const {
  return {studio_.clock().now_unix_s(),
          today(studio_.clock()),
          question_->way,
          question_->changed.change,
          static_cast<int>(std::lround(69.0 + 12.0 * std::log2(pitch_hz_ / 440.0))),
          std::abs(question_->changed.amount),
          static_cast<int>(question_->choices),
          right};
}

void EarTraining::answer(std::size_t choice) {
  if ((phase_ != Phase::asked && phase_ != Phase::sounding) || !question_ || choice >= question_->choices)
    return;
  chosen_ = choice;
  const EarAnswer answer = answerOf(choice == question_->right);
  ++answered_;
  right_ += answer.right;
  knowledge_.add(answer);
  setPhase(Phase::told);
}

void EarTraining::next() {
  if (phase_ != Phase::told && phase_ != Phase::preparing) return;
  if (left_s_ <= 0) return stop();
  if (!chosen_) return;
  auto& place = *chosen_ == question_->right ? afterRight_ : afterWrong_;
  if (!place) {
    // It is nearly there.
    if (phase_ != Phase::preparing) setPhase(Phase::preparing);
    return;
  }
  speaker_.stop();
  Ready ready = std::move(*place);
  place.reset();
  show(std::move(ready));
}

}  // namespace calando
