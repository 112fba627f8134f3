<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Recipe\Jotted\JottedLine;
use Vinculum\Recipe\Jotted\LineReader;

/** As much as another thing, or so many times as much. */
final readonly class Tied implements Construct
{
    /**
     * "as much honey as mustard", "twice as much oil as vinegar".
     *
     * @return list<JottedLine>|null
     */
    public function of(string $line, bool $optional, LineReader $reader): ?array
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
            new JottedLine($reader->things->naming->of($match[2]), '', [], $optional, '', [
                trim($match[3]),
                $times[mb_strtolower($match[1])],
            ]),
        ];
    }
}
