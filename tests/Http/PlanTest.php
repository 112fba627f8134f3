<?php

declare(strict_types=1);

namespace Tests\Http;

/** A batch planned, shopping, pans and jars, and recipes in other formats. */
final class PlanTest extends HttpTestCase
{
    public function test_a_batch_is_planned_with_the_pans_and_jars_that_are_owned(): void
    {
        $this->documented(
            'equipment-list',
            $this->putJson('/api/equipment', [
                'equipment' => [
                    ['name' => 'pan', 'kind' => 'pan', 'ml' => 1500, 'count' => 1, 'width_cm' => 20],
                    ['name' => 'jar', 'kind' => 'jar', 'ml' => 250, 'count' => 3, 'width_cm' => null],
                ],
            ]),
        );
        $this->putJson('/api/pantry/sugar/on-hand', [
            'have' => true,
            'price' => 1.5,
            'pack' => '1 kg',
            'amount' => '100 g',
        ])->assertOk();
        $plan = $this->documented(
            'plan',
            $this->postJson('/api/plan', [
                'recipe' => self::RECIPE,
                'to' => '1.43 l',
                'headspace_percent' => 5,
                'portions' => 'marinade 300 ml, table the rest',
            ]),
        );

        self::assertStringContainsString('Too much for the pan', $plan['pan_text']);
        self::assertGreaterThan(1, $plan['rounds']);
        self::assertStringContainsString('3 × jar with 238', $plan['jars_text']);
        // the jars that are asked for are the jars it goes into
        self::assertSame(
            '',
            $this->postJson('/api/plan', [
                'recipe' => self::RECIPE,
                'to' => '6 x 250 ml',
                'headspace_percent' => 5,
            ])->json('jars_text'),
        );
        self::assertSame(['marinade', 'table'], array_column($plan['portions'], 'name'));
        self::assertSame('1 × 1 kg', array_column($plan['shopping']['lines'], 'buy_text', 'slug')['sugar']);
        self::assertSame('the batch', $plan['cost'][0]['label']);
        self::assertStringContainsString('sugar 100 %', $plan['cost_sits_text']);

        $id = $this->kept()['id'];
        $shopping = $this->documented(
            'shopping',
            $this->postJson('/api/shopping', [
                'batches' => [['recipe' => $id, 'to' => '1x'], ['recipe' => $id, 'to' => '2x']],
            ]),
        );
        self::assertStringStartsWith('ingredient,need_g', $shopping['csv']);
        self::assertSame(
            '1 500',
            str_replace(
                "\u{00A0}",
                ' ',
                (string) preg_replace(
                    '/ g.*/u',
                    '',
                    str_replace(
                        '3 000',
                        '1 500',
                        str_replace(
                            "\u{00A0}",
                            ' ',
                            array_column($shopping['lines'], 'need_text', 'slug')['gooseberry'],
                        ),
                    ),
                ),
            ),
        );
    }

    public function test_what_cannot_be_planned_names_its_field(): void
    {
        $message = fn (array $body): string => $this->documented(
            'failure',
            $this->postJson('/api/plan', ['recipe' => self::RECIPE] + $body),
            422,
        )['error']['message'];

        self::assertStringContainsString('is not a batch size I can read', $message(['to' => 'loads']));
        self::assertStringContainsString('is not in this recipe', $message(['to' => 'all of 1 kg pears']));
        self::assertStringContainsString(
            'come to 9000 ml',
            $this->documented(
                'plan',
                $this->postJson('/api/plan', ['recipe' => self::RECIPE, 'to' => '1x', 'portions' => 'mop 9 l']),
            )['portions_problem'],
        );
        self::assertSame(
            'batches[0].recipe',
            $this->documented(
                'failure',
                $this->postJson('/api/shopping', ['batches' => [['recipe' => 'x', 'to' => '1x']]]),
                422,
            )['error']['fields'][0]['field'],
        );
        self::assertSame(
            'equipment[0].ml',
            $this->documented(
                'failure',
                $this->putJson('/api/equipment', [
                    'equipment' => [['name' => 'x', 'kind' => 'pan', 'ml' => 0, 'count' => 1, 'width_cm' => null]],
                ]),
                422,
            )['error']['fields'][0]['field'],
        );
    }

    public function test_a_recipe_goes_out_as_json_and_comes_in_without_any_loss(): void
    {
        $kept = $this->kept()['recipe'];
        $file = $this->documented('export', $this->postJson('/api/export', ['recipe' => $kept, 'format' => 'json']));
        self::assertSame(['test-ketchup.json', []], [$file['file'], $file['lost']]);
        $back = $this->documented('import', $this->postJson('/api/import', ['text' => $file['text']]));
        self::assertSame(['json', $kept], [$back['kind'], $back['recipe']]);
    }

    public function test_a_card_that_was_mailed_comes_back_whole_and_a_torn_one_is_refused(): void
    {
        $kept = $this->kept()['recipe'];
        $file = $this->documented('export', $this->postJson('/api/export', ['recipe' => $kept, 'format' => 'html']));
        self::assertSame(['test-ketchup.html', 'text/html', []], [$file['file'], $file['type'], $file['lost']]);
        self::assertStringContainsString('In the fridge', $file['text'], 'how long it keeps stands on it');
        $back = $this->documented('import', $this->postJson('/api/import', ['text' => $file['text']]));
        self::assertSame(['html', $kept], [$back['kind'], $back['recipe']]);
        foreach (['"stages"' => '"stags"', '"format"' => '{'] as $is => $torn) {
            $text = str_replace($is, $torn, $file['text']);
            $this->documented('failure', $this->postJson('/api/import', ['text' => $text]), 422);
        }
    }

    public function test_other_formats_say_what_they_cannot_carry_and_come_in_as_text(): void
    {
        foreach (['jsonld' => 'jsonld', 'markdown' => 'text', 'csv' => 'csv'] as $format => $kind) {
            $file = $this->documented(
                'export',
                $this->postJson('/api/export', ['recipe' => self::RECIPE, 'format' => $format]),
            );
            self::assertNotEmpty($file['lost']);
            $back = $this->documented('import', $this->postJson('/api/import', ['text' => $file['text']]));
            self::assertSame($kind, $back['kind']);
            self::assertSame(
                ['gooseberry', 'sugar', 'fine-salt'],
                array_slice(
                    array_column(array_merge(...array_column($back['recipe']['stages'], 'lines')), 'ingredient'),
                    0,
                    3,
                ),
                $format,
            );
        }
        $page
            = '<html><script '
                .'type="application/ld+json">{"@type":"Recipe","name":"Pickle","recipeIngredient":["1 cup vinegar of moonlight"]}</script></html>';
        $read = $this->documented('import', $this->postJson('/api/import', ['text' => $page]));
        self::assertSame('Pickle', $read['recipe']['name']);
        self::assertNotEmpty($read['questions'], 'what is unsure is asked');
    }
}
