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
  parser.setApplicationDescription("Measures long tones for wind teachers.");
  parser.addHelpOption();
  parser.addVersionOption();
  parser.addOption({"studio", "The folder of the studio to open.", "DIR"});
  parser.addOption({"demo", "Open a throwaway studio with an invented evening class."});
  parser.addPositionalArgument("files", "Recordings to open as takes.", "[FILE...]");
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
  // The demo leaves nothing behind.
  using Folders = QStandardPaths;
  calando::beginLog(
      clock,
      parser.isSet("demo")
          ? std::filesystem::path()
          : std::filesystem::path(
                QFile::encodeName(Folders::writableLocation(Folders::AppLocalDataLocation)).toStdString()));
  qCInfo(calando::logProgram) << "Calando" << QApplication::applicationVersion() << "with Qt" << qVersion()
                              << "on" << QSysInfo::prettyProductName() << QGuiApplication::platformName();
  const auto said = [](const calando::Studio& opened) {
    calando::useLanguage(QString::fromStdString(opened.settings.get(calando::settings::language)));
  };
  said(*studio);
  auto window = std::make_unique<calando::MainWindow>(std::move(*studio));
  window->show();
  window->openFiles(parser.positionalArguments());
  int ended = QApplication::exec();
  // In another language the same window is made anew.
  while (window->wantedAgain()) {
    window.reset();
    studio = calando::openStudio(folder, clock);
    if (!studio) return 1;
    said(*studio);
    window = std::make_unique<calando::MainWindow>(std::move(*studio));
    window->showSettings();
    window->show();
    ended = QApplication::exec();
  }
  return ended;
}
