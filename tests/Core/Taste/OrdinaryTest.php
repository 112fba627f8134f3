<?php

declare(strict_types=1);

namespace Tests\Core\Taste;

use PHPUnit\Framework\TestCase;
use Tests\Support\Ordinary;
use Tests\Support\Sauce;
use Vinculum\Taste\Measure;

/** Styles lie where ordinary recipes of their kind do: their bands are computed from those, and no wider. */
final class OrdinaryTest extends TestCase
{
    public function test_every_style_has_the_bands_its_recipes_come_to(): void
    {
        $styles = Sauce::styles();
        foreach (Ordinary::recipes() as $slug => $recipes) {
            foreach (Ordinary::bands($slug, $recipes) as $measure => $band) {
                $is = $styles[$slug]->band(Measure::from($measure));
                self::assertSame(
                    $band,
                    ['low' => $is?->low, 'aim' => $is?->aim, 'high' => $is?->high],
                    "{$slug}, {$measure}: database/styles is older than tests/data/ordinary.txt: bin/bands",
                );
            }
            unset($styles[$slug]);
        }
        self::assertSame([], array_keys($styles), 'styles without recipes');
    }

    public function test_most_ordinary_recipes_are_within_half_a_step_of_their_kind(): void
    {
        $within = $all = 0;
        foreach (Ordinary::recipes() as $slug => $recipes) {
            self::assertGreaterThanOrEqual(5, count($recipes), $slug);
            $style = Sauce::style($slug);
            foreach ($recipes as [, $sauce]) {
                $off = array_filter(
                    Measure::cases(),
                    static fn (Measure $measure): bool => abs(
                        $style->band($measure)?->steps($measure, $sauce->tasting->value($measure)) ?? 0.0,
                    ) > 0.5,
                );
                $all++;
                $within += $off === [] ? 1 : 0;
            }
        }
        self::assertGreaterThan(0.75, $within / $all, "{$within} of {$all}");
        self::assertLessThan(0.98, $within / $all, 'a band that holds everything says nothing');
    }
}
