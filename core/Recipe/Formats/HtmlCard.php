<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

use Vinculum\Amount\Kitchenware;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\WeighedLine;

/**
 * The card as one file of HTML that anybody can open, print and mail: no script runs in it and nothing is fetched. It
 * carries the recipe as schema.org describes it, for other programs, and as the open format has it, so that it comes
 * back whole.
 *
 * @phpstan-import-type RecipeArray from RecipeDocument
 */
final class HtmlCard implements ReadsText, WritesText
{
    private const OURS = '/<script type="application\/json" id="vinculum-recipe">(.*?)<\/script>/s';

    private const STYLE = 'body{font:17px/1.45 system-ui,sans-serif;max-width:720px;margin:24px auto;padding:0 16px;'
        .'color:#16233a;background:#fdfefc}h1{font:700 1.9rem/1.15 serif;border-top:5px solid #b33d0d;'
        .'padding-top:6px;margin:0}h2{font:700 1.2rem serif;margin:22px 0 4px;border-bottom:2px solid #1c3a5e}'
        .'table{border-collapse:collapse;width:100%}td{padding:5px 8px 5px 0;border-bottom:1px solid #cfdad5;'
        .'vertical-align:baseline}td:first-child{font-weight:700;white-space:nowrap;width:30%}td:last-child{'
        .'text-align:right;color:#53606b;white-space:nowrap}.f{display:inline-grid;text-align:center;font-size:.72em;'
        .'line-height:1.1;vertical-align:middle}.f b:first-child{border-bottom:1.5px solid}'
        .'.q{color:#53606b}@media print{body{margin:0}}';

    public function name(): string
    {
        return 'html';
    }

    public function label(): string
    {
        return 'Card to mail (HTML)';
    }

    public function ending(): string
    {
        return 'html';
    }

    public function mediaType(): string
    {
        return 'text/html';
    }

    public function cannotCarry(): array
    {
        return [];
    }

    public function isOf(string $text): bool
    {
        return self::inside($text) !== null;
    }

    public function checked(string $text): array
    {
        $inside = self::inside($text) ?? '';
        if (Json::object($inside) === null) {
            throw self::torn();
        }

        return ['schema' => 'recipe', 'text' => $inside];
    }

    public function bringIn(string $text, Catalogue $catalogue, Kitchenware $kit): BroughtIn
    {
        /** @var RecipeArray $document */
        $document = Json::object(self::inside($text) ?? '') ?? throw self::torn();

        return new BroughtIn(RecipeDocument::read($document));
    }

    public function takeOut(Outgoing $recipe): string
    {
        $weighed = $recipe->weighed;
        $body = '<h1>'.self::plain($weighed->recipe->name).'</h1>'
            .'<p class="q">Makes '.self::plain($recipe->makes).'.</p>';
        foreach ($weighed->recipe->stages as $stage) {
            $lines = array_filter(
                $weighed->lines,
                static fn (WeighedLine $line): bool => $line->stage === $stage && ! $line->line->leftOut,
            );
            $body .= self::stage($stage, array_values($lines));
        }
        $body .= $recipe->notes === [] ? '' : '<h2>Mind</h2>';
        foreach ($recipe->notes as $note) {
            $body .= '<p>'.self::plain($note).'</p>';
        }
        $body .= $weighed->recipe->story === '' ? '' : '<h2>Notes</h2><p>'
            .nl2br(self::plain($weighed->recipe->story), false).'</p>';

        return '<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" '
            .'content="width=device-width"><title>'.self::plain($weighed->recipe->name).'</title><style>'.self::STYLE
            .'</style>'
            .self::script('application/ld+json', '', JsonLd::write($weighed, $recipe->makes))
            .self::script('application/json', ' id="vinculum-recipe"', $recipe->document)
            ."</head><body>{$body}</body></html>\n";
    }

    /** @param list<WeighedLine> $lines */
    private static function stage(Stage $stage, array $lines): string
    {
        $rows = '';
        foreach ($lines as $line) {
            $amount = $line->line->amount ?? Markdown::grams($line);
            $thing = preg_replace('/^'.preg_quote($amount, '/').'\s*/u', '', Markdown::line($line));
            $rows .= '<tr><td>'.self::stacked($amount).'</td><td>'.self::plain((string) $thing).'</td><td>'
                .($line->grams > 0.0 ? self::plain(Markdown::grams($line)) : '').'</td></tr>';
        }
        $step = Markdown::step($stage);

        return '<h2>'.self::plain($stage->name === '' ? 'Together' : $stage->name).'</h2>'
            .($rows === '' ? '' : "<table>{$rows}</table>")
            .($step === '' ? '' : '<p>'.self::plain($step).'</p>');
    }

    /** "1 1/4 cup", its fraction over a bar. */
    private static function stacked(string $amount): string
    {
        return (string) preg_replace(
            '/(?<!\d)(\d+)\/(\d+)(?!\d)/',
            '<span class="f"><b>$1</b><b>$2</b></span>',
            self::plain($amount),
        );
    }

    /** @param array<array-key, mixed> $document */
    private static function script(string $type, string $more, array $document): string
    {
        // no text of a recipe ends the script it stands in
        $json = str_replace(['<', '>'], ['\u003C', '\u003E'], Json::encode($document));

        return "<script type=\"{$type}\"{$more}>{$json}</script>";
    }

    private static function plain(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8');
    }

    private static function torn(): InvalidRecipe
    {
        return InvalidRecipe::at('text', 'The recipe inside this card is torn. Copy its lines as text instead.');
    }

    /** The recipe as the open format has it, where a text is such a card. */
    private static function inside(string $text): ?string
    {
        return preg_match(self::OURS, $text, $match) === 1 ? $match[1] : null;
    }
}
