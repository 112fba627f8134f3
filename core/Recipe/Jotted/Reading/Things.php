<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Kitchenware;
use Vinculum\Pantry\AmountChoices;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\JottedLine;
use Vinculum\Recipe\Jotted\Named;
use Vinculum\Recipe\Jotted\Naming;

/** Lines of a recipe from a name and an amount, with what has to be asked about either. */
final readonly class Things
{
    public Counting $counting;

    public Lexicon $lexicon;

    private Stated $stated;

    public function __construct(
        public Catalogue $catalogue,
        public Kitchenware $kit,
        public Naming $naming,
    ) {
        $this->lexicon = $naming->lexicon;
        $this->counting = new Counting($catalogue, $kit, $naming);
        $this->stated = new Stated($kit);
    }

    /**
     * @param list<array{string, string, list<string>}> $questions
     */
    public function measured(
        JottedAmount $amount,
        string $rest,
        bool $optional,
        array $questions = [],
    ): JottedLine {
        if (trim($rest, ' ,.;') === '') {
            return new JottedLine(
                new Named(null, trim("{$amount->text} {$rest}"), '', true),
                $amount->text,
                [['ingredient', 'How much is clear, but of what?', []], ...$questions],
                $optional,
            );
        }
        [$rest, $stated, $kept] = $this->stated->stated($amount, $rest);
        $text = $amount->text;
        if ($amount->container !== '') {
            $rest = $this->counting->tinned($rest, $amount->container);
        } elseif ($amount->bare) {
            [$text, $rest] = $this->counting->countedPortion($text, $rest);
        }
        $rest = $this->counting->tinned($rest, '');
        $named = $this->naming->of($rest);
        $isBare = $amount->bare && $amount->container === '' && $text === $amount->text;
        $named = $isBare ? $this->counting->perhapsInUnits($named, $rest) : $named;
        $named = $this->counting->byTheSpoon($named, $text) ?? $this->counting->withThePortion($named, $text);
        $named = $this->counting->whereItMatters($named, $text);
        [$text, $named, $more] = $this->counting->whatIsCounted($amount, $text, $rest, $named);
        $questions = [...$questions, ...$more];
        if ($stated !== null) {
            $preparation = trim(implode(', ', array_filter([$kept, $named->preparation])));
            $questions = [
                ...$questions,
                ...$this->stated->unlike($named->ingredient, $preparation, $text, $stated, onlyFar: true),
            ];

            return $this->made(
                $named->prepared($preparation),
                $stated,
                $optional,
                "written as {$text}",
                $questions,
            );
        }
        foreach ($amount->others as $other) {
            $questions = [
                ...$questions,
                ...$this->stated->unlike($named->ingredient, $named->preparation, $text, $other, onlyFar: false),
            ];
        }
        return $this->made($named, $text, $optional, '', $questions);
    }

    /** @return list<JottedLine> */
    public function withoutAmount(string $line, bool $optional): array
    {
        return array_map(function (string $name) use ($optional): JottedLine {
            $named = $this->naming->of($name);
            $called = $named->ingredient?->shortName() ?? $name;

            return $this->made($named, 'to taste', $optional, '', [
                [
                    'amount',
                    "How much {$called}?",
                    [
                        'to taste',
                        $named->ingredient === null ? '1 tbsp' : AmountChoices::toBegin($named->ingredient),
                    ],
                ],
            ]);
        }, $this->severalOf($line));
    }

    /**
     * "salt and pepper" are two, "sweet and sour sauce" is not.
     *
     * @return list<string>
     */
    public function severalOf(string $names): array
    {
        if ($this->naming->exactly($names) !== null) {
            return [$names];
        }
        $parts = preg_split('/\s*,\s*(?:and\s+)?|\s+and\s+|\s*&\s*|\s*\+\s*/iu', $names) ?: [$names];
        foreach ($parts as $part) {
            if (! $this->naming->means($part)) {
                return [$names];
            }
        }

        return $parts;
    }

    /** Whether what follows an amount means something of the pantry: "sprigs of thyme" behind a 3. */
    public function namesOne(?JottedAmount $amount): bool
    {
        $words = $amount?->bare === true
            ? $this->counting->countedPortion($amount->text, $amount->rest)[1]
            : $amount->rest ?? '';

        // "25 g hazelnuts - toast both" names hazelnuts, whatever is done to them
        return $amount !== null && ($this->naming->means($words) || $this->naming->means(Naming::parted($words)[0]));
    }

    /**
     * @param list<array{string, string, list<string>}> $questions
     */
    public function line(
        string $name,
        string $amount,
        bool $optional = false,
        string $note = '',
        array $questions = [],
    ): JottedLine {
        return $this->made($this->naming->of($name), $amount, $optional, $note, $questions);
    }

    /**
     * @param list<array{string, string, list<string>}> $questions
     */
    public function made(
        Named $named,
        string $amount,
        bool $optional,
        string $note,
        array $questions,
    ): JottedLine {
        $questions = [...$questions, ...$this->stated->unweighed($named, $amount, $questions)];

        return new JottedLine($named, $amount, $questions, $optional, $note);
    }

    /** A line of the reading that stands: what it may mean is looked for only now. */
    public function asked(JottedLine $line): JottedLine
    {
        if ($line->named->isSure) {
            return $line;
        }
        $named = $this->naming->guesses->meant($line->named);
        $guesses = $this->naming->guesses->guesses($named);
        $ask = $guesses === [] ? "“{$named->words}” is not in the pantry." : "Is “{$named->words}” one of these?";

        return $line->called($named)->asking('ingredient', $ask, $guesses, isFirst: true);
    }
}
