#include "app/print/report_dialog.h"

#include "app/parts/plain_dialog.h"
#include "app/parts/tight.h"
#include "app/print/sheet_print.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/style/style.h"
#include "app/words/words.h"

namespace calando {

namespace {
constexpr int kPreview = 620;
constexpr double kSharp = 2.0;
}  // namespace

ReportDialog::ReportDialog(const Parts& parts, QWidget* parent)
    : QDialog(parent),
      parts_(parts),
      maker_(parts),
      kind_(new QComboBox),
      paper_(new QComboBox),
      naming_(new QComboBox),
      preview_(new QScrollArea),
      state_(new QLabel) {
  setWindowTitle(tr("A report"));
  fitToScreen(*this, 760, 720);
  kind_->setObjectName("reportKind");
  kind_->addItems({tr("for the student"), tr("for the parents"), tr("the class, for the term")});
  paper_->addItem(tr("A4"), QPageSize::A4);
  paper_->addItem(tr("Letter"), QPageSize::Letter);
  paper_->setCurrentIndex(paper_->findData(usualPaper()));
  naming_->setObjectName("reportNames");
  naming_->addItems({tr("full names"), tr("first names"), tr("initials")});
  auto* choices = tight(new QHBoxLayout, 2 * style::kStep);
  for (QComboBox* box : {kind_, paper_, naming_}) {
    choices->addWidget(box);
    connect(box, &QComboBox::activated, this, &ReportDialog::make);
  }
  choices->addStretch(1);
  preview_->setAlignment(Qt::AlignHCenter);
  preview_->setObjectName("reportPreview");
  preview_->setAccessibleName(tr("The report’s pages"));
  auto* keys = tight(new QHBoxLayout, 2 * style::kStep);
  keys->addWidget(state_, 1);
  const std::pair<QString, const char*> ways[] = {
      {tr("Write pages…"), "pdf"}, {tr("Write text…"), "txt"}, {tr("Write figures…"), "csv"}};
  for (const auto& [text, kind] : ways) {
    auto* button = new QPushButton(text);
    button->setObjectName(QStringLiteral("report-%1").arg(kind));
    button->setAutoDefault(false);
    connect(button, &QPushButton::clicked, this, [this, kind = QString(kind)] { askForFile(kind); });
    keys->addWidget(button);
    out_.push_back(button);
  }
  auto* close = new QPushButton(tr("Close"));
  connect(close, &QPushButton::clicked, this, &QDialog::accept);
  keys->addWidget(close);
  auto* layout = new QVBoxLayout(this);
  layout->setSpacing(2 * style::kStep);
  layout->addLayout(choices);
  layout->addWidget(preview_, 1);
  layout->addLayout(keys);
  connect(&maker_, &ReportMaker::made, this, &ReportDialog::showReport);
  make();
}

void ReportDialog::make() {
  const auto kind = static_cast<ReportKind>(kind_->currentIndex());
  naming_->setVisible(kind == ReportKind::term);
  state_->setText(tr("The pictures are being drawn…"));
  for (QPushButton* button : out_) button->setEnabled(false);
  maker_.make(kind, static_cast<QPageSize::PageSizeId>(paper_->currentData().toInt()),
              static_cast<Naming>(naming_->currentIndex()));
}

/// The pages as images, one under the other.
void ReportDialog::showReport(const std::shared_ptr<Pages>& report) {
  report_ = report;
  const double scale = kPreview / report->size().width();
  auto* all = new QWidget;
  auto* layout = tight(new QVBoxLayout(all), 3 * style::kStep);
  for (int page = 0; page < report->count(); ++page) {
    QImage image((report->size() * scale * kSharp).toSize(), QImage::Format_RGB32);
    image.setDevicePixelRatio(kSharp);
    image.fill(Qt::white);
    QPainter painter(&image);
    painter.scale(scale, scale);
    report->draw(painter, page);
    auto* label = new QLabel;
    label->setPixmap(QPixmap::fromImage(image));
    layout->addWidget(label);
  }
  all->setAccessibleDescription(report->text());
  preview_->setWidget(all);
  state_->clear();
  for (QPushButton* button : out_) button->setEnabled(true);
}

QString ReportDialog::write(const QString& kind, const QString& file) const {
  if (kind == QLatin1String("csv")) {
    const Student* student = parts_.book.chosen();
    return writeText(figuresAsCsv(parts_.takes.all(), parts_.takes.past(),
                                  student ? findInstrument(student->instrument) : nullptr),
                     file);
  }
  if (!report_) return tr("The report is not ready yet.");
  return kind == QLatin1String("pdf") ? report_->writePdf(file) : writeText(report_->text(), file);
}

void ReportDialog::askForFile(const QString& kind) {
  const QString filter = kind == QLatin1String("pdf")   ? tr("Page (*.pdf)")
                         : kind == QLatin1String("csv") ? tr("Table (*.csv)")
                                                        : tr("Text (*.txt)");
  const QString file =
      QFileDialog::getSaveFileName(this, tr("A report"), tr("report", "a file’s name") + '.' + kind, filter);
  if (file.isEmpty()) return;
  const QString error = write(kind, file);
  state_->setText(error.isEmpty() ? tr("Written: %1").arg(file) : error);
}

}  // namespace calando
