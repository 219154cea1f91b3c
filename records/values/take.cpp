#include "records/values/take.h"

#include <atomic>
#include <charconv>
#include <cmath>
#include <ctime>
#include <random>
#include <ranges>

#include "core/base/bounded_json.h"
#include "core/base/json_text.h"
#include "core/base/plain_text.h"
#include "core/care/ticks.h"
#include "records/values/take_fields.h"

namespace calando {

namespace {

constexpr std::int64_t kYear2020_ms = 1577836800000, kYear2150_ms = 5680281600000;
constexpr int kRandomBits = 11;
constexpr int kForm = 1;

std::uint64_t randomBits() {
  static std::atomic<std::uint64_t> calls{0};
  // The device may have little to give: the count keeps two calls apart all the same.
  std::random_device device;
  return (static_cast<std::uint64_t>(device()) << 32 ^ device()) + ++calls;
}

nlohmann::json orNull(const std::optional<int>& x) {
  return x ? nlohmann::json(*x) : nlohmann::json(nullptr);
}

}  // namespace

std::string textOfTicks(const std::vector<std::string>& ticks) {
  std::string text;
  for (const std::string& id : ticks) text += (text.empty() ? "" : " ") + id;
  return text;
}

std::vector<std::string> ticksFrom(std::string_view text) {
  std::vector<std::string> list;
  for (const auto& word : std::views::split(text, ' '))
    if (const std::string id(word.begin(), word.end()); findTick(id)) list.push_back(id);
  return list;
}

bool Origin::isSoundOf(const Origin& other) const {
  if (content.empty() || content != other.content) return false;
  const double both = std::min(to_s, other.to_s) - std::max(from_s, other.from_s);
  return both > 0.5 * std::min(to_s - from_s, other.to_s - other.from_s);
}

std::string toText(const Origin& origin) {
  return origin.content + ' ' + fixed(origin.from_s, 3) + ' ' + fixed(origin.to_s, 3);
}

std::optional<Origin> originFrom(std::string_view text) {
  const std::size_t first = text.find(' '), second = text.rfind(' ');
  if (first == 0 || first == second || second == std::string_view::npos) return std::nullopt;
  const auto number = [](std::string_view part, double& to) {
    const auto [end, error] = std::from_chars(part.data(), part.data() + part.size(), to);
    return error == std::errc{} && end == part.data() + part.size() && std::isfinite(to);
  };
  Origin origin{std::string(text.substr(0, first)), 0.0, 0.0};
  const bool good = number(text.substr(first + 1, second - first - 1), origin.from_s) &&
                    number(text.substr(second + 1), origin.to_s) && origin.from_s < origin.to_s;
  return good ? std::optional(origin) : std::nullopt;
}

namespace {

// A field of a take in its note, by its type.
void write(nlohmann::json& to, const TakeSpec& asked) { to = toJson(asked); }
void write(nlohmann::json& to, const std::vector<std::string>& ticks) { to = textOfTicks(ticks); }
void write(nlohmann::json& to, const std::optional<Origin>& origin) {
  to = origin ? toText(*origin) : std::string();
}
template <class T>
void write(nlohmann::json& to, const T& value) {
  if constexpr (std::is_enum_v<T>)
    to = static_cast<int>(value);
  else
    to = value;
}

std::string readText(Fields& from, const TakeField& field) {
  return from.text(field.key, static_cast<std::size_t>(field.most)).value_or("");
}
void read(Fields& from, const TakeField& field, std::string& text) { text = readText(from, field); }
void read(Fields& from, const TakeField& field, std::vector<std::string>& ticks) {
  ticks = ticksFrom(readText(from, field));
}
void read(Fields& from, const TakeField& field, std::optional<Origin>& origin) {
  origin = originFrom(readText(from, field));
}
void read(Fields& from, const TakeField& field, bool& flag) { flag = from.flag(field.key).value_or(false); }
void read(Fields& from, const TakeField& field, double& number) {
  number = from.number(field.key, 0.0, static_cast<double>(field.most)).value_or(0.0);
}
template <class T>
void read(Fields& from, const TakeField& field, T& whole) {
  whole = static_cast<T>(from.whole(field.key, 0, field.most).value_or(0));
}

}  // namespace

std::string toText(const SoundNote& note) {
  const Student& who = note.student;
  nlohmann::json text{{"calando", kForm},
                      {"student",
                       {{"id", who.id},
                        {"name", who.name},
                        {"instrument", who.instrument},
                        {"lowest", orNull(who.range.lowest)},
                        {"highest", orNull(who.range.highest)}}}};
  eachField(note.take, [&](const TakeField& field, const auto& value) {
    if (field.key) write(text[field.key], value);
  });
  return jsonText(text);
}

std::optional<SoundNote> soundNoteFrom(std::string_view text) {
  const auto json = parseBounded(text);
  // An earlier form of the note beside a recording has the student's id alone, and no number of its own.
  if (!json || !json->is_object() || !(json->contains("calando") || json->contains("asked")))
    return std::nullopt;
  Fields fields(*json);
  SoundNote note;
  const nlohmann::json student = fields.object("student");
  Fields who(student);
  const auto written = [&](const char* key) -> std::optional<int> {
    const auto value = who.whole(key, 0, 140);
    return value ? std::optional(static_cast<int>(*value)) : std::nullopt;
  };
  note.student.id =
      (student.empty() ? fields.whole("student", 1, kMostId) : who.whole("id", 1, kMostId)).value_or(0);
  note.student.name = who.text("name", kLongestName).value_or("");
  note.student.instrument = who.text("instrument", kLongestName).value_or("");
  note.student.range = {written("lowest"), written("highest")};
  note.take.student = note.student.id;
  eachField(note.take, [&]<class T>(const TakeField& field, T& value) {
    if constexpr (std::is_same_v<T, TakeSpec>)
      value = askedFrom(fields.object(field.key), &note.take.askedSound);
    else if (field.key)
      read(fields, field, value);
  });
  return note;
}

std::int64_t newId(std::int64_t now_ms) {
  // Nothing tells two machines of one wrong time apart but chance, and its ids are no later than others.
  if (now_ms < kYear2020_ms || now_ms > kYear2150_ms)
    return std::max<std::int64_t>(1, static_cast<std::int64_t>(randomBits()) & kMostId);
  const std::int64_t stamp = (now_ms - kYear2020_ms) << kRandomBits;
  const auto wanted = stamp | static_cast<std::int64_t>(randomBits() & ((1u << kRandomBits) - 1));
  static std::atomic<std::int64_t> last{0};
  std::int64_t before = last.load();
  std::int64_t next = 0;
  do next = std::max(wanted, before + 1);
  while (!last.compare_exchange_weak(before, next));
  return next;
}

std::string newFileStem(std::int64_t made_unix_s) {
  const std::time_t made = made_unix_s;
  std::tm utc{};
  gmtime_r(&made, &utc);
  char date[32], text[64];
  std::strftime(date, sizeof date, "%Y%m%d-%H%M%S", &utc);
  std::snprintf(text, sizeof text, "%s-%012llx", date,
                static_cast<unsigned long long>(randomBits() & 0xFFFFFFFFFFFFULL));
  return text;
}

}  // namespace calando
