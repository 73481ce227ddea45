#include "families.h"

namespace upbeat::library {

/// One of each kind, to begin with.
std::string_view basics() {
    return R"(
id: singles-sixteenths
title: Singles in sixteenths
trains: Even hands at one level.
tags: hands, singles
tempo: 60 to 140 by 4
pad | RLRL RLRL RLRL RLRL |

id: doubles-sixteenths
title: Doubles in sixteenths
trains: A second stroke as strong as the first.
tags: hands, doubles
tempo: 60 to 130 by 4
pad | RRLL RRLL RRLL RRLL |

id: paradiddle-accents
title: Paradiddle, first note accented
trains: Accents that stand out of a moving sticking.
tags: hands, paradiddle, accents
tempo: 60 to 132 by 4
snare | >RLRR >LRLL >RLRR >LRLL |

id: triplet-accents
title: Accented triplets
trains: Accents that change hands with every beat.
tags: hands, triplets, accents
tempo: 60 to 150 by 5
pad | >RLR >LRL >RLR >LRL |

id: fives-singles
title: Fives, hand to hand
trains: Five even notes where the beat moves from hand to hand.
tags: hands, fives
tempo: 50 to 100 by 4
pad | >RLRLR >LRLRL >RLRLR >LRLRL |

id: ghosted-backbeat
title: Ghosted backbeat
trains: Ghost notes that stay low beside a loud backbeat.
tags: groove, ghosts, independence
tempo: 60 to 112 by 4
hi-hat | R.R. R.R. R.R. R.R. |
snare | ...(L) >L..(L) .(L).. >L..(L) |
bass drum | F... ..F. ..F. .... |

id: swung-ride
title: Swung ride with foot hi-hat
trains: The place of the off-beat at a steady tempo.
tags: swing, ride
feel: swing eighths 2
tempo: 90 to 200 by 6
ride | R. RR R. RR |
foot hi-hat | . H . H |

id: flam-taps
title: Flams and taps
trains: Grace notes of one size before even main strokes.
tags: hands, flams, ornaments
tempo: 50 to 110 by 4
snare | f>RR f>LL f>RR f>LL |
)";
}

}  // namespace upbeat::library
