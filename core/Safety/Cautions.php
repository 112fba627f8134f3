<?php

declare(strict_types=1);

namespace Vinculum\Safety;

/**
 * What to mind about a sauce, by every rule in Rules/.
 *
 * An estimate never clears a limit: rules see the cautious end of an interval, and the best they say is that only a
 * meter decides. Rules and figures are from memory, after the publication each names.
 */
final class Cautions
{
    /** US 21 CFR 114.3. */
    public const PH_LIMIT = 4.6;

    public const ACTIVITY_LIMIT = 0.85;

    /** Within this of a limit is near it. */
    public const NEAR_PH = 0.4;

    /**
     * @return list<Caution> the grave ones first; none for an empty pot
     */
    public static function of(Facts $sauce): array
    {
        if ($sauce->isEmpty() && $sauce->unknownLines() === []) {
            return [];
        }
        $raised = array_merge(...array_map(static fn (Rule $rule): array => $rule->of($sauce), self::rules()));
        $order = array_flip(array_map(static fn (Grade $grade): string => $grade->value, Grade::cases()));
        usort(
            $raised,
            static fn (Caution $a, Caution $b): int => $order[$a->grade->value] <=> $order[$b->grade->value],
        );

        return $raised;
    }

    /** @return non-empty-list<Rule> in the order of their file names */
    private static function rules(): array
    {
        /** @var non-empty-list<Rule>|null $rules */
        static $rules = null;
        if ($rules === null) {
            $rules = [];
            foreach (
                glob(__DIR__.'/Rules/*.php') ?: throw new \LogicException('core/Safety/Rules has no rules.') as $file
            ) {
                $class = __NAMESPACE__.'\\Rules\\'.basename($file, '.php');
                $rule = new $class;
                $rules[] = $rule instanceof Rule ? $rule : throw new \LogicException("{$class} is no Rule.");
            }
        }

        return $rules;
    }
}
