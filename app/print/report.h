#pragma once

#include <QObject>
#include <algorithm>
#include <map>
#include <memory>
#include <vector>

#include "app/print/pages.h"
#include "app/session/parts.h"
#include "app/work/pending.h"
#include "core/engine/snapshot_ptr.h"
#include "core/growth/growth.h"
#include "core/judging/history.h"
#include "records/values/take.h"

namespace calando {

struct Figure;
struct Instrument;
enum class ReportKind {
  student,  ///< one page: this month, and one thing next
  parents,  ///< half a page that needs no music: one picture of growth, a sentence for each figure, how to
            ///< help
  term      ///< the whole class, in the order of its names
};

/// How students are named on a page of the class.
enum class Naming { full, first, initials };
/// "Alva", "A. B."
QString nameOf(const Student& student, Naming naming);

/// Makes reports: what the figures say is there at once, pictures of takes are measured first, away from the
/// interface's thread. One at a time.
class ReportMaker : public QObject {
  Q_OBJECT

 public:
  explicit ReportMaker(const Parts& parts) : parts_(parts) {}
  /// Of the student who is here, or of the class; an earlier one that is not ready is given up.
  void make(ReportKind kind, QPageSize::PageSizeId paper, Naming naming = Naming::full);
  bool busy() const { return std::ranges::any_of(waiting_, &Pending::underWay); }

 signals:
  void made(const std::shared_ptr<calando::Pages>& report);

 private:
  void want(const Take& take);
  void finish();
  struct LastMonth {
    double value;  ///< the middle
    int takes;
    std::optional<Difference> difference;  ///< against the four weeks before
  };
  std::optional<LastMonth> lastMonthOf(const std::string& figure, const std::string& exercise) const;
  std::shared_ptr<Pages> begun(const QString& title) const;
  std::shared_ptr<Pages> studentPages() const;
  std::shared_ptr<Pages> parentsPages() const;
  std::shared_ptr<Pages> classPages() const;
  void addGrowth(Pages& pages, const std::string& exercise, bool withChart) const;
  void addChart(Pages& pages, const std::string& exercise, const Figure& figure) const;
  void addNext(Pages& pages) const;
  void addPicture(Pages& pages, const Take& take, const QString& caption) const;

  const Parts& parts_;
  ReportKind kind_ = ReportKind::student;
  QPageSize::PageSizeId paper_ = QPageSize::A4;
  Naming naming_ = Naming::full;
  std::vector<Pending> waiting_;
  std::map<std::int64_t, SnapshotPtr> pictures_;  ///< by take
};

/// All figures of a student's takes, one row a take: UTF-8, separated by commas, with a head.
QString figuresAsCsv(const std::vector<Take>& takes, const std::vector<PastTake>& past,
                     const Instrument* instrument);

}  // namespace calando
