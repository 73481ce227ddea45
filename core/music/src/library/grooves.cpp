#include "families.h"

namespace upbeat::library {

/// Grooves in several styles, one or two bars each.
std::string_view grooves() {
    return R"(
id: groove-eighths
title: Straight eighths
trains: Three limbs on one grid.
tags: groove, rock
tempo: 70 to 140 by 5
hi-hat | RR RR RR RR |
snare | . >L . >L |
bass drum | F . F . |

id: groove-eighths-syncopated
title: Straight eighths, bass drum before three
trains: A bass drum off the beat that does not pull the hat.
tags: groove, rock
tempo: 66 to 132 by 4
hi-hat | RR RR RR RR |
snare | . >L . >L |
bass drum | F .F .F . |

id: groove-sixteenth-hat
title: Sixteenths on the hat, both hands
trains: The right hand leaves the hat for the backbeat and comes back.
tags: groove, funk
tempo: 60 to 104 by 4
hi-hat | RLRL .LRL RLRL .LRL |
snare | . >R . >R |
bass drum | F ..F. F. . |

id: groove-shuffle
title: Shuffle
trains: Long and short on the hat, the backbeat in its place.
tags: groove, swing, shuffle
feel: swing eighths 2
tempo: 80 to 160 by 5
hi-hat | >RR >RR >RR >RR |
snare | . >L . >L |
bass drum | F . F . |

id: groove-half-time-shuffle
title: Half-time shuffle with ghosts
trains: Ghost notes in the middle of triplets, one backbeat a bar.
tags: groove, shuffle, ghosts, triplets
tempo: 60 to 110 by 4
hi-hat | R.R R.R R.R R.R |
snare | .(L). .(L). >L(L). .(L). |
bass drum | F . . ..F |

id: groove-train
title: Train beat
trains: Sixteenths on the snare that roll evenly under two accents.
tags: groove, country, accents
tempo: 80 to 132 by 4
snare | RL>RL RL>RL RL>RL RL>RL |
bass drum | F F F F |

id: groove-two-beat
title: Two-beat in cut time
trains: A bass drum in halves under a light hand.
tags: groove, cut time
meter: 2/2
tempo: 70 to 120 by 5
hi-hat | RR RR |
snare | .>L .>L |
bass drum | F F |

id: groove-waltz
title: Jazz waltz
trains: The ride in three, the foot on two and three.
tags: groove, swing, jazz, waltz
meter: 3/4
feel: swing eighths by tempo
tempo: 100 to 180 by 8
ride | R RR R |
foot hi-hat | . H H |
bass drum | F . . |

id: groove-ride-feathered
title: Ride with a feathered bass drum
trains: Quarters in the foot so soft that they are felt, not heard.
tags: groove, swing, jazz
feel: swing eighths by tempo
tempo: 100 to 200 by 8
ride | R RR R RR |
foot hi-hat | . H . H |
bass drum | (F) (F) (F) (F) |

id: groove-bossa
title: Bossa pattern
trains: Cross-stick over a foot that repeats, all of it even.
tags: groove, latin
tempo: 90 to 150 by 6
hi-hat | RR RR RR RR | RR RR RR RR |
cross-stick | L .L . L | . L .L . |
bass drum | F .F F .F | F .F F .F |

id: groove-samba-foot
title: Samba foot under singles
trains: A rocking foot that keeps the hands honest.
tags: groove, latin, independence
meter: 2/4
tempo: 80 to 120 by 4
snare | >RLR>L RL>RL |
bass drum | F..F F..F |
foot hi-hat | ..H. ..H. |

id: groove-six-eight
title: Slow six-eight
trains: Two big beats, the backbeat on the second.
tags: groove, ballad
meter: 6/8
tempo: 40 to 72 by 3
hi-hat | RRR RRR |
snare | . >L |
bass drum | F.F F |

id: groove-seven-eight
title: Groove in seven-eight
trains: Two, two, three: the last group breathes.
tags: groove, meters
meter: 7/8
tempo: 140 to 260 by 8
hi-hat | R R R R R R R |
snare | . . >L . . . >L |
bass drum | F . . . F . . |

id: groove-five-four
title: Groove in five-four
trains: Three and two, with the weight on four.
tags: groove, meters
meter: 5/4
tempo: 70 to 130 by 5
hi-hat | RR RR RR RR RR |
snare | . >L . >L . |
bass drum | F .F . . F |

id: groove-off-beat-hat
title: Four on the floor, open hat between
trains: Feet in quarters and a hat that opens on time.
tags: groove, dance
tempo: 90 to 132 by 4
hi-hat | R. R. R. R. |
open hi-hat | .R .R .R .R |
snare | . >L . >L |
bass drum | F F F F |

id: groove-one-drop
title: One drop
trains: Nothing on one; bass drum and cross-stick together on three.
tags: groove, reggae, unison
tempo: 60 to 90 by 3
hi-hat | RR RR RR RR |
cross-stick | . . >L . |
bass drum | . . F . |

id: groove-funk-ghosts
title: Ghosted sixteenth groove
trains: Ghosts on both sides of the backbeat under an even hat.
tags: groove, funk, ghosts
tempo: 60 to 108 by 4
hi-hat | R.R. R.R. R.R. R.R. |
snare | .(L).. >L..(L) .(L).(L) >L..(L) |
bass drum | F... ..F. ..F. .... |

id: groove-swung-sixteenths
title: Swung sixteenths
trains: The same lilt at the next level down.
tags: groove, swing, hip hop
feel: swing sixteenths 1.7
tempo: 60 to 100 by 4
hi-hat | R.R. R.RR R.R. R.RR |
snare | . >L . >L |
bass drum | F..F ..F. .FF. . |

id: groove-ride-bell
title: Bell on the beat
trains: Bell and ride with one hand, two sounds in a row.
tags: groove, rock
tempo: 70 to 130 by 5
ride bell | R. R. R. R. |
ride | .R .R .R .R |
snare | . >L . >L |
bass drum | F .F F .F |

id: groove-laid-back
title: Backbeat behind the beat
trains: Hat and bass drum on the click, the snare alone a little later, every time the same.
tags: groove, feel
placed: snare 8 ms behind
tempo: 60 to 100 by 4
hi-hat | RR .R RR .R |
snare | . >L . >L |
bass drum | F .F F . |

id: groove-pushed-ride
title: A ride that leans ahead
trains: The ride pulls, two per cent of the beat, and the rest stays where it is.
tags: groove, feel, jazz
placed: ride 2 % ahead
feel: swing eighths by tempo
tempo: 80 to 180 by 5
ride | R RR R RR |
snare | .. .L .. .L |
foot hi-hat | . H . H |

id: hits-choked
title: Choked hits in a groove
trains: Cymbals that stop with the hand, exactly with the bass drum.
tags: groove, rock, unison
tempo: 70 to 130 by 5
hi-hat | RR RR RR RR | R. .. R. .R |
choked crash | . . . . | .. R. .R .. |
snare | . >L . >L | . . . >L |
bass drum | F . F . | F F .F . |
)";
}

}  // namespace upbeat::library
