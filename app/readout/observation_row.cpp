#include "app/readout/observation_row.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QToolButton>
#include <QVBoxLayout>

#include "app/parts/commands.h"
#include "app/parts/tight.h"
#include "app/session/session.h"
#include "app/session/take/shown_history.h"
#include "app/session/take/shown_take.h"
#include "app/session/take/take_remarks.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/figures/figure.h"
#include "core/judging/ledger.h"

namespace calando {

namespace {

/// What to do, less how.
QString headOf(const QString& cue) {
  const auto end = cue.indexOf(QRegularExpression(QStringLiteral("[:.,;，。：]")));
  return end < 0 ? cue : cue.left(end);
}

QString said(const TriedCue& cue) {
  const QString what = headOf(words::said(cue.observed->tries[cue.index].says));
  if (!cue.before || !cue.after)
    return cue.helped ? ObservationRow::tr("%1: not heard again").arg(what)
                      : ObservationRow::tr("%1: heard again").arg(what);
  return ObservationRow::tr("%1 · %2 %3 → %4", "what was tried, a figure before and after")
      .arg(what, words::label(*cue.figure), words::number(*cue.before, cue.figure->print),
           words::number(*cue.after, cue.figure->print));
}

}  // namespace

ObservationRow::ObservationRow(const Parts& parts)
    : parts_(parts), seen_(new QToolButton), often_(new QLabel), tried_(new QLabel) {
  auto* layout = tight(new QVBoxLayout(this), 0);
  auto* row = new QHBoxLayout;
  row->setSpacing(2 * style::kStep);
  row->addWidget(seen_);
  row->addWidget(often_, 1);
  layout->addLayout(row);
  layout->addWidget(tried_);
  seen_->setObjectName("seen");
  seen_->setToolTip(tipOf("seen"));
  seen_->setProperty("quiet", true);
  seen_->setCheckable(true);
  often_->setObjectName("often");
  often_->setWordWrap(true);
  tried_->setObjectName("ledger");
  tried_->setWordWrap(true);
  connect(seen_, &QToolButton::clicked, this, [this] { parts_.remarks.nextSeen(); });
  connect(&parts_.shown, &ShownTake::changed, this, &ObservationRow::refresh);
  connect(&parts_.shown, &ShownTake::said, this, &ObservationRow::refresh);
  refresh();
}

void ObservationRow::refresh() {
  const ShownTake& open = parts_.shown;
  const ShownHistory& history = parts_.history;
  const bool observed = history.observation() != nullptr;
  const Seen seen = observed ? open.take()->seen : Seen::unsaid;
  seen_->setText(seen == Seen::right   ? tr("it was so")
                 : seen == Seen::wrong ? tr("it was not so")
                                       : tr("was it so?"));
  seen_->setChecked(seen != Seen::unsaid);
  seen_->setEnabled(parts_.session.allowed().say);
  seen_->setVisible(observed);
  const Confirmed often = history.confirmed();
  often_->setText(often.said > 0 ? tr("right in %1 of %2").arg(often.right).arg(often.said) : QString());
  often_->setVisible(observed);
  const auto tried = history.triedBefore();
  QStringList all;
  for (const TriedCue& cue : tried) all << said(cue);
  tried_->setText(all.isEmpty() ? QString() : all.front());
  tried_->setToolTip(all.join(QStringLiteral("\n")));
  tried_->setVisible(!all.isEmpty());
  setVisible(observed || !all.isEmpty());
}

}  // namespace calando
