<?php

declare(strict_types=1);

namespace App\Rooms\Upload;

use App\Files\Upload\Upload;
use App\Files\Upload\Uploads;
use GentlePour\InvalidValue;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** The file that a form names, since it came in parts before. */
final readonly class SentFile
{
    public const FIELD = 'sent';

    /** Of one part: what is lost at the most when a network breaks off, against a round trip each. */
    private const PART_BYTES = 524_288;

    public function __construct(private Uploads $uploads)
    {
    }

    /**
     * Null where the form names none.
     *
     * @throws InvalidValue at the field of the file, when it is not here, or not whole
     */
    public function of(Request $request, string $field): ?Upload
    {
        $id = $request->input(self::FIELD);
        if ($id === null) {
            return null;
        }
        $upload = is_string($id) ? $this->uploads->find($id) : null;
        if ($upload === null) {
            throw (new InvalidValue('What was sent of the file is no longer here. Choose it again.'))->at($field);
        }
        if (! $upload->isWhole()) {
            throw (new InvalidValue('The file did not arrive whole. Choose it again, and it goes on where it broke off.'))->at($field);
        }

        return $upload;
    }

    /** What goes out at a time; smaller files are sent with their form. */
    public static function partBytes(): int
    {
        return (int) min(self::PART_BYTES, UploadedFile::getMaxFilesize());
    }

    public function end(Upload $upload): void
    {
        $this->uploads->end($upload);
    }
}
