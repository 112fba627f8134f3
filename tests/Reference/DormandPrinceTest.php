<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\TestCase;
use Vinculum\Cooking\Steam;

/** The numbers of Dormand and Prince's pair beside those of SciPy (scipy.integrate.RK45, BSD licence). */
final class DormandPrinceTest extends TestCase
{
    public function test_every_number_is_the_published_one(): void
    {
        $asked
            = 'import json; from scipy.integrate import RK45 as r; print(json.dumps([r.C.tolist(), r.A.tolist(), '
                .'r.B.tolist(), r.E.tolist()]))';
        exec('/usr/bin/python3 -c '.escapeshellarg($asked), $said);
        /** @var array{list<float>, list<list<float>>, list<float>, list<float>} $theirs */
        $theirs = json_decode(implode('', $said), true, 8, JSON_THROW_ON_ERROR);
        [$at, $from, $fifth, $difference] = $theirs;
        $steam = new \ReflectionClass(Steam::class);
        /** @var list<array{float, list<float>}> $stages */
        $stages = $steam->getConstant('STAGES');
        /** @var list<float> $ours */
        $ours = $steam->getConstant('DIFFERENCE');

        self::assertCount(6, $stages);
        foreach ($stages as $k => [$where, $weights]) {
            self::assertEqualsWithDelta($k === 5 ? 1.0 : $at[$k + 1], $where, 1e-15);
            self::assertEqualsWithDelta($k === 5 ? $fifth : array_slice($from[$k + 1], 0, $k + 1), $weights, 1e-14);
        }
        // theirs is the fourth order less the fifth
        self::assertEqualsWithDelta(array_map(static fn (float $each): float => -$each, $difference), $ours, 1e-15);
    }
}
