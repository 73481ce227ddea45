#include "families.h"

namespace upbeat::library {

/// Accents, levels and the balance of the hands.
std::string_view control() {
    return R"(
id: accent-first
title: Accent on the first of four
trains: One loud note in four, the rest low.
tags: control, accents, hands
tempo: 60 to 140 by 4
snare | >RLRL >RLRL >RLRL >RLRL |

id: accent-second
title: Accent on the second of four
trains: An accent off the beat in the following hand.
tags: control, accents, hands
tempo: 60 to 130 by 4
snare | R>LRL R>LRL R>LRL R>LRL |

id: accent-third
title: Accent on the third of four
trains: The accent on the middle of the beat.
tags: control, accents, hands
tempo: 60 to 130 by 4
snare | RL>RL RL>RL RL>RL RL>RL |

id: accent-fourth
title: Accent on the last of four
trains: An accent that leans on the next beat but must not pull it.
tags: control, accents, hands
tempo: 60 to 130 by 4
snare | RLR>L RLR>L RLR>L RLR>L |

id: accent-walk
title: The accent walks through the beat
trains: A new partial every beat, the sticking unmoved.
tags: control, accents, hands
tempo: 56 to 120 by 4
snare | >RLRL R>LRL RL>RL RLR>L |

id: accent-pairs
title: Accents in pairs
trains: Two equal accents in a row, one a hand.
tags: control, accents, hands
tempo: 56 to 120 by 4
snare | >R>LRL RL>R>L >R>LRL RL>R>L |

id: accent-run-shrinks
title: Runs of accents that shrink
trains: Four, three, two, one: all of them equally strong.
tags: control, accents, hands
tempo: 56 to 112 by 4
snare | >R>L>R>L RLRL >R>L>RL RLRL | >R>LRL RLRL >RLRL RLRL |

id: accent-triplet-second
title: Accent on the second of three
trains: The middle of the triplet, hand to hand.
tags: control, accents, hands, triplets
tempo: 60 to 140 by 5
snare | R>LR L>RL R>LR L>RL |

id: accent-triplet-third
title: Accent on the last of three
trains: The end of the triplet, without rushing the beat.
tags: control, accents, hands, triplets
tempo: 60 to 140 by 5
snare | RL>R LR>L RL>R LR>L |

id: three-levels
title: Three levels
trains: Ghost, tap and accent, each in its own place.
tags: control, levels, ghosts, accents, hands
tempo: 56 to 112 by 4
snare | >RLR(L) (R)LR(L) >RLR(L) (R)LR(L) |

id: ghosts-under-accents
title: Ghosts under accents
trains: Low notes that stay low right after a loud one.
tags: control, ghosts, accents, hands
tempo: 56 to 120 by 4
snare | >R(L)(R)(L) >R(L)(R)(L) >R(L)(R)(L) >R(L)(R)(L) |

id: ghosts-only
title: Ghost notes alone
trains: Low and even, with nothing loud to lean on.
tags: control, ghosts, hands
tempo: 60 to 120 by 4
snare | (R)(L)(R)(L) (R)(L)(R)(L) (R)(L)(R)(L) (R)(L)(R)(L) |

id: crescendo-bar
title: A bar that grows
trains: A rise in even steps that arrives on time.
tags: control, crescendo, hands
tempo: 60 to 120 by 4
swell: 0 to 8, -20 to 0 dB
snare | RLRL RLRL RLRL RLRL | RLRL RLRL RLRL RLRL |

id: diminuendo-bar
title: Two bars that fade
trains: Getting softer without getting slower.
tags: control, crescendo, hands
tempo: 60 to 120 by 4
swell: 0 to 8, 0 to -20 dB
snare | RLRL RLRL RLRL RLRL | RLRL RLRL RLRL RLRL |

id: sudden-drop
title: Loud bar, soft bar
trains: Dropping at once, and staying there.
tags: control, levels, accents, ghosts, hands
tempo: 60 to 120 by 4
snare | >R>L>R>L >R>L>R>L >R>L>R>L >R>L>R>L | (R)(L)(R)(L) (R)(L)(R)(L) (R)(L)(R)(L) (R)(L)(R)(L) |

id: f-and-p
title: A bar of f, a bar of p
trains: Two levels that are far apart, each of them even.
tags: control, levels, crescendo, hands
tempo: 60 to 120 by 4
swell: 0 to 4, -8 to -8 dB
swell: 4 to 8, -20 to -20 dB
snare | RLRL RLRL RLRL RLRL | RLRL RLRL RLRL RLRL |

id: doubles-accent-second
title: Doubles, second stroke accented
trains: Life in the second stroke of a double.
tags: control, doubles, accents, hands
tempo: 50 to 100 by 4
snare | R>RL>L R>RL>L R>RL>L R>RL>L |
)";
}

}  // namespace upbeat::library
