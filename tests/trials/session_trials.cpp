#include <QElapsedTimer>
#include <fstream>

#include "app/session/homework/marked.h"
#include "core/library/cards.h"
#include "trials/acts.h"
#include "trials/killed.h"
#include "trials/trials.h"

// A session that has to be quick: files that come and change in a watched folder, and verbs at random.

namespace calando::trials {

namespace fs = std::filesystem;

namespace {

constexpr const char* kNames[] = {"Ada Moor", "Ben Falk", "Cleo Wind"};

/// Files come slowly, in pieces with pauses, moved in, and are replaced by others.
Result watchedFolder(Luck& luck, const fs::path& folder) {
  Result result;
  fs::create_directories(folder / "in");
  fs::create_directories(folder / "away");
  std::map<int, std::string> whole;  // by seconds
  for (const int seconds : {3, 4, 6}) {
    const fs::path file = folder / "away" / std::to_string(seconds);
    (void)writeSound(file.string(), sounds::tone({.seconds = seconds - 2.0, .before_s = 1.0, .after_s = 1.0}),
                     48000, SoundFormat::flac24);
    whole[seconds] = bytesOf(file);
  }
  auto session = sessionOf(folder / "studio", std::make_shared<FakeInput>());
  std::map<std::string, std::int64_t> ids;
  for (const char* name : kNames) {
    session->book.add({0, name, "oboe", {}});
    ids[name] = session->book.chosen()->id;
  }
  HomeworkInbox& post = session->inbox;
  session->lists.load();
  session->lists.keep({"Week", {{findExercise("tone-5"), 67}}}, today(session->clock));
  post.watch(folder / "in");
  std::map<fs::path, int> last;
  for (int round = 0; round < luck.rounds; ++round) {
    const std::string name = kNames[luck.upTo(2)];
    const fs::path file = folder / "in" / (name + " " + std::to_string(luck.upTo(1)) + ".flac");
    const int seconds = std::next(whole.begin(), luck.upTo(2))->first;
    const std::string& bytes = whole[seconds];
    if (luck.upTo(2) == 0) {
      std::ofstream(folder / "away" / "moved", std::ios::binary) << bytes;
      fs::rename(folder / "away" / "moved", file);
    } else {
      std::ofstream out(file, std::ios::binary);
      const std::size_t piece = bytes.size() / static_cast<std::size_t>(1 + luck.upTo(3)) + 1;
      for (std::size_t at = 0; at < bytes.size(); at += piece) {
        out << bytes.substr(at, piece) << std::flush;
        QTest::qWait(luck.upTo(5000));
        for (const auto& [student, sent] : post.sent())
          for (std::size_t f = 0; sent.marked && f < sent.marked->heard->recordings.size(); ++f) {
            const double heard = sent.marked->heard->recordings[f].tracks.duration_s;
            if (!whole.contains(static_cast<int>(std::lround(heard)))) result.fail("half a file was marked");
          }
      }
    }
    last[file] = seconds;
    ++result.rounds;
  }
  const auto allThere = [&] {
    std::size_t files = 0;
    for (const auto& [student, sent] : post.sent()) files += sent.kept.files.size();
    if (files != last.size() || !session->session.idle()) return false;
    for (const auto& [file, seconds] : last)
      for (const auto& [student, sent] : post.sent()) {
        const auto place = std::ranges::find(sent.kept.files, file) - sent.kept.files.begin();
        if (place == std::ssize(sent.kept.files)) continue;
        if (student != ids.at(file.filename().string().substr(0, file.filename().string().rfind(' '))))
          return false;
        if (!sent.marked ||
            std::abs(sent.marked->heard->recordings[static_cast<std::size_t>(place)].tracks.duration_s -
                     seconds) > 0.1)
          return false;
      }
    return true;
  };
  if (!QTest::qWaitFor(allThere, 60000)) result.fail("a file is missing, twice there or as it was before");
  if (result.held)
    result.note =
        std::to_string(last.size()) + " files, slow, moved and replaced: each whole, once, as it is now";
  return result;
}

/// Verbs of three students and two lists. What is somebody's says so, and is nowhere else.
class Verbs {
 public:
  Verbs(Luck& luck, const fs::path& folder, Result& result) : luck_(luck), folder_(folder), result_(result) {
    fs::create_directories(folder);
    session_ = sessionOf(folder / "studio", input_);
    for (const char* name : kNames) {
      session_->book.add({0, name, "trumpet-bb", {}});
      students_.push_back(*session_->book.chosen());
    }
    session_->lists.load();
    for (const char* title : {"one", "two"}) {
      session_->lists.keep({title, {{findExercise("tone-5"), 67}, {findExercise("tone-5"), 60}}},
                           today(session_->clock));
      lists_.push_back(session_->lists.chosen()->id);
    }
    for (std::size_t list = 0; list < 2; ++list)
      for (std::size_t who = 0; who < 3; ++who) {
        const auto sound = sounds::tone({.f0_hz = hzOf(who) + 2.0 * static_cast<double>(list),
                                         .seconds = 5.2,
                                         .before_s = 1.0,
                                         .after_s = 1.0});
        (void)writeSound(sentBy(list, who).string(), sound, 48000, SoundFormat::flac24);
      }
    settle(*session_, 20000);
  }

  void one() {
    act(luck_.upTo(19));
    QTest::qWait(50);  // twenty a second
    check();
  }
  void end() {
    if (session_->run.taking()) session_->session.toggle();
    settle(*session_, 60000);
    check();
    if (!session_->studio.recordings.strays()->empty()) result_.fail("something is left over");
  }
  std::size_t takes() {
    std::size_t all = 0;
    for (const Student& s : students_) all += session_->studio.takes.of(s.id)->size();
    return all;
  }

 private:
  static double hzOf(std::size_t who) { return 300.0 + 60.0 * static_cast<double>(who); }
  fs::path sentBy(std::size_t list, std::size_t who) const {
    return folder_ / ("list" + std::to_string(list) + " " + kNames[who] + ".flac");
  }
  std::size_t here() const {
    const auto id = session_->book.chosenId();
    return static_cast<std::size_t>(std::ranges::find(students_, *id, &Student::id) - students_.begin());
  }
  std::size_t listHere() const { return session_->lists.chosen()->id == lists_[0] ? 0 : 1; }
  std::string mark(std::size_t list, std::size_t who) const {
    return "list" + std::to_string(list) + " " + kNames[who];
  }

  void act(int verb) {
    Assembly& s = *session_;
    const std::size_t who = static_cast<std::size_t>(luck_.upTo(2)),
                      list = static_cast<std::size_t>(luck_.upTo(1));
    const std::int64_t id = students_[who].id;
    switch (verb) {
      case 0:
      case 1:
        return s.book.choose(id);
      case 2:
        return s.lists.choose(lists_[list]);
      case 3:
      case 4: {
        if (s.run.taking())
          playsFor_ = {};
        else
          playsFor_ = here();
        s.session.toggle();
        if (s.run.taking() && playsFor_)
          input_->push(sounds::tone({.f0_hz = hzOf(*playsFor_), .seconds = 0.6}));
        return;
      }
      case 5:
        return s.remarks.setRemark(kNames[here()]);
      case 6:
        return s.remarks.setWord(TeachersWord::accept);
      case 7:
        return s.session.deleteTake();
      case 8:
      case 9:
        return s.session.undo();
      case 10:
        return s.planning.edit([&](Plan& plan) { plan.minutes = 30 + static_cast<int>(here()); });
      case 11:
        s.planning.keepPractice({0, 0, today(s.clock), 10, kNames[here()]});
        return;
      case 12:
        if (!s.planning.practices().empty()) s.planning.erasePractice(s.planning.practices().front().id);
        return;
      case 13:
        return s.order.change({orderOf(here()), "steady-tone", luck_.upTo(1) ? "swell" : "tone-5"});
      case 14:
        s.inbox.add({sentBy(listHere(), who)});
        return;
      case 15:
        if (const auto* sent = s.inbox.sentOf(id);
            sent && sent->marked && !sent->marked->marking.items[0].tries.empty())
          s.inbox.correct(id, {0, sent->marked->marking.items[0].tries[0].start_s,
                               sent->marked->marking.items[0].tries[0].end_s, std::size_t(luck_.upTo(1))});
        return;
      case 16:
        s.inbox.setAnswer(id, mark(listHere(), who));
        return;
      case 17:
        return s.inbox.remove(id);
      case 18:
        return s.inbox.keepBest(id);
      default:
        if (!s.takes.all().empty())
          s.session.choose(
              s.takes.all()[static_cast<std::size_t>(luck_.upTo(static_cast<int>(s.takes.all().size()) - 1))]
                  .id);
    }
  }

  static std::string orderOf(std::size_t who) {
    constexpr const char* kFirst[] = {"tone-15", "tone-7", "tone-10"};  // none that everybody has
    return kFirst[who];
  }

  void check() {
    Assembly& s = *session_;
    const auto wrong = [&](const std::string& what) {
      result_.fail("after " + std::to_string(result_.rounds) + " verbs: " + what);
    };
    if (const Take* shown = s.shown.take(); shown && !shown->isOf(*s.book.chosenId()))
      wrong("another’s take is shown");
    for (std::size_t who = 0; who < 3; ++who) {
      const std::int64_t id = students_[who].id;
      const auto takes = s.studio.takes.of(id);
      for (const Take& take : *takes) {
        if (!take.remark.empty() && take.remark != kNames[who]) wrong("another’s remark");
        if (take.source.ends_with(".flac") && take.source.find(kNames[who]) == std::string::npos)
          wrong("another’s homework among the takes");
      }
      const int minutes = s.studio.plans.of(id)->minutes;
      if (minutes != Plan().minutes && minutes != 30 + static_cast<int>(who)) wrong("another’s plan");
      const auto practices = s.studio.plans.practices(id);
      for (const Practice& practice : *practices)
        if (practice.what != kNames[who]) wrong("another’s entry");
      const auto order = s.studio.orders.of(id);
      for (std::size_t other = 0; other < 3; ++other)
        if (other != who && std::ranges::find(*order, orderOf(other)) != order->end())
          wrong("another’s order");
    }
    for (std::size_t list = 0; list < 2; ++list) {
      const auto all = s.studio.homework.sent(lists_[list]);
      for (const SentHomework& sent : *all) {
        const auto who = static_cast<std::size_t>(std::ranges::find(students_, sent.student, &Student::id) -
                                                  students_.begin());
        for (const fs::path& file : sent.files)
          if (file != sentBy(list, who)) wrong("a file of another list or student");
        if (sent.answer && *sent.answer != mark(list, who)) wrong("the answer of another list or student");
        const auto takes = s.studio.takes.of(sent.student);
        for (const auto& [item, id] : sent.takes)
          if (const auto take = std::ranges::find(*takes, id, &Take::id);
              take != takes->end() && take->source != sentBy(list, who).filename())
            wrong("a take of another list");
      }
    }
  }

  Luck& luck_;
  fs::path folder_;
  Result& result_;
  std::shared_ptr<FakeInput> input_ = std::make_shared<FakeInput>();
  std::unique_ptr<Assembly> session_;
  std::vector<Student> students_;
  std::vector<std::int64_t> lists_;
  std::optional<std::size_t> playsFor_;
};

Result randomVerbs(Luck& luck, const fs::path& folder) {
  Result result;
  Verbs verbs(luck, folder, result);
  for (; result.rounds < luck.rounds && result.held; ++result.rounds) verbs.one();
  verbs.end();
  if (result.held)
    result.note = "three students, two lists, " + std::to_string(verbs.takes()) +
                  " takes: nothing shown or stored is another’s";
  return result;
}

}  // namespace

std::vector<Trial> sessionTrials() {
  return {{"watched", "files that come slowly, are moved in, are replaced", 14, 2, watchedFolder},
          {"verbs", "verbs at random, twenty a second", 2400, 150, randomVerbs}};
}

}  // namespace calando::trials
