#include "app/print/pages.h"

#include <QCoreApplication>
#include <QFontMetricsF>
#include <QLocale>
#include <QPainter>
#include <QPdfWriter>
#include <QSaveFile>

#include "app/style/style.h"

namespace calando {

namespace {

struct PageWords {
  Q_DECLARE_TR_FUNCTIONS(Pages)
};

constexpr double kMargin = 54.0, kFoot = 30.0, kGap = 6.0, kPoints = 72.0;
constexpr double kTitle = 22.0, kHeading = 14.0, kText = 10.5, kSmall = 8.5, kFigure = 18.0;
constexpr int kWrap = Qt::TextWordWrap | Qt::AlignLeft | Qt::AlignTop;
constexpr double kAnyHeight = 1e6;

/// A font of so many points where a unit is a point.
QFont sized(QFont font, double points) {
  font.setPixelSize(static_cast<int>(std::lround(points * 10)));
  // Forms of a letter that depend on its neighbours lose what they stand for in a file: nobody could search
  // it.
  font.setStyleStrategy(QFont::PreferNoShaping);
  return font;
}
/// Fonts have whole pixels only: they are ten times as large, and drawn a tenth as large.
constexpr double kTenth = 0.1;

double heightOf(const QString& text, const QFont& font, double width) {
  return kTenth *
         QFontMetricsF(font).boundingRect(QRectF(0, 0, width / kTenth, kAnyHeight), kWrap, text).height();
}

void drawText(QPainter& painter, const QRectF& area, const QString& text, const QFont& font,
              const QColor& ink, int flags = kWrap) {
  painter.save();
  painter.translate(area.topLeft());
  painter.scale(kTenth, kTenth);
  painter.setFont(font);
  painter.setPen(ink);
  painter.drawText(QRectF(QPointF(0, 0), area.size() / kTenth), flags, text);
  painter.restore();
}

}  // namespace

QPageSize::PageSizeId usualPaper() {
  return QLocale().measurementSystem() == QLocale::ImperialUSSystem ? QPageSize::Letter : QPageSize::A4;
}

Pages::Pages(QPageSize::PageSizeId size) : size_(size) {}

QSizeF Pages::size() const { return size_.size(QPageSize::Point); }
double Pages::width() const { return size().width() - 2.0 * kMargin; }

void Pages::words(const QString& text, const QFont& font, double after) {
  const double height = heightOf(text, font, width());
  blocks_.push_back({height + after, [text, font, height](QPainter& painter, const QRectF& area) {
                       drawText(painter, QRectF(area.topLeft(), QSizeF(area.width(), height + 2.0)), text,
                                font, style::ink);
                     }});
  text_ << text;
}

void Pages::title(const QString& text) {
  title_ = text;
  words(text, sized(style::serif(kTitle), kTitle), 2.0 * kGap);
  text_ << QString();
}

void Pages::heading(const QString& text) {
  blocks_.push_back({kGap, [](QPainter&, const QRectF&) {}});
  text_ << QString();
  words(text, sized(style::serif(kHeading), kHeading), kGap);
}

void Pages::paragraph(const QString& text) { words(text, sized(style::work(kText), kText), kGap); }
void Pages::small(const QString& text) { words(text, sized(style::work(kSmall), kSmall), kGap); }

void Pages::figure(const QString& label, const QString& value, const QString& note) {
  const QFont quiet = sized(style::work(kSmall), kSmall), large = sized(style::work(kFigure, true), kFigure),
              plain = sized(style::work(kText), kText);
  const double aside = 0.42 * width(), beside = width() - aside - kGap;
  const double height = std::max(kSmall + kFigure + 2.0 * kGap, heightOf(note, plain, beside) + kSmall);
  blocks_.push_back({height + kGap, [=](QPainter& painter, const QRectF& area) {
                       drawText(painter, QRectF(area.left(), area.top(), aside, 1.4 * kSmall), label, quiet,
                                style::quietInk);
                       drawText(painter, QRectF(area.left(), area.top() + 1.3 * kSmall, aside, 1.6 * kFigure),
                                value, large, style::ink);
                       drawText(painter,
                                QRectF(area.left() + aside + kGap, area.top() + kSmall, beside, height), note,
                                plain, style::ink);
                     }});
  text_ << QStringLiteral("%1: %2. %3").arg(label, value, note);
}

void Pages::picture(double height, const QString& words, std::function<void(QPainter&, const QRectF&)> draw) {
  blocks_.push_back({height + kGap, [height, draw = std::move(draw)](QPainter& painter, const QRectF& area) {
                       painter.save();
                       draw(painter, QRectF(area.topLeft(), QSizeF(area.width(), height)));
                       painter.restore();
                     }});
  text_ << words;
}

void Pages::table(const std::vector<QStringList>& rows) {
  if (rows.empty()) return;
  const QFont plain = sized(style::work(kText), kText), strong = sized(style::work(kText, true), kText);
  const double column = width() / static_cast<double>(rows.front().size());
  for (std::size_t r = 0; r < rows.size(); ++r) {
    const QFont font = r == 0 ? strong : plain;
    double height = 0.0;
    for (const QString& cell : rows[r]) height = std::max(height, heightOf(cell, font, column - kGap));
    blocks_.push_back({height + kGap, [=, row = rows[r]](QPainter& painter, const QRectF& area) {
                         for (qsizetype c = 0; c < row.size(); ++c)
                           drawText(painter,
                                    QRectF(area.left() + column * static_cast<double>(c), area.top(),
                                           column - kGap, height + 2.0),
                                    row[c], font, style::ink);
                         painter.setPen(QPen(style::rule, 0.6));
                         painter.drawLine(QPointF(area.left(), area.top() + height + 0.5 * kGap),
                                          QPointF(area.right(), area.top() + height + 0.5 * kGap));
                       }});
    text_ << rows[r].join(QStringLiteral(" | "));
  }
}

/// As many blocks on each page as have room.
std::vector<std::vector<const Pages::Block*>> Pages::paged() const {
  const double room = size().height() - 2.0 * kMargin - kFoot;
  std::vector<std::vector<const Block*>> pages(1);
  double used = 0.0;
  for (const Block& block : blocks_) {
    if (used + block.height > room && !pages.back().empty()) {
      pages.emplace_back();
      used = 0.0;
    }
    pages.back().push_back(&block);
    used += block.height;
  }
  return pages;
}

int Pages::count() const { return static_cast<int>(paged().size()); }

void Pages::draw(QPainter& painter, int page) const {
  painter.setRenderHint(QPainter::Antialiasing);
  const auto pages = paged();
  double top = kMargin;
  for (const Block* block : pages.at(static_cast<std::size_t>(page))) {
    block->draw(painter, QRectF(kMargin, top, width(), block->height));
    top += block->height;
  }
  drawText(painter, QRectF(kMargin, size().height() - kMargin, width(), 2.0 * kSmall),
           PageWords::tr("%1 · page %2 of %3").arg(title_).arg(page + 1).arg(pages.size()),
           sized(style::work(kSmall), kSmall), style::quietInk, Qt::AlignRight | Qt::AlignTop);
}

QString Pages::writePdf(const QString& file) const {
  QSaveFile out(file);
  const auto unwritten = [&] {
    return PageWords::tr("%1 cannot be written: %2").arg(file, out.errorString());
  };
  if (!out.open(QIODevice::WriteOnly)) return unwritten();
  {
    QPdfWriter pdf(&out);
    pdf.setPageSize(size_);
    pdf.setPageMargins(QMarginsF(0, 0, 0, 0));
    pdf.setTitle(title_);
    pdf.setCreator(QStringLiteral("Calando"));
    QPainter painter(&pdf);
    painter.scale(pdf.logicalDpiX() / kPoints, pdf.logicalDpiY() / kPoints);
    for (int page = 0; page < count(); ++page) {
      if (page > 0) pdf.newPage();
      draw(painter, page);
    }
  }
  return out.commit() ? QString() : unwritten();
}

}  // namespace calando
