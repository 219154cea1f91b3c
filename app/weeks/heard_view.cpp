#include "app/weeks/heard_view.h"

#include "app/charts/ear_chart.h"
#include "app/parts/tight.h"
#include "app/parts/wrapped.h"
#include "app/session/ears/ear_knowledge.h"
#include "app/session/ears/ear_training.h"
#include "app/style/style.h"
#include "app/words/ear_words.h"
#include "app/words/words.h"

namespace calando {

namespace {
constexpr int kChart = 190;
}

HeardView::HeardView(const Parts& parts) : parts_(parts) {
  setObjectName("heard");
  setAccessibleName(tr("Smallest differences heard"));
  setFrameShape(QFrame::NoFrame);
  setWidgetResizable(true);
  auto* inner = new QWidget;
  charts_ = tight(new QVBoxLayout(inner), style::kStep);
  setWidget(inner);
}

void HeardView::refresh() {
  while (QLayoutItem* item = charts_->takeAt(0)) {
    delete item->widget();
    delete item;
  }
  const auto& answers = parts_.knowledge.answers();
  const auto label = [this](const QString& text) {
    QLabel* line = wrapped("");
    line->setText(text);
    charts_->addWidget(line);
  };
  for (const ChangeRow& row : changes()) {
    auto weeks = earWeeks(answers, row.change);
    if (weeks.empty()) continue;
    const QString now =
        words::heard(row.change, thresholdOf(lately(answers, row.change), row.change).heard());
    label(tr("%1: hears %2", "what, how little of it").arg(words::name(row.change), now));
    auto* chart = new EarChart;
    chart->setFixedHeight(kChart);
    chart->setCourse(row.change, std::move(weeks));
    charts_->addWidget(chart);
  }
  if (charts_->count() == 0)
    label(tr("The ear was not asked yet: Ears (Alt+4) does, five minutes at a time."));
  charts_->addStretch(1);
}

}  // namespace calando
