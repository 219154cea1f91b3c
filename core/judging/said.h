#pragma once

/// What people say of a take.
namespace calando {

/// What a teacher says of a take; the figures stay beside it.
enum class TeachersWord { none, accept, invalidTry, notYet, veto };

/// Whether what the program observed was there, as the teacher hears it.
enum class Seen { unsaid, right, wrong };

/// Where the player's attention was, as they say after a take.
enum class Attention { unsaid, sound, count, lips, elsewhere };

}  // namespace calando
