<?php

declare(strict_types=1);

namespace App\House;

use Vinculum\Recipe\InvalidRecipe;

/**
 * A picture drawn anew: what came with it, where it was taken and whatever else hides in a file, does not come along.
 */
final readonly class Picture
{
    /** Pixels along the longer side of what is kept. */
    private const LONGEST = 1280;

    /** Pixels of what is read at the most: more would not fit this machine's memory. */
    private const MOST_PIXELS = 25_000_000;

    private const QUALITY = 80;

    private function __construct(public string $jpeg, public int $width, public int $height) {}

    /** @throws InvalidRecipe where it is no picture, or too large a one */
    public static function of(string $bytes): self
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw InvalidRecipe::at('picture', 'This is no picture that can be read. Choose a JPEG, a PNG or a WebP.');
        }
        if ($size[0] < 1 || $size[1] < 1 || $size[0] * $size[1] > self::MOST_PIXELS) {
            throw InvalidRecipe::at(
                'picture',
                'This picture is larger than can be read here: at most 25 million pixels. Make it smaller first.',
            );
        }
        $read = @imagecreatefromstring($bytes);
        if ($read === false) {
            throw InvalidRecipe::at('picture', 'This picture is torn or half there. Take it again, or choose another.');
        }
        $share = min(1.0, self::LONGEST / max($size[0], $size[1]));
        [$width, $height] = [max(1, (int) round($size[0] * $share)), max(1, (int) round($size[1] * $share))];
        $drawn = imagecreatetruecolor($width, $height);
        if ($drawn === false) {
            throw InvalidRecipe::at('picture', 'This picture cannot be drawn here.');
        }
        // what can be seen through is seen on white
        imagefill($drawn, 0, 0, (int) imagecolorallocate($drawn, 255, 255, 255));
        imagecopyresampled($drawn, $read, 0, 0, 0, 0, $width, $height, $size[0], $size[1]);
        $turned = imagerotate($drawn, self::turn($bytes, $size[2]), 0);
        $drawn = $turned === false ? $drawn : $turned;
        ob_start();
        imagejpeg($drawn, null, self::QUALITY);

        return new self((string) ob_get_clean(), imagesx($drawn), imagesy($drawn));
    }

    /** Degrees to turn it by, against the clock, so that it stands as it was taken: phones write that beside it. */
    private static function turn(string $bytes, int $type): int
    {
        if ($type !== IMAGETYPE_JPEG) {
            return 0;
        }
        $stream = fopen('php://memory', 'w+');
        if ($stream === false) {
            return 0;
        }
        fwrite($stream, $bytes);
        rewind($stream);
        $said = @exif_read_data($stream);
        fclose($stream);

        return match (is_array($said) ? $said['Orientation'] ?? 1 : 1) {
            3 => 180,
            6 => 270,
            8 => 90,
            default => 0,
        };
    }
}
