#include "families.h"

namespace upbeat::library {

/// Rudiments under their standard names with their standard stickings; those that are made of flams and drags are in
/// ornaments.cpp, the measured rolls in rolls.cpp.
std::string_view rudiments() {
    return R"(
id: single-stroke-four
title: Single stroke four
trains: Three quick singles that land on an even fourth.
tags: rudiment, hands, singles, triplets
tempo: 60 to 150 by 5
pad | RLR >L RLR >L |

id: single-stroke-seven
title: Single stroke seven
trains: Six quick singles that land on the beat, from either hand.
tags: rudiment, hands, singles, sextuplets
tempo: 50 to 110 by 4
pad | RLRLRL >R LRLRLR >L |

id: triple-strokes
title: Triple stroke roll
trains: A third stroke as strong as the first two.
tags: rudiment, hands, triplets
tempo: 60 to 130 by 5
pad | RRR LLL RRR LLL |

id: doubles-thirty-seconds
title: Double stroke open roll
trains: Doubles at full speed, the second stroke alive.
tags: rudiment, hands, doubles, rolls
tempo: 40 to 100 by 3
pad | RRLLRRLL RRLLRRLL RRLLRRLL RRLLRRLL |

id: paradiddle-plain
title: Single paradiddle
trains: The moving sticking at one level, so that no hand shows.
tags: rudiment, hands, paradiddle
tempo: 60 to 150 by 4
pad | RLRR LRLL RLRR LRLL |

id: paradiddle-double
title: Double paradiddle
trains: Four singles and a double; the accent changes hands.
tags: rudiment, hands, paradiddle, accents
meter: 6/8
tempo: 50 to 110 by 4
pad | >RLRLRR >LRLRLL |

id: paradiddle-triple
title: Triple paradiddle
trains: Six singles before the double: the turn must not drag.
tags: rudiment, hands, paradiddle, accents
tempo: 60 to 130 by 4
pad | >RLRL RLRR >LRLR LRLL |

id: paradiddle-diddle
title: Single paradiddle-diddle
trains: Two doubles in a row with one leading hand.
tags: rudiment, hands, paradiddle, accents
meter: 6/8
tempo: 50 to 120 by 4
pad | >RLRRLL >RLRRLL |

id: paradiddle-diddle-left
title: Single paradiddle-diddle, left lead
trains: The same with the other hand in front.
tags: rudiment, hands, paradiddle, accents
meter: 6/8
tempo: 50 to 110 by 4
pad | >LRLLRR >LRLLRR |

id: paradiddle-inverted
title: Inverted paradiddle
trains: The double in the middle of the beat.
tags: hands, paradiddle
tempo: 60 to 132 by 4
pad | RLLR LRRL RLLR LRRL |

id: paradiddle-inward
title: Paradiddle, double first
trains: A double on the beat, singles behind it.
tags: hands, paradiddle
tempo: 60 to 132 by 4
pad | RRLR LLRL RRLR LLRL |

id: singles-thirty-seconds
title: Singles in thirty-seconds
trains: Hands that stay loose when the notes get fast.
tags: rudiment, hands, singles
tempo: 40 to 90 by 3
pad | RLRLRLRL RLRLRLRL RLRLRLRL RLRLRLRL |

id: singles-left-lead
title: Singles in sixteenths, left lead
trains: The beat in the hand that usually follows.
tags: hands, singles
tempo: 60 to 140 by 4
pad | LRLR LRLR LRLR LRLR |

id: singles-sextuplets
title: Singles in sextuplets
trains: Six even notes a beat.
tags: hands, singles, sextuplets
tempo: 50 to 110 by 4
pad | RLRLRL RLRLRL RLRLRL RLRLRL |

id: one-hand-eighths
title: One hand at a time
trains: Each hand alone, eight strokes, with the same sound.
tags: hands, balance
tempo: 70 to 160 by 5
pad | RR RR RR RR | LL LL LL LL |

id: singles-doubles
title: Singles and doubles, a bar of each
trains: The same pulse when the sticking changes.
tags: hands, singles, doubles, timing
tempo: 60 to 120 by 4
pad | RLRL RLRL RLRL RLRL | RRLL RRLL RRLL RRLL |
)";
}

}  // namespace upbeat::library
