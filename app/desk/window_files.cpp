#include <QDragEnterEvent>
#include <QFileDialog>
#include <QMimeData>

#include "app/desk/main_window.h"
#include "app/post/post_page.h"
#include "app/review/take_export.h"
#include "app/session/common/notices.h"
#include "app/session/session.h"
#include "app/session/take/shown_take.h"

/// Files into the window and out of it.
namespace calando {

void MainWindow::chooseFiles() {
  openFiles(QFileDialog::getOpenFileNames(
      this, tr("Open recordings"), {},
      tr("Sound files (*.wav *.flac *.mp3 *.ogg *.opus *.aif *.aiff);;All files (*)")));
}

void MainWindow::openFiles(const QStringList& files) {
  std::vector<std::filesystem::path> paths;
  for (const QString& file : files) paths.emplace_back(QFile::encodeName(file).toStdString());
  if (places_->currentWidget() == post_) return post_->openFiles(paths);
  parts_.session.openFiles(paths);
}

void MainWindow::exportShown() {
  const ShownTake& open = parts_.shown;
  if (!open.take() || !parts_.session.allowed().hear) return;
  const QString file = QFileDialog::getSaveFileName(
      this, tr("Export the take"), tr("take.png"),
      tr("Picture (*.png *.svg);;Sound (*.wav *.flac);;Figures (*.json);;Tracks (*.csv)"));
  if (file.isEmpty()) return;
  const QString error = exportTake(file, *open.snapshot(), *open.samples(), open.rate_hz());
  if (!error.isEmpty()) return parts_.notices.sayLoss(error);
  parts_.notices.say(tr("Written: %1").arg(file));
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
  if (event->mimeData()->hasUrls()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
  QStringList files;
  for (const QUrl& url : event->mimeData()->urls())
    if (url.isLocalFile()) files << url.toLocalFile();
  openFiles(files);
}

}  // namespace calando
