#pragma once

#include <QImage>
#include <string>

#include "app/picture/picture.h"

/// Which picture a take is drawn as. A new one is a folder of its own and a row in gallery.cpp.
namespace calando {

struct GalleryRow {
  std::string_view id;
  const Picture& picture;
  bool (*isFor)(const Exercise& card);  ///< the first row that says yes
};
std::span<const GalleryRow> gallery();

const Picture& pictureFor(const Exercise& card);
const Picture& pictureFor(const Snapshot& take);

inline constexpr QSize kThumbnail(152, 44);  // of a take in the shelf
/// A small picture of the whole take at a screen's ratio.
QImage thumbnail(const Snapshot& take, const QSize& size, double ratio);
/// The same as a PNG file.
std::string smallPicture(const Snapshot& take);

}  // namespace calando
