<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Batch;
use App\Models\JarRecord;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Carbon;

/**
 * A jar in the fridge, to be eaten within the week.
 *
 * @extends Factory<JarRecord>
 */
final class JarRecordFactory extends Factory
{
    protected $model = JarRecord::class;

    public function definition(): array
    {
        return [
            'batch_id' => Batch::factory(),
            'label' => 'A',
            'size_ml' => 250.0,
            'kind' => 'jar',
            'place' => 'fridge',
            'given_to' => '',
            'keep_until' => Carbon::today()->addWeek(),
        ];
    }

    public function opened(): self
    {
        return $this->state(['opened_on' => Carbon::today()]);
    }
}
