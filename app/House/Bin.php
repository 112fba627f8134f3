<?php

declare(strict_types=1);

namespace App\House;

use App\Http\RequestRefused;
use App\Models\Batch;
use App\Models\OwnIngredientRecord;
use App\Models\OwnStyle;
use App\Models\StoredRecipe;
use App\Pantry\Household;
use App\Recipes\Styles;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Carbon;

/** What was thrown away: it rests here until somebody puts it back, or throws it away for good. */
final class Bin
{
    /** @var array<string, class-string<StoredRecipe|Batch|OwnIngredientRecord|OwnStyle>> */
    private const KINDS = [
        'recipe' => StoredRecipe::class,
        'batch' => Batch::class,
        'ingredient' => OwnIngredientRecord::class,
        'style' => OwnStyle::class,
    ];

    private const MOST_SHOWN = 200;

    /**
     * The last thrown away first.
     *
     * @return list<array{kind: string, id: string, name: string, deleted_at: string, stays: string}> stays: why it
     * cannot go for good, or ''
     */
    public static function all(): array
    {
        $thrown = [];
        foreach (self::KINDS as $kind => $class) {
            foreach (self::thrown($class)->orderByDesc('deleted_at')->limit(self::MOST_SHOWN)->get() as $each) {
                $thrown[] = [
                    'kind' => $kind,
                    'id' => is_scalar($each->getKey()) ? (string) $each->getKey() : '',
                    'name' => self::name($each),
                    'deleted_at' => Carbon::parse($each->deleted_at)->toIso8601ZuluString(),
                    'stays' => self::stays($each),
                ];
            }
        }
        usort($thrown, static fn (array $one, array $other): int => $other['deleted_at'] <=> $one['deleted_at']);

        return array_slice($thrown, 0, self::MOST_SHOWN);
    }

    public static function putBack(string $kind, string $id): void
    {
        self::find($kind, $id)->restore();
        // the ingredients and styles that were read before it came back are read again
        app(Household::class)->forget();
        app(Styles::class)->readAgain();
    }

    /** Thrown away for good; what was made from it keeps it. */
    public static function forget(string $kind, string $id): void
    {
        $thrown = self::find($kind, $id);
        $stays = self::stays($thrown);
        if ($stays !== '') {
            throw new RequestRefused(409, 'has-batches', $stays);
        }
        $thrown->forceDelete();
    }

    /** All of it that nothing keeps, for good: batches first, since they keep their recipes. */
    public static function empty(): void
    {
        foreach (array_reverse(self::KINDS) as $class) {
            foreach (self::thrown($class)->lazyById(100, column: (new $class)->getKeyName()) as $each) {
                if (self::stays($each) === '') {
                    $each->forceDelete();
                }
            }
        }
    }

    private static function find(string $kind, string $id): StoredRecipe|Batch|OwnIngredientRecord|OwnStyle
    {
        $class
            = self::KINDS[$kind]
            ?? throw new RequestRefused(
                404,
                'not-found',
                'There is no such thing here. Thrown away are recipes, batches, ingredients and styles.',
            );

        return self::thrown($class)->find($id)
            ?? throw new RequestRefused(
                409,
                'not-in-the-bin',
                'That is not among what was thrown away. Delete it first, or read the list again.',
            );
    }

    /**
     * With all that is asked of it, so that a list of many asks the database no more often than a list of one.
     *
     * @param class-string<StoredRecipe|Batch|OwnIngredientRecord|OwnStyle> $class
     * @return Builder<covariant StoredRecipe|Batch|OwnIngredientRecord|OwnStyle>
     */
    private static function thrown(string $class): Builder
    {
        return match ($class) {
            StoredRecipe::class => StoredRecipe::onlyTrashed()->withExists([
                'batches' => static fn (Builder $batches): mixed => $batches->withoutGlobalScope(
                    SoftDeletingScope::class,
                ),
                'cooks',
            ]),
            Batch::class => Batch::onlyTrashed()->without('readings')->with('recipe'),
            default => $class::onlyTrashed(),
        };
    }

    private static function name(Model $thrown): string
    {
        return match (true) {
            $thrown instanceof StoredRecipe => $thrown->name,
            $thrown instanceof Batch => "no. {$thrown->number}, "
                .($thrown->recipe->name ?? '')
                ." of {$thrown->made_on->format('j F Y')}",
            $thrown instanceof OwnIngredientRecord => $thrown->definition['name'],
            $thrown instanceof OwnStyle => $thrown->document['name'],
            default => '',
        };
    }

    private static function stays(Model $thrown): string
    {
        return $thrown instanceof StoredRecipe
            && ($thrown->getAttribute('batches_exists') === true || $thrown->getAttribute('cooks_exists') === true)
            ? 'Batches were made from this recipe, and they keep it.'
            : '';
    }
}
