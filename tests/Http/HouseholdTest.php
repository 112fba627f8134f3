<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;

/** What a household has and how it works: kit, preferences, styles, variants, and what it stirred in. */
final class HouseholdTest extends HttpTestCase
{
    public function test_the_kit_is_kept_whole_or_not_at_all(): void
    {
        $pan = ['name' => 'pan', 'kind' => 'pan', 'ml' => 3000, 'count' => 1, 'width_cm' => 22];
        $jar = ['name' => 'jar', 'kind' => 'jar', 'ml' => 250, 'count' => 6, 'width_cm' => null];
        $kept = $this->documented('equipment-list', $this->putJson('/api/equipment', ['equipment' => [$pan, $jar]]));
        self::assertEquals([$pan, $jar], $kept['equipment']);

        $this->documented(
            'failure',
            $this->putJson('/api/equipment', ['equipment' => [$pan, ['kind' => 'bathtub'] + $jar]]),
            422,
        );
        self::assertEquals(
            [$pan, $jar],
            $this->documented('equipment-list', $this->getJson('/api/equipment'))['equipment'],
            'a slip changes nothing',
        );
        self::assertSame(
            [],
            $this->documented('equipment-list', $this->putJson('/api/equipment', ['equipment' => []]))['equipment'],
        );
    }

    public function test_who_has_no_scale_is_given_no_grams(): void
    {
        $preferences = $this->documented('preferences', $this->getJson('/api/preferences'));
        $this->documented(
            'preferences',
            $this->putJson('/api/preferences', ['scale' => false, 'eighths' => false] + $preferences),
        );
        $plan = $this->documented(
            'plan',
            $this->postJson('/api/plan', [
                'recipe' => self::RECIPE,
                'to' => '1.7x',
                'headspace_percent' => 0,
                'portions' => '',
            ]),
        );
        $texts = array_column($plan['scale']['lines'], 'text', 'id');

        self::assertDoesNotMatchRegularExpression('/ g$/', $texts['l2'].$texts['l3']);
        self::assertStringNotContainsString('/8 tsp', $texts['l3']);
    }

    public function test_what_a_word_means_here_is_said_once_and_can_be_taken_back(): void
    {
        $ask = fn (): array => $this->documented(
            'reading',
            $this->postJson('/api/read', ['text' => '1 cup cider', 'measures' => 'us']),
        );
        $first = $ask();
        self::assertSame('cider', $first['questions'][0]['words']);
        self::assertSame('cider vinegar, 5 %', $first['names']['cider-vinegar'], 'a guess is shown by its whole name');

        $preferences = $this->documented('preferences', $this->getJson('/api/preferences'));
        $this->documented(
            'preferences',
            $this->putJson(
                '/api/preferences',
                ['meanings' => [['words' => 'cider', 'ingredient' => 'cider-vinegar']]] + $preferences,
            ),
        );
        $then = $ask();
        self::assertSame([], $then['questions']);
        self::assertSame('cider-vinegar', $then['recipe']['stages'][0]['lines'][0]['ingredient']);
        self::assertSame(
            'cider-vinegar',
            $this->documented('import', $this->postJson('/api/import', ['text' => "1 cup cider\n2 plums"]))['recipe'][
                'stages'
            ][0]['lines'][0]['ingredient'],
            'wherever it is read',
        );

        $this->putJson(
            '/api/preferences',
            ['meanings' => [['words' => 'cider', 'ingredient' => 'moonlight']]] + $preferences,
        )
            ->assertUnprocessable()
            ->assertSee('meanings[0].ingredient');
        self::assertSame([], $ask()['questions'], 'a slip changes nothing');
        $this->putJson('/api/preferences', ['meanings' => []] + $preferences)->assertOk();
        self::assertNotSame([], $ask()['questions'], 'taken back, it is asked again');
    }

    /** @return iterable<string, array{string}> */
    public static function sets(): iterable
    {
        foreach (['us', 'metric', 'imperial', 'australian'] as $set) {
            yield $set => [$set];
        }
    }

    #[DataProvider('sets')]
    public function test_a_batch_in_any_set_of_spoons_is_the_same_sauce(string $set): void
    {
        $once = $this->documented(
            'evaluation',
            $this->postJson('/api/evaluate', ['recipe' => ['measures' => $set] + self::RECIPE]),
        );
        $plan = $this->documented(
            'plan',
            $this->postJson('/api/plan', [
                'recipe' => ['measures' => $set] + self::RECIPE,
                'to' => '2.3x',
                'headspace_percent' => 0,
                'portions' => '',
            ]),
        );
        $then = $this->documented(
            'evaluation',
            $this->postJson('/api/evaluate', ['recipe' => $plan['scale']['recipe']]),
        );

        self::assertSame($set, $plan['scale']['recipe']['measures']);
        foreach (['sweetness', 'sourness', 'saltiness'] as $measure) {
            $was = $once['analysis']['measures'][$measure]['value'];
            self::assertEqualsWithDelta($was, $then['analysis']['measures'][$measure]['value'], 0.12 * $was, $measure);
        }
        self::assertEqualsWithDelta(
            2.3,
            $then['analysis']['yield']['mass_g'] / $once['analysis']['yield']['mass_g'],
            0.15,
        );
    }

    public function test_a_style_of_ones_own_is_begun_copied_and_never_takes_the_place_of_one_that_ships(): void
    {
        $ships = array_column($this->documented('style-list', $this->getJson('/api/styles'))['styles'], null, 'slug')[
            'fruit-ketchup'
        ];
        $copy = $this->documented(
            'style',
            $this->postJson('/api/styles', ['style' => ['name' => 'Fruit ketchup'] + $ships]),
            201,
        );

        self::assertNotSame('fruit-ketchup', $copy['slug']);
        self::assertSame($ships['bands'], $copy['bands']);
        $list = $this->documented('style-list', $this->getJson('/api/styles'));
        self::assertSame([$copy['slug']], $list['own']);
        self::assertContains('fruit-ketchup', array_column($list['styles'], 'slug'));
        $held = $this->documented(
            'evaluation',
            $this->postJson('/api/evaluate', ['recipe' => ['style' => $copy['slug']] + self::RECIPE]),
        );
        self::assertNotNull($held['bench']['columns'][0]['band']);

        $this->deleteJson("/api/styles/{$copy['slug']}")->assertNoContent();
        self::assertSame([], $this->documented('style-list', $this->getJson('/api/styles'))['own']);
        $without = $this->documented(
            'evaluation',
            $this->postJson('/api/evaluate', ['recipe' => ['style' => $copy['slug']] + self::RECIPE]),
        );
        self::assertContains(
            'style-unknown',
            array_column($without['analysis']['problems'], 'code'),
            'a recipe that names it is told',
        );
        $this->deleteJson('/api/styles/fruit-ketchup')->assertNotFound();
    }

    #[DataProvider('sets')]
    public function test_a_pack_in_fluid_ounces_is_as_large_as_the_household_s_own(string $set): void
    {
        $preferences = $this->documented('preferences', $this->getJson('/api/preferences'));
        $this->documented('preferences', $this->putJson('/api/preferences', ['measures' => $set] + $preferences));
        $this->putJson('/api/pantry/cider-vinegar/on-hand', [
            'have' => true,
            'price' => 2,
            'pack' => '8 fl oz',
            'amount' => '4 fl oz',
        ])->assertOk();
        $recipe = self::RECIPE;
        $recipe['stages'][0]['lines'][] = ['id' => 'l4', 'ingredient' => 'cider-vinegar', 'amount' => '350 g'];
        $plan = $this->documented(
            'plan',
            $this->postJson('/api/plan', [
                'recipe' => $recipe,
                'to' => '1x',
                'headspace_percent' => 0,
                'portions' => '',
            ]),
        );
        $line = array_column($plan['shopping']['lines'], null, 'slug')['cider-vinegar'];
        // eight US fluid ounces are 236.6 mL, eight imperial ones 227.3; vinegar weighs about 1.01 g/mL
        $packs = (int) ceil((350 - ($set === 'us' ? 118.3 : 113.7) * 1.01) / (($set === 'us' ? 236.6 : 227.3) * 1.01));

        self::assertStringStartsWith("{$packs} × 8 fl oz", $line['buy_text']);
        self::assertSame(
            $set === 'us' ? '120 g' : '115 g',
            str_replace("\u{00A0}", ' ', $line['have_text']),
            'what is there is taken off',
        );
    }

    public function test_variants_know_their_family_and_outlive_it(): void
    {
        $id = $this->kept()['id'];
        $variant = $this->documented(
            'recipe-record',
            $this->postJson('/api/recipes', ['recipe' => ['name' => 'Milder'] + self::RECIPE, 'variant_of' => $id]),
            201,
        );
        $other = $this->documented(
            'recipe-record',
            $this->postJson('/api/recipes', [
                'recipe' => ['name' => 'Hotter'] + self::RECIPE,
                'variant_of' => $variant['id'],
            ]),
            201,
        );
        $family = fn (string $of): array => array_column(
            $this->documented('recipe-record', $this->getJson("/api/recipes/{$of}"))['family'],
            'name',
        );

        self::assertEqualsCanonicalizing(['Milder', 'Hotter'], $family($id));
        self::assertEqualsCanonicalizing(['Test ketchup', 'Hotter'], $family($variant['id']));
        $this->deleteJson("/api/recipes/{$id}");
        self::assertSame(['Milder'], $family($other['id']));
        self::assertSame(
            [],
            $family(
                $this->documented(
                    'recipe-record',
                    $this->postJson('/api/recipes', ['recipe' => self::RECIPE, 'variant_of' => 'nobody']),
                    201,
                )['id'],
            ),
            'what it came from is gone: nothing is lost',
        );
    }

    public function test_a_batch_keeps_what_was_stirred_in_and_in_what_order(): void
    {
        $recipe = self::RECIPE;
        foreach ([['salty' => -2], ['sour' => -2]] as $feels) {
            $rescue = $this->documented(
                'rescue',
                $this->postJson('/api/rescue', [
                    'recipe' => $recipe,
                    'feels' => $feels,
                    'have' => ['fine-salt', 'cider-vinegar'],
                ]),
            );
            $recipe = $rescue['options'][0]['recipe'];
        }
        $id = $this->documented('recipe-record', $this->postJson('/api/recipes', ['recipe' => $recipe]), 201)['id'];
        $batch = $this->documented('batch', $this->postJson("/api/recipes/{$id}/batches", []), 201);

        self::assertGreaterThanOrEqual(2, count($batch['stirred_in']));
        self::assertStringContainsString('salt', $batch['stirred_in'][0]);
        self::assertStringContainsString('vinegar', implode(' ', array_slice($batch['stirred_in'], 1)));
        $plain = $this->documented(
            'batch',
            $this->postJson("/api/recipes/{$this->kept('Plain')['id']}/batches", []),
            201,
        );
        self::assertSame([], $plain['stirred_in']);
    }

    public function test_everything_that_is_asked_is_answered_within_its_schema_for_every_demo_recipe(): void
    {
        foreach (glob(base_path('database/demo/*.json')) ?: [] as $file) {
            $recipe = json_decode((string) file_get_contents($file), true, 512, JSON_THROW_ON_ERROR);
            $line = $recipe['stages'][0]['lines'][0]['id'];
            $this->documented('evaluation', $this->postJson('/api/evaluate', ['recipe' => $recipe]));
            $this->documented(
                'rebalance',
                $this->postJson('/api/rebalance', ['recipe' => $recipe, 'levels' => ['sweetness' => 1.1]]),
            );
            $this->documented(
                'rescue',
                $this->postJson('/api/rescue', ['recipe' => $recipe, 'feels' => ['sour' => 1]]),
            );
            $this->documented('swap', $this->postJson('/api/swap', ['recipe' => $recipe, 'line' => $line]));
            $this->documented('free', $this->postJson('/api/free', ['recipe' => $recipe, 'needs' => ['vegan', 'soy']]));
            $this->documented(
                'plan',
                $this->postJson('/api/plan', [
                    'recipe' => $recipe,
                    'to' => '3x',
                    'headspace_percent' => 5,
                    'portions' => 'table 25 %',
                ]),
            );
            foreach (['json', 'jsonld', 'markdown', 'csv'] as $format) {
                $this->documented('export', $this->postJson('/api/export', ['recipe' => $recipe, 'format' => $format]));
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function nonsense(): iterable
    {
        yield 'a face' => ['🫠'];
        yield 'right to left' => ["\u{05DE}\u{05DC}\u{05D7}"];
        yield 'no amount' => ['x'];
        yield 'below nothing' => ['-3x'];
        yield 'nought' => ['0'];
        yield 'over nought' => ['1/0'];
        yield 'beyond anything' => ['1e99 kg'];
        yield 'no bottles' => ['0 x 250 ml'];
    }

    #[DataProvider('nonsense')]
    public function test_a_batch_size_that_is_none_is_answered_in_a_sentence(string $to): void
    {
        foreach (['/api/plan' => ['portions' => ''], '/api/scale' => []] as $path => $more) {
            $failure = $this->documented(
                'failure',
                $this->postJson($path, ['recipe' => self::RECIPE, 'to' => $to, 'headspace_percent' => 5] + $more),
                422,
            );
            self::assertNotSame('', $failure['error']['message']);
            self::assertDoesNotMatchRegularExpression('/Exception|\.php|#0|Stack/', (string) json_encode($failure));
        }
    }
}
