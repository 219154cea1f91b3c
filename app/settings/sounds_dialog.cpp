#include "app/settings/sounds_dialog.h"

#include "app/parts/plain_dialog.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/library/cards.h"
#include "records/tables/take_table.h"

namespace calando {

namespace {
constexpr int kListWide = 680, kListHigh = 480;
constexpr double kMegabyte = 1e6;
}  // namespace

SoundsDialog::SoundsDialog(const Retention& retention, const TakeTable& takes, const StudentBook& book,
                           QWidget* parent)
    : QDialog(parent),
      list_(new QTreeWidget),
      all_(new QLabel),
      go_(new QPushButton(tr("Give the sound up"))),
      takes_(retention.due()) {
  setWindowTitle(tr("Sound that is older than it is to be kept"));
  fitToScreen(*this, kListWide, kListHigh);
  list_->setObjectName("sounds");
  list_->setAccessibleName(tr("Takes, oldest first"));
  list_->setHeaderHidden(true);
  list_->setRootIsDecorated(false);
  list_->setUniformRowHeights(true);
  list_->setColumnCount(4);
  list_->setAllColumnsShowFocus(true);
  list_->header()->setSectionResizeMode(QHeaderView::ResizeToContents);
  for (const int wide : {1, 2}) list_->header()->setSectionResizeMode(wide, QHeaderView::Stretch);
  go_->setObjectName("soundsGo");
  auto* intro = new QLabel(tr(
      "Figures, words and small pictures stay; the take can no more be heard, seen large or measured anew. "
      "Unmark what is to be kept. Models are not among them. For a day all of it can be brought back; a "
      "backup before keeps it elsewhere."));
  intro->setWordWrap(true);
  for (const Take& take : takes_) {
    const Student* student = book.find(take.student);
    const Exercise* card = findExercise(take.asked.exercise).get();
    auto* item =
        new QTreeWidgetItem(list_, {words::moment(QDateTime::fromSecsSinceEpoch(take.made_unix_s)),
                                    student ? words::plain(student->name) : QString(),
                                    card ? words::said(card->title) : words::plain(take.asked.exercise),
                                    tr("%1 s").arg(words::number(take.seconds, 0, false))});
    item->setCheckState(0, Qt::Checked);
    std::error_code error;
    const auto bytes = std::filesystem::file_size(takes.file(take), error);
    bytes_.push_back(error ? 0 : bytes);
  }
  auto* no = new QPushButton(tr("Not now"));
  no->setDefault(true);
  auto* foot = new QHBoxLayout;
  foot->setSpacing(2 * style::kStep);
  foot->addWidget(all_, 1);
  foot->addWidget(go_);
  foot->addWidget(no);
  auto* layout = new QVBoxLayout(this);
  layout->addWidget(intro);
  layout->addWidget(list_, 1);
  layout->addLayout(foot);
  connect(list_, &QTreeWidget::itemChanged, this, &SoundsDialog::count);
  connect(go_, &QPushButton::clicked, this, &QDialog::accept);
  connect(no, &QPushButton::clicked, this, &QDialog::reject);
  count();
}

bool SoundsDialog::isMarked(std::size_t row) const {
  return list_->topLevelItem(static_cast<int>(row))->checkState(0) == Qt::Checked;
}

std::vector<std::int64_t> SoundsDialog::marked() const {
  std::vector<std::int64_t> ids;
  for (std::size_t row = 0; row < takes_.size(); ++row)
    if (isMarked(row)) ids.push_back(takes_[row].id);
  return ids;
}

void SoundsDialog::count() {
  double bytes = 0.0;
  std::size_t marked = 0;
  for (std::size_t row = 0; row < takes_.size(); ++row) {
    if (!isMarked(row)) continue;
    bytes += static_cast<double>(bytes_[row]);
    ++marked;
  }
  all_->setText(tr("%1 of %2 takes, %3 MB")
                    .arg(QString::number(marked), QString::number(takes_.size()),
                         words::number(bytes / kMegabyte, 1, false)));
  go_->setEnabled(marked > 0);
}

void askForSounds(Retention& retention, const TakeTable& takes, const StudentBook& book, QWidget* parent) {
  SoundsDialog dialog(retention, takes, book, parent);
  if (dialog.exec() == QDialog::Accepted) retention.letGo(dialog.marked());
}

}  // namespace calando
