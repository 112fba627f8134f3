<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\OnHand;

/** What would have to change: asked of a draft, and nothing is stored. */
final class AdjustTest extends HttpTestCase
{
    public function test_a_salty_pot_is_mended_from_what_is_on_hand(): void
    {
        OnHand::query()->create(['slug' => 'lime-juice', 'have' => true]);
        $answer = $this->documented(
            'rescue',
            $this->postJson('/api/rescue', ['recipe' => self::RECIPE, 'feels' => ['salty' => 2]]),
        );
        $first = $answer['options'][0];

        self::assertNotEmpty($answer['options']);
        self::assertSame(['salty' => 2], $first['steps_before']);
        self::assertLessThan(0.36, abs($first['steps_after']['salty']));
        $used = array_merge(
            ...array_map(
                static fn (array $option): array => array_column($option['additions'], 'ingredient'),
                $answer['options'],
            ),
        );
        self::assertSame(
            [],
            // gooseberries are what it is made of
            array_diff($used, ['gooseberry', 'water', 'lime-juice', 'sugar', 'fine-salt', 'white-vinegar']),
            'only what is there, and what every kitchen has',
        );
        OnHand::query()->create(['slug' => 'white-vinegar', 'have' => false]);
        $without = $this->documented(
            'rescue',
            $this->postJson('/api/rescue', ['recipe' => self::RECIPE, 'feels' => ['salty' => 2]]),
        );
        self::assertNotContains(
            'white-vinegar',
            array_merge(
                ...array_map(
                    static fn (array $option): array => array_column($option['additions'], 'ingredient'),
                    $without['options'],
                ),
            ),
            'unless it says that it has none',
        );

        $again = $this->documented('evaluation', $this->postJson('/api/evaluate', ['recipe' => $first['recipe']]));
        foreach ($first['measures_after'] as $measure => $value) {
            self::assertEqualsWithDelta(
                $value,
                $again['analysis']['measures'][$measure]['value'],
                1e-4 * $value + 1e-9,
                'the same sauce when it is applied',
            );
        }
        self::assertEqualsWithDelta($first['ghosts'][2]['top'], $again['bench']['columns'][2]['top'], 1e-3);
    }

    /** Computed is not enough: it has to come out. */
    public function test_why_not_comes_with_the_answer_whatever_else_was_said(): void
    {
        foreach ([[], ['much' => ['l3' => 1]]] as $besides) {
            $answer = $this->documented(
                'rescue',
                $this->postJson(
                    '/api/rescue',
                    [
                        'recipe' => self::RECIPE,
                        'feels' => ['salty' => 2],
                        'have' => ['sugar', 'soy-sauce', 'potassium-salt'],
                    ] + $besides,
                ),
            );
            $said = implode(' ', array_column($answer['why_not'], 'text'));
            self::assertStringContainsString('A potassium salt is not for everybody: potassium chloride.', $said);
            self::assertStringContainsString('soy sauce', $said);
        }
    }

    public function test_the_pot_may_be_less_than_planned_and_one_line_too_much(): void
    {
        $body = ['recipe' => self::RECIPE, 'pot' => ['in_pot' => '400 g', 'hot' => true], 'much' => ['l3' => 1]];
        $answer = $this->documented('rescue', $this->postJson('/api/rescue', $body));

        self::assertStringContainsString('everything but the fine salt', $answer['options'][0]['note']);
        self::assertEqualsWithDelta(500, $answer['options'][0]['pot_after_g'], 12);
    }

    public function test_a_recipe_is_moved_to_a_figure_to_a_level_and_to_a_style(): void
    {
        $figure = $this->documented(
            'rebalance',
            $this->postJson('/api/rebalance', ['recipe' => self::RECIPE, 'targets' => ['sweetness' => 20]]),
        );
        self::assertSame('reached', $figure['status']);
        self::assertEqualsWithDelta(20, $figure['after']['sweetness']['value'], 1.2);

        $level = $this->documented(
            'rebalance',
            $this->postJson('/api/rebalance', ['recipe' => self::RECIPE, 'levels' => ['sweetness' => 1]]),
        );
        self::assertEqualsWithDelta(1.0, $level['ghosts'][0]['top'], 0.07);

        $style = $this->documented(
            'rebalance',
            $this->postJson('/api/rebalance', ['recipe' => self::RECIPE, 'style' => 'sweet-and-sour']),
        );
        self::assertSame('sweet-and-sour', $style['recipe']['style']);
        self::assertArrayNotHasKey('x-scale-g', $style['recipe']);
    }

    public function test_what_cannot_be_asked_names_its_field(): void
    {
        $refused = fn (string $path, array $body): string => $this->documented(
            'failure',
            $this->postJson($path, ['recipe' => self::RECIPE] + $body),
            422,
        )['error']['fields'][0]['field'];

        self::assertSame('feels', $refused('/api/rescue', []));
        self::assertSame('feels.salty', $refused('/api/rescue', ['feels' => ['salty' => 40]]));
        self::assertSame('feels.bland', $refused('/api/rescue', ['feels' => ['bland' => 1]]));
        self::assertSame('have', $refused('/api/rescue', ['feels' => ['salty' => 1], 'have' => ['moonlight']]));
        self::assertSame(
            'in_pot',
            $refused('/api/rescue', ['feels' => ['salty' => 1], 'pot' => ['in_pot' => 'plenty']]),
        );
        self::assertSame(
            'boiled_further',
            $refused('/api/rescue', ['feels' => ['salty' => 1], 'pot' => ['boiled_further' => '5 kg']]),
        );
        self::assertSame(
            'before_stage',
            $refused('/api/rescue', ['feels' => ['salty' => 1], 'pot' => ['before_stage' => 'tomorrow']]),
        );
        self::assertSame('much', $refused('/api/rescue', ['much' => ['l9' => 1]]));
        self::assertSame('style', $refused('/api/rebalance', ['style' => 'grandmother']));
        self::assertSame(
            'recipe',
            $this->documented(
                'failure',
                $this->postJson('/api/rescue', [
                    'recipe' => ['stages' => []] + self::RECIPE,
                    'feels' => ['salty' => 1],
                ]),
                422,
            )['error']['fields'][0]['field'],
        );
    }

    public function test_a_recipe_and_a_batch_are_captured_as_styles_which_are_changed_and_forgotten(): void
    {
        $id = $this->kept()['id'];
        $style = $this->documented(
            'style',
            $this->postJson("/api/recipes/{$id}/as-style", ['name' => 'Like the good one']),
            201,
        );
        self::assertSame('like-the-good-one', $style['slug']);
        $held = $this->documented(
            'evaluation',
            $this->postJson('/api/evaluate', ['recipe' => ['style' => $style['slug']] + self::RECIPE]),
        );
        self::assertSame('level', $held['bench']['columns'][0]['verdict']['words']);

        $batch = $this->documented('batch', $this->postJson("/api/recipes/{$id}/batches", []), 201);
        $this->documented(
            'batch',
            $this->postJson("/api/batches/{$batch['id']}/readings", ['kind' => 'ph', 'value' => 3.4]),
        );
        $measured = $this->documented(
            'style',
            $this->postJson("/api/batches/{$batch['id']}/as-style", ['name' => 'Like the good one']),
            201,
        );
        self::assertSame('like-the-good-one-2', $measured['slug']);
        self::assertEqualsWithDelta(3.4, $measured['bands']['ph']['aim'], 0.05, 'what was measured counts');

        $style['bands']['heat'] = ['low' => 0, 'aim' => 100, 'high' => 300];
        self::assertSame(
            300,
            $this->documented('style', $this->putJson("/api/styles/{$style['slug']}", ['style' => $style]))['bands'][
                'heat'
            ]['high'],
        );
        $style['bands']['heat'] = ['low' => 5, 'aim' => 1, 'high' => 3];
        self::assertSame(
            'style.bands.heat',
            $this->documented('failure', $this->putJson("/api/styles/{$style['slug']}", ['style' => $style]), 422)[
                'error'
            ]['fields'][0]['field'],
        );
        self::assertContains($style['slug'], $this->documented('style-list', $this->getJson('/api/styles'))['own']);
        $this->deleteJson("/api/styles/{$style['slug']}")->assertNoContent();
        $this->putJson('/api/styles/fruit-ketchup', ['style' => $style])->assertNotFound();
    }

    public function test_a_pot_that_has_split_is_mended_with_what_the_hands_do(): void
    {
        $recipe = ['name' => 'Butter sauce', 'stages' => [['id' => 's1', 'lines' => [
            ['id' => 'l1', 'ingredient' => 'butter', 'amount' => '200 g'],
            ['id' => 'l2', 'ingredient' => 'white-wine', 'amount' => '100 ml'],
        ], 'process' => ['kind' => 'boil', 'minutes' => 4]]]] + self::RECIPE;
        $answer = $this->documented('rescue', $this->postJson('/api/rescue', [
            'recipe' => $recipe,
            'trouble' => 'split',
            'have' => ['double-cream'],
        ]));

        self::assertSame('double-cream', $answer['options'][0]['additions'][0]['ingredient']);
        self::assertNotSame([], $answer['options'][0]['steps']);
        $evaluation = $this->documented('evaluation', $this->postJson('/api/evaluate', ['recipe' => $recipe]));
        $troubles = $evaluation['analysis']['troubles'];
        self::assertSame('breaks-oil', $troubles[0]['code']);
        self::assertSame('s1', $troubles[0]['stage']);
        $this->postJson('/api/rescue', ['recipe' => $recipe, 'trouble' => 'haunted'])->assertStatus(422);
    }
}
