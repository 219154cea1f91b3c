#include "core/standin/player.h"

#include "core/base/catalogue.h"
#include "data/catalogue_text.h"

namespace calando {

namespace {

/// What a way of playing is made of, each field once.
constexpr std::pair<const char*, double Player::*> kFields[] = {
    {"offset_cents", &Player::offset_cents},
    {"scoop_cents", &Player::scoop_cents},
    {"scoop_s", &Player::scoop_s},
    {"sag_cents", &Player::sag_cents},
    {"fade_db", &Player::fade_db},
    {"drift_cents_per_s", &Player::drift_cents_per_s},
    {"wander_cents", &Player::wander_cents},
    {"shake_cents", &Player::shake_cents},
    {"vibrato_hz", &Player::vibrato_hz},
    {"vibrato_cents", &Player::vibrato_cents},
    {"hnr_db", &Player::hnr_db},
    {"air_before_s", &Player::air_before_s},
    {"rise_s", &Player::rise_s},
    {"length", &Player::length},
    {"level_dbfs", &Player::level_dbfs},
    {"breath_lean", &Player::breath_lean},
    {"breath_tight", &Player::breath_tight},
    {"breath_in_db", &Player::breath_in_db},
    {"hold_leak_db", &Player::hold_leak_db},
    {"ring_cents", &Player::ring_cents},
    {"ring_width_cents", &Player::ring_width_cents},
    {"bend_loose_db", &Player::bend_loose_db},
    {"drop_cents", &Player::drop_cents},
    {"slur_s", &Player::slur_s},
    {"slur_dip_db", &Player::slur_dip_db},
    {"step_uneven_s", &Player::step_uneven_s},
    {"under_db", &Player::under_db},
    {"louder_db_per_octave", &Player::louder_db_per_octave},
    {"buzz_jitter_percent", &Player::buzz_jitter_percent},
    {"buzz_crackle", &Player::buzz_crackle},
    {"buzz_semitones", &Player::buzz_semitones},
    {"span_semitones", &Player::span_semitones},
};
constexpr std::pair<const char*, int Player::*> kCounts[] = {{"breaks", &Player::breaks},
                                                             {"breaks_air", &Player::breaks_air},
                                                             {"speaks", &Player::speaks},
                                                             {"slips", &Player::slips}};

}  // namespace

tl::expected<std::vector<Player>, Problem> parsePlayers(std::string_view text) {
  return parseEntries<Player>("players", text, [](const nlohmann::json& e) {
    Player p;
    p.id = e.at("id").get<std::string>();
    p.name = e.at("name").get<std::string>();
    p.text = e.at("text").get<std::string>();
    for (const auto& [key, field] : kFields) p.*field = e.value(key, p.*field);
    for (const auto& [key, field] : kCounts) p.*field = e.value(key, p.*field);
    return p;
  });
}

const std::vector<Player>& players() {
  static const auto list = shipped(parsePlayers(data::players));
  return list;
}

const Player* findPlayer(std::string_view id) { return findById(players(), id); }

}  // namespace calando
