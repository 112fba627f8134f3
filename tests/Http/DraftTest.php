<?php

declare(strict_types=1);

namespace Tests\Http;

use Tests\Support\Sauce;

/** A first recipe of a kind, over HTTP. */
final class DraftTest extends HttpTestCase
{
    public function test_a_crate_of_plums_becomes_a_ketchup_with_a_reason_for_each_line(): void
    {
        $draft = $this->documented(
            'draft',
            $this->postJson('/api/draft', ['style' => 'fruit-ketchup', 'with' => ['1.2 kg plums']]),
        );

        self::assertSame('reached', $draft['status']);
        self::assertSame(['plums', '1200 g'], [$draft['reasons'][0]['name'], $draft['reasons'][0]['amount']]);
        foreach ($draft['reasons'] as $reason) {
            self::assertNotSame('', $reason['why']);
        }
        // it is a recipe like any other
        $kept = $this->documented(
            'recipe-record',
            $this->postJson('/api/recipes', ['recipe' => $draft['recipe']]),
            201,
        );
        self::assertSame('fruit-ketchup', $kept['recipe']['style']);
        foreach ($kept['recipe']['stages'] as $stage) {
            foreach ($stage['lines'] as $line) {
                self::assertArrayNotHasKey('lock', $line);
            }
        }
    }

    public function test_what_there_is_to_begin_from(): void
    {
        $begin = $this->documented('begin', $this->getJson('/api/begin'));
        self::assertCount(count(Sauce::styles()), $begin['directions']);
        self::assertSame([[], []], [$begin['built_on'], $begin['tastes']]);
        $chosen = $this->documented('begin', $this->getJson('/api/begin?style=fruit-ketchup'));
        self::assertSame('plum', $chosen['built_on'][0]['slug']);
        self::assertSame(['sour', 'sweet', 'salt'], array_column($chosen['tastes'], 'taste'));
        self::assertSame([false], array_values(array_unique(array_column($chosen['tastes'], 'may_be_none'))));
        $hot = $this->documented('begin', $this->getJson('/api/begin?style=vinegar-pepper-mop'));
        self::assertTrue(array_column($hot['tastes'], 'may_be_none', 'taste')['heat'], 'a mop without cayenne is one');
        foreach (['/api/begin?style=no-such', '/api/begin?style[]=1'] as $address) {
            self::assertSame(
                'style',
                $this->documented('failure', $this->getJson($address), 422)['error']['fields'][0]['field'],
            );
        }
    }

    public function test_what_is_on_hand_is_offered_and_what_is_left_out_is_out(): void
    {
        $this->putJson('/api/pantry/apple/on-hand', ['have' => true])->assertSuccessful();
        $mains = array_column($this->getJson('/api/begin?style=fruit-ketchup')->json('built_on'), 'why', 'slug');
        self::assertSame('on hand', $mains['apple'] ?? null);
        $draft = $this->documented(
            'draft',
            $this->postJson('/api/draft', ['style' => 'vinegar-pepper-mop', 'without' => ['cayenne']]),
        );
        self::assertNotContains('cayenne', array_column($draft['reasons'], 'name'));
        self::assertSame(['Sweet', 'Sour', 'Salty', 'Umami', 'Heat'], array_column($draft['columns'], 'label'));
    }

    /** A main, one thing for each of five tastes and what is typed besides are more than six, and none is dropped. */
    public function test_all_that_is_asked_for_is_in_it(): void
    {
        $with = ['1.2 kg plums', 'lemon juice', 'honey', 'soy sauce', 'white miso', 'cayenne', 'ginger', 'raisins'];
        $draft = $this->documented(
            'draft',
            $this->postJson('/api/draft', ['style' => 'fruit-chutney', 'with' => $with]),
        );
        $there = array_merge(
            ...array_map(
                static fn (array $stage): array => array_column($stage['lines'], 'ingredient'),
                $draft['recipe']['stages'],
            ),
        );
        self::assertSame(
            [],
            array_diff(
                ['plum', 'lemon-juice', 'honey', 'soy-sauce', 'white-miso', 'cayenne', 'ginger', 'raisin'],
                $there,
            ),
        );
        // two bodies share the pot, and the second does not take the place of the first
        $two = $this->documented(
            'draft',
            $this->postJson('/api/draft', ['style' => 'fruit-ketchup', 'with' => ['1.2 kg plums', '300 g pears']]),
        );
        self::assertSame(
            ['1200 g', '300 g'],
            array_values(
                array_intersect_key(array_column($two['reasons'], 'amount', 'name'), [
                    'plums' => true,
                    'pears' => true,
                ]),
            ),
        );
        $sour = $this->documented(
            'draft',
            $this->postJson('/api/draft', [
                'style' => 'fruit-ketchup',
                'with' => ['800 g apples', '200 g cranberries'],
            ]),
        );
        self::assertSame(
            ['reached', true],
            [
                $sour['status'],
                in_array(
                    'cider-vinegar',
                    array_merge(
                        ...array_map(
                            static fn (array $stage): array => array_column($stage['lines'], 'ingredient'),
                            $sour['recipe']['stages'],
                        ),
                    ),
                    true,
                ),
            ],
            'cranberries are no vinegar',
        );
        $many = $this->documented(
            'failure',
            $this->postJson('/api/draft', ['style' => 'fruit-chutney', 'with' => array_fill(0, 13, 'honey')]),
            422,
        );
        self::assertSame('with', $many['error']['fields'][0]['field']);
    }

    public function test_what_is_not_known_names_the_field(): void
    {
        foreach (
            [
                ['style', ['style' => 'no-such']],
                ['with[0]', ['style' => 'fruit-ketchup', 'with' => ['moonlight']]],
                ['free_of', ['style' => 'fruit-ketchup', 'free_of' => ['sorrow']]],
                ['without[0]', ['style' => 'fruit-ketchup', 'without' => ['moonlight']]],
            ] as [$field, $body]
        ) {
            self::assertSame(
                $field,
                $this->documented('failure', $this->postJson('/api/draft', $body), 422)['error']['fields'][0]['field'],
            );
        }
    }
}
