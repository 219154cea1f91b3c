#include "app/weeks/weeks_page.h"

#include "app/parts/tight.h"
#include "app/people/student_chooser.h"
#include "app/print/report_dialog.h"
#include "app/print/sheet_print.h"
#include "app/session/common/notices.h"
#include "app/session/common/today.h"
#include "app/session/ears/ear_training.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/planning.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/session/studio_files.h"
#include "app/style/style.h"
#include "app/weeks/figure_panel.h"
#include "app/weeks/heard_view.h"
#include "app/weeks/helped_view.h"
#include "app/weeks/log_view.h"
#include "app/weeks/note_weeks.h"
#include "app/weeks/pack_question.h"
#include "app/weeks/plan_dialog.h"
#include "app/weeks/plan_panel.h"
#include "app/weeks/year_ring.h"
#include "app/words/plan_words.h"
#include "app/words/words.h"
#include "records/packs/pack_contents.h"

namespace calando {

namespace {
constexpr int kFigure = 380, kChooser = 240, kNarrowChooser = 140;
}

WeeksPage::WeeksPage(const Parts& parts)
    : parts_(parts),
      chooser_(new StudentChooser(parts, QStringLiteral("weeks-"))),
      views_(new QButtonGroup(this)),
      stack_(new QStackedWidget),
      ring_(new YearRing(parts)),
      notes_(new NoteWeeks(parts)),
      helped_(new HelpedView(parts)),
      heard_(new HeardView(parts)),
      figure_(new FigurePanel(parts)),
      plan_(new PlanPanel(parts, buildWaysOut())) {
  auto* log = new LogView(parts);
  for (QWidget* view : std::initializer_list<QWidget*>{ring_, log, notes_, helped_, heard_})
    stack_->addWidget(view);
  figure_->setFixedWidth(kFigure);
  auto* body = new QHBoxLayout;
  body->setSpacing(5 * style::kStep);
  body->addWidget(stack_, 1);
  body->addWidget(figure_);
  auto* rule = new QFrame;
  rule->setFrameShape(QFrame::HLine);
  rule->setObjectName("rule");
  auto* all = new QVBoxLayout(this);
  all->setContentsMargins(4 * style::kStep, 3 * style::kStep, 4 * style::kStep, 3 * style::kStep);
  all->setSpacing(2 * style::kStep);
  all->addWidget(buildHead());
  all->addLayout(body, 1);
  all->addWidget(rule);
  all->addWidget(plan_);
  connect(views_, &QButtonGroup::idClicked, stack_, &QStackedWidget::setCurrentIndex);
  connect(ring_, &YearRing::chosen, this, &WeeksPage::takeChosen);
  connect(log, &LogView::chosen, this, &WeeksPage::takeChosen);
  connect(figure_, &FigurePanel::exerciseChanged, this, [this] { ring_->setExercise(figure_->exercise()); });
  connect(plan_, &PlanPanel::planWanted, this, &WeeksPage::editPlan);
  connect(plan_, &PlanPanel::sheetWanted, this, &WeeksPage::askForFile);
  const auto changed = [this] {
    if (isVisible()) refresh();
  };
  connect(&parts_.takes, &TakeList::takesChanged, this, changed);
  connect(&parts_.takes, &TakeList::takeAdded, this, changed);
  connect(&parts_.takes, &TakeList::takeChanged, this, changed);
  connect(&parts_.book, &StudentBook::studentChanged, this, changed);
}

QWidget* WeeksPage::buildHead() {
  auto* head = new QWidget;
  chooser_->setFixedHeight(style::kHead);
  chooser_->setMinimumWidth(kNarrowChooser);
  chooser_->setMaximumWidth(kChooser);
  auto* row = tight(new QHBoxLayout(head), 2 * style::kStep);
  row->addWidget(chooser_, 1);
  int id = 0;
  for (const QString& text : {tr("Ribbons"), tr("Logbook"), tr("Notes"), tr("What helped"), tr("Ear")}) {
    auto* button = new QToolButton;
    button->setText(text);
    button->setObjectName("weeksView");
    button->setCheckable(true);
    button->setChecked(id == 0);
    views_->addButton(button, id++);
    row->addWidget(button, 0, Qt::AlignBottom);
  }
  row->addStretch(1);
  return head;
}

/// What leads from a student's book into another: reports and packs.
QWidget* WeeksPage::buildWaysOut() {
  auto* report = new QPushButton(tr("Report…"));
  report->setObjectName("report");
  report->setToolTip(tr("A page for the student, for the parents, or of the class"));
  connect(report, &QPushButton::clicked, this, [this] {
    if (!parts_.book.chosen()) return;
    ReportDialog dialog(parts_, this);
    dialog.exec();
  });
  auto* pack = new QPushButton(tr("Pack…"));
  pack->setObjectName("pack");
  pack->setToolTip(tr("To the student’s own Calando and back"));
  auto* menu = new QMenu(pack);
  connect(menu->addAction(tr("A pack for home…")), &QAction::triggered, this,
          [this] { askForPack(PackKind::home); });
  connect(menu->addAction(tr("The answer for the teacher…")), &QAction::triggered, this,
          [this] { askForPack(PackKind::answer); });
  connect(menu->addAction(tr("Everything, for another teacher…")), &QAction::triggered, this,
          [this] { askForPack(PackKind::teacher); });
  connect(menu->addAction(tr("Open a pack…")), &QAction::triggered, this, [this] {
    const QString file = QFileDialog::getOpenFileName(this, tr("A pack"), {}, tr("Pack (*.zip)"));
    if (!file.isEmpty()) parts_.files.takePackIn(QFile::encodeName(file).toStdString());
  });
  connect(&parts_.files, &StudioFiles::replacingAsked, this,
          [this](const UnpackedPack& came, const PackReplaces& what) {
            if (const auto replacing = askWhatReplaces(came, what, parts_.deck, this))
              parts_.files.takePackIn(came, *replacing);
          });
  pack->setMenu(menu);
  for (QPushButton* button : {pack, report}) button->setProperty("narrow", true);
  auto* box = new QWidget;
  auto* row = tight(new QHBoxLayout(box), 2 * style::kStep);
  row->addWidget(pack);
  row->addWidget(report);
  row->addStretch(1);
  return box;
}

void WeeksPage::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  refresh();
  stack_->currentWidget()->setFocus();
}

void WeeksPage::refresh() {
  chooser_->refresh();
  ring_->refresh();
  figure_->refresh();
  notes_->refresh();
  helped_->refresh();
  heard_->refresh();
  plan_->refresh();
}

void WeeksPage::editPlan() {
  PlanDialog dialog(parts_, this);
  if (dialog.exec() == QDialog::Accepted) parts_.planning.edit([&](Plan& plan) { plan = dialog.plan(); });
}

QString WeeksPage::writeSheet(const QString& kind, const QString& file, int weeks) const {
  const Student* student = parts_.book.chosen();
  if (!student) return tr("There is nobody to write it for.");
  const WeekSheet sheet{words::plain(student->name), parts_.planning.sheets(weekIn(weeks), 7),
                        parts_.book.instrument()};
  const std::string about = std::to_string(student->id);
  if (kind == QLatin1String("pdf")) return writeSheetPdf(sheet, file);
  return writeText(
      kind == QLatin1String("ics") ? calendarText(sheet, about, parts_.clock.now_unix_s()) : sheetText(sheet),
      file);
}

void WeeksPage::askForPack(PackKind kind) {
  const Student* student = parts_.book.chosen();
  if (!student) return;
  const QString file = QFileDialog::getSaveFileName(this, tr("A pack"), tr("pack", "a file’s name") + ".zip",
                                                    tr("Pack (*.zip)"));
  if (!file.isEmpty()) parts_.files.writePack(kind, QFile::encodeName(file).toStdString());
}

Day WeeksPage::weekIn(int weeks) const {
  return mondayOf(today(parts_.clock)) + std::chrono::days(7 * weeks);
}

void WeeksPage::askForFile(const QString& kind, int weeks) {
  const Student* student = parts_.book.chosen();
  if (!student) return;
  // Whose it is and of when stands in its name.
  const QString name = tr("%1, week of %2", "a file’s name: a student, a day")
                           .arg(words::fileName(words::plain(student->name)), words::day(weekIn(weeks))) +
                       '.' + kind;
  const QString filter = kind == QLatin1String("pdf")   ? tr("Page (*.pdf)")
                         : kind == QLatin1String("ics") ? tr("Calendar (*.ics)")
                                                        : tr("Text (*.txt)");
  const QString file = QFileDialog::getSaveFileName(
      this, weeks == 0 ? tr("This week’s sheet") : tr("Next week’s sheet"), name, filter);
  if (file.isEmpty()) return;
  const QString error = writeSheet(kind, file, weeks);
  if (!error.isEmpty()) return parts_.notices.sayLoss(error);
  parts_.notices.say(tr("Written: %1").arg(file));
}

}  // namespace calando
