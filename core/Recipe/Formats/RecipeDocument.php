<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

use Vinculum\Amount\MeasuringSet;
use Vinculum\Recipe\Ends;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Process;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Size;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\Strain;
use Vinculum\Recipe\Tie;

/**
 * The open recipe format: version 3 is written, 1 to 3 are read. The shape itself is stated once, in
 * recipe.schema.json, and
 * checked before this is called; here it gets its meaning, its defaults and its missing ids.
 *
 * What is at its default is not written back; nothing else is lost.
 *
 * @phpstan-type BandArray array{low: float|int, aim: float|int, high: float|int}
 * @phpstan-type StyleArray array{
 *     slug: string,
 *     name: string,
 *     family: string,
 *     bands: array<string, BandArray>,
 *     cues?: list<string>,
 *     source: string,
 *     base?: array{ingredient: string, share: float|int},
 *     helping_ml?: float|int|null,
 *     ends?: string|null,
 * }
 * @phpstan-type LineArray array{
 *     id?: string,
 *     ingredient: string,
 *     amount?: string,
 *     prep?: string|null,
 *     handling?: string,
 *     extent?: float|int,
 *     loss_percent?: float|int,
 *     tie?: array{line: string, ratio: float|int}|null,
 *     lock?: bool,
 *     min_g?: float|int|null,
 *     max_g?: float|int|null,
 *     optional?: bool,
 *     left_out?: bool,
 *     note?: string,
 * }
 * @phpstan-import-type ProcessArray from ProcessDocument
 * @phpstan-type StageArray array{
 *     id?: string,
 *     name?: string,
 *     lines?: list<LineArray>,
 *     process?: ProcessArray|null,
 *     strain?: array{press?: float|int}|null,
 *     look_for?: string,
 *     rest_better_minutes?: float|int|null,
 *     hands_minutes?: float|int|null,
 * }
 * @phpstan-type RecipeArray array{
 *     format: string,
 *     version: int,
 *     name: string,
 *     style?: string|StyleArray|null,
 *     measures?: string,
 *     size?: array{mass_g?: float|int, volume_ml?: float|int}|null,
 *     pins?: list<array{ratio: string, value: float|int}>,
 *     stages: list<StageArray>,
 *     ingredients?: array<string, mixed>,
 *     makes?: string,
 *     serves?: string,
 *     story?: string,
 *     ends?: string,
 *     family?: string,
 * }
 */
final class RecipeDocument
{
    public const FORMAT = 'vinculum-recipe';

    /** What is written; what is read may be of any earlier one. */
    public const VERSION = 3;

    private int $made = 0;

    /**
     * @param array<string, true> $taken ids that are in the document
     */
    private function __construct(private readonly array $taken) {}

    /**
     * @param RecipeArray $document
     *
     * @throws InvalidRecipe
     */
    public static function read(array $document): Recipe
    {
        $taken = [];
        foreach ($document['stages'] as $stage) {
            $taken[$stage['id'] ?? ''] = true;
            foreach ($stage['lines'] ?? [] as $line) {
                $taken[$line['id'] ?? ''] = true;
            }
        }
        $reader = new self($taken);
        $size = $document['size'] ?? null;
        VesselsDocument::check($document);

        return new Recipe(
            $document['name'],
            $document['style'] ?? null,
            MeasuringSet::from($document['measures'] ?? 'us'),
            $size === null
                ? null
                : new Size(self::float($size['mass_g'] ?? null), self::float($size['volume_ml'] ?? null)),
            array_map(
                static fn (array $pin): array => ['ratio' => $pin['ratio'], 'value' => (float) $pin['value']],
                $document['pins'] ?? [],
            ),
            array_map($reader->stage(...), $document['stages']),
            $document['ingredients'] ?? [],
            self::extra($document),
            $document['makes'] ?? '',
            $document['serves'] ?? '',
            $document['story'] ?? '',
            isset($document['ends']) ? Ends::from($document['ends']) : null,
            $document['family'] ?? '',
        );
    }

    /**
     * @return RecipeArray
     */
    public static function write(Recipe $recipe): array
    {
        /** @var RecipeArray $document */
        $document
            = [
                'format' => self::FORMAT,
                'version' => self::VERSION,
                'name' => $recipe->name,
                'style' => $recipe->style,
                'measures' => $recipe->measures->value,
                'size'
                    => $recipe->size === null
                        ? null
                        : array_filter(
                            ['mass_g' => $recipe->size->massG, 'volume_ml' => $recipe->size->volumeMl],
                            static fn (?float $size): bool => $size !== null,
                        ),
                'pins' => $recipe->pins,
                'stages' => array_map(self::writeStage(...), $recipe->stages),
            ]
            + array_filter([
                'makes' => $recipe->makes,
                'serves' => $recipe->serves,
                'story' => $recipe->story,
                'ends' => $recipe->ends?->value,
                'family' => $recipe->family,
            ])
            + ($recipe->ingredients === [] ? [] : ['ingredients' => $recipe->ingredients])
            + $recipe->extra;

        return $document;
    }

    /**
     * @param StageArray $stage
     */
    private function stage(array $stage): Stage
    {
        $process = $stage['process'] ?? null;
        $strain = $stage['strain'] ?? null;

        return new Stage(
            $stage['id'] ?? $this->makeId('s'),
            $stage['name'] ?? '',
            array_map($this->line(...), $stage['lines'] ?? []),
            $process === null ? null : ProcessDocument::read($process),
            $strain === null ? null : new Strain((float) ($strain['press'] ?? 0.0), self::extra($strain)),
            $stage['look_for'] ?? '',
            self::extra($stage),
            self::float($stage['rest_better_minutes'] ?? null),
            self::float($stage['hands_minutes'] ?? null),
        );
    }

    /**
     * @param LineArray $line
     */
    private function line(array $line): Line
    {
        $tie = $line['tie'] ?? null;

        return new Line(
            $line['id'] ?? $this->makeId('l'),
            $line['ingredient'],
            $line['amount'] ?? null,
            $line['prep'] ?? null,
            Handling::from($line['handling'] ?? 'in'),
            (float) ($line['extent'] ?? 1.0),
            (float) ($line['loss_percent'] ?? 0.0),
            $tie === null ? null : new Tie($tie['line'], (float) $tie['ratio']),
            $line['lock'] ?? false,
            self::float($line['min_g'] ?? null),
            self::float($line['max_g'] ?? null),
            $line['optional'] ?? false,
            $line['left_out'] ?? false,
            $line['note'] ?? '',
            self::extra($line),
        );
    }

    /**
     * @return array<string, mixed>
     */
    private static function writeStage(Stage $stage): array
    {
        $process = $stage->process;

        return self::without(
            [
                'name' => '',
                'process' => null,
                'strain' => null,
                'look_for' => '',
                'rest_better_minutes' => null,
                'hands_minutes' => null,
            ],
            [
                'id' => $stage->id,
                'name' => $stage->name,
                'lines' => array_map(self::writeLine(...), $stage->lines),
                'process' => $process === null ? null : ProcessDocument::write($process),
                'strain' => $stage->strain === null ? null : ['press' => $stage->strain->press] + $stage->strain->extra,
                'look_for' => $stage->lookFor,
                'rest_better_minutes' => $stage->restBetterMinutes,
                'hands_minutes' => $stage->handsMinutes,
            ],
        ) + $stage->extra;
    }

    /**
     * @return array<string, mixed>
     */
    private static function writeLine(Line $line): array
    {
        return self::without(
            [
                'amount' => null,
                'prep' => null,
                'handling' => 'in',
                'extent' => 1.0,
                'loss_percent' => 0.0,
                'tie' => null,
                'lock' => false,
                'min_g' => null,
                'max_g' => null,
                'optional' => false,
                'left_out' => false,
                'note' => '',
            ],
            [
                'id' => $line->id,
                'ingredient' => $line->ingredient,
                'amount' => $line->amount,
                'prep' => $line->prep,
                'handling' => $line->handling->value,
                'extent' => $line->extent,
                'loss_percent' => $line->lossPercent,
                'tie' => $line->tie === null ? null : ['line' => $line->tie->line, 'ratio' => $line->tie->ratio],
                'lock' => $line->lock,
                'min_g' => $line->minG,
                'max_g' => $line->maxG,
                'optional' => $line->optional,
                'left_out' => $line->leftOut,
                'note' => $line->note,
            ],
        ) + $line->extra;
    }

    /**
     * @param array<string, mixed> $defaults
     * @param array<string, mixed> $fields
     * @return array<string, mixed>
     */
    private static function without(array $defaults, array $fields): array
    {
        return array_filter(
            $fields,
            static fn (mixed $value, string $key): bool => ! array_key_exists($key, $defaults)
                || $value !== $defaults[$key],
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * @param array<array-key, mixed> $from
     * @return array<string, mixed>
     */
    private static function extra(array $from): array
    {
        $extra = [];
        foreach ($from as $key => $value) {
            if (is_string($key) && str_starts_with($key, 'x-')) {
                $extra[$key] = $value;
            }
        }

        return $extra;
    }

    private static function float(float|int|null $value): ?float
    {
        return $value === null ? null : (float) $value;
    }

    private function makeId(string $prefix): string
    {
        do {
            $id = $prefix.++$this->made;
        } while (isset($this->taken[$id]));

        return $id;
    }
}
