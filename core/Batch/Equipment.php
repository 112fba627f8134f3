<?php

declare(strict_types=1);

namespace Vinculum\Batch;

/** A pan, jar, bottle or blender of the household's. */
final readonly class Equipment
{
    public const KINDS = ['pan', 'jar', 'bottle', 'blender'];

    /**
     * @param value-of<self::KINDS> $kind
     * @param float $millilitres to the brim, above 0
     * @param int $count how many there are
     * @param float|null $widthCm of a pan
     */
    public function __construct(
        public string $name,
        public string $kind,
        public float $millilitres,
        public int $count = 1,
        public ?float $widthCm = null,
    ) {}
}
