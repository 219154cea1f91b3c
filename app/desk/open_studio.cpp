#include "app/desk/open_studio.h"

#include <QCoreApplication>

#include "app/words/words.h"
#include "records/studio.h"

namespace calando {

namespace {
struct OpenStudio {
  Q_DECLARE_TR_FUNCTIONS(OpenStudio)
};
}  // namespace

std::optional<Studio> openStudio(QString folder, const std::shared_ptr<const Clock>& clock) {
  bool anew = false;
  while (true) {
    const std::filesystem::path place = QFile::encodeName(folder).toStdString();
    auto studio = anew ? Studio::rebuild(place, clock) : Studio::open(place, clock);
    if (studio) return std::move(*studio);
    QMessageBox box(QMessageBox::NoIcon, OpenStudio::tr("The studio cannot be opened"),
                    words::said(studio.error().what), QMessageBox::NoButton);
    box.setTextFormat(Qt::PlainText);
    auto* other = box.addButton(OpenStudio::tr("Another folder…"), QMessageBox::ActionRole);
    other->setObjectName("otherFolder");
    QPushButton* rebuild = nullptr;
    if (studio.error().canBeRebuilt()) {
      rebuild = box.addButton(OpenStudio::tr("Make the list anew"), QMessageBox::AcceptRole);
      rebuild->setObjectName("rebuild");
      rebuild->setToolTip(
          OpenStudio::tr("From the sound files, which carry what is needed. What there is of the old list is "
                         "kept beside it under another name."));
    }
    auto* again = box.addButton(OpenStudio::tr("Try again"), QMessageBox::ActionRole);
    box.addButton(OpenStudio::tr("Quit"), QMessageBox::RejectRole);
    box.exec();
    anew = rebuild && box.clickedButton() == rebuild;
    if (anew || box.clickedButton() == again) continue;
    if (box.clickedButton() != other) return std::nullopt;
    const QString chosen =
        QFileDialog::getExistingDirectory(nullptr, OpenStudio::tr("A folder for the studio"), folder);
    if (!chosen.isEmpty()) folder = chosen;
  }
}

}  // namespace calando
