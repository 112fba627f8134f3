<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Dimension;
use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\JottedLine;
use Vinculum\Recipe\Jotted\LineReader;

/** A ratio, or equal parts. */
final readonly class Parts implements Construct
{
    private const SEPARATORS = '/\s*[,;]\s*(?:and\s+)?|\s+and\s+|\s*&\s*|\s*\+\s*/iu';

    /**
     * "1 part sugar : 2 parts vinegar", "3:1 oil to vinegar", "equal parts oil and vinegar".
     *
     * @return list<JottedLine>|null
     */
    public function of(string $line, bool $optional, LineReader $reader): ?array
    {
        if (
            preg_match('/^equal (?:parts|amounts|quantities|measures)?\s*(?:of )?(.+)$/iu', $line, $match)
            === 1
        ) {
            return array_map(
                fn (string $name): JottedLine => $reader->things->line($name, '1 part'),
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
                    fn (string $number, string $name): JottedLine => $reader->things->line(
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
            $amount = JottedAmount::at($chunk, $reader->things->kit);
            if ($amount?->unit?->dimension !== Dimension::Part || trim($amount->rest) === '') {
                return null;
            }
            $lines[] = $reader->things->line($amount->rest, $amount->text);
        }

        return $lines;
    }
}
