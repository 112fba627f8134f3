<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Amount\Kitchenware;
use Vinculum\Recipe\Jotted\Reading\Clause;
use Vinculum\Recipe\Jotted\Reading\Fire;
use Vinculum\Recipe\Jotted\Reading\Times;
use Vinculum\Recipe\ProcessKind;

/** What the sentences of a method do to the pot, in order. */
final readonly class MethodReader
{
    /** Minutes on the heat from which it is cooked and not warmed; judgement. */
    private const COOKS = 15.0;

    private const ON_HEAT = [ProcessKind::Simmer, ProcessKind::Boil, ProcessKind::Fry, ProcessKind::Roast];

    /** So much of something, in a sentence. */
    private const MEASURED = '/\d\s*(?:g|ml|oz|tbsps?|tablespoons?|tsps?|teaspoons?|cups?)\b/iu';

    /** "work the flour in gradually", but "shake in a jar". */
    private const GOES_IN = '/\bin\b(?! (?:an?|the|it|your)\b)/u';

    /** Something goes in before it is cooked on: another stage. */
    private const PUTS_IN = '/^(?:then\s+|now\s+)?(?:add|put|'
        .'(?:stir|whisk|pour|tip|fold|mix|beat) (?:in|through))\b/iu';

    private const LOOK_FOR = '/^look for\s*:\s*(.+?)\.?$/iu';

    /**
     * @param array<string, string> $verbs processes by verb
     * @param array<string, string> $besides what begins a sentence about the table or the shelf
     * @param array<string, string> $timed verbs that are a process only where it is said for how long
     */
    public function __construct(
        private Kitchenware $kit,
        private array $verbs,
        private array $timed,
        private array $besides,
    ) {}

    /**
     * @param list<string> $lines
     *
     * @return array{list<Step>, list<string>} what is done, and what was said besides
     */
    public function read(array $lines): array
    {
        $steps = [];
        $besides = [];
        foreach ($lines as $line) {
            $named = '';
            foreach (self::clauses($line) as $clause) {
                $step = $this->step($clause, $steps === [] ? null : $steps[count($steps) - 1]);
                if ($step === null) {
                    $besides[] = $clause;
                    // "Slurry: 60 g cornflour + 120 ml water. Whisk in": what is named first goes in with what follows
                    $named .= preg_match(self::MEASURED, $clause) === 1 ? "{$clause} " : '';
                    continue;
                }
                if ($named !== '') {
                    $step = (new Step(trim($named), ProcessKind::None))->and($step);
                    $named = '';
                }
                $last = $steps === [] ? null : $steps[count($steps) - 1];
                if ($last !== null && $step->kind === ProcessKind::Simmer && $last->isOnlyBrought()) {
                    // "bring to the boil. Down to a simmer": one thing
                    $steps[count($steps) - 1] = $last->thenOnly($step);
                    continue;
                }
                $continues
                    = $last !== null
                    && ($step->kind === ProcessKind::None
                        ? $step->strains || $step->lifts || preg_match(self::LOOK_FOR, $step->words) === 1
                        : $last->until === null && ! $last->strains && $step->kind === $last->kind
                            && preg_match(self::PUTS_IN, $clause) !== 1
                            && ($last->minutes === null || $step->minutes === null));
                if ($continues) {
                    $steps[count($steps) - 1] = $last->and($step);
                } else {
                    $steps[] = $step;
                }
            }
        }

        return [$steps, $besides];
    }

    /** @return list<string> */
    private static function clauses(string $line): array
    {
        $line = (string) preg_replace(
            '/\b(mins?|hrs?|approx|tbsp|tsp|oz|lb|no|w)\.(?=\s+\p{Ll}|\s*,)/iu',
            '$1',
            $line,
        );

        return array_values(
            array_filter(
                array_map(
                    trim(...),
                    preg_split(
                        '/(?<=[.;!])\s+|\s*[;]\s*|,?\s+(?:and\s+)?then\s+|,\s+(?=(?:strain|blend|blitz|sieve|'
                            .'reduce|return|push|pass|press|simmer|boil|bring|'
                            .'lift out|lift the|fish out|fish the|stir in|chill|cool|rest|mash|add)\b)|'
                                .'\s+and\s+(?=(?:strain|blend|blitz|'
                            .'sieve|chill|leave|let|rest|stir in)\b)/iu',
                        $line,
                    )
                    ?: [],
                ),
            ),
        );
    }

    private function step(string $clause, ?Step $before): ?Step
    {
        $said = Clause::said($clause);
        if (
            preg_match(
                '/\b(?:keeps?|stores?|lasts?|will keep|up to)\b.*\b(?:days?|weeks?|months?|years?)\b|\bkeep(?:s|'
                    .'ing)? in the fridge\b|^(?:makes|serves)\b|\bpreheat\b/u',
                $said,
            ) === 1
        ) {
            return null;
        }
        // "Serve warm": how it is eaten, unless for how long
        $first = preg_match('/^\p{L}+/u', trim($said), $match) === 1 ? $match[0] : '';
        if (isset($this->besides[$first]) && Times::minutes($said) === null) {
            return null;
        }
        if (preg_match(self::LOOK_FOR, $clause, $match) === 1) {
            $seen = mb_substr($match[1], 0, 200);

            return new Step($clause, ProcessKind::None, takesAll: $before === null, lookFor: $seen);
        }
        $until = Times::until($said, $this->kit);
        // "simmer 15" says minutes to a cook
        $bare = '/\b(?:simmer|boil|cook|roast|bake|fry|bubble)\s+(?:for\s+)?(\d{1,3}(?:\s*[-–]\s*\d{1,3})?)'
            .'(?=\s*(?:[.,;]|$))/u';
        $minutes = Times::minutes($said)
            ?? (preg_match($bare, $said, $match) === 1 ? Times::minutes("{$match[1]} min") : null);
        $kind = $this->kind($said, $minutes !== null, $before, $until !== null);
        $strains = self::strains($said);
        $lifts = self::lifts($said);
        $takesAll = self::takesAll($said, $before);
        if (
            ! isset($kind)
            && ! $strains
            && ! $lifts
            && ! (isset($this->verbs[$first]) && preg_match(self::GOES_IN, $said) === 1)
            && preg_match(
                '/\b(?:add|stir|whisk|mix|combine|tip|pour|put|beat|fold|toss|scatter|drizzle|sprinkle|throw|'
                    .'slake|dissolve|in(?:to)? (?:a|the)? ?(?:small |large )?(?:pan|pot|saucepan)|'
                    .'(?:everything|rest|all)\b[^.]*\bin\b|in go(?:es)?|'
                    .'off the heat\b\s*[:,]?\s+\p{L}+|'
                    .'chuck|drop|season|finish|mash|squeeze|swirl|grate|thicken|return)\b/u',
                $said,
            ) !== 1
        ) {
            return null;
        }

        return new Step(
            $clause,
            $kind ?? ProcessKind::None,
            $kind === null ? null : $minutes,
            in_array(
                $kind,
                [ProcessKind::Simmer, ProcessKind::Boil, ProcessKind::Fry, ProcessKind::Roast],
                true,
            )
                ? $until
                : null,
            Fire::heat($said),
            Fire::lid($said),
            $strains,
            $strains || $lifts ? self::press($said) : 0.0,
            $lifts,
            $takesAll,
            $until === null ? self::lookFor($clause) : '',
        );
    }

    /** What goes on for the time that is said, where nothing else is. */
    private static function asBefore(string $said, ?Step $before): ?ProcessKind
    {
        return match (true) {
            // "whisk in the slurry, 1 min more": as before
            $before !== null
                && in_array($before->kind, [ProcessKind::Simmer, ProcessKind::Boil, ProcessKind::Fry], true)
                && preg_match('/\b(?:more|further|another|longer)\b/u', $said) === 1
                => $before->kind,
            $before !== null
                && preg_match('/\bkeep (?:it|them|this)\b/u', $said) === 1
                && preg_match('/\bfridge|\bcold|\bjar/u', $said) !== 1
                => $before->kind,
            $before !== null && preg_match('/\bfridge\b[^.]*\b(?:over\s?night|hours?|hrs?)\b/u', $said) === 1
                => ProcessKind::Chill,
            // "bring it to a simmer and let it go thirty minutes": how long what is under way goes on
            $before !== null && $before->minutes === null
                && in_array($before->kind, self::ON_HEAT, true)
                && preg_match('/\b(?:leave|stand|sit|rest|cool|fridge|cold|wait|cover|off)\b/u', $said) !== 1
                => $before->kind,
            $before === null || preg_match('/\b(?:fridge|cold)\b/u', $said) === 1 => null,
            preg_match('/\b(?:leave|stand|sit|rest|keep)\b/u', $said) === 1 => ProcessKind::Rest,
            default => null,
        };
    }

    /** Whether it goes through a sieve or a cloth. */
    private static function strains(string $said): bool
    {
        return preg_match(
            '/\b(?:strain|sieve|sift|(?<!in )(?<!in a )(?:muslin|cheesecloth)(?! bag)|colander|filter|'
                    .'(?:pass|push|press|rub|'
                    .'work)\b[^.]*\bthrough)\b/u',
            $said,
        ) === 1 && preg_match('/\bsift(?:ed)?\b/u', $said) !== 1;
    }

    /** Whether something is taken out of it again. */
    private static function lifts(string $said): bool
    {
        return preg_match(
            '/\b(?:lift|fish|take|pick|scoop|pull)\b[^.]*\bout\b|\b(?:remove|discard)\b(?![^.]*\b(?:from|'
                    .'off) the (?:heat|hob|stove)|\s+from)/u',
            $said,
        ) === 1
            && preg_match('/\b(?:seeds?|stones?|stems?|skins?|peel|foam|scum|lid|pan)\b/u', $said) !== 1;
    }

    /** Whether what is left goes in now. */
    private static function takesAll(string $said, ?Step $before): bool
    {
        return preg_match(
            '/\b(?:all|everything|the lot|the rest|remaining|the ingredients|all the ingredients|other '
                    .'ingredients)\b/u',
            $said,
        ) === 1 && preg_match('/\b(?:all over|all the time)\b/u', $said) !== 1
            // what is blended or strained later is what is in the pot
            && ($before === null || preg_match('/^\W*(?:blend|blitz|pur[eé]e|whizz|strain|sieve|pass|push|rub|'
                .'mash|cool|bottle|pot)\b/u', $said) !== 1);
    }

    private function kind(string $said, bool $isTimed, ?Step $before, bool $reduces): ?ProcessKind
    {
        $original = $said;
        if (preg_match('/(?<!pour )\bover\b[^.]*\b(?:simmering|boiling|hot) water\b|\bbain[- ]marie\b|\bdouble '
            .'boiler\b/u', $said) === 1) {
            return ProcessKind::Warm;
        }
        if ($isTimed && preg_match('/\bslow cooker\b|\bcrock ?pot\b/u', $said) === 1) {
            return ProcessKind::Simmer;
        }
        // what it looks like then is not what is done
        $said = (string) preg_replace(
            '/\b(?:until|till|when|once|so that|or it|or they)\b(?:(?!\b(?:and|then|for)\b)[^,;.])*/u',
            ' ',
            $said,
        );
        $said = (string) preg_replace(
            [
                '/\b(?:over|on|off|from|with|to|under|at)\s+(?:an?|the)?\s*(?:very\s+)?(?:low|medium|high|'
                    .'gentle|moderate|fierce)?(?:[- ](?:low|high|hot))?\s*heat\b|\bthe heat\b/u',
                '/\bbring(?:ing)?\b[^.]*?\b(?:to|up to) (?:the|a|an)?\s*(?:rolling |gentle |bare |full |slow |'
                    .'hard )?(boil|simmer|bubble)\w*/u',
                '/\b(?:boiling|simmering|soaking|warm|hot|cold|chilled|fried|roasted|melted|boiled) (?:water|stock|pan|'
                    .'oil|sauce|milk|butter)\b/u',
                '/\b(?:cool|leave|allow|let)\b[^.]*\b(?:to cool|cool)\b/u',
            ],
            [' ', ' $1 ', ' ', ' '],
            $said,
        );
        if (
            preg_match('/\b(?:off|from) the heat\b|\bheat off\b|\bturn off\b/u', $original) === 1
            && ! $isTimed
        ) {
            return null;
        }
        $last = null;
        $beforeTime = null;
        $time
            = preg_match(
                '/\d+[\d\s.,½–-]*\s*(?:min|hour|hr|h\b|day|sec)|\bovernight\b|'
                    .'\ban? (?:hour|minute)\b|half an hour/u',
                $said,
                $match,
                PREG_OFFSET_CAPTURE,
            ) === 1
                ? $match[0][1]
                : PHP_INT_MAX;
        preg_match_all('/[\p{L}-]+/u', $said, $words, PREG_OFFSET_CAPTURE);
        foreach ($words[0] as [$word, $at]) {
            $kind
                = $this->verbs[$word]
                ?? ($this->verbs[(string) preg_replace('/(?:ing|s)$/u', '', $word)]
                    ?? ($this->verbs[(string) preg_replace('/(?:ing)$/u', 'e', $word)] ?? 'none'));
            $kind = $word === 'bubble' ? 'simmer' : $kind;
            // "the stand", "cool completely", "oil" and the like are no processes
            if (
                $kind === 'none'
                || (! $isTimed && isset($this->timed[$word]))
            ) {
                continue;
            }
            // "cool, leave two weeks in a jar" is no cold place
            if ($isTimed && $word === 'leave' && $last === 'chill' && preg_match('/\bfridge|\bchill/u', $said) !== 1) {
                $last = null;
            }
            if (in_array($word, ['leave', 'stand', 'rest', 'cool'], true) && $last !== null) {
                continue;
            }
            if (
                $kind === 'simmer'
                && $word !== 'simmer'
                && str_starts_with($word, 'cook')
                && $before?->kind === ProcessKind::Fry
                && preg_match('/\bdown\b/u', $said) !== 1
            ) {
                $kind = 'fry';
            }
            $last = $kind;
            $beforeTime = $at < $time ? $kind : $beforeTime ?? $kind;
        }
        // "keep it at that point for 12 minutes": as before, but bubbling
        if ($last === 'warm' && preg_match('/\bbubbl|\bsimmer/u', $original) === 1) {
            $beforeTime = $last = 'simmer';
        }
        $found = $isTimed ? $beforeTime ?? $last : $last;
        // three quarters of an hour on a low heat is no warming through
        $isCooked = $found === 'warm'
            && (Times::minutes($original) ?? 0.0) >= self::COOKS
            && preg_match('/\bheat\b/u', $original) === 1
            && preg_match('/\bwarm|\bthrough\b/u', $original) !== 1;
        $found = $isCooked ? 'simmer' : $found;
        // what is down by a quarter was not only warmed
        $found = $found === 'warm' && $reduces ? 'simmer' : $found;
        if ($found === null && ($reduces || preg_match('/\breduce|\bboil(?:ed)? down/u', $said) === 1)) {
            $found = 'simmer';
        }
        if ($found === null && $isTimed) {
            return self::asBefore($said, $before);
        }

        return $found === null ? null : ProcessKind::from($found);
    }

    /** Share pressed out: as said, or half of it, which is what a spoon gets out of a sieve; judgement. */
    private static function press(string $said): float
    {
        if (preg_match('/\bpress\w* out (\d{1,2}(?:\.\d+)?) ?%/u', $said, $match) === 1) {
            return (float) $match[1] / 100;
        }

        // what is sieved when it is soft is pushed through; what is poured through a sieve is strained
        return preg_match('/(?:^\W*|\b(?:and|then)\s+)sieve\b(?! out| to remove)|\b(?:press|squeez|push|wring|mouli|'
            .'food mill|(?:rub|work)\w*\b[^.]*\bthrough\b)/u', $said) === 1 ? 0.5 : 0.0;
    }

    /** What the eye is told to wait for, and what has no field of its own. */
    private static function lookFor(string $clause): string
    {
        if (preg_match('/\b(?:until|till|til)\s+(.+?)[.!]?$/iu', $clause, $match) === 1) {
            return mb_substr(
                trim(
                    (string) preg_replace(
                        [
                            '/,?\s*(?:about |for )?\d[\d\s.,–-]*(?:min|hour|hr).*$/iu',
                            '/\s*[;].*$|,\s*(?:and|then|lid|covered|uncovered|stirring)\b.*$/iu',
                            '/\s+[–—(-](?:\s.*|\p{L}.*)?$/iu',
                        ],
                        '',
                        $match[1],
                    ),
                    ' ,.',
                ),
                0,
                200,
            );
        }

        return preg_match(
            '/\d\s*°|\d{2,3}\s*[CF]\b|\bmeanwhile\b|\brepeat\b|\bgas mark\b|\boff the heat\b/iu',
            $clause,
        ) === 1
            ? mb_substr(rtrim($clause, '.'), 0, 200)
            : '';
    }
}
