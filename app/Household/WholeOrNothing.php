<?php

declare(strict_types=1);

namespace App\Household;

use Closure;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** What a request writes is written whole or not at all: where it ends in a fault or a refusal, nothing of it is kept. */
final readonly class WholeOrNothing
{
    public function __construct(private ConnectionInterface $database)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe()) {
            return $next($request);
        }
        $this->database->beginTransaction();
        try {
            // Takes the lock for writing now, where one waits for it; half-way, after reading, one could only be turned away.
            $this->database->statement('DELETE FROM drops WHERE 0');
            $answer = $next($request);
            // What was thrown on the way has become an answer by now, and lies in it.
            isset($answer->exception) || $answer->getStatusCode() >= 400 ? $this->database->rollBack() : $this->database->commit();
        } catch (Throwable $e) {
            $this->database->rollBack();
            throw $e;
        }

        return $answer;
    }
}
