#include "app/review/take_export.h"

#include <QCoreApplication>
#include <QSvgGenerator>

#include "app/picture/gallery.h"
#include "app/ribbon/picture.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "audio/sound_file.h"
#include "core/base/json_text.h"
#include "core/contract/analysis_json.h"
#include "core/engine/snapshot.h"

namespace calando {

namespace {

constexpr QSize kPicture(1600, 800);

struct Export {
  Q_DECLARE_TR_FUNCTIONS(Export)
};

void paintWhole(QPainter& painter, const Snapshot& snapshot, const QRectF& area) {
  pictureFor(snapshot).paint(painter, snapshot, {area, 0.0, std::max(0.5, snapshot.tracks.duration_s)});
}

QByteArray pngOf(const Snapshot& snapshot) {
  QImage image(kPicture, QImage::Format_ARGB32_Premultiplied);
  image.fill(style::paper);
  QPainter painter(&image);
  paintWhole(painter, snapshot, image.rect());
  painter.end();
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  image.save(&buffer, "PNG");
  return bytes;
}

QByteArray svgOf(const Snapshot& snapshot) {
  QByteArray bytes;
  QBuffer buffer(&bytes);
  QSvgGenerator svg;
  svg.setOutputDevice(&buffer);
  svg.setSize(kPicture / 2);
  svg.setViewBox(QRect(QPoint(0, 0), kPicture / 2));
  svg.setTitle(Export::tr("Ribbon of a take"));
  QPainter painter;
  if (!painter.begin(&svg)) return {};
  paintWhole(painter, snapshot, QRectF(QPointF(0, 0), QSizeF(kPicture / 2)));
  painter.end();
  return bytes;
}

}  // namespace

QString exportTake(const QString& file, const Snapshot& snapshot, const std::vector<float>& samples,
                   double rate_hz) {
  const QString ending = QFileInfo(file).suffix().toLower();
  const std::string path = QFile::encodeName(file).toStdString();
  const auto bytes = [&]() -> std::optional<std::string> {
    if (ending == "json")
      return jsonText(toJson(snapshot.analysis,
                             {QFileInfo(file).completeBaseName().toStdString(), rate_hz, 1, "mix"},
                             snapshot.context),
                      2) +
             "\n";
    if (ending == "csv") return tracksCsv(snapshot.tracks, snapshot.analysis);
    if (ending == "png") return pngOf(snapshot).toStdString();
    if (ending == "svg") return svgOf(snapshot).toStdString();
    return std::nullopt;
  }();
  if (!bytes && ending != "wav" && ending != "flac")
    return Export::tr(
               "“%1” is no kind of file that a take can be written to. End the name in wav, flac, json, csv, "
               "png or svg.")
        .arg(ending);
  const auto written =
      bytes ? writeWhole(path, Access::umask, *bytes)
            : writeSound(path, samples, rate_hz, ending == "wav" ? SoundFormat::wav24 : SoundFormat::flac24);
  return written ? QString()
                 : Export::tr("%1 could not be written: %2. What was there before is as it was.")
                       .arg(file, words::said(written.error().why));
}

}  // namespace calando
