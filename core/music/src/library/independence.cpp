#include "families.h"

namespace upbeat::library {

/// One limb keeps, another moves.
std::string_view independence() {
    return R"(
id: unison-hands-foot
title: Hand and foot together
trains: Two limbs that sound as one.
tags: independence, unison
tempo: 60 to 140 by 5
snare | R L R L |
bass drum | F F F F |

id: independence-bass-walks
title: The bass drum walks through the beat
trains: A foot on every sixteenth in turn under a steady hat.
tags: independence, groove
tempo: 56 to 100 by 4
hi-hat | RR RR RR RR |
snare | . >L . >L |
bass drum | F... .F.. ..F. ...F |

id: independence-snare-walks
title: The left hand walks under the ride
trains: A soft left hand on every partial of the triplet.
tags: independence, jazz, triplets, ghosts
tempo: 70 to 140 by 5
ride | R R.R R R.R |
snare | (L).. .(L). ..(L) . |
foot hi-hat | . H . H |

id: independence-comp-off-beats
title: Off-beats under the ride
trains: The left hand between the beats, the ride undisturbed.
tags: independence, jazz, swing
feel: swing eighths by tempo
tempo: 90 to 180 by 6
ride | R RR R RR |
snare | .L . .L . |
foot hi-hat | . H . H |

id: independence-three-over-two
title: Three over two, hand and foot
trains: Two pulses at once that meet on the beat.
tags: independence, polyrhythm
meter: 6/8
tempo: 40 to 90 by 4
snare | R.L .R. |
bass drum | F F |

id: independence-four-over-three
title: Four over three, hand and foot
trains: Four even notes across three beats.
tags: independence, polyrhythm
meter: 3/4
tempo: 50 to 100 by 4
snare | R..L ..R. .L.. |
bass drum | F F F |

id: independence-foot-ostinato
title: Singles over a foot that repeats
trains: Hands free above a foot that does not listen.
tags: independence, hands
tempo: 60 to 116 by 4
snare | RLRL RLRL RLRL RLRL |
bass drum | F..F F..F F..F F..F |

id: independence-left-foot
title: Foot hi-hat off the beat
trains: The left foot between the beats while everything else is on them.
tags: independence, groove
tempo: 60 to 120 by 4
ride | RR RR RR RR |
snare | . >L . >L |
bass drum | F . F . |
foot hi-hat | .H .H .H .H |

id: independence-left-lead
title: Groove with the left hand on the hat
trains: The usual groove from the other side.
tags: independence, groove
tempo: 56 to 112 by 4
hi-hat | LL LL LL LL |
snare | . >R . >R |
bass drum | F .F F . |

id: independence-paradiddle-feet
title: Paradiddle over alternating feet
trains: A moving sticking above two feet in quarters.
tags: independence, paradiddle
tempo: 56 to 112 by 4
snare | >RLRR >LRLL >RLRR >LRLL |
bass drum | F . F . |
foot hi-hat | . H . H |

id: feet-doubles
title: Double strokes with the right foot
trains: Two quick notes from one foot, both the same.
tags: independence, feet, doubles
tempo: 50 to 104 by 4
hi-hat | RR RR RR RR |
snare | . >L . >L |
bass drum | FF.. ..FF ..FF .... |

id: feet-alternating
title: Feet in eighths
trains: Both feet as even as two hands.
tags: independence, feet
tempo: 60 to 150 by 5
bass drum | F. F. F. F. |
foot hi-hat | .H .H .H .H |
)";
}

}  // namespace upbeat::library
