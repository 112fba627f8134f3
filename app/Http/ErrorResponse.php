<?php

declare(strict_types=1);

namespace App\Http;

use App\House\UnreadableArchive;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Pantry\InvalidIngredient;
use Vinculum\Recipe\InvalidRecipe;

/** Every failure as the same shape: a code, a sentence, and the fields it is about. Never a stack trace. */
final class ErrorResponse
{
    public static function from(\Throwable $error): JsonResponse
    {
        return match (true) {
            $error instanceof RequestRefused => self::of(
                $error->status,
                $error->reason,
                $error->getMessage(),
                $error->fields,
                $error->beside,
            ),
            $error instanceof InvalidRecipe => self::of(422, 'invalid', $error->getMessage(), $error->errors),
            $error instanceof InvalidIngredient => self::of(422, 'invalid', $error->getMessage(), [
                ['field' => $error->field, 'message' => $error->getMessage()],
            ]),
            $error instanceof UnreachableTarget => self::of(422, 'invalid', $error->getMessage(), [
                ['field' => 'to', 'message' => $error->getMessage()],
            ]),
            $error instanceof ModelNotFoundException, $error instanceof NotFoundHttpException => self::of(
                404,
                'not-found',
                'There is nothing at this address. It may have been deleted.',
            ),
            $error instanceof UnreadableArchive => self::of(503, 'no-copy', $error->getMessage()),
            $error instanceof UniqueConstraintViolationException => self::of(
                409,
                'already-there',
                'There is one of that name already, made at the same moment. Choose another name, or open that one.',
            ),
            $error instanceof \PDOException
                && preg_match('/malformed|not a database|disk I\/O error/i', $error->getMessage()) === 1
                => self::of(
                    503,
                    'database-damaged',
                    'The kitchen’s database is damaged. Nothing was answered from it and nothing changed; what you '
                        .'typed is held in this browser. Stop the product and start it again: it says which copy '
                            .'is the newest and how to take it back.',
                ),
            $error instanceof \PDOException
                && preg_match('/disk is full|readonly database|read-only/i', $error->getMessage()) === 1
                => self::of(
                    503,
                    'disk-full',
                    'The disk that holds '
                    .basename(dirname(config()->string('database.connections.sqlite.database')))
                    .' is full or cannot be written, so this was not kept. What you typed is held in this browser '
                        .'and sent again by itself once there is room.',
                ),
            $error instanceof \PDOException => self::of(
                503,
                'database',
                'The kitchen’s database cannot be read or written just now, so nothing was answered and nothing '
                    .'changed. What you typed is still on the screen; the log in storage/logs says what is wrong.',
            ),
            $error instanceof HttpExceptionInterface => self::of(
                $error->getStatusCode(),
                'refused',
                'This cannot be asked here.',
            ),
            default => self::of(
                500,
                'failed',
                'Something went wrong on our side. Nothing was changed; the log in storage/logs says what it was.',
            ),
        };
    }

    /**
     * @param list<array{field: string, message: string}> $fields
     * @param array<string, mixed> $beside
     */
    private static function of(
        int $status,
        string $code,
        string $message,
        array $fields = [],
        array $beside = [],
    ): JsonResponse {
        return new JsonResponse(
            ['error' => ['code' => $code, 'message' => $message, 'fields' => $fields]] + $beside,
            $status,
        );
    }
}
