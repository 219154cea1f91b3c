#include "app/desk/shelf_view.h"

#include "app/picture/gallery.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/session/take/shown_take.h"
#include "app/style/style.h"
#include "app/words/words.h"

namespace calando {

namespace {

constexpr int kCell = 168;
constexpr int kShelf = 100;

enum Role { title = Qt::UserRole, when, held, verdict, word, take };

/// A take: small picture, the step and the day, how long and how it was.
class TakeDelegate : public QStyledItemDelegate {
 public:
  TakeDelegate(const TakeList& takes, QObject* parent) : QStyledItemDelegate(parent), takes_(takes) {}

  QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
    return {kCell, kShelf - 6};
  }

  void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    const QRectF box = QRectF(option.rect).adjusted(2, 2, -2, -2);
    const bool chosen = option.state.testFlag(QStyle::State_Selected);
    if (chosen) {
      painter->setPen(QPen(style::pitch, 1.2));
      painter->setBrush(style::band);
      painter->drawRoundedRect(box, 4, 4);
    }
    const QRectF inner = box.adjusted(6, 5, -6, -4);
    const QRectF top(inner.left(), inner.top(), inner.width(), kThumbnail.height());
    const std::int64_t id = index.data(take).toLongLong();
    const QPixmap small = keptPicture(id, takes_.ribbon(id));
    if (small.isNull())
      painter->fillRect(top, style::sheet);
    else
      painter->drawPixmap(top, small, QRectF(small.rect()));
    QRectF line(inner.left(), top.bottom() + 4, inner.width(), 16);
    painter->setFont(style::work(style::kSmallType));
    const QString day = index.data(when).toString();
    const double dayWidth = painter->fontMetrics().horizontalAdvance(day) + 6.0;
    painter->setPen(style::quietInk);
    painter->drawText(line, Qt::AlignRight | Qt::AlignVCenter, day);
    painter->setPen(style::ink);
    painter->drawText(line, Qt::AlignLeft | Qt::AlignVCenter,
                      painter->fontMetrics().elidedText(index.data(title).toString(), Qt::ElideRight,
                                                        static_cast<int>(line.width() - dayWidth)));
    line.translate(0, 17);
    painter->setPen(style::quietInk);
    painter->drawText(line, Qt::AlignLeft | Qt::AlignVCenter, index.data(held).toString());
    style::paintVerdict(*painter, QRectF(line.right() - 13, line.top() + 2, 12, 12),
                        static_cast<Verdict>(index.data(verdict).toInt()));
    painter->setPen(style::attention);
    painter->drawText(line.adjusted(0, 0, -18, 0), Qt::AlignRight | Qt::AlignVCenter,
                      index.data(word).toString());
    painter->restore();
  }

 private:
  const TakeList& takes_;
};

/// Of one tone or breath how long it lasted, of several notes how many did not come.
QString heldOf(const Take& take, const Exercise* card, const std::optional<TakeSummary>& kept) {
  if (card && card->counted() && kept)
    if (const auto missing = kept->values.find("missing"); missing != kept->values.end())
      return missing->second == 0.0 ? ShelfView::tr("all there")
                                    : ShelfView::tr("%n missing", nullptr, static_cast<int>(missing->second));
  if (card && card->climbs() && kept)
    if (const auto even = kept->values.find("highest_even"); even != kept->values.end())
      return even->second < 1.0 ? ShelfView::tr("not even yet")
                                : ShelfView::tr("even up to %1").arg(words::number(even->second, 0, false));
  if (card && !card->asksForSound()) return ShelfView::tr("%1 s").arg(words::number(take.seconds, 0, false));
  if (kept)
    if (const auto lasts = kept->values.find("air_lasts_s"); lasts != kept->values.end())
      return ShelfView::tr("%1 s").arg(words::number(lasts->second, 1, false));
  return take.held_s ? ShelfView::tr("%1 s").arg(words::number(*take.held_s, 1, false)) : QStringLiteral("–");
}

QString wordOf(TeachersWord word, bool stopped) {
  if (stopped) return ShelfView::tr("stopped");
  switch (word) {
    case TeachersWord::none:
      return {};
    case TeachersWord::accept:
      return ShelfView::tr("counts");
    case TeachersWord::invalidTry:
      return ShelfView::tr("does not count");
    case TeachersWord::notYet:
      return ShelfView::tr("not yet");
    case TeachersWord::veto:
      return ShelfView::tr("right figure, wrong way");
  }
  return {};
}

}  // namespace

ShelfView::ShelfView(const Parts& parts) : parts_(parts) {
  setObjectName("shelf");
  setAccessibleName(tr("Takes, newest first"));
  setItemDelegate(new TakeDelegate(parts.takes, this));
  setSelectionMode(QAbstractItemView::ExtendedSelection);
  setFlow(QListView::LeftToRight);
  setWrapping(false);
  setUniformItemSizes(true);
  setMovement(QListView::Static);
  setFixedHeight(kShelf);
  setFrameShape(QFrame::NoFrame);
  setHorizontalScrollMode(QAbstractItemView::ScrollPerPixel);
  setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);  // PgUp, PgDown and the wheel move it
  TakeList& takes = parts_.takes;
  connect(&takes, &TakeList::takesChanged, this, &ShelfView::fill);
  connect(&takes, &TakeList::takeAdded, this, [this](int row) {
    const QSignalBlocker quiet(this);
    insertRow(row);
    showChosen();
  });
  connect(&takes, &TakeList::takeChanged, this, &ShelfView::refreshTake);
  connect(&parts_.shown, &ShownTake::changed, this, &ShelfView::showChosen);
  connect(&parts_.lesson, &Lesson::cardsChanged, this, &ShelfView::fill);
  connect(this, &QListWidget::currentRowChanged, this, [this](int row) {
    if (row < 0 || row >= static_cast<int>(parts_.takes.all().size())) return;
    parts_.session.choose(parts_.takes.all()[static_cast<std::size_t>(row)].id);
  });
  fill();
}

void ShelfView::fill() {
  const QSignalBlocker quiet(this);
  clear();
  for (int row = 0; row < static_cast<int>(parts_.takes.all().size()); ++row) insertRow(row);
  showChosen();
}

void ShelfView::insertRow(int row) {
  insertItem(row, new QListWidgetItem);
  refreshRow(row);
}

void ShelfView::refreshTake(std::int64_t take) {
  const auto& takes = parts_.takes.all();
  const auto row = std::ranges::find(takes, take, &Take::id) - takes.begin();
  if (row < std::ssize(takes) && row < count()) refreshRow(static_cast<int>(row));
}

void ShelfView::refreshRow(int row) {
  const TakeList& takes = parts_.takes;
  const Take& played = takes.all()[static_cast<std::size_t>(row)];
  const PastTake& past = takes.past()[static_cast<std::size_t>(row)];
  const ExercisePtr card = parts_.deck.find(played.asked.exercise);
  const QDateTime day = QDateTime::fromSecsSinceEpoch(played.made_unix_s);
  QListWidgetItem* entry = item(row);
  entry->setData(take, static_cast<qlonglong>(played.id));
  entry->setData(title, card ? words::said(card->title) : words::plain(played.asked.exercise));
  entry->setData(when, QLocale().toString(day, tr("d MMM", "a take's day")));
  const auto cut = takes.cutShort_s(played.id);
  const QString seconds = heldOf(played, card.get(), past.kept);
  entry->setData(
      held, cut ? tr("%1 of %2 s").arg(words::number(*cut, 1, false), words::number(played.seconds, 1, false))
                : seconds);
  entry->setData(verdict, static_cast<int>(past.kept && !past.stopped ? verdictOf(played.word, *past.kept)
                                                                      : Verdict::unmeasured));
  entry->setData(word, wordOf(played.word, played.stopped));
  forgetPicture(played.id);
  QStringList tip{entry->data(title).toString() + QStringLiteral("   ·   ") + words::moment(day)};
  if (const Student* other = parts_.book.find(
          parts_.book.chosen() && played.student == parts_.book.chosen()->id ? played.other : played.student);
      other && played.other != 0) {
    const QString with = tr("with %1").arg(words::plain(other->name).section(' ', 0, 0));
    entry->setData(held, entry->data(held).toString() + QStringLiteral(" · ") + with);
    tip << with;
  }
  tip << words::plain(played.source);
  if (!played.remark.empty()) tip << words::plain(played.remark);
  if (!played.askedSound)
    tip << tr(
        "Some of what was asked for could not be read and is set aside: judged as if nobody had asked "
        "for it.");
  if (cut) tip << tr("Its sound is cut short.");
  entry->setToolTip(tip.join('\n'));
  QStringList spoken{entry->data(title).toString(), entry->data(when).toString(),
                     entry->data(held).toString(),
                     style::verdictWord(static_cast<Verdict>(entry->data(verdict).toInt()))};
  if (const QString said = entry->data(word).toString(); !said.isEmpty()) spoken << said;
  entry->setText(spoken.join(", "));  // for screen readers; the delegate draws
}

void ShelfView::showChosen() {
  const QSignalBlocker quiet(this);
  const auto& takes = parts_.takes.all();
  const auto id = parts_.shown.id();
  const auto row = id ? std::ranges::find(takes, *id, &Take::id) - takes.begin() : std::ssize(takes);
  if (row < std::ssize(takes) && row < count()) {
    if (currentRow() != static_cast<int>(row)) setCurrentRow(static_cast<int>(row));
  } else {
    setCurrentRow(-1);
    clearSelection();
  }
}

std::vector<std::int64_t> ShelfView::marked() const {
  std::vector<std::int64_t> ids;
  for (const QModelIndex& index : selectionModel()->selectedIndexes())
    ids.push_back(parts_.takes.all()[static_cast<std::size_t>(index.row())].id);
  return ids;
}

void ShelfView::step(int by) {
  if (count() > 0) setCurrentRow(std::clamp(currentRow() + by, 0, count() - 1));
}

}  // namespace calando
