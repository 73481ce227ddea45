#include "families.h"

namespace upbeat::library {

/// Measured rolls by their number of strokes, and closed rolls.
std::string_view rolls() {
    return R"(
id: roll-five
title: Five stroke roll
trains: Two doubles and an accent that lands.
tags: rudiment, hands, rolls, doubles
tempo: 60 to 140 by 5
snare | RRLL >R LLRR >L |

id: roll-five-triplet
title: Five stroke roll in triplet time
trains: The same roll counted in threes.
tags: hands, rolls, doubles, sextuplets
tempo: 50 to 110 by 4
snare | RRLL>R. LLRR>L. RRLL>R. LLRR>L. |

id: roll-six
title: Six stroke roll
trains: Accents at both ends of two doubles.
tags: rudiment, hands, rolls, doubles, accents
tempo: 60 to 130 by 5
snare | >R.LL RR>L. >R.LL RR>L. |

id: roll-seven
title: Seven stroke roll
trains: Three doubles and an accent, always from the same hand.
tags: rudiment, hands, rolls, doubles, sextuplets
tempo: 50 to 112 by 4
snare | RRLLRR >L RRLLRR >L |

id: roll-nine
title: Nine stroke roll
trains: Four doubles in one beat, the accent on the next.
tags: rudiment, hands, rolls, doubles
tempo: 40 to 96 by 4
snare | RRLLRRLL >R LLRRLLRR >L |

id: roll-ten
title: Ten stroke roll
trains: Four doubles and two single accents.
tags: rudiment, hands, rolls, doubles, accents
tempo: 40 to 92 by 3
snare | RRLLRRLL >R>L RRLLRRLL >R>L |

id: roll-eleven
title: Eleven stroke roll
trains: Five doubles that end off the beat.
tags: rudiment, hands, rolls, doubles
tempo: 40 to 88 by 3
snare | RRLLRRLL RR>L..... LLRRLLRR LL>R..... |

id: roll-thirteen
title: Thirteen stroke roll
trains: Six doubles that end in the middle of a beat.
tags: rudiment, hands, rolls, doubles
tempo: 40 to 88 by 3
snare | RRLLRRLL RRLL>R... LLRRLLRR LLRR>L... |

id: roll-fifteen
title: Fifteen stroke roll
trains: Seven doubles; the accent is a single, twice as long.
tags: rudiment, hands, rolls, doubles
tempo: 40 to 88 by 3
snare | RRLLRRLL RRLLRR>L. RRLLRRLL RRLLRR>L. |

id: roll-seventeen
title: Seventeen stroke roll
trains: Two full beats of doubles into an accent.
tags: rudiment, hands, rolls, doubles
tempo: 40 to 88 by 3
snare | RRLLRRLL RRLLRRLL >R . | LLRRLLRR LLRRLLRR >L . |

id: closed-rolls
title: Closed rolls, a beat each
trains: Buzzes without gaps, from hand to hand.
tags: rudiment, hands, rolls
tempo: 60 to 120 by 5
snare | zR zL zR zL |

id: closed-roll-release
title: Closed roll and release
trains: A roll that ends on time with one stroke.
tags: hands, rolls
tempo: 60 to 112 by 5
snare | zRzL zRzL >R . |
)";
}

}  // namespace upbeat::library
