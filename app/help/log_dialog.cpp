#include "app/help/log_dialog.h"

#include <QCoreApplication>

#include "app/log/log.h"
#include "app/parts/plain_dialog.h"
#include "app/style/style.h"

namespace calando {

namespace {
struct LogDialog {
  Q_DECLARE_TR_FUNCTIONS(LogDialog)
};
}  // namespace

void showLog(QWidget* parent) {
  QDialog dialog(parent);
  dialog.setWindowTitle(LogDialog::tr("What happened lately"));
  fitToScreen(dialog, 860, 560);
  auto* about = new QLabel(
      LogDialog::tr("What Calando began and how it ended, the newest last. No names, remarks or files "
                    "stand in it: it can be sent to "
                    "whoever looks after the program."));
  about->setWordWrap(true);
  auto* text = new QPlainTextEdit(loggedLately().join('\n'));
  text->setObjectName("logText");
  text->setAccessibleName(LogDialog::tr("What happened lately"));
  text->setReadOnly(true);
  text->setLineWrapMode(QPlainTextEdit::NoWrap);
  auto* copy = new QPushButton(LogDialog::tr("Copy all"));
  copy->setObjectName("copyLog");
  QObject::connect(copy, &QPushButton::clicked, text,
                   [text] { QGuiApplication::clipboard()->setText(text->toPlainText()); });
  auto* layout = new QVBoxLayout(&dialog);
  layout->setSpacing(2 * style::kStep);
  layout->addWidget(about);
  layout->addWidget(text);
  layout->addWidget(copy, 0, Qt::AlignLeft);
  text->moveCursor(QTextCursor::End);
  dialog.exec();
}

}  // namespace calando
