<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Vinculum\Amount\Amount;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Recipe\InvalidRecipe;

/** How many had of a batch, what was left over, what it cost (served-input.schema.json). */
final class ServedRequest extends SchemaRequest
{
    protected const SCHEMA = 'served-input';

    /**
     * @param float $density g/mL of the batch, for what was weighed
     * @return array{served_people: int|null, left_over_ml: float|null, cost: float|null}
     */
    public function facts(MeasuringSet $set, float $density): array
    {
        $people = $this->body['people'] ?? null;

        return [
            'served_people' => is_int($people) ? $people : null,
            'left_over_ml' => self::millilitres(trim($this->text('left_over')), $set, $density),
            'cost' => isset($this->body['cost']) ? $this->number('cost', 0.0) : null,
        ];
    }

    private static function millilitres(string $text, MeasuringSet $set, float $density): ?float
    {
        if ($text === '' || $text === '0') {
            return $text === '' ? null : 0.0;
        }
        try {
            $amount = Amount::parse($text, $set);
        } catch (UnreadableAmount) {
            throw self::unreadable();
        }
        $density = max(0.1, $density);

        return round(($amount->grams($density) ?? throw self::unreadable()) / $density, 1);
    }

    private static function unreadable(): InvalidRecipe
    {
        return InvalidRecipe::at('left_over', 'should be a volume or a weight: 150 ml, 1/2 cup, 80 g');
    }
}
