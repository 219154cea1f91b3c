#include <QApplication>
#include <QCommandLineParser>
#include <QMessageBox>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <memory>

#include "app/desk/main_window.h"
#include "app/desk/open_studio.h"
#include "app/desk/stylesheet.h"
#include "app/log/log.h"
#include "app/session/demo.h"
#include "app/words/language.h"
#include "app/words/words.h"
#include "core/engine/analysis.h"
#include "records/studio.h"

namespace {

/// What went wrong with the demo's class, which goes into a folder that goes when the program ends; empty:
/// nothing.
QString demoError(const QTemporaryDir& folder) {
  const auto made = calando::demoBeside(QApplication::applicationDirPath().toStdString());
  const auto error = calando::copyDemo(made, folder.path().toStdString());
  if (!error) return {};
  return QApplication::translate("Main",
                                 "The demo’s class cannot be copied from %1 (%2). Build it with the target "
                                 "“demo”, or install Calando with its data.")
      .arg(QString::fromStdString(made.lexically_normal().string()), QString::fromStdString(error.message()));
}

void describe(QCommandLineParser& parser) {
  parser.setApplicationDescription("Measures long tones for wind teachers.");
  parser.addHelpOption();
  parser.addVersionOption();
  parser.addOption({"studio", "The folder of the studio to open.", "DIR"});
  parser.addOption({"demo", "Open a throwaway studio with an invented evening class."});
  parser.addPositionalArgument("files", "Recordings to open as takes.", "[FILE...]");
}

/// The demo leaves nothing behind: without a folder the log is kept in memory.
void keepLog(std::shared_ptr<const calando::Clock> clock, bool demo) {
  const QString folder = QStandardPaths::writableLocation(QStandardPaths::AppLocalDataLocation);
  calando::beginLog(std::move(clock), demo ? std::filesystem::path()
                                           : std::filesystem::path(QFile::encodeName(folder).toStdString()));
  qCInfo(calando::logProgram) << "Calando" << QApplication::applicationVersion() << "with Qt" << qVersion()
                              << "on" << QSysInfo::prettyProductName() << QGuiApplication::platformName();
}

/// In the language that is kept in the studio.
std::unique_ptr<calando::MainWindow> windowOver(calando::Studio studio) {
  calando::useLanguage(QString::fromStdString(studio.settings.get(calando::settings::language)));
  return std::make_unique<calando::MainWindow>(std::move(studio));
}

}  // namespace

int main(int argc, char** argv) {
  QApplication application(argc, argv);
  QApplication::setApplicationName("calando");
  QApplication::setApplicationDisplayName("Calando");
  QApplication::setApplicationVersion(QString::fromStdString(calando::engineVersion()));
  QApplication::setWindowIcon(QIcon(":/calando.svg"));
  QApplication::setDesktopFileName("calando");
  calando::style::apply(application);

  QCommandLineParser parser;
  describe(parser);
  parser.process(application);

  QTemporaryDir demo;
  QString folder = parser.value("studio");
  auto clock = calando::Clock::system();
  if (parser.isSet("demo")) {
    folder = demo.path();
    clock = calando::demoClock();
    if (const QString error = demoError(demo); !error.isEmpty()) {
      QMessageBox::critical(nullptr, "Calando", error);
      return 1;
    }
  }
  if (folder.isEmpty())
    folder = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/studio";
  auto studio = calando::openStudio(folder, clock);
  if (!studio) return 1;
  keepLog(clock, parser.isSet("demo"));
  auto window = windowOver(std::move(*studio));
  window->show();
  window->openFiles(parser.positionalArguments());
  int ended = QApplication::exec();
  // In another language the same window is made anew.
  while (window->wantedAgain()) {
    window.reset();
    studio = calando::openStudio(folder, clock);
    if (!studio) return 1;
    window = windowOver(std::move(*studio));
    window->showSettings();
    window->show();
    ended = QApplication::exec();
  }
  return ended;
}
