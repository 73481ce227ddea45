#include "families.h"

namespace upbeat::library {

/// Flam and drag rudiments.
std::string_view ornaments() {
    return R"(
id: flams
title: Flams, hand to hand
trains: One grace note, the same distance every time.
tags: rudiment, hands, flams, ornaments
tempo: 50 to 120 by 5
snare | f>R f>L f>R f>L |

id: flam-accents
title: Flam accent
trains: A flam on every beat that changes hands.
tags: rudiment, hands, flams, ornaments, triplets
tempo: 50 to 120 by 5
snare | f>RLR f>LRL f>RLR f>LRL |

id: flamacue
title: Flamacue
trains: An accent that is not the flam.
tags: rudiment, hands, flams, ornaments, accents
tempo: 50 to 100 by 4
snare | fR>LRL fR fL>RLR fL |

id: flam-paradiddle
title: Flam paradiddle
trains: The flam opens the paradiddle without holding it up.
tags: rudiment, hands, flams, ornaments, paradiddle
tempo: 50 to 112 by 4
snare | f>RLRR f>LRLL f>RLRR f>LRLL |

id: flammed-mill
title: Single flammed mill
trains: A flam and a double in one hand.
tags: rudiment, hands, flams, ornaments, paradiddle
tempo: 50 to 104 by 4
snare | f>RRLR f>LLRL f>RRLR f>LLRL |

id: flam-paradiddle-diddle
title: Flam paradiddle-diddle
trains: The flam before a sticking that keeps its lead for six notes.
tags: rudiment, hands, flams, ornaments, paradiddle
meter: 6/8
tempo: 45 to 96 by 4
snare | f>RLRRLL f>LRLLRR |

id: pataflafla
title: Pataflafla
trains: Two flams in a row, from one hand to the other.
tags: rudiment, hands, flams, ornaments
tempo: 45 to 92 by 3
snare | f>RLRf>L f>RLRf>L f>RLRf>L f>RLRf>L |

id: flam-tap-inverted
title: Inverted flam tap
trains: The tap falls to the other hand.
tags: rudiment, hands, flams, ornaments
tempo: 45 to 96 by 4
snare | f>RL f>LR f>RL f>LR |

id: swiss-triplet
title: Swiss army triplet
trains: A flam and a double with one leading hand.
tags: rudiment, hands, flams, ornaments, triplets
tempo: 50 to 120 by 5
snare | f>RRL f>RRL f>RRL f>RRL |

id: flam-drag
title: Flam drag
trains: Two ornaments of different weight in one beat.
tags: rudiment, hands, flams, drags, ornaments, triplets
tempo: 45 to 90 by 3
snare | f>RdLR f>LdRL f>RdLR f>LdRL |

id: drags
title: Drags, hand to hand
trains: Two soft grace notes close together.
tags: rudiment, hands, drags, ornaments
tempo: 45 to 100 by 4
snare | d>R d>L d>R d>L |

id: drag-taps
title: Single drag tap
trains: The accent after the drag, not on it.
tags: rudiment, hands, drags, ornaments
tempo: 45 to 100 by 4
snare | dR>L dL>R dR>L dL>R |

id: drag-taps-double
title: Double drag tap
trains: Two drags on one hand before the accent.
tags: rudiment, hands, drags, ornaments, triplets
tempo: 45 to 90 by 3
snare | dRdR>L dLdL>R dRdR>L dLdL>R |

id: lesson-twenty-five
title: Lesson twenty-five
trains: A drag that starts a run of three.
tags: rudiment, hands, drags, ornaments
tempo: 45 to 96 by 4
snare | dRL>R. dRL>R. dRL>R. dRL>R. |

id: dragadiddle
title: Single dragadiddle
trains: The first stroke of the paradiddle as a quick double.
tags: rudiment, hands, drags, paradiddle
tempo: 40 to 90 by 3
snare | RRL.R.R. LLR.L.L. RRL.R.R. LLR.L.L. |

id: drag-paradiddle-one
title: Drag paradiddle, first form
trains: An accent, then a drag that opens the paradiddle.
tags: rudiment, hands, drags, ornaments, paradiddle
meter: 6/8
tempo: 40 to 80 by 3
snare | >R.dRLRR >L.dLRLL |

id: ratamacue
title: Single ratamacue
trains: A drag, a triplet, and the accent on the next beat.
tags: rudiment, hands, drags, ornaments, triplets
tempo: 50 to 110 by 4
snare | dRLR >L dLRL >R |

id: ratamacue-double
title: Double ratamacue
trains: One more drag before the figure, without hurry.
tags: rudiment, hands, drags, ornaments, triplets
meter: 3/4
tempo: 50 to 104 by 4
snare | dR dRLR >L | dL dLRL >R |

id: ratamacue-triple
title: Triple ratamacue
trains: Two drags before the figure; the pulse carries.
tags: rudiment, hands, drags, ornaments, triplets
tempo: 50 to 104 by 4
snare | dR dR dRLR >L | dL dL dLRL >R |

id: ruffs
title: Ruffs
trains: Three grace notes that stay in front of the beat.
tags: hands, ornaments
tempo: 40 to 80 by 3
snare | u>R . u>L . |
)";
}

}  // namespace upbeat::library
