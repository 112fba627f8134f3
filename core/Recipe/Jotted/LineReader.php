<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Amount\Dimension;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Numeral;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Pantry\AmountChoices;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Singular;
use Vinculum\Pantry\Weight;

/** A line of a list as one ingredient with its amount, or as several. */
final readonly class LineReader
{
    /** Two ways to say one amount may differ by this share before it is asked which is meant. */
    private const SAME_AMOUNT = 0.1;

    /** A weight that stands first is what was weighed; a spoon beside it may be off by this much. */
    private const WEIGHED_FIRST = 0.25;

    /** So many of what is not counted are grams or millilitres; judgement. */
    private const WEIGHED_FROM = 10.0;

    /** Grams of what comes in pieces beyond which a bare number is hardly how many; judgement. */
    private const MOST_COUNTED = 1500.0;

    /** Portions a size may be said of, and a number left out. */
    private const COUNTED = '/^(?:tin|can|jar|bottle|packet|sachet|envelope|bunch|sprig|stalk|stick|head|bulb|slice|'
        .'handful|clove|cube|leaf|pod|fillet|punnet|bag)$/u';

    private const SPOON_OR_CUP = '(cups?|tbsps?\b\.?|tablespoons?|tsps?\b\.?|teaspoons?)';

    private const PACKED = '((?:(?:loosely|lightly|firmly|tightly|well)[ -])?packed)';

    /** What is written short, or the other way about, and what it says. */
    private const SPELT_OUT = [
        // "1 in ginger" is an inch of it
        '/(?:^|[,;&+]\s*|\band\s+)[\d½¼¾][\d\s\/½¼¾.-]*\K\s?in\.?\s+'
            .'(?!the\b|an?\b|total|all\b|each\b)(?=\p{L})/iu' => ' inch ',
        '/\bpkts?\b\.?(?=\s)/iu' => 'packet',
        '/\benv\.?(?=\s)/iu' => 'envelope',
        '/\blge?\b\.?(?=[\s,;]|$)/iu' => 'large',
        '/\bmed\b\.?(?=[\s,;]|$)/iu' => 'medium',
        '/\bsml?\b\.?(?=[\s,;]|$)/iu' => 'small',
        // "couple tbsp", "2 & 1/2 cups", "1 200 g"
        '/^couple\s+(?:of\s+)?(?=\p{L})/iu' => 'a couple of ',
        '/^\d+\K\s*&\s*(?=\d\/\d|[½¼¾⅓⅔⅛])/u' => ' ',
        '/(?<=\d)\s(?=\d{3}\s*(?:g|ml|gr|grams?)\b)/iu' => '',
        // "1 packed cup parsley", "2 cups, loosely packed, mint"
        '/\b'.self::PACKED.'\s+'.self::SPOON_OR_CUP.'/iu' => '$2 $1',
        '/\b'.self::SPOON_OR_CUP.',\s*'.self::PACKED.',?(?=\s)/iu' => '$1 $2',
        // "few shakes", "1 loose cup", "prunes ~125g", "s&p"
        '/^few\s+(?=\p{L})/iu' => 'a few ',
        '/\bloose\s+(?=cups?\b)/iu' => '',
        '/(?<=\p{L})\s*,?\s*~\s*(?=\d)/u' => ', about ',
        '/(?<=[,;] )s\s?[&+]\s?p\b/iu' => 'salt and pepper',
        // "1 part ish", "2 tsp ea. of", "1 TB brn sugar", "chili pdr", "blk pepper", "yolks @ room temp"
        '/(?<=[\d\p{L}])[ -]ish\b/iu' => '',
        '/\bea\b\.?(?=\s)/iu' => 'each',
        '/\bTBS?\b\.?(?=\s)/u' => 'tbsp',
        '/\bbrn\b\.?/iu' => 'brown',
        '/\bblk\b\.?/iu' => 'black',
        '/\bp(?:w|o)?dr\b\.?/iu' => 'powder',
        '/,?\s*(?:@|\bat)\s*room\s+temp(?:erature|\b\.?)/iu' => ', at room temperature',
        '/(?<=\p{L}),?\s+(?=(?:right )?at the (?:very )?end$)/iu' => ', ',
        // "about a pound of", and not "about a third"
        '/^(?:about|around|roughly|nearly|almost)\s+\Kan?\s+(?=(?:kilo|pound|lb|litre|liter|pint|quart|cup|tbsp|tsp|'
            .'tablespoon|teaspoon|gram|ounce|oz)s?\b)/iu' => '1 ',
        // "tsp jelly", "pint of stock" are one of it
        '/^(?=(?:tsp|tbsp|teaspoon|tablespoon|cup|pint)\b\.?\s+(?:of\s+)?\p{L})/iu' => '1 ',
    ];

    private const SEPARATORS = '/\s*[,;]\s*(?:and\s+)?|\s+and\s+|\s*&\s*|\s*\+\s*/iu';

    /** What may stand between two things of one line. */
    private const BREAK
        = '\s*[,;+]\s*(?:(?:'.self::MIXED.'|and|plus)\s+)?|\s+(?:'.self::MIXED.'|and|plus|with)\s+|\s*&\s*';

    private const MIXED = '(?:mixed|dissolved|slaked|whisked|stirred|blended|soaked|rehydrated|'
        .'steeped)\s+(?:with|in|into)';

    public function __construct(
        private Catalogue $catalogue,
        private Kitchenware $kit,
        private Naming $naming,
    ) {}

    /**
     * @return list<JottedLine>
     */
    public function read(string $line): array
    {
        $line = (string) preg_replace(array_keys(self::SPELT_OUT), self::SPELT_OUT, $line);
        $line = $this->inMyMeasures($line);
        // "50 g butter / 50 g flour / 600 ml milk"
        if (substr_count($line, ' / ') > 1) {
            $line = strtr($line, [' / ' => ', ']);
        }
        // "Bunch mint" is one
        if (preg_match('/^(\p{L}+)\s+(?:of\s+)?(.+)$/u', $line, $match) === 1
            && preg_match(self::COUNTED, mb_strtolower($match[1])) === 1
            && JottedAmount::parse($match[1], $this->kit)?->terms === null
            && $this->naming->exactly($line) === null
            && $this->naming->means(trim((string) preg_replace('/\s*\([^()]*\)$/u', '', $match[2])))
        ) {
            $line = "1 {$line}";
        }
        $parts = $this->beside($line);
        if ($parts !== null) {
            return array_merge(...array_map($this->read(...), $parts));
        }
        $line = $this->turned($line);
        if (preg_match('/^(.{3,}?),?\s+(per\s+\d.*)$/iu', $line, $match) === 1) {
            return $this->perSoMuch($match[1], $match[2]);
        }
        $optional = preg_match('/\boptional(?:ly)?\b/iu', $line) === 1;
        $line = trim((string) preg_replace('/\s*[(,]?\s*\boptional(?:ly)?\b\s*\)?/iu', '', $line), ' ,;');

        // "1,000 g" and "1.000 g" are a kilogram to most who write them, and one gram to a scale
        if (preg_match('/^(\d{1,3})([.,])(\d{3})(?=\s*(?:g|gr|grams?|ml)\b)(\s*\p{L}+)/iu', $line, $match) === 1) {
            [$many, $few] = ["{$match[1]}{$match[3]}{$match[4]}", "{$match[1]}.{$match[3]}{$match[4]}"];
            $read = $this->read($many.substr($line, strlen($match[0])));
            $ask = ['amount', "Is “{$match[0]}” {$many}, or {$few}?", [$many, $few]];

            $first = new JottedLine(
                $read[0]->named,
                $read[0]->amount,
                [...$read[0]->questions, $ask],
                $read[0]->optional,
                $read[0]->note,
            );

            return [$first, ...array_slice($read, 1)];
        }

        return $this->ofTheWeight($line)
            ?? $this->asParts($line)
            ?? $this->tied($line, $optional)
            ?? $this->changed($line, $optional)
            ?? $this->juiceOf($line, $optional)
            ?? $this->withItsLiquid($line, $optional)
            ?? $this->saltAndPepper($line)
            ?? $this->several($line, $optional)
            ?? $this->single($line, $optional);
    }

    /**
     * "bay leaf, sprig thyme": a second thing, of which there is one.
     *
     * @return list<string>|null
     */
    private function beside(string $line): ?array
    {
        if (preg_match('/^([^,;()\d]+),\s*(\p{L}+)\s+(?:of\s+)?([^,;()\d]+)$/u', $line, $match) !== 1) {
            return null;
        }
        [, $first, $portion, $second] = $match;

        $isCounted = preg_match(self::COUNTED, mb_strtolower($portion)) === 1
            || preg_match('/^(?:pinch|splash|dash|knob|glug|squeeze|drizzle)$/iu', $portion) === 1;

        return $isCounted
            && ($this->naming->means($first) || $this->saltAndPepper($first) !== null)
            && $this->naming->means($second)
            ? [$first, preg_match(self::COUNTED, mb_strtolower($portion)) === 1
                ? "1 {$portion} {$second}"
                : "{$portion} {$second}"]
            : null;
    }

    /**
     * "garlic, 1 clove per 100 g tahini": how much that comes to is asked.
     *
     * @return list<JottedLine>
     */
    private function perSoMuch(string $line, string $per): array
    {
        $read = $this->read($line);
        $first = $read[0];
        $ask = "It says “{$per}”. How much {$first->named->words} is that?";

        return [
            new JottedLine(
                $first->named,
                $first->amount,
                [...$first->questions, ['amount', $ask, [$first->amount]]],
                $first->optional,
                $first->note,
            ),
            ...array_slice($read, 1),
        ];
    }

    /** "black treacle, good spoonful", "worcester, few shakes", "salt pinch": how much is said last, and loosely. */
    private function turned(string $line): string
    {
        $shape = '/^([^,;()\d]{3,}?)(\s*[,:]\s*|\s+[–—-]\s+|\s+)'
            .'((?:an?\s+)?(?:(?:few|good|big|small|generous|tiny|heaped)\s+)?'
            .'(?:pinch|splash|dash|knob|glug|handful|squeeze|drizzle|shake|spoonful|lug|grind|twist|spoon|'
            .'teaspoon|tablespoon|dessertspoon|cup)'
            .'(?:e?s)?)$/iu';
        if (preg_match($shape, $line, $match) !== 1 || JottedAmount::at($line, $this->kit) !== null) {
            return $line;
        }
        $said = (string) preg_replace('/^few\s/iu', 'a few ', $match[3]);
        $isThing = trim($match[2]) === ''
            ? $this->naming->exactly($match[1]) !== null
            : $this->naming->means($match[1]);

        foreach ($isThing ? [$said, "1 {$said}"] : [] as $amount) {
            if (JottedAmount::at("{$amount} {$match[1]}", $this->kit)?->rest === $match[1]) {
                return "{$amount} {$match[1]}";
            }
        }

        return $line;
    }

    /**
     * "3% salt by weight", "salt, 2 % of the weight": of a weight nobody knows before the pot is full.
     *
     * @return list<JottedLine>|null
     */
    private function ofTheWeight(string $line): ?array
    {
        $percent = '(\d+(?:[.,]\d+)?)\s*(?:%|per ?cent)';
        $weight = '(?:by|of)\s+(?:the\s+|its\s+|their\s+)?(?:total\s+|combined\s+)?(?:weight|mass)\b.*';
        [$share, $name] = match (true) {
            preg_match("/^{$percent}\\s+(?:of\\s+)?(.+?)[\\s,(]+{$weight}$/iu", $line, $match) === 1
                => [$match[1], $match[2]],
            preg_match("/^(.+?)[\\s,:(]+{$percent}\\s*{$weight}$/iu", $line, $match) === 1 => [$match[2], $match[1]],
            default => ['', ''],
        };

        // "3.5% salt", "xanthan 0.1%" without a word of what: of a vinegar it is the strength
        if ($share === '') {
            [$said, $name] = match (true) {
                preg_match("/^{$percent}\\s+(?:of\\s+)?(\\D+)$/iu", $line, $match) === 1 => [$match[1], $match[2]],
                preg_match("/^(\\D+?),?\\s+{$percent}$/iu", $line, $match) === 1 => [$match[2], $match[1]],
                default => ['', ''],
            };
            $share = $this->naming->sure($name)?->form === Form::Powder ? $said : '';
        }

        return $share === '' || ! $this->naming->knows($name) ? null : [
            $this->line($name, 'to taste', false, "{$share} % by weight", [
                ['amount', "How much is {$share} % by weight? Weigh what it goes on: "
                    .Numeral::digits(10 * (float) strtr($share, ',', '.')).' g to the kilogram.', []],
            ]),
        ];
    }

    /** "1 US cup", "2 imperial pints": whose cup it is, in the cups of this household or in millilitres. */
    private function inMyMeasures(string $line): string
    {
        $whose = [
            'us' => MeasuringSet::Us,
            'u.s.' => MeasuringSet::Us,
            'american' => MeasuringSet::Us,
            'metric' => MeasuringSet::Metric,
            'imperial' => MeasuringSet::Imperial,
            'uk' => MeasuringSet::Imperial,
            'british' => MeasuringSet::Imperial,
            'australian' => MeasuringSet::Australian,
        ];
        $measure = '(?:(?:table|tea|dessert)?spoons?|tbsps?|tsps?|cups?|pints?|quarts?|gallons?|fl\.?\s?oz|fluid\s'
            .'ounces?)\b\.?';
        if (
            preg_match(
                '/^(.*?)(?<![\\p{L}.])(us|u\\.s\\.|american|metric|imperial|uk|british|'
                    ."australian)\\s+({$measure})(.*)$/iu",
                $line,
                $match,
            ) !== 1
        ) {
            return $line;
        }
        $set = $whose[mb_strtolower($match[2])];
        $terms = $set === $this->kit->set ? [] : JottedAmount::parse($match[1].$match[3], $set)->terms ?? [];
        $millilitres = 0.0;
        foreach ($terms as $term) {
            $size = $term->unit?->dimension === Dimension::Volume ? $term->unit->size : NAN;
            $millilitres += $term->number->value * $size;
        }

        return $millilitres > 0.0
            ? Numeral::digits(round($millilitres)).' ml'.$match[4]
            : $match[1].$match[3].$match[4];
    }

    /**
     * "1 part sugar : 2 parts vinegar", "3:1 oil to vinegar", "equal parts oil and vinegar".
     *
     * @return list<JottedLine>|null
     */
    private function asParts(string $line): ?array
    {
        if (
            preg_match('/^equal (?:parts|amounts|quantities|measures)?\s*(?:of )?(.+)$/iu', $line, $match)
            === 1
        ) {
            return array_map(
                fn (string $name): JottedLine => $this->line($name, '1 part'),
                preg_split(self::SEPARATORS, $match[1]) ?: [],
            );
        }
        if (
            preg_match(
                '/^(\d+(?:[.,]\d+)?(?:\s*:\s*\d+(?:[.,]\d+)?)+)\s*(?:ratio\s+(?:of\s+)?|of\s+)?(.+)$/iu',
                $line,
                $match,
            ) === 1
        ) {
            $numbers = preg_split('/\s*:\s*/', $match[1]) ?: [];
            $names
                = preg_split('/\s*[,:\/]\s*(?:and\s+|to\s+)?|\s+(?:to|and)\s+|\s*&\s*/iu', $match[2]) ?: [];
            if (count($numbers) === count($names)) {
                return array_map(
                    fn (string $number, string $name): JottedLine => $this->line(
                        $name,
                        $number.((float) $number === 1.0 ? ' part' : ' parts'),
                    ),
                    $numbers,
                    $names,
                );
            }
        }
        $chunks
            = preg_split(
                '/\s*[:,;+]\s*(?:and\s+|to\s+)?(?=[\d½]|one|two|three|four|five|a\b|half)|\s+(?:and|'
                    .'to)\s+(?=[\d½]+\s*parts?|(?:one|two|three|four|five)\s+parts?)/iu',
                $line,
            )
            ?: [];
        if (count($chunks) < 2) {
            return null;
        }
        $lines = [];
        foreach ($chunks as $chunk) {
            $amount = JottedAmount::at($chunk, $this->kit);
            if ($amount?->unit?->dimension !== Dimension::Part || trim($amount->rest) === '') {
                return null;
            }
            $lines[] = $this->line($amount->rest, $amount->text);
        }

        return $lines;
    }

    /**
     * "as much honey as mustard", "twice as much oil as vinegar".
     *
     * @return list<JottedLine>|null
     */
    private function tied(string $line, bool $optional): ?array
    {
        $times = [
            '' => 1.0,
            'twice' => 2.0,
            'double' => 2.0,
            'half' => 0.5,
            'a third' => 1 / 3,
            'a quarter' => 0.25,
            'three times' => 3.0,
            'a tenth' => 0.1,
            'the same amount' => 1.0,
        ];
        if (
            preg_match(
                '/^(twice|double|half|a third|a quarter|a tenth|three times)?\s*as much (.+?) as (?:the |there '
                    .'is )?(.+)$/iu',
                $line,
                $match,
            ) !== 1
        ) {
            return null;
        }

        return [
            new JottedLine($this->naming->of($match[2]), '', [], $optional, '', [
                trim($match[3]),
                $times[mb_strtolower($match[1])],
            ]),
        ];
    }

    /**
     * Written down twice: "soy sauce 512 g before, 468 g after" is what was used; "sugar 100 g -> 80 g" and "100 g
     * sugar
     * (was 120)" is the newer.
     *
     * @return list<JottedLine>|null
     */
    private function changed(string $line, bool $optional): ?array
    {
        $number = '(\d+(?:[.,]\d+)?)\s*(g|kg|ml|oz|tsp|tbsp|cups?)?';
        if (
            preg_match(
                "/^(.+?)[,:]?\\s+(?:from\\s+)?{$number}\\s*(?:before|full|"
                    ."to)[,;]?\\s*(?:and\\s+)?{$number}(?:\\s*(?:after|left|empty))?$/iu",
                $line,
                $match,
            ) === 1
        ) {
            $unit = ($match[5] ?? '') !== '' ? $match[5] : $match[3];
            $used = (float) strtr($match[2], ',', '.') - (float) strtr($match[4], ',', '.');

            return $unit === '' || $used <= 0.0
                ? null
                : [
                    $this->line(
                        $match[1],
                        Numeral::digits($used).' '.mb_strtolower($unit),
                        $optional,
                        "before {$match[2]}, after {$match[4]} {$unit}",
                    ),
                ];
        }
        if (
            preg_match(
                "/^(.+?)[,:]?\\s+(?:from\\s+)?{$number}\\s*(?:→|->|=>|now)\\s*{$number}$/iu",
                $line,
                $match,
            ) === 1
            && $this->naming->knows($match[1])
        ) {
            $unit = ($match[5] ?? '') !== '' ? $match[5] : $match[3];
            if ($unit === '') {
                return null;
            }
            [$old, $new] = ["{$match[2]} {$unit}", "{$match[4]} {$unit}"];

            return [
                $this->line($match[1], $new, $optional, "was {$old}", [
                    ['amount', "It says {$old} and then {$new}: which is it now?", [$new, $old]],
                ]),
            ];
        }

        return null;
    }

    /**
     * "juice of half a lemon", "zest and juice of 2 limes", "2 lemons, zest and juice of", "lime juice (2 limes)".
     *
     * @return list<JottedLine>|null
     */
    private function juiceOf(string $line, bool $optional): ?array
    {
        $part = '(juiced?|zest(?:ed)?|rind|peel)';
        $parts = "(?:the\\s+)?(?:(?:finely\\s+|freshly\\s+)?(?:grated|squeezed|pared)\\s+)?{$part}(?:\\s*(?:and|"
            ."&|\\+|\\/)\\s*(?:the\\s+)?(?:(?:finely\\s+)?grated\\s+)?{$part})?";
        // "2 oranges' worth of juice"
        $line = (string) preg_replace("/^(.+?)['’]?s?['’]?\\s+worth\\s+of\\s+{$part}$/iu", '$2 of $1', $line);
        [$wanted, $of] = match (true) {
            preg_match("/^{$parts}\\s+(?:(?:of|from)\\s+|(?=\\d|½|an?\\b|half|one|two|"
                .'three))(.+)$/iu', $line, $match) === 1 => [
                    [$match[1], $match[2]],
                    $match[3],
                ],
            preg_match(
                "/^(.+?)(?:\\s*[,:(–-]\\s*|['’]s?\\s+|\\s+(?=juiced|zested)){$parts}"
                    .'(?:\s+(?:of|only))?\)?$/iu',
                $line,
                $match,
            ) === 1 => [
                [$match[2], $match[3] ?? ''],
                $match[1],
            ],
            preg_match(
                '/^(\p{L}+)\s+(juice|zest)\s*(?:[(,]\s*|\b(?=from|of))\s*(?:from\s+|'
                    .'of\s+)?((?:about\s+)?(?:\d|'
                    .'½|half|one|two|three|a\b).*?)\)?$/iu',
                $line,
                $match,
            ) === 1 && preg_match("/\\b{$match[1]}/iu", $match[3]) === 1
                => [[$match[2]], $match[3]],
            preg_match(
                '/^(?|(\p{L}+) squeeze|(?:an? )?squeeze of (?:an? )?(\p{L}+))$/iu',
                $line,
                $match,
            ) === 1
                => [['squeeze'], $match[1]],
            default => [[], ''],
        };
        if ($wanted === []) {
            return null;
        }
        // "the juice of 2 limes plus a little zest"
        $besides = '/\s*,?\s*(?:\bplus|\band|&|\+)\s+(?:an?\s+|some\s+|the\s+)?(?:little|bit|touch)?\s*(?:of\s+)?'
            .'(?:the\s+|its\s+|their\s+)?(?:(?:finely\s+)?grated\s+)?(zest|juice)$/iu';
        $more = preg_match($besides, $of, $match) === 1 ? mb_strtolower($match[1]) : '';
        $of = (string) preg_replace($besides, '', $of);
        $amount = JottedAmount::at($of, $this->kit);
        [$fruit, $behind] = Naming::parted($amount->rest ?? $of);
        $fruit = Singular::of(
            (string) preg_replace(
                '/^(?:(?:large|medium|small|ripe|unwaxed|juicy|whole|fresh|organic)\s+)+/iu',
                '',
                mb_strtolower($fruit),
            ),
        );
        if (($amount !== null && ! $amount->bare && $amount->isMeasuredOut()) || self::isKept($fruit)) {
            return null;
        }
        $lines = [];
        foreach (array_filter($wanted) as $which) {
            $which = ['juiced' => 'juice', 'zested' => 'zest'][mb_strtolower($which)] ?? mb_strtolower($which);
            $name = $fruit.($which === 'juice' || $which === 'squeeze' ? ' juice' : ' zest');
            if ($this->naming->exactly($name) === null) {
                return null;
            }
            $lines[] = $this->line(
                $name,
                $which === 'squeeze' ? '1 squeeze' : $amount->text ?? '1',
                $optional,
            );
        }
        if ($more !== '') {
            $lines[] = $this->line("{$fruit} {$more}", 'to taste', $optional);
        }

        return $lines;
    }

    /** The rind of what was salted or dried is no zest. */
    private static function isKept(string $fruit): bool
    {
        return preg_match('/^(?:preserved|salted|pickled|dried|candied)\b/u', $fruit) === 1;
    }

    /**
     * "1 chipotle in adobo plus 1 tbsp of the sauce": what it lies in goes in too, and is a line of its own.
     *
     * @return list<JottedLine>|null
     */
    private function withItsLiquid(string $line, bool $optional): ?array
    {
        if (
            preg_match(
                '/^(.+?)\s*,?\s*\(?(?:\bplus\b|\band\b|\bwith\b|\+|&)\s+(.*?\S)\s+(?:of\s+)?(?:the|its|their)\s+'
                    .'((?:\p{L}+\s+)?(?:sauce|liquid|brine|juices?|syrup|oil|liquor))\)?$/iu',
                $line,
                $match,
            ) !== 1
            || ! $this->namesOne(JottedAmount::at($match[1], $this->kit))
            || ($amount = JottedAmount::at("{$match[2]} {$match[3]}", $this->kit)) === null
        ) {
            return null;
        }
        $first = $this->read($match[1]);
        $of = $first[0]->named;
        // an oil is an oil; what a sauce or a brine is, is not known for sure: it tastes of what lies in it
        $said = $this->naming->of($match[3]);
        $liquid = $said->isSure
            ? $said
            : new Named($of->ingredient, "{$match[3]} of {$of->words}", '', false);

        return [...$first, $this->made($liquid, $amount->text, $optional, '', [])];
    }

    /** @return list<JottedLine>|null */
    private function saltAndPepper(string $line): ?array
    {
        return preg_match('/^s\s*(?:&|and|\+|n)\s*p\b(?:,?\s*(?:to|as) (?:taste|needed))?\.?$/iu', $line)
            === 1
            ? [$this->line('salt', 'to taste'), $this->line('black pepper', 'to taste')]
            : null;
    }

    /**
     * More than one thing in a line, each with an amount of its own, or one amount for each.
     *
     * @return list<JottedLine>|null
     */
    private function several(string $line, bool $optional): ?array
    {
        $amount = JottedAmount::at($line, $this->kit);
        if (
            preg_match(
                '/^(.+?)\s*[,:(–-]?\s*((?:about\s+)?'.Numeral::BEGINS.'.*?)\s*(?:of\s+)?each\)?$/iu',
                $line,
                $match,
            ) === 1
            && ($amount === null || $amount->bare)
        ) {
            $line = "{$match[2]} each {$match[1]}";
            $amount = JottedAmount::at($line, $this->kit);
        }
        if (
            $amount !== null
            && preg_match('/^(?:each|apiece)\b\s*:?\s*(?:of\s+)?(.+)$/iu', $amount->rest, $match) === 1
        ) {
            $both = '';
            $names = (string) preg_replace_callback(
                '/\s*\((?:both|all)\s+([^)]*)\)/iu',
                static function (array $found) use (&$both): string {
                    $both = $found[1];

                    return '';
                },
                $match[1],
            );

            return array_map(
                fn (string $name): JottedLine => $this->measured(
                    $amount,
                    $both === '' ? $name : "{$name}, {$both}",
                    $optional,
                ),
                $this->allAsTheFirst(preg_split(self::SEPARATORS, $names) ?: []),
            );
        }
        if ($amount !== null && preg_match('/^(.+?)\s*,?\s+each$/iu', $amount->rest, $match) === 1) {
            return array_map(
                fn (string $name): JottedLine => $this->measured($amount, $name, $optional),
                $this->allAsTheFirst(preg_split(self::SEPARATORS, $match[1]) ?: []),
            );
        }

        return $amount !== null && $this->naming->exactly($amount->rest) !== null
            ? null
            : $this->ofOneKind($line, $optional) ?? $this->eachItsOwn($line, $optional);
    }

    /**
     * "dried chillies - 10 arbol, 3 guajillo": a list of one kind of thing, which is named before it.
     *
     * @return list<JottedLine>|null
     */
    private function ofOneKind(string $line, bool $optional): ?array
    {
        if (preg_match('/^([^\d:–—(-]+?)\s*(?::|\s[–—-]\s)\s*('.Numeral::BEGINS.'.*)$/iu', $line, $match) !== 1) {
            return null;
        }
        $kind = Singular::of((string) preg_replace('/^.*\s(?=\S+$)/u', '', trim($match[1])));
        $lines = [];
        foreach (preg_split(self::SEPARATORS, $match[2]) ?: [] as $chunk) {
            $amount = JottedAmount::at($chunk, $this->kit);
            $words = array_values(array_filter(
                [trim($amount->rest ?? ''), trim(($amount->rest ?? '')." {$kind}")],
                fn (string $name): bool => $this->naming->exactly($name) !== null,
            ));
            if ($amount === null || $words === []) {
                return null;
            }
            $lines[] = $this->measured($amount, $words[0], $optional);
        }

        return count($lines) > 1 ? $lines : null;
    }

    /**
     * "cumin, caraway and coriander seed, toasted, ground": what is no thing at the end is how they are prepared.
     *
     * @param list<string> $names
     * @return list<string>
     */
    private function withTheirPreparation(array $names): array
    {
        while (
            count($names) > 1
            && ! $this->naming->means($names[count($names) - 1])
            && ! str_contains($names[count($names) - 1], ' ')
        ) {
            $said = array_pop($names);
            $names = array_map(static fn (string $name): string => "{$name}, {$said}", $names);
        }

        return $names;
    }

    /**
     * "ground cumin and coriander": what is said of the first is meant of what may else be several things.
     *
     * @param list<string> $names
     * @return list<string>
     */
    private function allAsTheFirst(array $names): array
    {
        $said = (string) preg_replace('/\s.*$/u', '', $names[0] ?? '');

        return array_map(
            fn (string $name): string => $this->naming->isUnsure($name)
                && $this->naming->exactly($said) === null
                && $this->naming->exactly("{$said} {$name}") !== null
                ? "{$said} {$name}"
                : $name,
            $this->withTheirPreparation($names),
        );
    }

    /**
     * "1 cup ketchup, 1/2 cup vinegar", "light soy 1 tbsp, dark soy 1 tsp", "2 carrots and 1 stick celery, chopped".
     *
     * @return list<JottedLine>|null
     */
    private function eachItsOwn(string $line, bool $optional): ?array
    {
        $depth = 0;
        $chunks = [''];
        foreach (preg_split('/('.self::BREAK.'|[()])/iu', $line, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $token) {
            $depth += ($token === '(' ? 1 : 0) - ($token === ')' ? 1 : 0);
            if ($depth === 0 && preg_match('/^(?:'.self::BREAK.')$/iu', $token) === 1) {
                $chunks[] = '';
            } else {
                $chunks[count($chunks) - 1] .= $token;
            }
        }
        // "200 ml light olive oil + 50 ml evoo": two things, though one of them is not known so
        $isMeasured = count($chunks) > 1 && array_filter($chunks, function (string $chunk): bool {
            $own = JottedAmount::at($chunk, $this->kit);

            return $own?->isMeasuredOut() !== true || preg_match('/^\p{L}{3}/u', trim($own->rest)) !== 1;
        }) === [];
        $found = [];
        $surely = $unsurely = 0;
        foreach ($chunks as $chunk) {
            $own = JottedAmount::at($chunk, $this->kit) ?? $this->atTheEnd($chunk);
            // "2 red onions, 3 white": what the first was
            $noun = $found === [] ? '' : (string) preg_replace('/^.*\s/u', '', $found[count($found) - 1][1]);
            if ($own?->bare === true && $noun !== '' && $this->naming->exactly("{$own->rest} {$noun}") !== null) {
                $own = JottedAmount::at("{$own->text} {$own->rest} {$noun}", $this->kit);
            }
            if ($own === null && $found !== [] && $this->naming->isPreparation($chunk)) {
                [$before, $words] = array_pop($found);
                $found[] = [$before, "{$words}, {$chunk}"];
                continue;
            }
            $isSure = $own !== null && ($isMeasured || $this->namesOne($own)) && ! ($own->bare
                && $this->naming->exactly($own->rest) === null
                && $this->countedPortion($own->text, $own->rest)[0] === $own->text);
            $surely += $isSure ? 1 : 0;
            $unsurely += $isSure ? 0 : 1;
            // "… , lemon juice to taste, salt": named, and not measured
            $name = trim((string) preg_replace('/\s*\b(?:to|as) (?:taste|needed|serve)\b.*$/iu', '', $chunk));
            if (! $isSure && $own === null && ! $this->naming->means($name)) {
                return null;
            }
            $found[] = $own === null ? [null, $name] : [$own, $own->rest];
        }

        // a whole list in one line says so by three things at least that are measured
        return $surely < 2 || ($unsurely > 0 && $surely < 3)
            ? null
            : array_merge(...array_map(
                fn (array $each): array => $each[0] === null
                    ? $this->withoutAmount($each[1], $optional)
                    : [$this->measured($each[0], $each[1], $optional)],
                $found,
            ));
    }

    /** Whether what follows an amount means something of the pantry: "sprigs of thyme" behind a 3. */
    private function namesOne(?JottedAmount $amount): bool
    {
        $words = $amount?->bare === true
            ? $this->countedPortion($amount->text, $amount->rest)[1]
            : $amount->rest ?? '';

        // "25 g hazelnuts - toast both" names hazelnuts, whatever is done to them
        return $amount !== null && ($this->naming->means($words) || $this->naming->means(Naming::parted($words)[0]));
    }

    /**
     * @return list<JottedLine>
     */
    private function single(string $line, bool $optional): array
    {
        $more = '';
        $line = (string) preg_replace_callback(
            '/\s*,?\s*\(?\s*(?:\bplus\b|\band\b|\+)\s+(?:a\s+(?:little|bit|few)\s+)?(?:some\s+)?(?:more|'
                .'extra)\b[^)]*\)?\s*$/iu',
            static function (array $match) use (&$more): string {
                $more = trim($match[0], ' ,()+');

                return '';
            },
            $line,
        );
        if (
            preg_match(
                '/^(?:a little|a bit of|a touch of|some|a few|plenty of|'
                    .'(?:a\s+)?(?:lots?|loads?|tons|masses|heaps)\s+of)\s+(.+)$/iu',
                $line,
                $match,
            ) === 1
            && JottedAmount::at($match[1], $this->kit) === null
            && JottedAmount::at($line, $this->kit)?->isMeasuredOut() !== true
            && $this->naming->of($match[1])->ingredient !== null
            && preg_match('/^a few\b/iu', $line) !== 1
        ) {
            return $this->withoutAmount($match[1], $optional);
        }
        if (
            preg_match(
                '/^(.*?)[,:–-]?\s*\(?\b((?:to|as) (?:(?:your )?(?:taste|liking)|needed|required|desired|you '
                    .'like))\)?\.?$/iu',
                $line,
                $match,
            ) === 1
            && trim($match[1], ' ,:(') !== ''
        ) {
            $head = trim($match[1], ' ,:(');
            $or = (string) preg_replace('/\s*,?\s+or$/iu', '', $head);
            $counted = JottedAmount::at($head, $this->kit);
            if ($counted === null || ($counted->bare && ! $this->namesOne($counted))) {
                return array_map(
                    fn (string $name): JottedLine => $this->line($name, 'to taste', $optional),
                    $this->severalOf($head),
                );
            }
            // "1 tsp salt, or to taste": the amount is a beginning
            $line = $or;
            $more = trim("{$more} {$match[2]}");
        }
        // "3 sprigs of thyme or 1 tsp dried": what is said first is what went in
        if (
            preg_match('/^(.*\p{L}{3}.*?),?\s+(or\s+(?:about\s+)?'.Numeral::BEGINS.'.*)$/iu', $line, $match) === 1
            && $this->namesOne(JottedAmount::at($match[1], $this->kit))
        ) {
            $line = $match[1];
            $more = trim("{$more} {$match[2]}");
        }
        $amount = JottedAmount::at($line, $this->kit);
        if ($amount !== null && $amount->bare && trim($amount->rest) === '') {
            $amount = null;
        }
        $amount ??= $this->atTheEnd($line);
        if ($amount === null) {
            return $this->withoutAmount($line, $optional);
        }

        [$amount, $questions] = $this->clear($amount);

        return [
            $this->measured(
                $amount,
                $amount->rest.($more === '' ? '' : ", {$more}"),
                $optional,
                $questions,
            ),
        ];
    }

    /**
     * What a written number most likely means, and what it may mean besides.
     *
     * @return array{JottedAmount, list<array{string, string, list<string>}>}
     */
    private function clear(JottedAmount $amount): array
    {
        // "21/4 cups" may have lost its space
        if (
            preg_match('/^(\d+)(\d)\s*\/\s*(\d)(.*)$/u', $amount->text, $match) === 1
            && (int) $match[2] < (int) $match[3]
            && (int) "{$match[1]}{$match[2]}" > (int) $match[3]
        ) {
            $apart = "{$match[1]} {$match[2]}/{$match[3]}{$match[4]}";

            $likely = JottedAmount::at("{$apart} {$amount->rest}", $this->kit) ?? $amount;

            return [
                $likely,
                [['amount', "Is “{$amount->text}” {$apart}, or as it stands?", [$apart, $amount->text]]],
            ];
        }

        return [$amount, []];
    }

    /** "soy sauce 3 parts", "sugar: 200 g", "onions x 2", "eggs – 2", "ketchup (1 cup)", "plums, 2 kg, stoned". */
    private function atTheEnd(string $line): ?JottedAmount
    {
        // "vinegar 2 c (cider)": what is said in brackets at the end, and is no amount, is of the thing
        if (
            preg_match('/^([^()]*\d[^()]*?)\s*\(([^()]+)\)$/u', $line, $match) === 1
            && JottedAmount::at($match[2], $this->kit) === null
        ) {
            $line = "{$match[1]}, {$match[2]}";
        }
        $number
            = '((?:about |around |approx\.? |a |half |one |two |three )?'
            .Numeral::BEGINS
            .'[^,;]*|(?:half |quarter )?an? [^,;]+|(?:one|two|three|four|half)\s[^,;]+)';
        foreach (
            [
                '/^(\D*?\p{L}[^\d½⅓⅔¼¾⅛]*?)\s*(?:\bx|×)\s*((?:'.Numeral::BEGINS.')[^,;]*)(.*)$/iu',
                '/^([^(]*?\p{L}[^(\d]*?)\s*\(\s*'.$number.'\s*\)(.*)$/iu',
                '/^([^,;]*?\p{L}[^,;\d½⅓⅔¼¾⅛]*?)\s*(?:…|[,:–—-])?\s*((?:about |around |approx\.? )?'
                .Numeral::BEGINS
                .'[^,;]*)((?:[,;].*)?)$/iu',
                '/^([^,;:]*?\p{L}[^,;:]*?)\s*(?:…|[,:–—])\s*'.$number.'((?:[,;].*)?)$/iu',
                '/^(.*?\p{L}[^\d½⅓⅔¼¾⅛]*?)\s*(?:…|[,:–—-])?\s*((?:about |around )?'
                .Numeral::BEGINS
                .'[^,;]*)()$/iu',
            ] as $i => $pattern
        ) {
            if (preg_match($pattern, $line, $match) !== 1) {
                continue;
            }
            $name = trim($match[1], ' ,:;–—-…(');
            $tail = trim($match[3], ' ,;');
            $amount = JottedAmount::at("{$match[2]} {$name}", $this->kit);
            if (
                $amount === null
                || ! $this->endsInName($amount->rest, $name)
                || ($amount->bare
                    && ($this->naming->of($name)->ingredient === null
                        || ($this->naming->exactly($name) ?? $this->naming->turned($name)) === null))
            ) {
                continue;
            }

            return $tail === '' ? $amount : JottedAmount::at("{$match[2]} {$name}, {$tail}", $this->kit);
        }

        return null;
    }

    /** "cloves garlic" of "garlic, 2 cloves": the name turned behind its amount, with at most a portion before it. */
    private function endsInName(string $rest, string $name): bool
    {
        $rest = mb_strtolower(trim($rest));
        $name = mb_strtolower($name);
        $before = str_ends_with($rest, $name) ? trim(substr($rest, 0, -strlen($name))) : null;

        // "root ginger, 5 cm": the root went with the length
        $isWhole = $rest !== ''
            && str_ends_with($name, " {$rest}")
            && $this->naming->exactly($name)?->slug === ($this->naming->exactly($rest)->slug ?? '');

        return $before === '' || $isWhole || ($before !== null
            && (preg_match(self::COUNTED, Singular::of($before)) === 1 || preg_match('/^(?:large|small|medium|'
                .'big)$/u', $before) === 1 || $this->isPortionPrepared($before)));
    }

    /** "cloves smashed" of "garlic 10 cloves smashed". */
    private function isPortionPrepared(string $words): bool
    {
        $said = (string) preg_replace('/^\S+\s+/u', '', $words);
        $portion = Singular::of((string) strtok($words, ' '));

        return $this->naming->isPreparation(preg_match(self::COUNTED, $portion) === 1 ? $said : $words);
    }

    /** @return list<JottedLine> */
    private function withoutAmount(string $line, bool $optional): array
    {
        return array_map(function (string $name) use ($optional): JottedLine {
            $named = $this->naming->of($name);
            $called = $named->ingredient?->shortName() ?? $name;

            return $this->made($named, 'to taste', $optional, '', [
                [
                    'amount',
                    "How much {$called}?",
                    [
                        'to taste',
                        $named->ingredient === null ? '1 tbsp' : AmountChoices::toBegin($named->ingredient),
                    ],
                ],
            ]);
        }, $this->severalOf($line));
    }

    /**
     * @param list<array{string, string, list<string>}> $questions
     */
    private function measured(
        JottedAmount $amount,
        string $rest,
        bool $optional,
        array $questions = [],
    ): JottedLine {
        if (trim($rest, ' ,.;') === '') {
            return new JottedLine(
                new Named(null, trim("{$amount->text} {$rest}"), '', true),
                $amount->text,
                [['ingredient', 'How much is clear, but of what?', []], ...$questions],
                $optional,
            );
        }
        [$rest, $stated, $kept] = $this->stated($amount, $rest);
        $text = $amount->text;
        if ($amount->container !== '') {
            $rest = $this->tinned($rest, $amount->container);
        } elseif ($amount->bare) {
            [$text, $rest] = $this->countedPortion($text, $rest);
        }
        $rest = $this->tinned($rest, '');
        $named = $this->naming->of($rest);
        $named = $this->byTheSpoon($named, $text) ?? $this->withThePortion($named, $text);
        [$text, $named, $more] = $this->whatIsCounted($amount, $text, $rest, $named);
        $questions = [...$questions, ...$more];
        if ($stated !== null) {
            $preparation = trim(implode(', ', array_filter([$kept, $named->preparation])));
            $questions = [
                ...$questions,
                ...$this->unlike($named->ingredient, $preparation, $text, $stated, onlyFar: true),
            ];

            return $this->made(
                $named->prepared($preparation),
                $stated,
                $optional,
                "written as {$text}",
                $questions,
            );
        }
        foreach ($amount->others as $other) {
            $questions = [
                ...$questions,
                ...$this->unlike($named->ingredient, $named->preparation, $text, $other, onlyFar: false),
            ];
        }
        $questions = [...$questions, ...$this->unweighed($named, $text, $questions)];

        return $this->made($named, $text, $optional, '', $questions);
    }

    /**
     * What of it is meant by a word nobody can weigh: "1 pkg cream cheese".
     *
     * @param list<array{string, string, list<string>}> $asked already
     *
     * @return list<array{string, string, list<string>}>
     */
    private function unweighed(Named $named, string $text, array $asked): array
    {
        $amount = JottedAmount::parse($text, $this->kit);
        if ($named->ingredient === null || in_array('amount', array_column($asked, 0), true)) {
            return [];
        }
        try {
            if ($amount !== null) {
                Weight::of($amount, $named->ingredient, $named->preparation);

                return [];
            }
        } catch (UnreadableAmount) {
            // said below
        }

        $ask = "How much is “{$text}” of {$named->ingredient->shortName()}?";

        return [['amount', $ask, [AmountChoices::toBegin($named->ingredient)]]];
    }

    /**
     * A weight beside a count or a loose measure is what counts: "1 onion, about 150 g", "1 mango (approx. 250 g
     * flesh)".
     *
     * @return array{string, string|null, string} the words without it, the stated weight, what else stood with it
     */
    private function stated(JottedAmount $amount, string $rest): array
    {
        foreach ($amount->others as $other) {
            $unit = JottedAmount::parse($other, $this->kit)?->terms[0]->unit ?? null;
            if (! $amount->isMeasuredOut() && $unit?->dimension === Dimension::Mass) {
                return [$rest, $other, ''];
            }
        }
        if ($amount->isWeight()) {
            return [$rest, null, ''];
        }
        foreach (['/\s*\(([^()]*)\)/u', '/\s*,\s*([^,]*)/u'] as $pattern) {
            preg_match_all($pattern, $rest, $matches, PREG_SET_ORDER);
            foreach ($matches as [$whole, $inner]) {
                $inner = (string) preg_replace(
                    '/^(?:or|weighing|weight|total|totalling|i\.?e\.?|=)\s+/iu',
                    '',
                    trim($inner),
                );
                $own = JottedAmount::at($inner, $this->kit);
                $isVolumeOfTin = $own !== null && $amount->container !== '' && $own->isMeasuredOut();
                if (
                    $own !== null
                    && ($own->isWeight() || $isVolumeOfTin)
                    && count(preg_split('/\s+/u', trim($own->rest)) ?: []) < 4
                ) {
                    return [str_replace($whole, '', $rest), $own->text, trim($own->rest)];
                }
            }
        }

        return [$rest, null, ''];
    }

    private function tinned(string $rest, string $container): string
    {
        $isTin = preg_match('/^(?:tin|can)/iu', $container) === 1 || preg_match('/^tin of\s/iu', $rest) === 1;
        $name = (string) preg_replace('/^tin of\s+/iu', '', $rest);
        if (! $isTin) {
            return $name;
        }
        [$head, $behind] = Naming::parted($name);
        $tail = $behind === [] ? '' : ', '.implode(', ', $behind);
        $noun = (string) preg_replace('/^(?:.*\s)(?=\S+$)/u', '', $head);
        foreach (["tinned {$head}", $head, "tinned {$noun}"] as $i => $made) {
            if ($this->naming->exactly($made) !== null && ($i !== 1 || ! $this->isFreshThing($head))) {
                return $made.$tail;
            }
        }

        // what comes in a tin is not the fresh thing: asked
        return "tinned {$name}";
    }

    private function isFreshThing(string $name): bool
    {
        return $this->naming->exactly($name)?->is('fresh-plant') === true;
    }

    /** "1 tsp coriander": of something fresh and a spice of one name, what a teaspoon is asked of is the spice. */
    private function byTheSpoon(Named $named, string $amount): ?Named
    {
        $thing = $named->ingredient;
        $unit = JottedAmount::parse($amount, $this->kit)->terms[0]->unit ?? null;
        if ($thing === null || $thing->form === Form::Powder || $unit?->name !== 'tsp' || $named->preparation !== '') {
            return null;
        }
        $set = $this->kit->set->value;
        $maybe = [
            ...$this->catalogue->maybe("{$named->words} by the spoon", $set),
            ...$named->isSure ? [] : $this->catalogue->maybe($named->words, $set),
        ];
        foreach ($maybe as $other) {
            if ($other->form === Form::Powder) {
                $either = array_map(static fn (Ingredient $one): string => $one->slug, [...$maybe, $thing]);

                return new Named($other, $named->words, '', false, array_values(array_unique($either)));
            }
        }

        return null;
    }

    /** "1 stick of cinnamon": where a name may mean two things, the one that has such a portion. */
    private function withThePortion(Named $named, string $amount): Named
    {
        $portion
            = preg_match('/^\S+\s+(\p{L}+)$/u', $amount, $match) === 1
                ? Singular::of(mb_strtolower($match[1]))
                : '';
        if (
            $portion === ''
            || $named->ingredient === null
            || $this->kit->find($portion) !== null
            || $named->ingredient->portion($portion) !== null
        ) {
            return $named;
        }
        foreach ($this->catalogue->maybe($named->words, $this->kit->set->value) as $other) {
            if ($other->portion($portion) !== null) {
                return new Named($other, $named->words, $named->preparation, true);
            }
        }

        return $named;
    }

    /**
     * "2 peppers" are no peppercorns, "1 cup orange" may be juice or flesh, "garlic: 3" cloves or heads.
     *
     * @return array{string, Named, list<array{string, string, list<string>}>}
     */
    private function whatIsCounted(JottedAmount $amount, string $text, string $rest, Named $named): array
    {
        $thing = $named->ingredient;
        if ($thing === null || ! $named->isSure) {
            return [$text, $named, []];
        }
        [$head, $behind] = Naming::parted($rest);
        // a cup of a citrus fruit that is eaten: its flesh or its juice
        $isEither = $amount->unit?->dimension === Dimension::Volume
            && $thing->isOf('citrus-fruit')
            && $behind === []
            && Singular::of(mb_strtolower($head)) === mb_strtolower($thing->shortName());
        $juice = $isEither
            ? $this->naming->exactly("{$thing->shortName()} juice")
            : null;
        if ($juice !== null) {
            $either = [$thing->slug, $juice->slug];

            return [$text, new Named($thing, $named->words, $named->preparation, false, $either), []];
        }
        // "sugar 250": nobody counts lumps to 250
        $number = JottedAmount::parse($text, $this->kit)->terms[0]->number->value ?? 0.0;
        if (
            $amount->bare
            && $amount->container === ''
            && $text === $amount->text
            && $number >= self::WEIGHED_FROM
            && ($thing->form !== Form::Pieces || $number * ($this->oneOf($thing) ?? INF) > self::MOST_COUNTED)
            && Singular::of($named->words) === $named->words
        ) {
            $units = $thing->form === Form::Liquid ? ['ml', 'g'] : ['g'];
            $guesses = array_map(static fn (string $unit): string => "{$text} {$unit}", $units);
            // "orange 50" in a list of numbers is hardly fifty of them
            $guesses = $thing->portion('each') === null ? $guesses : [...$guesses, "{$text} each"];

            return [$guesses[0], $named, [['amount', "{$text} of what? No measure is written.", $guesses]]];
        }
        // a bare number behind the name of what comes in cloves and in heads
        if (
            $amount->bare
            && $text === $amount->text
            && preg_match('/\b(?:clove|head)s?\b/iu', $rest) !== 1
            && $thing->portion('clove') !== null
            && $thing->portion('head') !== null
        ) {
            return [
                "{$text} cloves",
                $named,
                [['amount', "{$text} cloves, or {$text} whole heads?", ["{$text} cloves", "{$text} heads"]]],
            ];
        }

        return [$text, $named, []];
    }

    /**
     * "3 cloves garlic", "1 medium onion": the words after a bare number may be a portion of what follows them.
     *
     * @return array{string, string} the amount, and what follows it
     */
    private function countedPortion(string $number, string $rest): array
    {
        $words = explode(' ', $rest);
        $whole = $this->naming->exactly(Naming::parted($rest)[0]);
        foreach ($whole === null ? [3, 2, 1] : [] as $count) {
            $portion = implode(' ', array_slice($words, 0, $count));
            $name = (string) preg_replace('/^of\s+/iu', '', implode(' ', array_slice($words, $count)));
            if ($name === '') {
                continue;
            }
            $known = $this->naming->of($name);
            $ingredient = $known->ingredient;
            if ($ingredient === null) {
                continue;
            }
            $plain = mb_strtolower(
                (string) preg_replace(
                    '/^(?:(?:large|small|big|fat|good|medium|fresh|thick|thin|whole)\s+)+(?=\S)/iu',
                    '',
                    $portion,
                ),
            );
            $singular = Singular::of($plain);
            foreach (array_unique([Singular::of(mb_strtolower($portion)), $singular]) as $form) {
                if ($ingredient->portion($form) !== null && $ingredient->portion($form)->name !== 'each') {
                    return ["{$number} {$portion}", $name];
                }
            }
            if (
                preg_match(self::COUNTED, $singular) === 1
                && $this->naming->exactly(implode(' ', array_slice($words, 0, $count + 1))) === null
            ) {
                return ["{$number} {$portion}", $name];
            }
        }
        [$head, $behind] = Naming::parted($rest);
        $words = explode(' ', $head);
        // "garlic cloves", "10 mint leaves": the portion may stand behind the name as well
        if (count($words) > 1) {
            $last = Singular::of(mb_strtolower(rtrim((string) end($words), ',.')));
            $name = implode(' ', array_slice($words, 0, -1));
            $ingredient = $this->naming->of($name)->ingredient;
            $portion = $ingredient?->portion($last);
            $isAnother
                = $whole === null
                || ($whole->slug === $ingredient?->slug
                    && abs(($portion->grams ?? 0.0) - ($this->oneOf($whole) ?? 0.0)) > 1e-9);
            if ($portion !== null && $isAnother) {
                return ["{$number} ".rtrim((string) end($words), ',.'), implode(', ', [$name, ...$behind])];
            }
        }

        return [$number, $rest];
    }

    /** Grams of one of a thing, counted without a word; null where it cannot be counted. */
    private function oneOf(Ingredient $thing): ?float
    {
        $one = JottedAmount::parse('1', $this->kit);
        try {
            return $one === null ? null : Weight::of($one, $thing)->grams;
        } catch (UnreadableAmount) {
            return null;
        }
    }

    /**
     * @return list<array{string, string, list<string>}> a question where two amounts of one line are not the same
     */
    private function unlike(
        ?Ingredient $ingredient,
        string $preparation,
        string $one,
        string $other,
        bool $onlyFar,
    ): array {
        $grams = [];
        foreach ([$one, $other] as $text) {
            $amount = JottedAmount::parse($text, $this->kit);
            try {
                $grams[]
                    = $ingredient === null || $amount === null
                        ? null
                        : Weight::of($amount, $ingredient, $preparation)->grams;
            } catch (UnreadableAmount) {
                $grams[] = null;
            }
        }
        $isKnown = $grams[0] !== null && $grams[1] !== null && $grams[0] > 0.0;
        $units = array_map(
            fn (string $text) => JottedAmount::parse($text, $this->kit)?->terms[0]->unit ?? null,
            [$one, $other],
        );
        if ($onlyFar && ! JottedAmount::isMeasured($units[0])) {
            // a count says little: what was weighed beside it stands
            return [];
        }
        $room = $units[0]?->dimension === Dimension::Mass ? self::WEIGHED_FIRST : self::SAME_AMOUNT;
        if ($isKnown && abs($grams[1] / $grams[0] - 1) <= $room) {
            return [];
        }
        $told = $isKnown
            ? sprintf(
                ' The first is %d g, the second %d g.',
                (int) round((float) $grams[0]),
                (int) round((float) $grams[1]),
            )
            : '';

        return [
            [
                'amount',
                "It says {$one} and {$other}, which are not the same: which is meant?{$told}",
                $onlyFar ? [$other, $one] : [$one, $other],
            ],
        ];
    }

    /**
     * "salt and pepper" are two, "sweet and sour sauce" is not.
     *
     * @return list<string>
     */
    private function severalOf(string $names): array
    {
        if ($this->naming->exactly($names) !== null) {
            return [$names];
        }
        $parts = preg_split('/\s*,\s*(?:and\s+)?|\s+and\s+|\s*&\s*|\s*\+\s*/iu', $names) ?: [$names];
        foreach ($parts as $part) {
            if (! $this->naming->means($part)) {
                return [$names];
            }
        }

        return $parts;
    }

    /**
     * @param list<array{string, string, list<string>}> $questions
     */
    private function line(
        string $name,
        string $amount,
        bool $optional = false,
        string $note = '',
        array $questions = [],
    ): JottedLine {
        return $this->made($this->naming->of($name), $amount, $optional, $note, $questions);
    }

    /**
     * @param list<array{string, string, list<string>}> $questions
     */
    private function made(
        Named $named,
        string $amount,
        bool $optional,
        string $note,
        array $questions,
    ): JottedLine {
        if (! $named->isSure) {
            $guesses = $this->naming->guesses($named);
            $ask = match (true) {
                $guesses === [] => "“{$named->words}” is not in the pantry.",
                default => "Is “{$named->words}” one of these?",
            };
            array_unshift($questions, ['ingredient', $ask, $guesses]);
        }

        return new JottedLine($named, $amount, $questions, $optional, $note);
    }
}
