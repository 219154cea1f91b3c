#pragma once

#include <memory>
#include <span>
#include <string>

/// The front door: what a take was asked to be goes in with its samples, what it was comes out.
namespace calando {

struct Analysis;
struct Context;
struct Tracks;

/// Pure. `samples` mono at `rate_hz` (8 000 to 384 000), full scale ±1.
Analysis analyse(std::span<const float> samples, double rate_hz, const Context& context);
/// The same from tracks, which may still be growing.
Analysis analyse(const Tracks& tracks, const Context& context);
/// The engine's version: analyses kept from another one are made anew.
std::string engineVersion();

}  // namespace calando
