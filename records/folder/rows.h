#pragma once

// Rows of the list that more than one table reads or writes; for them alone.

#include <SQLiteCpp/SQLiteCpp.h>

#include <string>

#include "records/values/stored_summary.h"
#include "records/values/take.h"

namespace calando {

/// A query of takes as takeFrom() reads them, joined with their summaries by `rest`, which names "summary";
/// `added`: more columns, each behind a comma.
std::string takeQuery(std::string_view rest, std::string_view added = {});
Take takeFrom(SQLite::Statement& row);
/// Throws.
void insertTake(SQLite::Database& db, const Take& take, bool noted);
/// What can be said of it afterwards. Throws.
void updateTake(SQLite::Database& db, const Take& take);
/// Throws.
void insertSummary(SQLite::Database& db, std::int64_t take, const StoredSummary& summary);
bool isOnList(SQLite::Database& db, const char* table, std::int64_t id);

/// Of columns name, instrument, lowest, highest.
Student studentFrom(SQLite::Statement& row, std::int64_t id);

}  // namespace calando
