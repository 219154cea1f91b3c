#include "app/lesson/target_rows.h"

#include "app/style/style.h"
#include "app/words/words.h"
#include "core/figures/figure.h"
#include "core/judging/level.h"

namespace calando {

namespace {

enum TargetColumn { kFigure, kFrom, kTo, kTargetColumns };
constexpr int kBound = 64;

/// With a true minus sign.
QString boundText(const std::optional<double>& bound) {
  return bound ? QString::number(*bound, 'g', 6).replace('-', QChar(0x2212)) : QString();
}
/// Either minus sign, decimal point or comma; nullopt when it is no number.
std::optional<double> typedNumber(QString text) {
  bool good = false;
  const double number = text.trimmed().replace(',', '.').replace(QChar(0x2212), '-').toDouble(&good);
  return good ? std::optional(number) : std::nullopt;
}

tl::expected<Target, QString> typedTarget(const QString& from, const QString& to) {
  Target target{};
  for (const auto& [text, bound] : {std::pair{from, &target.low}, std::pair{to, &target.high}}) {
    if (text.trimmed().isEmpty()) continue;
    *bound = typedNumber(text);
    if (!*bound) return tl::unexpected(TargetRows::tr("“%1” is no number").arg(text.trimmed()));
  }
  if (target.low && target.high && *target.low > *target.high)
    return tl::unexpected(TargetRows::tr("its target begins above its end; exchange them"));
  return target;
}

}  // namespace

TargetRows::TargetRows() : QTableWidget(0, kTargetColumns) {
  setObjectName("cardTargets");
  setAccessibleName(tr("Targets at this level"));
  setHorizontalHeaderLabels({tr("Figure"), tr("from"), tr("to")});
  setShowGrid(false);
  verticalHeader()->hide();
  horizontalHeader()->setSectionResizeMode(kFigure, QHeaderView::Stretch);
  horizontalHeader()->resizeSection(kFrom, kBound);
  horizontalHeader()->resizeSection(kTo, kBound);
  verticalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);  // a long figure takes two lines
  connect(this, &QTableWidget::itemChanged, this, &TargetRows::changed);
}

void TargetRows::setCard(const Exercise& card, const Level* level, const Instrument* instrument) {
  const QSignalBlocker quiet(this);
  card_ = card;
  level_ = level;
  instrument_ = instrument;
  setRowCount(0);
  for (const std::string& id : card.readings) {
    const int row = rowCount();
    insertRow(row);
    const Figure& figure = *findFigure(id);
    auto* name = new QTableWidgetItem(words::titled(figure));
    name->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable);
    name->setData(Qt::UserRole, words::plain(id));
    name->setToolTip(words::help(figure));
    setItem(row, kFigure, name);
    const Target* target = level ? findTarget(id, card, *level, instrument) : nullptr;
    setItem(row, kFrom, new QTableWidgetItem(target ? boundText(target->low) : QString()));
    setItem(row, kTo, new QTableWidgetItem(target ? boundText(target->high) : QString()));
  }
}

tl::expected<void, QString> TargetRows::readInto(Exercise& card) const {
  for (int row = 0; row < rowCount() && level_; ++row) {
    const std::string id = item(row, kFigure)->data(Qt::UserRole).toString().toStdString();
    const auto fail = [&](const QString& why) {
      return tl::unexpected(tr("%1: %2", "a figure, then what is wrong with its target")
                                .arg(words::label(*findFigure(id)), why));
    };
    auto target = typedTarget(item(row, kFrom)->text(), item(row, kTo)->text());
    if (!target) return fail(target.error());
    const Target* before = findTarget(id, card_, *level_, instrument_);
    const bool same =
        before ? target->low == before->low && target->high == before->high : !target->low && !target->high;
    if (same) continue;
    if (!target->low && !target->high)
      return fail(tr("give it a bound; an exercise cannot take the level’s away"));
    target->width = widthOf(target->low, target->high);
    if (target->width <= 0.0) target->width = before ? before->width : 1.0;
    if (before) target->whom = before->whom;
    auto& several = card.targets[level_->id][id];
    // Whom it was for keeps it for themselves.
    std::erase_if(several, [&](const Target& one) { return one.whom.holds(instrument_); });
    several.insert(several.begin(), *target);
  }
  return {};
}

}  // namespace calando
