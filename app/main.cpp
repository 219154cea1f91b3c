#include <QApplication>
#include <QCommandLineParser>
#include <QMessageBox>
#include <QProgressDialog>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <memory>

#include "app/desk/look.h"
#include "app/desk/main_window.h"
#include "app/desk/open_studio.h"
#include "app/words/language.h"
#include "app/words/words.h"
#include "core/analysis.h"
#include "records/demo_homework.h"
#include "records/demo_studio.h"

namespace {

/// The demo class, made in a folder that goes when the program ends.
QString makeDemo(const QTemporaryDir& folder) {
  auto studio = calando::Studio::open(folder.path().toStdString());
  if (!studio) return calando::words::said(studio.error().what);
  QProgressDialog progress(QApplication::translate("Main", "The evening class is playing its takes…"), {}, 0,
                           100);
  progress.setMinimumDuration(300);
  const auto filled = calando::fillDemoStudio(*studio, [&](double share) {
    progress.setValue(static_cast<int>(100 * share));
    QApplication::processEvents();
  });
  if (!filled) return calando::words::said(filled.error());
  const auto sent = calando::fillDemoHomework(*studio, studio->folder() / "homework");
  return sent ? QString() : calando::words::said(sent.error());
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
  if (parser.isSet("demo")) {
    folder = demo.path();
    if (const QString error = makeDemo(demo); !error.isEmpty()) {
      QMessageBox::critical(nullptr, "Calando", error);
      return 1;
    }
  }
  if (folder.isEmpty())
    folder = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/studio";
  auto studio = calando::openStudio(folder);
  if (!studio) return 1;
  calando::useLanguage(QString::fromStdString(studio->get(calando::settings::language)));
  calando::MainWindow window(std::move(*studio));
  window.show();
  window.openFiles(parser.positionalArguments());
  return QApplication::exec();
}
