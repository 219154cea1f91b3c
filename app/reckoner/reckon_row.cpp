#include "app/reckoner/reckon_row.h"

#include <QGridLayout>
#include <QLocale>
#include <QStyle>

#include "app/parts/tight.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"

namespace calando {

namespace {

constexpr int kField = 96;

std::optional<double> typedQuantity(const Quantity& quantity, const QString& text) {
  if (quantity.kind != Kind::number)
    return readQuantity(quantity, QString(text).replace(QChar(0x2212), QChar('-')).trimmed().toStdString(),
                        noteLanguage());
  bool ok = false;
  const double value = QLocale().toDouble(QString(text).replace(QChar(0x2212), QChar('-')).trimmed(), &ok);
  return ok && value >= quantity.low && value <= quantity.high ? std::optional(value) : std::nullopt;
}

QLabel* unitOf(const Quantity& quantity) {
  const QString label = words::said(quantity.label);
  auto* unit = new QLabel(
      quantity.unit.empty() ? label : QStringLiteral("%1, %2").arg(label, words::said(quantity.unit)));
  unit->setObjectName("caption");
  return unit;
}

}  // namespace

QString shownQuantity(const Quantity& quantity, double value, Spelling spelling) {
  if (quantity.kind == Kind::number) return words::number(value, quantity.decimals, false);
  const NotedPitch pitch = notedPitch(value);
  const QString note = shownNote(pitch.semitone, spelling);
  return quantity.kind == Kind::note
             ? note
             : QStringLiteral("%1 %2").arg(note, words::number(pitch.cents, quantity.decimals));
}

ReckonRow::ReckonRow(const Reckoning& line, QGridLayout& grid, int row, int column)
    : QObject(grid.parentWidget()), line_(line), formula_(new QLabel), value_(line.start) {
  left_ = fieldFor(line.left, false);
  right_ = fieldFor(line.right, true);
  auto* label = new QLabel(words::said(line.label));
  label->setFont(style::work(style::kType, true));
  label->setBuddy(left_);
  formula_->setObjectName("caption");
  formula_->setWordWrap(true);
  const auto cell = [&](QWidget* above, QWidget* below) {
    cells_.push_back(new QWidget);
    auto* layout = tight(new QVBoxLayout(cells_.back()), 0);
    layout->addWidget(above);
    layout->addWidget(below);
    grid.addWidget(cells_.back(), row, column + static_cast<int>(cells_.size()) - 1, Qt::AlignTop);
  };
  cell(label, formula_);
  cell(unitOf(line.left), left_);
  cell(unitOf(line.right), right_);
}

void ReckonRow::setVisible(bool visible) {
  for (QWidget* cell : cells_) cell->setVisible(visible);
}

QLineEdit* ReckonRow::fieldFor(const Quantity& quantity, bool right) {
  auto* field = new QLineEdit;
  field->setObjectName(words::plain(line_.id) + (right ? QStringLiteral("-right") : QStringLiteral("-left")));
  field->setFixedWidth(kField);
  field->setAccessibleName(
      QStringLiteral("%1: %2").arg(words::said(line_.label), words::said(quantity.label)));
  connect(field, &QLineEdit::textEdited, this, [this, right] { typed(right); });
  return field;
}

void ReckonRow::setGivens(const Givens& givens) {
  givens_ = givens;
  const Quantity& from = fromRight_ ? line_.right : line_.left;
  (fromRight_ ? right_ : left_)
      ->setText(
          shownQuantity(from, value_, givens_.instrument ? givens_.instrument->spelling : Spelling::flats));
  reckon();
}

void ReckonRow::setLeft(double value) {
  fromRight_ = false;
  value_ = value;
  setGivens(givens_);
}

void ReckonRow::typed(bool right) {
  const Quantity& from = right ? line_.right : line_.left;
  const auto value = typedQuantity(from, (right ? right_ : left_)->text());
  if (!value) {
    const Spelling spelling = Spelling::flats;
    return say(from.kind == Kind::number ? tr("A number from %1 to %2, please.")
                                               .arg(shownQuantity(from, from.low, spelling),
                                                    shownQuantity(from, from.high, spelling))
                                         : tr("A note, please, such as %1.").arg(shownNote(70, spelling)),
               true);
  }
  fromRight_ = right;
  value_ = *value;
  reckon();
}

void ReckonRow::reckon() {
  const auto result = (fromRight_ ? line_.back : line_.forth)(givens_, value_);
  QLineEdit* other = fromRight_ ? left_ : right_;
  if (!result || !std::isfinite(*result)) {
    other->clear();
    return say(tr("That cannot be: no tube is that long."), true);
  }
  other->setText(shownQuantity(fromRight_ ? line_.left : line_.right, *result,
                               givens_.instrument ? givens_.instrument->spelling : Spelling::flats));
  say(words::said(line_.says.empty() ? line_.formula : line_.says), false);
  formula_->setToolTip(words::said(line_.formula));
}

void ReckonRow::say(const QString& what, bool wrong) {
  formula_->setText(what);
  formula_->setProperty("wrong", wrong);
  formula_->style()->polish(formula_);
}

}  // namespace calando
