<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Support\Schemas;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The OpenAPI document and the JSON Schemas it refers to, beside each other. */
final class SchemaController
{
    public function openApi(Schemas $schemas): Response
    {
        return new Response($schemas->openApi(), 200, ['Content-Type' => 'application/json']);
    }

    public function schema(string $schema, Schemas $schemas): Response
    {
        $text = $schemas->text($schema) ?? throw new NotFoundHttpException;

        return new Response($text, 200, ['Content-Type' => 'application/schema+json']);
    }
}
