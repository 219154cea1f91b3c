#include "app/lesson/pair_fields.h"

#include "app/parts/tight.h"
#include "app/style/style.h"

namespace calando {

namespace {
enum With { alone, overDrone, withPartner };

/// With the decimals that it has.
void put(QDoubleSpinBox* field, double value) {
  field->setDecimals(value == std::round(value) ? 0 : 2);
  field->setValue(value);
}
}  // namespace

PairFields::PairFields()
    : with_(new QComboBox),
      semitones_(new QDoubleSpinBox),
      off_(new QDoubleSpinBox),
      drift_(new QDoubleSpinBox),
      manner_(new QComboBox),
      fades_(new QCheckBox(tr("fades"))),
      surprises_(new QCheckBox(tr("surprises"))) {
  with_->setObjectName("cardWith");
  with_->addItems({tr("alone"), tr("over a drone on the home note"), tr("with a partner")});
  semitones_->setObjectName("pairSemitones");
  semitones_->setRange(-36, 36);
  semitones_->setSuffix(tr(" half steps"));
  semitones_->setToolTip(tr("The player’s note over the partner’s"));
  for (QDoubleSpinBox* cents : {off_, drift_}) {
    cents->setRange(-100, 100);
    cents->setSuffix(tr(" cents"));
  }
  off_->setObjectName("pairOff");
  off_->setToolTip(tr("How sharp the partner plays"));
  drift_->setToolTip(tr("How far the partner has gone by the end"));
  for (const auto& [text, manner] : {std::pair{tr("holds"), PartnerVoice::Manner::holds},
                                     {tr("gives way"), PartnerVoice::Manner::givesWay},
                                     {tr("follows"), PartnerVoice::Manner::chases}})
    manner_->addItem(text, static_cast<int>(manner));
  fades_->setToolTip(tr("The partner fades as a fork does"));
  surprises_->setToolTip(tr("Nobody says when the partner comes, or on which note"));
  auto* ways = tight(new QHBoxLayout, 2 * style::kStep);
  ways->addWidget(manner_, 1);
  ways->addWidget(fades_);
  ways->addWidget(surprises_);
  auto* cents = tight(new QHBoxLayout, 2 * style::kStep);
  cents->addWidget(off_, 1);
  cents->addWidget(drift_, 1);
  auto* form = new QFormLayout(this);
  form->setContentsMargins(0, 0, 0, 0);
  form->addRow(tr("Played"), with_);
  form->addRow(tr("Interval"), semitones_);
  form->addRow(tr("Sharp, drifts"), cents);
  form->addRow(tr("Partner"), ways);
  with_->setAccessibleName(tr("Alone, over a drone or with a partner"));
  manner_->setAccessibleName(tr("What the partner does"));
  for (QDoubleSpinBox* field : {semitones_, off_, drift_}) {
    field->setAccessibleName(field->toolTip());
    connect(field, &QDoubleSpinBox::valueChanged, this, &PairFields::changed);
  }
  for (QCheckBox* box : {fades_, surprises_}) connect(box, &QCheckBox::toggled, this, &PairFields::changed);
  connect(manner_, &QComboBox::currentIndexChanged, this, &PairFields::changed);
  connect(with_, &QComboBox::currentIndexChanged, this, [this] {
    allow();
    emit changed();
  });
}

void PairFields::setCard(const Exercise& card) {
  const PairCard pair = card.pair.value_or(PairCard{});
  put(semitones_, pair.semitones);
  put(off_, pair.off_cents);
  put(drift_, pair.drift_cents);
  manner_->setCurrentIndex(manner_->findData(static_cast<int>(pair.manner)));
  fades_->setChecked(pair.fades);
  surprises_->setChecked(pair.surprises);
  with_->setCurrentIndex(card.pair ? withPartner : card.drone ? overDrone : alone);
  allow();
}

void PairFields::allow() {
  for (QWidget* field :
       std::initializer_list<QWidget*>{semitones_, off_, drift_, manner_, fades_, surprises_})
    field->setEnabled(forTwo());
}

bool PairFields::forTwo() const { return with_->currentIndex() == withPartner; }

void PairFields::readInto(Exercise& card) const {
  if (!forTwo()) {
    card.drone = with_->currentIndex() == overDrone;
    return card.pair.reset();
  }
  card.pair =
      PairCard{semitones_->value(),     off_->value(),
               drift_->value(),         fades_->isChecked(),
               surprises_->isChecked(), static_cast<PartnerVoice::Manner>(manner_->currentData().toInt())};
}

}  // namespace calando
