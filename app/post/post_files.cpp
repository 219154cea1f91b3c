#include "app/parts/switch.h"
#include "app/post/post_page.h"
#include "app/post/sent_card.h"
#include "app/print/sheet_print.h"
#include "app/session/common/notices.h"
#include "app/session/homework/homework_inbox.h"
#include "app/session/homework/homework_lists.h"
#include "app/session/students/student_book.h"
#include "app/words/plan_words.h"
#include "app/words/post_words.h"
#include "app/words/words.h"

// What comes into the post, and goes out of it.

namespace calando {

namespace {

/// A file name for each student: of several of one name, however it is written, each has a number, the same
/// whoever of them is written out.
std::map<std::int64_t, QString> fileNamesOf(const std::vector<Student>& students) {
  std::map<QString, std::vector<const Student*>> alike;
  for (const Student& student : students)
    alike[words::fileName(words::plain(student.name)).toCaseFolded()].push_back(&student);
  std::map<std::int64_t, QString> names;
  for (auto& [name, those] : alike) {
    std::ranges::sort(those, {}, &Student::id);
    for (std::size_t i = 0; i < those.size(); ++i)
      names[those[i]->id] = words::fileName(words::plain(those[i]->name)) +
                            (those.size() > 1 ? QStringLiteral(" (%1)").arg(i + 1) : QString());
  }
  return names;
}

}  // namespace

void PostPage::openFiles(const std::vector<std::filesystem::path>& files) {
  if (!parts_.lists.chosen()) return editList(true);
  if (const auto nobodys = parts_.inbox.add(files); !nobodys.empty()) askWhose(nobodys);
}

/// Nobody's name is in them: they may be of the one who is looked at.
void PostPage::askWhose(const std::vector<std::filesystem::path>& nobodys) {
  const Student* who = student_ ? parts_.book.find(*student_) : nullptr;
  if (!who) return parts_.notices.sayLoss(tr("Nobody’s name is in these files. Add students first."));
  parts_.notices.say(
      tr("Recordings that name nobody: %n, such as %1", nullptr, static_cast<int>(nobodys.size()))
          .arg(words::plain(nobodys.front().filename().string())),
      tr("They are %1’s").arg(words::plain(who->name)),
      [&parts = parts_, nobodys, student = who->id, list = parts_.lists.chosen()->id] {
        // They came for the list that was looked at then.
        if (const Homework* now = parts.lists.chosen(); !now || now->id != list) parts.lists.choose(list);
        parts.inbox.add(nobodys, student);
      });
}

void PostPage::askForFiles(bool folder) {
  QStringList chosen;
  if (folder)
    chosen << QFileDialog::getExistingDirectory(this, tr("A folder of recordings"));
  else
    chosen = QFileDialog::getOpenFileNames(
        this, tr("Open recordings"), {},
        tr("Sound files and tables (*.wav *.flac *.mp3 *.ogg *.opus *.aif *.aiff *.csv);;All files (*)"));
  std::vector<std::filesystem::path> paths;
  for (const QString& file : chosen)
    if (!file.isEmpty()) paths.emplace_back(QFile::encodeName(file).toStdString());
  if (!paths.empty()) openFiles(paths);
}

/// On: which folder; off: none any more.
void PostPage::chooseWatched() {
  QString folder;
  if (watch_->isChecked())
    folder = QFileDialog::getExistingDirectory(this, tr("A folder that recordings come into"));
  parts_.inbox.watch(QFile::encodeName(folder).toStdString());
  refreshLists();
}

void PostPage::giveOut() {
  const Homework* chosen = parts_.lists.chosen();
  const QString file = QFileDialog::getSaveFileName(this, tr("The list for students"), tr("homework.pdf"),
                                                    tr("Page (*.pdf);;Text (*.txt)"));
  if (file.isEmpty() || !chosen) return;
  const QString text = words::listText(parts_.lists.list(), words::dayAndYear(chosen->due),
                                       student_ ? instrumentOf(*student_) : nullptr);
  const QString error = file.endsWith(QLatin1String(".pdf"), Qt::CaseInsensitive) ? writeTextPdf(text, file)
                                                                                  : writeText(text, file);
  if (!error.isEmpty()) return parts_.notices.sayLoss(error);
  parts_.notices.say(tr("Written: %1").arg(file));
}

QString PostPage::writeAnswers(const QString& folder, bool all) const {
  const std::map<std::int64_t, QString> names = fileNamesOf(parts_.book.students());
  for (const auto& [student, sent] : parts_.inbox.sent()) {
    if (!all && student != student_) continue;
    const QString answer = card_->answerOf(student);
    if (answer.isEmpty()) continue;
    const QString error = writeText(answer, QDir(folder).filePath(names.at(student) + QLatin1String(".txt")));
    if (!error.isEmpty()) return error;
  }
  return {};
}

void PostPage::writeOut(bool all) {
  const QString folder = QFileDialog::getExistingDirectory(this, tr("A folder for the answers"));
  if (folder.isEmpty()) return;
  const QString error = writeAnswers(folder, all);
  if (!error.isEmpty()) return parts_.notices.sayLoss(error);
  parts_.notices.say(tr("Written into %1").arg(folder));
}

}  // namespace calando
