#pragma once

#include <stdexcept>
#include <string>

/// What the command line prints, and that nobody else does.
namespace calando {

/// Standard output is full, closed, or its reader is gone.
struct OutputLost : std::runtime_error {
  using std::runtime_error::runtime_error;
};

/// Standard streams that were handed over closed stay so: no file that is opened later becomes one of them.
void holdStandardStreams();
/// Throws OutputLost unless all of it is out.
void print(const std::string& text);
/// One line on standard error, whatever is in it: control characters escaped, cut to 300 bytes.
void complain(const std::string& what);

/// While one of these is there, what libraries write to the standard streams goes nowhere.
class LibrariesQuiet {
 public:
  LibrariesQuiet();
  ~LibrariesQuiet();
  LibrariesQuiet(const LibrariesQuiet&) = delete;
  LibrariesQuiet& operator=(const LibrariesQuiet&) = delete;

 private:
  int streams_[2];
};

}  // namespace calando
