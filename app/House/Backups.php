<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Support\Carbon;

/** Copies of the house in one folder, made daily and before anything large, and thinned as they grow old. */
final readonly class Backups
{
    /** One a day for a week, one a week for two months, one a month for a year. */
    private const KEPT = ['Y-m-d' => 7, 'o-W' => 8, 'Y-m' => 12];

    /** Days that what stood before a restore is kept, whatever else is thinned. */
    private const KEPT_BEFORE_RESTORE = 30;

    private const BEFORE = '-before-restore';

    private const NAME = '/^vinculum-(\d{8}-\d{6})('.self::BEFORE.')?(?:-(\d+))?\.zip$/';

    public function __construct(private string $folder) {}

    /** Where this house keeps its copies: beside its database, or where VINCULUM_BACKUPS says. */
    public static function usual(): self
    {
        return new self(config()->string('vinculum.backups'));
    }

    /** A copy as the house is now; the path of it. */
    public function make(?string $into = null): string
    {
        return $this->copy($into ?? $this->folder, '');
    }

    /** The same, just before another is put back over it: a wrong restore is undone from here. */
    public function beforeRestore(): string
    {
        return $this->copy($this->folder, self::BEFORE);
    }

    private function copy(string $folder, string $why): string
    {
        if (! is_dir($folder) && ! @mkdir($folder, 0o700, true)) {
            throw new UnreadableArchive("There is no folder “{$folder}”, and none can be made there.");
        }
        $name = $folder.'/vinculum-'.Carbon::now('UTC')->format('Ymd-His').$why;
        for ($path = "{$name}.zip", $more = 2; file_exists($path); $path = "{$name}-{$more}.zip", $more++);
        Archive::write($path);
        chmod($path, 0o600);
        $this->thin();

        return $path;
    }

    /** One more where the newest is a day old; null where it is not. */
    public function daily(): ?string
    {
        foreach ($this->all() as $copy) {
            // one that is dated ahead was made by a wrong clock, and keeps no other from being made
            if ($copy['at']->gt(Carbon::now()->subDay()) && $copy['at']->lte(Carbon::now())) {
                return null;
            }
        }

        return $this->make();
    }

    /** @return list<array{path: string, at: Carbon, bytes: int, isBeforeRestore: bool}> newest first */
    public function all(): array
    {
        $found = [];
        foreach (glob("{$this->folder}/*.zip") ?: [] as $path) {
            if (preg_match(self::NAME, basename($path), $match, PREG_UNMATCHED_AS_NULL) === 1) {
                $at = Carbon::createFromFormat('Ymd-His', $match[1], 'UTC');
                if ($at !== null) {
                    $found[] = [
                        'path' => $path,
                        'at' => $at,
                        'bytes' => (int) filesize($path),
                        'isBeforeRestore' => $match[2] !== null,
                        'nth' => (int) ($match[3] ?? 1),
                    ];
                }
            }
        }
        // of two in one second the second is the newer
        usort($found, static fn (array $a, array $b): int => [$b['at'], $b['nth']] <=> [$a['at'], $a['nth']]);

        return array_map(
            static fn (array $copy): array => [
                'path' => $copy['path'],
                'at' => $copy['at'],
                'bytes' => $copy['bytes'],
                'isBeforeRestore' => $copy['isBeforeRestore'],
            ],
            $found,
        );
    }

    /** Lets go what no day, week or month needs any more. The newest always stays, and what a restore went over. */
    public function thin(): void
    {
        $kept = [];
        $seen = [];
        $isNewest = true;
        $safe = Carbon::now()->subDays(self::KEPT_BEFORE_RESTORE);
        foreach ($this->all() as $copy) {
            // whatever is dated ahead is nobody's newest, and is kept until its day is past
            if ($copy['at']->gt(Carbon::now())) {
                $kept[$copy['path']] = true;

                continue;
            }
            if ($copy['isBeforeRestore'] && $copy['at']->gte($safe)) {
                $kept[$copy['path']] = true;

                continue;
            }
            foreach (self::KEPT as $by => $many) {
                $when = $copy['at']->format($by);
                $isNew = ! isset($seen[$by][$when]);
                if ($isNewest || ($isNew && count($seen[$by] ?? []) < $many)) {
                    $kept[$copy['path']] = true;
                }
                $seen[$by][$when] = true;
            }
            $isNewest = false;
        }
        foreach ($this->all() as $copy) {
            if (! isset($kept[$copy['path']])) {
                unlink($copy['path']);
            }
        }
    }
}
