<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Recipe\Jotted\Question;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\WeighedRecipe;

/**
 * Recipes as schema.org describes them (Recipe, JSON-LD): lines of text and steps. What it cannot carry is listed, not
 * lost in silence; what comes in is read by the text reader, as text and never as markup.
 */
final class JsonLd implements ReadsText, WritesText
{
    /** What a schema.org Recipe has no place for. */
    private const CANNOT_CARRY = [
        'ties between lines, locks and bounds',
        'handling (steeped, whole) and what was lost before',
        'end points of a reduction but in words',
        'the style, pinned ratios and own ingredients’ composition',
    ];

    /** What a page says of its recipe that a recipe here has no place for, by what it is called there. */
    private const NO_PLACE = [
        'pictures' => ['image', 'thumbnailUrl', 'primaryImageOfPage'],
        'film' => ['video'],
        'who wrote it and when' => [
            'author',
            'publisher',
            'copyrightHolder',
            'datePublished',
            'dateModified',
            'dateCreated',
        ],
        'ratings and comments' => ['aggregateRating', 'review', 'comment', 'commentCount'],
        'nutrition as the page has it; it is computed here' => ['nutrition'],
        'times as a whole; those of the steps are read' => ['prepTime', 'cookTime', 'totalTime', 'performTime'],
        'keywords and kinds' => [
            'keywords',
            'recipeCategory',
            'recipeCuisine',
            'cookingMethod',
            'suitableForDiet',
            'estimatedCost',
        ],
        'tools' => ['tool'],
        'address of the page' => ['url', 'mainEntityOfPage', 'isPartOf', 'sameAs'],
    ];

    public function name(): string
    {
        return 'jsonld';
    }

    public function label(): string
    {
        return 'JSON-LD';
    }

    public function ending(): string
    {
        return 'jsonld';
    }

    public function mediaType(): string
    {
        return 'application/ld+json';
    }

    public function takeOut(Outgoing $recipe): string
    {
        return Json::encode(self::write($recipe->weighed, $recipe->makes));
    }

    public function cannotCarry(): array
    {
        return self::CANNOT_CARRY;
    }

    /** JSON that is none of ours, or a page whose scripts describe a recipe. */
    public function isOf(string $text): bool
    {
        return self::described($text) !== null;
    }

    public function checked(string $text): ?array
    {
        return null;
    }

    public function bringIn(string $text, Catalogue $catalogue, Kitchenware $kit): BroughtIn
    {
        return new BroughtIn(...self::read(self::described($text) ?? [], $catalogue, $kit));
    }

    /** @return array<array-key, mixed>|null */
    private static function described(string $text): ?array
    {
        return WebPage::described($text) ?? Json::object($text);
    }

    /** @return array<string, mixed> */
    public static function write(WeighedRecipe $weighed, string $yield): array
    {
        $ingredients = [];
        foreach ($weighed->lines as $line) {
            if (! $line->line->leftOut) {
                $ingredients[] = Markdown::line($line);
            }
        }
        $steps = [];
        foreach ($weighed->recipe->stages as $stage) {
            $steps[] = [
                '@type' => 'HowToStep',
                'name' => $stage->name === '' ? 'Together' : $stage->name,
                'text' => self::step($weighed, $stage),
            ];
        }

        return [
            '@context' => 'https://schema.org',
            '@type' => 'Recipe',
            'name' => $weighed->recipe->name,
            'recipeYield' => $yield,
            'recipeCategory' => 'Sauce',
            'recipeIngredient' => $ingredients,
            'recipeInstructions' => $steps,
        ];
    }

    /** "Add the gooseberries and the sugar and simmer": the list of lines does not say when each goes in. */
    private static function step(WeighedRecipe $weighed, Stage $stage): string
    {
        $names = [];
        foreach ($weighed->lines as $line) {
            if ($line->stage->id === $stage->id && $line->ingredient !== null && ! $line->line->leftOut) {
                $names[] = 'the '.$line->ingredient->shortName();
            }
        }
        $step = Markdown::step($stage);
        $last = array_pop($names);
        if (count($weighed->recipe->stages) < 2 || $last === null) {
            return $step;
        }

        return 'Add '.($names === [] ? $last : implode(', ', $names)." and {$last}")
            .($step === '' ? '.' : ' and '.lcfirst($step));
    }

    /**
     * @param array<array-key, mixed> $document
     * @return array{Recipe, list<Question>, list<string>} the recipe, what was unsure, and what it has no place for
     *
     * @throws InvalidRecipe where there is no recipe in it
     */
    public static function read(array $document, Catalogue $catalogue, MeasuringSet|Kitchenware $set): array
    {
        $found
            = self::recipeIn($document)
            ?? throw InvalidRecipe::at(
                'text',
                'There is no schema.org Recipe in this. It takes an object, or a @graph with one, whose @type is '
                    .'Recipe.',
            );
        $ingredients = $found['recipeIngredient'] ?? ($found['ingredients'] ?? null);
        if (! is_array($ingredients) || $ingredients === []) {
            throw InvalidRecipe::at(
                'recipeIngredient',
                'This recipe lists no ingredients. It takes a list of lines, such as "2 cups cider vinegar".',
            );
        }
        if (count($ingredients) > Recipe::MAX_LINES) {
            throw InvalidRecipe::at(
                'recipeIngredient',
                'This recipe lists '.count($ingredients).' ingredients; at most '.Recipe::MAX_LINES.' are taken. '
                    .'Divide it in two.',
            );
        }
        // as the note it would be on paper, so that list, yield and method are read as anybody's are
        $name = self::text($found['name'] ?? '');
        $yield = $found['recipeYield'] ?? $found['yield'] ?? '';
        $yield = self::text(is_array($yield) && array_is_list($yield) ? end($yield) : $yield);
        $note = [
            '# '.($name === '' ? 'New sauce' : $name),
            ...($yield === '' ? [] : ['Makes: '.$yield]),
            '',
            'Ingredients:',
            ...array_map(self::text(...), array_values($ingredients)),
            '',
            'Method:',
            ...self::steps($found['recipeInstructions'] ?? null),
            '',
            'Notes:',
            self::text($found['description'] ?? ''),
        ];

        return [...JottedText::read(implode("\n", $note), $catalogue, $set), self::noPlaceFor($found)];
    }

    /**
     * @param array<array-key, mixed> $found
     * @return list<string>
     */
    private static function noPlaceFor(array $found): array
    {
        $said = array_filter($found, static fn (mixed $value): bool => ! in_array($value, [null, '', []], true));

        return array_keys(array_filter(
            self::NO_PLACE,
            static fn (array $names): bool => array_intersect_key($said, array_flip($names)) !== [],
        ));
    }

    /**
     * @param array<array-key, mixed> $node
     * @return array<array-key, mixed>|null
     */
    private static function recipeIn(array $node, int $depth = 0): ?array
    {
        // "Recipe", "http://schema.org/Recipe", "https://schema.org/Recipe"
        $types = array_map(
            static fn (mixed $type): string => is_string($type) ? (string) preg_replace('/^.*[\/#:]/', '', $type) : '',
            (array) ($node['@type'] ?? []),
        );
        if (in_array('Recipe', $types, true)) {
            return $node;
        }
        foreach ($depth < 4 ? $node : [] as $child) {
            $found = is_array($child) ? self::recipeIn($child, $depth + 1) : null;
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /** Plain text: tags and entities are taken for what they stand for, and nothing is ever shown as markup. */
    private static function text(mixed $value): string
    {
        if (is_array($value) && isset($value['item'])) {
            return self::text($value['item']);
        }
        if (is_array($value) && (isset($value['value']) || isset($value['minValue']))) {
            return self::quantity($value);
        }
        if (is_array($value)) {
            $value = $value['text'] ?? ($value['name'] ?? ($value['@value'] ?? ''));
        }

        return is_scalar($value)
            ? trim(
                (string) preg_replace(
                    '/\s+/u',
                    ' ',
                    html_entity_decode(strip_tags((string) $value), ENT_QUOTES | ENT_HTML5),
                ),
            )
            : '';
    }

    /**
     * A QuantitativeValue: "6", "2 cups", "4-6 jars".
     *
     * @param array<array-key, mixed> $value
     */
    private static function quantity(array $value): string
    {
        $least = self::text($value['value'] ?? $value['minValue'] ?? '');
        $most = self::text($value['maxValue'] ?? '');
        $number = $most === '' || $most === $least ? $least : "{$least}-{$most}";

        return trim("{$number} ".self::text($value['unitText'] ?? $value['unitCode'] ?? ''));
    }

    /**
     * The sentences of a method: a text, a list of texts or steps, or sections of those.
     *
     * @return list<string>
     */
    private static function steps(mixed $instructions): array
    {
        if (is_array($instructions) && isset($instructions['item'])) {
            return self::steps($instructions['item']);
        }
        if (is_array($instructions) && isset($instructions['itemListElement'])) {
            $name = rtrim(self::text($instructions['name'] ?? ''), ' :');

            return [
                ...($name === '' ? [] : ["{$name}:"]),
                ...self::steps($instructions['itemListElement']),
            ];
        }
        if (! is_array($instructions) || ! array_is_list($instructions)) {
            $text = self::text($instructions);

            return $text === '' ? [] : [$text];
        }

        return array_merge(...array_map(self::steps(...), $instructions));
    }
}
