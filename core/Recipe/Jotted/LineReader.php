<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Amount\Kitchenware;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Jotted\Reading\Abroad;
use Vinculum\Recipe\Jotted\Reading\Changed;
use Vinculum\Recipe\Jotted\Reading\Construct;
use Vinculum\Recipe\Jotted\Reading\EachItsOwn;
use Vinculum\Recipe\Jotted\Reading\EachOf;
use Vinculum\Recipe\Jotted\Reading\InItsLiquid;
use Vinculum\Recipe\Jotted\Reading\JuiceOf;
use Vinculum\Recipe\Jotted\Reading\OfOneKind;
use Vinculum\Recipe\Jotted\Reading\OfTheWeight;
use Vinculum\Recipe\Jotted\Reading\OneThing;
use Vinculum\Recipe\Jotted\Reading\Parts;
use Vinculum\Recipe\Jotted\Reading\PerSoMuch;
use Vinculum\Recipe\Jotted\Reading\SaltAndPepper;
use Vinculum\Recipe\Jotted\Reading\Score;
use Vinculum\Recipe\Jotted\Reading\SizeOf;
use Vinculum\Recipe\Jotted\Reading\Spelling;
use Vinculum\Recipe\Jotted\Reading\Things;
use Vinculum\Recipe\Jotted\Reading\Thousands;
use Vinculum\Recipe\Jotted\Reading\Tied;

/**
 * A line of a list as one ingredient with its amount, or as several. Every way in which the line may be built gives a
 * reading, and each reading a score for how well it accounts for the words; the best stands. There is no order among
 * them: what a line means does not hang on which way was tried first.
 */
final class LineReader
{
    /** By how much a line taken otherwise than it is written has to read better; judgement. */
    private const OTHERWISE = 1.0;

    /** What a line scores at least that holds things with their amounts and little else; judgement. */
    private const SURELY = 4.0;

    public readonly Things $things;

    private readonly OneThing $oneThing;

    private readonly Score $score;

    private readonly Spelling $spelling;

    /** @var list<Construct> */
    private readonly array $constructs;

    /** @var array<string, array{non-empty-list<JottedLine>, float}> readings of words that are asked for again */
    private array $read = [];

    public function __construct(Catalogue $catalogue, Kitchenware $kit, Naming $naming)
    {
        $this->things = new Things($catalogue, $kit, $naming);
        $this->oneThing = new OneThing($this->things);
        $this->score = new Score($this->things);
        $this->spelling = new Spelling($kit, $naming->lexicon, new Abroad($catalogue, $kit, $naming->lexicon));
        $this->constructs = [
            new Changed,
            new EachItsOwn,
            new EachOf,
            new InItsLiquid,
            new JuiceOf,
            new OfOneKind,
            new OfTheWeight,
            new Parts,
            new PerSoMuch,
            new SaltAndPepper,
            new SizeOf,
            new Thousands,
            new Tied,
        ];
    }

    /**
     * @return non-empty-list<JottedLine>
     */
    public function read(string $line): array
    {
        return array_map($this->things->asked(...), $this->unasked($line));
    }

    /** A sentence with what is written short in it written out. */
    public function writtenOut(string $sentence): string
    {
        return $this->spelling->writtenOut($sentence);
    }

    /**
     * The same, before anything is asked about names.
     *
     * @return non-empty-list<JottedLine>
     */
    public function unasked(string $line): array
    {
        [$reading, , $doubt] = $this->likeliestSpelling($line);

        return $doubt === ''
            ? $reading
            : [$reading[0]->asking('amount', $doubt, [$reading[0]->amount]), ...array_slice($reading, 1)];
    }

    /**
     * The first thing of what the words mean, and how well they are accounted for.
     *
     * @return array{JottedLine, float}
     */
    public function scored(string $words): array
    {
        [$reading, $score] = $this->best($this->spelling->whole($words));

        return [$reading[0], $score];
    }

    /** Whether a line can hardly be anything but things with their amounts, all of them known. */
    public function isSurely(string $line): bool
    {
        [$reading, $score] = $this->likeliestSpelling($line);
        $asked = array_merge(...array_map(static fn (JottedLine $each): array => $each->questions, $reading));

        return $score >= self::SURELY
            && $reading[0]->amount !== 'to taste'
            && ! in_array('amount', array_column($asked, 0), true);
    }

    /**
     * @return array{non-empty-list<JottedLine>, float, string} the reading, its score, and what to ask where it was
     *     spelt otherwise
     */
    private function likeliestSpelling(string $line): array
    {
        $whole = $this->spelling->whole($line);
        $best = [...$this->best($whole), ''];
        foreach ($this->spelling->otherwise($whole) as [$other, $stands, $was]) {
            [$reading, $score] = $this->best($other);
            if ($score > $best[1] + self::OTHERWISE) {
                $best = [$reading, $score, "Is “{$stands}” {$was}?"];
            }
        }

        return $best;
    }

    /** @return array{non-empty-list<JottedLine>, float} the best reading of a line as it stands, and its score */
    private function best(string $line): array
    {
        return $this->read[$line] ??= $this->firstRead($line);
    }

    /** @return array{non-empty-list<JottedLine>, float} */
    private function firstRead(string $line): array
    {
        $optional = preg_match('/\boptional(?:ly)?\b/iu', $line) === 1;
        $line = trim((string) preg_replace('/\s*[(,]?\s*\boptional(?:ly)?\b\s*\)?/iu', ' ', $line), ' ,;');

        return $this->likeliest($this->readings($line, $optional))
            ?? [[$this->things->line($line, 'to taste', $optional)], -INF];
    }

    /**
     * @param iterable<list<JottedLine>> $readings
     * @return array{non-empty-list<JottedLine>, float}|null
     */
    private function likeliest(iterable $readings): ?array
    {
        $best = null;
        foreach ($readings as $reading) {
            if ($reading !== []) {
                $score = $this->score->of($reading);
                $best = $best === null || $score > $best[1] ? [$reading, $score] : $best;
            }
        }

        return $best;
    }

    /** @return iterable<list<JottedLine>> */
    private function readings(string $line, bool $optional): iterable
    {
        foreach ($this->constructs as $construct) {
            yield $construct->of($line, $optional, $this) ?? [];
        }
        yield from $this->oneThing->readings($line, $optional);
    }
}
