#include "app/take_export.h"

#include <QCoreApplication>
#include <QSvgGenerator>

#include "app/ribbon_painter.h"
#include "app/style.h"
#include "audio/sound_file.h"
#include "core/contract/analysis_json.h"

namespace calando {

namespace {

constexpr QSize kPicture(1600, 800);

QString say(const char* text) { return QCoreApplication::translate("Export", text); }

bool writeText(const QString& file, const std::string& text) {
  QSaveFile out(file);
  return out.open(QIODevice::WriteOnly) &&
         out.write(text.data(), static_cast<qint64>(text.size())) == static_cast<qint64>(text.size()) &&
         out.commit();
}

void paintWhole(QPainter& painter, const TakePicture& picture, const QRectF& area) {
  paintTake(painter, picture, area, 0.0, std::max(0.5, picture.tracks.duration_s));
}

}  // namespace

QString exportTake(const QString& file, const TakePicture& picture, const std::vector<float>& samples,
                   double rate_hz) {
  const QString ending = QFileInfo(file).suffix().toLower();
  bool done = false;
  if (ending == "wav" || ending == "flac") {
    const auto written = writeSound(file.toStdString(), samples, rate_hz,
                                    ending == "wav" ? SoundFormat::wav24 : SoundFormat::flac24);
    return written ? QString() : QString::fromStdString(written.error().what);
  }
  if (ending == "json") {
    done = writeText(
        file, toJson(picture.analysis, {QFileInfo(file).completeBaseName().toStdString(), rate_hz, 1, "mix"},
                     picture.context)
                      .dump(2) +
                  "\n");
  } else if (ending == "csv") {
    done = writeText(file, tracksCsv(picture.tracks, picture.analysis));
  } else if (ending == "png") {
    QImage image(kPicture, QImage::Format_ARGB32_Premultiplied);
    image.fill(style::paper);
    QPainter painter(&image);
    paintWhole(painter, picture, image.rect());
    painter.end();
    done = image.save(file);
  } else if (ending == "svg") {
    QSvgGenerator svg;
    svg.setFileName(file);
    svg.setSize(kPicture / 2);
    svg.setViewBox(QRect(QPoint(0, 0), kPicture / 2));
    svg.setTitle(say("Ribbon of a take"));
    QPainter painter;
    if (painter.begin(&svg)) {
      paintWhole(painter, picture, QRectF(QPointF(0, 0), QSizeF(kPicture / 2)));
      done = painter.end();
    }
  } else {
    return say("“%1” is no kind of file that a take can be written to. End the name in wav, flac, json, csv, "
               "png or svg.")
        .arg(ending);
  }
  return done ? QString() : say("%1 could not be written. Choose another place, or make room.").arg(file);
}

}  // namespace calando
