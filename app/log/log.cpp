#include "app/log/log.h"

#include <QDateTime>
#include <QFile>
#include <QMutex>
#include <QTextStream>
#include <deque>

namespace calando {

Q_LOGGING_CATEGORY(logProgram, "calando.program")
Q_LOGGING_CATEGORY(logTake, "calando.take")
Q_LOGGING_CATEGORY(logSound, "calando.sound")
Q_LOGGING_CATEGORY(logStudio, "calando.studio")

namespace {

constexpr std::size_t kMostLines = 1000;
constexpr auto kOurs = "calando.";

struct Log {
  QMutex mutex;
  std::deque<QString> lines;
  std::shared_ptr<const Clock> clock;
  QFile file;
  QtMessageHandler before = nullptr;

  void add(const QString& line) {
    lines.push_back(line);
    if (lines.size() > kMostLines) lines.pop_front();
  }
};
Log& log() {
  static Log log;
  return log;
}

const char* weightOf(QtMsgType type) {
  switch (type) {
    case QtDebugMsg:
    case QtInfoMsg:
      return "";
    case QtWarningMsg:
      return "! ";
    case QtCriticalMsg:
    case QtFatalMsg:
      return "!! ";
  }
  return "";
}

void take(QtMsgType type, const QMessageLogContext& context, const QString& text) {
  Log& to = log();
  if (!context.category || !QByteArrayView(context.category).startsWith(kOurs)) {
    if (to.before) to.before(type, context, text);
    return;
  }
  const QMutexLocker lock(&to.mutex);
  const QString line = QDateTime::fromMSecsSinceEpoch(to.clock->now_ms())
                           .toString(QStringLiteral("yyyy-MM-dd HH:mm:ss.zzz ")) +
                       QString::fromLatin1(context.category).mid(qsizetype(qstrlen(kOurs))) +
                       QStringLiteral(": ") + QLatin1String(weightOf(type)) + text;
  to.add(line);
  if (!to.file.isOpen()) return;
  to.file.write(line.toUtf8() + '\n');
  to.file.flush();
}

}  // namespace

void beginLog(std::shared_ptr<const Clock> clock, const std::filesystem::path& folder) {
  Log& to = log();
  {
    const QMutexLocker lock(&to.mutex);
    to.lines.clear();
    to.clock = std::move(clock);
    to.file.close();
    std::error_code ignored;
    if (!folder.empty()) std::filesystem::create_directories(folder, ignored);
    if (!folder.empty()) {
      to.file.setFileName(QFile::decodeName((folder / "log.txt").c_str()));
      if (to.file.open(QIODevice::ReadOnly))
        for (QTextStream before(&to.file); !before.atEnd();) to.add(before.readLine());
      to.file.close();
      // Written anew with what is worth keeping: it does not grow for ever.
      if (to.file.open(QIODevice::WriteOnly | QIODevice::Truncate)) {
        to.file.setPermissions(QFile::ReadOwner | QFile::WriteOwner);
        for (const QString& line : to.lines) to.file.write(line.toUtf8() + '\n');
      }
    }
  }
  const auto before = qInstallMessageHandler(take);
  if (before != take) to.before = before;
}

QStringList loggedLately() {
  Log& from = log();
  const QMutexLocker lock(&from.mutex);
  return {from.lines.begin(), from.lines.end()};
}

}  // namespace calando
