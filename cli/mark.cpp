#include "cli/mark.h"

#include "cli/failure.h"
#include "cli/inputs.h"
#include "cli/output.h"
#include "core/base/bounded_json.h"
#include "core/base/json_text.h"
#include "core/contract/marking_json.h"
#include "core/judging/level.h"
#include "core/library/cards.h"

namespace calando {

namespace {

HomeworkList listIn(const std::string& path) {
  const auto text = readSmall(path, kLargestJson);
  if (!text) refuse(printable(path) + ": " + english(text.error()));
  auto list = parseHomework(*text, [](const std::string& id) { return findExercise(id); });
  if (!list) refuse(printable(path, 100) + ": " + printable(english(list.error()), 260));
  return std::move(*list);
}

}  // namespace

CLI::App* addMark(CLI::App& app, MarkOptions& o, const CLI::Validator& aFile, const CLI::Validator& anId,
                  const CLI::Validator& aTuning) {
  auto* mark = app.add_subcommand("mark", "Split recordings of homework, and mark what was asked for");
  mark->add_option("files", o.files, "Sound files of one player, in their order")->required()->check(aFile);
  mark->add_option("--list", o.list, "What was asked for, as JSON")->required()->check(aFile);
  mark->add_option("--instrument", o.instrument, "Whose notes are meant: an id of `instruments`")
      ->check(anId);
  mark->add_option("--level", o.level, "How narrow the targets are: starting, growing, fluent")->check(anId);
  mark->add_option("--a4", o.a4_hz, "What A4 is tuned to, in hertz")->check(aTuning);
  return mark;
}

bool markFiles(const MarkOptions& o) {
  const HomeworkList list = listIn(o.list);
  Context player;
  player.instrument = instrumentOf(o.instrument);
  player.level = levelOf(o.level);
  player.reference.a4_hz = o.a4_hz;
  std::vector<SentFile> files;
  std::vector<std::size_t> fileOf;
  std::vector<SentRecording> recordings;
  bool allRead = true;
  for (const std::string& path : o.files) {
    files.push_back({path, std::nullopt});
    try {
      Tracks tracks = trackFile(path, "mix", player).tracks;
      files.back().duration_s = tracks.duration_s;
      fileOf.push_back(files.size() - 1);
      recordings.push_back({std::move(tracks), [=](double from_s, double to_s) {
                              const LibrariesQuiet quiet;
                              auto part = readPart(path, from_s, to_s);
                              return part ? std::move(part->samples) : std::vector<float>();
                            }});
    } catch (const Failure& failure) {
      if (failure.code != unreadableFile) throw;
      complain(failure.what);
      allRead = false;
    }
  }
  print(jsonText(toJson(mark(list, recordings, player), list, files, fileOf), 2) + "\n");
  return allRead;
}

}  // namespace calando
