<?php

declare(strict_types=1);

namespace Tests\Core\Batch;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Batch\Division;
use Vinculum\Batch\Equipment;
use Vinculum\Batch\EquipmentFit;
use Vinculum\Batch\Scaler;
use Vinculum\Batch\ScaleTarget;
use Vinculum\Batch\Shopping;
use Vinculum\Batch\Stock;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Evaluation\Evaluation;

/** Pans, jars, portions and shopping of a batch. */
final class PlanTest extends TestCase
{
    public function test_everything_is_made_of_what_there_is_of_one_thing(): void
    {
        $from = Sauce::evaluate(['plum' => '600 g', 'sugar' => '150 g', 'cider-vinegar' => '100 g', 'egg' => '2']);
        $factor = static fn (string $to): float => ScaleTarget::parse($to, MeasuringSet::Us)->factorFor($from, 0.0);

        self::assertEqualsWithDelta(1.5, $factor('all of 900 g plums'), 1e-9);
        self::assertEqualsWithDelta(1.5, $factor('everything from 3 eggs'), 1e-9);
        self::assertEqualsWithDelta(2.0, $factor('use up 300 g of sugar'), 1e-9);
        $this->expectExceptionMessage('“pears” is not in this recipe. It has plum');
        $factor('all of 1 kg pears');
    }

    public function test_people_by_use_and_all_that_a_pan_can_take(): void
    {
        $from = Sauce::evaluate(
            ['water' => '1 l'],
            ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 50]]],
        );
        $people = ScaleTarget::parse('8 people, glaze', MeasuringSet::Us);
        self::assertSame([8, 30.0, true], [$people->containers, $people->millilitres, $people->isPeople]);
        self::assertSame(100.0, ScaleTarget::parse('for 6 people, 100 ml', MeasuringSet::Us)->millilitres);

        $scaled = (new Scaler(Sauce::catalogue()))->scale($from, ScaleTarget::parse('a 3 l pan', MeasuringSet::Us));
        self::assertEqualsWithDelta(
            2000.0,
            ScaleTarget::fullest($scaled->evaluation),
            40.0,
            'two thirds of it before it has boiled down',
        );
    }

    public function test_a_batch_too_big_for_the_pan_is_cooked_in_equal_rounds(): void
    {
        $batch = Sauce::evaluate(
            ['passata' => '5 kg'],
            ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 20]]],
        );
        $pan = EquipmentFit::pan($batch, [new Equipment('big pan', 'pan', 3000)]);

        self::assertSame(3, $pan['rounds'] ?? 0);
        self::assertStringContainsString('3 equal parts', Say::it($pan['text'] ?? null));
        self::assertSame(
            1,
            EquipmentFit::pan($batch, [new Equipment('big pan', 'pan', 3000, 3)])['rounds'] ?? 0,
            'three pans at once',
        );
        self::assertStringContainsString(
            'It fits',
            Say::it(
                EquipmentFit::pan(Sauce::evaluate(['passata' => '1 kg']), [new Equipment('big pan', 'pan', 3000)])[
                    'text'
                ] ?? null,
            ),
        );
        self::assertNull(EquipmentFit::pan($batch, []));
    }

    public function test_a_blender_is_half_full_of_what_is_hot_and_no_more(): void
    {
        $document = [
            'format' => 'vinculum-recipe',
            'version' => 1,
            'name' => 'Hot',
            'stages' => [
                [
                    'id' => 'a',
                    'lines' => [['id' => 'l', 'ingredient' => 'passata', 'amount' => '1.5 l']],
                    'process' => ['kind' => 'simmer', 'minutes' => 1, 'lid' => true],
                ],
                ['id' => 'b', 'lines' => [], 'process' => ['kind' => 'blend']],
            ],
        ];
        $hot = Evaluation::of(\Vinculum\Recipe\Formats\RecipeDocument::read($document), Sauce::catalogue(), null);

        self::assertStringContainsString(
            '2 goes',
            Say::it(EquipmentFit::blender($hot, [new Equipment('blender', 'blender', 1600)])),
        );
        self::assertNull(EquipmentFit::blender($hot, [new Equipment('blender', 'blender', 4000)]));
    }

    public function test_jar_volumes_add_up_to_the_yield_and_none_is_overfilled(): void
    {
        mt_srand(5);
        for ($i = 0; $i < 60; $i++) {
            $yield = mt_rand(50, 6000) / 1.0;
            $kit = [
                new Equipment('large', 'jar', 500, mt_rand(0, 4)),
                new Equipment('small', 'jar', 250, mt_rand(1, 6)),
                new Equipment('sample', 'bottle', 100, mt_rand(0, 3)),
            ];
            $jars = EquipmentFit::jars($yield, $kit, 8.0);
            self::assertNotNull($jars);
            $sum = $jars['over_ml'] + ($jars['part']['ml'] ?? 0.0);
            foreach ($jars['filled'] as $filled) {
                $sum += $filled['count'] * $filled['each_ml'];
            }
            self::assertEqualsWithDelta($yield, $sum, 1.0);
            if ($jars['part'] !== null) {
                self::assertLessThanOrEqual(
                    0.92 * ['large' => 500, 'small' => 250, 'sample' => 100][$jars['part']['name']] + 1e-9,
                    $jars['part']['ml'],
                );
            }
        }
    }

    public function test_a_batch_is_divided_before_anything_touches_raw_meat(): void
    {
        $portions = Division::of("marinade 300 ml; mop: 1 cup\nfreezer 25 %, table the rest", 2000.0, MeasuringSet::Us);

        self::assertEqualsWithDelta(
            ['marinade' => 300.0, 'mop' => 236.588, 'freezer' => 500.0, 'table' => 963.412],
            array_column($portions, 'ml', 'name'),
            0.01,
        );
        self::assertStringContainsString('Never table sauce', Say::it($portions[0]['label']));
        self::assertStringContainsString('Never table sauce', Say::it($portions[1]['label']));
        self::assertStringContainsString('Freeze', Say::it($portions[2]['label']));
        self::assertSame('what is left', Division::of('marinade 300 ml', 1000.0, MeasuringSet::Us)[1]['name']);
    }

    public function test_portions_in_the_words_people_use(): void
    {
        $of = static fn (string $text): array => array_map(
            static fn (array $part): string => $part['name'].' '.round($part['ml']),
            Division::of($text, 900.0, MeasuringSet::Us),
        );

        self::assertSame(['marinade 450', 'table 450'], $of('half marinade, the rest table'));
        self::assertSame(
            ['basting 300', 'marinade 450', 'wings 150'],
            $of('a third for basting, half for the marinade, the wings'),
        );
        self::assertSame(['marinade 600', 'table 300'], $of('two thirds marinade, one third table'));
        self::assertSame(
            ['marinade 300', 'mopping 237', 'table 363'],
            $of("300 ml marinade\n1 cup for mopping\nremaining for table"),
        );
        self::assertSame(['marinade 300', 'mop 300', 'table 300'], $of('marinade, mop, table'));
        self::assertSame(['mop 225', 'table 675'], $of('mop 25 %, table the rest'));
        self::assertSame(['the rest 900'], $of('the rest'));
        foreach (['basting', 'mopping', 'to brush on', 'marinating', 'injecting'] as $raw) {
            self::assertStringContainsString(
                'Touches raw meat',
                Say::it(Division::of("{$raw} 100 ml", 900.0, MeasuringSet::Us)[0]['label']),
                $raw,
            );
        }
    }

    public function test_portions_that_cannot_be_are_answered(): void
    {
        foreach (
            [
                'marinade 3 l' => 'come to 3000 ml, and there are 1000 ml',
                'marinade lots' => 'is no portion',
                'marinade 300 g' => 'a portion is a volume',
            ] as $text => $said
        ) {
            try {
                Division::of($text, 1000.0, MeasuringSet::Us);
                self::fail($text);
            } catch (UnreachableTarget $why) {
                self::assertStringContainsString($said, $why->getMessage());
            }
        }
    }

    public function test_packs_cover_the_need_less_what_there_is_and_the_cost_is_of_whole_packs(): void
    {
        $weighed = Sauce::evaluate(['sugar' => '700 g', 'water' => '500 g', 'onion' => '300 g', 'fine-salt' => '12 g'])
            ->cooked->weighed;
        $shopping = Shopping::of(
            [$weighed, $weighed],
            [
                'sugar' => Stock::noted(Sauce::ingredient('sugar'), '250 g left', 1.2, '500 g', MeasuringSet::Us),
                'fine-salt' => Stock::noted(Sauce::ingredient('fine-salt'), '100 g', 0.9, '750 g', MeasuringSet::Us),
            ],
        );
        $lines = [];
        foreach ($shopping->lines as $line) {
            $lines[$line->ingredient->slug] = $line;
        }

        self::assertArrayNotHasKey('water', $lines, 'it comes from the tap');
        self::assertSame(
            [1400.0, 250.0, 3],
            [$lines['sugar']->needGrams, $lines['sugar']->haveGrams, $lines['sugar']->packs],
        );
        self::assertEqualsWithDelta(350.0, $lines['sugar']->leftGrams, 1e-9);
        self::assertEqualsWithDelta(3.6, $lines['sugar']->cost, 1e-9);
        self::assertSame(0, $lines['fine-salt']->packs);
        self::assertEqualsWithDelta(
            600.0 / Sauce::ingredient('onion')->edible,
            $lines['onion']->boughtGrams,
            1e-9,
            'with its skin',
        );
        self::assertEqualsWithDelta(3.6, $shopping->cost, 1e-9);
        self::assertEqualsWithDelta((1400 / 500) * 1.2 + (24 / 750) * 0.9, $shopping->usedCost, 1e-9);
        self::assertSame(['onion'], $shopping->unpriced);
    }

    public function test_what_does_not_go_in_a_line_is_said_with_its_reason(): void
    {
        $from = Sauce::evaluate(
            [
                ['id' => 'a', 'ingredient' => 'passata', 'amount' => '1 kg'],
                ['id' => 'b', 'ingredient' => 'cinnamon-stick', 'amount' => '1 stick', 'handling' => 'steeped'],
                ['id' => 'c', 'ingredient' => 'maize-starch', 'amount' => '12 g'],
            ],
            ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 30]]],
        );
        $said = (new Scaler(Sauce::catalogue()))->scale($from, ScaleTarget::parse('4x', MeasuringSet::Us))->unscaled;

        self::assertSame(['time', 'starch', 'spice'], array_column($said, 'about'));
        preg_match('/about (\d+) minutes .* not (\d+)/', Say::it($said[0]['text']), $minutes);
        // the pan grows with it, by the power 0.3, and its floor by twice that
        self::assertEqualsWithDelta(4 ** 0.4, (int) $minutes[1] / (int) $minutes[2], 0.15);
        self::assertSame(
            [],
            (new Scaler(Sauce::catalogue()))->scale($from, ScaleTarget::parse('1.1x', MeasuringSet::Us))->unscaled,
        );
    }
}
