<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Jotted\LineKind;
use Vinculum\Recipe\Jotted\Naming;
use Vinculum\Recipe\Jotted\Span;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;

/**
 * The words of a note beside what became of them. Each line of it is one thing or several: a title, a yield, a thing
 * with its amount and how it is prepared, a step in which things may be named, or a remark. What stands in none of
 * these is a remark as well, so that nothing falls out unseen.
 */
final class Spans
{
    /** Bytes behind a name within which its amount may stand; judgement. */
    private const NEAR = 6;

    /** @var list<Span> in bytes */
    private array $spans = [];

    /**
     * @param string $text as it was pasted
     * @param list<array{string, LineKind, int}> $pieces what stands in each line, what it is, and which line it is
     * @param array<int, list<string>> $ids of the lines of the recipe, by the line of the text they stand in
     * @param array<string, string> $words each line of the recipe was named with, by id
     * @param array<string, string> $written the words of a method each line of the recipe stands in, by id
     * @param array<string, string> $said what each stage was made of, by id
     * @param array<string, true> $open ids of lines whose name nobody knows
     */
    private function __construct(
        private readonly string $text,
        private readonly Recipe $recipe,
        private readonly array $pieces,
        private readonly array $ids,
        private readonly array $words,
        private readonly array $written,
        private readonly array $said,
        private readonly array $open,
    ) {}

    /**
     * @param list<array{string, LineKind, int}> $pieces
     * @param array<string, int> $standsIn the line of the text each line of the recipe stands in, by id
     * @param array<string, string> $words
     * @param array<string, string> $written
     * @param array<string, string> $said
     * @return list<Span> in characters, in order
     */
    public static function of(
        string $text,
        Recipe $recipe,
        Catalogue $catalogue,
        array $pieces,
        array $standsIn,
        array $words,
        array $written,
        array $said,
    ): array {
        $ids = $open = [];
        foreach ($standsIn as $id => $at) {
            $ids[$at][] = $id;
        }
        foreach ($recipe->lines() as $line) {
            if ($catalogue->find($line->ingredient) === null) {
                $open[$line->id] = true;
            }
        }
        $made = new self($text, $recipe, $pieces, $ids, $words, $written, $said, $open);

        return $made->inCharacters($made->inOrder());
    }

    /** @return list<Span> */
    private function inOrder(): array
    {
        $done = 0;
        foreach ($this->pieces as [$line, $kind, $number]) {
            $at = $line === '' ? false : strpos($this->text, $line, $done);
            if ($at === false) {
                continue;
            }
            $this->add($done, substr($this->text, $done, $at - $done), 'remark');
            $done = $at + strlen($line);
            match ($kind) {
                LineKind::Title, LineKind::Heading => $this->add($at, $line, 'title'),
                LineKind::Yield, LineKind::Servings => $this->add($at, $line, 'yield'),
                LineKind::Ingredient => $this->things($at, $line, $this->ids[$number] ?? []),
                LineKind::Method => $this->steps($at, $line),
                LineKind::Remark, LineKind::Rule => $this->add($at, $line, 'remark'),
            };
        }
        $this->add($done, substr($this->text, $done), 'remark');

        return $this->spans;
    }

    /** @param list<string> $ids */
    private function things(int $at, string $line, array $ids): void
    {
        if ($ids === []) {
            $this->add($at, $line, 'remark');

            return;
        }
        // each begins with its amount or with its name, behind those of the one before it
        $begins = [];
        $cursor = 0;
        foreach ($ids as $id) {
            [$name, $amount] = [Naming::parted($this->words[$id] ?? '')[0], $this->line($id)->amount ?? ''];
            $named = $this->place($line, $name, $cursor);
            $measured = $this->place($line, $amount, $cursor);
            $found = array_filter([$named, $measured], static fn (?int $at): bool => $at !== null);
            $begins[] = $begins === [] ? 0 : min([...$found, strlen($line)]);
            $isNear = $measured !== null && ($named === null || $measured < $named + strlen($name) + self::NEAR);
            $cursor = max(
                $cursor,
                $named === null ? 0 : $named + strlen($name),
                $isNear ? $measured + strlen($amount) : 0,
            );
        }
        foreach ($ids as $i => $id) {
            $part = substr($line, $begins[$i], ($begins[$i + 1] ?? strlen($line)) - $begins[$i]);
            $this->thing($at + $begins[$i], $part, $id);
        }
    }

    /** One thing with its amount, as far as each can be found in the words. */
    private function thing(int $at, string $words, string $id): void
    {
        if (isset($this->open[$id])) {
            $this->add($at, $words, 'question', $id);

            return;
        }
        $line = $this->line($id);
        $marks = [];
        $amount = $line->amount ?? '';
        $from = $amount === '' ? null : $this->place($words, $amount, 0);
        if ($from !== null) {
            $marks[$from] = [strlen($amount), $line?->tie === null ? 'amount' : 'relation'];
        }
        $name = Naming::parted($this->words[$id] ?? '')[0];
        $behind = $from === null ? 0 : $from + strlen($amount);
        $at2 = $this->place($words, $name, $behind) ?? $this->place($words, $name, 0);
        if ($at2 !== null && ! isset($marks[$at2])) {
            $marks[$at2] = [strlen($name), 'name'];
        } elseif (preg_match('/[^,;(–—]+/u', $words, $match, 0, $behind) === 1) {
            $marks[$behind] = [strlen($match[0]), 'name'];
        }
        ksort($marks);
        $done = 0;
        foreach ($marks as $from => [$length, $is]) {
            if ($from < $done) {
                continue;
            }
            $gap = substr($words, $done, $from - $done);
            // written otherwise than it is kept: "a knob of"
            $isAmount = $is === 'name'
                && ! in_array('amount', array_column($marks, 1), true)
                && ! in_array($amount, ['', 'to taste'], true);
            $isAmount = $isAmount || preg_match('/^\s*of\s*$/iu', $gap) === 1;
            $this->add($at + $done, $gap, $isAmount ? 'amount' : 'preparation', $id);
            $this->add($at + $from, substr($words, $from, $length), $is, $id);
            $done = $from + $length;
        }
        $this->add($at + $done, substr($words, $done), 'preparation', $id);
    }

    /** Sentences of a method, with the things that only they name. */
    private function steps(int $at, string $line): void
    {
        $marks = [];
        foreach ($this->written as $id => $part) {
            $from = $this->place($line, $part, 0);
            if ($from !== null && $part !== '') {
                $marks[$from] = [strlen($part), $id];
            }
        }
        preg_match_all('/[^.;!?]+(?:[.;!?]+(?=\d)[^.;!?]+)*[.;!?]*/u', $line, $sentences, PREG_OFFSET_CAPTURE);
        foreach ($sentences[0] as [$sentence, $begins]) {
            $done = $begins;
            $stage = $this->stageOf($sentence);
            $is = $stage === '' ? 'remark' : 'step';
            ksort($marks);
            foreach ($marks as $from => [$length, $id]) {
                if ($from < $done || $from >= $begins + strlen($sentence)) {
                    continue;
                }
                $this->add($at + $done, substr($line, $done, $from - $done), 'step', '', $stage);
                $this->thing($at + $from, substr($line, $from, $length), $id);
                $done = $from + $length;
            }
            $rest = substr($line, $done, $begins + strlen($sentence) - $done);
            $this->add($at + $done, $rest, $done > $begins ? 'step' : $is, '', $stage);
        }
    }

    private function stageOf(string $sentence): string
    {
        $plain = self::plain($sentence);
        foreach ($this->said as $stage => $said) {
            $words = self::plain($said);
            // a sentence may have been cut: any half of it that stands there is enough
            if ($plain !== '' && ($words !== '' && str_contains($words, mb_substr($plain, 0, 14)))) {
                return $stage;
            }
        }
        foreach ($this->said as $stage => $said) {
            if (mb_strlen($plain) > 8 && str_contains(self::plain($said), mb_substr($plain, -14))) {
                return $stage;
            }
        }

        return '';
    }

    private static function plain(string $words): string
    {
        return trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($words)));
    }

    private function line(string $id): ?Line
    {
        foreach ($this->recipe->lines() as $line) {
            if ($line->id === $id) {
                return $line;
            }
        }

        return null;
    }

    /** Where words stand, bytes; null where they do not. */
    private function place(string $line, string $words, int $from): ?int
    {
        $at = $words === '' ? false : stripos($line, $words, min($from, strlen($line)));

        return $at === false ? null : $at;
    }

    private function add(int $at, string $words, string $is, string $line = '', string $stage = ''): void
    {
        // what divides belongs to nothing
        $word = '[\p{L}\p{N}½¼¾⅓⅔⅛]';
        if (preg_match("/{$word}.*{$word}[%!?.)]*|{$word}/us", $words, $match, PREG_OFFSET_CAPTURE) === 1) {
            $from = $at + $match[0][1];
            $this->spans[] = new Span($from, $from + strlen($match[0][0]), $is, $line, $stage);
        }
    }

    /**
     * @param list<Span> $spans
     * @return list<Span>
     */
    private function inCharacters(array $spans): array
    {
        usort($spans, static fn (Span $a, Span $b): int => $a->from <=> $b->from);
        $made = [];
        $bytes = $characters = 0;
        foreach ($spans as $span) {
            $characters += mb_strlen(substr($this->text, $bytes, $span->from - $bytes));
            $to = $characters + mb_strlen(substr($this->text, $span->from, $span->to - $span->from));
            $made[] = new Span($characters, $to, $span->is, $span->line, $span->stage);
            [$bytes, $characters] = [$span->to, $to];
        }

        return $made;
    }
}
