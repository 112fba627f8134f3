<?php

declare(strict_types=1);

namespace Tests\Core\Words;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Server;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Batch\Scaler;
use Vinculum\Batch\ScaleTarget;
use Vinculum\Batch\Tools;
use Vinculum\Cooking\StageReport;
use Vinculum\Pantry\Seasons;
use Vinculum\Recipe\Line;
use Vinculum\Solve\Aims;
use Vinculum\Solve\Draft\Draft;
use Vinculum\Solve\Draft\Drafted;
use Vinculum\Solve\Draft\MakeUps;
use Vinculum\Solve\Rebalance\Rebalance;
use Vinculum\Solve\Rescue\Rescue;
use Vinculum\Solve\Swap\Criteria;
use Vinculum\Solve\Swap\FreeOf;
use Vinculum\Solve\Swap\Swap;
use Vinculum\Taste\Measure;
use Vinculum\Words\AnalysisView;
use Vinculum\Words\BenchView;
use Vinculum\Words\DraftView;
use Vinculum\Words\EstimatesView;
use Vinculum\Words\PantryView;
use Vinculum\Words\RebalanceView;
use Vinculum\Words\RescueView;
use Vinculum\Words\SafetyView;
use Vinculum\Words\ScaleView;
use Vinculum\Words\Speech;
use Vinculum\Words\StageView;
use Vinculum\Words\SwapView;

/**
 * All that the product says of a sauce of every kind, in whole sentences that read, without a slot left open or a
 * figure that is none.
 */
final class EveryWordTest extends TestCase
{
    /** Words of the workshop, which no cook uses. */
    private const JARGON = '/\b(?:residual|Jacobian|gradient|tangent|constituents?|null|NaN|INF|undefined|boolean|array|exception|slug|vector|matrix|optimi[sz]er|least squares)\b/';

    /** One of a thing is not several, and a vowel has its an. */
    private const ONE_OF_MANY = '/(?<![\d.,\/])1 '
        .'(?:steps|minutes|hours|days|weeks|months|lines|jars|people|things|rounds)\b|\ba '
        .'(?:egg|apple|onion|orange|ounce|hour|amount)\b/i';

    /** @var array<string, Drafted> */
    private static array $drafts = [];

    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (array_keys(Sauce::styles()) as $slug) {
            yield $slug => [$slug];
        }
    }

    #[DataProvider('kinds')]
    public function test_of_the_sauce_itself(string $kind): void
    {
        $sauce = self::draft($kind)->evaluation;
        $speech = Speech::usual();
        self::assertReads((new BenchView($speech, $sauce, Sauce::catalogue()))->whole(), "{$kind}: Bench");
        self::assertReads((new BenchView($speech, $sauce))->card(), "{$kind}: Shelf");
        self::assertReads((new AnalysisView($speech))->of($sauce), "{$kind}: analysis");
        self::assertReads((new EstimatesView($speech))->figures($sauce), "{$kind}: figures");
        self::assertReads((new EstimatesView($speech))->panel($sauce), "{$kind}: label");
        self::assertReads((new SafetyView($speech))->of($sauce), "{$kind}: care");
        self::assertReads(
            array_map(
                (new StageView($speech))->of(...),
                array_values(array_filter($sauce->cooked->stages, static fn (StageReport $report): bool => true)),
            ),
            "{$kind}: stages",
        );
        self::assertReads((new DraftView($speech))->of(self::draft($kind)), "{$kind}: draft");
    }

    #[DataProvider('kinds')]
    public function test_of_what_is_to_be_done_to_it(string $kind): void
    {
        $sauce = self::draft($kind)->evaluation;
        $speech = Speech::usual();
        $own = array_values(
            array_filter(
                array_map(
                    static fn (Line $line) => Sauce::catalogue()->find($line->ingredient),
                    $sauce->recipe->lines(),
                ),
            ),
        );
        $have = [
            ...$own,
            ...array_map(Sauce::ingredient(...), [
                'sugar',
                'fine-salt',
                'cider-vinegar',
                'lime-juice',
                'maize-starch',
                'butter',
            ]),
        ];
        foreach (['salty' => 1.5, 'sour' => -1.5, 'thick' => -1.0, 'hot' => 2.0] as $feel => $steps) {
            $rescued = Rescue::of($sauce, Sauce::catalogue(), [$feel => $steps], $have);
            self::assertReads((new RescueView($speech))->of($rescued, $sauce->recipe), "{$kind}: {$feel} {$steps}");
        }
        $aims = Aims::ofFigures($sauce, ['sweetness' => 1.2 * $sauce->tasting->value(Measure::Sweetness) + 0.5]);
        self::assertReads(
            (new RebalanceView($speech))->of(Rebalance::answers($sauce, Sauce::catalogue(), $aims), $sauce->recipe),
            "{$kind}: rebalanced",
        );
        $swaps = new SwapView($speech, $sauce->recipe, Seasons::of(Sauce::catalogue()), 11, []);
        foreach (array_slice($sauce->cooked->weighed->lines, 0, 2) as $line) {
            self::assertReads(
                $swaps->options(
                    $line,
                    array_slice(Swap::options($sauce, Sauce::catalogue(), $line->line->id, new Criteria), 0, 4),
                    [],
                ),
                "{$kind}: for {$line->line->ingredient}",
            );
        }
        foreach (['vegan', 'gluten'] as $need) {
            self::assertReads(
                $swaps->freed(FreeOf::of($sauce, Sauce::catalogue(), [Sauce::need($need)], new Criteria)),
                "{$kind}: {$need}",
            );
        }
        foreach (['half', '3 x 250 ml', '12 people'] as $to) {
            $scaled = (new Scaler(Sauce::catalogue()))->scale(
                $sauce,
                ScaleTarget::parse($to, MeasuringSet::Us),
                5.0,
                new Tools(Kitchenware::of(MeasuringSet::Us)),
            );
            self::assertReads((new ScaleView($speech))->of($scaled, $sauce->recipe), "{$kind}: {$to}");
        }
    }

    public function test_of_everything_in_the_pantry(): void
    {
        $view = new PantryView(Speech::usual());
        foreach (Sauce::catalogue()->slugs() as $slug) {
            self::assertReads(
                $view->page(
                    Sauce::ingredient($slug),
                    [],
                    [],
                    ['have' => false, 'price' => null, 'pack' => null, 'amount' => null],
                    null,
                ),
                $slug,
            );
        }
    }

    /** @param array<array-key, mixed> $view */
    private static function assertReads(array $view, string $where): void
    {
        foreach ($view as $key => $value) {
            $at = "{$where} › {$key}";
            if (in_array($key, ['recipe', 'half'], true)) {
                continue;
            }
            if (is_array($value) || is_object($value)) {
                self::assertReads((array) $value, $at);
            } elseif (is_float($value)) {
                self::assertTrue(is_finite($value), $at);
            } elseif (is_string($value)) {
                self::assertDoesNotMatchRegularExpression('/\{[a-z_0-9]+\}/', $value, $at);
                self::assertDoesNotMatchRegularExpression(
                    '/ {2}| [.,;:](?: |$)|\.\.(?!\.)|,,|;;|\( | \)/',
                    $value,
                    "{$at}: {$value}",
                );
                self::assertDoesNotMatchRegularExpression(self::ONE_OF_MANY, $value, "{$at}: {$value}");
                self::assertDoesNotMatchRegularExpression(self::JARGON, $value, "{$at}: {$value}");
                self::assertSame(trim($value), $value, $at);
                self::assertTrue(mb_check_encoding($value, 'UTF-8'), $at);
            }
        }
    }

    private static function draft(string $kind): Drafted
    {
        $notes = MakeUps::read((string) file_get_contents(Server::root().'/database/make-ups.txt'))->notes;

        return self::$drafts[$kind] ??= Draft::of(
            Sauce::style($kind),
            $kind,
            $notes[$kind],
            [],
            [],
            Sauce::catalogue(),
            new Criteria,
        );
    }
}
