<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Amount\Amount;
use Vinculum\Amount\Dimension;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Numeral;
use Vinculum\Amount\Units;
use Vinculum\Amount\UnreadableAmount;

/**
 * How much is wanted, as people say it: "half a batch", "twice", "for 12", "30 dumplings", "three 8 oz bottles", "fill
 * a quart jar", "250 ml x 6", "900 g of pineapple", "a 3 l pan".
 */
final readonly class TargetReader
{
    /** As many jars or people as there may be. */
    private const MOST_CONTAINERS = 1000;

    /** Times a batch, from and to. */
    private const FACTORS = [0.01, 1000.0];

    /** A bare number up to this is times the recipe; judgement. */
    private const BARE = 50.0;

    /** Words for times a batch. */
    private const TIMES = ['once' => 1.0, 'twice' => 2.0, 'double' => 2.0, 'thrice' => 3.0, 'triple' => 3.0,
        'treble' => 3.0, 'quadruple' => 4.0, 'halve' => 0.5];

    /** What one person has of it, mL, by use. Common practice, no source. */
    private const SERVINGS = ['dip' => 45.0, 'glaze' => 30.0, 'table' => 15.0, 'marinade' => 60.0, 'dressing' => 30.0];

    /** What goes on or with one piece, mL. Common practice, no source. */
    private const PIECES = ['dumpling' => 5.0, 'gyoza' => 5.0, 'nugget' => 5.0, 'prawn' => 4.0, 'shrimp' => 4.0,
        'wing' => 10.0, 'drumstick' => 20.0, 'thigh' => 25.0, 'skewer' => 15.0, 'kebab' => 20.0, 'rib' => 15.0,
        'rack' => 150.0, 'burger' => 15.0, 'sandwich' => 15.0, 'taco' => 15.0, 'burrito' => 30.0, 'sausage' => 12.0,
        'hot dog' => 12.0, 'roll' => 10.0, 'spring roll' => 10.0, 'samosa' => 10.0, 'steak' => 30.0, 'chop' => 30.0,
        'fillet' => 25.0, 'chicken' => 120.0, 'salad' => 30.0, 'bowl' => 45.0, 'pizza' => 100.0, 'bao' => 8.0,
        'meatball' => 8.0, 'fishcake' => 15.0, 'pancake' => 20.0, 'plate' => 30.0];

    private const CONTAINER = '(?:bottle|jar|tub|container|pot of jam|tin|can|pouch|carton|flask|glass|squeezy)';

    private const PEOPLE = '(?:people|persons?|guests?|servings?|portions?|eaters?|adults?|plates?)';

    private string $plain;

    private function __construct(private string $text, private MeasuringSet $set)
    {
        $plain = (string) preg_replace(
            ['/(?<=\d|half|quarter)-(?=\p{L})/u', '/\s+/u'],
            ' ',
            str_replace('’', "'", mb_strtolower(trim($text))),
        );
        $this->plain = (string) preg_replace(
            '/^(?:please |i (?:want|need) (?:to )?|make (?:me )?|about |roughly |scale (?:it )?to |just )+/u',
            '',
            $plain,
        );
    }

    /** @throws UnreachableTarget where the text is none of these */
    public static function read(string $text, MeasuringSet $set): ScaleTarget
    {
        $reader = new self($text, $set);
        try {
            return $reader->times()
                ?? $reader->people()
                ?? $reader->pan()
                ?? $reader->usingUp()
                ?? $reader->containers()
                ?? $reader->amount()
                ?? $reader->pieces()
                ?? throw UnreachableTarget::unreadable($text);
        } catch (UnreadableAmount $why) {
            throw UnreachableTarget::unreadable($text, $why);
        }
    }

    /** "2x", "x 3", "twice", "half a batch", "a batch and a half", "1 1/2 times the recipe", "2" */
    private function times(): ?ScaleTarget
    {
        $batch = '(?:the |a |of )*(?:batch(?:es)?|recipes?|amount|quantity|lot)';
        if (preg_match("/^(\\p{L}+)(?: (?:it|{$batch}))?$/u", $this->plain, $match) === 1) {
            $factor = self::TIMES[$match[1]] ?? null;
            if ($factor !== null) {
                return ScaleTarget::times($factor);
            }
        }
        if (preg_match("/^(.+?) {$batch} and (.+)$/u", $this->plain, $match) === 1) {
            return ScaleTarget::times($this->factor($this->number($match[1]) + $this->number($match[2])));
        }
        if (preg_match('/^(?:x|×) ?(.+)$/u', $this->plain, $match) === 1) {
            return ScaleTarget::times($this->factor($this->number($match[1])));
        }
        $parts = $this->inParts();
        if ($parts !== null) {
            return ScaleTarget::times($this->factor($parts));
        }
        [$numeral, $rest] = Numeral::read($this->plain) ?? [null, ''];
        $words = "/^(?:(?:x|×|times|fold)(?: (?:it|{$batch}))?|{$batch}|of it)$/u";
        $isTimes = preg_match($words, trim($rest, ' -')) === 1;
        $isBare = trim($rest) === '' && $numeral !== null && $numeral->value <= self::BARE;

        return $numeral !== null && ($isTimes || $isBare) ? ScaleTarget::times($this->factor($numeral->value)) : null;
    }

    /** "150 %", "a quarter more", "20 % less", "twice as much", "half as much again", "by 2.5", "another half" */
    private function inParts(): ?float
    {
        $plain = (string) preg_replace('/^(?:multipl(?:y|ied) )?by /u', '', $this->plain, 1, $isBy);
        $plain = (string) preg_replace('/ (?:of|than) (?:it|(?:the |a )?(?:batch|recipe|amount))$/u', '', $plain);
        $percent = '/^([+-]?)(\d+(?:[.,]\d+)?) ?(?:%|percent|per cent)( more| less)?$/u';
        if (preg_match($percent, $plain, $match) === 1) {
            $share = (float) str_replace(',', '.', $match[2]) / 100;

            return match (true) {
                $match[1] === '-', ($match[3] ?? '') === ' less' => 1 - $share,
                $match[1] === '+', ($match[3] ?? '') === ' more' => 1 + $share,
                default => $share,
            };
        }
        if (preg_match('/^(.+?)(?: as much)?( again| more| less| as much)$/u', $plain, $match) === 1) {
            $share = self::TIMES[$match[1]] ?? $this->numberOrNull((string) preg_replace('/ times$/u', '', $match[1]));

            return $share === null ? null : match ($match[2]) {
                ' as much' => $share,
                ' less' => 1 - $share,
                default => 1 + $share,
            };
        }
        if (preg_match('/^another (.+)$/u', $plain, $match) === 1) {
            return 1 + $this->number($match[1]);
        }

        return $isBy === 1 ? $this->number($plain) : null;
    }

    /** "8 people, glaze", "for 12", "serves 12", "enough for 20", "20 portions of 30 ml" */
    private function people(): ?ScaleTarget
    {
        $people = self::PEOPLE;
        $isFor = preg_match(
            '/^(?:enough )?(?:for|serves|serving|feeds|to serve|to feed)(?: about)? (.+)$/u',
            $this->plain,
            $for,
        ) === 1;
        $some = '/^(?:a |the )?(?:party|crowd|family|group|table|dinner|household) (?:of|for) (.+)$'
            .'|^the (.+) of us$/u';
        if (preg_match($some, $isFor ? $for[1] : $this->plain, $party) === 1) {
            $count = $this->count($this->number($party[2] ?? $party[1]));

            return ScaleTarget::people($count, self::SERVINGS['table'], true, true);
        }
        [$numeral, $rest] = Numeral::read($isFor ? $for[1] : $this->plain) ?? [null, ''];
        $who = "/^ ?(?:({$people})\\b)? ?(?:[x×,:]|at|as|of)? ?(.*)$/u";
        if ($numeral === null || preg_match($who, $rest, $match) !== 1) {
            return null;
        }
        if (! $isFor && $match[1] === '') {
            return null;
        }
        if ($match[1] === '' && $match[2] !== '') {
            // "for 30 dumplings", "for three 8 oz bottles"
            return self::read($for[1], $this->set);
        }
        $count = $this->count($numeral->value);
        $use = rtrim($match[2], ' .');

        return ScaleTarget::people(
            $count,
            $use === '' ? self::SERVINGS['table'] : self::SERVINGS[$use] ?? $this->millilitres($use),
            $use === '',
            $use === '' || isset(self::SERVINGS[$use]),
        );
    }

    /** "a 3 l pan" */
    private function pan(): ?ScaleTarget
    {
        $pan = '/^(?:fill |as much as (?:fits|goes)(?: in| into)? )?(?:a |an |my |the |all )*(.+?)'
            .' (?:pan|pot|saucepan)$/u';

        return preg_match($pan, $this->plain, $match) === 1
            ? ScaleTarget::pan($this->millilitres($match[1]))
            : null;
    }

    /** "all of 900 g plums", "use up 3 eggs", "900 g of pineapple" */
    private function usingUp(): ?ScaleTarget
    {
        $all = '/^(?:all(?: of)?|use(?: up)?(?: all(?: of)?)?|using(?: up)?|everything from|from|with'
            .'|i(?: have|\'ve(?: got)?)|there(?: is| are))(?: only)?(?: my| the| these| all)? (.+)$/u';
        if (preg_match($all, $this->plain, $match) === 1) {
            return $this->allOf($match[1]);
        }
        [$numeral, $rest] = Numeral::read($this->plain) ?? [null, ''];
        if ($numeral !== null && preg_match('/^ ?(\p{L}+)\.? (?:of )?(\p{L}.*)$/u', $rest, $match) === 1) {
            $unit = Units::find($match[1], $this->set);
            $isSauce = preg_match('/^(?:the |finished )?(?:sauce|it|batch)$/u', $match[2]) === 1;
            $isVessel = preg_match('/\b'.self::CONTAINER.'s?\b/u', $match[2]) === 1;
            if ($unit?->dimension === Dimension::Mass && ! $isVessel) {
                return $isSauce
                    ? ScaleTarget::ofGrams($numeral->value * $unit->size)
                    : ScaleTarget::allOf($numeral->value * $unit->size, 0.0, $match[2]);
            }
        }

        return null;
    }

    private function allOf(string $what): ScaleTarget
    {
        [$numeral, $rest] = Numeral::read($what) ?? throw UnreachableTarget::unreadable($this->text);
        preg_match('/^\s*(\p{L}+)\.?\s+(?:of\s+)?(.+)$/u', $rest, $match);
        $unit = isset($match[1]) ? Units::find($match[1], $this->set) : null;
        if ($unit?->dimension === Dimension::Mass) {
            return ScaleTarget::allOf($numeral->value * $unit->size, 0.0, $match[2]);
        }
        if ($unit?->dimension === Dimension::Volume) {
            return ScaleTarget::allThatFills($numeral->value * $unit->size, $match[2]);
        }
        $words = preg_replace('/^\s*(?:tins?|cans?|bunch(?:es)?|bottles?|whole|cloves?)\s+(?:of\s+)?/u', '', $rest);

        return ScaleTarget::allOf(null, $numeral->value, trim((string) $words));
    }

    /** "6 x 250 ml", "250 ml x 6", "three 8 oz bottles", "six jars of 200 ml", "fill a quart jar" */
    private function containers(): ?ScaleTarget
    {
        $vessel = self::CONTAINER;
        $plain = (string) preg_replace(
            '/^(?:fill|to fill|fills)(?: up)?(?: my| the| this| these| our| those)? /u',
            '',
            $this->plain,
        );
        // what kind of jar is no matter
        $plain = (string) preg_replace(
            '/ (?:(?:hot|sauce|squeezy|mason|jam|glass|swing-top|preserving|screw-top|small|large|big) ?)+'
                ."(?={$vessel}s?\\b)/u",
            ' ',
            $plain,
        );
        if (preg_match('/^(.+?) ?(?:x|×|\*|times) ?(\d{1,5})$/u', $plain, $match) === 1) {
            return ScaleTarget::containers($this->count((float) $match[2]), $this->millilitres($match[1]));
        }
        if (preg_match('/^(\d{1,5}) ?(?:x|×|\*|times|of) ?(.+?)(?: '.$vessel.'s?)?$/u', $plain, $match) === 1) {
            return ScaleTarget::containers($this->count((float) $match[1]), $this->millilitres($match[2]));
        }
        if (preg_match("/^(.+?) {$vessel}s? (?:of|at|with|holding|à|@) (.+?)(?: each)?$/u", $plain, $match) === 1) {
            return ScaleTarget::containers($this->count($this->number($match[1])), $this->millilitres($match[2]));
        }
        if (preg_match("/^(.+?)[ -]{$vessel}s?$/u", $plain, $match) !== 1) {
            if (preg_match("/^(?:.+? )?{$vessel}s?$/u", $plain) === 1) {
                throw UnreachableTarget::containersBySize($this->text);
            }

            return null;
        }
        [$numeral, $rest] = Numeral::read($match[1]) ?? [null, $match[1]];
        $size = trim($rest, ' -');
        if ($numeral !== null && Numeral::read($size) !== null) {
            return ScaleTarget::containers($this->count($numeral->value), $this->millilitres($size));
        }
        $isUnit = preg_match('/^\p{L}+(?: oz)?$/u', $size) === 1 && Units::find($size, $this->set) !== null;
        if ($numeral === null || ! $isUnit) {
            throw UnreachableTarget::containersBySize($this->text);
        }
        // "a quart jar" is one of them; "two quart jars" are two, of a quart each
        return $numeral->value === floor($numeral->value) && $this->isWord($match[1])
            ? ScaleTarget::containers($this->count($numeral->value), $this->millilitres("1 {$size}"))
            : ScaleTarget::containers(1, $this->millilitres($match[1]));
    }

    /** A count in words stands for containers, a number in digits for their size: "a 330 ml bottle", "12 oz bottle". */
    private function isWord(string $text): bool
    {
        return preg_match('/^\p{L}/u', trim($text)) === 1;
    }

    /** "30 dumplings", "a dozen wings" */
    private function pieces(): ?ScaleTarget
    {
        [$numeral, $rest] = Numeral::read($this->plain) ?? [null, ''];
        $kinds = '/^(?: ?(?:of|chicken|big|small|large|pork|beef|fish|fried|grilled) )*/u';
        $words = trim((string) preg_replace($kinds, '', $rest), ' .');
        $isWords = preg_match('/^[\p{L} \'-]+$/u', $words) === 1;
        if ($numeral === null || ! $isWords || Units::find(explode(' ', $words)[0], $this->set) !== null) {
            return null;
        }
        foreach ([$words, rtrim($words, 's'), (string) preg_replace('/(?:es|s)$/u', '', $words)] as $one) {
            if (isset(self::PIECES[$one])) {
                return ScaleTarget::pieces($this->count($numeral->value), self::PIECES[$one], $words);
            }
        }

        return ScaleTarget::allOf(null, $numeral->value, $words);
    }

    /** "900 g", "1.5 l", "2 cups" */
    private function amount(): ?ScaleTarget
    {
        try {
            [$dimension, $size] = $this->size(Amount::parse($this->plain, $this->set));
        } catch (UnreadableAmount|UnreachableTarget) {
            return null;
        }

        return $dimension === Dimension::Mass ? ScaleTarget::ofGrams($size) : ScaleTarget::ofMillilitres($size);
    }

    private function numberOrNull(string $text): ?float
    {
        [$numeral, $rest] = Numeral::read($text) ?? [null, ''];

        return trim($rest) === '' ? $numeral?->value : null;
    }

    private function number(string $text): float
    {
        return $this->numberOrNull($text) ?? throw UnreachableTarget::unreadable($this->text);
    }

    private function factor(float $times): float
    {
        if ($times < self::FACTORS[0] || $times > self::FACTORS[1]) {
            throw UnreachableTarget::unreadable($this->text);
        }

        return $times;
    }

    private function count(float $count): int
    {
        if ($count < 1.0 || $count > self::MOST_CONTAINERS || $count !== floor($count)) {
            throw UnreachableTarget::unreadable($this->text);
        }

        return (int) $count;
    }

    private function millilitres(string $size): float
    {
        // what a bottle holds is said in ounces, and meant in fluid ones
        $ounces = '/(?<!fl )(?<!fl\. )(?<!fluid )(?<!\p{L})(?:oz|ounces?)\b\.?/u';
        $size = (string) preg_replace($ounces, 'fl oz', trim($size));
        $size = Numeral::read($size) === null ? "1 {$size}" : $size;
        [$dimension, $millilitres] = $this->size(Amount::parse(trim($size), $this->set));
        if ($dimension !== Dimension::Volume) {
            throw UnreachableTarget::containersByVolume($this->text);
        }

        return $millilitres;
    }

    /** @return array{Dimension, float} */
    private function size(Amount $amount): array
    {
        $size = 0.0;
        $dimension = null;
        foreach ($amount->terms as $term) {
            if (
                $term->unit === null
                || ! in_array($term->unit->dimension, [Dimension::Mass, Dimension::Volume], true)
                || ($dimension ?? $term->unit->dimension) !== $term->unit->dimension
            ) {
                throw UnreachableTarget::unreadable($this->text);
            }
            $dimension = $term->unit->dimension;
            $size += $term->number->value * $term->unit->size;
        }
        if ($dimension === null || $size < 1.0 || $size > 1e6) {
            throw UnreachableTarget::unreadable($this->text);
        }

        return [$dimension, $size];
    }
}
