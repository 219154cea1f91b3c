#include "app/desk/closing.h"

#include <QMessageBox>
#include <QPushButton>

namespace calando {

namespace {
struct Question {
  Q_DECLARE_TR_FUNCTIONS(Closing)
};
}  // namespace

Closing askHowToClose(const StudioFiles::Promises& promises, QWidget* over) {
  QStringList text;
  if (promises.taking.of > 0)
    text << Question::tr(
                "Of %1 recordings %2 are in. Those that were opened stay where they are and can be "
                "opened "
                "again; homework goes on at the next start.")
                .arg(QString::number(promises.taking.of), QString::number(promises.taking.done));
  if (promises.files)
    text << Question::tr("A backup, a restore or a pack is under way; left, nothing of it stays.");
  QMessageBox box(QMessageBox::NoIcon, Question::tr("Something is under way"), text.join('\n'),
                  QMessageBox::NoButton, over);
  auto* wait = box.addButton(Question::tr("Finish it, then close"), QMessageBox::AcceptRole);
  wait->setObjectName("closeWait");
  auto* leave = box.addButton(Question::tr("Leave it"), QMessageBox::DestructiveRole);
  leave->setObjectName("closeLeave");
  box.addButton(Question::tr("Do not close"), QMessageBox::RejectRole);
  box.exec();
  if (box.clickedButton() == leave) return Closing::leave;
  return box.clickedButton() == wait ? Closing::wait : Closing::notNow;
}

}  // namespace calando
