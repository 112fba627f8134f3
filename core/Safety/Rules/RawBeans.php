<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Beans that are poisonous raw, or only warmed. */
final class RawBeans implements Rule
{
    public function of(Facts $sauce): array
    {
        $lines = $sauce->rawHaving('raw-beans');

        return $lines === []
            ? []
            : [
                Caution::of(
                    Grade::Stop,
                    'raw-beans',
                    'Raw or half-cooked beans are poisonous: soak them, throw the water away, and boil them hard '
                        .'for half an hour. A slow cooker is not hot enough.',
                    'US FDA, Bad Bug Book, on phytohaemagglutinin',
                    $lines,
                ),
            ];
    }
}
