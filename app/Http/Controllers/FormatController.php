<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ExportRequest;
use App\Http\Requests\ImportRequest;
use App\Pantry\Household;
use App\Recipes\Evaluator;
use App\Support\Schemas;
use Illuminate\Support\Str;
use Vinculum\Amount\Kitchenware;
use Vinculum\Recipe\Formats\Format;
use Vinculum\Recipe\Formats\Formats;
use Vinculum\Recipe\Formats\Outgoing;
use Vinculum\Recipe\Formats\ReadsText;
use Vinculum\Recipe\Formats\WritesText;
use Vinculum\Recipe\Jotted\Span;
use Vinculum\Words\NoteView;
use Vinculum\Words\SafetyView;
use Vinculum\Words\Speech;

/** Recipes out and in, in every format there is. Nothing is stored. */
final readonly class FormatController
{
    public function __construct(private Household $household, private Schemas $schemas, private NoteView $notes) {}

    /**
     * @return array<string, mixed>
     */
    public function index(): array
    {
        return ['formats' => array_map(static fn (Format $format): array => [
            'name' => $format->name(),
            'label' => $format->label(),
            'reads' => $format instanceof ReadsText,
            'writes' => $format instanceof WritesText,
        ], Formats::all())];
    }

    /**
     * @return array<string, mixed>
     */
    public function export(
        ExportRequest $request,
        Evaluator $evaluator,
        Speech $speech,
        SafetyView $safety,
    ): array {
        /** @var array<string, mixed> $document */
        $document = $this->household->embed($request->document());
        $evaluation = $evaluator->evaluate($request->recipe());
        $format = $request->wantedFormat();
        $makes = $speech->volume($evaluation->estimates->volume()->value);

        return [
            'file' => (Str::slug($evaluation->recipe->name) ?: 'sauce').'.'.$format->ending(),
            'type' => $format->mediaType(),
            'text' => $format->takeOut(new Outgoing(
                $evaluation->cooked->weighed,
                $document,
                $makes,
                $safety->onTheCard($evaluation),
            )),
            'lost' => $format->cannotCarry(),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    public function import(ImportRequest $request): array
    {
        $kit = Kitchenware::with(
            $request->measures() ?? $this->household->preferences()->measures,
            $this->household->vessels(),
        );
        $catalogue = $this->household->catalogue($request->contents());
        $text = ltrim($request->contents(), "\u{FEFF} \t\r\n");
        $format = Formats::of($text);
        $checked = $format->checked($text);
        if ($checked !== null) {
            $this->schemas->check($checked['schema'], $checked['text']);
        }
        $in = $format->bringIn($text, $catalogue, $kit);
        $left = mb_strlen($request->contents()) - mb_strlen($text);
        $spans = array_map(static fn (Span $span): Span => $span->behind($left), $in->spans);

        return ['kind' => $format->name()]
            + $this->notes->of($in->recipe, $in->questions, $catalogue, $spans, $in->tongue)
            + ['lost' => $in->lost];
    }
}
