#pragma once

#include <QFont>
#include <QPageSize>
#include <QString>
#include <functional>
#include <vector>

class QPainter;
class QRectF;
class QSizeF;

namespace calando {

/// Pages of text and pictures, one under the other: the same for a file, a preview and as plain text. Laid
/// out in points.
class Pages {
 public:
  explicit Pages(QPageSize::PageSizeId size);

  void title(const QString& text);
  void heading(const QString& text);
  void paragraph(const QString& text);
  void small(const QString& text);
  /// A figure: its name, its value large, what there is to say of it.
  void figure(const QString& label, const QString& value, const QString& note);
  /// Something drawn, so high; `words` say in the plain text what it shows.
  void picture(double height, const QString& words, std::function<void(QPainter&, const QRectF&)> draw);
  /// The first row is the head; cells that are too long go on in a line of their own.
  void table(const std::vector<QStringList>& rows);

  int count() const;
  QSizeF size() const;  ///< of a page, points
  /// `painter`: a unit is a point, the origin the page's corner.
  void draw(QPainter& painter, int page) const;
  /// With fonts embedded and pages numbered, whole or not at all; what went wrong, or empty.
  QString writePdf(const QString& file) const;
  QString text() const { return text_.join('\n') + '\n'; }

 private:
  struct Block {
    double height;
    std::function<void(QPainter&, const QRectF&)> draw;
  };
  void words(const QString& text, const QFont& font, double after);
  double width() const;
  std::vector<std::vector<const Block*>> paged() const;

  QPageSize size_;
  std::vector<Block> blocks_;
  QStringList text_;
  QString title_;
};

/// The usual paper here: Letter where inches are, else A4.
QPageSize::PageSizeId usualPaper();

}  // namespace calando
