#pragma once

#include "records/folder/table.h"
#include "records/values/settings.h"

namespace calando {

class SettingTable : public Table {
 public:
  using Table::Table;

  /// The fallback where nothing is set, or what is cannot be read.
  template <class T>
  T get(const Setting<T>& setting) const;
  template <class T>
  StudioResult<void> keep(const Setting<T>& setting, const T& value);
};

}  // namespace calando
