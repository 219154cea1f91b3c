#pragma once

#include <QObject>
#include <filesystem>
#include <list>

#include "app/session/parts.h"
#include "app/session/take/take_progress.h"
#include "app/work/pending.h"

namespace calando {

enum class PackKind;
enum class Replacing;
struct PackReplaces;
struct UnpackedPack;

/// Files of the studio's own, written and read away from the interface's thread; what became of them is said.
class StudioFiles : public QObject {
  Q_OBJECT

 public:
  explicit StudioFiles(const Parts& parts) : parts_(parts) {}

  /// The student who is here, for home with the list of homework that is looked at, or as an answer.
  void writePack(PackKind kind, const std::filesystem::path& file);
  /// All of it or nothing; its student is here then. What would replace something is asked for first.
  void takePackIn(const std::filesystem::path& file);
  void takePackIn(const UnpackedPack& pack, Replacing replacing);

  /// The whole studio into one file, and out of it.
  void backUp(const std::filesystem::path& file);
  void restore(const std::filesystem::path& file, const std::filesystem::path& folder);
  const std::filesystem::path& folder() const;
  /// The last backup, or else the student's first take, is more than a month ago.
  bool owesBackup() const;

  /// Nothing is under way that would be lost with the program, or that somebody was promised.
  bool mayEnd() const;
  /// What of it has to be asked about: takes that were played are waited for.
  struct Promises {
    TakeProgress taking;
    bool files = false;
    bool asks = false;
  };
  Promises promises() const;
  /// Gives up what can be done again: files that were opened, a backup, a pack.
  void giveUp();

 signals:
  void filesThrough();  ///< what was written or read
  /// Whether what stands here gives way to what came.
  void replacingAsked(const calando::UnpackedPack& pack, const calando::PackReplaces& what);

 private:
  template <class Work, class Then>
  void file(Work work, Then then);
  void unpacked(const UnpackedPack& pack);

  const Parts& parts_;
  std::list<Pending> files_;
};

}  // namespace calando
