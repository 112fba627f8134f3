<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Recipe\ProcessKind;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Hot liquid in a closed blender. */
final class HotBlender implements Rule
{
    public function of(Facts $sauce): array
    {
        foreach ($sauce->cooked->stages as $report) {
            if ($report->stage->process?->kind === ProcessKind::Blend && $report->startsHot) {
                return [
                    Caution::of(
                        Grade::Mind,
                        'hot-blender',
                        'Hot liquid in a closed blender throws its lid: fill it no more than half, vent it, hold '
                            .'a cloth over it.',
                        'common practice, no source',
                    ),
                ];
            }
        }

        return [];
    }
}
