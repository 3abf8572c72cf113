<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Drawing\Strokes;
use App\Files\LogTable;
use App\Household\AsSeen;
use App\Household\Dropping;
use App\Household\Subjects;
use App\Models\Frame;
use App\Models\Outing;
use App\Models\Photo;
use App\Rooms\Bench\CorrectBy;
use App\Rooms\Kit\KitShelf;
use GentlePour\Motion\Look;
use GentlePour\Review\BlurVerdict;
use GentlePour\Scene\Stroke;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The log: its contact sheet, and each frame. */
final class FrameController
{
    private const PER_PAGE = 36;

    private const PLANNED_SHOWN = 5;

    private const OUTINGS_OFFERED = 30;

    /** Thirds of a stop that the form offers either way. */
    private const THIRDS = 9;

    public function index(Request $request, Subjects $subjects, PhotoChoices $choices): View
    {
        $sheet = Sheet::of($request->query());

        return view('log.index', [
            'sheet' => $sheet,
            'frames' => $sheet->frames()->with('subject', 'place', 'photo')->cursorPaginate(self::PER_PAGE)->withQueryString(),
            'planned' => Frame::query()->with('place')->whereNull('open_s')->latest('id')->limit(self::PLANNED_SHOWN)->get(),
            'open' => Photo::query()->whereNull('frame_id')->count(),
            'places' => $subjects->places(), 'looks' => Look::cases(), 'filterNames' => $sheet->filterNames(),
            'outings' => Outing::query()->with('place')->where('starts_at', '<', now())->latest('starts_at')
                ->limit(self::OUTINGS_OFFERED)->get(),
            'originals' => $choices->keepsOriginals(), 'positions' => $choices->readsPositions(),
            'swatch' => self::swatch(...),
        ]);
    }

    public function table(): StreamedResponse
    {
        return LogTable::sent('log.csv', LogTable::frames(...));
    }

    public function show(Frame $frame, CheckedFrame $checked, Subjects $subjects, KitShelf $shelf): View
    {
        $frame->load('subject', 'place', 'shotList', 'photo.base', 'basePhoto');
        $frame->photo?->setRelation('frame', $frame);

        return view('log.show', [
            'frame' => $frame, 'plan' => $frame->plan, 'way' => $frame->plan->way,
            'photo' => $frame->photo, 'base' => $frame->photo === null ? null : $checked->base($frame->photo),
            'disagrees' => $frame->photo === null ? [] : AgainstPlan::words($frame, $frame->photo),
            'told' => FilterTold::by($frame), 'sidecarParts' => SidecarController::PARTS,
            'places' => $frame->by_file ? $subjects->places() : [], 'filters' => $frame->by_file ? $shelf->filters() : [],
            'lightWords' => LightWhileOpen::words($frame),
            'verdicts' => BlurVerdict::cases(), 'looks' => Look::cases(),
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

    /** Marks a frame as a keeper, folds it away, or takes the mark off. */
    public function mark(MarkRequest $request, Frame $frame): RedirectResponse|JsonResponse
    {
        $frame->update(['keeper' => $request->frameMark()]);

        return $request->expectsJson() ? response()->json(['keeper' => $frame->keeper?->value]) : redirect()->back();
    }

    /** Says of a frame that came as a file what its water was, and which glass was on. */
    public function tell(TellRequest $request, Frame $frame, TellFrame $tell): RedirectResponse
    {
        $tell($frame, $request->subject(), $request->filters());

        return redirect()->route('log.show', $frame)->with('done', 'Kept: what led to it was worked out anew.');
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
