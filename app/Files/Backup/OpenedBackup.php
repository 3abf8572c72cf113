<?php

declare(strict_types=1);

namespace App\Files\Backup;

use App\Files\Schema;
use GentlePour\Documents\Fields;
use GentlePour\Documents\FramePlan;
use GentlePour\InvalidValue;
use GentlePour\Kit\Bag;
use GentlePour\Limit;
use GentlePour\Time\Instant;
use JsonException;
use stdClass;
use ZipArchive;

/**
 * A backup that was looked through: nothing in it that does not belong, every sum right, every document by its schema, every record one
 * that the core can use, and nothing that points to what is not there. Nothing is ever unpacked to a path that the archive names.
 */
final class OpenedBackup
{
    private const MOST_BYTES = 536_870_912;

    private const MOST_OF_ONE = 67_108_864;

    private const MOST_FILES = 5000;

    private const NAMES = '#^(manifest\.json|README\.txt|schemas/[a-z_]{1,20}\.schema\.json|[a-z_]{1,20}(-\d{3,5})?\.json)$#D';

    /** @var array<string, list<string>> paths of each kind, by its value */
    private array $paths = [];

    /** @var array<string, int> */
    private array $counts = [];

    private string $madeAt = '';

    /** @var list<string> that lie in it */
    private array $picturePaths = [];

    /** @var list<stdClass> of which the manifest tells */
    private array $picturesTold = [];

    private ArchivedPictures $pictures;

    private function __construct(private readonly ZipArchive $zip)
    {
    }

    /**
     * @param  bool  $withPictures  false: as if none were in it, for one whose pictures are damaged
     *
     * @throws InvalidValue with what is wrong with it, at the field “backup”
     */
    public static function open(string $path, bool $withPictures = true): self
    {
        try {
            return self::opened($path, $withPictures);
        } catch (InvalidValue $e) {
            throw $e->at('backup');
        }
    }

    private static function opened(string $path, bool $withPictures): self
    {
        if (! is_file($path) || ! is_readable($path)) {
            throw new InvalidValue('There is no file '.InvalidValue::quoted($path).' that can be read.');
        }
        $zip = new ZipArchive;
        if (filesize($path) === 0 || $zip->open($path, ZipArchive::RDONLY | ZipArchive::CHECKCONS) !== true) {
            throw new InvalidValue('This is not a backup: it is no zip archive, or it did not arrive whole.');
        }
        $backup = new self($zip);
        $backup->bounds();
        $backup->manifest();
        $backup->contents();
        $known = [];
        foreach ($backup->records(BackupKind::Photos) as $photo) {
            $known[$photo->sha256] = true;
        }
        [$paths, $told] = $withPictures ? [$backup->picturePaths, $backup->picturesTold] : [[], []];
        $backup->pictures = ArchivedPictures::checked($zip, $paths, $told, $known);

        return $backup;
    }

    /** @return array<string, int> records of each kind */
    public function counts(): array
    {
        return $this->counts;
    }

    public function pictures(): ArchivedPictures
    {
        return $this->pictures;
    }

    /** When it was made, ISO 8601, UTC. */
    public function madeAt(): string
    {
        return $this->madeAt;
    }

    /** @return iterable<stdClass> */
    public function records(BackupKind $kind): iterable
    {
        $form = RecordForm::of($kind);
        foreach ($this->paths[$kind->value] ?? [] as $path) {
            foreach ($this->json($path)->records as $record) {
                yield $form->completed($record);
            }
        }
    }

    private function bounds(): void
    {
        if ($this->zip->numFiles > self::MOST_FILES + ArchivedPictures::MOST) {
            throw new InvalidValue('This is not a backup: it holds too many files.');
        }
        $names = [];
        $bytes = 0;
        for ($i = 0; $i < $this->zip->numFiles; $i++) {
            $stat = $this->zip->statIndex($i);
            $name = is_array($stat) ? (string) $stat['name'] : '';
            $isPicture = ArchivedPictures::isOne($name);
            if (! is_array($stat) || (! $isPicture && preg_match(self::NAMES, $name) !== 1) || isset($names[$name])) {
                throw new InvalidValue('This is not a backup: it holds '.InvalidValue::quoted($name).', which does not belong there.');
            }
            $names[$name] = true;
            if ($stat['encryption_method'] !== ZipArchive::EM_NONE) {
                throw new InvalidValue('This archive is locked with a password; unlock it first.');
            }
            $bytes += $isPicture ? 0 : $stat['size'];
            if ($isPicture ? ArchivedPictures::unpacksToTooMuch($stat) : $stat['size'] > self::MOST_OF_ONE || $bytes > self::MOST_BYTES) {
                throw new InvalidValue('This archive unpacks to more than any backup holds, and was left shut.');
            }
            ! $isPicture || $this->picturePaths[] = $name;
        }
    }

    private function manifest(): void
    {
        $manifest = $this->json('manifest.json');
        $format = is_string($manifest->format ?? null) ? $manifest->format : '';
        $version = preg_match('/^'.BackupFile::FORMAT.'(\d{1,6})$/D', $format, $m) === 1 ? (int) $m[1] : null;
        if ($version !== null && $version > BackupFile::VERSION) {
            throw new InvalidValue('This backup was made by a newer Gentle Pour; bring this one up to date first.');
        }
        $this->valid($manifest, BackupFile::schema('manifest'), 'manifest.json');
        $this->madeAt = $manifest->made_at;
        $this->picturesTold = $manifest->pictures ?? [];
        foreach ($manifest->documents as $document) {
            $json = $this->bytes($document->path);
            if (strlen($json) !== $document->bytes || ! hash_equals($document->sha256, hash('sha256', $json))) {
                throw new InvalidValue("{$document->path} is not as it was when the backup was made: its SHA-256 is another.");
            }
            $read = $this->json($document->path);
            $this->valid($read, BackupFile::schema($document->kind), $document->path);
            if (count($read->records) !== $document->records) {
                throw new InvalidValue("{$document->path} holds another number of records than the manifest says.");
            }
            $this->paths[$document->kind][] = $document->path;
        }
        foreach (BackupKind::cases() as $kind) {
            if (! isset($this->paths[$kind->value]) && ! $kind->cameLater()) {
                throw new InvalidValue("This backup is not whole: there is no {$kind->value}.json in it.");
            }
        }
    }

    /** Each record by itself, and what it points to. */
    private function contents(): void
    {
        $ids = [];
        foreach (BackupKind::cases() as $kind) {
            $form = RecordForm::of($kind);
            $seen = [];
            $ids[$kind->value] = [];
            $packed = 0;
            $this->counts[$kind->value] = 0;
            foreach ($this->records($kind) as $record) {
                $this->counts[$kind->value]++;
                $where = sprintf('%s, record %d', $kind->value, $this->counts[$kind->value]);
                $marks = [$form->key($record)];
                $kind === BackupKind::Settings ?: $marks[] = 'id '.$record->id;
                $marked = $kind->markedBy();
                $marked === null ?: $marks[] = 'marked '.Bag::plainName((string) $record->$marked);
                foreach ($marks as $mark) {
                    if (isset($seen[$mark])) {
                        throw new InvalidValue("In {$where}: there is one of the same name or number before it.");
                    }
                    $seen[$mark] = true;
                }
                $packed += ($record->packed ?? false) === true ? 1 : 0;
                if ($packed > Limit::FiltersPacked->most()) {
                    throw new InvalidValue(sprintf('In it more than %d filters are packed, which is what the bench weighs.', $packed - 1));
                }
                try {
                    self::check($kind, $record);
                } catch (InvalidValue $e) {
                    throw new InvalidValue("In {$where}: ".$e->getMessage());
                }
                $kind === BackupKind::Settings ?: $ids[$kind->value][$record->id] = true;
            }
        }
        foreach (BackupKind::cases() as $kind) {
            foreach ($kind->pointsTo() as $column => $to) {
                foreach ($this->records($kind) as $record) {
                    if ($record->$column !== null && ! isset($ids[$to->value][$record->$column])) {
                        throw new InvalidValue(
                            "In {$kind->value}: {$column} is {$record->$column}, and there is no such record in {$to->value}.",
                        );
                    }
                }
            }
        }
    }

    /** @throws InvalidValue what the core cannot make anything of */
    private static function check(BackupKind $kind, stdClass $record): void
    {
        $model = $kind->kit();
        if ($model !== null) {
            (new $model)->forceFill(RecordForm::of($kind)->row($record))->assertUsable();
        }
        if ($kind === BackupKind::Places) {
            Instant::timezone($record->timezone);
        }
        if ($kind === BackupKind::Frames) {
            FramePlan::read(new Fields(RecordForm::plain($record->plan)));
        }
    }

    private function json(string $path): stdClass
    {
        try {
            $read = json_decode($this->bytes($path), false, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw new InvalidValue("{$path} is not JSON: ".lcfirst($e->getMessage()).'.');
        }

        return $read instanceof stdClass ? $read : throw new InvalidValue("{$path} is not one JSON object.");
    }

    private function bytes(string $path): string
    {
        $stat = $this->zip->statName($path);
        if (! is_array($stat)) {
            throw new InvalidValue("This backup is not whole: there is no {$path} in it.");
        }
        // No more than it says it is long: what it says was looked at before.
        $bytes = @$this->zip->getFromName($path, $stat['size']);

        return is_string($bytes) ? $bytes : throw new InvalidValue("{$path} cannot be unpacked; the archive is damaged.");
    }

    private function valid(stdClass $document, string $schema, string $path): void
    {
        $fault = Schema::fault($document, $schema);
        if ($fault !== null) {
            throw new InvalidValue("{$path} is not by its schema, {$fault}");
        }
    }
}
