#pragma once

#include <nlohmann/json.hpp>

#include "core/homework/marking.h"

namespace calando {

/// A file that was sent, as the contract lists it.
struct SentFile {
  std::string path;                  ///< may hold anything; what is no valid UTF-8 is replaced by U+FFFD
  std::optional<double> duration_s;  ///< empty: it could not be read
};

/// The contract's form of homework that was marked (schema calando.marking/1); keys in its order.
/// `fileOf[k]` is the place of recording k among the files.
nlohmann::ordered_json toJson(const Marking& marking, const HomeworkList& list,
                              const std::vector<SentFile>& files, const std::vector<std::size_t>& fileOf);

}  // namespace calando
