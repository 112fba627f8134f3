<?php

declare(strict_types=1);

namespace Tests\Core\Solve;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Solve\Aims;
use Vinculum\Solve\Character;
use Vinculum\Solve\Rebalance\Rebalance;
use Vinculum\Solve\Role;

/** What makes a sauce itself; judgement, no source. */
final class CharacterTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, string>, array<string, Role>}> name, lines, roles */
    public static function sauces(): iterable
    {
        yield 'a fruit and its chilli name it' => [
            'Carrot and habanero sauce',
            ['carrot' => '400 g', 'habanero' => '40 g', 'onion' => '150 g', 'white-vinegar' => '200 ml',
                'fine-salt' => '10 g', 'garlic' => '10 g'],
            ['carrot' => Role::NamesIt, 'habanero' => Role::NamesIt, 'white-vinegar' => Role::Seasoning,
                'fine-salt' => Role::Seasoning],
        ];
        yield 'in the plural' => [
            'Gooseberries and ginger',
            ['gooseberry' => '500 g', 'ginger' => '20 g', 'sugar' => '150 g'],
            ['gooseberry' => Role::NamesIt, 'ginger' => Role::NamesIt, 'sugar' => Role::Seasoning],
        ];
        yield 'what gives the volume is its body, whatever it is called' => [
            'Tuesday’s',
            ['passata' => '600 g', 'onion' => '80 g', 'cumin' => '3 g', 'olive-oil' => '20 ml', 'fine-salt' => '5 g'],
            ['passata' => Role::Body, 'onion' => Role::Part, 'cumin' => Role::Accent, 'fine-salt' => Role::Seasoning],
        ];
        yield 'a pastes of seeds is one too' => [
            'Dip for the boat',
            ['tahini' => '200 g', 'lemon-juice' => '60 ml', 'water' => '150 ml', 'garlic' => '6 g'],
            ['tahini' => Role::Body, 'lemon-juice' => Role::Seasoning, 'water' => Role::Seasoning],
        ];
    }

    /**
     * @param array<string, string> $lines
     * @param array<string, Role> $roles
     */
    #[DataProvider('sauces')]
    public function test_every_line_has_its_role(string $name, array $lines, array $roles): void
    {
        $character = new Character(Sauce::evaluate($lines, [], ['name' => $name]));
        $slugs = array_keys($lines);
        foreach ($roles as $slug => $role) {
            self::assertSame($role, $character->roles[array_search($slug, $slugs, true)], $slug);
        }
    }

    /** Brought to its own style a carrot and habanero sauce stays one of carrots and habaneros. */
    public function test_what_makes_it_itself_hardly_moves(): void
    {
        $style = Sauce::style('fruit-hot-sauce');
        $from = Sauce::evaluate(
            ['carrot' => '400 g', 'habanero' => '40 g', 'onion' => '150 g', 'white-vinegar' => '200 ml',
                'fine-salt' => '3 g', 'garlic' => '10 g'],
            ['process' => ['kind' => 'simmer', 'minutes' => 15]],
            ['name' => 'Carrot and habanero sauce'],
            $style,
        );
        $answer = Rebalance::of($from, Sauce::catalogue(), Aims::ofStyle($from, $style));

        self::assertNotSame([], $answer->changes);
        foreach ($answer->changes as $change) {
            if (in_array($change->id, ['carrot', 'habanero', 'onion'], true)) {
                self::assertEqualsWithDelta(0.0, log($change->afterG / $change->beforeG), log(1.75), $change->id);
            }
        }
        $makes = $answer->after->cooked->mixture->mass() / $from->cooked->mixture->mass();
        self::assertEqualsWithDelta(1.0, $makes, 0.3, 'as much as before, within a quarter and what a spoon rounds');
    }
}
