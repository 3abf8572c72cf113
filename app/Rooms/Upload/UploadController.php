<?php

declare(strict_types=1);

namespace App\Rooms\Upload;

use App\Files\Upload\Upload;
use App\Files\Upload\UploadRefused;
use App\Files\Upload\Uploads;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * Large files in parts, by the open protocol for resumable uploads (tus 1.0.0: its core, and its extensions creation, expiration and
 * termination): what is here stays when the network breaks off, and is gone on with. A form then names it instead of sending it.
 */
final class UploadController
{
    private const VERSION = '1.0.0';

    private const PART = 'application/offset+octet-stream';

    public function options(): Response
    {
        return self::answer(204, [
            'Tus-Version' => self::VERSION, 'Tus-Extension' => 'creation,expiration,termination',
            'Tus-Max-Size' => (string) Uploads::MOST_BYTES,
        ]);
    }

    public function begin(Request $request, Uploads $uploads): Response|JsonResponse
    {
        self::needVersion($request);
        $length = self::bytes($request, 'Upload-Length');
        if ($length === 0) {
            throw new HttpException(400, 'The file is empty.');
        }

        return self::tried(static function () use ($request, $uploads, $length): Response {
            $upload = $uploads->begin(self::name($request), $length);

            return self::answer(201, [
                'Location' => route('uploads.part', $upload->id, absolute: false), 'Upload-Offset' => '0', ...self::expires(),
            ]);
        });
    }

    public function where(string $upload, Request $request, Uploads $uploads): Response
    {
        self::needVersion($request);
        $found = self::found($uploads, $upload);

        return self::answer(200, ['Upload-Offset' => (string) $found->offset(), 'Upload-Length' => (string) $found->length]);
    }

    public function append(string $upload, Request $request, Uploads $uploads): Response|JsonResponse
    {
        self::needVersion($request);
        if ($request->header('Content-Type') !== self::PART) {
            throw new HttpException(415, 'A part is sent as '.self::PART.'.');
        }
        $found = self::found($uploads, $upload);
        $offset = self::bytes($request, 'Upload-Offset');
        // What has come stays, though nobody is there any more to be told.
        ignore_user_abort(true);

        return self::tried(static fn (): Response => self::answer(
            204, ['Upload-Offset' => (string) $uploads->append($found, $offset, $request->getContent(true)), ...self::expires()],
        ));
    }

    public function end(string $upload, Request $request, Uploads $uploads): Response
    {
        self::needVersion($request);
        $uploads->end(self::found($uploads, $upload));

        return self::answer(204);
    }

    private static function needVersion(Request $request): void
    {
        if ($request->header('Tus-Resumable') !== self::VERSION) {
            throw new HttpException(
                412, 'Parts are sent by version '.self::VERSION.' of the protocol.', headers: ['Tus-Version' => self::VERSION],
            );
        }
    }

    private static function found(Uploads $uploads, string $id): Upload
    {
        return $uploads->find($id) ?? throw new NotFoundHttpException('Nothing of that file is here any more.');
    }

    /** @return int<0, max> */
    private static function bytes(Request $request, string $header): int
    {
        $given = (string) $request->header($header);
        if (preg_match('/^\d{1,15}$/D', $given) !== 1) {
            throw new HttpException(400, "{$header} is a number of bytes.");
        }

        return max(0, (int) $given);
    }

    /** As the sender's machine calls it; what is no text is no name. */
    private static function name(Request $request): string
    {
        foreach (explode(',', (string) $request->header('Upload-Metadata')) as $pair) {
            [$key, $value] = array_pad(explode(' ', trim($pair), 2), 2, '');
            $name = $key === 'filename' ? (string) base64_decode($value, true) : '';
            if ($name !== '' && mb_check_encoding($name, 'UTF-8')) {
                return (string) preg_replace('/[\x00-\x1F\x7F]/u', '', $name);
            }
        }

        return '';
    }

    /** @return array<string, string> when it is given up, where nobody goes on with it */
    private static function expires(): array
    {
        return ['Upload-Expires' => now()->utc()->addSeconds(Uploads::KEPT_S)->format('D, d M Y H:i:s \\G\\M\\T')];
    }

    /** @param  callable(): Response  $part */
    private static function tried(callable $part): Response|JsonResponse
    {
        try {
            return $part();
        } catch (UploadRefused $e) {
            return new JsonResponse(['message' => $e->getMessage()], $e->status, ['Tus-Resumable' => self::VERSION]);
        }
    }

    /** @param  array<string, string>  $headers */
    private static function answer(int $status, array $headers = []): Response
    {
        return new Response('', $status, ['Tus-Resumable' => self::VERSION, 'Cache-Control' => 'no-store', ...$headers]);
    }
}
