<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Drawing\Strokes;
use App\Files\LogTable;
use App\Household\AsSeen;
use App\Household\Dropping;
use App\Models\Frame;
use App\Rooms\Bench\CorrectBy;
use GentlePour\Review\BlurVerdict;
use GentlePour\Scene\Stroke;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The log. */
final class FrameController
{
    private const PER_PAGE = 30;

    private const PLANNED_SHOWN = 5;

    /** Thirds of a stop that the form offers either way. */
    private const THIRDS = 9;

    public function index(): View
    {
        $taken = Frame::query()->with('subject', 'place')->whereNotNull('open_s')->latest('opened_at')->latest('id');

        return view('log.index', [
            'frames' => $taken->cursorPaginate(self::PER_PAGE),
            'planned' => Frame::query()->with('place')->whereNull('open_s')->latest('id')->limit(self::PLANNED_SHOWN)->get(),
            'swatch' => self::swatch(...),
        ]);
    }

    public function table(): StreamedResponse
    {
        return LogTable::sent('log.csv', LogTable::frames(...));
    }

    public function show(Frame $frame): View
    {
        return view('log.show', [
            'frame' => $frame->load('subject', 'place', 'shotList'), 'plan' => $frame->plan, 'way' => $frame->plan->way,
            'lightWords' => LightWhileOpen::words($frame),
            'verdicts' => BlurVerdict::cases(),
            'thirds' => range(self::THIRDS, -self::THIRDS),
            'corrections' => CorrectBy::cases(),
            'nextInList' => $frame->isTaken() ? $frame->shotList?->load('frames')->next() : null,
        ]);
    }

    public function judge(JudgeRequest $request, Frame $frame, JudgeFrame $judge): RedirectResponse
    {
        AsSeen::check($request, $frame);
        $judge($frame, $request->verdict());
        $next = $frame->shotList()->with('frames')->first()?->next();

        return match (true) {
            $request->boolean('next') => redirect()->route('bench', ['next' => $frame->id, 'by' => $request->correctsBy()->value]),
            $next !== null => redirect()->route('shoot.show', $next)->with('done', 'Kept in the log. On to the next of the list.'),
            default => redirect()->route('log.show', $frame)->with('done', 'Kept in the log.'),
        };
    }

    public function destroy(Frame $frame, Dropping $drop): RedirectResponse
    {
        return Dropping::said(redirect()->route('log'), 'The frame is gone from the log.', $drop($frame));
    }

    /** Strokes of the texture that was kept, as path data for a swatch of 120 by 60. */
    private static function swatch(Frame $frame): string
    {
        $stroke = Stroke::ofTexture($frame->plan->texture);

        return Strokes::between(2, 118, 0, 60, static fn (): Stroke => $stroke);
    }
}
