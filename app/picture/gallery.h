#pragma once

#include <QImage>
#include <QPixmap>
#include <cstdint>
#include <span>
#include <string>
#include <string_view>

/// Which picture a take is drawn as. A new one is a folder of its own and a row in gallery.cpp.
namespace calando {

class Picture;
struct Exercise;
struct Snapshot;

struct GalleryRow {
  std::string_view id;
  const Picture& picture;
  /// The first row that says yes; nullptr: those of the disciplines that name it.
  bool (*isFor)(const Exercise& card) = nullptr;
};
std::span<const GalleryRow> gallery();

const Picture& pictureFor(const Exercise& card);
const Picture& pictureFor(const Snapshot& take);

inline constexpr QSize kThumbnail(152, 44);  // of a take in the shelf
/// A small picture of the whole take at a screen's ratio.
QImage thumbnail(const Snapshot& take, const QSize& size, double ratio);
/// The same as a PNG file.
std::string smallPicture(const Snapshot& take);
/// A take's small picture from its PNG file, unpacked when it is first wanted: of thousands of takes few are.
/// `png` nullptr: there is none.
QPixmap keptPicture(std::int64_t take, const std::string* png);
/// It has another one now.
void forgetPicture(std::int64_t take);

}  // namespace calando
