<?php

declare(strict_types=1);

namespace App\Files\Backup;

use App\Files\Photo\PhotoShelf;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Str;
use ZipArchive;

/**
 * Everything a person keeps, as a zip of JSON documents: one of each kind, parted where there are many, each by a published schema that
 * lies in the archive too, the pictures of their photographs, and a manifest with the number of records and the SHA-256 of each.
 */
final readonly class BackupFile
{
    public const FORMAT = 'gentle-pour-backup-';

    public const VERSION = 1;

    /** Records in one document: what can be read and checked in little memory. */
    public const RECORDS = 500;

    private const README = <<<'TEXT'
        A backup of Gentle Pour.

        manifest.json says what lies here, with the number of records and the SHA-256 of each document. The documents are JSON, one of each
        kind, parted into several where there are many records; schemas/ says what each column means, by JSON Schema. Lengths are in metres
        unless a name says otherwise (_mm), times in seconds (_s) or UTC, strengths and corrections in stops. A number that ends in _id
        is the id of a record in another document; uid is the name of a record for its whole life, also where it was given another id.

        photos/ holds pictures, where they were asked for, by the SHA-256 of the file that they came from (sha256 in photos.json, with the
        name of the file): .jpg is the working picture, -small.jpg the small one, .original the file as it came, whatever it was.

        What was deleted and can still be brought back is not in a backup.

        TEXT;

    public function __construct(private ConnectionInterface $database, private PhotoShelf $shelf)
    {
    }

    public static function schema(string $kind): string
    {
        return (string) file_get_contents(base_path("data/schemas/backup/{$kind}.schema.json"));
    }

    /**
     * Written beside its name, and moved there when it is whole.
     *
     * @throws BackupFailed when the file cannot be written
     */
    public function write(string $path, Pictures $which = Pictures::None): Written
    {
        $parts = sys_get_temp_dir().'/gentle-pour-backup-'.Str::random(12);
        $building = $path.'.building';
        if (! @mkdir($parts, 0700)) {
            throw new BackupFailed('The folder for temporary files cannot be written to.');
        }
        try {
            [$documents, $pictures] = $this->database->transaction(fn (): array => [$this->documents($parts), $this->pictures($which)]);
            [$entries, $damaged] = $this->summed($pictures);
            $manifest = [
                'format' => self::FORMAT.self::VERSION, 'made_at' => now()->utc()->format('Y-m-d\TH:i:s\Z'), 'documents' => $documents,
                'pictures' => array_values($entries),
            ];
            $flags = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;
            self::put($parts.'/manifest.json', json_encode($manifest, $flags)."\n");
            self::put($parts.'/README.txt', self::README);
            $this->pack($parts, array_keys($entries), $building);
            chmod($building, 0600);
            if (! rename($building, $path)) {
                throw new BackupFailed('The backup could not be put in its place.');
            }
        } finally {
            array_map(unlink(...), glob($parts.'/*') ?: []);
            rmdir($parts);
            is_file($building) && unlink($building);
        }
        $counts = array_fill_keys(array_column(BackupKind::cases(), 'value'), 0);
        foreach ($documents as $document) {
            $counts[$document['kind']] += $document['records'];
        }

        return new Written($counts, count($entries), array_map(basename(...), $damaged));
    }

    /** @return list<string> paths of the files of photographs that would go with the records */
    public function pictures(Pictures $which): array
    {
        if ($which === Pictures::None) {
            return [];
        }
        $found = [];
        foreach ($this->database->table('photos')->distinct()->orderBy('sha256')->pluck('sha256') as $sha256) {
            array_push($found, ...$this->shelf->filesOf((string) $sha256, $which === Pictures::Originals));
        }

        return $found;
    }

    /**
     * @param  list<string>  $paths
     * @return array{array<string, array{path: string, bytes: int, sha256: string}>, list<string>} what the manifest says, by path; and
     *                                                                                             files that are no longer what they were
     */
    private function summed(array $paths): array
    {
        [$entries, $damaged] = [[], []];
        foreach ($paths as $path) {
            $name = basename($path);
            if (! $this->shelf->isWhole($name)) {
                $damaged[] = $path;

                continue;
            }
            $entries[$path] = [
                'path' => ArchivedPictures::FOLDER.$name, 'bytes' => (int) filesize($path),
                'sha256' => str_ends_with($name, '.original') ? PhotoShelf::sha256($name) : (string) hash_file('sha256', $path),
            ];
        }

        return [$entries, $damaged];
    }

    /** @return list<array{path: string, kind: string, records: int, bytes: int, sha256: string}> */
    private function documents(string $folder): array
    {
        $documents = [];
        foreach (BackupKind::cases() as $kind) {
            $form = RecordForm::of($kind);
            $order = $kind === BackupKind::Settings ? 'key' : 'id';
            $lines = [];
            $part = 0;
            $query = $this->database->table($kind->value)->select($form->columns())->orderBy($order);
            foreach ($query->lazy(self::RECORDS) as $row) {
                $lines[] = $form->line($form->record($row));
                if (count($lines) === self::RECORDS) {
                    $documents[] = $this->document($folder, $kind, $part++, $lines);
                    $lines = [];
                }
            }
            if ($lines !== [] || $part === 0) {
                $documents[] = $this->document($folder, $kind, $part, $lines);
            }
        }

        return $documents;
    }

    /**
     * @param  list<string>  $lines
     * @return array{path: string, kind: string, records: int, bytes: int, sha256: string}
     */
    private function document(string $folder, BackupKind $kind, int $part, array $lines): array
    {
        $path = $kind->value.($part === 0 ? '' : sprintf('-%03d', $part + 1)).'.json';
        $json = sprintf(
            "{\"format\": \"%s\", \"kind\": \"%s\", \"records\": [%s\n]}\n", self::FORMAT.self::VERSION, $kind->value,
            $lines === [] ? '' : "\n".implode(",\n", $lines),
        );
        self::put($folder.'/'.$path, $json);

        return [
            'path' => $path, 'kind' => $kind->value, 'records' => count($lines), 'bytes' => strlen($json),
            'sha256' => hash('sha256', $json),
        ];
    }

    private static function put(string $path, string $bytes): void
    {
        if (@file_put_contents($path, $bytes) !== strlen($bytes)) {
            throw new BackupFailed('The disk is full, or the folder for temporary files cannot be written to.');
        }
    }

    /** @param  list<string>  $pictures */
    private function pack(string $folder, array $pictures, string $to): void
    {
        $zip = new ZipArchive;
        if (@$zip->open($to, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new BackupFailed('The backup cannot be written to '.$to.'.');
        }
        foreach (glob($folder.'/*') ?: [] as $file) {
            $zip->addFile($file, basename($file));
        }
        foreach ($pictures as $picture) {
            $name = ArchivedPictures::FOLDER.basename($picture);
            $zip->addFile($picture, $name);
            $zip->setCompressionName($name, ZipArchive::CM_STORE); // it is packed already
        }
        foreach (['manifest', ...array_column(BackupKind::cases(), 'value')] as $kind) {
            $zip->addFromString("schemas/{$kind}.schema.json", self::schema($kind));
        }
        // The archive is written here, so that a full disk shows here.
        if (! @$zip->close()) {
            throw new BackupFailed('The backup cannot be written to '.$to.': the disk is full, or the folder cannot be written to.');
        }
    }
}
