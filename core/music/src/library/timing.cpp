#include "families.h"

namespace upbeat::library {

/// Grids, changes of subdivision, rests and groupings.
std::string_view timing() {
    return R"(
id: grid-ladder
title: Up and down the grids
trains: The beat does not move when the notes per beat change.
tags: timing, grids, hands
tempo: 50 to 100 by 4
pad | R L R L | RL RL RL RL | RLR LRL RLR LRL | RLRL RLRL RLRL RLRL | RLR LRL RLR LRL | RL RL RL RL |

id: grid-two-three
title: Eighths and triplets
trains: Two against three, a bar of each.
tags: timing, grids, triplets, hands
tempo: 60 to 140 by 5
pad | RL RL RL RL | RLR LRL RLR LRL |

id: grid-three-four
title: Triplets and sixteenths
trains: Three and four notes a beat, a bar of each.
tags: timing, grids, triplets, hands
tempo: 56 to 120 by 4
pad | RLR LRL RLR LRL | RLRL RLRL RLRL RLRL |

id: grid-mixed-bar
title: Four grids in one bar
trains: A new subdivision on every beat.
tags: timing, grids, triplets, sextuplets, hands
tempo: 50 to 96 by 4
pad | RL RLR LRLR LRLRLR |

id: grid-four-five-six
title: Four, five, six
trains: One more note a beat each time, evenly spread.
tags: timing, grids, fives, sextuplets, hands
tempo: 44 to 84 by 3
pad | RLRL RLRL RLRL RLRL | RLRLR LRLRL RLRLR LRLRL | RLRLRL RLRLRL RLRLRL RLRLRL |

id: sevens-singles
title: Sevens, hand to hand
trains: Seven even notes where the beat moves from hand to hand.
tags: timing, grids, sevens, hands
tempo: 40 to 80 by 3
pad | >RLRLRLR >LRLRLRL >RLRLRLR >LRLRLRL |

id: off-beats
title: Off-beats only
trains: Placing notes where the click is not.
tags: timing, hands
tempo: 70 to 160 by 5
pad | .R .L .R .L |

id: last-sixteenths
title: The last sixteenth alone
trains: One note before every beat, not early.
tags: timing, hands
tempo: 60 to 120 by 4
pad | ...R ...L ...R ...L |

id: sixteenth-rests
title: A hole in every beat
trains: Counting on through the rests.
tags: timing, hands
tempo: 60 to 120 by 4
pad | .LRL R.RL RL.L RLR. |

id: quarter-triplets
title: Triplets with the middle left out
trains: The long and the short of a shuffle, without swing to hide behind.
tags: timing, triplets, hands
tempo: 60 to 160 by 5
pad | R.L R.L R.L R.L |

id: groups-three
title: Threes over four
trains: Accents every third sixteenth against a steady beat.
tags: timing, groupings, accents, hands
tempo: 56 to 120 by 4
pad | >RLR>L RL>RL R>LRL >RLR>L | RL>RL R>LRL >RLR>L RL>RL | R>LRL >RLR>L RL>RL R>LRL |

id: groups-five-three
title: Five and three, twice
trains: A bar of sixteen built of unequal groups.
tags: timing, groupings, accents, hands
tempo: 56 to 112 by 4
pad | >RLRL R>LRL >RLRL R>LRL |

id: five-four-sixteenths
title: Sixteenths in five-four
trains: A bar that ends a beat later than the hands expect.
tags: timing, meters, accents, hands
meter: 5/4
tempo: 60 to 120 by 4
pad | >RLRL RLRL RLRL >RLRL RLRL |

id: seven-eight
title: Seven eighths, two and two and three
trains: An odd bar in which the last group is longer.
tags: timing, meters, accents, hands
meter: 7/8
tempo: 120 to 240 by 8
pad | >R L >R L >R L R |

id: twelve-eight
title: Twelve eighths
trains: Four dotted beats, three notes each.
tags: timing, meters, triplets, accents, hands
meter: 12/8
tempo: 50 to 120 by 5
pad | >RLR >LRL >RLR >LRL |

id: short-bar
title: Three bars and a short one
trains: A bar that is over an eighth too soon, and the eighths going on.
tags: timing, meters, accents, hands
meter: 4/4
meter: 7/8 from bar 4
tempo: 60 to 120 by 4
pad | >RL RL RL RL | >RL RL RL RL | >RL RL RL RL | >R L R L R L R |
)";
}

}  // namespace upbeat::library
