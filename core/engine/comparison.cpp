#include "core/engine/comparison.h"

#include <algorithm>

#include "core/engine/snapshot.h"
#include "core/figures/figure.h"
#include "core/figures/reading.h"

namespace calando {

namespace {

constexpr double kLead_s = 0.4;  // before the first tone, and behind the last
constexpr double kCueLead_s = 0.1;
constexpr double kShortest_s = 0.5;

std::vector<Span> heardSpans(const Snapshot& take, bool byCue) {
  std::vector<Span> spans;
  if (byCue) {
    for (const std::size_t cue : heardCues(take)) {
      const Span span = take.spanOf(cue);
      spans.push_back({span.start_s - kCueLead_s, span.end_s + kCueLead_s});
    }
    return spans;
  }
  const auto& tones = take.analysis.tones;
  if (tones.empty()) return {{-kLead_s, take.tracks.duration_s + kLead_s}};
  return {{tones.front().start_s - kLead_s, tones.back().end_s + kLead_s}};
}

}  // namespace

std::vector<std::size_t> heardCues(const Snapshot& take) {
  std::vector<std::size_t> cues;
  for (std::size_t c = 0; c < take.analysis.cues.size(); ++c)
    if (take.analysis.cues[c].isAudible()) cues.push_back(c);
  return cues;
}

bool haveSameCues(ComparedTakes takes) {
  const auto asked = [](const SnapshotPtr& take) {
    std::vector<std::optional<int>> notes;
    for (const std::size_t c : heardCues(*take)) notes.push_back(take->analysis.cues[c].asked);
    return notes;
  };
  const auto first = asked(takes.front());
  return first.size() > 1 &&
         std::ranges::all_of(takes, [&](const SnapshotPtr& take) { return asked(take) == first; });
}

std::vector<std::vector<Span>> alignedStretches(ComparedTakes takes, bool byCue) {
  std::vector<std::vector<Span>> all;
  for (const SnapshotPtr& take : takes) all.push_back(heardSpans(*take, byCue));
  for (std::size_t s = 0; s < all.front().size(); ++s) {
    double length = kShortest_s;
    for (const auto& spans : all) length = std::max(length, spans[s].end_s - spans[s].start_s);
    for (auto& spans : all) spans[s].end_s = spans[s].start_s + length;
  }
  return all;
}

std::vector<ComparedFigure> compareFigures(ComparedTakes takes) {
  std::vector<ComparedFigure> rows;
  for (std::size_t i = 0; i < takes.size(); ++i)
    for (const Reading& reading : takes[i]->analysis.readings) {
      auto row = std::ranges::find(rows, reading.figure, &ComparedFigure::figure);
      if (row == rows.end())
        row = rows.insert(row, {reading.figure, std::vector<ComparedFigure::Cell>(takes.size())});
      row->takes[i].value = reading.value;
    }
  for (ComparedFigure& row : rows)
    for (std::size_t i = 1; i < takes.size(); ++i)
      if (row.takes[i].value && row.takes[0].value)
        row.takes[i].fromFirst = *row.takes[i].value - *row.takes[0].value;
  return rows;
}

namespace {

/// Half of what the target of a figure leaves, or a quarter of what it asks for at least; nullopt: no target.
std::optional<double> roomOf(const Figure* figure, ComparedTakes takes) {
  constexpr double kOfLeast = 0.25;
  for (const SnapshotPtr& take : takes)
    for (const Reading& r : take->analysis.readings) {
      if (r.figure != figure || (!r.low && !r.high)) continue;
      const double room = r.low && r.high ? (*r.high - *r.low) / 2.0 : r.high ? *r.high : kOfLeast * *r.low;
      return std::max(std::abs(room), figure->print.step());
    }
  return std::nullopt;
}

}  // namespace

std::vector<ComparedFigure> mostDifferent(ComparedTakes takes, std::size_t most) {
  std::vector<std::pair<double, ComparedFigure>> ranked;
  for (ComparedFigure& row : compareFigures(takes.first(2))) {
    const auto room = roomOf(row.figure, takes);
    const auto by = row.takes[1].fromFirst;
    if (room && by && std::abs(*by) >= row.figure->print.step())
      ranked.emplace_back(std::abs(*by) / *room, std::move(row));
  }
  std::ranges::stable_sort(ranked, std::greater(), &std::pair<double, ComparedFigure>::first);
  std::vector<ComparedFigure> rows;
  for (auto& [size, row] : ranked)
    if (rows.size() < most) rows.push_back(std::move(row));
  return rows;
}

}  // namespace calando
