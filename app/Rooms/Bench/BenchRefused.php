<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use Exception;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\MessageBag;

/**
 * A bench that cannot be worked out: the fields come again as they were typed, each with its message; the last good answer stays in place.
 */
final class BenchRefused extends Exception
{
    /** @param  array<string, mixed>  $typed */
    public function __construct(private readonly MessageBag $problems, private readonly array $typed)
    {
        parent::__construct('The bench could not be worked out.');
    }

    public function report(): bool
    {
        return true;
    }

    public function render(Request $request): JsonResponse|Response
    {
        if ($request->expectsJson()) {
            return new JsonResponse(['errors' => $this->problems->toArray()], 422);
        }
        $page = app(BenchPages::class)->refused($this->typed, $this->problems);
        if (! $request->hasHeader('HX-Request')) {
            return new Response(view('bench.show', $page)->render(), 422);
        }

        $fields = view('bench.inputs', $page)->render().view('bench.reading', $page + ['outOfBand' => true])->render();

        return (new Response($fields, 422))
            ->header('HX-Retarget', '#bench-inputs')->header('HX-Reswap', 'morph:outerHTML')
            ->header('HX-Push-Url', 'false')->header('HX-Replace-Url', 'false');
    }
}
