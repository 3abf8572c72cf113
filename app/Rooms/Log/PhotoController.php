<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Files\Photo\PhotoShelf;
use App\Household\Dropping;
use App\Models\Frame;
use App\Models\Original;
use App\Models\Photo;
use App\Rooms\Upload\SentFile;
use GentlePour\InvalidValue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Picture files: how they come in, where they are seen, and which frame they show. */
final class PhotoController
{
    /** Files in one go without a script; with one they come singly, however many. */
    private const AT_ONCE = 40;

    private const FRAMES_OFFERED = 60;

    /** @throws InvalidValue at files */
    public function take(Request $request, TakePhoto $take, SentFile $sent): JsonResponse|RedirectResponse
    {
        $upload = $sent->of($request, 'files');
        if ($upload !== null) {
            // It stays until whoever sent it has read what came of it.
            return response()->json(['taken' => [$take->inTurn($upload->path, $upload->name)->toArray()]]);
        }
        $files = $request->file('files');
        $files = array_values(array_filter(is_array($files) ? $files : [$files], static fn (mixed $f): bool => $f instanceof UploadedFile));
        if ($files === []) {
            $most = self::mostMb();
            throw (new InvalidValue("Choose pictures to take in, or drop them here. One may have up to {$most} MB."))->at('files');
        }
        $one = static fn (UploadedFile $file): TakenPhoto => $file->isValid()
            ? $take->inTurn($file->getPathname(), $file->getClientOriginalName())
            : new TakenPhoto($file->getClientOriginalName(), PhotoOutcome::Refused,
                why: 'It did not arrive whole, or is larger than '.self::mostMb().' MB.');
        $taken = array_map($one, array_slice($files, 0, self::AT_ONCE));
        if ($request->expectsJson()) {
            return response()->json(['taken' => array_map(static fn (TakenPhoto $t): array => $t->toArray(), $taken)]);
        }
        $in = array_filter($taken, static fn (TakenPhoto $t): bool => $t->outcome !== PhotoOutcome::Refused);
        $words = array_map(static fn (TakenPhoto $t): string => "{$t->name}: {$t->words()}", $taken);

        $photo = count($taken) === 1 ? $taken[0]->photo : null;

        return redirect()->to($photo === null ? route('log') : TakenPhoto::to($photo))
            ->with($in === [] ? 'problem' : 'done', implode(' ', array_slice($words, 0, 10)));
    }

    /** Those of which nobody knows which frame they show. */
    public function open(): View
    {
        return view('log.open', [
            'photos' => Photo::query()->whereNull('frame_id')->latest('id')->limit(self::FRAMES_OFFERED)->get(),
            'frames' => Frame::query()->with('place', 'subject')->latest('id')->limit(self::FRAMES_OFFERED)->get(),
        ]);
    }

    public function picture(Request $request, Photo $photo, PhotoShelf $shelf): BinaryFileResponse
    {
        return self::file($shelf->working($photo->sha256), $request->query('of') === $photo->fingerprint());
    }

    public function thumb(Request $request, Photo $photo, PhotoShelf $shelf): BinaryFileResponse
    {
        return self::file($shelf->thumb($photo->sha256), $request->query('of') === $photo->fingerprint());
    }

    /** The original, as it came: to be saved, and never to be shown as anything. */
    public function original(Photo $photo, PhotoShelf $shelf): BinaryFileResponse
    {
        if ($photo->original !== Original::Kept || ! is_file($shelf->original($photo->sha256))) {
            throw new NotFoundHttpException('The original is not kept here.');
        }

        return response()->download(
            $shelf->original($photo->sha256), 'original-'.$photo->id, ['Content-Type' => 'application/octet-stream'],
        );
    }

    /** Says which frame it shows, and as what. */
    public function lay(LayRequest $request, Photo $photo): RedirectResponse
    {
        $photo->update(['frame_id' => $request->frameId(), 'role' => $request->role()]);

        return redirect()->route('log.show', $request->frameId())->with('done', 'The picture lies with its frame.');
    }

    /** Where the water is and where nothing moves. */
    public function areas(AreasRequest $request, Photo $photo): RedirectResponse
    {
        $photo->update($request->areas());

        return redirect()->to(TakenPhoto::to($photo).'#check');
    }

    /** Whether originals are kept, and positions read, from now on. */
    public function choose(Request $request, PhotoChoices $choices): RedirectResponse
    {
        $choices->keepOriginals($request->boolean('originals'));
        $choices->readPositions($request->boolean('positions'));

        return redirect()->back()->with('done', $request->boolean('originals')
            ? 'Originals are kept beside the working pictures from now on.'
            : 'From now on only working pictures are kept; your files stay where they are.');
    }

    public function destroy(Photo $photo, Dropping $drop): RedirectResponse
    {
        $to = $photo->frame_id === null ? redirect()->route('photos.open') : redirect()->route('log.show', $photo->frame_id);

        return Dropping::said($to, 'The picture is gone. Its frame stays in the log.', $drop($photo));
    }

    /** What the server takes of one file. */
    private static function mostMb(): int
    {
        return (int) (UploadedFile::getMaxFilesize() / 1024 ** 2);
    }

    /** @param  bool  $isForEver  whether its address says what it is, and not its number alone, which another may have some day */
    private static function file(string $path, bool $isForEver): BinaryFileResponse
    {
        if (! is_file($path)) {
            throw new NotFoundHttpException('The picture is not on this machine.');
        }

        return response()->file($path, [
            'Content-Type' => 'image/jpeg', 'Cache-Control' => $isForEver ? 'private, max-age=31536000, immutable' : 'private, no-cache',
        ]);
    }
}
