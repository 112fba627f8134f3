<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\OwnIngredientRecord;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A bottle put in by its label.
 *
 * @extends Factory<OwnIngredientRecord>
 */
final class OwnIngredientRecordFactory extends Factory
{
    protected $model = OwnIngredientRecord::class;

    public function definition(): array
    {
        return $this->bottle(1);
    }

    public function numbered(int $number): self
    {
        return $this->state($this->bottle($number));
    }

    /** @return array{slug: string, definition: array<string, mixed>} */
    private function bottle(int $number): array
    {
        return ['slug' => "my-bottle-{$number}", 'definition' => [
            'name' => "Bottle {$number} of Émile’s vinegar",
            'like' => 'cider-vinegar',
            'values' => ['acidity_percent' => 5.5],
        ]];
    }
}
