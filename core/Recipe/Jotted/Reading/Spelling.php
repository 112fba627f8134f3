<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Dimension;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Numeral;
use Vinculum\Recipe\Jotted\JottedAmount;

/**
 * A line as it was meant, letter by letter: what is written short is written out, and what a camera or a machine that
 * takes dictation got wrong may have been otherwise.
 */
final readonly class Spelling
{
    /** What a camera takes a letter or a digit for; common practice, no source. */
    private const SEEN = [
        'l' => '1', 'I' => '1', '|' => '1', 'i' => '1', 'O' => '0', 'o' => '0', 'S' => '5', 'B' => '8', 'Z' => '2',
    ];

    private const PACKED = '((?:(?:loosely|lightly|firmly|tightly|well)[ -])?packed)';

    private const SPOON_OR_CUP = '(cups?|tbsps?\b\.?|tablespoons?|tsps?\b\.?|teaspoons?)';

    private const WHOSE = [
        'us' => MeasuringSet::Us,
        'u.s.' => MeasuringSet::Us,
        'american' => MeasuringSet::Us,
        'metric' => MeasuringSet::Metric,
        'imperial' => MeasuringSet::Imperial,
        'uk' => MeasuringSet::Imperial,
        'british' => MeasuringSet::Imperial,
        'australian' => MeasuringSet::Australian,
    ];

    private const MEASURE = '(?:(?:table|tea|dessert)?spoons?|tbsps?|tsps?|cups?|pints?|quarts?|gallons?|fl\.?\s?oz'
        .'|fluid\sounces?)\b\.?';

    public function __construct(private Kitchenware $kit, private Lexicon $lexicon, private Abroad $abroad) {}

    /** With all that is written short written out. */
    public function whole(string $line): string
    {
        $line = $this->writtenOut($this->abroad->ours($line));
        $said = [
            // "1 in ginger" is an inch of it
            '/(?:^|[,;&+]\s*|\band\s+)[\d½¼¾][\d\s\/½¼¾.-]*\K\s?in\.?\s+(?!the\b|an?\b|total|all\b|each\b)(?=\p{L})/iu'
                => ' inch ',
            // "habanero x6", "pepper n salt"
            '/(?<=\s)[x×](?=\d)/iu' => 'x ',
            '/(?<=\p{L})\s+[\'’]?n[\'’]?\s+(?=\p{L}{3})/iu' => ' and ',
            // "1 200 g", "3-T8SP" is for a camera, "1 tbsp , mustard", "few shakes", "1 loose cup"
            '/(?<=\d)\s(?=\d{3}\s*(?:g|ml|gr|grams?)\b)/iu' => '',
            '/(?<=\p{L}|\.)\s*,\s*(?=(?:cups?|tbsps?|tsps?|oz|lbs?)\b)/iu' => ' ',
            '/(?<!\ba )\bfew\s+(?=\p{L})/iu' => 'a few ',
            '/\bloose\s+(?=cups?\b)/iu' => '',
            // "1 packed cup parsley", "2 cups, loosely packed, mint"
            '/\b'.self::PACKED.'\s+'.self::SPOON_OR_CUP.'/iu' => '$2 $1',
            '/\b'.self::SPOON_OR_CUP.',\s*'.self::PACKED.',?(?=\s)/iu' => '$1 $2',
            '/^(\S+\s+(?:cups?|tbsps?|tsps?|oz|lbs?|g|ml|large|medium|small)\b\.?)\s*,\s*(?=\p{L})/iu' => '$1 ',
            '/(?<=\p{L})\s*,?\s*~\s*(?=\d)/u' => ', about ',
            '/(?<![\p{L}\d])s\s?[&+]\s?p\b(?=\s*[,;])|(?<=[,; ])s\s?[&+]\s?p\b/iu' => 'salt, black pepper',
            // "2 tsp ea. of", "1 TB sugar", "1 part ish"
            '/(?<=[\d\p{L}])[ -]ish\b/iu' => '',
            '/\bea\b\.?(?=\s)/iu' => 'each',
            '/\bTBS?\b\.?(?=\s)/u' => 'tbsp',
            '/,?\s*(?:@|\bat)\s*room\s+temp(?:erature|\b\.?)/iu' => ', at room temperature',
            '/(?<=\p{L}),?\s+(?=(?:right )?at the (?:very )?end$)/iu' => ', ',
            // "about a pound of", and not "about a third"
            '/^(?:about|around|roughly|nearly|almost|like|say|bout|\'bout)\s+(?=an?\s+(?:kilo|pound|lb|litre|liter|'
                .'pint|quart|cup|tbsp|tsp|tablespoon|teaspoon|gram|ounce|oz)s?\b|half\b|\d)/iu' => 'about ',
            '/^about\s+\Kan?\s+(?=(?:kilo|pound|lb|litre|liter|pint|quart|cup|tbsp|tsp|tablespoon|teaspoon|gram|ounce|'
                .'oz)s?\b)/iu' => '1 ',
            // "tsp jelly", "pint of stock" are one of it
            '/^(?=(?:tsp|tbsp|teaspoon|tablespoon|cup|pint)\b\.?\s+(?:of\s+)?\p{L})/iu' => '1 ',
            // "a teaspoon or so", "about 2 lb or thereabouts"
            '/\s+(?:or so|or thereabouts|give or take|more or less)(?=\W|$)/iu' => '',
        ];
        $line = (string) preg_replace(array_keys($said), $said, $line);
        $line = $this->andAHalf($line);
        // "50 g butter / 50 g flour / 600 ml milk"
        $line = substr_count($line, ' / ') > 1 ? strtr($line, [' / ' => ', ']) : $line;

        return $this->inMyMeasures($line);
    }

    /** "brn sug", "cider vin": whole words that are written short, as they are said. */
    public function writtenOut(string $line): string
    {
        return (string) preg_replace_callback(
            '/(?<![\p{L}\p{N}.\'’-])(\p{L}{2,7})(\.?)(?![\p{L}\p{N}\'’-])/u',
            fn (array $word): string => $this->lexicon->says('short', mb_strtolower($word[1])) ?? $word[0],
            $line,
        );
    }

    /** "a stick and a half of butter" is one and a half. */
    private function andAHalf(string $line): string
    {
        $shape = '/^(.*?)\b(an?|one|two|three|four|five|\d+)\s+(\p{L}+)\s+and\s+(?=(?:an?\s+)?(?:half|quarter|third)\b'
            .'|three\s+quarters)/iu';
        $isSo = preg_match($shape, $line, $match) === 1 && $this->kit->find($match[3]) === null;
        $part = $isSo ? JottedAmount::number(substr($line, strlen($match[0]))) : null;
        $whole = $part === null ? null : JottedAmount::number($match[2]);
        if ($part === null || $whole === null || $part[0]->whole > 0) {
            return $line;
        }
        $number = Numeral::mixed($whole[0]->whole, $part[0]->numerator, $part[0]->denominator)->text();

        return $match[1].$number.' '.$match[3].' '.ltrim((string) preg_replace('/^\s+of\b/iu', '', $part[1]));
    }

    /**
     * What the line may have been before a camera or a machine took it down, with what of it that changes.
     *
     * @return iterable<array{string, string, string}> the line, the words as they stand, and as they may have been
     */
    public function otherwise(string $line): iterable
    {
        // "for cups of stock": a number heard as a word
        if (preg_match('/^(\p{L}{2,4})\s+(\p{L}+)/u', $line, $match) === 1) {
            $number = $this->lexicon->says('heard', mb_strtolower($match[1]));
            $unit = $this->kit->find($match[2]);
            if ($number !== null && $unit !== null && ! $unit->informal) {
                yield [$number.substr($line, strlen($match[1])), $match[0], "{$number} {$match[2]}"];
            }
        }
        foreach (preg_split('/(?<=\s)|(?=\s)/u', $line) ?: [] as $i => $word) {
            $other = $this->seen($word, $i === 0);
            if ($other !== $word) {
                $parts = preg_split('/(?<=\s)|(?=\s)/u', $line) ?: [];
                $parts[$i] = $other;
                yield [implode('', $parts), $word, $other];
            }
        }
    }

    /** A word as a camera may have had it before it: digits in a word, letters in a number. */
    private function seen(string $word, bool $isFirst): string
    {
        // "l/2", "I tsp", "1O"
        $isNumber = preg_match('/^[lI|OoSBZ\d][lI|OoSBZ\d\/.½¼¾-]*$/u', $word) === 1
            && ($isFirst || preg_match('/\d/u', $word) === 1);
        if ($isNumber && preg_match('/\p{L}|\|/u', $word) === 1) {
            return strtr($word, self::SEEN);
        }
        // "2 Ibs."
        $seen = strtr($word, ['I' => 'l', '|' => 'l', '1' => 'l']);
        if ($seen !== $word && preg_match('/^\p{L}/u', $seen) === 1 && $this->kit->find(rtrim($word, '.')) === null) {
            $unit = $this->kit->find(rtrim($seen, '.'));
            if ($unit !== null && strlen($word) > 1) {
                return $unit->name;
            }
        }
        // "c1oves", "T8SP.", "su9ar" is beyond us
        if (preg_match('/^\p{L}+\d[\p{L}\d]*\p{L}\.?$/u', $word) === 1) {
            $letters = strtr($word, ['1' => 'l', '0' => 'o', '8' => 'B', '5' => 's']);
            $unit = $this->kit->find(mb_strtolower(strtr(rtrim($letters, '.'), ['B' => 'b'])));

            return $unit === null ? $letters : $unit->name;
        }

        return $word;
    }

    /** "1 US cup", "2 imperial pints": whose cup it is, in the cups of this household or in millilitres. */
    private function inMyMeasures(string $line): string
    {
        $shape = '/^(.*?)(?<![\p{L}.])('.implode('|', array_map(preg_quote(...), array_keys(self::WHOSE))).')\s+('
            .self::MEASURE.')(.*)$/iu';
        if (preg_match($shape, $line, $match) !== 1) {
            return $line;
        }
        $set = self::WHOSE[mb_strtolower($match[2])];
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
}
