#include "app/readout/cue_page.h"

#include "app/parts/flow_layout.h"
#include "app/parts/tight.h"
#include "app/readout/cue_table.h"
#include "app/session/session.h"
#include "app/session/students/open_breaths.h"
#include "app/session/students/student_book.h"
#include "app/session/take/shown_take.h"
#include "app/style/style.h"
#include "core/engine/snapshot.h"
#include "core/figures/cue_figures.h"
#include "core/figures/findings.h"
#include "core/judging/discipline.h"

namespace calando {

CuePage::CuePage(const Parts& parts)
    : parts_(parts),
      table_(new CueTable),
      foot_(new QWidget),
      learnt_(new QLabel),
      open_(new QPushButton(tr("This one is open"))),
      forget_(new QPushButton(tr("Forget them"))) {
  table_->setObjectName("cues");
  learnt_->setObjectName("caption");
  learnt_->setWordWrap(true);
  open_->setObjectName("callOpen");
  open_->setProperty("narrow", true);
  open_->setToolTip(
      tr("Choose a breath in that sounds open: this player’s breaths are compared with it from now on."));
  forget_->setObjectName("forgetOpen");
  forget_->setProperty("narrow", true);
  auto* buttons = new FlowLayout(style::kStep);
  buttons->addWidget(open_);
  buttons->addWidget(forget_);
  auto* foot = tight(new QVBoxLayout(foot_), style::kStep);
  foot->addWidget(learnt_);
  foot->addLayout(buttons);
  auto* layout = tight(new QVBoxLayout(this), style::kStep);
  layout->addWidget(table_, 1);
  layout->addWidget(foot_);
  connect(table_, &CueTable::cueChosen, this, [this](std::size_t cue) {
    cue_ = cue;
    refresh();
    emit cueChosen(cue);
  });
  connect(open_, &QPushButton::clicked, this, [this] {
    if (const auto air = chosenInhale()) parts_.breaths.call(snapshot_->analysis.airs[*air]);
  });
  connect(forget_, &QPushButton::clicked, this, [this] { parts_.breaths.forget(); });
}

void CuePage::setSnapshot(SnapshotPtr snapshot) {
  if (snapshot != snapshot_) cue_.reset();
  snapshot_ = std::move(snapshot);
  table_->setSnapshot(snapshot_);
  refresh();
}

void CuePage::chooseCue(std::size_t cue) {
  cue_ = cue;
  table_->chooseCue(cue);
  refresh();
}

/// The index of its air.
std::optional<std::size_t> CuePage::chosenInhale() const {
  if (!snapshot_ || !cue_ || *cue_ >= snapshot_->analysis.cues.size()) return std::nullopt;
  const CueResult& cue = snapshot_->analysis.cues[*cue_];
  const Air* air = soundOf(cue, snapshot_->analysis).air;
  const bool can = air && air->profile && breathesOf(cue.kind) == Breathes::in;
  return can ? cue.matched : std::nullopt;
}

void CuePage::refresh() {
  foot_->setVisible(snapshot_ && disciplineOf(snapshot_->context).ofAir);
  const std::size_t learnt = parts_.breaths.marks().size();
  learnt_->setText(learnt == 0 ? tr("Breaths in are compared with what holds for everybody. Choose one that "
                                    "sounds open to compare them with this player’s own.")
                               : tr("Compared with this player’s own open breaths: %1.").arg(learnt));
  open_->setEnabled(parts_.session.allowed().say && chosenInhale());
  forget_->setEnabled(parts_.session.allowed().say && learnt > 0);
}

}  // namespace calando
