#include "families.h"

namespace upbeat::library {

/// Fills with the groove around them, and linear patterns in which nothing sounds together.
std::string_view fills() {
    return R"(
id: fill-sixteenths-down
title: Groove and fill, sixteenths down the toms
trains: A fill that keeps the tempo of the groove.
tags: fill, context
tempo: 66 to 126 by 4
section: groove from bar 1
section: fill from bar 2
hi-hat | RR RR RR RR | . . . . |
snare | . >L . >L | RLRL . . . |
high tom | . . . . | . RLRL . . |
middle tom | . . . . | . . RLRL . |
low tom | . . . . | . . . RLRL |
bass drum | F . F . | F F F F |

id: fill-last-beat
title: Groove with a fill on four
trains: Four quick notes and back without a stumble.
tags: fill, context
tempo: 70 to 132 by 4
hi-hat | RR RR RR RR | RR RR RR . |
snare | . >L . >L | . >L . >RLRL |
bass drum | F . F . | F . F . |

id: fill-triplets
title: Triplet fill over two beats
trains: The change from eighths to triplets and back.
tags: fill, triplets, context
tempo: 66 to 126 by 4
hi-hat | RR RR RR RR | RR RR . . |
snare | . >L . >L | . >L RLR . |
high tom | . . . . | . . . LRL |
bass drum | F . F . | F . F F |

id: fill-hand-foot
title: Hands and foot, three and one
trains: The foot as the fourth note of the group.
tags: fill, linear
tempo: 60 to 116 by 4
snare | RLR. LRL. RLR. LRL. |
bass drum | ...F ...F ...F ...F |

id: fill-two-two
title: Two hands, two feet
trains: Pairs that pass from hands to feet in one line.
tags: fill, linear
tempo: 56 to 100 by 4
snare | RL.. RL.. RL.. RL.. |
bass drum | ..F. ..F. ..F. ..F. |
foot hi-hat | ...H ...H ...H ...H |

id: fill-crash-landing
title: Fill and crash
trains: Landing on one with cymbal and bass drum together.
tags: fill, unison, context
tempo: 66 to 126 by 4
crash | >R . . . | . . . . |
hi-hat | .R RR RR RR | RR RR . . |
snare | . >L . >L | . >L RLRL RLRL |
bass drum | F . F . | F . . . |

id: fill-ruff
title: A ruff into the backbeat
trains: Grace notes in a groove that do not move the two.
tags: fill, ornaments, groove
tempo: 60 to 110 by 4
hi-hat | RR R. RR R. |
snare | . d>L . d>L |
bass drum | F . F . |

id: fill-sextuplets
title: Sextuplets around the drums
trains: Six notes a beat that start on time.
tags: fill, sextuplets
tempo: 50 to 92 by 3
snare | RLRLRL . . . |
high tom | . RLRLRL . . |
low tom | . . RLRLRL . |
bass drum | . . . F |

id: linear-four
title: Linear four
trains: One limb at a time on a sixteenth grid.
tags: linear, groove
tempo: 56 to 100 by 4
hi-hat | R.R. R... R.R. R... |
snare | .(L).. .>L.. .(L).. .>L.. |
bass drum | ...F ...F ...F ..F. |

id: linear-six
title: Linear sixes
trains: Right, left, foot, over and over, evenly.
tags: linear, sextuplets
tempo: 50 to 96 by 4
hi-hat | R..R.. R..R.. R..R.. R..R.. |
snare | .L..L. .L..L. .L..L. .L..L. |
bass drum | ..F..F ..F..F ..F..F ..F..F |

id: linear-paradiddle
title: Paradiddle between hat and snare
trains: A sticking that becomes a groove; accents on the backbeat.
tags: linear, paradiddle, groove, ghosts
tempo: 60 to 108 by 4
hi-hat | R.RR .R.. R.RR .R.. |
snare | .(L).. >L.(L)(L) .(L).. >L.(L)(L) |

id: linear-five-three
title: Linear five and three
trains: Groups that cross the beat, nothing together.
tags: linear, groupings
tempo: 52 to 96 by 4
hi-hat | R.RL .R.. R.RL .R.. |
snare | .L.. ..L. .L.. ..L. |
bass drum | .... F..F .... F..F |

id: linear-triplets
title: Linear triplets with the foot last
trains: Two hands and a foot in three, the accent changing sides.
tags: linear, triplets, accents
tempo: 60 to 130 by 5
snare | >RL. >LR. >RL. >LR. |
bass drum | ..F ..F ..F ..F |

id: hits-over-six
title: Six bars of your own, three hits of the band
trains: Meeting what the band plays while everything else is yours.
tags: context, form, unison
tempo: 90 to 150 by 5
free: 0 to 24
crash | !>R . . . | . . . . | . . . . | . . . . | !>R .!>R . !>R | . . . . |
bass drum | !F . . . | . . . . | . . . . | . . . . | !F .!F . !F | . . . . |
)";
}

}  // namespace upbeat::library
