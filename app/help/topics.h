#pragma once

#include <QString>
#include <span>
#include <string_view>

namespace calando {

/// What the help says of one thing.
struct Topic {
  std::string_view id;
  const char* title;  ///< in English; the window says it by titleOf()
  std::span<const char* const> texts;
};

std::span<const Topic> topics();
const Topic& topicOf(std::string_view id);
QString titleOf(const Topic& topic);
/// A paragraph each.
QStringList textsOf(const Topic& topic);

}  // namespace calando
