#include <QApplication>
#include <QElapsedTimer>
#include <QLabel>
#include <QListWidget>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>
#include <map>

#include "app/desk/main_window.h"
#include "app/desk/stylesheet.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "audio/sound_file.h"
#include "core/base/plain_text.h"
#include "core/engine/analysis.h"
#include "core/engine/take_stages.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/judging/judging.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/signal/tracks.h"
#include "records/studio.h"
#include "support/signals.h"
#include "trials/trials.h"

namespace calando::trials {

namespace fs = std::filesystem;

namespace {

/// The application that a window needs, made once for the process.
void needApplication() {
  static int argc = 1;
  static char name[] = "calando-trials";
  static char* argv[] = {name, nullptr};
  if (qApp) return;
  qputenv("QT_QPA_PLATFORM", "offscreen");
  style::apply(*new QApplication(argc, argv));
}

std::unique_ptr<MainWindow> windowOf(const fs::path& folder, const std::string& student) {
  needApplication();
  fs::remove_all(folder);
  auto studio = Studio::open(folder);
  (void)studio->students.add(student, "oboe");
  auto window = std::make_unique<MainWindow>(std::move(*studio));
  window->show();
  return window;
}

bool settle(const MainWindow& window, int most_ms) {
  return QTest::qWaitFor([&] { return window.idle(); }, most_ms);
}

/// The longest time in which the interface's thread did nothing else.
class PauseWatch {
 public:
  PauseWatch() {
    clock_.start();
    timer_.callOnTimeout([this] { longest_ms_ = std::max(longest_ms_, clock_.restart()); });
    timer_.setTimerType(Qt::PreciseTimer);
    timer_.start(1);
  }
  double longest_ms() const { return static_cast<double>(longest_ms_); }

 private:
  QElapsedTimer clock_;
  QTimer timer_;
  qint64 longest_ms_ = 0;
};

Result manyFiles(Luck& luck, const fs::path& folder) {
  Result result{true, luck.rounds, {}};
  QTemporaryDir outside;
  QStringList files;
  for (int i = 0; i < luck.rounds; ++i) {
    files << outside.filePath(QString("take %1.wav").arg(i, 3, 10, QChar('0')));
    static std::map<int, std::vector<float>> made;
    auto& sound = made[luck.upTo(9)];
    if (sound.empty()) sound = sounds::tone({.f0_hz = 220.0 + 30.0 * luck.upTo(9), .seconds = 10.0});
    if (!writeSound(files.back().toStdString(), sound, 48000, SoundFormat::wav24))
      result.fail("no room to try it");
  }
  auto window = windowOf(folder, "Ada");
  settle(*window, 10000);
  QTest::qWait(200);
  QElapsedTimer clock;
  clock.start();
  const PauseWatch watch;
  window->openFiles(files);
  if (!settle(*window, 600000)) result.fail("not done after ten minutes");
  const double seconds = static_cast<double>(clock.elapsed()) / 1000.0;
  QTest::qWait(50);
  if (window->findChild<QListWidget*>("shelf")->count() != luck.rounds)
    result.fail("not all of them are takes");
  if (luck.judgesSpeed && watch.longest_ms() > 50.0)
    result.fail("the window stood still for " + std::to_string(watch.longest_ms()) + " ms");
  if (result.held)
    result.note = std::to_string(luck.rounds) + " files of 10 s in " +
                  std::to_string(static_cast<int>(seconds)) + " s, the window still for at most " +
                  std::to_string(static_cast<int>(watch.longest_ms())) + " ms";
  return result;
}

Result longFile(Luck& luck, const fs::path& folder) {
  Result result{true, luck.rounds, {}};
  QTemporaryDir outside;
  const QString file = outside.filePath("long.wav");
  {
    // Tones of a minute, as homework has them one after the other.
    std::vector<float> sound;
    sound.reserve(static_cast<std::size_t>(luck.rounds) * 60 * 48000 + 48000);
    const auto minute = sounds::tone({.f0_hz = 330.0, .seconds = 50.0, .before_s = 5.0, .after_s = 5.0});
    for (int i = 0; i < luck.rounds; ++i) sound.insert(sound.end(), minute.begin(), minute.end());
    if (!writeSound(file.toStdString(), sound, 48000, SoundFormat::wav24)) result.fail("no room to try it");
  }
  auto window = windowOf(folder, "Ada");
  settle(*window, 10000);
  const PauseWatch watch;
  window->openFiles({file});
  if (!settle(*window, 600000)) result.fail("not done after ten minutes");
  if (!window->shownSnapshot()) result.fail("is not on show");
  QTest::qWait(50);
  const std::string still = std::to_string(static_cast<int>(watch.longest_ms())) + " ms";
  if (luck.judgesSpeed && watch.longest_ms() > 50.0) result.fail("the window stood still for " + still);
  if (result.held)
    result.note = std::to_string(luck.rounds) + " minutes in the window, still for at most " + still;
  return result;
}

/// The command line's own way, in this process: streaming with the clicks learnt from the count-in.
Result longClicked(Luck& luck, const fs::path&) {
  Context context;
  context.exercise = findExercise("scale-4-4");
  context.level = findLevel("growing");
  context.instrument = findInstrument("oboe");
  context.accompaniment.click = true;
  TakeStages stages(48000, context);
  const auto minute = sounds::tone({.f0_hz = 330.0, .seconds = 50.0, .before_s = 5.0, .after_s = 5.0});
  for (int i = 0; i < luck.rounds; ++i)
    for (std::size_t at = 0; at < minute.size(); at += 8192)
      stages.push(std::span(minute).subspan(at, std::min<std::size_t>(8192, minute.size() - at)));
  const Analysis analysis = analyse(stages.finish(), context);
  Result result{true, luck.rounds,
                std::to_string(luck.rounds) + " minutes with clicks taken out, block by block"};
  if (analysis.tones.empty()) result.fail("no tone was found");
  return result;
}

Result names(Luck& luck, const fs::path& folder) {
  Result result;
  const QStringList pieces{"<b>",
                           "<img src=file:///etc/passwd>",
                           "%1",
                           "%2",
                           "&",
                           "♭",
                           "ü",
                           "\n",
                           "</html>",
                           "\"",
                           "'",
                           "{}",
                           "\\",
                           " ",
                           "Ada",
                           QString::fromUtf8("\u202e"),
                           QString::fromUtf8("𝄞")};
  for (int round = 0; round < luck.rounds; ++round) {
    QString name = "x";
    for (int i = 0, n = 1 + luck.upTo(12); i < n; ++i)
      name += pieces[luck.upTo(static_cast<int>(pieces.size()) - 1)];
    auto window = windowOf(folder, name.toStdString());
    settle(*window, 10000);
    if (window->findChild<QListWidget*>("students")->item(0)->text().toStdString() !=
        visibleLine(name.toStdString()))
      result.fail("another name in the list");
    for (const QLabel* label : window->findChildren<QLabel*>())
      if (label->textFormat() != Qt::PlainText) result.fail("a label that reads markup");
    ++result.rounds;
  }
  if (result.held) result.note = "text is text, in one line that is seen";
  return result;
}

}  // namespace

std::vector<Trial> windowTrials() {
  return {{"names", "markup, signs and placeholders in names", 40, 4, names},
          {"many-files", "many files opened at once", 300, 12, manyFiles, 400.0},
          {"long-file", "a long file in the window", 40, 1, longFile, 700.0},
          {"long-click", "a long file whose clicks are taken out", 40, 2, longClicked, 200.0}};
}

}  // namespace calando::trials
