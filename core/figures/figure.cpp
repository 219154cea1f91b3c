#include "core/figures/figure.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/base/plain_text.h"
#include "core/figures/figure_input.h"
#include "core/figures/figures.h"

namespace calando {

std::string_view Reading::id() const { return figure ? figure->id : std::string_view(); }

std::span<const Figure> figures() {
  static const std::vector<Figure> all = [] {
    std::vector<Figure> list;
    for (const auto table :
         {toneFigures(), buzzFigures(), stepFigures(), pairFigures(), cueFigures(), airFigures()})
      list.insert(list.end(), table.begin(), table.end());
    return list;
  }();
  return all;
}

const Figure* findFigure(std::string_view id) {
  const auto all = figures();
  const auto found = std::ranges::find(all, id, &Figure::id);
  return found == all.end() ? nullptr : &*found;
}

bool isReading(std::string_view id) {
  const Figure* figure = findFigure(id);
  return figure && figure->ofTake;
}

std::string printed(double value, const Print& print) {
  const std::string text = fixed(std::abs(value) * print.times, print.decimals);
  const bool zero = text.find_first_not_of("0.") == std::string::npos;
  const char* sign = zero ? "" : value < 0.0 ? "\u2212" : print.sign ? "+" : "";
  return sign + text;
}

std::optional<double> valueOf(const Figure& figure, const FigureInput& heard) {
  const bool unheard = heard.played.empty() && !figure.byKey;
  return unheard || !figure.ofTake ? std::nullopt : figure.ofTake(heard);
}

bool saysNothing(const Reading& reading) {
  return reading.figure->ordinary1 && reading.value.value_or(1.0) <= 1.0;
}

}  // namespace calando
