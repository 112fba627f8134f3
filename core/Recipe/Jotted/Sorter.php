<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\Numeral;
use Vinculum\Recipe\Jotted\Reading\AmountBehind;

/**
 * Sorts the lines of a note before any is read: title, yield, heading, ingredient, method, remark, rule. A line with an
 * amount at its head is an ingredient unless the amount is a time; one that begins with what is done is method; one
 * that names nothing of the pantry and says something is a remark.
 */
final readonly class Sorter
{
    private const YIELD = '/^(?:(?:this\s+)?(?:recipe\s+)?(?:makes|make(?=\s+(?:about\s+|around\s+)?\d)|yields?|fills?|'
        .'gives)|yield|quantity|enough '
        .'for|for about \d+ (?:jars?|bottles?))\b\s*:?\s*(.*)$/iu';

    private const SERVINGS = '/^(?:(?:serv(?:es|ings?|e)|feeds|portions?)\b\s*:?\s*(?:for\s+)?'
        .'((?:about|around|approx\.?)?\s*\d.*)|(?:enough\s+)?for\s+((?:about\s+)?\d+\s*(?:[-–]|to)?\s*\d*\s*'
        .'(?:persons?|people|pers|portions?|servings?|guests?|helpings?|diners?)))\.?$/iu';

    /** "Day 1", "Week 2": when what stands under it is done. */
    private const WHEN = '/^(?:day|week|month|stage|part|phase)\s+(?:\d{1,2}|one|two|three|four)\s*[:.]?$/iu';

    private const REMARK
        = '/^(?:n\.?b\.?|notes?|tips?(?=\s*[:.\-–—])|p\.?s\.?|hint|remember|warning|caution|source|from|'
        .'recipe\s+(?:from|by)|adapted|'
        .'inspired|via|'
        .'credit|rating|difficulty|cuisine|course'
        .'|category|author|ph|equipment|tools?|storage|keeps|next time)\b\s*[:.\-–—]?\s'
        .'|^(?:prep(?:aration)?|cook(?:ing)?|total|active|resting?|hands[- ]on)(?:\s+time\b|\s*[:\-–—])/iu';

    /** "A bit too sweet": a bit of nothing. */
    private const TOO = '/^(?:still |was |were |\S+ (?:was|were|is|came out) )?'
        .'(?:a (?:bit|little|touch|tad) |far |much |way |rather )?too '
        .'(?:sweet|salty|sour|sharp|hot|mild|thin|thick|runny|bitter|much|little|strong|weak)\b/iu';

    /** A first line that ends in what is made is its name, though it begins with what is done: "Roast tomato sauce". */
    private const SAUCE = '/^(?:[\p{L}\p{M}\'’&-]+\s+){1,6}(?:sauce|ketchup|catsup|chutney|relish|glaze|salsa|dressing|'
        .'dip|gravy|jus|jam|marinade|pesto|vinaigrette|syrup|rub|paste|spread|curd|coulis)(?:\s*[(,#–—-].*)?$/iu';

    /** How much is said by another thing, or by the fruit. */
    private const RELATION
        = '/\bas much .+ as\b|^equal (?:parts|amounts|quantities|measures)\b'
        .'|^(?:the )?(?:juice|zest|rind) (?:of|and|&)\b|^\d+\s*:\s*\d/iu';

    private const ADDRESS = '/^(?:https?:\/\/|www\.)\S+$/iu';

    /** Words from which a line is a sentence; judgement. */
    private const SENTENCE = 12;

    private const TIME = '/^(?:about |around |for |another )?(?:\d[\d\s½¼¾\/.,–-]*|an?|one|two|half an?|a few|a '
        .'couple of)\s*(?:min(?:ute)?s?|hours?|hrs?|h|secs?|seconds?|days?|weeks?|months?|years?)\b/iu';

    private Naming $naming;

    private AmountBehind $behind;

    private Kitchenware $kit;

    /** @var array<string, string> processes by verb */
    private array $verbs;

    public function __construct(private LineReader $reader)
    {
        $this->naming = $reader->things->naming;
        $this->kit = $reader->things->kit;
        $this->behind = new AmountBehind($this->naming, $this->kit);
        $this->verbs = $reader->things->lexicon->page('verbs');
    }

    public function kind(string $raw, string $line, bool $isFirst, bool $isInMethod): LineKind
    {
        $line = self::unwrapped($line);

        return match (true) {
            preg_match('/[\p{L}\p{N}]/u', $line) !== 1 && preg_match('/^[\s*_=~\-–—#.·•+]+$/u', $raw) === 1
                => LineKind::Rule,
            preg_match(self::SERVINGS, $line) === 1 => LineKind::Servings,
            preg_match(self::YIELD, $line) === 1 && $this->isYield($line) => LineKind::Yield,
            preg_match(self::RELATION, $line) === 1 => LineKind::Ingredient,
            preg_match(self::TOO, $line) === 1 => LineKind::Remark,
            $this->isHeading($raw, $line) => LineKind::Heading,
            $isFirst && preg_match(self::SAUCE, rtrim($line, '! ')) === 1 && $this->isTitle($line) => LineKind::Title,
            preg_match(self::REMARK, $line) === 1 && ! $this->isIngredient($line) => LineKind::Remark,
            preg_match(self::ADDRESS, $line) === 1 => LineKind::Remark,
            // a sentence in another tongue is kept as it is
            $this->naming->tongue !== '' && $this->isForeignSentence($line) => LineKind::Remark,
            $this->isMethod($line) && ! $this->isSurely($line) => LineKind::Method,
            $isFirst && $this->isTitle($line) && ! $this->isSurely($line) => LineKind::Title,
            $isInMethod && ! $this->isIngredient($line) => LineKind::Method,
            $this->isTool($line) => LineKind::Remark,
            $this->isRemark($line) && ! $this->isSurely($line) => LineKind::Remark,
            default => LineKind::Ingredient,
        };
    }

    /** "(makes about 4 bottles)" */
    private static function unwrapped(string $line): string
    {
        return preg_match('/^\(([^()]+)\)\.?$/u', $line, $match) === 1 ? trim($match[1]) : $line;
    }

    /**
     * A title without what it makes: "Chimichurri (serves 6)".
     *
     * @return array{string, string} the name, and what it makes or how many it serves, or nothing
     */
    public static function named(string $title): array
    {
        return preg_match('/^(.{3,}?)\s*[,(–—-]+\s*((?:makes?|yields?|serves|feeds)\s+(?:about\s+|'
            .'around\s+)?\d[^()]*)\)?$/iu', $title, $match) === 1
            ? [$match[1], trim($match[2])]
            : [$title, ''];
    }

    /** What it makes, in its own words. */
    public static function yieldOf(string $line): string
    {
        $line = self::unwrapped($line);

        return preg_match(self::SERVINGS, $line, $match) === 1 || preg_match(self::YIELD, $line, $match) === 1
            ? trim((string) preg_replace('/[.;]\s.*$/u', '', (string) end($match)), ' .')
            : trim($line, ' .');
    }

    /** "brown onion x 2": a thing with its amount, whatever the line begins with; "warm 2 tbsp oil" is done. */
    private function isSurely(string $line): bool
    {
        $first = preg_match('/^(\p{L}+)\s+(?:(?:the|about)\s+)?'.Numeral::BEGINS.'/u', $line, $match) === 1
            ? mb_strtolower($match[1])
            : '';

        return count(preg_split('/\s+/u', $line) ?: []) < self::SENTENCE
            && preg_match('/[.!]\s+\p{Lu}/u', $line) !== 1
            && ! isset($this->verbs[$first])
            && $this->reader->isSurely($line);
    }

    private function isForeignSentence(string $line): bool
    {
        return count(preg_split('/\s+/u', $line) ?: []) >= self::SENTENCE / 2
            && preg_match('/^'.Numeral::BEGINS.'/u', $line) !== 1;
    }

    /** "1 muslin bag": what is used and not eaten. */
    private function isTool(string $line): bool
    {
        return $this->naming->lexicon->endsInTool($line) && $this->naming->of($line)->ingredient === null;
    }

    /** "Makes 2 cups", not "yield" alone; and "enough for …" always. */
    private function isYield(string $line): bool
    {
        return preg_match(
            '/\d|½|¼|¾|\b(?:one|two|three|four|five|six|a|an|about|enough|plenty)\b/iu',
            $line,
        ) === 1;
    }

    private function isHeading(string $raw, string $line): bool
    {
        if (preg_match('/^#+\s*\S/u', $raw) === 1) {
            return true;
        }
        $isStrong = preg_match('/^(?:\*\*|__)[^*_]+(?:\*\*|__):?$/u', $raw) === 1;
        $isKnown
            = preg_match(
                '/^(?:the )?(?:ingredients|method|directions|instructions|steps|procedure|preparation|to serve|'
                    .'to finish|to make|you(?:’|\')?(?:ll| will)? need|what you need|notes?|tips?)\s*:?$/iu',
                $line,
            ) === 1;
        if ($isKnown || preg_match(self::WHEN, $line) === 1) {
            return true;
        }
        if (preg_match('/\d|½|⅓|⅔|¼|¾/u', $line) === 1 || JottedAmount::at($line, $this->kit) !== null) {
            return false;
        }
        if (preg_match('/^[^,;.]{1,60}:$/u', $line) === 1) {
            return true;
        }

        return ($isStrong && ! $this->naming->knows($line))
            || preg_match('/^for (?:the |a |finishing|serving|thickening|seasoning)[^,;.]{0,50}$/iu', $line)
                === 1
            || preg_match('/^to (?:finish|serve|thicken|season|garnish)[^,;.]{0,50}$/iu', $line) === 1
            || ($this->isLoud($line) && $this->several($line) === 0);
    }

    private function isLoud(string $line): bool
    {
        return mb_strlen($line) > 3
            && $line === mb_strtoupper($line)
            && preg_match('/\p{Lu}{3}/u', $line) === 1
            && ! $this->naming->knows($line);
    }

    /** How many things of the pantry a loud line names: "SALT AND PEPPER". */
    private function several(string $line): int
    {
        $known = 0;
        foreach (preg_split('/\s*[,&]\s*|\s+and\s+/iu', $line) ?: [] as $part) {
            $known
                += $this->naming->knows($part)
                || ($this->naming->of($part)->ingredient !== null && $this->naming->of($part)->isSure)
                    ? 1
                    : 0;
        }

        return $known;
    }

    private function isTitle(string $line): bool
    {
        [$line] = self::named($line);
        $amount = JottedAmount::at($line, $this->kit);

        return ($amount === null || $amount->bare)
            && preg_match('/[.?]$/u', $line) !== 1
            && ! ($amount?->bare === true && $this->naming->knows($amount->rest))
            && ! $this->behind->isNameThenAmount($line)
            && preg_match('/\bto taste\b|\d\s*(?:g|kg|ml|l|oz|lb|cups?|tbsp|tsp)\b/iu', $line) !== 1;
    }

    private function isMethod(string $line): bool
    {
        if (
            preg_match(self::TIME, $line) === 1
            || preg_match('/^look for\s*:/iu', $line) === 1
            // "Pot hot", and not a pot of anything
            || preg_match('/^pots?\s+(?:it|them|up|hot|while|in|into|and)\b/iu', $line) === 1
        ) {
            return true;
        }
        $words = preg_split('/[^\p{L}\'’-]+/u', mb_strtolower($line), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $first = $words[0] ?? '';
        $amount = JottedAmount::at($line, $this->kit);
        // "Shake in a jar" is no shake of anything
        $isBareWord = $amount !== null
            && preg_match('/\d|[½¼¾⅓⅔]/u', $amount->text) !== 1
            && str_starts_with(mb_strtolower($amount->text), $first)
            && preg_match('/^\S+\s+of\s/u', $line) !== 1
            && ! $this->naming->means($amount->rest);
        if (isset($this->verbs[$first]) && ($amount === null || $isBareWord)) {
            // "warm water", "toast", "top of the milk": a thing named by what was done to it
            return ! $this->isThing($line, $words);
        }
        if ($amount !== null && ! $amount->bare) {
            return false;
        }
        // "All in the blender except the oil. Drizzle the oil in."
        if ($amount === null && preg_match('/\p{L}[.!]\s+\p{Lu}/u', $line) === 1) {
            return count($words) > 5 && array_intersect_key($this->verbs, array_flip($words)) !== [];
        }
        // a sentence somewhere in which something is done
        $isSentence = preg_match('/[.!]$/u', $line) === 1 || count($words) > 9;

        return $isSentence
            && count($words) > 3
            && array_intersect_key($this->heats(), array_flip($words)) !== []
            && ! ($amount !== null && $this->naming->knows($amount->rest));
    }

    /** @return array<string, string> */
    private function heats(): array
    {
        return array_filter($this->verbs, static fn (string $kind): bool => $kind !== 'none')
            + array_fill_keys(
                ['stir', 'whisk', 'mix', 'add', 'pour', 'strain', 'reduce', 'bring', 'put', 'serve'],
                'none',
            );
    }

    /**
     * @param list<string> $words
     */
    private function isThing(string $line, array $words): bool
    {
        if ($this->behind->isNameThenAmount($line) || $this->behind->endsInMeasure($line)) {
            return true;
        }
        if (
            count($words) > 5
            || preg_match('/[.;]|\bto\s+(?!taste)|\buntil\b|\d\s*(?:min|h)/iu', rtrim($line, '.')) === 1
            || str_ends_with($line, '.')
        ) {
            return false;
        }
        if (count($words) === 1) {
            // "Blend", "Chill": an instruction, though a thing may be called so; "Oil", "Cream": a thing
            return $this->verbs[$words[0]] === 'none' && $this->naming->exactly($line) !== null;
        }

        return ($this->naming->knows($line)
            && ! $this->naming->lexicon->is('commands', $words[0]))
            || preg_match('/^(?:juice|zest|rind|peel)\b.*\b(?:of|from)\b/iu', $line) === 1
            || preg_match('/^(?:juice|zest)\s+(?:\d|½|an?\b|half|one|two|three)/iu', $line) === 1
            || preg_match(
                '/^(?:squeeze|drizzle|sprinkle|dash|shake|splash|glug|juice|zest|scrape|drop|pinch|knob|'
                    .'spoon)\s+(?:of|or two)\b/iu',
                $line,
            ) === 1;
    }

    private function isIngredient(string $line): bool
    {
        $amount = JottedAmount::at($line, $this->kit);

        return preg_match(self::RELATION, $line) === 1
            || ($amount !== null
                && preg_match(self::TIME, $line) !== 1
                && (! $amount->bare || $this->naming->knows($amount->rest)))
            || (count(preg_split('/\s+/u', $line) ?: []) < 6 && $this->naming->knows($line));
    }

    /** "Jo says more chilli", "next time less salt", "a bit too sweet (better with lime)". */
    private function isRemark(string $line): bool
    {
        // "fresh chillies (as many as you dare)"
        $named = (string) preg_replace('/\s*\([^()]*\)$/u', '', $line);
        if (
            $this->isIngredient($line)
            || preg_match('/\d/u', $line) === 1
            || ($named !== $line && $this->naming->means($named))
        ) {
            return false;
        }

        return preg_match(
            '/\b(?:next time|last time|says?|said|reckons?|thinks?|liked?|loved?|better|best (?:with|on|after)|'
                .'too (?:sweet|salty|sour|hot|much|thin|thick|runny)|needs? (?:more|less)|was|were|is|are|it|'
                .'this|i|we|you|my|our|goes (?:well|with)|lovely|delicious|perfect|great with|good with|serve '
                .'with|more|less)\b/iu',
            $line,
        ) === 1
            && count(preg_split('/\s+/u', $line) ?: []) > 2
            && preg_match(
                '/^(?:a |an |some )?(?:little|bit|touch|pinch|splash|dash|handful)\b|\bmore or less\b/iu',
                $line,
            ) !== 1
            && $this->naming->of($line)->isSure === false;
    }
}
