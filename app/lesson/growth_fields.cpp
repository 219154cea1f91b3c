#include "app/lesson/growth_fields.h"

#include "app/words/words.h"
#include "core/library/cards.h"

namespace calando {

GrowthFields::GrowthFields(const std::vector<ExercisePtr>& own)
    : what_(new QComboBox), steps_(new QLineEdit), then_(new QComboBox) {
  what_->setObjectName("growsWhat");
  for (const auto& [text, what] : {std::pair{tr("nothing more"), Grows::What::nothing},
                                   {tr("seconds of a tone"), Grows::What::seconds},
                                   {tr("tempo, per minute"), Grows::What::tempo},
                                   {tr("rounds of a climb"), Grows::What::counts}})
    what_->addItem(text, static_cast<int>(what));
  steps_->setObjectName("growsSteps");
  steps_->setToolTip(tr("Growing numbers with spaces between: one after the other"));
  then_->setObjectName("cardThen");
  then_->addItem(tr("none"), QString());
  for (const ExercisePtr& card : own) then_->addItem(words::plain(card->title), words::plain(card->id));
  for (const Exercise& card : exercises()) then_->addItem(words::said(card.title), words::plain(card.id));
  then_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  auto* form = new QFormLayout(this);
  form->setContentsMargins(0, 0, 0, 0);
  for (const auto& [text, field] : {std::pair<QString, QWidget*>{tr("Then asks for"), what_},
                                    {tr("by steps"), steps_},
                                    {tr("After it"), then_}}) {
    form->addRow(text, field);
    field->setAccessibleName(text);
  }
  connect(what_, &QComboBox::currentIndexChanged, this, [this] {
    steps_->setEnabled(what_->currentIndex() > 0);
    emit changed();
  });
  connect(steps_, &QLineEdit::textChanged, this, &GrowthFields::changed);
  connect(then_, &QComboBox::currentIndexChanged, this, &GrowthFields::changed);
}

void GrowthFields::setCard(const Exercise& card) {
  what_->setCurrentIndex(what_->findData(static_cast<int>(card.grows.what)));
  QStringList steps;
  for (const double step : card.grows.steps)
    steps << QLocale().toString(step, 'g', QLocale::FloatingPointShortest);
  steps_->setText(steps.join(' '));
  steps_->setEnabled(card.grows.what != Grows::What::nothing);
  const QString then = words::plain(card.then);
  if (then_->findData(then) < 0) then_->addItem(then, then);  // of another studio
  then_->setCurrentIndex(then_->findData(then));
}

tl::expected<void, QString> GrowthFields::readInto(Exercise& card) const {
  card.then = then_->currentData().toString().toStdString();
  card.grows = {static_cast<Grows::What>(what_->currentData().toInt()), {}};
  if (card.grows.what == Grows::What::nothing) return {};
  for (const QString& text : steps_->text().split(' ', Qt::SkipEmptyParts)) {
    bool ok = false;
    const double step = QLocale().toDouble(text, &ok);
    if (!ok) return tl::unexpected(tr("Steps: “%1” is no number. Write them as 4 6 8 10.").arg(text));
    card.grows.steps.push_back(step);
  }
  return {};
}

}  // namespace calando
