<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\MakingRecord;
use App\Models\StoredRecipe;
use Vinculum\Batch\Making;
use Vinculum\Recipe\Ends;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Recipe;

/** A making as a request asks for it: one that is kept, by its id, or one that is said outright. */
final readonly class AskedMaking
{
    private function __construct(
        public StoredRecipe $stored,
        public Making $making,
        public ?string $ready,
        public ?MakingRecord $record,
    ) {}

    /**
     * @param array<array-key, mixed> $given "making", or "recipe" with "to", "headspace_percent", "portions", "ends"
     * @param string $at where it stands, ending in a dot; empty for the whole body
     *
     * @throws InvalidRecipe naming the field
     */
    public static function of(array $given, string $at = ''): self
    {
        $text = static fn (string $field): ?string => is_string($given[$field] ?? null) ? $given[$field] : null;
        $record = null;
        if ($text('making') !== null) {
            $record
                = MakingRecord::query()->find($text('making'))
                ?? throw InvalidRecipe::at("{$at}making", 'There is no such making. Expected: the id of one.');
        }
        $recipe
            = $record->recipe_id
            ?? $text('recipe')
            ?? throw InvalidRecipe::at("{$at}recipe", 'is missing. Expected: the id of a recipe, or of a making.');
        $stored
            = StoredRecipe::query()->find($recipe)
            ?? throw InvalidRecipe::at("{$at}recipe", 'is no recipe on the Shelf.');

        return new self($stored, $record?->making() ?? self::said($given), $text('ready') ?? $record?->ready, $record);
    }

    /** @param array<array-key, mixed> $given */
    public static function said(array $given): Making
    {
        $portions = $given['portions'] ?? '';
        // null is as much as is usual; where nothing is said of it, none is left
        $isUsual = array_key_exists('headspace_percent', $given) && $given['headspace_percent'] === null;
        $headspace = $isUsual ? Making::HEADSPACE : $given['headspace_percent'] ?? 0.0;
        $ends = $given['ends'] ?? null;

        return new Making(
            is_string($given['to'] ?? null) ? trim($given['to']) : '',
            is_numeric($headspace) ? (float) $headspace : 0.0,
            is_array($portions)
                ? implode("\n", array_filter($portions, is_string(...)))
                : (is_string($portions) ? $portions : ''),
            is_string($ends) ? Ends::from($ends) : null,
        );
    }

    /** The recipe as it is to be made: the version that was chosen, or as it stands. */
    public function recipe(): Recipe
    {
        $version = $this->record?->version;
        $document = $version === null ? null : $this->stored->versions()->find($version)?->document;

        return RecipeDocument::read($document ?? $this->stored->document);
    }
}
