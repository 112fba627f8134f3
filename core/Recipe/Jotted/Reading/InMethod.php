<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Singular;
use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\JottedLine;
use Vinculum\Recipe\Jotted\LineReader;
use Vinculum\Recipe\Jotted\Naming;
use Vinculum\Recipe\ProcessKind;

/**
 * What only the method says goes in. A sentence is cut at what connects its parts; each part is read as a line of the
 * list would be. One that names a thing with its amount goes in wherever it stands; one without an amount, where
 * something is put in. What the list holds already is only spoken of again.
 */
final class InMethod
{
    /** What a part scores at least to be a thing with its amount; judgement. */
    private const A_THING = 2.9;

    /** Words of a part beyond which it is no name; judgement. */
    private const NAME_OF = 7;

    private const BETWEEN = '/(\s*[,:()–—]\s*|(?<!\d)'
        // the rind and the juice of one fruit are read together
        .'(?:(?<!rind|zest|peel|uice)|(?!\s+and\s+(?:the\s+)?(?:juice|zest|rind|peel)\b))'
        .'\s+(?:and(?!\s+(?:a\s+)?(?:half|quarter|third|[½¼¾])\b)|with|into'
        .'|in|to|over|until|till|for|then|plus|before|after|on|at|from|off|through|onto|while|when|if|or|by'
        .'|under|as|but|not|without|around|inside|against)\s+|\s*\+\s*)/iu';

    /** Behind which something goes in that has no amount; behind a comma or "and" what went before goes on. */
    private const GIVES = ['with', 'plus'];

    private const GOES_ON = ['', ',', ':', '(', ')', 'and', '+', '–', '—', 'or', 'then', 'in', 'through'];

    private const TIMED = '/^(?:about\s+|another\s+|a further\s+)?(?:[\d½¼¾–-]+|an?|one|two|three|half an?|a few|'
        .'a couple of)(?:\s*(?:-|–|to)\s*\d+)?\s*(?:more\s+|further\s+)?(?:min|minute|hour|hr|h|sec|second|day|'
        .'week|month|°|degree|f|%|time|cm|mm|inch)s?\b/iu';

    private const FOR_SO_LONG = '/\s+(?:about\s+)?\d[\d\s–-]*\s*(?:min|minute|hour|hr|sec|second)s?\b.*$/iu';

    /** What is done only where it turns out so. */
    private const PERHAPS = '/\b(?:if|when(?:ever)?)\b[^.;]*\b(?:needed|necessary|too|like|want|wish|prefer|required|'
        .'thick|thin|available|serving|using)\b/iu';

    /** @var list<array{string, list<string>}> slugs and the words each goes by */
    private array $there = [];

    public function __construct(private readonly LineReader $reader) {}

    /** Something of the list. */
    public function holds(string $slug, string $words): void
    {
        $thing = $this->reader->things->catalogue->find($slug);
        $this->there[] = [$slug, array_map(
            Singular::of(...),
            [...Naming::words(Naming::parted($words)[0]), ...Naming::words($thing->name ?? '')],
        )];
    }

    /**
     * @return list<string> each as a line of the list would have it
     */
    public function found(string $text): array
    {
        $found = [];
        foreach (preg_split('/(?<=[.;!?])\s+|;\s*/u', $text) ?: [] as $sentence) {
            $first = mb_strtolower(preg_match('/\p{L}+/u', $sentence, $match) === 1 ? $match[0] : '');
            if (! $this->lexicon()->is('besides', $first)) {
                array_push($found, ...$this->inSentence($sentence));
            }
        }

        return $found;
    }

    /** @return list<string> */
    private function inSentence(string $sentence): array
    {
        if (preg_match(self::PERHAPS, $sentence) === 1) {
            return [];
        }
        $found = [];
        $sentence = (string) preg_replace('/\s*\b(?:to|as) taste\b/iu', '', $sentence);
        // "Black pepper at the end": where nothing is done, what is named goes in
        $gives = ! $this->says($sentence);
        $fries = false;
        $tokens = preg_split(self::BETWEEN, $sentence, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];
        foreach ([null, ...$tokens] as $i => $token) {
            if ($i % 2 === 0) {
                continue;
            }
            $between = mb_strtolower(trim((string) ($i > 1 ? $tokens[$i - 2] : '')));
            [$verbs, $part] = $this->withoutVerbs(trim((string) $token, " \t.;!?\"“”"));
            $puts = array_filter($verbs, fn (string $verb): bool => $this->lexicon()->is('giving', $verb)) !== [];
            $fries = $fries || array_filter($verbs, fn (string $verb): bool
                => $this->lexicon()->says('verbs', $verb) === ProcessKind::Fry->value) !== [];
            $gives = $puts || in_array($between, self::GIVES, true)
                || ($gives && $verbs === [] && in_array($between, self::GOES_ON, true));
            $line = $this->thing($part, $gives, $fries && $between === 'in');
            if ($line !== null) {
                $found[] = $line;
            }
        }

        return $found;
    }

    private function says(string $sentence): bool
    {
        foreach (Naming::words($sentence) as $word) {
            if ($this->lexicon()->is('verbs', $word)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @return array{list<string>, string} what is done, and what is left of the words
     */
    private function withoutVerbs(string $part): array
    {
        $verbs = [];
        while (preg_match('/^(\p{L}[\p{L}\'’-]*)(?:\s+|$)(?!of\b)/u', $part, $match) === 1) {
            $word = mb_strtolower($match[1]);
            $isVerb = $this->lexicon()->is('verbs', $word) || $this->lexicon()->is('giving', $word);
            $isBetween = preg_match('/\p{L}{2}ly$/u', $word) === 1
                || ($this->lexicon()->connects($word) && JottedAmount::number($word) === null);
            if ($this->lexicon()->is('negating', $word)) {
                return [$verbs, ''];
            }
            if (! $isVerb && ! $isBetween) {
                break;
            }
            // "brown sugar", "cream of tartar": a name may begin like what is done
            if ($isVerb && $this->reader->things->catalogue->beginsAName($word) && $this->beginsName($part)) {
                break;
            }
            $part = substr($part, strlen($match[0]));
            $verbs = $isVerb ? [...$verbs, $word] : $verbs;
        }

        return [$verbs, $part];
    }

    private function beginsName(string $part): bool
    {
        $words = explode(' ', $part);
        for ($count = min(4, count($words)); $count > 0; $count--) {
            if ($this->reader->things->naming->exactly(implode(' ', array_slice($words, 0, $count))) !== null) {
                return true;
            }
        }

        return false;
    }

    /** The line that a part of a sentence comes to; null where nothing goes in by it. */
    private function thing(string $part, bool $gives, bool $isFriedIn): ?string
    {
        // how long is said of the step
        $part = trim((string) preg_replace(self::FOR_SO_LONG, '', $part));
        $words = preg_split('/\s+/u', $part, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $naming = $this->reader->things->naming;
        // "the brine", but "fish sauce"
        $refers = $this->lexicon()->is('referring', Singular::of(mb_strtolower((string) end($words))))
            && $naming->exactly(implode(' ', array_slice($words, -2))) === null
            && $naming->exactly(implode(' ', array_slice($words, -3))) === null;
        if ($refers || $words === [] || count($words) > self::NAME_OF || preg_match(self::TIMED, $part) === 1) {
            return null;
        }
        // without an amount it goes in only where something is put in
        if (! $gives && ! $isFriedIn && ! $this->saysHowMuch($part)) {
            return null;
        }
        [$line, $score] = $this->reader->scored($part);
        $thing = $line->named->ingredient;
        if ($line->amount === 'to taste' || $line->tie !== null) {
            $isPutIn = $thing !== null
                && ($gives || ($isFriedIn && $thing->isOf('fat')))
                && $this->isNamed($line);

            return $isPutIn && ! $this->isThere($thing, $line->named->words) ? $this->put($line, $part) : null;
        }
        if ($thing === null) {
            return $this->isUnknownThing($part, $line) ? $part : null;
        }
        // "100 ml of the soaking water" is of what is there; "2 tbsp of the wine" goes in where the list has none
        $isPlenty = $score >= self::A_THING && (preg_match('/\bof (?:the|it)\b/iu', $part) !== 1
            || ! $thing->isPlain('water')
            && JottedAmount::at($part, $this->reader->things->kit)?->isMeasuredOut() === true);

        return $isPlenty && ! $this->isThere($thing, $line->named->words) ? $this->put($line, $part) : null;
    }

    private function saysHowMuch(string $part): bool
    {
        return preg_match('/[\d½⅓⅔¼¾⅛]/u', $part) === 1
            || JottedAmount::at($part, $this->reader->things->kit) !== null
            || preg_match('/\b(?:juice|zest|rind|peel)\b/iu', $part) === 1;
    }

    /** Whether the words are a name with how it is prepared, and nothing that is only like it. */
    private function isNamed(JottedLine $line): bool
    {
        return $this->reader->things->naming->beside->unaccounted($line->named) === []
            && ! $this->lexicon()->is('referring', mb_strtolower(trim($line->named->words)));
    }

    /** "2 tbsp xyzzy" is asked for; "a 500 ml jar", "100 ml of the mixture" are no food. */
    private function isUnknownThing(string $part, JottedLine $line): bool
    {
        $words = Naming::words($line->named->words);
        $last = Singular::of((string) end($words));

        return JottedAmount::at($part, $this->reader->things->kit)?->isMeasuredOut() === true
            && $words !== []
            && array_filter($words, fn (string $word): bool => preg_match('/^\p{L}{3}/u', $word) === 1) !== []
            && ! $this->lexicon()->is('tools', $last)
            && array_filter($words, fn (string $word): bool => $this->lexicon()->is('referring', $word)) === [];
    }

    private function put(JottedLine $line, string $part): string
    {
        $this->holds($line->named->slug(), $line->named->words);

        return $part;
    }

    /** Whether the list holds it, under a wider name or under its own: "the oil" of olive oil. */
    private function isThere(Ingredient $thing, string $words): bool
    {
        $said = array_map(Singular::of(...), Naming::words(Naming::parted($words)[0]));
        $said = array_values(array_filter($said, fn (string $word): bool => ! $this->lexicon()->isWay($word)));
        $noun = (string) end($said);
        $noun = $this->lexicon()->isForm($noun) && count($said) > 1 ? $said[count($said) - 2] : $noun;
        foreach ($this->there as [$slug, $words]) {
            if ($slug === $thing->slug) {
                return true;
            }
            if (count($said) === 1 && $this->isCalled($slug, $noun)) {
                return true;
            }
            // "spring onions" are none of the onions, "the oil" is the olive oil
            $own = array_diff($said, $words, ['the', 'of', 'a']);
            if (in_array($noun, $words, true) && $own === []) {
                return true;
            }
        }

        return false;
    }

    /** Whether one word is what things of its kind are called together: the chilli, the spices. */
    private function isCalled(string $slug, string $noun): bool
    {
        $listed = $this->reader->things->catalogue->find($slug);
        if ($listed === null) {
            return false;
        }
        $kinds = $this->lexicon()->vocabulary()->words['kinds'];
        foreach ($listed->kinds as $kind) {
            if (in_array($noun, $kinds[$kind]['called'] ?? [], true)) {
                return true;
            }
        }

        return $this->lexicon()->saysItAgain($noun, $listed);
    }

    private function lexicon(): Lexicon
    {
        return $this->reader->things->lexicon;
    }
}
