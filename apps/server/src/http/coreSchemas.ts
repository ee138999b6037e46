/** Written by tools/written.mjs from the types of the core; not by hand. */
export const coreSchemas: Record<string, object> = {
 "Access": {
  "enum": [
   "floor",
   "ladder",
   "stairwell",
   "steps",
   "tower"
  ],
  "type": "string"
 },
 "AftercareItem": {
  "description": "One line of aftercare: from when, in what words, and why. A use has a moment (ISO 8601), the rest a date of the place.",
  "type": "object",
  "properties": {
   "kind": {
    "enum": [
     "repaint",
     "use",
     "visit"
    ],
    "type": "string"
   },
   "code": {
    "type": "string"
   },
   "at": {
    "type": "string"
   },
   "by": {
    "description": "By when a visit should be made, YYYY-MM-DD, and how long it takes on the spot in minutes; null for what is no visit.",
    "type": [
     "null",
     "string"
    ]
   },
   "minutes": {
    "type": [
     "null",
     "number"
    ]
   },
   "words": {
    "type": "string"
   },
   "why": {
    "type": "string"
   },
   "lookAt": {
    "description": "Of a repaint: from when it is looked at, before it fails. YYYY-MM-DD.",
    "type": "string"
   }
  },
  "required": [
   "at",
   "by",
   "code",
   "kind",
   "minutes",
   "why",
   "words"
  ]
 },
 "AirSource": {
  "enum": [
   "file",
   "reading",
   "sensor",
   "station"
  ],
  "type": "string"
 },
 "AnotherYear": {
  "description": "What leaving a surface another year may bring. Money in minor units; odds 0 to 1.",
  "type": "object",
  "properties": {
   "brings": {
    "type": "array",
    "items": {
     "type": "object",
     "properties": {
      "condition": {
       "$ref": "#/components/schemas/Condition"
      },
      "odds": {
       "type": "number"
      },
      "text": {
       "type": "string"
      },
      "addedCost": {
       "type": "number"
      }
     },
     "required": [
      "addedCost",
      "condition",
      "odds",
      "text"
     ]
    }
   },
   "expectedCost": {
    "description": "Odds times what each would add to the system, added up.",
    "type": "number"
   },
   "atWorst": {
    "description": "What the system would come to, were all of it to happen.",
    "type": "number"
   }
  },
  "required": [
   "atWorst",
   "brings",
   "expectedCost"
  ]
 },
 "Arm": {
  "description": "One arm of a board: how a cell is prepared, a primer or a topcoat.",
  "type": "object",
  "properties": {
   "id": {
    "type": "string"
   },
   "words": {
    "type": "string"
   },
   "family": {
    "description": "The product that is laid; null where none is.",
    "anyOf": [
     {
      "enum": [
       "acetone",
       "acrylic-caulk",
       "acrylic-ceiling",
       "acrylic-primer-undercoat",
       "acrylic-trim",
       "acrylic-wall",
       "alkaline-cleaner",
       "bonding-acrylic-primer",
       "chalk-style",
       "clear-bonding-primer",
       "clear-shellac",
       "deglosser",
       "degreaser",
       "denatured-alcohol",
       "elastomeric-caulk",
       "etch-primer",
       "exterior-acrylic",
       "exterior-filler",
       "exterior-oil",
       "filler",
       "floor-paint",
       "low-odour-oil-primer",
       "masonry-paint",
       "masonry-paint-remover",
       "masonry-primer",
       "metal-primer",
       "microporous-primer",
       "mineral-spirits",
       "moisture-resistant-acrylic",
       "mould-wash",
       "multi-purpose-acrylic-primer",
       "oil-enamel",
       "oil-primer",
       "oil-undercoat",
       "oil-varnish",
       "paintable-hybrid-sealant",
       "penetrating-epoxy",
       "penetrating-sealer",
       "pva-primer",
       "seam-adhesive",
       "shellac-primer",
       "silicone-sealant",
       "stain-blocking-acrylic-primer",
       "stripper",
       "wallpaper-sealer",
       "waterborne-alkyd",
       "waterborne-clear",
       "wood-acrylic-primer",
       "wood-bleach"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   },
   "coats": {
    "type": "number"
   },
   "does": {
    "description": "What is done to the cell, from the list; null where it is said in the painter's own words. A coat has none.",
    "anyOf": [
     {
      "type": "array",
      "items": {
       "enum": [
        "acetone-wipe",
        "acrylic-bead",
        "alcohol-wipe",
        "alkaline-cleaner",
        "bead-cut-out",
        "deglosser",
        "degreaser",
        "hybrid-bead",
        "sanded-100",
        "sanded-120",
        "sanded-180",
        "sanded-220",
        "sanded-320",
        "scraped",
        "spirit-wipe",
        "stretching-bead"
       ],
       "type": "string"
      }
     },
     {
      "type": "null"
     }
    ]
   },
   "waitMin": {
    "description": "Minutes waited after it; null: as its product says.",
    "type": [
     "null",
     "number"
    ]
   }
  },
  "required": [
   "coats",
   "does",
   "family",
   "id",
   "waitMin",
   "words"
  ]
 },
 "AsItStands": {
  "description": "A plan as it stands, to hold the choices against.",
  "type": "object",
  "properties": {
   "judged": {
    "description": "How it fares in the weather as it may turn out; null where nothing hangs on it.",
    "anyOf": [
     {
      "$ref": "#/components/schemas/OverWeeks"
     },
     {
      "type": "null"
     }
    ]
   },
   "nights": {
    "description": "Nights that rooms are out of use, summed over the rooms.",
    "type": "number"
   },
   "idleMin": {
    "description": "Paid minutes between the steps of somebody's day at which there is nothing to do.",
    "type": "number"
   }
  },
  "required": [
   "idleMin",
   "judged",
   "nights"
  ]
 },
 "BadRow": {
  "description": "A row that cannot be read. Rows count from 1, the header not among them; in JSON, the items of the list.",
  "type": "object",
  "properties": {
   "row": {
    "type": "number"
   },
   "path": {
    "type": "string"
   },
   "message": {
    "type": "string"
   }
  },
  "required": [
   "message",
   "path",
   "row"
  ]
 },
 "Block": {
  "description": "What may not be done until a fact releases it. Never merely a warning.",
  "type": "object",
  "properties": {
   "code": {
    "$ref": "#/components/schemas/BlockCode"
   },
   "text": {
    "type": "string"
   },
   "until": {
    "type": "string"
   }
  },
  "required": [
   "code",
   "text",
   "until"
  ]
 },
 "BlockCode": {
  "enum": [
   "dry-sand-lead",
   "incompatible-makers",
   "interior-product-outside",
   "nothing-on-shelf",
   "paint-on-damp",
   "paint-on-mould",
   "paint-on-paste",
   "paint-on-rot",
   "paint-on-silicone",
   "shellac-on-heat",
   "shellac-outside-at-large",
   "waterborne-on-oil"
  ],
  "type": "string"
 },
 "Broken": {
  "description": "A demand that a plan breaks: the step it was found at, and by how much, in the rule's own unit: minutes, nights, places, people.",
  "type": "object",
  "properties": {
   "rule": {
    "type": "string"
   },
   "step": {
    "type": "string"
   },
   "text": {
    "type": "string"
   },
   "by": {
    "type": "number"
   }
  },
  "required": [
   "by",
   "rule",
   "step",
   "text"
  ]
 },
 "Caution": {
  "description": "A caution that applies here: what it is, and who decides.",
  "type": "object",
  "properties": {
   "code": {
    "$ref": "#/components/schemas/CautionCode"
   },
   "text": {
    "type": "string"
   }
  },
  "required": [
   "code",
   "text"
  ]
 },
 "CautionCode": {
  "enum": [
   "asbestos-possible",
   "bleach-mixing",
   "caustic",
   "children-and-pets",
   "dust",
   "eye-irritant",
   "flammable-vapour",
   "heavy-lift",
   "hot-surface",
   "ladder",
   "lead-positive",
   "lead-presumed",
   "oily-rags",
   "open-house",
   "sealant-fumes",
   "sensitiser",
   "solvent-vapour"
  ],
  "type": "string"
 },
 "Cell": {
  "description": "One cell of the board. Untreated: no preparation and no primer, the first topcoat alone.",
  "type": "object",
  "properties": {
   "id": {
    "description": "Its label, by row and column: B3.",
    "type": "string"
   },
   "row": {
    "type": "number"
   },
   "column": {
    "type": "number"
   },
   "preparation": {
    "type": [
     "null",
     "number"
    ]
   },
   "primer": {
    "type": [
     "null",
     "number"
    ]
   },
   "topcoat": {
    "type": "number"
   },
   "replicate": {
    "type": "number"
   }
  },
  "required": [
   "column",
   "id",
   "preparation",
   "primer",
   "replicate",
   "row",
   "topcoat"
  ]
 },
 "ChainCheck": {
  "description": "Whether a record stands; `brokenAt` is the number of the first entry that does not, null where an entry is wanting.",
  "anyOf": [
   {
    "type": "object",
    "properties": {
     "whole": {
      "type": "boolean",
      "const": true
     },
     "entries": {
      "type": "number"
     }
    },
    "required": [
     "entries",
     "whole"
    ]
   },
   {
    "type": "object",
    "properties": {
     "whole": {
      "type": "boolean",
      "const": false
     },
     "entries": {
      "type": "number"
     },
     "brokenAt": {
      "type": [
       "null",
       "number"
      ]
     },
     "why": {
      "type": "string"
     }
    },
    "required": [
     "brokenAt",
     "entries",
     "whole",
     "why"
    ]
   }
  ]
 },
 "CheckIn": {
  "description": "A thing to look at again, minutes after the last coat was laid.",
  "type": "object",
  "properties": {
   "at": {
    "type": "number"
   },
   "kind": {
    "enum": [
     "cure-look",
     "first-look",
     "later-look",
     "recoat"
    ],
    "type": "string"
   },
   "words": {
    "type": "string"
   }
  },
  "required": [
   "at",
   "kind",
   "words"
  ]
 },
 "Chemistry": {
  "enum": [
   "alcohol-borne",
   "solvent-borne",
   "two-part",
   "waterborne"
  ],
  "type": "string"
 },
 "Climate": {
  "enum": [
   "cold-winters",
   "dry-summers",
   "mild-coast",
   "summer-rains"
  ],
  "type": "string"
 },
 "ColourPlace": {
  "description": "Where a colour goes: one surface in one sheen.",
  "type": "object",
  "properties": {
   "surfaceId": {
    "type": "string"
   },
   "partId": {
    "description": "A part in a colour of its own; null: the surface but for its parts.",
    "type": [
     "null",
     "string"
    ]
   },
   "room": {
    "type": "string"
   },
   "name": {
    "type": "string"
   },
   "sheen": {
    "description": "Null: nobody has chosen one.",
    "anyOf": [
     {
      "enum": [
       "eggshell",
       "flat",
       "gloss",
       "matt",
       "satin",
       "semi-gloss"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   }
  },
  "required": [
   "name",
   "partId",
   "room",
   "sheen",
   "surfaceId"
  ]
 },
 "Column": {
  "description": "A column of a table on paper; widths are shares of the page.",
  "type": "object",
  "properties": {
   "title": {
    "type": "string"
   },
   "align": {
    "enum": [
     "left",
     "right"
    ],
    "type": "string"
   },
   "width": {
    "type": "number"
   }
  },
  "required": [
   "align",
   "title",
   "width"
  ]
 },
 "Condition": {
  "enum": [
   "aerosol-paint",
   "blistering",
   "chalking",
   "cracking",
   "damp",
   "efflorescence",
   "end-grain",
   "filler-patches",
   "flaking",
   "gaps",
   "glossy",
   "greasy",
   "joint-tape-lifting",
   "knots",
   "loose-paper",
   "marker",
   "mould",
   "moving-joints",
   "nail-holes",
   "odour",
   "old-runs",
   "painted-shut",
   "paste-residue",
   "peeling",
   "proud-nails",
   "rot",
   "rust-stain",
   "sanding-dust",
   "scratches",
   "sealant-unknown",
   "silicone",
   "smoke",
   "soot",
   "sound",
   "substrate-crack",
   "tannin-bleed",
   "torn-board-face",
   "water-stain",
   "wax",
   "weathered-wood"
  ],
  "type": "string"
 },
 "Conflict": {
  "description": "Two tests of one place that can hardly both be right, and the likeliest way in which they are.",
  "type": "object",
  "properties": {
   "a": {
    "type": "object",
    "properties": {
     "kind": {
      "enum": [
       "acetone-rub",
       "blade-lift",
       "bleach-drop",
       "chip-look",
       "cross-cut",
       "damp-sponge",
       "ease-test",
       "hand-wipe",
       "lead-swab",
       "moisture-meter",
       "nail-scratch",
       "paint-dab",
       "rot-probe",
       "scraper-drag",
       "sheen-look",
       "spirit-rub",
       "tap-test",
       "tape-pull",
       "test-patch",
       "water-drop"
      ],
      "type": "string"
     },
     "result": {
      "type": [
       "null",
       "string"
      ]
     },
     "grade": {
      "type": [
       "null",
       "number"
      ]
     },
     "value": {
      "type": [
       "null",
       "number"
      ]
     },
     "layers": {
      "description": "Top first.",
      "anyOf": [
       {
        "type": "array",
        "items": {
         "enum": [
          "clear",
          "distemper",
          "oil",
          "paper",
          "primer",
          "unknown",
          "waterborne"
         ],
         "type": "string"
        }
       },
       {
        "type": "null"
       }
      ]
     },
     "scale": {
      "description": "Left out: wood.",
      "anyOf": [
       {
        "enum": [
         "gypsum",
         "relative",
         "wood"
        ],
        "type": "string"
       },
       {
        "type": "null"
       }
      ]
     },
     "yellowed": {
      "type": [
       "null",
       "boolean"
      ]
     },
     "place": {
      "type": [
       "null",
       "string"
      ]
     },
     "filmAgeHours": {
      "type": [
       "null",
       "number"
      ]
     },
     "plane": {
      "anyOf": [
       {
        "enum": [
         "between-coats",
         "primer",
         "substrate"
        ],
        "type": "string"
       },
       {
        "type": "null"
       }
      ]
     },
     "family": {
      "description": "Of a patch; a test of grip that was made in one carries it too, once tests are read together.",
      "anyOf": [
       {
        "enum": [
         "acetone",
         "acrylic-caulk",
         "acrylic-ceiling",
         "acrylic-primer-undercoat",
         "acrylic-trim",
         "acrylic-wall",
         "alkaline-cleaner",
         "bonding-acrylic-primer",
         "chalk-style",
         "clear-bonding-primer",
         "clear-shellac",
         "deglosser",
         "degreaser",
         "denatured-alcohol",
         "elastomeric-caulk",
         "etch-primer",
         "exterior-acrylic",
         "exterior-filler",
         "exterior-oil",
         "filler",
         "floor-paint",
         "low-odour-oil-primer",
         "masonry-paint",
         "masonry-paint-remover",
         "masonry-primer",
         "metal-primer",
         "microporous-primer",
         "mineral-spirits",
         "moisture-resistant-acrylic",
         "mould-wash",
         "multi-purpose-acrylic-primer",
         "oil-enamel",
         "oil-primer",
         "oil-undercoat",
         "oil-varnish",
         "paintable-hybrid-sealant",
         "penetrating-epoxy",
         "penetrating-sealer",
         "pva-primer",
         "seam-adhesive",
         "shellac-primer",
         "silicone-sealant",
         "stain-blocking-acrylic-primer",
         "stripper",
         "wallpaper-sealer",
         "waterborne-alkyd",
         "waterborne-clear",
         "wood-acrylic-primer",
         "wood-bleach"
        ],
        "type": "string"
       },
       {
        "type": "null"
       }
      ]
     },
     "coats": {
      "type": [
       "null",
       "number"
      ]
     },
     "minutes": {
      "type": [
       "null",
       "number"
      ]
     },
     "readEarly": {
      "description": "It was read before its time was up.",
      "type": [
       "null",
       "boolean"
      ]
     }
    },
    "required": [
     "kind"
    ]
   },
   "b": {
    "type": "object",
    "properties": {
     "kind": {
      "enum": [
       "acetone-rub",
       "blade-lift",
       "bleach-drop",
       "chip-look",
       "cross-cut",
       "damp-sponge",
       "ease-test",
       "hand-wipe",
       "lead-swab",
       "moisture-meter",
       "nail-scratch",
       "paint-dab",
       "rot-probe",
       "scraper-drag",
       "sheen-look",
       "spirit-rub",
       "tap-test",
       "tape-pull",
       "test-patch",
       "water-drop"
      ],
      "type": "string"
     },
     "result": {
      "type": [
       "null",
       "string"
      ]
     },
     "grade": {
      "type": [
       "null",
       "number"
      ]
     },
     "value": {
      "type": [
       "null",
       "number"
      ]
     },
     "layers": {
      "description": "Top first.",
      "anyOf": [
       {
        "type": "array",
        "items": {
         "enum": [
          "clear",
          "distemper",
          "oil",
          "paper",
          "primer",
          "unknown",
          "waterborne"
         ],
         "type": "string"
        }
       },
       {
        "type": "null"
       }
      ]
     },
     "scale": {
      "description": "Left out: wood.",
      "anyOf": [
       {
        "enum": [
         "gypsum",
         "relative",
         "wood"
        ],
        "type": "string"
       },
       {
        "type": "null"
       }
      ]
     },
     "yellowed": {
      "type": [
       "null",
       "boolean"
      ]
     },
     "place": {
      "type": [
       "null",
       "string"
      ]
     },
     "filmAgeHours": {
      "type": [
       "null",
       "number"
      ]
     },
     "plane": {
      "anyOf": [
       {
        "enum": [
         "between-coats",
         "primer",
         "substrate"
        ],
        "type": "string"
       },
       {
        "type": "null"
       }
      ]
     },
     "family": {
      "description": "Of a patch; a test of grip that was made in one carries it too, once tests are read together.",
      "anyOf": [
       {
        "enum": [
         "acetone",
         "acrylic-caulk",
         "acrylic-ceiling",
         "acrylic-primer-undercoat",
         "acrylic-trim",
         "acrylic-wall",
         "alkaline-cleaner",
         "bonding-acrylic-primer",
         "chalk-style",
         "clear-bonding-primer",
         "clear-shellac",
         "deglosser",
         "degreaser",
         "denatured-alcohol",
         "elastomeric-caulk",
         "etch-primer",
         "exterior-acrylic",
         "exterior-filler",
         "exterior-oil",
         "filler",
         "floor-paint",
         "low-odour-oil-primer",
         "masonry-paint",
         "masonry-paint-remover",
         "masonry-primer",
         "metal-primer",
         "microporous-primer",
         "mineral-spirits",
         "moisture-resistant-acrylic",
         "mould-wash",
         "multi-purpose-acrylic-primer",
         "oil-enamel",
         "oil-primer",
         "oil-undercoat",
         "oil-varnish",
         "paintable-hybrid-sealant",
         "penetrating-epoxy",
         "penetrating-sealer",
         "pva-primer",
         "seam-adhesive",
         "shellac-primer",
         "silicone-sealant",
         "stain-blocking-acrylic-primer",
         "stripper",
         "wallpaper-sealer",
         "waterborne-alkyd",
         "waterborne-clear",
         "wood-acrylic-primer",
         "wood-bleach"
        ],
        "type": "string"
       },
       {
        "type": "null"
       }
      ]
     },
     "coats": {
      "type": [
       "null",
       "number"
      ]
     },
     "minutes": {
      "type": [
       "null",
       "number"
      ]
     },
     "readEarly": {
      "description": "It was read before its time was up.",
      "type": [
       "null",
       "boolean"
      ]
     }
    },
    "required": [
     "kind"
    ]
   },
   "lift": {
    "description": "How many times less often the two come together than each by itself would let one expect; below 1.",
    "type": "number"
   },
   "explanation": {
    "type": "string"
   },
   "settle": {
    "$ref": "#/components/schemas/TestKind"
   },
   "source": {
    "type": "string"
   }
  },
  "required": [
   "a",
   "b",
   "explanation",
   "lift",
   "settle",
   "source"
  ]
 },
 "Consequence": {
  "description": "A fault that follows from departing from a system: how much likelier it is than under the system. `odds` 0 to 1;\n`shows` an ISO 8601 duration; `cost` in minor units of putting it right once.",
  "type": "object",
  "properties": {
   "kind": {
    "$ref": "#/components/schemas/StepKind"
   },
   "fault": {
    "$ref": "#/components/schemas/Fault"
   },
   "text": {
    "type": "string"
   },
   "odds": {
    "type": "number"
   },
   "shows": {
    "type": "string"
   },
   "cost": {
    "type": "number"
   }
  },
  "required": [
   "cost",
   "fault",
   "kind",
   "odds",
   "shows",
   "text"
  ]
 },
 "Damage": {
  "enum": [
   "blistering",
   "damp",
   "efflorescence",
   "mould",
   "peeling",
   "rot",
   "soot",
   "substrate-crack",
   "water-stain"
  ],
  "type": "string"
 },
 "DamageZone": {
  "description": "Where damage is, as far as the looks tell.",
  "type": "object",
  "properties": {
   "cells": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/WallCell"
    }
   },
   "odds": {
    "description": "How likely each square has it.",
    "type": "array",
    "items": {
     "type": "number"
    }
   },
   "next": {
    "description": "Where one more look narrows its size most, and what share of the doubt is left then; null where none is worth it.",
    "anyOf": [
     {
      "type": "object",
      "properties": {
       "place": {
        "type": "object",
        "properties": {
         "wall": {
          "type": "number"
         },
         "x": {
          "type": "number"
         },
         "y": {
          "type": "number"
         }
        },
        "required": [
         "wall",
         "x",
         "y"
        ]
       },
       "doubtLeft": {
        "type": "number"
       }
      },
      "required": [
       "doubtLeft",
       "place"
      ]
     },
     {
      "type": "null"
     }
    ]
   },
   "likelyM2": {
    "type": "number"
   },
   "lowM2": {
    "type": "number"
   },
   "highM2": {
    "type": "number"
   }
  },
  "required": [
   "cells",
   "highM2",
   "likelyM2",
   "lowM2",
   "next",
   "odds"
  ]
 },
 "Demand": {
  "description": "What a condition found asks for and forbids, and what releases it.",
  "type": "object",
  "properties": {
   "condition": {
    "$ref": "#/components/schemas/Condition"
   },
   "demands": {
    "type": "string"
   },
   "forbids": {
    "type": "string"
   },
   "until": {
    "type": "string"
   },
   "source": {
    "type": "string"
   }
  },
  "required": [
   "condition",
   "demands",
   "forbids",
   "source",
   "until"
  ]
 },
 "Difference": {
  "type": "object",
  "properties": {
   "finishLaterMin": {
    "type": "number"
   },
   "visitsMore": {
    "type": "number"
   },
   "moved": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/Moved"
    }
   },
   "added": {
    "description": "Steps that were not posted, and posted ones that are no longer asked for.",
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/PlannedStep"
    }
   },
   "dropped": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/PlannedStep"
    }
   }
  },
  "required": [
   "added",
   "dropped",
   "finishLaterMin",
   "moved",
   "visitsMore"
  ]
 },
 "Done": {
  "description": "A step that was logged. Times are minutes since the epoch; thickness is wet film over the label's, 1 where not measured.",
  "type": "object",
  "properties": {
   "stepId": {
    "type": "string"
   },
   "start": {
    "type": "number"
   },
   "end": {
    "type": "number"
   },
   "thickness": {
    "type": "number"
   }
  },
  "required": [
   "end",
   "start",
   "stepId",
   "thickness"
  ]
 },
 "Doubt": {
  "description": "A decision under doubt: the options, the least expected loss first, and what the figures say.",
  "type": "object",
  "properties": {
   "options": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/DoubtOption"
    }
   },
   "safer": {
    "description": "True where the system is not the one for the likeliest finish.",
    "type": "boolean"
   },
   "test": {
    "description": "What testing on is worth beyond its minutes, or null where it is worth nothing more.",
    "anyOf": [
     {
      "$ref": "#/components/schemas/NextTest"
     },
     {
      "type": "null"
     }
    ]
   }
  },
  "required": [
   "options",
   "safer",
   "test"
  ]
 },
 "DoubtOption": {
  "description": "A system made for one thing that the surface may be. Money in minor units.",
  "type": "object",
  "properties": {
   "treatAs": {
    "$ref": "#/components/schemas/Treatment"
   },
   "words": {
    "description": "What it would be right for, in words: the likeliest finish of that kind.",
    "type": "string"
   },
   "share": {
    "description": "Chance that this is what is there, 0 to 1.",
    "type": "number"
   },
   "cost": {
    "description": "What doing it costs, labour and paint.",
    "type": "number"
   },
   "expectedLoss": {
    "description": "What it is expected to lose against knowing what is there.",
    "type": "number"
   },
   "chosen": {
    "type": "boolean"
   }
  },
  "required": [
   "chosen",
   "cost",
   "expectedLoss",
   "share",
   "treatAs",
   "words"
  ]
 },
 "DryingFigures": {
  "description": "The figures of a data sheet that drying needs, at 23 °C and 50 %. Minutes, °C, %. Null where the sheet is silent.",
  "type": "object",
  "properties": {
   "family": {
    "anyOf": [
     {
      "enum": [
       "acetone",
       "acrylic-caulk",
       "acrylic-ceiling",
       "acrylic-primer-undercoat",
       "acrylic-trim",
       "acrylic-wall",
       "alkaline-cleaner",
       "bonding-acrylic-primer",
       "chalk-style",
       "clear-bonding-primer",
       "clear-shellac",
       "deglosser",
       "degreaser",
       "denatured-alcohol",
       "elastomeric-caulk",
       "etch-primer",
       "exterior-acrylic",
       "exterior-filler",
       "exterior-oil",
       "filler",
       "floor-paint",
       "low-odour-oil-primer",
       "masonry-paint",
       "masonry-paint-remover",
       "masonry-primer",
       "metal-primer",
       "microporous-primer",
       "mineral-spirits",
       "moisture-resistant-acrylic",
       "mould-wash",
       "multi-purpose-acrylic-primer",
       "oil-enamel",
       "oil-primer",
       "oil-undercoat",
       "oil-varnish",
       "paintable-hybrid-sealant",
       "penetrating-epoxy",
       "penetrating-sealer",
       "pva-primer",
       "seam-adhesive",
       "shellac-primer",
       "silicone-sealant",
       "stain-blocking-acrylic-primer",
       "stripper",
       "wallpaper-sealer",
       "waterborne-alkyd",
       "waterborne-clear",
       "wood-acrylic-primer",
       "wood-bleach"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   },
   "chemistry": {
    "$ref": "#/components/schemas/Chemistry"
   },
   "dustFreeMin": {
    "type": [
     "null",
     "number"
    ]
   },
   "recoatMin": {
    "type": [
     "null",
     "number"
    ]
   },
   "recoatPreferredMin": {
    "type": [
     "null",
     "number"
    ]
   },
   "recoatMaxMin": {
    "type": [
     "null",
     "number"
    ]
   },
   "handleMin": {
    "description": "From when it may be handled or closed.",
    "type": [
     "null",
     "number"
    ]
   },
   "minTempC": {
    "type": [
     "null",
     "number"
    ]
   },
   "maxTempC": {
    "type": [
     "null",
     "number"
    ]
   },
   "maxRhPct": {
    "type": [
     "null",
     "number"
    ]
   },
   "dewMarginC": {
    "type": [
     "null",
     "number"
    ]
   },
   "maxWindMs": {
    "type": [
     "null",
     "number"
    ]
   },
   "rainSafeMin": {
    "type": [
     "null",
     "number"
    ]
   },
   "limitsHoldMin": {
    "type": [
     "null",
     "number"
    ]
   }
  },
  "required": [
   "chemistry"
  ]
 },
 "Element": {
  "enum": [
   "cabinet",
   "ceiling",
   "door",
   "fascia-soffit",
   "floor",
   "furniture",
   "gate",
   "masonry",
   "radiator",
   "railing",
   "rainwater-goods",
   "shelf",
   "siding",
   "sill",
   "stair",
   "trim",
   "wall",
   "window"
  ],
  "type": "string"
 },
 "Entry": {
  "description": "An entry as it stands in the chain.",
  "type": "object",
  "properties": {
   "previousHash": {
    "type": "string"
   },
   "hash": {
    "type": "string"
   },
   "seq": {
    "type": "number"
   },
   "jobId": {
    "type": "string"
   },
   "kind": {
    "description": "What was done: `test-recorded`, `coat-logged`, …",
    "type": "string"
   },
   "subject": {
    "description": "The surface or other thing it is about, where there is one.",
    "type": [
     "null",
     "string"
    ]
   },
   "by": {
    "type": "string"
   },
   "at": {
    "type": "string"
   },
   "recordedAt": {
    "type": "string"
   },
   "payload": {}
  },
  "required": [
   "at",
   "by",
   "hash",
   "jobId",
   "kind",
   "payload",
   "previousHash",
   "recordedAt",
   "seq",
   "subject"
  ]
 },
 "EvidenceWeight": {
  "description": "What one item of evidence did to the leading finish: how many to one, above 1 for it, below 1 against it.",
  "type": "object",
  "properties": {
   "from": {
    "enum": [
     "look",
     "neighbour",
     "prior",
     "record",
     "test"
    ],
    "type": "string"
   },
   "index": {
    "description": "Index of the test or neighbour it came from, where it came from one.",
    "type": [
     "null",
     "number"
    ]
   },
   "ratio": {
    "type": "number"
   },
   "text": {
    "type": "string"
   },
   "source": {
    "type": [
     "null",
     "string"
    ]
   }
  },
  "required": [
   "from",
   "index",
   "ratio",
   "source",
   "text"
  ]
 },
 "Exposure": {
  "enum": [
   "exterior-exposed",
   "exterior-sheltered",
   "interior-dry",
   "interior-grease",
   "interior-hightouch",
   "interior-hot",
   "interior-wet"
  ],
  "type": "string"
 },
 "Facing": {
  "enum": [
   "east",
   "north",
   "south",
   "west"
  ],
  "type": "string"
 },
 "Family": {
  "enum": [
   "acetone",
   "acrylic-caulk",
   "acrylic-ceiling",
   "acrylic-primer-undercoat",
   "acrylic-trim",
   "acrylic-wall",
   "alkaline-cleaner",
   "bonding-acrylic-primer",
   "chalk-style",
   "clear-bonding-primer",
   "clear-shellac",
   "deglosser",
   "degreaser",
   "denatured-alcohol",
   "elastomeric-caulk",
   "etch-primer",
   "exterior-acrylic",
   "exterior-filler",
   "exterior-oil",
   "filler",
   "floor-paint",
   "low-odour-oil-primer",
   "masonry-paint",
   "masonry-paint-remover",
   "masonry-primer",
   "metal-primer",
   "microporous-primer",
   "mineral-spirits",
   "moisture-resistant-acrylic",
   "mould-wash",
   "multi-purpose-acrylic-primer",
   "oil-enamel",
   "oil-primer",
   "oil-undercoat",
   "oil-varnish",
   "paintable-hybrid-sealant",
   "penetrating-epoxy",
   "penetrating-sealer",
   "pva-primer",
   "seam-adhesive",
   "shellac-primer",
   "silicone-sealant",
   "stain-blocking-acrylic-primer",
   "stripper",
   "wallpaper-sealer",
   "waterborne-alkyd",
   "waterborne-clear",
   "wood-acrylic-primer",
   "wood-bleach"
  ],
  "type": "string"
 },
 "FanInput": {
  "description": "Everything the simulation needs, as plain figures for a worker. Money in minor units, shares in 1/100 %.",
  "type": "object",
  "properties": {
   "nodes": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/JointNode"
    }
   },
   "surfaces": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/FanSurface"
    }
   },
   "tests": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/FanTest"
    }
   },
   "minuteCost": {
    "description": "Cost of a minute hands on, with its part of visits and equipment.",
    "type": "number"
   },
   "materialsFactor": {
    "description": "Whole tins and sundries against paint by the litre.",
    "type": "number"
   },
   "fixed": {
    "description": "Cost that does not move.",
    "type": "number"
   },
   "jobPaceSd": {
    "description": "How far the whole crew's pace may stray together.",
    "type": "number"
   },
   "overhead": {
    "type": "number"
   },
   "margin": {
    "type": "number"
   },
   "seed": {
    "type": "number"
   },
   "draws": {
    "type": "number"
   }
  },
  "required": [
   "draws",
   "fixed",
   "jobPaceSd",
   "margin",
   "materialsFactor",
   "minuteCost",
   "nodes",
   "overhead",
   "seed",
   "surfaces",
   "tests"
  ]
 },
 "FanSurface": {
  "description": "A surface as the simulation sees it.",
  "type": "object",
  "properties": {
   "surfaceId": {
    "type": "string"
   },
   "nodes": {
    "description": "The nodes that are its zones; its finish is theirs, in equal parts.",
    "type": "array",
    "items": {
     "type": "number"
    }
   },
   "byFinish": {
    "description": "By finish, in the order of FINISHES.",
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/Outcome"
    }
   },
   "hidden": {
    "description": "What may be found, how often, and what it would add.",
    "type": "array",
    "items": {
     "allOf": [
      {
       "$ref": "#/components/schemas/Outcome"
      },
      {
       "type": "object",
       "properties": {
        "id": {
         "type": "string"
        },
        "chance": {
         "type": "number"
        },
        "open": {
         "type": "string"
        }
       },
       "required": [
        "chance",
        "id",
        "open"
       ]
      }
     ]
    }
   },
   "zones": {
    "description": "Damage that was marked and nobody measured: what the surface would cost more or less at either end of its size.",
    "type": "array",
    "items": {
     "type": "object",
     "properties": {
      "damage": {
       "$ref": "#/components/schemas/Damage"
      },
      "low": {
       "$ref": "#/components/schemas/Outcome"
      },
      "high": {
       "$ref": "#/components/schemas/Outcome"
      }
     },
     "required": [
      "damage",
      "high",
      "low"
     ]
    }
   },
   "areaSd": {
    "description": "How far off its size may be: the standard deviation of its logarithm.",
    "type": "number"
   },
   "paceSd": {
    "description": "How far its hours may stray, by themselves.",
    "type": "number"
   }
  },
  "required": [
   "areaSd",
   "byFinish",
   "hidden",
   "nodes",
   "paceSd",
   "surfaceId",
   "zones"
  ]
 },
 "FanTest": {
  "description": "A test that could be made, and what it would show on each finish.",
  "type": "object",
  "properties": {
   "surfaceId": {
    "type": "string"
   },
   "kind": {
    "$ref": "#/components/schemas/TestKind"
   },
   "node": {
    "type": "number"
   },
   "minutes": {
    "type": "number"
   },
   "rows": {
    "type": "array",
    "items": {
     "type": "array",
     "items": {
      "type": "number"
     }
    }
   }
  },
  "required": [
   "kind",
   "minutes",
   "node",
   "rows",
   "surfaceId"
  ]
 },
 "Fault": {
  "enum": [
   "bleeds",
   "brush-marks",
   "bubbles",
   "crackles",
   "cracks",
   "crawls",
   "detail-filled",
   "dust-in-film",
   "flashes",
   "knock",
   "miss",
   "peels",
   "ragged-line",
   "roller-stipple",
   "rough-grain",
   "runs",
   "shows-through",
   "sinks",
   "stain",
   "sticks-shut",
   "wrinkles"
  ],
  "type": "string"
 },
 "FaultActKind": {
  "enum": [
   "mended",
   "withdrawn"
  ],
  "type": "string"
 },
 "FaultCause": {
  "description": "A cause of a fault with its share among the causes there are, most likely first; `because` is what of the record speaks for it.",
  "type": "object",
  "properties": {
   "code": {
    "type": "string"
   },
   "words": {
    "type": "string"
   },
   "share": {
    "type": "number"
   },
   "because": {
    "type": [
     "null",
     "string"
    ]
   },
   "lookFor": {
    "type": "string"
   },
   "stays": {
    "description": "It lies in the surface, its films or its water, and works on under a mend; false: it happened on the day.",
    "type": "boolean"
   }
  },
  "required": [
   "because",
   "code",
   "lookFor",
   "share",
   "stays",
   "words"
  ]
 },
 "FaultPlace": {
  "description": "Where in the stack a fault sits: under the new coats, rising through them, between two of them, or at the face.",
  "enum": [
   "between",
   "face",
   "through",
   "under"
  ],
  "type": "string"
 },
 "Finish": {
  "enum": [
   "bare",
   "clear-oil-varnish",
   "distemper",
   "factory-laminate",
   "lacquer",
   "oil-alkyd",
   "primer-only",
   "shellac",
   "stain",
   "unknown-aerosol",
   "waterborne-acrylic",
   "waterborne-clear",
   "waterborne-over-oil",
   "wax-oil"
  ],
  "type": "string"
 },
 "FinishChance": {
  "description": "One finish with its probability, 0 to 1.",
  "type": "object",
  "properties": {
   "code": {
    "$ref": "#/components/schemas/Finish"
   },
   "probability": {
    "type": "number"
   }
  },
  "required": [
   "code",
   "probability"
  ]
 },
 "Ground": {
  "description": "What a surface is made of, as far as paint minds.",
  "enum": [
   "hard",
   "laminate",
   "masonry",
   "metal",
   "paper",
   "plaster",
   "timber"
  ],
  "type": "string"
 },
 "Guarantee": {
  "description": "What the firm can stand behind on one surface. Months; odds 0 to 1.",
  "type": "object",
  "properties": {
   "months": {
    "description": "Null where it is withheld.",
    "type": [
     "null",
     "number"
    ]
   },
   "withheld": {
    "description": "Why it is withheld, in words; empty where it is given.",
    "type": "array",
    "items": {
     "type": "string"
    }
   },
   "toClient": {
    "description": "The same as the client reads it: no odds, none of the firm's own rules.",
    "type": "array",
    "items": {
     "type": "string"
    }
   },
   "early": {
    "description": "Chance that somebody rings because of how it was made: what is there, prepared and laid so.",
    "type": "number"
   },
   "aYear": {
    "description": "Chance of a call-back in a year, over its first five: how it was made, and how it wears.",
    "type": "number"
   },
   "held": {
    "description": "How much of that is the firm's own record: so many times what is typical; 1 where it says nothing, or does not count.",
    "type": "number"
   }
  },
  "required": [
   "aYear",
   "early",
   "held",
   "months",
   "toClient",
   "withheld"
  ]
 },
 "Held": {
  "description": "What the firm's own record says of how its work has held.",
  "type": "object",
  "properties": {
   "systems": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/HeldFactor"
    }
   },
   "preparations": {
    "type": "array",
    "items": {
     "type": "object",
     "properties": {
      "preparation": {
       "$ref": "#/components/schemas/Preparation"
      },
      "factor": {
       "type": "number"
      }
     },
     "required": [
      "factor",
      "preparation"
     ]
    }
   }
  },
  "required": [
   "preparations",
   "systems"
  ]
 },
 "HeldFactor": {
  "description": "How often a system of the firm's has come back, against what is typical: 1 as often, 2 twice as often.",
  "type": "object",
  "properties": {
   "primer": {
    "description": "The family of its main primer; null where it has none.",
    "anyOf": [
     {
      "enum": [
       "acetone",
       "acrylic-caulk",
       "acrylic-ceiling",
       "acrylic-primer-undercoat",
       "acrylic-trim",
       "acrylic-wall",
       "alkaline-cleaner",
       "bonding-acrylic-primer",
       "chalk-style",
       "clear-bonding-primer",
       "clear-shellac",
       "deglosser",
       "degreaser",
       "denatured-alcohol",
       "elastomeric-caulk",
       "etch-primer",
       "exterior-acrylic",
       "exterior-filler",
       "exterior-oil",
       "filler",
       "floor-paint",
       "low-odour-oil-primer",
       "masonry-paint",
       "masonry-paint-remover",
       "masonry-primer",
       "metal-primer",
       "microporous-primer",
       "mineral-spirits",
       "moisture-resistant-acrylic",
       "mould-wash",
       "multi-purpose-acrylic-primer",
       "oil-enamel",
       "oil-primer",
       "oil-undercoat",
       "oil-varnish",
       "paintable-hybrid-sealant",
       "penetrating-epoxy",
       "penetrating-sealer",
       "pva-primer",
       "seam-adhesive",
       "shellac-primer",
       "silicone-sealant",
       "stain-blocking-acrylic-primer",
       "stripper",
       "wallpaper-sealer",
       "waterborne-alkyd",
       "waterborne-clear",
       "wood-acrylic-primer",
       "wood-bleach"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   },
   "finish": {
    "$ref": "#/components/schemas/Family"
   },
   "factor": {
    "type": "number"
   }
  },
  "required": [
   "factor",
   "finish",
   "primer"
  ]
 },
 "HeldLimits": {
  "description": "How often films of one kind came back. Rates a year; `factor` against the typical rate of their exposures.",
  "type": "object",
  "properties": {
   "kind": {
    "type": "boolean"
   },
   "films": {
    "type": "number"
   },
   "years": {
    "type": "number"
   },
   "failed": {
    "type": "number"
   },
   "typical": {
    "description": "Failures that would be typical in these years.",
    "type": "number"
   },
   "factor": {
    "type": "number"
   },
   "from": {
    "description": "Where the factor lies, eight in ten.",
    "type": "number"
   },
   "to": {
    "type": "number"
   },
   "aYear": {
    "description": "The same as a share of films a year.",
    "type": "number"
   },
   "aYearFrom": {
    "type": "number"
   },
   "aYearTo": {
    "type": "number"
   },
   "says": {
    "description": "Whether the interval lies whole on one side of the typical.",
    "enum": [
     "less",
     "more",
     "nothing-yet"
    ],
    "type": "string"
   }
  },
  "required": [
   "aYear",
   "aYearFrom",
   "aYearTo",
   "factor",
   "failed",
   "films",
   "from",
   "kind",
   "says",
   "to",
   "typical",
   "years"
  ]
 },
 "HeldPreparation": {
  "description": "How often films of one kind came back. Rates a year; `factor` against the typical rate of their exposures.",
  "type": "object",
  "properties": {
   "kind": {
    "enum": [
     "deglossed",
     "none",
     "sanded",
     "stripped",
     "washed"
    ],
    "type": "string"
   },
   "films": {
    "type": "number"
   },
   "years": {
    "type": "number"
   },
   "failed": {
    "type": "number"
   },
   "typical": {
    "description": "Failures that would be typical in these years.",
    "type": "number"
   },
   "factor": {
    "type": "number"
   },
   "from": {
    "description": "Where the factor lies, eight in ten.",
    "type": "number"
   },
   "to": {
    "type": "number"
   },
   "aYear": {
    "description": "The same as a share of films a year.",
    "type": "number"
   },
   "aYearFrom": {
    "type": "number"
   },
   "aYearTo": {
    "type": "number"
   },
   "says": {
    "description": "Whether the interval lies whole on one side of the typical.",
    "enum": [
     "less",
     "more",
     "nothing-yet"
    ],
    "type": "string"
   }
  },
  "required": [
   "aYear",
   "aYearFrom",
   "aYearTo",
   "factor",
   "failed",
   "films",
   "from",
   "kind",
   "says",
   "to",
   "typical",
   "years"
  ]
 },
 "HeldSystem": {
  "description": "How often films of one kind came back. Rates a year; `factor` against the typical rate of their exposures.",
  "type": "object",
  "properties": {
   "kind": {
    "type": "object",
    "properties": {
     "primer": {
      "anyOf": [
       {
        "enum": [
         "acetone",
         "acrylic-caulk",
         "acrylic-ceiling",
         "acrylic-primer-undercoat",
         "acrylic-trim",
         "acrylic-wall",
         "alkaline-cleaner",
         "bonding-acrylic-primer",
         "chalk-style",
         "clear-bonding-primer",
         "clear-shellac",
         "deglosser",
         "degreaser",
         "denatured-alcohol",
         "elastomeric-caulk",
         "etch-primer",
         "exterior-acrylic",
         "exterior-filler",
         "exterior-oil",
         "filler",
         "floor-paint",
         "low-odour-oil-primer",
         "masonry-paint",
         "masonry-paint-remover",
         "masonry-primer",
         "metal-primer",
         "microporous-primer",
         "mineral-spirits",
         "moisture-resistant-acrylic",
         "mould-wash",
         "multi-purpose-acrylic-primer",
         "oil-enamel",
         "oil-primer",
         "oil-undercoat",
         "oil-varnish",
         "paintable-hybrid-sealant",
         "penetrating-epoxy",
         "penetrating-sealer",
         "pva-primer",
         "seam-adhesive",
         "shellac-primer",
         "silicone-sealant",
         "stain-blocking-acrylic-primer",
         "stripper",
         "wallpaper-sealer",
         "waterborne-alkyd",
         "waterborne-clear",
         "wood-acrylic-primer",
         "wood-bleach"
        ],
        "type": "string"
       },
       {
        "type": "null"
       }
      ]
     },
     "finish": {
      "$ref": "#/components/schemas/Family"
     }
    },
    "required": [
     "finish",
     "primer"
    ]
   },
   "films": {
    "type": "number"
   },
   "years": {
    "type": "number"
   },
   "failed": {
    "type": "number"
   },
   "typical": {
    "description": "Failures that would be typical in these years.",
    "type": "number"
   },
   "factor": {
    "type": "number"
   },
   "from": {
    "description": "Where the factor lies, eight in ten.",
    "type": "number"
   },
   "to": {
    "type": "number"
   },
   "aYear": {
    "description": "The same as a share of films a year.",
    "type": "number"
   },
   "aYearFrom": {
    "type": "number"
   },
   "aYearTo": {
    "type": "number"
   },
   "says": {
    "description": "Whether the interval lies whole on one side of the typical.",
    "enum": [
     "less",
     "more",
     "nothing-yet"
    ],
    "type": "string"
   }
  },
  "required": [
   "aYear",
   "aYearFrom",
   "aYearTo",
   "factor",
   "failed",
   "films",
   "from",
   "kind",
   "says",
   "to",
   "typical",
   "years"
  ]
 },
 "HoldKind": {
  "enum": [
   "looks-wrong",
   "other-trade"
  ],
  "type": "string"
 },
 "Holds": {
  "description": "How one system holds on one surface, and what it takes. Money in minor units, labour and paint.",
  "type": "object",
  "properties": {
   "callBackAYear": {
    "description": "Chance of a call-back in a year, over its first five, 0 to 1.",
    "type": "number"
   },
   "guaranteeMonths": {
    "description": "Null where no term can be stood behind.",
    "type": [
     "null",
     "number"
    ]
   },
   "hours": {
    "type": "number"
   },
   "cost": {
    "type": "number"
   },
   "waitingHours": {
    "description": "Label waits added up.",
    "type": "number"
   },
   "faults": {
    "description": "What may go wrong, the dearest first: `odds` 0 to 1, `by` an ISO 8601 duration.",
    "type": "array",
    "items": {
     "type": "object",
     "properties": {
      "fault": {
       "$ref": "#/components/schemas/Fault"
      },
      "odds": {
       "type": "number"
      },
      "by": {
       "type": "string"
      },
      "because": {
       "type": "string"
      }
     },
     "required": [
      "because",
      "by",
      "fault",
      "odds"
     ]
    }
   }
  },
  "required": [
   "callBackAYear",
   "cost",
   "faults",
   "guaranteeMonths",
   "hours",
   "waitingHours"
  ]
 },
 "HouseRuleCode": {
  "enum": [
   "bareTimberInside",
   "blocker",
   "caulkWhen",
   "exteriorBare",
   "fillerSpots",
   "finishCoats",
   "furnitureClear",
   "greaseRooms",
   "makers",
   "newBoard",
   "oilTrim",
   "paper",
   "planGoal",
   "primerTint",
   "rollers",
   "roomOrder",
   "sanding",
   "silicone",
   "undercoat",
   "waterborneOverOil",
   "woodwork"
  ],
  "type": "string"
 },
 "JobStatus": {
  "enum": [
   "active",
   "aftercare",
   "planned",
   "quoted",
   "walk-round"
  ],
  "type": "string"
 },
 "JobSums": {
  "type": "object",
  "properties": {
   "minutes": {
    "type": "number"
   },
   "cost": {
    "type": "number"
   },
   "visitMinutes": {
    "type": "number"
   },
   "overhead": {
    "type": "number"
   },
   "margin": {
    "type": "number"
   },
   "tax": {
    "type": "number"
   },
   "total": {
    "type": "number"
   },
   "visits": {
    "description": "Visits of one person: those of the plan where there is one, else full days of work; and the minutes they take beside the work.",
    "type": "number"
   },
   "net": {
    "type": "number"
   },
   "paint": {
    "type": "number"
   },
   "isPlanned": {
    "type": "boolean"
   },
   "labour": {
    "type": "number"
   },
   "sundriesCost": {
    "type": "number"
   },
   "equipment": {
    "type": "number"
   }
  },
  "required": [
   "cost",
   "equipment",
   "isPlanned",
   "labour",
   "margin",
   "minutes",
   "net",
   "overhead",
   "paint",
   "sundriesCost",
   "tax",
   "total",
   "visitMinutes",
   "visits"
  ]
 },
 "JointAct": {
  "description": "What is done along a joint. `find-out`: nobody knows what is in it, and it is to be painted.",
  "enum": [
   "block",
   "bridge",
   "close-first",
   "cut-out",
   "find-out",
   "leave",
   "seal"
  ],
  "type": "string"
 },
 "JointKnown": {
  "description": "What is known of a joint: it stands open, it holds silicone, something that takes paint, or nobody can say.",
  "enum": [
   "open",
   "silicone",
   "takes-paint",
   "unknown"
  ],
  "type": "string"
 },
 "JointNode": {
  "description": "A house as it can be drawn from: each hidden or real finish after the one it hangs on, with the odds of what it is\nfor each thing that the one above may be. Plain figures, so that a worker can be handed them.",
  "type": "object",
  "properties": {
   "on": {
    "description": "Which node it hangs on, by index; −1 where on none. Nodes come after what they hang on.",
    "type": "number"
   },
   "rows": {
    "description": "Odds over FINISHES: one row where it hangs on nothing, else a row for each finish of the one above.",
    "type": "array",
    "items": {
     "type": "array",
     "items": {
      "type": "number"
     }
    }
   },
   "ceiling": {
    "description": "A surface's own: it may not stand above what its tests have earned.",
    "anyOf": [
     {
      "type": "object",
      "properties": {
       "top": {
        "type": "number"
       },
       "turns": {
        "type": "number"
       }
      },
      "required": [
       "top",
       "turns"
      ]
     },
     {
      "type": "null"
     }
    ]
   }
  },
  "required": [
   "ceiling",
   "on",
   "rows"
  ]
 },
 "JointPlan": {
  "description": "What belongs into a joint, what is done along it, and why.",
  "type": "object",
  "properties": {
   "act": {
    "$ref": "#/components/schemas/JointAct"
   },
   "known": {
    "$ref": "#/components/schemas/JointKnown"
   },
   "use": {
    "$ref": "#/components/schemas/JointUse"
   },
   "family": {
    "description": "What belongs there; null: no bead.",
    "anyOf": [
     {
      "enum": [
       "acetone",
       "acrylic-caulk",
       "acrylic-ceiling",
       "acrylic-primer-undercoat",
       "acrylic-trim",
       "acrylic-wall",
       "alkaline-cleaner",
       "bonding-acrylic-primer",
       "chalk-style",
       "clear-bonding-primer",
       "clear-shellac",
       "deglosser",
       "degreaser",
       "denatured-alcohol",
       "elastomeric-caulk",
       "etch-primer",
       "exterior-acrylic",
       "exterior-filler",
       "exterior-oil",
       "filler",
       "floor-paint",
       "low-odour-oil-primer",
       "masonry-paint",
       "masonry-paint-remover",
       "masonry-primer",
       "metal-primer",
       "microporous-primer",
       "mineral-spirits",
       "moisture-resistant-acrylic",
       "mould-wash",
       "multi-purpose-acrylic-primer",
       "oil-enamel",
       "oil-primer",
       "oil-undercoat",
       "oil-varnish",
       "paintable-hybrid-sealant",
       "penetrating-epoxy",
       "penetrating-sealer",
       "pva-primer",
       "seam-adhesive",
       "shellac-primer",
       "silicone-sealant",
       "stain-blocking-acrylic-primer",
       "stripper",
       "wallpaper-sealer",
       "waterborne-alkyd",
       "waterborne-clear",
       "wood-acrylic-primer",
       "wood-bleach"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   },
   "why": {
    "type": "string"
   },
   "rod": {
    "description": "A rod goes in before the bead.",
    "type": "boolean"
   },
   "condition": {
    "description": "The condition of the surface that it is; null: none that paint minds.",
    "anyOf": [
     {
      "enum": [
       "aerosol-paint",
       "blistering",
       "chalking",
       "cracking",
       "damp",
       "efflorescence",
       "end-grain",
       "filler-patches",
       "flaking",
       "gaps",
       "glossy",
       "greasy",
       "joint-tape-lifting",
       "knots",
       "loose-paper",
       "marker",
       "mould",
       "moving-joints",
       "nail-holes",
       "odour",
       "old-runs",
       "painted-shut",
       "paste-residue",
       "peeling",
       "proud-nails",
       "rot",
       "rust-stain",
       "sanding-dust",
       "scratches",
       "sealant-unknown",
       "silicone",
       "smoke",
       "soot",
       "sound",
       "substrate-crack",
       "tannin-bleed",
       "torn-board-face",
       "water-stain",
       "wax",
       "weathered-wood"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   }
  },
  "required": [
   "act",
   "condition",
   "family",
   "known",
   "rod",
   "use",
   "why"
  ]
 },
 "JointUse": {
  "description": "What is usual of a joint between its sides, where nobody said it.",
  "type": "object",
  "properties": {
   "wet": {
    "type": "boolean"
   },
   "painted": {
    "type": "boolean"
   },
   "moves": {
    "type": "boolean"
   },
   "slick": {
    "type": "boolean"
   },
   "acidHarms": {
    "type": "boolean"
   }
  },
  "required": [
   "acidHarms",
   "moves",
   "painted",
   "slick",
   "wet"
  ]
 },
 "JointWay": {
  "description": "One way with the bead that is in a joint: what it takes, and how it holds by itself. Money in minor units.",
  "type": "object",
  "properties": {
   "remedy": {
    "$ref": "#/components/schemas/Remedy"
   },
   "minutes": {
    "description": "What the joint adds to the surface.",
    "type": "number"
   },
   "cost": {
    "type": "number"
   },
   "waitingMin": {
    "type": "number"
   },
   "callBackAYear": {
    "type": "number"
   },
   "guaranteeMonths": {
    "type": [
     "null",
     "number"
    ]
   },
   "risk": {
    "description": "What is likeliest to go wrong because of it, and how much likelier than with the best of the ways; null: nothing.",
    "anyOf": [
     {
      "type": "object",
      "properties": {
       "because": {
        "type": "string"
       },
       "odds": {
        "type": "number"
       }
      },
      "required": [
       "because",
       "odds"
      ]
     },
     {
      "type": "null"
     }
    ]
   }
  },
  "required": [
   "callBackAYear",
   "cost",
   "guaranteeMonths",
   "minutes",
   "remedy",
   "risk",
   "waitingMin"
  ]
 },
 "Label": {
  "description": "A label to be cut out: its lines, and what its square code says to a camera.",
  "type": "object",
  "properties": {
   "title": {
    "type": "string"
   },
   "lines": {
    "type": "array",
    "items": {
     "type": "string"
    }
   },
   "colour": {
    "type": [
     "null",
     "string"
    ]
   },
   "code": {
    "type": "string"
   },
   "squares": {
    "description": "The squares of its code, row by row, 1 for dark: drawn where the paper is made.",
    "type": "array",
    "items": {
     "type": "string"
    }
   }
  },
  "required": [
   "code",
   "colour",
   "lines",
   "title"
  ]
 },
 "LaidWay": {
  "description": "A way that is laid: each arm is named, be it that nothing is done.",
  "type": "object",
  "properties": {
   "preparation": {
    "type": "number"
   },
   "primer": {
    "type": "number"
   },
   "topcoat": {
    "type": "number"
   }
  },
  "required": [
   "preparation",
   "primer",
   "topcoat"
  ]
 },
 "Layer": {
  "description": "One layer of the section through the paint, from the substrate up. Film in µm, null where it has no thickness to speak of.",
  "type": "object",
  "properties": {
   "id": {
    "type": "string"
   },
   "role": {
    "enum": [
     "film",
     "preparation",
     "substrate"
    ],
    "type": "string"
   },
   "words": {
    "type": "string"
   },
   "detail": {
    "type": "string"
   },
   "chemistry": {
    "anyOf": [
     {
      "enum": [
       "alcohol-borne",
       "clear",
       "solvent-borne",
       "two-part",
       "waterborne"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   },
   "ground": {
    "anyOf": [
     {
      "enum": [
       "hard",
       "laminate",
       "masonry",
       "metal",
       "paper",
       "plaster",
       "timber"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   },
   "colour": {
    "type": [
     "null",
     "string"
    ]
   },
   "um": {
    "type": [
     "null",
     "number"
    ]
   },
   "standing": {
    "$ref": "#/components/schemas/LayerStanding"
   },
   "stepId": {
    "description": "The plan step that lays it, `s4` or `s4c2`.",
    "type": [
     "null",
     "string"
    ]
   },
   "bond": {
    "description": "How an old film holds on what is under it; null where that is not asked.",
    "anyOf": [
     {
      "enum": [
       "gone",
       "sound",
       "weak"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   }
  },
  "required": [
   "bond",
   "chemistry",
   "colour",
   "detail",
   "ground",
   "id",
   "role",
   "standing",
   "stepId",
   "um",
   "words"
  ]
 },
 "LayerStanding": {
  "description": "How a layer is known: seen or tested, inferred, laid by us, or still to come.",
  "enum": [
   "found",
   "inferred",
   "laid",
   "to-come"
  ],
  "type": "string"
 },
 "LearnedRate": {
  "description": "The firm's own pace for a kind of step.",
  "type": "object",
  "properties": {
   "kind": {
    "$ref": "#/components/schemas/StepKind"
   },
   "pace": {
    "description": "Times the usual minutes.",
    "type": "number"
   },
   "seen": {
    "description": "How many logged steps it rests on.",
    "type": "number"
   },
   "own": {
    "description": "What the firm's own steps say by themselves, before they are drawn toward the usual rate.",
    "type": "number"
   }
  },
  "required": [
   "kind",
   "own",
   "pace",
   "seen"
  ]
 },
 "LeftOutReason": {
  "enum": [
   "client-does-it",
   "other-trade-first",
   "stays-as-it-is",
   "to-be-removed",
   "undecided"
  ],
  "type": "string"
 },
 "Light": {
  "enum": [
   "dark",
   "open-sky",
   "room-light",
   "sun-through-glass"
  ],
  "type": "string"
 },
 "Mend": {
  "enum": [
   "corner-to-corner",
   "feather",
   "spot"
  ],
  "type": "string"
 },
 "Method": {
  "enum": [
   "aerosol",
   "brush",
   "cut-in-and-roll",
   "flood",
   "roll",
   "roll-and-lay-off",
   "spray"
  ],
  "type": "string"
 },
 "Moved": {
  "description": "A step that starts at another time than was posted, or goes to other hands. Minutes later, or earlier below 0.",
  "type": "object",
  "properties": {
   "surface": {
    "type": "string"
   },
   "id": {
    "type": "string"
   },
   "from": {
    "type": "string"
   },
   "to": {
    "type": "string"
   },
   "laterMin": {
    "type": "number"
   },
   "why": {
    "description": "What it waits for now.",
    "type": [
     "null",
     "string"
    ]
   },
   "hands": {
    "description": "Who does it now, where that is somebody else.",
    "anyOf": [
     {
      "type": "array",
      "items": {
       "type": "string"
      }
     },
     {
      "type": "null"
     }
    ]
   }
  },
  "required": [
   "from",
   "hands",
   "id",
   "laterMin",
   "surface",
   "to",
   "why"
  ]
 },
 "NamedColour": {
  "type": "object",
  "properties": {
   "colour": {
    "type": "string"
   },
   "name": {
    "type": "string"
   },
   "code": {
    "description": "Its code or number on its maker's card; empty where it has none.",
    "type": "string"
   },
   "maker": {
    "description": "Whose colour it is: not always the maker of the paint that is tinted to it.",
    "type": "string"
   },
   "note": {
    "type": "string"
   }
  },
  "required": [
   "code",
   "colour",
   "maker",
   "name",
   "note"
  ]
 },
 "Need": {
  "enum": [
   "block-ink",
   "block-knots",
   "block-odour",
   "block-rust",
   "block-smoke",
   "block-tannin",
   "block-water",
   "grip-gloss",
   "grip-hard",
   "grip-laminate",
   "grip-metal",
   "grip-nonferrous",
   "hide",
   "seal-board",
   "seal-chalk",
   "seal-filler",
   "seal-masonry",
   "seal-paper",
   "seal-paste",
   "seal-plaster",
   "seal-torn",
   "seal-wood"
  ],
  "type": "string"
 },
 "NextTest": {
  "description": "A test worth making: what it is expected to save (minor units, before its own time) and how long it takes.",
  "type": "object",
  "properties": {
   "kind": {
    "$ref": "#/components/schemas/TestKind"
   },
   "expectedSaving": {
    "type": "number"
   },
   "minutes": {
    "type": "number"
   },
   "why": {
    "type": "string"
   },
   "settles": {
    "description": "The system hangs on it: it is made before any other, and before the price.",
    "type": "boolean"
   }
  },
  "required": [
   "expectedSaving",
   "kind",
   "minutes",
   "why"
  ]
 },
 "Odour": {
  "enum": [
   "low",
   "mid",
   "strong"
  ],
  "type": "string"
 },
 "Outcome": {
  "description": "Hours and paint of a surface as it may turn out. Minutes; minor units.",
  "type": "object",
  "properties": {
   "minutes": {
    "type": "number"
   },
   "materials": {
    "type": "number"
   }
  },
  "required": [
   "materials",
   "minutes"
  ]
 },
 "OverWeeks": {
  "description": "What becomes of a plan in the weather as it may turn out.",
  "type": "object",
  "properties": {
   "weeks": {
    "description": "How many ways the weather was drawn.",
    "type": "number"
   },
   "inTime": {
    "description": "The share of them, 0 to 1, in which everything ends on the day that the plan asked about says, or sooner.",
    "type": "number"
   },
   "nineInTen": {
    "description": "The last minute of the local day by which it has ended in nine of ten; null where it has not.",
    "type": [
     "null",
     "string"
    ]
   }
  },
  "required": [
   "inTime",
   "nineInTen",
   "weeks"
  ]
 },
 "OwnCalibration": {
  "description": "How far somebody's odds can be trusted.",
  "type": "object",
  "properties": {
   "steps": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/SaidAndSo"
    }
   },
   "count": {
    "type": "number"
   },
   "tooSure": {
    "description": "Mean of what was said less the share that was right: above 0 too sure, below 0 not sure enough. Null before anything was said.",
    "type": [
     "null",
     "number"
    ]
   },
   "doubt": {
    "description": "Standard error of that, so that a few lucky guesses are not praised.",
    "type": [
     "null",
     "number"
    ]
   },
   "brier": {
    "description": "Mean square distance of what was said from what was so; 0 is perfect, 0.25 is tossing a coin. Source: Brier 1950.",
    "type": [
     "null",
     "number"
    ]
   }
  },
  "required": [
   "brier",
   "count",
   "doubt",
   "steps",
   "tooSure"
  ]
 },
 "Paper": {
  "description": "A document, the same for the page, the printer and the PDF: what it is called, and its blocks.",
  "type": "object",
  "properties": {
   "title": {
    "type": "string"
   },
   "about": {
    "description": "Job and place.",
    "type": "string"
   },
   "firm": {
    "type": "string"
   },
   "letterhead": {
    "description": "What stands under the firm's name, a line each.",
    "type": "array",
    "items": {
     "type": "string"
    }
   },
   "logo": {
    "description": "The firm's own picture, as a PNG in a data address.",
    "type": "string"
   },
   "marked": {
    "description": "Number and version where it was sent; \"draft\" and the day where not.",
    "type": "string"
   },
   "blocks": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/PaperBlock"
    }
   }
  },
  "required": [
   "about",
   "blocks",
   "firm",
   "marked",
   "title"
  ]
 },
 "PaperBlock": {
  "description": "What stands on a paper, one after the other.",
  "anyOf": [
   {
    "type": "object",
    "properties": {
     "kind": {
      "type": "string",
      "const": "heading"
     },
     "text": {
      "type": "string"
     },
     "level": {
      "enum": [
       1,
       2
      ],
      "type": "number"
     }
    },
    "required": [
     "kind",
     "level",
     "text"
    ]
   },
   {
    "type": "object",
    "properties": {
     "kind": {
      "type": "string",
      "const": "text"
     },
     "text": {
      "type": "string"
     },
     "tone": {
      "enum": [
       "faded",
       "strong"
      ],
      "type": "string"
     }
    },
    "required": [
     "kind",
     "text"
    ]
   },
   {
    "type": "object",
    "properties": {
     "kind": {
      "type": "string",
      "const": "list"
     },
     "items": {
      "type": "array",
      "items": {
       "type": "string"
      }
     }
    },
    "required": [
     "items",
     "kind"
    ]
   },
   {
    "type": "object",
    "properties": {
     "kind": {
      "type": "string",
      "const": "table"
     },
     "caption": {
      "type": "string"
     },
     "columns": {
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/Column"
      }
     },
     "rows": {
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/Row"
      }
     }
    },
    "required": [
     "caption",
     "columns",
     "kind",
     "rows"
    ]
   },
   {
    "type": "object",
    "properties": {
     "kind": {
      "type": "string",
      "const": "swatches"
     },
     "swatches": {
      "type": "array",
      "items": {
       "type": "object",
       "properties": {
        "colour": {
         "type": "string"
        },
        "name": {
         "type": "string"
        },
        "words": {
         "type": "string"
        }
       },
       "required": [
        "colour",
        "name",
        "words"
       ]
      }
     }
    },
    "required": [
     "kind",
     "swatches"
    ]
   },
   {
    "type": "object",
    "properties": {
     "kind": {
      "type": "string",
      "const": "sketch"
     },
     "words": {
      "type": "string"
     },
     "sketch": {
      "type": "object",
      "properties": {
       "walls": {
        "type": "array",
        "items": {
         "type": "object",
         "properties": {
          "name": {
           "type": "string"
          },
          "widthM": {
           "type": "number"
          },
          "heightM": {
           "type": "number"
          },
          "openings": {
           "type": "array",
           "items": {
            "type": "object",
            "properties": {
             "kind": {
              "enum": [
               "door",
               "opening",
               "window"
              ],
              "type": "string"
             },
             "x": {
              "type": "number"
             },
             "y": {
              "type": "number"
             },
             "widthM": {
              "type": "number"
             },
             "heightM": {
              "type": "number"
             }
            },
            "required": [
             "heightM",
             "kind",
             "widthM",
             "x",
             "y"
            ]
           }
          }
         },
         "required": [
          "heightM",
          "name",
          "openings",
          "widthM"
         ]
        }
       }
      },
      "required": [
       "walls"
      ]
     },
     "excluded": {
      "type": "array",
      "items": {
       "allOf": [
        {
         "$ref": "#/components/schemas/SketchExclusion"
        },
        {
         "type": "object",
         "properties": {
          "words": {
           "type": "string"
          }
         },
         "required": [
          "words"
         ]
        }
       ]
      }
     }
    },
    "required": [
     "excluded",
     "kind",
     "sketch",
     "words"
    ]
   },
   {
    "type": "object",
    "properties": {
     "kind": {
      "type": "string",
      "const": "labels"
     },
     "labels": {
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/Label"
      }
     }
    },
    "required": [
     "kind",
     "labels"
    ]
   }
  ]
 },
 "PatchLook": {
  "description": "A look at patches that were laid, minutes after they were.",
  "type": "object",
  "properties": {
   "at": {
    "type": "number"
   },
   "words": {
    "type": "string"
   }
  },
  "required": [
   "at",
   "words"
  ]
 },
 "PatchRead": {
  "description": "What a patch showed when it was looked at: minutes since it was laid.",
  "type": "object",
  "properties": {
   "family": {
    "$ref": "#/components/schemas/Family"
   },
   "result": {
    "type": "string"
   },
   "minutes": {
    "type": "number"
   }
  },
  "required": [
   "family",
   "minutes",
   "result"
  ]
 },
 "PatchReading": {
  "type": "object",
  "properties": {
   "family": {
    "anyOf": [
     {
      "enum": [
       "acetone",
       "acrylic-caulk",
       "acrylic-ceiling",
       "acrylic-primer-undercoat",
       "acrylic-trim",
       "acrylic-wall",
       "alkaline-cleaner",
       "bonding-acrylic-primer",
       "chalk-style",
       "clear-bonding-primer",
       "clear-shellac",
       "deglosser",
       "degreaser",
       "denatured-alcohol",
       "elastomeric-caulk",
       "etch-primer",
       "exterior-acrylic",
       "exterior-filler",
       "exterior-oil",
       "filler",
       "floor-paint",
       "low-odour-oil-primer",
       "masonry-paint",
       "masonry-paint-remover",
       "masonry-primer",
       "metal-primer",
       "microporous-primer",
       "mineral-spirits",
       "moisture-resistant-acrylic",
       "mould-wash",
       "multi-purpose-acrylic-primer",
       "oil-enamel",
       "oil-primer",
       "oil-undercoat",
       "oil-varnish",
       "paintable-hybrid-sealant",
       "penetrating-epoxy",
       "penetrating-sealer",
       "pva-primer",
       "seam-adhesive",
       "shellac-primer",
       "silicone-sealant",
       "stain-blocking-acrylic-primer",
       "stripper",
       "wallpaper-sealer",
       "waterborne-alkyd",
       "waterborne-clear",
       "wood-acrylic-primer",
       "wood-bleach"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   },
   "verdict": {
    "$ref": "#/components/schemas/PatchVerdict"
   },
   "decidedBy": {
    "type": "object",
    "properties": {
     "kind": {
      "enum": [
       "acetone-rub",
       "blade-lift",
       "bleach-drop",
       "chip-look",
       "cross-cut",
       "damp-sponge",
       "ease-test",
       "hand-wipe",
       "lead-swab",
       "moisture-meter",
       "nail-scratch",
       "paint-dab",
       "rot-probe",
       "scraper-drag",
       "sheen-look",
       "spirit-rub",
       "tap-test",
       "tape-pull",
       "test-patch",
       "water-drop"
      ],
      "type": "string"
     },
     "result": {
      "type": [
       "null",
       "string"
      ]
     },
     "grade": {
      "type": [
       "null",
       "number"
      ]
     },
     "value": {
      "type": [
       "null",
       "number"
      ]
     },
     "layers": {
      "description": "Top first.",
      "anyOf": [
       {
        "type": "array",
        "items": {
         "enum": [
          "clear",
          "distemper",
          "oil",
          "paper",
          "primer",
          "unknown",
          "waterborne"
         ],
         "type": "string"
        }
       },
       {
        "type": "null"
       }
      ]
     },
     "scale": {
      "description": "Left out: wood.",
      "anyOf": [
       {
        "enum": [
         "gypsum",
         "relative",
         "wood"
        ],
        "type": "string"
       },
       {
        "type": "null"
       }
      ]
     },
     "yellowed": {
      "type": [
       "null",
       "boolean"
      ]
     },
     "place": {
      "type": [
       "null",
       "string"
      ]
     },
     "filmAgeHours": {
      "type": [
       "null",
       "number"
      ]
     },
     "plane": {
      "anyOf": [
       {
        "enum": [
         "between-coats",
         "primer",
         "substrate"
        ],
        "type": "string"
       },
       {
        "type": "null"
       }
      ]
     },
     "family": {
      "description": "Of a patch; a test of grip that was made in one carries it too, once tests are read together.",
      "anyOf": [
       {
        "enum": [
         "acetone",
         "acrylic-caulk",
         "acrylic-ceiling",
         "acrylic-primer-undercoat",
         "acrylic-trim",
         "acrylic-wall",
         "alkaline-cleaner",
         "bonding-acrylic-primer",
         "chalk-style",
         "clear-bonding-primer",
         "clear-shellac",
         "deglosser",
         "degreaser",
         "denatured-alcohol",
         "elastomeric-caulk",
         "etch-primer",
         "exterior-acrylic",
         "exterior-filler",
         "exterior-oil",
         "filler",
         "floor-paint",
         "low-odour-oil-primer",
         "masonry-paint",
         "masonry-paint-remover",
         "masonry-primer",
         "metal-primer",
         "microporous-primer",
         "mineral-spirits",
         "moisture-resistant-acrylic",
         "mould-wash",
         "multi-purpose-acrylic-primer",
         "oil-enamel",
         "oil-primer",
         "oil-undercoat",
         "oil-varnish",
         "paintable-hybrid-sealant",
         "penetrating-epoxy",
         "penetrating-sealer",
         "pva-primer",
         "seam-adhesive",
         "shellac-primer",
         "silicone-sealant",
         "stain-blocking-acrylic-primer",
         "stripper",
         "wallpaper-sealer",
         "waterborne-alkyd",
         "waterborne-clear",
         "wood-acrylic-primer",
         "wood-bleach"
        ],
        "type": "string"
       },
       {
        "type": "null"
       }
      ]
     },
     "coats": {
      "type": [
       "null",
       "number"
      ]
     },
     "minutes": {
      "type": [
       "null",
       "number"
      ]
     },
     "readEarly": {
      "description": "It was read before its time was up.",
      "type": [
       "null",
       "boolean"
      ]
     }
    },
    "required": [
     "kind"
    ]
   },
   "coats": {
    "description": "The coats to lay by it; null where it does not say.",
    "type": [
     "null",
     "number"
    ]
   },
   "text": {
    "type": "string"
   }
  },
  "required": [
   "coats",
   "decidedBy",
   "family",
   "text",
   "verdict"
  ]
 },
 "PatchSeen": {
  "description": "What the pictures of a patch say, and how sure. The painter decides.",
  "type": "object",
  "properties": {
   "sees": {
    "$ref": "#/components/schemas/SeenAs"
   },
   "sure": {
    "description": "Its chance, 0 … 1.",
    "type": "number"
   },
   "chances": {
    "type": "object",
    "properties": {
     "shows-through": {
      "type": "number"
     },
     "covers": {
      "type": "number"
     },
     "faint-bleed": {
      "type": "number"
     },
     "bleeds-through": {
      "type": "number"
     }
    },
    "required": [
     "bleeds-through",
     "covers",
     "faint-bleed",
     "shows-through"
    ]
   }
  },
  "required": [
   "chances",
   "sees",
   "sure"
  ]
 },
 "PatchVerdict": {
  "description": "What the patches of one primer family say so far.",
  "enum": [
   "another-coat",
   "bleeds",
   "covers",
   "look-again",
   "rejects"
  ],
  "type": "string"
 },
 "PatternCause": {
  "description": "Why damage may lie where it does.",
  "type": "object",
  "properties": {
   "damage": {
    "$ref": "#/components/schemas/Damage"
   },
   "fits": {
    "description": "How many of its places lie so, of how many.",
    "type": "number"
   },
   "of": {
    "type": "number"
   },
   "code": {
    "type": "string"
   },
   "cause": {
    "type": "string"
   },
   "findOut": {
    "type": "string"
   },
   "stopFirst": {
    "type": "string"
   }
  },
  "required": [
   "cause",
   "code",
   "damage",
   "findOut",
   "fits",
   "of",
   "stopFirst"
  ]
 },
 "Plan": {
  "description": "The answer of `ledger plan`: see the contract of the command line.",
  "anyOf": [
   {
    "type": "object",
    "properties": {
     "status": {
      "type": "string",
      "const": "feasible"
     },
     "steps": {
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/PlannedStep"
      }
     },
     "finish": {
      "type": "string"
     },
     "lowerBound": {
      "type": "string"
     },
     "visits": {
      "type": "number"
     },
     "objective": {
      "type": "object",
      "properties": {
       "finishMin": {
        "type": "number"
       },
       "visits": {
        "type": "number"
       }
      },
      "required": [
       "finishMin",
       "visits"
      ]
     },
     "warnings": {
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/PlanWarning"
      }
     }
    },
    "required": [
     "finish",
     "lowerBound",
     "objective",
     "status",
     "steps",
     "visits",
     "warnings"
    ]
   },
   {
    "type": "object",
    "properties": {
     "status": {
      "type": "string",
      "const": "infeasible"
     },
     "steps": {
      "type": "array",
      "minItems": 0,
      "maxItems": 0
     },
     "finish": {
      "type": "null"
     },
     "lowerBound": {
      "type": "null"
     },
     "visits": {
      "type": "number",
      "const": 0
     },
     "objective": {
      "type": "null"
     },
     "reasons": {
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/Reason"
      }
     },
     "warnings": {
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/PlanWarning"
      }
     }
    },
    "required": [
     "finish",
     "lowerBound",
     "objective",
     "reasons",
     "status",
     "steps",
     "visits",
     "warnings"
    ]
   }
  ]
 },
 "PlanChoice": {
  "description": "One of the plans to choose from.",
  "type": "object",
  "properties": {
   "judged": {
    "description": "How it fares in the weather as it may turn out; null where nothing hangs on it.",
    "anyOf": [
     {
      "$ref": "#/components/schemas/OverWeeks"
     },
     {
      "type": "null"
     }
    ]
   },
   "surer": {
    "description": "It is offered because it keeps the day of the soonest more often.",
    "type": "boolean"
   },
   "plan": {
    "type": "object",
    "properties": {
     "status": {
      "type": "string",
      "const": "feasible"
     },
     "steps": {
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/PlannedStep"
      }
     },
     "finish": {
      "type": "string"
     },
     "lowerBound": {
      "type": "string"
     },
     "visits": {
      "type": "number"
     },
     "objective": {
      "type": "object",
      "properties": {
       "finishMin": {
        "type": "number"
       },
       "visits": {
        "type": "number"
       }
      },
      "required": [
       "finishMin",
       "visits"
      ]
     },
     "warnings": {
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/PlanWarning"
      }
     }
    },
    "required": [
     "finish",
     "lowerBound",
     "objective",
     "status",
     "steps",
     "visits",
     "warnings"
    ]
   },
   "nights": {
    "description": "Nights that rooms are out of use, summed over the rooms.",
    "type": "number"
   },
   "idleMin": {
    "description": "Paid minutes between the steps of somebody's day at which there is nothing to do.",
    "type": "number"
   }
  },
  "required": [
   "idleMin",
   "judged",
   "nights",
   "plan",
   "surer"
  ]
 },
 "PlanInput": {
  "type": "object",
  "properties": {
   "start": {
    "type": "string"
   },
   "timeZone": {
    "type": "string"
   },
   "crew": {
    "type": "array",
    "items": {
     "type": "object",
     "properties": {
      "id": {
       "type": "string"
      },
      "days": {
       "anyOf": [
        {
         "type": "array",
         "items": {
          "type": "number"
         }
        },
        {
         "type": "null"
        }
       ]
      },
      "from": {
       "type": [
        "null",
        "string"
       ]
      },
      "to": {
       "type": [
        "null",
        "string"
       ]
      },
      "off": {
       "anyOf": [
        {
         "type": "array",
         "items": {
          "type": "string"
         }
        },
        {
         "type": "null"
        }
       ]
      },
      "skills": {
       "anyOf": [
        {
         "type": "array",
         "items": {
          "type": "string"
         }
        },
        {
         "type": "null"
        }
       ]
      },
      "busy": {
       "anyOf": [
        {
         "type": "array",
         "items": {
          "type": "object",
          "properties": {
           "from": {
            "type": "string"
           },
           "to": {
            "type": "string"
           }
          },
          "required": [
           "from",
           "to"
          ]
         }
        },
        {
         "type": "null"
        }
       ]
      }
     },
     "required": [
      "id"
     ]
    }
   },
   "air": {
    "anyOf": [
     {
      "type": "object",
      "properties": {
       "kind": {
        "type": "string",
        "const": "steady"
       },
       "temperatureC": {
        "type": "number"
       },
       "relativeHumidityPct": {
        "type": "number"
       },
       "surfaceC": {
        "type": [
         "null",
         "number"
        ]
       },
       "rainMm": {
        "type": [
         "null",
         "number"
        ]
       },
       "windMs": {
        "type": [
         "null",
         "number"
        ]
       }
      },
      "required": [
       "kind",
       "relativeHumidityPct",
       "temperatureC"
      ]
     },
     {
      "type": "object",
      "properties": {
       "kind": {
        "type": "string",
        "const": "hourly"
       },
       "from": {
        "type": "string"
       },
       "temperatureC": {
        "type": "array",
        "items": {
         "type": "number"
        }
       },
       "relativeHumidityPct": {
        "type": "array",
        "items": {
         "type": "number"
        }
       },
       "surfaceC": {
        "anyOf": [
         {
          "type": "array",
          "items": {
           "type": "number"
          }
         },
         {
          "type": "null"
         }
        ]
       },
       "rainMm": {
        "anyOf": [
         {
          "type": "array",
          "items": {
           "type": "number"
          }
         },
         {
          "type": "null"
         }
        ]
       },
       "windMs": {
        "anyOf": [
         {
          "type": "array",
          "items": {
           "type": "number"
          }
         },
         {
          "type": "null"
         }
        ]
       }
      },
      "required": [
       "from",
       "kind",
       "relativeHumidityPct",
       "temperatureC"
      ]
     }
    ]
   },
   "surfaces": {
    "type": "array",
    "items": {
     "type": "object",
     "properties": {
      "id": {
       "type": "string"
      },
      "steps": {
       "type": "array",
       "items": {
        "type": "object",
        "properties": {
         "id": {
          "type": "string"
         },
         "kind": {
          "enum": [
           "caulk",
           "clean-up",
           "clear-coat",
           "close-opening",
           "contain-lead",
           "cure-hold",
           "degloss",
           "distress",
           "dry-out",
           "dust-off",
           "fill",
           "finish-coat",
           "free-sash",
           "inspect",
           "mask",
           "mould-treat",
           "other-trade",
           "pre-prime",
           "prime",
           "protect",
           "refit-hardware",
           "rehang",
           "remove-hardware",
           "remove-sealant",
           "repair",
           "replace-board",
           "revisit",
           "rinse",
           "sand",
           "sand-between",
           "scrape",
           "set-nails",
           "solvent-wipe",
           "spot-prime",
           "stick-down",
           "strip",
           "tack-off",
           "test-patch",
           "undercoat",
           "unhang",
           "unmask",
           "ventilate",
           "wash"
          ],
          "type": "string"
         },
         "minutes": {
          "type": "number"
         },
         "people": {
          "type": [
           "null",
           "number"
          ]
         },
         "waitMin": {
          "type": [
           "null",
           "number"
          ]
         },
         "dusty": {
          "type": [
           "null",
           "boolean"
          ]
         },
         "after": {
          "anyOf": [
           {
            "type": "array",
            "items": {
             "type": "string"
            }
           },
           {
            "type": "null"
           }
          ]
         },
         "skill": {
          "type": [
           "null",
           "string"
          ]
         },
         "splittable": {
          "type": [
           "null",
           "boolean"
          ]
         },
         "onRack": {
          "type": [
           "null",
           "boolean"
          ]
         },
         "notBefore": {
          "description": "No sooner than this: another trade's date, a delivery, a block that was dragged.",
          "type": [
           "null",
           "string"
          ]
         },
         "sameDayAs": {
          "description": "A step before it on this surface, on whose local day this one must end: a door is hung again by evening.",
          "type": [
           "null",
           "string"
          ]
         },
         "strongVapour": {
          "type": [
           "null",
           "boolean"
          ]
         },
         "drying": {
          "anyOf": [
           {
            "type": "object",
            "properties": {
             "family": {
              "anyOf": [
               {
                "enum": [
                 "acetone",
                 "acrylic-caulk",
                 "acrylic-ceiling",
                 "acrylic-primer-undercoat",
                 "acrylic-trim",
                 "acrylic-wall",
                 "alkaline-cleaner",
                 "bonding-acrylic-primer",
                 "chalk-style",
                 "clear-bonding-primer",
                 "clear-shellac",
                 "deglosser",
                 "degreaser",
                 "denatured-alcohol",
                 "elastomeric-caulk",
                 "etch-primer",
                 "exterior-acrylic",
                 "exterior-filler",
                 "exterior-oil",
                 "filler",
                 "floor-paint",
                 "low-odour-oil-primer",
                 "masonry-paint",
                 "masonry-paint-remover",
                 "masonry-primer",
                 "metal-primer",
                 "microporous-primer",
                 "mineral-spirits",
                 "moisture-resistant-acrylic",
                 "mould-wash",
                 "multi-purpose-acrylic-primer",
                 "oil-enamel",
                 "oil-primer",
                 "oil-undercoat",
                 "oil-varnish",
                 "paintable-hybrid-sealant",
                 "penetrating-epoxy",
                 "penetrating-sealer",
                 "pva-primer",
                 "seam-adhesive",
                 "shellac-primer",
                 "silicone-sealant",
                 "stain-blocking-acrylic-primer",
                 "stripper",
                 "wallpaper-sealer",
                 "waterborne-alkyd",
                 "waterborne-clear",
                 "wood-acrylic-primer",
                 "wood-bleach"
                ],
                "type": "string"
               },
               {
                "type": "null"
               }
              ]
             },
             "chemistry": {
              "anyOf": [
               {
                "enum": [
                 "alcohol-borne",
                 "solvent-borne",
                 "two-part",
                 "waterborne"
                ],
                "type": "string"
               },
               {
                "type": "null"
               }
              ]
             },
             "dustFreeMin": {
              "type": [
               "null",
               "number"
              ]
             },
             "recoatMin": {
              "type": [
               "null",
               "number"
              ]
             },
             "recoatPreferredMin": {
              "type": [
               "null",
               "number"
              ]
             },
             "recoatMaxMin": {
              "type": [
               "null",
               "number"
              ]
             },
             "handleMin": {
              "type": [
               "null",
               "number"
              ]
             },
             "minTempC": {
              "type": [
               "null",
               "number"
              ]
             },
             "maxTempC": {
              "type": [
               "null",
               "number"
              ]
             },
             "maxRhPct": {
              "type": [
               "null",
               "number"
              ]
             },
             "dewMarginC": {
              "type": [
               "null",
               "number"
              ]
             },
             "maxWindMs": {
              "type": [
               "null",
               "number"
              ]
             },
             "rainSafeMin": {
              "type": [
               "null",
               "number"
              ]
             },
             "limitsHoldMin": {
              "type": [
               "null",
               "number"
              ]
             },
             "thickness": {
              "type": [
               "null",
               "number"
              ]
             }
            }
           },
           {
            "type": "null"
           }
          ]
         },
         "done": {
          "type": [
           "null",
           "boolean"
          ]
         },
         "start": {
          "type": [
           "null",
           "string"
          ]
         },
         "end": {
          "type": [
           "null",
           "string"
          ]
         },
         "crew": {
          "anyOf": [
           {
            "type": "array",
            "items": {
             "type": "string"
            }
           },
           {
            "type": "null"
           }
          ]
         }
        },
        "required": [
         "id",
         "kind",
         "minutes"
        ]
       }
      },
      "zone": {
       "type": [
        "null",
        "string"
       ]
      },
      "site": {
       "type": [
        "null",
        "string"
       ]
      }
     },
     "required": [
      "id",
      "steps"
     ]
    }
   },
   "zones": {
    "anyOf": [
     {
      "type": "array",
      "items": {
       "type": "object",
       "properties": {
        "id": {
         "type": "string"
        },
        "noDustWhileWet": {
         "type": [
          "null",
          "boolean"
         ]
        },
        "maxNightsOut": {
         "type": [
          "null",
          "number"
         ]
        },
        "backBy": {
         "type": [
          "null",
          "string"
         ]
        },
        "fumesOutBy": {
         "description": "Where people sleep or eat: a coat with strong vapour is dust-free by then, on the day it is laid.",
         "type": [
          "null",
          "string"
         ]
        },
        "air": {
         "anyOf": [
          {
           "type": "object",
           "properties": {
            "kind": {
             "type": "string",
             "const": "steady"
            },
            "temperatureC": {
             "type": "number"
            },
            "relativeHumidityPct": {
             "type": "number"
            },
            "surfaceC": {
             "type": [
              "null",
              "number"
             ]
            },
            "rainMm": {
             "type": [
              "null",
              "number"
             ]
            },
            "windMs": {
             "type": [
              "null",
              "number"
             ]
            }
           },
           "required": [
            "kind",
            "relativeHumidityPct",
            "temperatureC"
           ]
          },
          {
           "type": "object",
           "properties": {
            "kind": {
             "type": "string",
             "const": "hourly"
            },
            "from": {
             "type": "string"
            },
            "temperatureC": {
             "type": "array",
             "items": {
              "type": "number"
             }
            },
            "relativeHumidityPct": {
             "type": "array",
             "items": {
              "type": "number"
             }
            },
            "surfaceC": {
             "anyOf": [
              {
               "type": "array",
               "items": {
                "type": "number"
               }
              },
              {
               "type": "null"
              }
             ]
            },
            "rainMm": {
             "anyOf": [
              {
               "type": "array",
               "items": {
                "type": "number"
               }
              },
              {
               "type": "null"
              }
             ]
            },
            "windMs": {
             "anyOf": [
              {
               "type": "array",
               "items": {
                "type": "number"
               }
              },
              {
               "type": "null"
              }
             ]
            }
           },
           "required": [
            "from",
            "kind",
            "relativeHumidityPct",
            "temperatureC"
           ]
          },
          {
           "type": "null"
          }
         ]
        }
       },
       "required": [
        "id"
       ]
      }
     },
     {
      "type": "null"
     }
    ]
   },
   "racks": {
    "type": [
     "null",
     "number"
    ]
   },
   "sites": {
    "description": "Several jobs that share the people; racks of the job itself stand above.",
    "anyOf": [
     {
      "type": "array",
      "items": {
       "type": "object",
       "properties": {
        "id": {
         "type": "string"
        },
        "racks": {
         "type": [
          "null",
          "number"
         ]
        }
       },
       "required": [
        "id"
       ]
      }
     },
     {
      "type": "null"
     }
    ]
   },
   "visit": {
    "description": "What each visit costs a person beside the work, in minutes: at its start, its end, and between two sites.",
    "anyOf": [
     {
      "type": "object",
      "properties": {
       "setUpMin": {
        "type": [
         "null",
         "number"
        ]
       },
       "packUpMin": {
        "type": [
         "null",
         "number"
        ]
       },
       "travelMin": {
        "type": [
         "null",
         "number"
        ]
       }
      }
     },
     {
      "type": "null"
     }
    ]
   },
   "goal": {
    "anyOf": [
     {
      "enum": [
       "fewer-visits",
       "finish-first",
       "rooms-back-first"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   },
   "relaxed": {
    "description": "A demand that cannot be met is broken, as little as can be, instead of emptying the plan.",
    "type": [
     "null",
     "boolean"
    ]
   }
  },
  "required": [
   "air",
   "crew",
   "start",
   "surfaces",
   "timeZone"
  ]
 },
 "PlanWarning": {
  "type": "object",
  "properties": {
   "code": {
    "type": "string"
   },
   "step": {
    "type": "string"
   },
   "text": {
    "type": "string"
   }
  },
  "required": [
   "code",
   "step",
   "text"
  ]
 },
 "Plane": {
  "enum": [
   "between-coats",
   "primer",
   "substrate"
  ],
  "type": "string"
 },
 "PlannedStep": {
  "description": "One step of a plan. Times are ISO 8601 with offset.",
  "type": "object",
  "properties": {
   "id": {
    "type": "string"
   },
   "surface": {
    "type": "string"
   },
   "start": {
    "type": "string"
   },
   "end": {
    "type": "string"
   },
   "crew": {
    "type": "array",
    "items": {
     "type": "string"
    }
   },
   "dustFreeAt": {
    "type": [
     "null",
     "string"
    ]
   },
   "recoatFrom": {
    "type": [
     "null",
     "string"
    ]
   },
   "recoatUntil": {
    "type": [
     "null",
     "string"
    ]
   },
   "waitsFor": {
    "anyOf": [
     {
      "$ref": "#/components/schemas/WaitsFor"
     },
     {
      "type": "null"
     }
    ]
   }
  },
  "required": [
   "crew",
   "dustFreeAt",
   "end",
   "id",
   "recoatFrom",
   "recoatUntil",
   "start",
   "surface",
   "waitsFor"
  ]
 },
 "Preparation": {
  "enum": [
   "deglossed",
   "none",
   "sanded",
   "stripped",
   "washed"
  ],
  "type": "string"
 },
 "PricedLine": {
  "description": "The price of one surface: its hours and paint, and its share of everything.",
  "type": "object",
  "properties": {
   "surfaceId": {
    "type": "string"
   },
   "minutes": {
    "type": "number"
   },
   "litres": {
    "type": "number"
   },
   "cost": {
    "description": "Labour and paint of the surface alone.",
    "type": "number"
   },
   "price": {
    "description": "Its part of the net price; the parts add up to it exactly.",
    "type": "number"
   }
  },
  "required": [
   "cost",
   "litres",
   "minutes",
   "price",
   "surfaceId"
  ]
 },
 "Product": {
  "description": "A product as the firm keeps it on the shelf. Litres, m²/L, µm, hours; money in minor units.",
  "type": "object",
  "properties": {
   "id": {
    "type": "string"
   },
   "name": {
    "type": "string"
   },
   "maker": {
    "type": "string"
   },
   "family": {
    "$ref": "#/components/schemas/Family"
   },
   "drying": {
    "$ref": "#/components/schemas/DryingFigures"
   },
   "spreadM2PerL": {
    "type": "number"
   },
   "wetFilmUm": {
    "type": "number"
   },
   "dryFilmUm": {
    "type": "number"
   },
   "cureHours": {
    "type": "number"
   },
   "lastsYears": {
    "description": "Years that its maker promises the film will last; null where the sheet is silent.",
    "type": [
     "null",
     "number"
    ]
   },
   "sheens": {
    "type": "array",
    "items": {
     "enum": [
      "eggshell",
      "flat",
      "gloss",
      "matt",
      "satin",
      "semi-gloss"
     ],
     "type": "string"
    }
   },
   "odour": {
    "$ref": "#/components/schemas/Odour"
   },
   "vocGPerL": {
    "description": "Volatile content, grams a litre.",
    "type": "number"
   },
   "solidsPct": {
    "description": "Share of the wet film that stays, by volume, in %.",
    "type": "number"
   },
   "tints": {
    "$ref": "#/components/schemas/TintRange"
   },
   "spreadOn": {
    "type": "object",
    "properties": {
     "masonry": {
      "type": "number"
     },
     "paper": {
      "type": "number"
     },
     "metal": {
      "type": "number"
     },
     "hard": {
      "type": "number"
     },
     "timber": {
      "type": "number"
     },
     "plaster": {
      "type": "number"
     },
     "laminate": {
      "type": "number"
     }
    }
   },
   "mix": {
    "description": "Two-part: parts by volume, base first, and minutes until the pot is lost at 23 °C.",
    "anyOf": [
     {
      "type": "object",
      "properties": {
       "base": {
        "type": "number"
       },
       "hardener": {
        "type": "number"
       },
       "potLifeMin": {
        "type": "number"
       }
      },
      "required": [
       "base",
       "hardener",
       "potLifeMin"
      ]
     },
     {
      "type": "null"
     }
    ]
   },
   "stir": {
    "$ref": "#/components/schemas/Stir"
   },
   "does": {
    "type": "object",
    "properties": {
     "hide": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "grip-gloss": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "grip-laminate": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "grip-hard": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "grip-metal": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "grip-nonferrous": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "seal-board": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "seal-plaster": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "seal-torn": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "seal-paste": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "seal-paper": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "seal-wood": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "seal-chalk": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "seal-masonry": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "seal-filler": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "block-water": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "block-tannin": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "block-knots": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "block-ink": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "block-smoke": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "block-odour": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     },
     "block-rust": {
      "enum": [
       1,
       2,
       3
      ],
      "type": "number"
     }
    }
   },
   "refuses": {
    "description": "Grounds its sheet forbids.",
    "type": "array",
    "items": {
     "enum": [
      "hard",
      "laminate",
      "masonry",
      "metal",
      "paper",
      "plaster",
      "timber"
     ],
     "type": "string"
    }
   },
   "tins": {
    "description": "Container sizes in litres with their price in minor units.",
    "type": "array",
    "items": {
     "type": "object",
     "properties": {
      "litres": {
       "type": "number"
      },
      "price": {
       "type": "number"
      }
     },
     "required": [
      "litres",
      "price"
     ]
    }
   }
  },
  "required": [
   "cureHours",
   "does",
   "dryFilmUm",
   "drying",
   "family",
   "id",
   "lastsYears",
   "maker",
   "mix",
   "name",
   "odour",
   "refuses",
   "sheens",
   "solidsPct",
   "spreadM2PerL",
   "spreadOn",
   "stir",
   "tins",
   "tints",
   "vocGPerL",
   "wetFilmUm"
  ]
 },
 "QuoteChange": {
  "description": "One difference between two versions, and what it does to the net price.",
  "type": "object",
  "properties": {
   "surfaceId": {
    "type": "string"
   },
   "words": {
    "type": "string"
   },
   "price": {
    "type": "number"
   }
  },
  "required": [
   "price",
   "surfaceId",
   "words"
  ]
 },
 "QuoteLeftOut": {
  "description": "What is left out, why, and what it would cost; drawn at its boundary where it has one.",
  "type": "object",
  "properties": {
   "surfaceId": {
    "type": "string"
   },
   "room": {
    "type": "string"
   },
   "name": {
    "type": "string"
   },
   "words": {
    "type": "string"
   },
   "reason": {
    "$ref": "#/components/schemas/LeftOutReason"
   },
   "whole": {
    "type": "boolean"
   },
   "price": {
    "type": [
     "null",
     "number"
    ]
   }
  },
  "required": [
   "name",
   "price",
   "reason",
   "room",
   "surfaceId",
   "whole",
   "words"
  ]
 },
 "QuoteLine": {
  "description": "One surface of a quote.",
  "type": "object",
  "properties": {
   "surfaceId": {
    "type": "string"
   },
   "room": {
    "type": "string"
   },
   "name": {
    "type": "string"
   },
   "work": {
    "description": "What is done, in one sentence.",
    "type": "string"
   },
   "steps": {
    "type": "array",
    "items": {
     "type": "string"
    }
   },
   "colour": {
    "type": [
     "null",
     "string"
    ]
   },
   "parts": {
    "description": "Parts in colours of their own; left out where there are none.",
    "type": "array",
    "items": {
     "type": "object",
     "properties": {
      "name": {
       "type": "string"
      },
      "colour": {
       "type": "string"
      }
     },
     "required": [
      "colour",
      "name"
     ]
    }
   },
   "areaM2": {
    "type": [
     "null",
     "number"
    ]
   },
   "months": {
    "description": "Months the firm stands behind it; null where it is withheld, with why.",
    "type": [
     "null",
     "number"
    ]
   },
   "withheld": {
    "type": "array",
    "items": {
     "type": "string"
    }
   },
   "price": {
    "type": "number"
   },
   "byHand": {
    "description": "True where somebody set its price by hand.",
    "type": "boolean"
   },
   "key": {
    "description": "Names the system: what a later version is compared by.",
    "type": "string"
   }
  },
  "required": [
   "areaM2",
   "colour",
   "key",
   "months",
   "name",
   "price",
   "room",
   "steps",
   "surfaceId",
   "withheld",
   "work"
  ]
 },
 "QuoteOwnLine": {
  "description": "A line that is no surface: something else that is charged, or a discount.",
  "type": "object",
  "properties": {
   "id": {
    "type": "string"
   },
   "words": {
    "type": "string"
   },
   "price": {
    "description": "Net; below nothing for a discount.",
    "type": "number"
   }
  },
  "required": [
   "id",
   "price",
   "words"
  ]
 },
 "QuoteSketch": {
  "description": "A room of which something is left out, as it is drawn.",
  "type": "object",
  "properties": {
   "room": {
    "type": "string"
   },
   "sketch": {
    "type": "object",
    "properties": {
     "walls": {
      "type": "array",
      "items": {
       "type": "object",
       "properties": {
        "name": {
         "type": "string"
        },
        "widthM": {
         "type": "number"
        },
        "heightM": {
         "type": "number"
        },
        "openings": {
         "type": "array",
         "items": {
          "type": "object",
          "properties": {
           "kind": {
            "enum": [
             "door",
             "opening",
             "window"
            ],
            "type": "string"
           },
           "x": {
            "type": "number"
           },
           "y": {
            "type": "number"
           },
           "widthM": {
            "type": "number"
           },
           "heightM": {
            "type": "number"
           }
          },
          "required": [
           "heightM",
           "kind",
           "widthM",
           "x",
           "y"
          ]
         }
        }
       },
       "required": [
        "heightM",
        "name",
        "openings",
        "widthM"
       ]
      }
     }
    },
    "required": [
     "walls"
    ]
   },
   "excluded": {
    "type": "array",
    "items": {
     "allOf": [
      {
       "$ref": "#/components/schemas/SketchExclusion"
      },
      {
       "type": "object",
       "properties": {
        "words": {
         "type": "string"
        }
       },
       "required": [
        "words"
       ]
      }
     ]
    }
   }
  },
  "required": [
   "excluded",
   "room",
   "sketch"
  ]
 },
 "RankedAlternative": {
  "description": "An alternative with what it weighs by the firm's weights; below 0 it weighs less than the system it stands beside.",
  "type": "object",
  "properties": {
   "against": {
    "type": "number"
   },
   "addedCost": {
    "description": "What it costs more than the system it stands beside, labour and paint; below 0 less. Minor units.",
    "type": "number"
   },
   "differs": {
    "type": "string"
   },
   "system": {
    "$ref": "#/components/schemas/System"
   },
   "holds": {
    "$ref": "#/components/schemas/Holds"
   }
  },
  "required": [
   "addedCost",
   "against",
   "differs",
   "holds",
   "system"
  ]
 },
 "Reason": {
  "description": "A demand that cannot be met, in words.",
  "type": "object",
  "properties": {
   "rule": {
    "type": "string"
   },
   "step": {
    "type": "string"
   },
   "text": {
    "type": "string"
   }
  },
  "required": [
   "rule",
   "step",
   "text"
  ]
 },
 "RelaxedPlan": {
  "description": "A plan that breaks as few demands as it can, where not all can be met.",
  "allOf": [
   {
    "type": "object",
    "properties": {
     "finish": {
      "type": "string"
     },
     "steps": {
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/PlannedStep"
      }
     },
     "visits": {
      "type": "number"
     },
     "lowerBound": {
      "type": "string"
     },
     "objective": {
      "type": "object",
      "properties": {
       "finishMin": {
        "type": "number"
       },
       "visits": {
        "type": "number"
       }
      },
      "required": [
       "finishMin",
       "visits"
      ]
     },
     "warnings": {
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/PlanWarning"
      }
     }
    },
    "required": [
     "finish",
     "lowerBound",
     "objective",
     "steps",
     "visits",
     "warnings"
    ]
   },
   {
    "type": "object",
    "properties": {
     "status": {
      "type": "string",
      "const": "relaxed"
     },
     "broken": {
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/Broken"
      }
     }
    },
    "required": [
     "broken",
     "status"
    ]
   }
  ]
 },
 "Reliance": {
  "description": "A coat that holds only if the forecast does.",
  "type": "object",
  "properties": {
   "surface": {
    "type": "string"
   },
   "id": {
    "type": "string"
   },
   "chance": {
    "description": "Chance, 0 to 1, that every limit holds from its start until the sheet no longer asks.",
    "type": "number"
   },
   "text": {
    "description": "What is the likeliest to fail, in words.",
    "type": "string"
   }
  },
  "required": [
   "chance",
   "id",
   "surface",
   "text"
  ]
 },
 "Remedy": {
  "enum": [
   "block",
   "bridge",
   "cut-out",
   "leave"
  ],
  "type": "string"
 },
 "Rescue": {
  "description": "The way back from a system that went wrong. Money in minor units.",
  "type": "object",
  "properties": {
   "cause": {
    "type": "string"
   },
   "backTo": {
    "type": "string"
   },
   "steps": {
    "description": "Taking it off, then the right system, in order.",
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/Step"
    }
   },
   "undoes": {
    "description": "How many of the steps undo what was done; the rest is the right system.",
    "type": "number"
   },
   "price": {
    "$ref": "#/components/schemas/SystemPrice"
   },
   "ways": {
    "description": "Where a coat comes off: how, by the age of its film, and which way it is now.",
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/WayOff"
    }
   }
  },
  "required": [
   "backTo",
   "cause",
   "price",
   "steps",
   "undoes",
   "ways"
  ]
 },
 "Risk": {
  "description": "What goes wrong if a step is left out: how much likelier the fault is without it, 0 to 1; `shows` an ISO 8601 duration, cost in minor units.",
  "type": "object",
  "properties": {
   "ifSkipped": {
    "$ref": "#/components/schemas/StepKind"
   },
   "fault": {
    "$ref": "#/components/schemas/Fault"
   },
   "text": {
    "type": "string"
   },
   "odds": {
    "type": "number"
   },
   "shows": {
    "type": "string"
   },
   "cost": {
    "type": "number"
   }
  },
  "required": [
   "cost",
   "fault",
   "ifSkipped",
   "odds",
   "shows",
   "text"
  ]
 },
 "Role": {
  "enum": [
   "estimator",
   "owner",
   "painter",
   "read-only"
  ],
  "type": "string"
 },
 "RoomKind": {
  "enum": [
   "elevation",
   "room"
  ],
  "type": "string"
 },
 "Row": {
  "description": "A row: its cells as they are printed. A total stands under a rule, a note spans the row.",
  "type": "object",
  "properties": {
   "cells": {
    "type": "array",
    "items": {
     "type": "string"
    }
   },
   "weight": {
    "enum": [
     "head",
     "sum",
     "total"
    ],
    "type": "string"
   }
  },
  "required": [
   "cells"
  ]
 },
 "RunLine": {
  "description": "Where one surface stands by the clock.",
  "type": "object",
  "properties": {
   "standing": {
    "enum": [
     "closed",
     "closing",
     "done",
     "drying",
     "open",
     "to-start"
    ],
    "type": "string"
   },
   "next": {
    "anyOf": [
     {
      "$ref": "#/components/schemas/WorkStep"
     },
     {
      "type": "null"
     }
    ]
   },
   "last": {
    "anyOf": [
     {
      "$ref": "#/components/schemas/WorkStep"
     },
     {
      "type": "null"
     }
    ]
   },
   "lastEnd": {
    "type": [
     "null",
     "number"
    ]
   },
   "opensAt": {
    "description": "When the last coat opens for the next, and closes; minutes since the epoch.",
    "type": [
     "null",
     "number"
    ]
   },
   "closesAt": {
    "type": [
     "null",
     "number"
    ]
   },
   "dose": {
    "description": "Share of the way to opening, 0 to 1.",
    "type": [
     "null",
     "number"
    ]
   }
  },
  "required": [
   "closesAt",
   "dose",
   "last",
   "lastEnd",
   "next",
   "opensAt",
   "standing"
  ]
 },
 "SaidAndSo": {
  "description": "Of all that was said with about this much confidence, how much was so.",
  "type": "object",
  "properties": {
   "from": {
    "description": "Said from this on, and below that.",
    "type": "number"
   },
   "to": {
    "type": "number"
   },
   "count": {
    "type": "number"
   },
   "said": {
    "description": "Mean of what was said, and share that was right.",
    "type": "number"
   },
   "right": {
    "type": "number"
   }
  },
  "required": [
   "count",
   "from",
   "right",
   "said",
   "to"
  ]
 },
 "ScheduleLine": {
  "description": "A line of a job's colour schedule.",
  "type": "object",
  "properties": {
   "colour": {
    "type": "string"
   },
   "named": {
    "description": "Null: it is wanted somewhere, and nobody has named it.",
    "anyOf": [
     {
      "type": "object",
      "properties": {
       "colour": {
        "type": "string"
       },
       "name": {
        "type": "string"
       },
       "code": {
        "description": "Its code or number on its maker's card; empty where it has none.",
        "type": "string"
       },
       "maker": {
        "description": "Whose colour it is: not always the maker of the paint that is tinted to it.",
        "type": "string"
       },
       "note": {
        "type": "string"
       }
      },
      "required": [
       "code",
       "colour",
       "maker",
       "name",
       "note"
      ]
     },
     {
      "type": "null"
     }
    ]
   },
   "looks": {
    "description": "What it looks like, in words.",
    "type": "string"
   },
   "lightness": {
    "description": "CIE L*, 0 black to 100 white.",
    "type": "number"
   },
   "reflectancePct": {
    "description": "Light reflectance, %.",
    "type": "number"
   },
   "places": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/ColourPlace"
    }
   }
  },
  "required": [
   "colour",
   "lightness",
   "looks",
   "named",
   "places",
   "reflectancePct"
  ]
 },
 "School": {
  "description": "Another school's choice on this surface, and what it would change.",
  "type": "object",
  "properties": {
   "rule": {
    "$ref": "#/components/schemas/HouseRuleCode"
   },
   "choice": {
    "type": "string"
   },
   "differs": {
    "type": "string"
   },
   "addedCost": {
    "description": "What it costs more than the system as it stands, labour and paint; below 0 less. Minor units.",
    "type": "number"
   },
   "holds": {
    "$ref": "#/components/schemas/Holds"
   }
  },
  "required": [
   "addedCost",
   "choice",
   "differs",
   "holds",
   "rule"
  ]
 },
 "SchoolWay": {
  "description": "One school's way on this surface, whole, with what it costs and who works so.",
  "type": "object",
  "properties": {
   "rule": {
    "$ref": "#/components/schemas/HouseRuleCode"
   },
   "choice": {
    "type": "string"
   },
   "title": {
    "type": "string"
   },
   "words": {
    "type": "string"
   },
   "ours": {
    "description": "The choice that stands now.",
    "type": "boolean"
   },
   "steps": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/Step"
    }
   },
   "price": {
    "$ref": "#/components/schemas/SystemPrice"
   },
   "fumes": {
    "type": "boolean"
   },
   "guarantee": {
    "$ref": "#/components/schemas/Guarantee"
   },
   "holds": {
    "$ref": "#/components/schemas/Holds"
   },
   "blocks": {
    "type": "array",
    "items": {
     "enum": [
      "dry-sand-lead",
      "incompatible-makers",
      "interior-product-outside",
      "nothing-on-shelf",
      "paint-on-damp",
      "paint-on-mould",
      "paint-on-paste",
      "paint-on-rot",
      "paint-on-silicone",
      "shellac-on-heat",
      "shellac-outside-at-large",
      "waterborne-on-oil"
     ],
     "type": "string"
    }
   },
   "prefers": {
    "type": "string"
   },
   "because": {
    "type": "string"
   }
  },
  "required": [
   "because",
   "blocks",
   "choice",
   "fumes",
   "guarantee",
   "holds",
   "ours",
   "prefers",
   "price",
   "rule",
   "steps",
   "title",
   "words"
  ]
 },
 "SecondCoat": {
  "type": "object",
  "properties": {
   "code": {
    "enum": [
     "cheaper-primer",
     "more-finish",
     "same-again"
    ],
    "type": "string"
   },
   "left": {
    "description": "How far what is seen in the end lies from the colour that is wanted. CIEDE2000; below 2 next to nobody sees it.",
    "type": "number"
   },
   "steps": {
    "description": "All that is laid from here on.",
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/Step"
    }
   },
   "words": {
    "type": "string"
   }
  },
  "required": [
   "code",
   "left",
   "steps",
   "words"
  ]
 },
 "SeenAs": {
  "enum": [
   "bleeds-through",
   "covers",
   "faint-bleed",
   "shows-through"
  ],
  "type": "string"
 },
 "Sheen": {
  "enum": [
   "eggshell",
   "flat",
   "gloss",
   "matt",
   "satin",
   "semi-gloss"
  ],
  "type": "string"
 },
 "ShoppingItem": {
  "description": "One thing to be had: what, how many, from where, and its price.",
  "type": "object",
  "properties": {
   "key": {
    "description": "Names it from one look to the next, so that what was ticked stays ticked.",
    "type": "string"
   },
   "supplier": {
    "type": "string"
   },
   "words": {
    "type": "string"
   },
   "detail": {
    "type": "string"
   },
   "count": {
    "type": "number"
   },
   "price": {
    "type": "number"
   }
  },
  "required": [
   "count",
   "detail",
   "key",
   "price",
   "supplier",
   "words"
  ]
 },
 "ShownQuote": {
  "allOf": [
   {
    "type": "object",
    "properties": {
     "currency": {
      "type": "string"
     },
     "client": {
      "description": "Who it is for, as it stands on papers; empty where nobody was named.",
      "type": "string"
     },
     "firm": {
      "type": "string"
     },
     "units": {
      "description": "In which sizes are said.",
      "enum": [
       "metric",
       "us"
      ],
      "type": "string"
     },
     "own": {
      "description": "Lines that are no surface. A version of before there were any has none.",
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/QuoteOwnLine"
      }
     },
     "place": {
      "type": "string"
     },
     "tax": {
      "type": "number"
     },
     "taxName": {
      "type": "string"
     },
     "taxIncluded": {
      "description": "Prices are said with the tax in them; kept net all the same. A version of before this could be said is not.",
      "type": "boolean"
     },
     "terms": {
      "description": "When what is paid, and the firm's terms, a paragraph each.",
      "type": "array",
      "items": {
       "type": "string"
      }
     },
     "leftOut": {
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/QuoteLeftOut"
      }
     },
     "total": {
      "type": "number"
     },
     "photos": {
      "type": "array",
      "items": {
       "type": "object",
       "properties": {
        "id": {
         "type": "string"
        },
        "words": {
         "type": "string"
        }
       },
       "required": [
        "id",
        "words"
       ]
      }
     },
     "net": {
      "type": "number"
     },
     "taxShare": {
      "description": "In 1/100 %.",
      "type": "number"
     },
     "letterhead": {
      "description": "What stands under the firm's name: its address, how it is reached, its numbers.",
      "type": "array",
      "items": {
       "type": "string"
      }
     },
     "logo": {
      "description": "The firm's own picture, as a PNG in a data address.",
      "type": "string"
     },
     "colours": {
      "description": "What its colours are called. A version of before colours had names has none.",
      "type": "array",
      "items": {
       "type": "object",
       "properties": {
        "colour": {
         "type": "string"
        },
        "name": {
         "type": "string"
        },
        "code": {
         "description": "Its code or number on its maker's card; empty where it has none.",
         "type": "string"
        },
        "maker": {
         "description": "Whose colour it is: not always the maker of the paint that is tinted to it.",
         "type": "string"
        },
        "note": {
         "type": "string"
        }
       },
       "required": [
        "code",
        "colour",
        "maker",
        "name",
        "note"
       ]
      }
     },
     "lines": {
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/QuoteLine"
      }
     },
     "job": {
      "type": "string"
     },
     "sketches": {
      "type": "array",
      "items": {
       "$ref": "#/components/schemas/QuoteSketch"
      }
     },
     "cautions": {
      "type": "array",
      "items": {
       "type": "string"
      }
     },
     "heldUntil": {
      "description": "The last day on which the price is held, ISO date.",
      "type": "string"
     }
    },
    "required": [
     "cautions",
     "client",
     "currency",
     "firm",
     "heldUntil",
     "job",
     "leftOut",
     "lines",
     "net",
     "photos",
     "place",
     "sketches",
     "tax",
     "taxName",
     "taxShare",
     "total",
     "units"
    ]
   },
   {
    "type": "object",
    "properties": {
     "options": {
      "type": "array",
      "items": {
       "type": "object",
       "properties": {
        "name": {
         "type": "string"
        },
        "key": {
         "type": "string"
        },
        "kind": {
         "description": "A surface that is not in the price, or another system in place of the one that is.",
         "enum": [
          "extra",
          "instead"
         ],
         "type": "string"
        },
        "room": {
         "type": "string"
        },
        "id": {
         "type": "string"
        },
        "words": {
         "type": "string"
        },
        "surfaceId": {
         "type": "string"
        },
        "price": {
         "description": "Added to the net price; below nothing where it saves.",
         "type": "number"
        }
       },
       "required": [
        "id",
        "key",
        "kind",
        "name",
        "price",
        "room",
        "surfaceId",
        "words"
       ]
      }
     }
    },
    "required": [
     "options"
    ]
   }
  ]
 },
 "SketchExclusion": {
  "description": "A part that the client keeps out, drawn at its boundary.",
  "type": "object",
  "properties": {
   "wall": {
    "type": "number"
   },
   "x": {
    "type": "number"
   },
   "y": {
    "type": "number"
   },
   "widthM": {
    "type": "number"
   },
   "heightM": {
    "type": "number"
   }
  },
  "required": [
   "heightM",
   "wall",
   "widthM",
   "x",
   "y"
  ]
 },
 "Skill": {
  "enum": [
   "by-head",
   "fittings",
   "newer-walls",
   "newer-woodwork",
   "old-plaster",
   "old-woodwork",
   "outside",
   "planning",
   "reading-patches"
  ],
  "type": "string"
 },
 "SkillStanding": {
  "description": "How well a kind of surface is known.",
  "type": "object",
  "properties": {
   "skill": {
    "$ref": "#/components/schemas/Skill"
   },
   "tried": {
    "type": "number"
   },
   "right": {
    "type": "number"
   },
   "holds": {
    "description": "The chance that it is judged rightly now, by what was judged and how long ago; null before it was tried.",
    "type": [
     "null",
     "number"
    ]
   },
   "dueAt": {
    "description": "When it is best tried again; null before it was tried.",
    "type": [
     "null",
     "string"
    ]
   }
  },
  "required": [
   "dueAt",
   "holds",
   "right",
   "skill",
   "tried"
  ]
 },
 "Step": {
  "description": "One line of a specification. `why` is a list of sentences, never empty.",
  "type": "object",
  "properties": {
   "kind": {
    "$ref": "#/components/schemas/StepKind"
   },
   "family": {
    "enum": [
     "acetone",
     "acrylic-caulk",
     "acrylic-ceiling",
     "acrylic-primer-undercoat",
     "acrylic-trim",
     "acrylic-wall",
     "alkaline-cleaner",
     "bonding-acrylic-primer",
     "chalk-style",
     "clear-bonding-primer",
     "clear-shellac",
     "deglosser",
     "degreaser",
     "denatured-alcohol",
     "elastomeric-caulk",
     "etch-primer",
     "exterior-acrylic",
     "exterior-filler",
     "exterior-oil",
     "filler",
     "floor-paint",
     "low-odour-oil-primer",
     "masonry-paint",
     "masonry-paint-remover",
     "masonry-primer",
     "metal-primer",
     "microporous-primer",
     "mineral-spirits",
     "moisture-resistant-acrylic",
     "mould-wash",
     "multi-purpose-acrylic-primer",
     "oil-enamel",
     "oil-primer",
     "oil-undercoat",
     "oil-varnish",
     "paintable-hybrid-sealant",
     "penetrating-epoxy",
     "penetrating-sealer",
     "pva-primer",
     "seam-adhesive",
     "shellac-primer",
     "silicone-sealant",
     "stain-blocking-acrylic-primer",
     "stripper",
     "wallpaper-sealer",
     "waterborne-alkyd",
     "waterborne-clear",
     "wood-acrylic-primer",
     "wood-bleach"
    ],
    "type": "string"
   },
   "coats": {
    "type": "number"
   },
   "grit": {
    "type": "number"
   },
   "technique": {
    "enum": [
     "dry",
     "extracted",
     "wet"
    ],
    "type": "string"
   },
   "tint": {
    "enum": [
     "grey-deep",
     "grey-light",
     "grey-mid",
     "toward-finish",
     "white"
    ],
    "type": "string"
   },
   "scope": {
    "description": "all (left out), spots, bare-areas, or a place named by a test.",
    "type": "string"
   },
   "method": {
    "enum": [
     "aerosol",
     "brush",
     "cut-in-and-roll",
     "flood",
     "roll",
     "roll-and-lay-off",
     "spray"
    ],
    "type": "string"
   },
   "sheen": {
    "enum": [
     "eggshell",
     "flat",
     "gloss",
     "matt",
     "satin",
     "semi-gloss"
    ],
    "type": "string"
   },
   "waitMin": {
    "description": "Least unattended wait after it, in minutes, where it is not a coat.",
    "type": "number"
   },
   "wear": {
    "type": "array",
    "items": {
     "enum": [
      "coverall",
      "eye-protection",
      "gloves",
      "knee-pads",
      "respirator-dust",
      "respirator-vapour"
     ],
     "type": "string"
    }
   },
   "later": {
    "description": "Done at a return visit, so long after the rest: an ISO 8601 duration.",
    "type": "string"
   },
   "early": {
    "description": "Done before the surface is wetted: a sealer on what water would lift. Never shown.",
    "type": "boolean"
   },
   "trial": {
    "description": "A trial that comes before the work it is a trial of. Never shown.",
    "type": "boolean"
   },
   "afterFinish": {
    "description": "Done once the last coat is on. Never shown.",
    "type": "boolean"
   },
   "bridges": {
    "description": "A bead over silicone that stays: before any primer, which would crawl on it. Never shown.",
    "type": "boolean"
   },
   "afterDenib": {
    "description": "A coat that follows the denibbing of the one before it, of the same product. Never shown.",
    "type": "boolean"
   },
   "areaM2": {
    "description": "How much of the surface it covers, in m², where that is drawn. Never shown.",
    "type": "number"
   },
   "share": {
    "description": "How much of the surface the place is that it names, 0 to 1, where that is known. Never shown.",
    "type": "number"
   },
   "beside": {
    "description": "The same is done in another place right after it: nobody waits between them. Never shown.",
    "type": "boolean"
   },
   "joints": {
    "description": "The joints along which it is done, where they were drawn. Never shown.",
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/StepJoint"
    }
   },
   "parts": {
    "$ref": "#/components/schemas/StepParts"
   },
   "why": {
    "type": "array",
    "items": {
     "type": "string"
    }
   }
  },
  "required": [
   "kind",
   "why"
  ]
 },
 "StepJoint": {
  "description": "A length of joint that a step is done along.",
  "type": "object",
  "properties": {
   "lengthM": {
    "type": "number"
   },
   "widthMm": {
    "type": "number"
   },
   "colour": {
    "description": "The colour of its bead; empty: any.",
    "type": "string"
   },
   "rod": {
    "description": "A rod goes in first.",
    "type": "boolean"
   }
  },
  "required": [
   "colour",
   "lengthM",
   "rod",
   "widthMm"
  ]
 },
 "StepKind": {
  "enum": [
   "caulk",
   "clean-up",
   "clear-coat",
   "close-opening",
   "contain-lead",
   "cure-hold",
   "degloss",
   "distress",
   "dry-out",
   "dust-off",
   "fill",
   "finish-coat",
   "free-sash",
   "inspect",
   "mask",
   "mould-treat",
   "other-trade",
   "pre-prime",
   "prime",
   "protect",
   "refit-hardware",
   "rehang",
   "remove-hardware",
   "remove-sealant",
   "repair",
   "replace-board",
   "revisit",
   "rinse",
   "sand",
   "sand-between",
   "scrape",
   "set-nails",
   "solvent-wipe",
   "spot-prime",
   "stick-down",
   "strip",
   "tack-off",
   "test-patch",
   "undercoat",
   "unhang",
   "unmask",
   "ventilate",
   "wash"
  ],
  "type": "string"
 },
 "StepParts": {
  "description": "What a step does to the parts of a surface that have colours of their own.",
  "type": "object",
  "properties": {
   "round": {
    "description": "From 1.",
    "type": "number"
   },
   "tapeM": {
    "description": "The line that is taped, in metres; of it, so much is no straight line.",
    "type": "number"
   },
   "curvedM": {
    "type": "number"
   },
   "colours": {
    "description": "Coats by colour; empty where it lays none.",
    "type": "array",
    "items": {
     "type": "object",
     "properties": {
      "colour": {
       "type": "string"
      },
      "areaM2": {
       "type": "number"
      },
      "coats": {
       "type": "number"
      }
     },
     "required": [
      "areaM2",
      "coats",
      "colour"
     ]
    }
   }
  },
  "required": [
   "colours",
   "curvedM",
   "round",
   "tapeM"
  ]
 },
 "Stir": {
  "enum": [
   "by-hand",
   "paddle",
   "shake"
  ],
  "type": "string"
 },
 "Substrate": {
  "enum": [
   "aluminium",
   "brick",
   "ceramic-tile",
   "concrete",
   "drywall",
   "ferrous-metal",
   "galvanised-metal",
   "glass",
   "hardwood",
   "lime-plaster",
   "mdf",
   "melamine",
   "plastic",
   "plywood",
   "render",
   "skim-plaster",
   "softwood",
   "tannin-wood",
   "thermofoil",
   "upvc",
   "wallpaper-embossed",
   "wallpaper-paper",
   "wallpaper-vinyl"
  ],
  "type": "string"
 },
 "SundryNeed": {
  "description": "One sundry to be brought: how many, whole units, and what it is for in words. Price in minor units for all of it.",
  "type": "object",
  "properties": {
   "key": {
    "description": "The sundry, and what tells it from others of its kind: the grit, the nap.",
    "type": "string"
   },
   "words": {
    "type": "string"
   },
   "unit": {
    "type": "string"
   },
   "count": {
    "type": "number"
   },
   "price": {
    "type": "number"
   }
  },
  "required": [
   "count",
   "key",
   "price",
   "unit",
   "words"
  ]
 },
 "System": {
  "description": "A complete, ordered specification.",
  "type": "object",
  "properties": {
   "steps": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/Step"
    }
   }
  },
  "required": [
   "steps"
  ]
 },
 "SystemPrice": {
  "description": "Money is kept in whole minor units throughout.",
  "type": "object",
  "properties": {
   "minutes": {
    "type": "number"
   },
   "litres": {
    "type": "number"
   },
   "labour": {
    "type": "number"
   },
   "materials": {
    "type": "number"
   },
   "cost": {
    "description": "Labour and materials, before overhead, margin and tax.",
    "type": "number"
   },
   "waitingMin": {
    "description": "Label waits added up, in minutes: what the air can only make longer.",
    "type": "number"
   }
  },
  "required": [
   "cost",
   "labour",
   "litres",
   "materials",
   "minutes",
   "waitingMin"
  ]
 },
 "Technique": {
  "enum": [
   "dry",
   "extracted",
   "wet"
  ],
  "type": "string"
 },
 "TestKind": {
  "enum": [
   "acetone-rub",
   "blade-lift",
   "bleach-drop",
   "chip-look",
   "cross-cut",
   "damp-sponge",
   "ease-test",
   "hand-wipe",
   "lead-swab",
   "moisture-meter",
   "nail-scratch",
   "paint-dab",
   "rot-probe",
   "scraper-drag",
   "sheen-look",
   "spirit-rub",
   "tap-test",
   "tape-pull",
   "test-patch",
   "water-drop"
  ],
  "type": "string"
 },
 "TestRecord": {
  "type": "object",
  "properties": {
   "kind": {
    "enum": [
     "acetone-rub",
     "blade-lift",
     "bleach-drop",
     "chip-look",
     "cross-cut",
     "damp-sponge",
     "ease-test",
     "hand-wipe",
     "lead-swab",
     "moisture-meter",
     "nail-scratch",
     "paint-dab",
     "rot-probe",
     "scraper-drag",
     "sheen-look",
     "spirit-rub",
     "tap-test",
     "tape-pull",
     "test-patch",
     "water-drop"
    ],
    "type": "string"
   },
   "result": {
    "type": [
     "null",
     "string"
    ]
   },
   "grade": {
    "type": [
     "null",
     "number"
    ]
   },
   "value": {
    "type": [
     "null",
     "number"
    ]
   },
   "layers": {
    "description": "Top first.",
    "anyOf": [
     {
      "type": "array",
      "items": {
       "enum": [
        "clear",
        "distemper",
        "oil",
        "paper",
        "primer",
        "unknown",
        "waterborne"
       ],
       "type": "string"
      }
     },
     {
      "type": "null"
     }
    ]
   },
   "scale": {
    "description": "Left out: wood.",
    "anyOf": [
     {
      "enum": [
       "gypsum",
       "relative",
       "wood"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   },
   "yellowed": {
    "type": [
     "null",
     "boolean"
    ]
   },
   "place": {
    "type": [
     "null",
     "string"
    ]
   },
   "filmAgeHours": {
    "type": [
     "null",
     "number"
    ]
   },
   "plane": {
    "anyOf": [
     {
      "enum": [
       "between-coats",
       "primer",
       "substrate"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   },
   "family": {
    "description": "Of a patch; a test of grip that was made in one carries it too, once tests are read together.",
    "anyOf": [
     {
      "enum": [
       "acetone",
       "acrylic-caulk",
       "acrylic-ceiling",
       "acrylic-primer-undercoat",
       "acrylic-trim",
       "acrylic-wall",
       "alkaline-cleaner",
       "bonding-acrylic-primer",
       "chalk-style",
       "clear-bonding-primer",
       "clear-shellac",
       "deglosser",
       "degreaser",
       "denatured-alcohol",
       "elastomeric-caulk",
       "etch-primer",
       "exterior-acrylic",
       "exterior-filler",
       "exterior-oil",
       "filler",
       "floor-paint",
       "low-odour-oil-primer",
       "masonry-paint",
       "masonry-paint-remover",
       "masonry-primer",
       "metal-primer",
       "microporous-primer",
       "mineral-spirits",
       "moisture-resistant-acrylic",
       "mould-wash",
       "multi-purpose-acrylic-primer",
       "oil-enamel",
       "oil-primer",
       "oil-undercoat",
       "oil-varnish",
       "paintable-hybrid-sealant",
       "penetrating-epoxy",
       "penetrating-sealer",
       "pva-primer",
       "seam-adhesive",
       "shellac-primer",
       "silicone-sealant",
       "stain-blocking-acrylic-primer",
       "stripper",
       "wallpaper-sealer",
       "waterborne-alkyd",
       "waterborne-clear",
       "wood-acrylic-primer",
       "wood-bleach"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   },
   "coats": {
    "type": [
     "null",
     "number"
    ]
   },
   "minutes": {
    "type": [
     "null",
     "number"
    ]
   },
   "readEarly": {
    "description": "It was read before its time was up.",
    "type": [
     "null",
     "boolean"
    ]
   }
  },
  "required": [
   "kind"
  ]
 },
 "Texture": {
  "enum": [
   "hand-textured",
   "heavy",
   "light",
   "smooth",
   "sprayed"
  ],
  "type": "string"
 },
 "Tint": {
  "enum": [
   "grey-deep",
   "grey-light",
   "grey-mid",
   "toward-finish",
   "white"
  ],
  "type": "string"
 },
 "TintRange": {
  "enum": [
   "any",
   "clear",
   "greys",
   "white"
  ],
  "type": "string"
 },
 "TintSaving": {
  "type": "object",
  "properties": {
   "minutes": {
    "description": "Hands-on minutes that are saved.",
    "type": "number"
   },
   "coats": {
    "description": "Coats of finish over the primer as it is tinted.",
    "type": "number"
   },
   "tint": {
    "$ref": "#/components/schemas/Tint"
   },
   "coatsOverWhite": {
    "description": "Coats that it would take over the same primer left white.",
    "type": "number"
   }
  },
  "required": [
   "coats",
   "coatsOverWhite",
   "minutes",
   "tint"
  ]
 },
 "TouchUp": {
  "description": "How likely a mend shows, by how much is mended, 0 to 1, and which way is worth it.",
  "type": "object",
  "properties": {
   "odds": {
    "type": "object",
    "properties": {
     "spot": {
      "type": "number"
     },
     "feather": {
      "type": "number"
     },
     "corner-to-corner": {
      "type": "number"
     }
    },
    "required": [
     "corner-to-corner",
     "feather",
     "spot"
    ]
   },
   "recommended": {
    "$ref": "#/components/schemas/Mend"
   },
   "driftDeltaE": {
    "description": "ΔE00 between the film as it is now and the paint in the tin.",
    "type": "number"
   },
   "deltaE": {
    "description": "With what another batch adds.",
    "type": "number"
   },
   "reasons": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/TouchUpReason"
    }
   }
  },
  "required": [
   "deltaE",
   "driftDeltaE",
   "odds",
   "reasons",
   "recommended"
  ]
 },
 "TouchUpKit": {
  "description": "What a mend is done with: the paint that was laid, where it is kept, and what to buy where it is gone.",
  "type": "object",
  "properties": {
   "product": {
    "type": "string"
   },
   "batch": {
    "type": [
     "null",
     "string"
    ]
   },
   "colour": {
    "type": [
     "null",
     "string"
    ]
   },
   "neededL": {
    "type": "number"
   },
   "leftL": {
    "description": "Litres of that very batch that are left by the record.",
    "type": "number"
   },
   "sameBatch": {
    "type": "boolean"
   },
   "buyL": {
    "description": "The smallest tin that is enough, in litres; null where enough of the batch is left.",
    "type": [
     "null",
     "number"
    ]
   },
   "words": {
    "type": "string"
   }
  },
  "required": [
   "batch",
   "buyL",
   "colour",
   "leftL",
   "neededL",
   "product",
   "sameBatch",
   "words"
  ]
 },
 "TouchUpReason": {
  "description": "What speaks for its showing: how far, in what words.",
  "type": "object",
  "properties": {
   "code": {
    "enum": [
     "batch",
     "drift",
     "hand",
     "sheen",
     "size",
     "view"
    ],
    "type": "string"
   },
   "words": {
    "type": "string"
   }
  },
  "required": [
   "code",
   "words"
  ]
 },
 "Treatment": {
  "enum": [
   "aerosol",
   "bare",
   "clear",
   "distemper",
   "laminate",
   "oil",
   "over-oil",
   "primed",
   "waterborne",
   "wax"
  ],
  "type": "string"
 },
 "TrialActKind": {
  "enum": [
   "concluded",
   "look",
   "primed",
   "topcoated"
  ],
  "type": "string"
 },
 "TrialDesign": {
  "description": "What is tried against what, on one board or hidden place.",
  "type": "object",
  "properties": {
   "preparations": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/Arm"
    }
   },
   "primers": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/Arm"
    }
   },
   "topcoats": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/Arm"
    }
   },
   "leftOut": {
    "description": "Combinations that are not laid.",
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/LaidWay"
    }
   },
   "replicates": {
    "description": "Cells of each combination, 1 to 5.",
    "type": "number"
   },
   "seed": {
    "description": "Where the cells lie is drawn by this.",
    "type": "number"
   }
  },
  "required": [
   "leftOut",
   "preparations",
   "primers",
   "replicates",
   "seed",
   "topcoats"
  ]
 },
 "TrialWord": {
  "description": "What an accepted trial says of a bond or of what rises, beside what was expected of it.",
  "type": "object",
  "properties": {
   "family": {
    "description": "The coat; null: any first coat.",
    "anyOf": [
     {
      "enum": [
       "acetone",
       "acrylic-caulk",
       "acrylic-ceiling",
       "acrylic-primer-undercoat",
       "acrylic-trim",
       "acrylic-wall",
       "alkaline-cleaner",
       "bonding-acrylic-primer",
       "chalk-style",
       "clear-bonding-primer",
       "clear-shellac",
       "deglosser",
       "degreaser",
       "denatured-alcohol",
       "elastomeric-caulk",
       "etch-primer",
       "exterior-acrylic",
       "exterior-filler",
       "exterior-oil",
       "filler",
       "floor-paint",
       "low-odour-oil-primer",
       "masonry-paint",
       "masonry-paint-remover",
       "masonry-primer",
       "metal-primer",
       "microporous-primer",
       "mineral-spirits",
       "moisture-resistant-acrylic",
       "mould-wash",
       "multi-purpose-acrylic-primer",
       "oil-enamel",
       "oil-primer",
       "oil-undercoat",
       "oil-varnish",
       "paintable-hybrid-sealant",
       "penetrating-epoxy",
       "penetrating-sealer",
       "pva-primer",
       "seam-adhesive",
       "shellac-primer",
       "silicone-sealant",
       "stain-blocking-acrylic-primer",
       "stripper",
       "wallpaper-sealer",
       "waterborne-alkyd",
       "waterborne-clear",
       "wood-acrylic-primer",
       "wood-bleach"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   },
   "trait": {
    "description": "Whether it grips, or lets nothing rise.",
    "enum": [
     "block",
     "grip"
    ],
    "type": "string"
   },
   "over": {
    "description": "The coat of ours that it lies on; null: what stood there.",
    "anyOf": [
     {
      "enum": [
       "acetone",
       "acrylic-caulk",
       "acrylic-ceiling",
       "acrylic-primer-undercoat",
       "acrylic-trim",
       "acrylic-wall",
       "alkaline-cleaner",
       "bonding-acrylic-primer",
       "chalk-style",
       "clear-bonding-primer",
       "clear-shellac",
       "deglosser",
       "degreaser",
       "denatured-alcohol",
       "elastomeric-caulk",
       "etch-primer",
       "exterior-acrylic",
       "exterior-filler",
       "exterior-oil",
       "filler",
       "floor-paint",
       "low-odour-oil-primer",
       "masonry-paint",
       "masonry-paint-remover",
       "masonry-primer",
       "metal-primer",
       "microporous-primer",
       "mineral-spirits",
       "moisture-resistant-acrylic",
       "mould-wash",
       "multi-purpose-acrylic-primer",
       "oil-enamel",
       "oil-primer",
       "oil-undercoat",
       "oil-varnish",
       "paintable-hybrid-sealant",
       "penetrating-epoxy",
       "penetrating-sealer",
       "pva-primer",
       "seam-adhesive",
       "shellac-primer",
       "silicone-sealant",
       "stain-blocking-acrylic-primer",
       "stripper",
       "wallpaper-sealer",
       "waterborne-alkyd",
       "waterborne-clear",
       "wood-acrylic-primer",
       "wood-bleach"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   },
   "after": {
    "description": "Only where this was done to the face before; null: whatever was done.",
    "anyOf": [
     {
      "enum": [
       "acetone-wiped",
       "acrylic-bead",
       "alcohol-wiped",
       "bead-cut-out",
       "deglossed",
       "degreased",
       "hybrid-bead",
       "sanded",
       "scraped",
       "spirit-wiped",
       "stretching-bead",
       "washed-alkaline"
      ],
      "type": "string"
     },
     {
      "type": "null"
     }
    ]
   },
   "logOdds": {
    "description": "How much better it held than was expected, in odds on a logarithmic scale.",
    "type": "number"
   },
   "text": {
    "description": "The trial that showed it.",
    "type": "string"
   }
  },
  "required": [
   "after",
   "family",
   "logOdds",
   "over",
   "text",
   "trait"
  ]
 },
 "View": {
  "enum": [
   "aside",
   "plain",
   "raking"
  ],
  "type": "string"
 },
 "VisitActKind": {
  "enum": [
   "called-off",
   "made"
  ],
  "type": "string"
 },
 "WaitCode": {
  "description": "What a start waits for, as the contract names it.",
  "enum": [
   "air",
   "coat",
   "crew",
   "dust",
   "hours",
   "order",
   "rack",
   "room",
   "wait"
  ],
  "type": "string"
 },
 "WaitsFor": {
  "type": "object",
  "properties": {
   "code": {
    "$ref": "#/components/schemas/WaitCode"
   },
   "text": {
    "type": "string"
   }
  },
  "required": [
   "code",
   "text"
  ]
 },
 "WallCell": {
  "description": "A small square of a wall that is painted.",
  "type": "object",
  "properties": {
   "wall": {
    "type": "number"
   },
   "x": {
    "description": "Its middle: metres from the wall's left, and from the floor.",
    "type": "number"
   },
   "y": {
    "type": "number"
   },
   "widthM": {
    "type": "number"
   },
   "heightM": {
    "type": "number"
   }
  },
  "required": [
   "heightM",
   "wall",
   "widthM",
   "x",
   "y"
  ]
 },
 "WayOff": {
  "type": "object",
  "properties": {
   "steps": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/Step"
    }
   },
   "words": {
    "type": "string"
   },
   "fromHours": {
    "description": "Hours since the coat was laid, from when on and until when it is the way; null: for good.",
    "type": "number"
   },
   "untilHours": {
    "type": [
     "null",
     "number"
    ]
   },
   "isNow": {
    "description": "It is the way at the age that was asked for.",
    "type": "boolean"
   }
  },
  "required": [
   "fromHours",
   "isNow",
   "steps",
   "untilHours",
   "words"
  ]
 },
 "Wear": {
  "enum": [
   "coverall",
   "eye-protection",
   "gloves",
   "knee-pads",
   "respirator-dust",
   "respirator-vapour"
  ],
  "type": "string"
 },
 "WhatIf": {
  "description": "What a system becomes with its departures, and what follows. Money in minor units.",
  "type": "object",
  "properties": {
   "steps": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/Step"
    }
   },
   "consequences": {
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/Consequence"
    }
   },
   "fails": {
    "description": "Where the likeliest fault sits in the section, or null where none is known.",
    "anyOf": [
     {
      "type": "object",
      "properties": {
       "fault": {
        "$ref": "#/components/schemas/Fault"
       },
       "where": {
        "$ref": "#/components/schemas/FaultPlace"
       }
      },
      "required": [
       "fault",
       "where"
      ]
     },
     {
      "type": "null"
     }
    ]
   },
   "odds": {
    "description": "Chance that at least one of the faults comes, 0 to 1.",
    "type": "number"
   },
   "expectedCost": {
    "description": "Odds times cost, added up.",
    "type": "number"
   },
   "price": {
    "$ref": "#/components/schemas/SystemPrice"
   },
   "saves": {
    "description": "Against the system as it stands; below 0 where it takes more.",
    "type": "object",
    "properties": {
     "minutes": {
      "type": "number"
     },
     "cost": {
      "type": "number"
     },
     "waitingMin": {
      "type": "number"
     }
    },
    "required": [
     "cost",
     "minutes",
     "waitingMin"
    ]
   },
   "forbidden": {
    "description": "Blocks it would break: it may not be signed for.",
    "type": "array",
    "items": {
     "$ref": "#/components/schemas/Block"
    }
   },
   "refused": {
    "description": "Why it may not be done at all, in words; empty where it may.",
    "type": "array",
    "items": {
     "type": "string"
    }
   }
  },
  "required": [
   "consequences",
   "expectedCost",
   "fails",
   "forbidden",
   "odds",
   "price",
   "refused",
   "saves",
   "steps"
  ]
 },
 "WorkStep": {
  "description": "A plan step with the line of the specification it comes from.",
  "type": "object",
  "properties": {
   "step": {
    "description": "Index of the step in the system, and which of its coats, from 1.",
    "type": "number"
   },
   "coat": {
    "type": "number"
   },
   "plan": {
    "type": "object",
    "properties": {
     "id": {
      "type": "string"
     },
     "kind": {
      "enum": [
       "caulk",
       "clean-up",
       "clear-coat",
       "close-opening",
       "contain-lead",
       "cure-hold",
       "degloss",
       "distress",
       "dry-out",
       "dust-off",
       "fill",
       "finish-coat",
       "free-sash",
       "inspect",
       "mask",
       "mould-treat",
       "other-trade",
       "pre-prime",
       "prime",
       "protect",
       "refit-hardware",
       "rehang",
       "remove-hardware",
       "remove-sealant",
       "repair",
       "replace-board",
       "revisit",
       "rinse",
       "sand",
       "sand-between",
       "scrape",
       "set-nails",
       "solvent-wipe",
       "spot-prime",
       "stick-down",
       "strip",
       "tack-off",
       "test-patch",
       "undercoat",
       "unhang",
       "unmask",
       "ventilate",
       "wash"
      ],
      "type": "string"
     },
     "minutes": {
      "type": "number"
     },
     "people": {
      "type": [
       "null",
       "number"
      ]
     },
     "waitMin": {
      "type": [
       "null",
       "number"
      ]
     },
     "dusty": {
      "type": [
       "null",
       "boolean"
      ]
     },
     "after": {
      "anyOf": [
       {
        "type": "array",
        "items": {
         "type": "string"
        }
       },
       {
        "type": "null"
       }
      ]
     },
     "skill": {
      "type": [
       "null",
       "string"
      ]
     },
     "splittable": {
      "type": [
       "null",
       "boolean"
      ]
     },
     "onRack": {
      "type": [
       "null",
       "boolean"
      ]
     },
     "notBefore": {
      "description": "No sooner than this: another trade's date, a delivery, a block that was dragged.",
      "type": [
       "null",
       "string"
      ]
     },
     "sameDayAs": {
      "description": "A step before it on this surface, on whose local day this one must end: a door is hung again by evening.",
      "type": [
       "null",
       "string"
      ]
     },
     "strongVapour": {
      "type": [
       "null",
       "boolean"
      ]
     },
     "drying": {
      "anyOf": [
       {
        "type": "object",
        "properties": {
         "family": {
          "anyOf": [
           {
            "enum": [
             "acetone",
             "acrylic-caulk",
             "acrylic-ceiling",
             "acrylic-primer-undercoat",
             "acrylic-trim",
             "acrylic-wall",
             "alkaline-cleaner",
             "bonding-acrylic-primer",
             "chalk-style",
             "clear-bonding-primer",
             "clear-shellac",
             "deglosser",
             "degreaser",
             "denatured-alcohol",
             "elastomeric-caulk",
             "etch-primer",
             "exterior-acrylic",
             "exterior-filler",
             "exterior-oil",
             "filler",
             "floor-paint",
             "low-odour-oil-primer",
             "masonry-paint",
             "masonry-paint-remover",
             "masonry-primer",
             "metal-primer",
             "microporous-primer",
             "mineral-spirits",
             "moisture-resistant-acrylic",
             "mould-wash",
             "multi-purpose-acrylic-primer",
             "oil-enamel",
             "oil-primer",
             "oil-undercoat",
             "oil-varnish",
             "paintable-hybrid-sealant",
             "penetrating-epoxy",
             "penetrating-sealer",
             "pva-primer",
             "seam-adhesive",
             "shellac-primer",
             "silicone-sealant",
             "stain-blocking-acrylic-primer",
             "stripper",
             "wallpaper-sealer",
             "waterborne-alkyd",
             "waterborne-clear",
             "wood-acrylic-primer",
             "wood-bleach"
            ],
            "type": "string"
           },
           {
            "type": "null"
           }
          ]
         },
         "chemistry": {
          "anyOf": [
           {
            "enum": [
             "alcohol-borne",
             "solvent-borne",
             "two-part",
             "waterborne"
            ],
            "type": "string"
           },
           {
            "type": "null"
           }
          ]
         },
         "dustFreeMin": {
          "type": [
           "null",
           "number"
          ]
         },
         "recoatMin": {
          "type": [
           "null",
           "number"
          ]
         },
         "recoatPreferredMin": {
          "type": [
           "null",
           "number"
          ]
         },
         "recoatMaxMin": {
          "type": [
           "null",
           "number"
          ]
         },
         "handleMin": {
          "type": [
           "null",
           "number"
          ]
         },
         "minTempC": {
          "type": [
           "null",
           "number"
          ]
         },
         "maxTempC": {
          "type": [
           "null",
           "number"
          ]
         },
         "maxRhPct": {
          "type": [
           "null",
           "number"
          ]
         },
         "dewMarginC": {
          "type": [
           "null",
           "number"
          ]
         },
         "maxWindMs": {
          "type": [
           "null",
           "number"
          ]
         },
         "rainSafeMin": {
          "type": [
           "null",
           "number"
          ]
         },
         "limitsHoldMin": {
          "type": [
           "null",
           "number"
          ]
         },
         "thickness": {
          "type": [
           "null",
           "number"
          ]
         }
        }
       },
       {
        "type": "null"
       }
      ]
     },
     "done": {
      "type": [
       "null",
       "boolean"
      ]
     },
     "start": {
      "type": [
       "null",
       "string"
      ]
     },
     "end": {
      "type": [
       "null",
       "string"
      ]
     },
     "crew": {
      "anyOf": [
       {
        "type": "array",
        "items": {
         "type": "string"
        }
       },
       {
        "type": "null"
       }
      ]
     }
    },
    "required": [
     "id",
     "kind",
     "minutes"
    ]
   },
   "product": {
    "anyOf": [
     {
      "$ref": "#/components/schemas/Product"
     },
     {
      "type": "null"
     }
    ]
   },
   "atReturn": {
    "description": "Done at a return visit, and no part of the first.",
    "const": true,
    "type": "boolean"
   },
   "parts": {
    "description": "Done on these parts alone, that have colours of their own.",
    "type": "string"
   }
  },
  "required": [
   "coat",
   "plan",
   "product",
   "step"
  ]
 }
};
