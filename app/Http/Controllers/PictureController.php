<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\RequestRefused;
use App\Http\Requests\PictureRequest;
use App\Http\Resources\LoggedBatch;
use App\Models\Batch;
use Illuminate\Http\Response;

/** Pictures of a batch, drawn anew. */
final class PictureController
{
    private const PICTURES = 4;

    public function store(Batch $batch, PictureRequest $request): LoggedBatch
    {
        if ($batch->pictures()->count() >= self::PICTURES) {
            throw new RequestRefused(
                409,
                'enough-pictures',
                'A batch has at most '.self::PICTURES.' pictures. Take one away first.',
            );
        }
        $picture = $request->picture();
        $batch
            ->pictures()
            ->create([
                'jpeg' => base64_encode($picture->jpeg),
                'width' => $picture->width,
                'height' => $picture->height,
            ]);

        return new LoggedBatch($batch->refresh());
    }

    public function show(Batch $batch, int $picture): Response
    {
        $kept = $batch->pictures()->findOrFail($picture);

        return new Response((string) base64_decode($kept->jpeg, true), 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }

    public function destroy(Batch $batch, int $picture): LoggedBatch
    {
        $batch->pictures()->findOrFail($picture)->delete();

        return new LoggedBatch($batch->refresh());
    }
}
