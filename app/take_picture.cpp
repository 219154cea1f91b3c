#include "app/take_picture.h"

#include "records/studio.h"

namespace calando {

std::shared_ptr<TakePicture> pictureOf(Tracks tracks, const AskedFor& asked) {
  auto picture = std::make_shared<TakePicture>();
  picture->tracks = std::move(tracks);
  picture->context = contextFor(asked);
  if (picture->context.exercise) picture->sheet = unroll(picture->context);
  picture->asked_s = asked.seconds;
  picture->analysis = analyse(picture->tracks, picture->context);
  picture->context.reference = picture->analysis.reference;
  return picture;
}

}  // namespace calando
