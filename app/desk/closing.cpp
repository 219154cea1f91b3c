#include "app/desk/closing.h"

#include <QMessageBox>
#include <QPushButton>

namespace calando {

namespace {
struct Question {
  Q_DECLARE_TR_FUNCTIONS(Closing)
};
}  // namespace

Closing askHowToClose(const Importing& importing, QWidget* over) {
  QMessageBox box(
      QMessageBox::NoIcon, Question::tr("Recordings are being taken in"),
      Question::tr(
          "Of %1 recordings %2 are taken in. The others stay where they are and can be opened again.")
          .arg(QString::number(importing.total()), QString::number(importing.done())),
      QMessageBox::NoButton, over);
  auto* wait = box.addButton(Question::tr("Take them in, then close"), QMessageBox::AcceptRole);
  wait->setObjectName("closeWait");
  auto* leave = box.addButton(Question::tr("Leave them out"), QMessageBox::DestructiveRole);
  leave->setObjectName("closeLeave");
  box.addButton(Question::tr("Do not close"), QMessageBox::RejectRole);
  box.exec();
  if (box.clickedButton() == leave) return Closing::leave;
  return box.clickedButton() == wait ? Closing::wait : Closing::notNow;
}

}  // namespace calando
