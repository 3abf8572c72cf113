<?php

declare(strict_types=1);

// What the tests of backups look into them with, and change in them.

/** @return array<string, string> the documents of a backup by name, without the manifest, which knows the time */
function documents(string $path): array
{
    $zip = new ZipArchive;
    $zip->open($path);
    $found = [];
    for ($i = 0; $i < $zip->numFiles; $i++) {
        $name = (string) $zip->getNameIndex($i);
        $name === 'manifest.json' || $found[$name] = (string) $zip->getFromIndex($i);
    }
    ksort($found);

    return $found;
}

/** A backup with one thing changed in it. */
function tampered(string $path, callable $change): string
{
    $zip = new ZipArchive;
    $zip->open($path);
    $change($zip);
    $zip->close();

    return $path;
}

/** Changes a document, and the manifest with it, as one would who edits by hand and knows what to do. */
function edited(string $name, callable $change): Closure
{
    return function (ZipArchive $zip) use ($name, $change): void {
        $document = json_decode((string) $zip->getFromName($name));
        $document = $change($document) ?? $document;
        $json = is_string($document) ? $document : (string) json_encode($document);
        $zip->addFromString($name, $json);
        $manifest = json_decode((string) $zip->getFromName('manifest.json'));
        foreach ($manifest->documents as $entry) {
            if ($entry->path === $name) {
                [$entry->bytes, $entry->sha256] = [strlen($json), hash('sha256', $json)];
                $entry->records = is_string($document) ? 1 : count($document->records);
            }
        }
        $zip->addFromString('manifest.json', (string) json_encode($manifest));
    };
}

/** Puts a picture into a backup, and tells its manifest, as one would who edits by hand and knows what to do. */
function toldPicture(ZipArchive $zip, string $name, string $bytes): void
{
    $zip->addFromString("photos/{$name}", $bytes);
    $manifest = json_decode((string) $zip->getFromName('manifest.json'));
    $others = array_filter($manifest->pictures, static fn (stdClass $one): bool => $one->path !== "photos/{$name}");
    $manifest->pictures = [...$others, ['path' => "photos/{$name}", 'bytes' => strlen($bytes), 'sha256' => hash('sha256', $bytes)]];
    $zip->addFromString('manifest.json', (string) json_encode($manifest));
}
