// Made by "npm run types" from resources/schemas. Do not edit.

/**
 * one ingredient and its amount
 */
export type RecipeLine = RecipeLine1 & {
  /**
   * an id of 1 to 40 letters, digits, - or _
   */
  id?: string;
  /**
   * the slug or the name of an ingredient, 1 to 120 characters
   */
  ingredient: string;
  /**
   * an amount as the maker writes it, such as 1 1/4 cup
   */
  amount?: string;
  /**
   * how it is prepared, such as packed or minced
   */
  prep?: string | null;
  /**
   * one of in, steeped, whole
   */
  handling?: 'in' | 'steeped' | 'whole';
  /**
   * a number from 0 to 1
   */
  extent?: number;
  /**
   * water lost before it went in, 0 to 99 per cent
   */
  loss_percent?: number;
  /**
   * the line it follows and in what ratio, or null
   */
  tie?: null | {
    /**
     * an id of 1 to 40 letters, digits, - or _
     */
    line: string;
    /**
     * a ratio above 0, up to 10000
     */
    ratio: number;
    [k: string]: unknown;
  };
  /**
   * true or false
   */
  lock?: boolean;
  /**
   * the least grams, or null
   */
  min_g?: number | null;
  /**
   * the most grams, or null
   */
  max_g?: number | null;
  /**
   * true or false
   */
  optional?: boolean;
  /**
   * true or false
   */
  left_out?: boolean;
  /**
   * free text of up to 2000 characters
   */
  note?: string;
  [k: string]: unknown;
};
export type RecipeLine1 =
  | {
      [k: string]: unknown;
    }
  | {
      tie: {};
    };
/**
 * how long it keeps, cautiously; null where it keeps as its label says
 */
export type KeepingTime = null | {
  short: string;
  text: string;
  rule: string;
};
export type PlanInput = {
  [k: string]: unknown;
};
export type ScaleInput = {
  [k: string]: unknown;
};

export interface Documents {
  [k: string]: unknown;
}
export interface Analysis {
  name: string;
  yield: {
    mass_g: number;
    volume_ml: number;
    density_g_ml: number | null;
  };
  measures: {
    sweetness: AnalysisMeasure;
    sourness: AnalysisMeasure;
    saltiness: AnalysisMeasure;
    umami: AnalysisMeasure;
    heat: AnalysisMeasure;
  };
  ratios: {
    sugar_acid: AnalysisFigure;
    sugar_salt: AnalysisFigure;
    acid_salt: AnalysisFigure;
    umami_salt: AnalysisFigure;
    heat_sugar: AnalysisFigure;
  };
  physics: {
    ph: AnalysisFigure;
    brix: AnalysisFigure;
    titratable_acidity_acetic_percent: AnalysisFigure;
    water_activity: AnalysisFigure;
    ethanol_percent: AnalysisFigure;
    thickness: AnalysisWord;
  };
  stages: {
    id: string;
    mass_in_g: number;
    boiled_off_g: number;
    lifted_out_g: number;
    mass_out_g: number;
  }[];
  lines: {
    id: string;
    stage: string;
    ingredient: string;
    text: string | null;
    mass_g: number;
    low_g: number;
    high_g: number;
    /**
     * of what went in
     */
    share: number;
  }[];
  /**
   * what its lines contain
   */
  allergens: string[];
  cautions: Caution[];
  problems: AnalysisProblem[];
  /**
   * what some kinds of its lines contain: check the label
   */
  allergens_to_check: string[];
  allergens_unsaid: string[];
  /**
   * what goes wrong in the pot, stage by stage, and what mends it
   */
  troubles: AnalysisTrouble[];
  /**
   * how strong a tongue finds each, in the measure's unit
   */
  tastes_like: {
    sweetness: AnalysisFigure;
    sourness: AnalysisFigure;
    saltiness: AnalysisFigure;
    umami: AnalysisFigure;
    heat: AnalysisFigure;
  };
  /**
   * what bites and is no chilli, as Scoville heat units
   */
  bite: {
    value: number;
    low: number;
    high: number;
    unit: string;
  };
}
export interface AnalysisMeasure {
  value: number;
  low: number;
  high: number;
  unit: string;
  steps: number | null;
  /**
   * ids of lines whose share is not known and so counted as nothing
   */
  unknown?: string[];
}
export interface AnalysisFigure {
  value: number | null;
  low: number | null;
  high: number | null;
  why?: string;
}
export interface AnalysisWord {
  word: string | null;
  why?: string;
}
/**
 * one thing to mind, with its reason and whose rule it is
 */
export interface Caution {
  code: string;
  /**
   * one of stop, mind, know
   */
  grade: 'stop' | 'mind' | 'know';
  text: string;
  rule: string;
  lines: string[];
}
export interface AnalysisProblem {
  /**
   * the id of the line or stage
   */
  at: string;
  code: string;
  text: string;
  suggestions: string[];
  /**
   * each of them as it is read
   */
  suggestion_texts: string[];
}
export interface AnalysisTrouble {
  stage: string;
  code: string;
  /**
   * mind, or know
   */
  grade: 'mind' | 'know';
  text: string;
  mend: string;
  source: string;
}
/**
 * a batch in the open format (docs/format.md)
 */
export interface BatchDocument {
  /**
   * “vinculum-batch”
   */
  format: 'vinculum-batch';
  /**
   * 1
   */
  version: 1;
  /**
   * a number from 1, or null
   */
  number?: number | null;
  recipe: Recipe;
  planned?: null | Recipe;
  /**
   * a day, such as 2026-11-24
   */
  made_on: string;
  frozen: {
    /**
     * grams by the name of what it is
     */
    composition: {
      [k: string]: number;
    };
    estimates: {
      ph?: {
        value: number;
        half: number;
        unit: string;
      };
      brix?: {
        value: number;
        half: number;
        unit: string;
      };
      salt?: {
        value: number;
        half: number;
        unit: string;
      };
      mass?: {
        value: number;
        half: number;
        unit: string;
      };
    };
    calibrations: {
      ph?: {
        slug: string;
        name: string;
        field: string;
        now: number;
        slope: number;
      };
      brix?: {
        slug: string;
        name: string;
        field: string;
        now: number;
        slope: number;
      };
      salt?: {
        slug: string;
        name: string;
        field: string;
        now: number;
        slope: number;
      };
      mass?: {
        slug: string;
        name: string;
        field: string;
        now: number;
        slope: number;
      };
    };
    /**
     * @maxItems 200
     */
    stirred_in?: string[];
  };
  went_in?: unknown[];
  /**
   * @maxItems 200
   */
  readings?: {
    /**
     * one of ph, brix, salt, mass
     */
    what: 'ph' | 'brix' | 'salt' | 'mass';
    value: number;
    unit?: string;
    /**
     * one of calibrated, uncalibrated, strips
     */
    instrument?: 'calibrated' | 'uncalibrated' | 'strips';
    temperature_c?: number | null;
    at?: string;
    hot?: boolean;
    stands?: boolean;
    /**
     * a remark
     */
    note?: string;
  }[];
  /**
   * @maxItems 500
   */
  tastings?: {
    /**
     * a day, such as 2026-11-24
     */
    at: string;
    /**
     * who tasted
     */
    who?: string;
    hot?: boolean;
    /**
     * what it was eaten with
     */
    with?: string;
    feels?: {
      /**
       * steps from -12 to 12, positive is too much
       */
      sweet?: number;
      /**
       * steps from -12 to 12, positive is too much
       */
      sour?: number;
      /**
       * steps from -12 to 12, positive is too much
       */
      salty?: number;
      /**
       * steps from -12 to 12, positive is too much
       */
      umami?: number;
      /**
       * steps from -12 to 12, positive is too much
       */
      hot?: number;
      /**
       * steps from -12 to 12, positive is too much
       */
      thick?: number;
      /**
       * steps from -12 to 12, positive is too much
       */
      rich?: number;
    };
    /**
     * from 1 to 9, or null
     */
    liking?: number | null;
    /**
     * a remark
     */
    note?: string;
    pair?: null | {
      /**
       * one of sweet, sour, salty, umami, hot
       */
      taste: 'sweet' | 'sour' | 'salty' | 'umami' | 'hot';
      /**
       * steps from -12 to 12, positive is more
       */
      steps: number;
      moved: boolean | null;
    };
  }[];
  /**
   * @maxItems 200
   */
  jars?: {
    /**
     * its letter
     */
    label: string;
    size_ml?: number | null;
    /**
     * one of jar, bottle, tub, bag
     */
    kind?: 'jar' | 'bottle' | 'tub' | 'bag';
    /**
     * one of fridge, freezer, shelf
     */
    place?: 'fridge' | 'freezer' | 'shelf';
    /**
     * a day, such as 2026-11-24, or null
     */
    opened_on?: string | null;
    /**
     * a day, such as 2026-11-24, or null
     */
    frozen_on?: string | null;
    /**
     * a day, such as 2026-11-24, or null
     */
    thawed_on?: string | null;
    /**
     * a day, such as 2026-11-24, or null
     */
    gone_on?: string | null;
    /**
     * to whom it was given
     */
    given_to?: string;
    /**
     * a day, such as 2026-11-24, or null
     */
    keep_until?: string | null;
  }[];
  /**
   * @maxItems 500
   *
   * Items: a remark
   */
  notes?: string[];
  /**
   * how many had of it, what was left over in mL, what it cost
   */
  served?: {
    people?: null | number;
    left_over_ml?: null | number;
    cost?: null | number;
  };
}
export interface Recipe {
  /**
   * exactly "vinculum-recipe"
   */
  format: 'vinculum-recipe';
  /**
   * 1, 2 or 3; a newer document needs a newer Vinculum
   */
  version: 1 | 2 | 3;
  /**
   * a name of 1 to 120 characters
   */
  name: string;
  /**
   * the slug of a style, a whole style, or null
   */
  style?: null | string | Style;
  /**
   * one of us, metric, imperial, australian
   */
  measures?: 'us' | 'metric' | 'imperial' | 'australian';
  /**
   * null, or mass_g or volume_ml: the batch when lines are in parts
   */
  size?: null | RecipeSize;
  /**
   * a list of ratios held in every operation
   *
   * @maxItems 5
   */
  pins?: {
    /**
     * one of sugar_acid, sugar_salt, acid_salt, umami_salt, heat_sugar
     */
    ratio: 'sugar_acid' | 'sugar_salt' | 'acid_salt' | 'umami_salt' | 'heat_sugar';
    /**
     * a value above 0
     */
    value: number;
    [k: string]: unknown;
  }[];
  /**
   * what the note says it makes, as written, up to 200 characters; moves nothing
   */
  makes?: string;
  /**
   * how many it serves, as written, up to 200 characters; moves nothing
   */
  serves?: string;
  /**
   * remarks that are neither line nor step, up to 4000 characters
   */
  story?: string;
  /**
   * how a making of it usually ends: hot or cold on the table, jarred, frozen, or a base that waits; without, as is usual of its kind
   */
  ends?: 'hot' | 'cold' | 'jarred' | 'frozen' | 'base';
  /**
   * the sauce it is a try of, by name, of at most 120 characters
   */
  family?: string;
  /**
   * a list of at most 12 stages
   *
   * @maxItems 12
   */
  stages: RecipeStage[];
  /**
   * own ingredients used here, by slug, so that a file stands alone
   */
  ingredients?: {
    [k: string]: OwnIngredient;
  };
  [k: string]: unknown;
}
export interface Style {
  /**
   * a slug: lower case with hyphens
   */
  slug: string;
  /**
   * a name of 1 to 120 characters
   */
  name: string;
  /**
   * the family of sauces it belongs to, 1 to 120 characters
   */
  family: string;
  /**
   * bands by measure, ratio, brix, ph or thickness (0 runs to 4 mounds)
   */
  bands: {
    sweetness?: StyleBand;
    sourness?: StyleBand;
    saltiness?: StyleBand;
    umami?: StyleBand;
    heat?: StyleBand;
    sugar_acid?: StyleBand;
    sugar_salt?: StyleBand;
    acid_salt?: StyleBand;
    umami_salt?: StyleBand;
    heat_sugar?: StyleBand;
    brix?: StyleBand;
    ph?: StyleBand;
    thickness?: StyleBand;
  };
  /**
   * words makers use for it
   *
   * @maxItems 20
   */
  cues?: string[];
  /**
   * where the figures come from, 1 to 500 characters
   */
  source: string;
  /**
   * what most of it is, where that is not water
   */
  base?: {
    /**
     * the slug of an ingredient
     */
    ingredient: string;
    /**
     * its share of the mass, 0 to 1
     */
    share: number;
  };
  /**
   * mL of it that one person has, as is usual
   */
  helping_ml?: number | null;
  /**
   * how a making of it usually ends: hot or cold on the table, jarred, frozen, or a base that waits; without, as is usual of its kind
   */
  ends?: 'hot' | 'cold' | 'jarred' | 'frozen' | 'base' | null;
  [k: string]: unknown;
}
/**
 * low, aim and high of a band, in that order
 */
export interface StyleBand {
  /**
   * a number, 0 or more
   */
  low: number;
  /**
   * a number from low to high
   */
  aim: number;
  /**
   * a number, aim or more
   */
  high: number;
}
/**
 * mass_g or volume_ml, one of them
 */
export interface RecipeSize {
  /**
   * grams, above 0
   */
  mass_g?: number;
  /**
   * millilitres, above 0
   */
  volume_ml?: number;
}
/**
 * lines added together, then one process
 */
export interface RecipeStage {
  /**
   * an id of 1 to 40 letters, digits, - or _
   */
  id?: string;
  /**
   * a name of up to 120 characters
   */
  name?: string;
  /**
   * a list of at most 60 lines
   *
   * @maxItems 60
   */
  lines?: RecipeLine[];
  /**
   * a process, or null
   */
  process?: null | RecipeProcess;
  /**
   * how much is pressed out, such as {"press": 0.2}, or null
   */
  strain?: null | {
    /**
     * a number from 0 to 1
     */
    press?: number;
    [k: string]: unknown;
  };
  /**
   * what to look for, up to 400 characters
   */
  look_for?: string;
  /**
   * a rest it gains from, 0 to 20160 minutes, or null
   */
  rest_better_minutes?: number | null;
  /**
   * minutes of work at it, 0 to 1440, or null for the usual
   */
  hands_minutes?: number | null;
  [k: string]: unknown;
}
/**
 * what is done to the pot
 */
export interface RecipeProcess {
  /**
   * one of none, soak, fry, warm, simmer, boil, roast, flame, grill, blend, ferment, rest, chill
   */
  kind:
    | 'none'
    | 'soak'
    | 'fry'
    | 'warm'
    | 'simmer'
    | 'boil'
    | 'roast'
    | 'flame'
    | 'grill'
    | 'blend'
    | 'ferment'
    | 'rest'
    | 'chill';
  /**
   * one of low, medium, high, or null
   */
  heat?: 'low' | 'medium' | 'high' | null;
  /**
   * minutes, 0 to 600000, or null
   */
  minutes?: number | null;
  /**
   * where it stops: at most one of loss_percent, mass_g, volume_ml; or null
   */
  until?: null | RecipeUntil;
  /**
   * the pan's width, 5 to 100 cm, or null
   */
  pan_cm?: number | null;
  /**
   * true, false or null
   */
  lid?: boolean | null;
  /**
   * how hot it gets, 0 to 300 °C, or null
   */
  temperature_c?: number | null;
  /**
   * true where the minutes hold the heating up, false or null
   */
  from_cold?: boolean | null;
  [k: string]: unknown;
}
/**
 * at most one of loss_percent, mass_g, volume_ml
 */
export interface RecipeUntil {
  /**
   * a share of the pot to lose, above 0 and below 100 per cent
   */
  loss_percent?: number;
  /**
   * grams left, above 0
   */
  mass_g?: number;
  /**
   * millilitres left, above 0
   */
  volume_ml?: number;
}
/**
 * an ingredient of one's own
 */
export interface OwnIngredient {
  /**
   * a name of 1 to 120 characters
   */
  name: string;
  /**
   * the slug of what it is most like, or null
   */
  like?: string | null;
  /**
   * the serving the values are for, as the label has it, such as 1 tbsp or 15 ml; null for 100 g
   */
  serving?: string | null;
  /**
   * grams of the serving the values are for, above 0; null for 100 g
   */
  serving_g?: number | null;
  /**
   * what the label says
   */
  values?: {
    /**
     * sugars, grams, 0 or more
     */
    sugars_g?: number | null;
    /**
     * salt, grams, 0 or more
     */
    salt_g?: number | null;
    /**
     * sodium, milligrams, 0 or more
     */
    sodium_mg?: number | null;
    /**
     * fat, grams, 0 or more
     */
    fat_g?: number | null;
    /**
     * protein, grams, 0 or more
     */
    protein_g?: number | null;
    /**
     * acidity, 0 to 100 per cent
     */
    acidity_percent?: number | null;
    /**
     * Scoville heat units as it is, 0 to 16000000
     */
    heat_shu?: number | null;
    /**
     * measured pH, 0 to 14
     */
    ph?: number | null;
  };
  /**
   * g/mL, above 0 and up to 3, or null
   */
  density?: number | null;
  /**
   * constituents in g per 100 g, null where not known
   */
  per_100g?: {
    [k: string]: number | null;
  } | null;
  /**
   * free text of up to 300 characters
   */
  note?: string;
  /**
   * allergens it contains; an empty list says none, and left out says nobody knows
   *
   * @maxItems 20
   *
   * Items: one of gluten, wheat, crustaceans, eggs, fish, peanuts, soy, milk, nuts, celery, mustard, sesame, sulphites, lupin, molluscs
   */
  contains?: (
    | 'gluten'
    | 'wheat'
    | 'crustaceans'
    | 'eggs'
    | 'fish'
    | 'peanuts'
    | 'soy'
    | 'milk'
    | 'nuts'
    | 'celery'
    | 'mustard'
    | 'sesame'
    | 'sulphites'
    | 'lupin'
    | 'molluscs'
  )[];
  /**
   * allergens it may contain
   *
   * @maxItems 20
   *
   * Items: one of gluten, wheat, crustaceans, eggs, fish, peanuts, soy, milk, nuts, celery, mustard, sesame, sulphites, lupin, molluscs
   */
  may_contain?: (
    | 'gluten'
    | 'wheat'
    | 'crustaceans'
    | 'eggs'
    | 'fish'
    | 'peanuts'
    | 'soy'
    | 'milk'
    | 'nuts'
    | 'celery'
    | 'mustard'
    | 'sesame'
    | 'sulphites'
    | 'lupin'
    | 'molluscs'
  )[];
  /**
   * false where something of it is not known
   */
  allergens_known?: boolean;
  /**
   * what it is, by the words of the vocabulary
   *
   * @maxItems 60
   *
   * Items: a trait of the vocabulary
   */
  traits?: (
    | 'from-peanuts'
    | 'alcohol-in-it'
    | 'perhaps-alcohol-in-it'
    | 'low-acid-plant'
    | 'dry-plant'
    | 'fresh-plant'
    | 'raw-egg'
    | 'raw-flour'
    | 'not-for-infants'
    | 'nitrate'
    | 'potassium'
    | 'myristicin'
    | 'cassia'
    | 'poisonous-leaves'
    | 'poisonous-raw'
    | 'poisonous-stones'
    | 'raw-beans'
    | 'burns-eyes'
    | 'not-for-canning'
    | 'flares'
    | 'cooked'
    | 'pressed-or-bottled'
    | 'bought'
    | 'perishable'
    | 'refused'
    | 'flesh'
    | 'animal-product'
    | 'animal-rennet'
    | 'perhaps-animal'
    | 'perhaps-fined'
    | 'added-sugar'
    | 'perhaps-added-sugar'
    | 'whole'
    | 'ground'
    | 'wants-cooking'
    | 'uncut'
    | 'chilli'
    | 'soft-ripened'
    | 'gathered'
    | 'with-medicines'
    | 'liquorice'
    | 'xylitol'
    | 'raisins'
    | 'raw-seafood'
    | 'sprouts'
    | 'cassava'
    | 'raw-meat'
    | 'browns-when-cut'
    | 'emulsifies'
    | 'emulsifies-a-little'
    | 'sets-when-sour'
    | 'sets-cold'
    | 'curdles'
    | 'jelly-that-melts'
    | 'sets-once-boiled'
    | 'sets-with-sugar'
    | 'eats-jelly'
    | 'rich-in-pectin'
    | 'burns-soon'
    | 'scorches'
    | 'starch-raw'
    | 'gels'
    | 'bitter-in-quantity'
    | 'stains'
  )[];
  /**
   * of a sauce that was made: how long it keeps by itself, and no longer in another
   */
  keeps?: {
    /**
     * days, closed and cold
     */
    fridge: number;
    /**
     * days, once it is opened
     */
    opened: number;
    /**
     * months in the freezer; 0 where it does not freeze well
     */
    frozen: number;
  };
  [k: string]: unknown;
}
export interface BatchList {
  /**
   * the last ones
   */
  batches: Batch[];
  /**
   * of all there are
   */
  count: number;
}
/**
 * a recipe as it was made on a day
 */
export interface Batch {
  id: string;
  recipe: string;
  name: string;
  /**
   * a date, such as 2026-08-30
   */
  made_on: string;
  figures: {
    /**
     * one of ph, brix, salt, mass
     */
    kind: 'ph' | 'brix' | 'salt' | 'mass';
    label: string;
    estimate_text: string;
    now_text: string;
    moved_text: string;
    offer: null | {
      text: string;
      ingredient: OwnIngredient;
    };
  }[];
  readings: {
    id: number;
    stands: boolean;
    note: string;
    /**
     * one of ph, brix, salt, mass
     */
    kind: 'ph' | 'brix' | 'salt' | 'mass';
    label: string;
    value: number;
    text: string;
    instrument: 'calibrated' | 'uncalibrated' | 'strips';
    hot: boolean;
    rested: boolean;
    question: string;
  }[];
  /**
   * what was stirred in to taste, in order
   */
  stirred_in: string[];
  cautions: Caution[];
  times: KeepingTime;
}
export interface BatchNoteInput {
  /**
   * a remark
   */
  text: string;
}
/**
 * what a sauce can begin from
 */
export interface Begin {
  directions: {
    slug: string;
    name: string;
    family: string;
    /**
     * the first of its family
     */
    leads: boolean;
    columns: {
      label: string;
      aim: number;
      low: number;
      high: number;
    }[];
  }[];
  built_on: {
    slug: string;
    name: string;
    why: 'usual' | 'on hand' | 'in season' | '';
  }[];
  tastes: {
    taste: 'sour' | 'sweet' | 'salt' | 'depth' | 'heat';
    things: {
      slug: string;
      name: string;
      usual: boolean;
    }[];
    /**
     * a sauce can do without it
     */
    may_be_none: boolean;
  }[];
}
/**
 * two batches, and what differs
 */
export interface Beside {
  number: number;
  name: string;
  tastes: {
    label: string;
    share: number;
    text: string;
  }[];
  lines: {
    name: string;
    one: string;
    other: string;
  }[];
  stages: {
    name: string;
    one: string;
    other: string;
  }[];
}
export interface BlindInput {
  /**
   * one of sweet, sour, salty, umami, hot
   */
  taste: 'sweet' | 'sour' | 'salty' | 'umami' | 'hot';
  /**
   * steps from -12 to 12, positive is more
   */
  steps: number;
  /**
   * the name of a cup
   */
  changed: string;
  /**
   * the name of a cup
   */
  plain: string;
  /**
   * at least one answer
   *
   * @minItems 1
   * @maxItems 40
   */
  answers: {
    /**
     * who tasted; nothing for whoever keeps the Log
     */
    who: string;
    /**
     * the name of the cup that was liked better; nothing where there was no telling
     */
    better: string;
  }[];
}
export interface BlindResult {
  text: string;
  batch: LoggedBatch;
}
/**
 * a batch with all that happened to it
 */
export interface LoggedBatch {
  id: string;
  recipe: string;
  number: number;
  name: string;
  made_on: string;
  made_text: string;
  makes_text: string;
  /**
   * how many had of it, what was left over, what it cost
   */
  served: {
    people: null | number;
    left_over_text: string;
    cost: null | number;
    /**
     * what that comes to, each and a jar
     */
    text: string;
  };
  liking_text: string;
  jars: {
    id: number;
    label: string;
    kind: string;
    place: string;
    size_text: string;
    state: 'full' | 'open' | 'gone';
    given_to: string;
    keeps_text: string;
    label_text: string;
    is_past: boolean;
    grams_text: string;
  }[];
  went_in: {
    name: string;
    planned: string;
    actual: string;
  }[];
  figures: {
    /**
     * one of ph, brix, salt, mass
     */
    kind: 'ph' | 'brix' | 'salt' | 'mass';
    label: string;
    estimate_text: string;
    now_text: string;
    moved_text: string;
    offer: null | {
      text: string;
      ingredient: OwnIngredient;
    };
  }[];
  readings: {
    id: number;
    stands: boolean;
    note: string;
    /**
     * one of ph, brix, salt, mass
     */
    kind: 'ph' | 'brix' | 'salt' | 'mass';
    label: string;
    value: number;
    text: string;
    instrument: 'calibrated' | 'uncalibrated' | 'strips';
    hot: boolean;
    rested: boolean;
    question: string;
  }[];
  tastings: {
    id: number;
    when_text: string;
    who: string;
    said: {
      label: string;
      text: string;
    }[];
    liking: number | null;
    note: string;
    /**
     * what the remark says of tastes that the spoon did not, to be counted or not; empty where nothing is asked
     */
    heard_text: string;
  }[];
  notes: {
    id: number;
    text: string;
    on_text: string;
  }[];
  /**
   * what was stirred in to taste, in order
   */
  stirred_in: string[];
  contains_text: string;
  label_notes: string[];
  cautions: Caution[];
  times: KeepingTime;
  likes: {
    who: string;
    tastings_text: string;
    tastes: {
      label: string;
      text: string;
    }[];
    unknown_text: string;
  }[];
  pictures: {
    id: number;
    width: number;
    height: number;
  }[];
  making: {
    asked_text: string;
    ends: 'hot' | 'cold' | 'jarred' | 'frozen' | 'base';
    ends_text: string;
    portions: string[];
    jars: null | {
      count: number;
      size_ml: number;
      size_text: string;
    };
  };
  /**
   * what is in it, in descending order of what went in
   */
  in_it: {
    name: string;
    is_allergen: boolean;
  }[];
}
/**
 * what a proposal brings into the sauce that was not in it
 */
export interface Brings {
  allergens: string[];
  check: string[];
  other: string[];
}
/**
 * something that happened at the stove
 */
export interface CookEventInput {
  /**
   * what happened: step, tick, went_in, added, spilled, boils, pan, reading, felt, timer, timer_off, note or taken_back
   */
  kind:
    | 'step'
    | 'tick'
    | 'went_in'
    | 'added'
    | 'spilled'
    | 'boils'
    | 'pan'
    | 'reading'
    | 'felt'
    | 'timer'
    | 'timer_off'
    | 'note'
    | 'taken_back';
  /**
   * made up by whoever sends it: sent twice it happened once
   */
  key?: string;
  /**
   * the id of a step
   */
  to?: string;
  /**
   * the id of a line
   */
  line?: string;
  /**
   * true or false
   */
  done?: boolean;
  /**
   * an amount, such as 330 g
   */
  amount?: string;
  /**
   * the slug of an ingredient
   */
  ingredient?: string;
  /**
   * true where it was left out
   */
  left_out?: boolean;
  /**
   * true for a whole chilli that burst
   */
  burst?: boolean;
  /**
   * true for water that makes up for boiling too far
   */
  puts_back?: boolean;
  /**
   * a share from 0.01 to 0.95
   */
  share?: number;
  /**
   * the id of a stage
   */
  stage?: string;
  /**
   * one of mass, depth, brix, temperature, ph
   */
  what?: 'mass' | 'depth' | 'brix' | 'temperature' | 'ph';
  /**
   * what the instrument shows
   */
  value?: number;
  /**
   * true where the pan was on the scale
   */
  with_pan?: boolean;
  /**
   * true where a weight that can hardly be is right all the same
   */
  sure?: boolean;
  /**
   * what the spoon says, in steps
   */
  feels?: {
    /**
     * steps from -12 to 12, positive is too much
     */
    sweet?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    sour?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    salty?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    umami?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    hot?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    thick?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    rich?: number;
  };
  /**
   * minutes from 0.1 to 2880
   */
  minutes?: number;
  /**
   * what the timer is for
   */
  label?: string;
  /**
   * the number of an event
   */
  event?: number;
  /**
   * a remark
   */
  text?: string;
}
/**
 * a cook that is over: its batch, and how near it came
 */
export interface CookFinish {
  batch: string | null;
  recipe: string;
  near: {
    label: string;
    planned_text: string;
    made_text: string;
    off_text: string;
  }[];
}
export interface CookInput {
  /**
   * the id of a recipe
   */
  recipe?: string;
  /**
   * the id of a making, which says all the rest
   */
  making?: string;
  /**
   * how much of it, such as 2x or 6 x 250 ml; as written where it is absent
   */
  to?: string;
  /**
   * a number from 0 to 50: per cent of each container left empty; null for as much as is usual
   */
  headspace_percent?: number | null;
  /**
   * a list of at most 12 portions, such as marinade 300 ml and table the rest
   *
   * @maxItems 12
   */
  portions?: string[];
  /**
   * how it ends: hot or cold on the table, jarred, frozen, or a base that waits; without, as is usual of its kind
   */
  ends?: 'hot' | 'cold' | 'jarred' | 'frozen' | 'base' | null;
  /**
   * true for a simulated pot
   */
  practice?: boolean;
}
/**
 * what mends a pot on the stove
 */
export interface CookTaste {
  options: {
    words: string;
    all: {
      ingredient: string;
      amount: string;
    }[];
    half: {
      ingredient: string;
      amount: string;
    }[];
    cost_text: string;
    note: string;
    cautions: string[];
    brings: Brings;
  }[];
  note: string;
}
/**
 * a recipe while it is being cooked; times are seconds since 1970
 */
export interface Cook {
  id: string;
  recipe: string;
  name: string;
  is_practice: boolean;
  is_finished: boolean;
  batch: string | null;
  speed: number;
  revision: number;
  now: number;
  step: string;
  where: string;
  makes_text: string;
  steps: CookStep[];
  next_title: string;
  back_to: string;
  /**
   * the step that is next; to nothing where it is the end
   */
  go_on: {
    to: string;
    text: string;
    is_taste: boolean;
  };
  ends_at: number | null;
  done_at: number;
  bars: CookBar[];
  reduction: null | CookReduction;
  pot: {
    label: string;
    text: string;
  }[];
  otherwise: string[];
  timers: {
    event: number;
    label: string;
    ends_at: number;
    is_over: boolean;
  }[];
  readings: {
    event: number;
    at: number;
    text: string;
    what: string;
    is_simulated: boolean;
  }[];
  felt: {
    [k: string]: number;
  };
  can_taste: boolean;
  making: MakingLook;
}
/**
 * one step of the cook
 */
export interface CookStep {
  id: string;
  kind: string;
  heading: string;
  state: 'done' | 'now' | 'next';
  is_hands: boolean;
  is_ticked: boolean;
  minutes_text: string;
  lines: CookLine[];
  say: string[];
  look_for: string[];
}
/**
 * one line of a step, as it went in or will
 */
export interface CookLine {
  id: string;
  tick: string;
  name: string;
  lead: string;
  terms: EvaluationTerm[];
  mass_text: string;
  planned_text: string;
  note: string;
  is_done: boolean;
  may_burst: boolean;
  is_burst: boolean;
}
export interface EvaluationTerm {
  number: EvaluationFraction;
  up_to: null | EvaluationFraction;
  unit: string;
}
/**
 * a number as it is set: a whole or decimal, and a fraction over a bar; empty where there is none
 */
export interface EvaluationFraction {
  whole: string;
  numerator: string;
  denominator: string;
}
export interface CookBar {
  id: string;
  label: string;
  is_hands: boolean;
  state: 'done' | 'now' | 'next';
  from: number;
  to: number;
}
/**
 * a pot that boils down, followed
 */
export interface CookReduction {
  stage: string;
  heading: string;
  stop_text: string;
  stop_with_pan_text: string;
  now_text: string;
  minutes_text: string;
  range_text: string;
  hob_text: string;
  depth_text: string;
  thicker_text: string;
  boils: boolean;
  share_done: number;
  past: null | {
    text: string;
    put_back: {
      ingredient: string;
      amount: string;
    };
    put_back_text: string;
  };
  curve: CookCurve;
}
/**
 * the falling line; places are shares, from the left and the bottom
 */
export interface CookCurve {
  line: {
    x: number;
    y: number;
    low: number;
    high: number;
  }[];
  points: {
    x: number;
    y: number;
    text: string;
  }[];
  now: {
    x: number;
    y: number;
  };
  stop_y: number;
}
/**
 * one making, as every screen shows it
 */
export interface MakingLook {
  to: string;
  headspace_percent: number;
  asked_text: string;
  amount_text: string;
  /**
   * whether it was asked for in containers
   */
  in_jars: boolean;
  makes_ml: number;
  makes_g: number;
  makes_text: string;
  portions: {
    name: string;
    text: string;
    label: string;
  }[];
  portions_problem: string;
  ends: 'hot' | 'cold' | 'jarred' | 'frozen' | 'base';
  ends_text: string;
  ways: {
    ends: 'hot' | 'cold' | 'jarred' | 'frozen' | 'base';
    text: string;
    is_usual: boolean;
  }[];
  hands_minutes: number;
  all_minutes: number;
  takes_text: string;
  steps: {
    id: string;
    minutes: number;
    is_hands: boolean;
  }[];
  keeps_text: string;
  paces: {
    kind: string;
    text: string;
  }[];
}
/**
 * what putting a copy back would change
 */
export interface CopyChanges {
  name: string;
  changes: string[];
}
/**
 * what a logger delivers
 */
export interface DeliveredReadingInput {
  /**
   * one of mass, depth, brix, temperature, ph
   */
  what: 'mass' | 'depth' | 'brix' | 'temperature' | 'ph';
  /**
   * what the instrument shows: g, mm, °Brix, °C or pH
   */
  value: number;
  /**
   * true where the pan was on the scale
   */
  with_pan?: boolean;
  /**
   * which instrument, up to 80 characters
   */
  instrument?: string;
  /**
   * when, in seconds since 1970; now where it is absent
   */
  at?: number;
  /**
   * made up by whoever sends it: sent twice it is one reading
   */
  key?: string;
}
export interface DifferentInput {
  /**
   * what was made otherwise that time: 25 g ginger, not 35; 10 min more
   */
  text: string;
}
export interface Different {
  clauses: {
    /**
     * as they were said
     */
    words: string;
    /**
     * what it comes to; empty where it is asked or noted
     */
    understood: string;
    /**
     * what has to be asked; empty where nothing has
     */
    ask: string;
    /**
     * what to say instead
     */
    guesses: string[];
  }[];
  /**
   * what the pot then makes
   */
  makes_text: string;
}
/**
 * who may come in from the house network
 */
export interface Door {
  is_first_machine: boolean;
  address: string;
  has_passphrase: boolean;
  devices: {
    id: string;
    name: string;
    is_this: boolean;
    seen_at: string;
    since: string;
  }[];
}
export interface DraftInput {
  /**
   * the slug of a style
   */
  style: string;
  /**
   * @maxItems 12
   *
   * Items: what it is to be made of, such as 1.2 kg plums
   */
  with?: string[];
  /**
   * @maxItems 10
   *
   * Items: a need such as vegan or gluten
   */
  free_of?: string[];
  /**
   * 0 for the first draft, 1 and 2 for others
   */
  another?: number;
  /**
   * @maxItems 10
   *
   * Items: the slug of what of its usual make-up is left out
   */
  without?: string[];
}
/**
 * a first recipe of a kind, with a reason for each line
 */
export interface Draft {
  status: 'reached' | 'closest';
  why: string;
  method_text: string;
  columns: RecipeListMiniature[];
  makes_text: string;
  reasons: {
    line: string;
    name: string;
    amount: string;
    why: string;
  }[];
  steps_after: {
    sweetness: number;
    sourness: number;
    saltiness: number;
    umami: number;
    heat: number;
  };
  notes: string[];
  drafts: number;
  recipe: Recipe;
}
export interface RecipeListMiniature {
  label: string;
  /**
   * in levels
   */
  top: number;
  band: null | {
    low: number;
    high: number;
  };
  words: string;
}
/**
 * pans, jars, bottles and blenders of the household
 */
export interface EquipmentList {
  /**
   * @maxItems 100
   */
  equipment: {
    /**
     * a name of 1 to 60 characters
     */
    name: string;
    /**
     * one of pan, jar, bottle, blender
     */
    kind: 'pan' | 'jar' | 'bottle' | 'blender';
    /**
     * millilitres to the brim, from 1 to 200000
     */
    ml: number;
    /**
     * how many there are, from 1 to 999
     */
    count: number;
    width_cm: number | null;
  }[];
  /**
   * the list as it was seen by whoever changes it: what is not changed of it is left as it is now
   *
   * @maxItems 100
   */
  was?: {
    /**
     * a name of 1 to 60 characters
     */
    name: string;
    /**
     * one of pan, jar, bottle, blender
     */
    kind: 'pan' | 'jar' | 'bottle' | 'blender';
    /**
     * millilitres to the brim, from 1 to 200000
     */
    ml: number;
    /**
     * how many there are, from 1 to 999
     */
    count: number;
    width_cm: number | null;
  }[];
}
export interface Evaluation {
  analysis: Analysis;
  bench: EvaluationBench;
}
export interface EvaluationBench {
  /**
   * false where a line cannot be read, so that the figures are of the rest only
   */
  complete: boolean;
  style: null | {
    slug: string;
    name: string;
    cues: string[];
    source: string;
  };
  lines: EvaluationLine[];
  columns: EvaluationColumn[];
  ratios: EvaluationRatio[];
  makes: {
    volume_text: string;
    mass_text: string;
    spread_text: string;
    boiled_off_text: string;
    density_text: string;
  };
  stages: {
    id: string;
    text: string;
    /**
     * mass, sweet, sour, salty and pH when the stage is done
     */
    strip: {
      label: string;
      text: string;
    }[];
    /**
     * how to know that it is done, one way a sentence
     */
    stop: string[];
    reduces: boolean;
  }[];
  /**
   * the whole balance in a sentence
   */
  verdict: string;
  /**
   * lines worth weighing, and why
   */
  advice: {
    line: string;
    text: string;
  }[];
  /**
   * whether a line is in parts, so that the recipe needs a batch size
   */
  in_parts: boolean;
  /**
   * what instruments would read
   */
  figures: {
    figure: 'ph' | 'brix' | 'thickness' | 'water-activity' | 'titratable-acidity' | 'alcohol';
    label: string;
    text: string;
    interval_text: string;
    note: string;
    /**
     * the paragraph that says how it is worked out
     */
    how: string;
    /**
     * shown at once, not one tap deeper
     */
    first: boolean;
    band_text: string;
    state: 'none' | 'in' | 'short' | 'over' | 'unsure';
  }[];
  /**
   * what colour it is, in words and one swatch; null for an empty pot
   */
  colour: null | {
    text: string;
    swatch: string;
  };
  /**
   * energy, sugars and salt
   */
  panel: {
    serving_text: string;
    rows: {
      label: string;
      per_100: string;
      per_serving: string;
    }[];
  };
  /**
   * what it contains, and what to mind
   */
  keeping: {
    headline: string;
    contains: {
      name: string;
      from: string;
    }[];
    check: {
      name: string;
      from: string;
    }[];
    diets: {
      name: string;
      state: 'fits' | 'against' | 'check';
      text: string;
    }[];
    cautions: Caution[];
    unsaid: string;
    times: KeepingTime;
  };
  /**
   * how many lines more the recipe can have, said, and whether that is few enough to be said unasked
   */
  room: {
    lines_left: number;
    text: string;
    is_few: boolean;
  };
  /**
   * what one taste does to another, in words
   */
  interactions: {
    measure: 'sweetness' | 'sourness' | 'saltiness' | 'umami' | 'heat';
    text: string;
  }[];
}
export interface EvaluationLine {
  id: string;
  slug: string;
  name: string;
  short_name: string;
  /**
   * stands for the line wherever its colour does
   */
  letter: string;
  tint: string;
  caution: string;
  /**
   * whether the pantry has it
   */
  known: boolean;
  /**
   * a loose word before the number
   */
  lead: string;
  terms: EvaluationTerm[];
  mass_text: string;
  spread_text: string;
  share: number;
  share_text: string;
  /**
   * the amount in kitchen steps, ascending, for the arrow keys
   */
  ladder: string[];
  /**
   * where on the ladder the amount stands: the last rung at or below it, -1 below all
   */
  rung: number;
  /**
   * whether it stands on that rung exactly
   */
  on_rung: boolean;
  /**
   * the same amount in other measures
   */
  other_units: string[];
  brings: {
    measure: string;
    label: string;
    text: string;
    share: number;
    share_text: string;
  }[];
  /**
   * its grams as an amount that can be written into the recipe
   */
  mass_amount: string;
  /**
   * share used of what is bought, where the line is weighed and that is less than all of it; else empty
   */
  as_bought_text: string;
  /**
   * whether the weight is with peel, husk or stones
   */
  as_bought: boolean;
}
export interface EvaluationColumn {
  measure: 'sweetness' | 'sourness' | 'saltiness' | 'umami' | 'heat';
  label: string;
  unit: string;
  value_text: string;
  /**
   * the same as it stands over the column: none where there is none, not known where nobody knows
   */
  figure_text: string;
  interval_text: string;
  /**
   * what everybody knows that tastes as much of it; empty where nothing does
   */
  like_text: string;
  top: number;
  low: number;
  high: number;
  band: null | {
    low: number;
    high: number;
    text: string;
    aim_text: string;
  };
  verdict: null | EvaluationVerdict;
  segments: EvaluationSegment[];
  /**
   * names of ingredients whose share is not known
   */
  unknown: string[];
  /**
   * the same figure in the water of the sauce, where there is fat enough to matter; else empty
   */
  in_water_text: string;
}
export interface EvaluationVerdict {
  kind: 'level' | 'short' | 'over' | 'within what we know';
  words: string;
  steps: number;
  /**
   * the number of steps in one of five words
   */
  degree: string;
}
/**
 * a line's part of a column, in levels: 1 is the height of the aim
 */
export interface EvaluationSegment {
  line: string;
  from: number;
  to: number;
  text: string;
  share_text: string;
}
export interface EvaluationRatio {
  ratio: 'sugar_acid' | 'sugar_salt' | 'acid_salt' | 'umami_salt' | 'heat_sugar';
  over: string;
  under: string;
  value_text: string;
  interval_text: string;
  band_text: string;
  state: 'in' | 'short' | 'over' | 'unsure' | 'none';
  why: string;
  value: number | null;
}
/**
 * a file to save
 */
export interface ExportFile {
  file: string;
  type: string;
  text: string;
}
export interface ExportInput {
  recipe: Recipe;
  /**
   * the name of a format that is written (/api/formats)
   */
  format: string;
}
export interface Export {
  file: string;
  type: string;
  text: string;
  /**
   * what the format cannot carry
   */
  lost: string[];
}
export interface Failure {
  error: {
    code: string;
    message: string;
    fields: {
      field: string;
      message: string;
    }[];
  };
  yours?: Recipe;
  theirs?: RecipeRecord;
}
export interface RecipeRecord {
  id: string;
  revision: number;
  /**
   * ISO 8601, UTC
   */
  updated_at: string;
  recipe: Recipe;
  /**
   * the recipe it is a variant of, and the other variants
   */
  family: {
    id: string;
    name: string;
  }[];
}
export interface FamilyInput {
  /**
   * a recipe of the family it is to belong to
   */
  with: string;
}
export interface FeelsInput {
  /**
   * what the spoon says, in steps
   */
  feels: {
    /**
     * steps from -12 to 12, positive is too much
     */
    sweet?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    sour?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    salty?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    umami?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    hot?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    thick?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    rich?: number;
  };
}
/**
 * the formats recipes come in and go out by
 */
export interface FormatList {
  formats: {
    name: string;
    /**
     * as a maker reads it
     */
    label: string;
    reads: boolean;
    writes: boolean;
  }[];
}
/**
 * what a maker looks for by a word
 */
export interface Found {
  groups: {
    name: string;
    things: {
      name: string;
      /**
       * what else there is to say; empty for nothing
       */
      text: string;
      /**
       * the address of the screen
       */
      to: string;
    }[];
  }[];
  /**
   * what to do where nothing was found; empty where something was
   */
  none_text: string;
}
export interface FreeInput {
  recipe: Recipe;
  /**
   * @maxItems 17
   *
   * Items: one of vegan, vegetarian, gluten, nuts, peanuts, eggs, milk, soy, fish, shellfish, sesame, celery, mustard, sulphites, lupin, alcohol, added-sugar
   */
  needs: (
    | 'vegan'
    | 'vegetarian'
    | 'gluten'
    | 'nuts'
    | 'peanuts'
    | 'eggs'
    | 'milk'
    | 'soy'
    | 'fish'
    | 'shellfish'
    | 'sesame'
    | 'celery'
    | 'mustard'
    | 'sulphites'
    | 'lupin'
    | 'alcohol'
    | 'added-sugar'
  )[];
  /**
   * ids of lines that stay as they are
   *
   * @maxItems 60
   *
   * Items: the id of a line
   */
  keep?: string[];
  /**
   * a factor from 0.1 to 2
   */
  salt_times?: number;
  /**
   * a factor from 0 to 10
   */
  heat_times?: number;
}
/**
 * a whole recipe freed of something, one reviewable change
 */
export interface Free {
  changes: {
    line: string;
    name: string;
    with: {
      ingredient: string;
      name: string;
      mass_g: number;
      text: string;
    }[];
    with_text: string;
    why: string;
    notes: string[];
  }[];
  /**
   * lines that moved besides, and what came in besides
   */
  also: {
    name: string;
    /**
     * null for what was not in it
     */
    was: string | null;
    now: string;
  }[];
  /**
   * the same in words; empty where nothing moved besides
   */
  also_text: string;
  left: {
    line: string;
    why: string;
  }[];
  steps_after: {
    sweet?: number;
    sour?: number;
    salty?: number;
    umami?: number;
    hot?: number;
    thick?: number;
    rich?: number;
  };
  cost_text: string;
  notes: string[];
  cautions: string[];
  check_text: string;
  ghosts: Ghost[];
  recipe: Recipe;
  brings: Brings;
}
/**
 * where the top of a column would be
 */
export interface Ghost {
  measure: 'sweetness' | 'sourness' | 'saltiness' | 'umami' | 'heat';
  top: number;
  text: string;
  words: string;
}
export interface HeardInput {
  /**
   * whether what the remark says of tastes counts
   */
  counts: boolean;
}
/**
 * what this house keeps, the copies of it, and what was thrown away
 */
export interface House {
  recipes: number;
  batches: number;
  own_ingredients: number;
  /**
   * newest first
   */
  copies: {
    name: string;
    at: string;
    kilobytes: number;
  }[];
  /**
   * what was thrown away, the last first
   */
  bin: {
    kind: 'recipe' | 'batch' | 'ingredient' | 'style';
    id: string;
    name: string;
    deleted_at: string;
    /**
     * why it cannot go for good; empty where it can
     */
    stays: string;
  }[];
}
export interface ImportInput {
  /**
   * a recipe as JSON, JSON-LD, Markdown, CSV or plain text, up to 256 kB
   */
  text: string;
  /**
   * one of us, metric, imperial, australian
   */
  measures?: 'us' | 'metric' | 'imperial' | 'australian';
}
/**
 * a recipe read in, with what was unsure
 */
export interface Import {
  /**
   * the name of the format it was (/api/formats)
   */
  kind: string;
  recipe: Recipe;
  questions: {
    /**
     * of the text, from 1
     */
    line: number;
    /**
     * of the recipe's line it is about
     */
    id: string;
    /**
     * as it was written
     */
    text: string;
    about: 'amount' | 'ingredient';
    ask: string;
    /**
     * best first
     */
    guesses: string[];
    /**
     * where they mean several things, what may be remembered; empty otherwise
     */
    words: string;
  }[];
  /**
   * what the recipe has no place for, in words
   */
  lost: string[];
  /**
   * names in full of what the lines and the guesses mean, by slug
   */
  names: {
    [k: string]: string;
  };
  /**
   * what became of the words of a note; every letter and digit is in one
   */
  spans: {
    /**
     * first character of the text, from 0
     */
    from: number;
    /**
     * the one behind its last
     */
    to: number;
    is: 'title' | 'yield' | 'amount' | 'name' | 'preparation' | 'step' | 'relation' | 'remark' | 'question';
    /**
     * of the recipe
     */
    line?: string;
    /**
     * of the recipe
     */
    stage?: string;
  }[];
  /**
   * each stage as a sentence, by its id
   */
  steps: {
    [k: string]: string;
  };
  /**
   * the note is written in, where that is not English; empty otherwise
   */
  tongue: string;
}
export interface IngredientList {
  ingredients: {
    slug: string;
    name: string;
    group: string;
    tint: string;
    caution: string;
    /**
     * what it mostly brings
     */
    strength_text: string;
    starting_amount: string;
  }[];
}
export interface JarInput {
  /**
   * one of fridge, freezer, shelf
   */
  place?: 'fridge' | 'freezer' | 'shelf';
  /**
   * a day, such as 2026-11-24, or null
   */
  opened_on?: string | null;
  /**
   * a day, such as 2026-11-24, or null
   */
  gone_on?: string | null;
  /**
   * to whom it was given
   */
  given_to?: string;
}
export interface JarsInput {
  /**
   * how many, from 1 to 60
   */
  count: number;
  /**
   * how large each is, in any measure, such as 16 oz, 250 ml or half a pint; it goes before size_ml
   */
  size?: string | null;
  /**
   * millilitres from 10 to 20000, or null
   */
  size_ml?: number | null;
  /**
   * one of jar, bottle, tub, bag
   */
  kind?: 'jar' | 'bottle' | 'tub' | 'bag';
  /**
   * one of fridge, freezer, shelf
   */
  place?: 'fridge' | 'freezer' | 'shelf';
}
/**
 * what was made, the latest first, and what to use first
 */
export interface LogList {
  count: number;
  page: number;
  pages: number;
  batches: {
    id: string;
    number: number;
    name: string;
    made_text: string;
    said_text: string;
    jars_text: string;
  }[];
  use_first: {
    batch: string;
    text: string;
    until_text: string;
    is_past: boolean;
  }[];
}
export interface MadeInput {
  /**
   * a day, such as 2026-11-24
   */
  made_on?: string;
  /**
   * the id of a making, which says all the rest
   */
  making?: string;
  /**
   * what was made otherwise that time, in the maker's words
   */
  different?: string;
}
export interface MakingInput {
  /**
   * the id of a recipe
   */
  recipe: string;
  /**
   * the id of a version of it; null for as it stands
   */
  version?: number | null;
  /**
   * how much of it, such as 2x or 6 x 250 ml; as written where it is absent
   */
  to?: string;
  /**
   * a number from 0 to 50: per cent of each container left empty; null for as much as is usual
   */
  headspace_percent?: number | null;
  /**
   * a list of at most 12 portions, such as marinade 300 ml and table the rest
   *
   * @maxItems 12
   */
  portions?: string[];
  /**
   * when it has to be ready, such as 2026-11-29 12:00; null for as soon as may be
   */
  ready?: string | null;
  /**
   * how it ends: hot or cold on the table, jarred, frozen, or a base that waits; without, as is usual of its kind
   */
  ends?: 'hot' | 'cold' | 'jarred' | 'frozen' | 'base' | null;
}
export interface MakingList {
  makings: Making[];
}
/**
 * a making that is kept, and how it looks
 */
export interface Making {
  id: string;
  recipe: string;
  name: string;
  version: number | null;
  to: string;
  headspace_percent: number;
  portions: string[];
  ready: string | null;
  ends: 'hot' | 'cold' | 'jarred' | 'frozen' | 'base' | null;
  /**
   * the id of the cook it is on the stove as
   */
  cook: string | null;
  /**
   * why it cannot be made so; empty where it can
   */
  problem: string;
  look: MakingLook | null;
}
/**
 * where a making of a recipe begins: as it is written, and as it was made last
 */
export interface MakingStart {
  headspace_percent: number;
  last: null | {
    number: number;
    to: string;
    headspace_percent: number;
    portions: string[];
    ends: 'hot' | 'cold' | 'jarred' | 'frozen' | 'base' | null;
    text: string;
  };
}
/**
 * two cups worth tasting next
 */
export interface NextTrial {
  taste: string;
  steps: number;
  changed: string;
  plain: string;
  cup_text: string;
  put_text: string;
  apart_text: string;
}
export interface NextTries {
  tries: {
    /**
     * the try it is made from
     */
    batch: string;
    /**
     * steps too much of it
     */
    feels: {
      sweet?: number;
      sour?: number;
      salty?: number;
      umami?: number;
      hot?: number;
      thick?: number;
      rich?: number;
    };
    /**
     * the one change that is kept; empty where a taste is moved
     */
    only: string;
    text: string;
    settles: string;
  }[];
}
export interface NextTryInput {
  /**
   * the one change that is kept
   */
  only?: string;
}
export interface OnHandInput {
  /**
   * true or false
   */
  have: boolean;
  /**
   * a price from 0 to 100000, or null
   */
  price?: number | null;
  /**
   * what the price is for, such as 500 g, or null
   */
  pack?: string | null;
  /**
   * how much there is, such as 250 g, or null
   */
  amount?: string | null;
}
export interface OnwardInput {
  /**
   * how much of the batch, such as 300 ml; all of it where it is absent
   */
  amount?: string;
}
export interface Opened {
  /**
   * null where no recipe is kept
   */
  record: RecipeRecord | null;
  /**
   * of the recipe as it is kept
   */
  evaluation: Evaluation | null;
  styles: StyleList;
}
export interface StyleList {
  styles: Style[];
  /**
   * slugs of the household's own
   */
  own: string[];
}
export interface OwnPreview {
  page: PantryPage;
  /**
   * recipes that use it, and what a change does to them
   */
  moves: {
    id: string;
    name: string;
    text: string;
  }[];
}
export interface PantryPage {
  slug: string;
  name: string;
  group: string;
  tint: string;
  also: string[];
  roles: string[];
  caution: string;
  contains: string[];
  may_contain: string[];
  known_text: string;
  strengths: {
    measure: string;
    label: string;
    text: string;
    unit: string;
    /**
     * 0 to 1, by the logarithm
     */
    bar: number;
    /**
     * how many times ten the bar is long
     */
    decades: number;
  }[];
  density_text: string;
  density_source: string;
  portions: {
    name: string;
    mass_text: string;
    source: string;
    spread_text: string;
  }[];
  composition: {
    name: string;
    text: string;
    source: string;
  }[];
  used_in: {
    id: string;
    name: string;
  }[];
  on_hand: {
    have: boolean;
    price: number | null;
    pack: string | null;
    amount: string | null;
  };
  own: null | OwnIngredient;
  edible_text: string;
  edible_source: string;
  /**
   * recipes that use what this own ingredient is most like
   */
  could_replace: {
    id: string;
    name: string;
  }[];
  /**
   * whether it grows, and a season can be given to it
   */
  may_have_season: boolean;
  allergens_known: boolean;
  traits: string[];
  most_text: string;
}
/**
 * six digits that let one device in
 */
export interface Pairing {
  digits: string;
  until: string;
}
export interface PantryList {
  ingredients: {
    /**
     * where it stands: what matters in this kitchen first; empty where something is looked for
     */
    shelf: '' | 'mine' | 'on hand' | 'in season now' | 'everything else';
    slug: string;
    name: string;
    group: string;
    tint: string;
    strength_text: string;
    on_hand: boolean;
    own: boolean;
  }[];
  /**
   * what is not among them, in words; null where these are all
   */
  more_text: string | null;
}
export interface PassphraseInput {
  /**
   * what everybody in the house is to know, from 8 to 200 characters
   */
  passphrase: string;
}
export interface PictureInput {
  /**
   * the bytes of a JPEG, PNG or WebP in base64, at most 7 million letters
   */
  picture: string;
}
export interface PlanInput1 {
  recipe?: Recipe;
  /**
   * a factor (2x), a mass (900 g), a volume (1.5 l), containers (6 x 250 ml), people (8 people, glaze), a pan (a 3 l pan) or what is used up (all of 900 g plums)
   */
  to?: string;
  /**
   * a number from 0 to 50: per cent of each container left empty; null for as much as is usual
   */
  headspace_percent?: number | null;
  /**
   * portions, such as marinade 300 ml, table the rest
   *
   * @maxItems 12
   */
  portions?: string | string[];
  /**
   * the id of a making, which says all the rest
   */
  making?: string;
  /**
   * how it ends: hot or cold on the table, jarred, frozen, or a base that waits; without, as is usual of its kind
   */
  ends?: 'hot' | 'cold' | 'jarred' | 'frozen' | 'base' | null;
}
/**
 * a batch planned: amounts, pans, jars, portions, shopping
 */
export interface Plan {
  scale: Scale;
  pan_text: string;
  rounds: number;
  blender_text: string;
  jars_text: string;
  shopping: Shopping;
  cost: {
    label: string;
    text: string;
  }[];
  cost_sits_text: string;
  making: MakingLook;
  portions: {
    name: string;
    text: string;
    label: string;
  }[];
  portions_problem: string;
}
export interface Scale {
  factor: number;
  factor_text: string;
  lines: {
    id: string;
    name: string;
    exact_g: number;
    rounded_g: number;
    text: string | null;
    terms: EvaluationTerm[];
    note: string;
  }[];
  before: RecipeListMiniature[];
  after: RecipeListMiniature[];
  drift_steps: {
    sweetness: number;
    sourness: number;
    saltiness: number;
    umami: number;
    heat: number;
  };
  drift_text: string;
  yield: {
    mass_g: number;
    volume_ml: number;
    text: string;
  };
  containers: null | {
    count: number;
    volume_ml: number;
    fill_ml: number;
    full: number;
    left_ml: number;
    text: string;
  };
  recipe: Recipe;
  /**
   * what does not go in a line with the rest
   */
  unscaled: {
    about: 'time' | 'oil' | 'starch' | 'spice' | 'people';
    text: string;
  }[];
  /**
   * the line to weigh where spoons cannot hold the balance; else empty
   */
  to_weigh: string;
}
/**
 * what is to be bought, in whole packs
 */
export interface Shopping {
  lines: {
    slug: string;
    name: string;
    group: string;
    need_text: string;
    have_text: string;
    buy_text: string;
    left_text: string;
    cost_text: string;
    /**
     * where a shop has it
     */
    aisle: string;
    is_enough: boolean;
  }[];
  cost_text: string;
  used_text: string;
  unpriced_text: string;
  csv: string;
}
export interface PotInput {
  /**
   * the slug of what kind of sauce it is
   */
  style: string;
  /**
   * how much is in the pot, such as 900 g or 1 l
   */
  amount: string;
  /**
   * what the spoon says, in steps
   */
  feels: {
    /**
     * steps from -12 to 12, positive is too much
     */
    sweet?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    sour?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    salty?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    umami?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    hot?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    thick?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    rich?: number;
  };
  /**
   * slugs of what is at hand; what is marked on hand where it is absent
   *
   * @maxItems 200
   */
  have?: string[];
  /**
   * whether it is cooked, so that it may boil again; true where it is absent
   */
  cooked?: boolean;
  /**
   * one of us, metric, imperial, australian
   */
  measures?: 'us' | 'metric' | 'imperial' | 'australian';
}
/**
 * ways to mend a pot without a recipe, best first
 */
export interface Pot {
  style_name: string;
  options: {
    words: string;
    /**
     * the least it may take: what to stir in first
     */
    begin_with: string;
    at_most: string;
    additions: {
      ingredient: string;
      name: string;
      mass_g: number;
      least_g: number;
      most_g: number;
      text: string;
    }[];
    boil_off_g: number;
    pot_after_g: number;
    cost_text: string;
    note: string;
  }[];
  note: string;
}
/**
 * how this household measures, and what it likes to read
 */
export interface Preferences {
  /**
   * one of us, metric, imperial, australian: the cups and spoons that are owned
   */
  measures: 'us' | 'metric' | 'imperial' | 'australian';
  /**
   * what the scale shows at the finest, grams, from 0.001 to 100
   */
  scale_g: number;
  /**
   * one of g, oz
   */
  mass: 'g' | 'oz';
  /**
   * one of ml, cup, fl oz
   */
  volume: 'ml' | 'cup' | 'fl oz';
  /**
   * one of point, comma
   */
  decimal: 'point' | 'comma';
  /**
   * true where there is a scale
   */
  scale?: boolean;
  /**
   * true where there is an eighth-teaspoon
   */
  eighths?: boolean;
  /**
   * what never comes into this house: needs such as nuts or vegan, or slugs
   *
   * @maxItems 40
   */
  never?: string[];
  /**
   * what this house means by words that mean several things
   *
   * @maxItems 200
   */
  meanings?: {
    /**
     * as they are written, such as cider
     */
    words: string;
    /**
     * the slug of an ingredient
     */
    ingredient: string;
  }[];
  /**
   * these as they were seen by whoever changes them: what is not changed of them is left as it is now
   */
  was?: {};
  /**
   * what is cooked on, and when somebody is up
   */
  kitchen?: {
    /**
     * rings of the hob, from 1 to 12
     */
    rings: number;
    /**
     * true where there is an oven
     */
    oven: boolean;
    /**
     * a time of day, such as 7:00
     */
    wakes: string;
    /**
     * a time of day, such as 22:30; the same as wakes for a kitchen that never sleeps
     */
    sleeps: string;
    /**
     * a time zone such as Europe/Berlin, or nothing for the browser's
     */
    zone: string;
  };
}
/**
 * what an instrument said of a batch
 */
export interface ReadingInput {
  /**
   * one of ph, brix, salt, mass
   */
  kind: 'ph' | 'brix' | 'salt' | 'mass';
  /**
   * what the instrument read: a pH of 0 to 14, °Brix of 0 to 90, salt of 0 to 30 g in 100 g, or a mass of 1 to 100 000 g
   */
  value: number;
  /**
   * true where it was read hot
   */
  hot?: boolean;
  /**
   * false where it had not rested
   */
  rested?: boolean;
  /**
   * one of calibrated, uncalibrated, strips
   */
  instrument?: 'calibrated' | 'uncalibrated' | 'strips';
  /**
   * a remark of at most 200 characters
   */
  note?: string;
  /**
   * the number of the reading it corrects, or null
   */
  instead_of?: number | null;
}
export interface Reading {
  recipe: Recipe;
  questions: {
    /**
     * of the text, from 1
     */
    line: number;
    /**
     * of the recipe's line it is about
     */
    id: string;
    /**
     * as it was written
     */
    text: string;
    about: 'amount' | 'ingredient';
    ask: string;
    /**
     * best first
     */
    guesses: string[];
    /**
     * where they mean several things, what may be remembered; empty otherwise
     */
    words: string;
  }[];
  /**
   * names in full of what the lines and the guesses mean, by slug
   */
  names: {
    [k: string]: string;
  };
  /**
   * what became of the words of a note; every letter and digit is in one
   */
  spans: {
    /**
     * first character of the text, from 0
     */
    from: number;
    /**
     * the one behind its last
     */
    to: number;
    is: 'title' | 'yield' | 'amount' | 'name' | 'preparation' | 'step' | 'relation' | 'remark' | 'question';
    /**
     * of the recipe
     */
    line?: string;
    /**
     * of the recipe
     */
    stage?: string;
  }[];
  /**
   * each stage as a sentence, by its id
   */
  steps: {
    [k: string]: string;
  };
  /**
   * the note is written in, where that is not English; empty otherwise
   */
  tongue: string;
}
export interface RebalanceInput {
  recipe: Recipe;
  /**
   * the slug of a style to move to
   */
  style?: string;
  /**
   * tastes and the figures they should have
   */
  targets?: {
    /**
     * a figure in the taste's unit, 0 or more
     */
    sweetness?: number;
    /**
     * a figure in the taste's unit, 0 or more
     */
    sourness?: number;
    /**
     * a figure in the taste's unit, 0 or more
     */
    saltiness?: number;
    /**
     * a figure in the taste's unit, 0 or more
     */
    umami?: number;
    /**
     * a figure in the taste's unit, 0 or more
     */
    heat?: number;
  };
  /**
   * tastes and how high they should stand on the Line
   */
  levels?: {
    /**
     * a height on the Line, 0 or more; 1 is level
     */
    sweetness?: number;
    /**
     * a height on the Line, 0 or more; 1 is level
     */
    sourness?: number;
    /**
     * a height on the Line, 0 or more; 1 is level
     */
    saltiness?: number;
    /**
     * a height on the Line, 0 or more; 1 is level
     */
    umami?: number;
    /**
     * a height on the Line, 0 or more; 1 is level
     */
    heat?: number;
  };
  /**
   * what the spoon says, in steps
   */
  feels?: {
    /**
     * steps from -12 to 12, positive is too much
     */
    sweet?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    sour?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    salty?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    umami?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    hot?: number;
  };
}
/**
 * a recipe moved on paper with the least change, and other ways to go about it
 */
export interface Rebalance {
  status: 'reached' | 'closest';
  why: string;
  lines: {
    id: string;
    name: string;
    before_g: number;
    after_g: number;
    before_text: string;
    text: string | null;
    why: string;
  }[];
  before: {
    sweetness?: {
      value: number;
      steps: number;
    };
    sourness?: {
      value: number;
      steps: number;
    };
    saltiness?: {
      value: number;
      steps: number;
    };
    umami?: {
      value: number;
      steps: number;
    };
    heat?: {
      value: number;
      steps: number;
    };
  };
  after: {
    sweetness?: {
      value: number;
      steps: number;
    };
    sourness?: {
      value: number;
      steps: number;
    };
    saltiness?: {
      value: number;
      steps: number;
    };
    umami?: {
      value: number;
      steps: number;
    };
    heat?: {
      value: number;
      steps: number;
    };
  };
  makes_text: string;
  ghosts: Ghost[];
  recipe: Recipe;
  others: RebalanceAnswer[];
  brings: Brings;
}
export interface RebalanceAnswer {
  status: 'reached' | 'closest';
  why: string;
  lines: {
    id: string;
    name: string;
    before_g: number;
    after_g: number;
    before_text: string;
    text: string | null;
    why: string;
  }[];
  before: {
    sweetness?: {
      value: number;
      steps: number;
    };
    sourness?: {
      value: number;
      steps: number;
    };
    saltiness?: {
      value: number;
      steps: number;
    };
    umami?: {
      value: number;
      steps: number;
    };
    heat?: {
      value: number;
      steps: number;
    };
  };
  after: {
    sweetness?: {
      value: number;
      steps: number;
    };
    sourness?: {
      value: number;
      steps: number;
    };
    saltiness?: {
      value: number;
      steps: number;
    };
    umami?: {
      value: number;
      steps: number;
    };
    heat?: {
      value: number;
      steps: number;
    };
  };
  makes_text: string;
  ghosts: Ghost[];
  recipe: Recipe;
  brings: Brings;
}
export interface RecipeInput {
  recipe: Recipe;
  /**
   * the id of the recipe it is a variant of
   */
  variant_of?: string;
}
export interface RecipeList {
  recipes: {
    id: string;
    revision: number;
    updated_at: string;
    name: string;
    style_name: string | null;
    makes_text: string;
    verdict: string;
    problems: number;
    columns: RecipeListMiniature[];
    /**
     * the recipe its family began with; empty where it is that one
     */
    variant_of_name: string;
    /**
     * why it cannot be opened; absent where it can
     */
    broken?: string;
    /**
     * made of all recipes of its family
     */
    tries: number;
    /**
     * how much there is of its family; empty where it stands alone and was never made
     */
    family_text: string;
  }[];
  /**
   * of all that are found
   */
  count: number;
  has_more: boolean;
}
export interface RescueInput {
  recipe: Recipe;
  /**
   * what the spoon says, in steps
   */
  feels?: {
    /**
     * steps from -12 to 12, positive is too much
     */
    sweet?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    sour?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    salty?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    umami?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    hot?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    thick?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    rich?: number;
  };
  /**
   * steps by line id: too much of one line
   */
  much?: {
    /**
     * steps above 0, up to 12
     */
    [k: string]: number;
  };
  /**
   * slugs of what may go in; what is marked on hand where it is left out
   *
   * @maxItems 400
   *
   * Items: the slug of an ingredient
   */
  have?: string[];
  /**
   * what is in the pot and how it was tasted
   */
  pot?: {
    /**
     * a weight or volume, such as 850 g
     */
    in_pot?: string;
    /**
     * a weight, such as 100 g
     */
    boiled_further?: string;
    /**
     * true or false
     */
    hot?: boolean;
    /**
     * the id of a stage
     */
    before_stage?: string;
  };
  /**
   * one of split, curdled, lumpy, grainy, too-firm, pasty, burnt, bitter, oily, thin-again
   */
  trouble?:
    'split' | 'curdled' | 'lumpy' | 'grainy' | 'too-firm' | 'pasty' | 'burnt' | 'bitter' | 'oily' | 'thin-again';
}
/**
 * ways to mend a pot, best first
 */
export interface Rescue {
  options: {
    words: string;
    additions: {
      ingredient: string;
      name: string;
      mass_g: number;
      text: string;
    }[];
    boil_off_g: number;
    pot_after_g: number;
    steps_before: {
      sweet?: number;
      sour?: number;
      salty?: number;
      umami?: number;
      hot?: number;
      thick?: number;
      rich?: number;
    };
    steps_after: {
      sweet?: number;
      sour?: number;
      salty?: number;
      umami?: number;
      hot?: number;
      thick?: number;
      rich?: number;
    };
    measures_after: {
      sweetness?: number;
      sourness?: number;
      saltiness?: number;
      umami?: number;
      heat?: number;
    };
    note: string;
    cautions: string[];
    cost_text: string;
    pot_text: string;
    ghosts: Ghost[];
    recipe: Recipe;
    half: Recipe | null;
    makes_text: string;
    brings: Brings;
    /**
     * what the hands do, one step each
     */
    steps: string[];
    /**
     * how much the pot grows, as a share
     */
    growth: number;
  }[];
  note: string;
  /**
   * why what is to hand was passed over, a reason each
   */
  why_not: {
    text: string;
    count: number;
  }[];
}
export interface ScaleInput1 {
  recipe?: Recipe;
  /**
   * a factor (2x), a mass (900 g), a volume (1.5 l), containers (6 x 250 ml), people (8 people, glaze), a pan (a 3 l pan) or what is used up (all of 900 g plums)
   */
  to?: string;
  /**
   * a number from 0 to 50: per cent of each container left empty; null for as much as is usual
   */
  headspace_percent?: number | null;
  /**
   * the id of a making, which says all the rest
   */
  making?: string;
}
export interface SeasonInput {
  first: number | null;
  last: number | null;
}
/**
 * what is in season when
 */
export interface SeasonList {
  seasons: {
    slug: string;
    name: string;
    first: number;
    last: number;
    now: boolean;
  }[];
}
export interface ServedInput {
  /**
   * how many had of it; null where nobody counted
   */
  people?: null | number;
  /**
   * what was left over, as people write it: 150 ml, half a cup; empty for nothing
   */
  left_over?: string;
  /**
   * of all of it; null where nobody knows
   */
  cost?: null | number;
}
export interface ShoppingInput {
  /**
   * @minItems 1
   * @maxItems 60
   */
  batches: {
    /**
     * the id of a recipe
     */
    recipe?: string;
    /**
     * the id of a making, which says all the rest
     */
    making?: string;
    /**
     * how much of it, such as 2x or 6 x 250 ml; as written where it is absent
     */
    to?: string;
    /**
     * a number from 0 to 50: per cent of each container left empty; null for as much as is usual
     */
    headspace_percent?: number | null;
  }[];
}
export interface StopInput {
  recipe: Recipe;
  /**
   * the id of a stage
   */
  stage: string;
}
/**
 * the finished sauce for a few places to stop one stage
 */
export interface StopList {
  choices: {
    loss_percent: number;
    text: string;
    /**
     * “as thick as ketchup”, where it just comes to that; empty elsewhere
     */
    like_text: string;
    mass_text: string;
    volume_text: string;
    minutes_text: string;
    tastes: {
      label: string;
      text: string;
    }[];
  }[];
}
/**
 * every pot that is on, on one line of time
 */
export interface Stove {
  now: number;
  cooks: StovePot[];
  now_at: number;
  next: {
    cook: string;
    name: string;
    text: string;
    at: number | null;
  }[];
}
export interface StovePot {
  id: string;
  recipe: string;
  name: string;
  is_practice: boolean;
  is_finished: boolean;
  batch: string | null;
  speed: number;
  revision: number;
  now: number;
  step: string;
  where: string;
  makes_text: string;
  steps: CookStep[];
  next_title: string;
  back_to: string;
  /**
   * the step that is next; to nothing where it is the end
   */
  go_on: {
    to: string;
    text: string;
    is_taste: boolean;
  };
  ends_at: number | null;
  done_at: number;
  bars: {
    id: string;
    label: string;
    is_hands: boolean;
    state: 'done' | 'now' | 'next';
    left: number;
    width: number;
  }[];
  reduction: null | CookReduction;
  pot: {
    label: string;
    text: string;
  }[];
  otherwise: string[];
  timers: {
    event: number;
    label: string;
    ends_at: number;
    is_over: boolean;
  }[];
  readings: {
    event: number;
    at: number;
    text: string;
    what: string;
    is_simulated: boolean;
  }[];
  felt: {
    [k: string]: number;
  };
  can_taste: boolean;
  making: MakingLook;
}
export interface StyleInput {
  style: Style;
}
/**
 * where each kind of sauce lies, and where the sauces of this house do, in 100 g
 */
export interface StyleMap {
  planes: {
    heading: string;
    x: {
      measure: string;
      label: string;
      unit: string;
    };
    y: {
      measure: string;
      label: string;
      unit: string;
    };
    styles: {
      id: string;
      name: string;
      x: number;
      y: number;
      x_text: string;
      y_text: string;
      family: string;
    }[];
    mine: {
      id: string;
      name: string;
      x: number;
      y: number;
      x_text: string;
      y_text: string;
    }[];
  }[];
}
export interface StyleNameInput {
  /**
   * a name of 1 to 120 characters
   */
  name: string;
}
export interface SwapInput {
  recipe: Recipe;
  /**
   * the id of a line
   */
  line: string;
  /**
   * the slug of an ingredient
   */
  in?: string;
}
export interface SwapMemoryInput {
  /**
   * the slug of what was swapped
   */
  out: string;
  /**
   * the slug of what went in instead
   */
  in: string;
  /**
   * 1 good, 0 so-so, -1 not again
   */
  verdict: -1 | 0 | 1;
  /**
   * up to 200 characters
   */
  note: string;
}
/**
 * stand-ins for one line, nearest first
 */
export interface Swap {
  line: string;
  name: string;
  options: {
    words: string;
    with: {
      ingredient: string;
      name: string;
      mass_g: number;
      text: string;
    }[];
    compensations: {
      id: string;
      name: string;
      mass_g: number;
      text: string;
    }[];
    compensation_text: string;
    steps_after: {
      sweet?: number;
      sour?: number;
      salty?: number;
      umami?: number;
      hot?: number;
      thick?: number;
      rich?: number;
    };
    cost_text: string;
    allergens_gained: string[];
    allergens_lost: string[];
    notes: string[];
    cautions: string[];
    on_hand: boolean;
    season_text: string;
    price_text: string;
    remembered: {
      verdict: -1 | 0 | 1;
      note: string;
    } | null;
    ghosts: Ghost[];
    recipe: Recipe;
    brings: Brings;
    handling_text: string;
  }[];
}
export interface TastingInput {
  /**
   * a day, such as 2026-11-24
   */
  on?: string;
  /**
   * who tasted; nothing for whoever keeps the Log
   */
  who?: string;
  /**
   * true where it was hot
   */
  hot?: boolean;
  /**
   * what it was eaten with
   */
  with?: string;
  /**
   * what the spoon says, in steps
   */
  feels?: {
    /**
     * steps from -12 to 12, positive is too much
     */
    sweet?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    sour?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    salty?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    umami?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    hot?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    thick?: number;
    /**
     * steps from -12 to 12, positive is too much
     */
    rich?: number;
  };
  /**
   * from 1 to 9, or null
   */
  liking?: number | null;
  /**
   * a remark
   */
  note?: string;
}
export interface TextInput {
  /**
   * a recipe as it was jotted down, at most 200000 characters
   */
  text: string;
  /**
   * one of us, metric, imperial, australian
   */
  measures?: 'us' | 'metric' | 'imperial' | 'australian';
}
/**
 * what the taster of a practice pot says
 */
export interface Tongue {
  words: string;
  feels: {
    [k: string]: number;
  };
}
export interface Trials {
  /**
   * what the family began as
   */
  name: string;
  family_text: string;
  /**
   * of the family, the one it began with first
   */
  recipes: {
    id: string;
    name: string;
  }[];
  tasters: {
    /**
     * empty for whoever keeps the Log
     */
    who: string;
    name: string;
  }[];
  /**
   * whose likings count; null for everybody's
   */
  taster: string | null;
  sort: string;
  sorts: {
    value: string;
    label: string;
  }[];
  trials: {
    id: string;
    /**
     * the recipe of the family it was made by
     */
    recipe: string;
    recipe_name: string;
    /**
     * what its jars name it by
     */
    number: number;
    made_on: string;
    made_text: string;
    /**
     * likely the best of them
     */
    is_best: boolean;
    /**
     * the earlier try it is nearest to
     */
    as_text: string;
    /**
     * what was made otherwise than in that one
     */
    different: string[];
    /**
     * that several things moved at once; empty where not
     */
    moved_text: string;
    /**
     * noticeable steps from the first try
     */
    steps: {
      sweetness: number;
      sourness: number;
      saltiness: number;
      umami: number;
      heat: number;
    };
    tastes: {
      label: string;
      /**
       * of a bar, −1 to 1
       */
      share: number;
      figure_text: string;
      /**
       * against the first; empty for that
       */
      text: string;
    }[];
    /**
     * the spoon's word, and what was said of how it feels
     */
    thickness: string;
    makes: string;
    cost_text: string;
    boiled_text: string;
    brix_text: string;
    /**
     * burn and sting; empty where there is none
     */
    bite_text: string;
    /**
     * measured, or about what it is thought to be
     */
    ph_text: string;
    remarks: {
      who: string;
      text: string;
    }[];
    /**
     * what made it too thick or too thin; empty where nothing says so
     */
    why_text: string;
    /**
     * the mean of what was said, 1 to 9; null where nobody did
     */
    liking: number | null;
    /**
     * by each taster
     */
    liked: {
      who: string;
      text: string;
    }[];
    pictures: {
      id: number;
      width: number;
      height: number;
    }[];
  }[];
  best_text: string;
  /**
   * what each change did to the liking
   */
  effects: {
    text: string;
    effect_text: string;
    is_known: boolean;
  }[];
  /**
   * what was made otherwise before, to be said again of another try
   */
  ticks: string[];
  /**
   * what is not shown; empty where all of it is
   */
  hidden_text: string;
}
/**
 * a recipe as it stood, the last first
 */
export interface VersionList {
  versions: {
    id: number;
    at: string;
    made_as: string;
    name: string;
  }[];
}
export interface VesselList {
  /**
   * a list of at most 50 vessels
   *
   * @maxItems 50
   */
  vessels: {
    /**
     * a name of 1 to 40 characters
     */
    name: string;
    /**
     * millilitres, above 0 and up to 20000
     */
    millilitres: number;
  }[];
  /**
   * the list as it was seen by whoever changes it: what is not changed of it is left as it is now
   *
   * @maxItems 50
   */
  was?: {
    /**
     * a name of 1 to 40 characters
     */
    name: string;
    /**
     * millilitres, above 0 and up to 20000
     */
    millilitres: number;
  }[];
}
export interface WhenInput {
  /**
   * from 1 to 8 sauces
   *
   * @minItems 1
   * @maxItems 8
   */
  batches: {
    /**
     * the id of a recipe
     */
    recipe?: string;
    /**
     * the id of a making, which says all the rest
     */
    making?: string;
    /**
     * how much of it, such as 2x or 6 x 250 ml; as written where it is absent
     */
    to?: string;
    /**
     * a number from 0 to 50: per cent of each container left empty; null for as much as is usual
     */
    headspace_percent?: number | null;
    /**
     * a list of at most 12 portions, such as marinade 300 ml and table the rest
     *
     * @maxItems 12
     */
    portions?: string[];
    /**
     * how it ends: hot or cold on the table, jarred, frozen, or a base that waits; without, as is usual of its kind
     */
    ends?: 'hot' | 'cold' | 'jarred' | 'frozen' | 'base' | null;
    /**
     * when it has to be ready, such as 2026-11-29 12:00; null for as soon as may be
     */
    ready?: string | null;
  }[];
  /**
   * the time zone of the times, such as Europe/Berlin
   */
  zone?: string;
  /**
   * at most 6 things the sauces are for, each with its times, such as chicken on the grill 25 min, rests 5
   *
   * @maxItems 6
   */
  beside?: {
    text: string;
    /**
     * when it has to be ready; null for together with the sauces
     */
    ready?: string | null;
  }[];
}
/**
 * when to begin; places are shares of the picture
 */
export interface When {
  begin_at: number | null;
  begin_text: string;
  standing_text: string;
  proven: boolean;
  notes: string[];
  sauces: {
    name: string;
    ready_text: string;
    is_late: boolean;
    bars: WhenBar[];
    ready_at: number;
    /**
     * how its making looks; null for what is no sauce of ours
     */
    making: MakingLook | null;
  }[];
  days: {
    label: string;
    left: number;
  }[];
  you: WhenBar[];
  rings: {
    left: number;
    width: number;
    label: string;
  }[][];
  list: {
    at_text: string;
    text: string;
    minutes_text: string;
  }[];
}
export interface WhenBar {
  left: number;
  width: number;
  label: string;
  is_hands: boolean;
}
