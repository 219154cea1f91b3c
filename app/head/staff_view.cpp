#include "app/head/staff_view.h"

#include "app/style/style.h"
#include "app/words/note_names.h"

namespace calando {

namespace {
constexpr double kSpace = 7.0;    // between staff lines
constexpr double kBottom = 56.0;  // the lowest line
constexpr double kNoteX = 62.0;
constexpr int kHigh = 65;  // written: from F4 on a bass clef has more than two lines over it
}  // namespace

StaffView::StaffView(QWidget* parent) : QWidget(parent) {
  setFocusPolicy(Qt::StrongFocus);
  setAccessibleName(tr("Asked-for note on the staff"));
  setToolTip(
      tr("The written note asked for. Click a line or space to choose it, arrow keys move it, Delete frees "
         "it."));
}

void StaffView::setInstrument(const Instrument* instrument) {
  instrument_ = instrument;
  update();
}

void StaffView::setNote(std::optional<int> written, std::optional<Spelling> spelling) {
  note_ = written;
  spelling_ = spelling;
  update();
}

Clef StaffView::clef() const {
  if (!instrument_) return Clef::treble;
  return note_ && *note_ >= kHigh ? instrument_->highClef.value_or(instrument_->clef) : instrument_->clef;
}

int StaffView::bottomLineStep() const {
  switch (clef()) {  // diatonic steps from C-1
    case Clef::treble:
      return 37;  // E4
    case Clef::alto:
      return 31;  // F3
    case Clef::tenor:
      return 29;  // D3
    case Clef::bass:
      return 25;  // G2
  }
  return 37;
}

double StaffView::yOf(int step) const { return kBottom - (step - bottomLineStep()) * kSpace / 2.0; }

void StaffView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.fillRect(rect(), style::sheet);
  painter.setPen(QPen(hasFocus() ? style::pitch : style::rule, hasFocus() ? 2 : 1));
  painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 4, 4);
  painter.setPen(QPen(style::ink, 1));
  for (int line = 0; line < 5; ++line)
    painter.drawLine(QPointF(10, kBottom - line * kSpace), QPointF(100, kBottom - line * kSpace));
  painter.setFont(style::music(21));
  const Clef clef = this->clef();
  const QString sign = clef == Clef::bass     ? QStringLiteral("\U0001D122")
                       : clef == Clef::treble ? QStringLiteral("\U0001D11E")
                                              : QStringLiteral("\U0001D121");  // on the line of C4
  painter.drawText(QPointF(12, clef == Clef::tenor ? kBottom - kSpace : kBottom), sign);
  const QRectF names(108, 12, width() - 114, height() - 22);
  if (!note_) {
    painter.setPen(style::quietInk);
    painter.setFont(style::serif(style::kTitleType));
    painter.drawText(names, Qt::AlignVCenter | Qt::AlignLeft, tr("free note"));
    return;
  }
  const Spelling usual = instrument_ ? instrument_->spelling : Spelling::flats;
  const Spelling spelling = spelling_.value_or(spelledFor(usual));
  const StaffPlace place = staffPlace(*note_, spelling);
  const double y = yOf(place.step);
  painter.setPen(QPen(style::ink, 1));
  for (double line = kBottom + kSpace; line <= y + 0.1; line += kSpace)
    painter.drawLine(QPointF(kNoteX - 5, line), QPointF(kNoteX + 17, line));
  for (double line = kBottom - 5 * kSpace; line >= y - 0.1; line -= kSpace)
    painter.drawLine(QPointF(kNoteX - 5, line), QPointF(kNoteX + 17, line));
  painter.save();
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(style::ink, 1.8));
  painter.translate(kNoteX + 6, y);
  painter.rotate(-14);
  painter.drawEllipse(QPointF(0, 0), 5.6, 3.6);
  painter.restore();
  if (place.alteration != 0) {
    painter.setFont(style::music(15));
    painter.drawText(QPointF(kNoteX - 12, y + 5),
                     place.alteration < 0 ? QStringLiteral("♭") : QStringLiteral("♯"));
  }
  painter.setPen(style::ink);
  painter.setFont(style::serif(style::kFigureType));
  painter.drawText(names, Qt::AlignTop | Qt::AlignLeft, exactNote(*note_, spelling));
  painter.setPen(style::quietInk);
  painter.setFont(style::work(style::kSmallType));
  const int sounding = instrument_ ? instrument_->soundingOf(*note_) : *note_;
  const QString text =
      sounding == *note_ ? tr("as it sounds") : tr("sounds %1").arg(exactNote(sounding, spelling));
  painter.drawText(names, Qt::AlignBottom | Qt::AlignLeft, text);
}

void StaffView::pick(std::optional<int> written) {
  if (written && instrument_)
    written = std::clamp(*written, instrument_->writtenOf(instrument_->lowest),
                         instrument_->writtenOf(instrument_->highest));
  note_ = written;
  update();
  emit notePicked(note_);
}

void StaffView::mousePressEvent(QMouseEvent* event) {
  if (event->position().x() > 104) return;
  const int step =
      bottomLineStep() + static_cast<int>(std::lround((kBottom - event->position().y()) / (kSpace / 2.0)));
  static constexpr int semitones[] = {0, 2, 4, 5, 7, 9, 11};
  pick(step / 7 * 12 + semitones[step % 7]);
}

void StaffView::keyPressEvent(QKeyEvent* event) {
  const int start =
      instrument_ ? instrument_->writtenOf((instrument_->lowest + instrument_->highest) / 2) : 60;
  if (event->key() == Qt::Key_Up)
    pick(note_ ? *note_ + 1 : start);
  else if (event->key() == Qt::Key_Down)
    pick(note_ ? *note_ - 1 : start);
  else if (event->key() == Qt::Key_Delete || event->key() == Qt::Key_Backspace)
    pick(std::nullopt);
  else
    QWidget::keyPressEvent(event);
}

}  // namespace calando
