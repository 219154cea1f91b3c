#pragma once

namespace calando {

/// What may be done in a phase; `taken`: a take is on show. Pure: the table behind every button and key.
struct Allowed {
  bool choose = false;  ///< students, steps, fields, inputs
  bool say = false;     ///< word, reflection, remark
  bool hear = false;    ///< play, export, compare
  bool record = false;
};

}  // namespace calando
