<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Http\Requests\AskedMaking;
use App\Models\CookRecord;
use App\Models\HobRecord;
use Vinculum\Batch\Making;
use Vinculum\Batch\ScaledRecipe;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Plan\Pace;
use Vinculum\Recipe\Ends;
use Vinculum\Stove\Clock;
use Vinculum\Stove\Finish;
use Vinculum\Stove\Steps;
use Vinculum\Words\MakingView;

/**
 * One making, in this household's amounts and minutes: what every screen that speaks of it asks.
 *
 * @phpstan-type KeptMaking array{
 *     to?: string,
 *     headspace_percent?: float|int,
 *     portions?: list<string>,
 *     ends?: string|null,
 *     factor?: float|int,
 * }
 */
final readonly class Makings
{
    public function __construct(
        private Planner $planner,
        private Evaluator $evaluator,
        private MakingView $view,
    ) {}

    /** What this household is known to take. */
    public static function clock(): Clock
    {
        return new Clock(Pace::of(CookRecord::paces()), HobRecord::known());
    }

    /** @throws UnreachableTarget where it cannot be made in that amount */
    public function scaled(AskedMaking $asked): ScaledRecipe
    {
        return $this->evaluator->whole(
            $asked->stored,
            fn (): ScaledRecipe => $this->planner->scaled($asked->recipe(), $asked->making),
        );
    }

    /** @return array<string, mixed> as making.schema.json has it */
    public function shown(ScaledRecipe $scaled, Making $making): array
    {
        $clock = self::clock();
        $finish = Finish::of($scaled->evaluation, $making);

        return $this->view->of(
            $scaled->evaluation,
            $making,
            $scaled->factor,
            $clock,
            $finish,
            Steps::of($scaled->evaluation, $finish, $clock),
        );
    }

    /** @return array{to: string, headspace_percent: float, portions: list<string>, ends: string|null} as it is kept */
    public static function kept(Making $making): array
    {
        return [
            'to' => $making->to,
            'headspace_percent' => $making->headspacePercent,
            'portions' => $making->portions === '' ? [] : explode("\n", $making->portions),
            'ends' => $making->ends?->value,
        ];
    }

    /** @param KeptMaking|null $kept */
    public static function fromKept(?array $kept): Making
    {
        return new Making(
            $kept['to'] ?? '',
            (float) ($kept['headspace_percent'] ?? 0.0),
            implode("\n", $kept['portions'] ?? []),
            isset($kept['ends']) ? Ends::from($kept['ends']) : null,
        );
    }
}
