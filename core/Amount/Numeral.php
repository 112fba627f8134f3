<?php

declare(strict_types=1);

namespace Vinculum\Amount;

/**
 * A number as a maker writes it: 3, 0,5, 1 1/2, 1½, 3–4, "half a", "a couple of".
 *
 * A range is its middle with a wider spread.
 */
final readonly class Numeral
{
    /** What begins a number, for a look ahead. */
    public const BEGINS = '[\d½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]';

    private const VULGAR = [
        '½' => [1, 2],
        '⅓' => [1, 3],
        '⅔' => [2, 3],
        '¼' => [1, 4],
        '¾' => [3, 4],
        '⅕' => [1, 5],
        '⅖' => [2, 5],
        '⅗' => [3, 5],
        '⅘' => [4, 5],
        '⅙' => [1, 6],
        '⅚' => [5, 6],
        '⅛' => [1, 8],
        '⅜' => [3, 8],
        '⅝' => [5, 8],
        '⅞' => [7, 8],
    ];

    private function __construct(
        public float $value,
        public int $whole,
        public int $numerator,
        public int $denominator,
        public ?string $decimal,
        public ?self $upTo,
        public bool $written = true,
    ) {}

    public static function mixed(int $whole, int $numerator = 0, int $denominator = 1): self
    {
        return new self($whole + $numerator / $denominator, $whole, $numerator, $denominator, null, null);
    }

    /** @param string $digits with a decimal point */
    public static function decimal(string $digits): self
    {
        return new self(
            (float) $digits,
            (int) $digits,
            0,
            1,
            str_contains($digits, '.') ? $digits : null,
            null,
        );
    }

    /** One of something, with no number written ("pinch of salt"). */
    public static function unwritten(): self
    {
        return new self(1.0, 1, 0, 1, null, null, false);
    }

    /**
     * Reads a number from the start of the text.
     *
     * @return array{self, string}|null the number and what follows it; null where the text does not start with one
     *
     * @throws UnreadableAmount on a division by nothing, or a comma that could be either kind
     */
    public static function read(string $text): ?array
    {
        $isBetween = preg_match('/^\s*(?:between|from)\s+(?='.self::BEGINS.')/iu', $text, $between) === 1;
        $first = self::readOne($isBetween ? substr($text, strlen($between[0])) : $text);
        if ($first === null) {
            return null;
        }
        [$from, $rest] = $first;
        if (
            preg_match(
                '/^\s*(?:-|–|—|to\b|or\b'
                    .($isBetween ? '|and\b' : '')
                    .')\s*(?:up\s+to\s+)?(?='.self::BEGINS.'|\p{L}{3})/u',
                $rest,
                $match,
            ) === 1
        ) {
            $second = self::readOne(substr($rest, strlen($match[0])));
            // "the cheap one - 100 ml" is no range: nobody writes one end in letters and the other in digits
            $isBoth = preg_match('/\p{L}/u', substr($text, 0, strlen($text) - strlen($rest)))
                === preg_match('/^\p{L}/u', substr($rest, strlen($match[0])))
                || preg_match('/[–—-]/u', $match[0]) !== 1;
            if ($second !== null && $isBoth && $second[0]->value > $from->value) {
                [$to, $rest] = $second;
                $middle = new self(
                    ($from->value + $to->value) / 2,
                    $from->whole,
                    $from->numerator,
                    $from->denominator,
                    $from->decimal,
                    $to,
                );

                return [$middle, $rest];
            }
        }

        return [$from, $rest];
    }

    /** A value in digits, without zeros at its end. */
    public static function digits(float $value, int $places = 3): string
    {
        $digits = number_format($value, $places, '.', '');

        return $places > 0 ? rtrim(rtrim($digits, '0'), '.') : $digits;
    }

    /** Digits of any script as 0 to 9, and a fraction's slash as one. */
    public static function plainDigits(string $text): string
    {
        return preg_replace_callback(
            '/(?![0-9])\p{Nd}/u',
            // digits stand in runs of ten that begin with their zero
            static function (array $match): string {
                $code = mb_ord($match[0], 'UTF-8');
                for ($zero = $code; $zero > $code - 10; $zero--) {
                    if (preg_match('/\p{Nd}/u', (string) mb_chr($zero - 1, 'UTF-8')) !== 1) {
                        break;
                    }
                }

                return (string) (($code - $zero) % 10);
            },
            $text,
        ) ?? $text;
    }

    /** Half-width of a range in ln(value), 0 for a single number. */
    public function spread(): float
    {
        if ($this->upTo === null) {
            return 0.0;
        }
        $low = 2 * $this->value - $this->upTo->value;

        return $low > 0.0 ? log($this->upTo->value / $low) / 2 : 1.0;
    }

    /** The last written decimal place (0.1 for "2.5"), or null for a whole number or a fraction. */
    public function finestPlace(): ?float
    {
        $point = $this->decimal === null ? false : strpos($this->decimal, '.');

        return $point === false ? null : 10 ** -(strlen((string) $this->decimal) - $point - 1);
    }

    /** As the recipe format writes it: "1 1/4", "0.5", "3-4". */
    public function text(): string
    {
        $text
            = $this->decimal
            ?? match (true) {
                $this->numerator === 0 => (string) $this->whole,
                $this->whole === 0 => "{$this->numerator}/{$this->denominator}",
                default => "{$this->whole} {$this->numerator}/{$this->denominator}",
            };

        return $this->upTo === null ? $text : $text.'-'.$this->upTo->text();
    }

    /**
     * @return array{self, string}|null
     */
    private static function readOne(string $text): ?array
    {
        $read = self::readNumber($text);
        if ($read === null) {
            return null;
        }
        [$number, $rest] = $read;
        // "one and a half", "½ doz."
        if (
            $number->value === (float) $number->whole
            && preg_match('/^\s+(?:and|&)\s+/iu', $rest, $m) === 1
        ) {
            $part = NumberWords::partOfOne(substr($rest, strlen($m[0])), false);
            if ($part !== null) {
                return [self::mixed($number->whole, $part[0]->numerator, $part[0]->denominator), $part[1]];
            }
        }
        if (preg_match('/^\s*(?:dozen|doz)\b\.?/iu', $rest, $m) === 1) {
            return [self::mixed((int) round(12 * $number->value)), substr($rest, strlen($m[0]))];
        }

        return [$number, $rest];
    }

    /**
     * @return array{self, string}|null
     */
    private static function readNumber(string $text): ?array
    {
        $text = ltrim($text);
        // thousands set apart by an apostrophe: 1'200
        if (preg_match("/^\\d{1,3}(?:['’]\\d{3})+(?!\\d)/u", $text, $m) === 1) {
            return [
                self::fromDigits((string) preg_replace('/\D+/u', '', $m[0])),
                substr($text, strlen($m[0])),
            ];
        }
        $part = preg_match('/^\d[\s-]/', $text) === 1 ? NumberWords::partOfOne($text) : null;
        if ($part !== null) {
            return $part;
        }
        $slash = '\s*[\/⁄∕]\s*';
        $vulgar = implode('', array_keys(self::VULGAR));
        if (
            preg_match(
                "/^(\\d{1,9})(?:\\s+and\\s+|\\s*&\\s*|\\s*[- ]\\s*)(\\d{1,4}){$slash}(\\d{1,4})/u",
                $text,
                $m,
            ) === 1
            && (int) $m[2] < (int) $m[3]
        ) {
            return [self::mixed((int) $m[1], (int) $m[2], (int) $m[3]), substr($text, strlen($m[0]))];
        }
        if (preg_match("/^(\\d{1,9}){$slash}(\\d{1,9})/u", $text, $m) === 1) {
            return [self::fraction((int) $m[1], (int) $m[2], $m[0]), substr($text, strlen($m[0]))];
        }
        if (preg_match("/^(\\d{0,9})(?:\\s+and\\s+)?\\s*([{$vulgar}])/u", $text, $m) === 1) {
            [$numerator, $denominator] = self::VULGAR[$m[2]];

            return [self::mixed((int) $m[1], $numerator, $denominator), substr($text, strlen($m[0]))];
        }
        if (preg_match('/^(?:\d+(?:[.,]\d+)?|[.,]\d+)(?:e[+-]?\d+)?/iu', $text, $m) === 1) {
            return [self::fromDigits($m[0]), substr($text, strlen($m[0]))];
        }
        return NumberWords::read($text);
    }

    private static function fromDigits(string $digits): self
    {
        if (preg_match('/^[1-9]\d{0,2},\d{3}$/', $digits) === 1) {
            throw UnreadableAmount::commaEitherWay($digits);
        }
        $value = (float) strtr($digits, ',', '.');
        if (preg_match('/e/i', $digits) === 1 || $value > 1e7) {
            throw UnreadableAmount::outOfRange($digits);
        }

        return self::decimal(
            strtr($digits[0] === '.' || $digits[0] === ',' ? '0'.$digits : $digits, ',', '.'),
        );
    }

    private static function fraction(int $numerator, int $denominator, string $text): self
    {
        if ($denominator === 0) {
            throw UnreadableAmount::dividedByNothing($text);
        }
        $whole = intdiv($numerator, $denominator);

        return self::mixed($whole, $numerator - $whole * $denominator, $denominator);
    }
}
