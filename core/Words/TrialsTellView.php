<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Log\Change;
use Vinculum\Log\Changes;
use Vinculum\Log\Effect;
use Vinculum\Log\NextTry;
use Vinculum\Log\TrialBook;
use Vinculum\Solve\Feel;

/** What the tries of a sauce tell, in words: which is liked best, what each change did, what is worth trying next. */
final readonly class TrialsTellView
{
    /** How sure it has to be that one try is the best before it is said without a doubt; judgement. */
    private const SURE = 0.95;

    public function __construct(private TrialsView $trials) {}

    /** Which is liked best, and how sure that is. */
    public function best(TrialBook $book): string
    {
        return match (true) {
            $book->best === null
                => 'Taste two of them and say how well you like each, and it says which is the best.',
            $book->sureness < TrialBook::LIKELY
                => 'No telling yet which is the best: what was said of them is too close.',
            default => "No. {$book->tries[$book->best]->number} is liked best, "
                .($book->sureness >= self::SURE
                    ? 'and hardly by chance.'
                    : 'if only by a few spoons: taste again to be sure.'),
        };
    }

    /**
     * What each change did to the liking.
     *
     * @return list<array{text: string, effect_text: string, is_known: bool}>
     */
    public function effects(TrialBook $book): array
    {
        return array_map(fn (Effect $effect): array => [
            'text' => ucfirst($this->trials->change($effect->change)),
            'effect_text' => $this->effect($effect, $book),
            'is_known' => $effect->isKnown,
        ], $book->effects);
    }

    private function effect(Effect $effect, TrialBook $book): string
    {
        if ($effect->isKnown) {
            return self::points($effect->likings->value)
                .(abs($effect->likings->value) >= 0.25 ? ' in liking' : ' in liking, as good as nothing')
                .', perhaps '.self::points($effect->likings->low()).' to '.self::points($effect->likings->high());
        }

        return 'not known yet'.match (true) {
            $effect->with !== [] => ': it never moved without '.$this->trials->change($effect->with[0]),
            $book->tries[$effect->in]->likings() === []
                => ": nobody said how well they like no. {$book->tries[$effect->in]->number}",
            default => ': taste it again beside the one before',
        };
    }

    /** Points of liking to a half: "+1½". */
    private static function points(float $value): string
    {
        $halves = (int) round(2 * abs($value));
        $whole = intdiv($halves, 2);
        $text = ($whole === 0 && $halves % 2 === 1 ? '' : (string) $whole).($halves % 2 === 1 ? '½' : '');

        return ($halves === 0 ? '' : ($value > 0.0 ? '+' : '−')).$text;
    }

    /** "No. 12 with 170 ml cider vinegar, not 150 ml" */
    public function with(int $number, Changes $changes): string
    {
        return "No. {$number} with ".implode('; ', array_map($this->trials->change(...), $changes->all));
    }

    /** "No. 9 with perry for water, and nothing else" */
    public function onlyThat(int $number, Change $change): string
    {
        return "No. {$number} with {$this->trials->change($change)}, and nothing else otherwise";
    }

    /** What the next try would tell. */
    public function settles(NextTry $next): string
    {
        if ($next->only !== null) {
            return 'It settles which of the two things did it.';
        }
        $taste = Feel::from((string) array_key_first($next->feels));
        $word = ($next->way($taste) > 0 ? 'more ' : 'less ').($taste === Feel::Hot ? 'heat' : $taste->value);

        return "It settles whether you want it {$word}.";
    }
}
