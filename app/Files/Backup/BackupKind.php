<?php

declare(strict_types=1);

namespace App\Files\Backup;

use App\Models\Camera;
use App\Models\Filter;
use App\Models\Lens;

/** What a backup holds, a document of each, what others point to first. Each is a table of the database by its name. */
enum BackupKind: string
{
    case Cameras = 'cameras';
    case Lenses = 'lenses';
    case Filters = 'filters';
    case Places = 'places';
    case TideEntries = 'tide_entries';
    case LevelMarks = 'level_marks';
    case Sightings = 'sightings';
    case Subjects = 'subjects';
    case Outings = 'outings';
    case Compositions = 'compositions';
    case Measurements = 'measurements';
    case ShotLists = 'shot_lists';
    case Frames = 'frames';
    case Photos = 'photos';
    case Calibrations = 'calibrations';
    case Settings = 'settings';

    public function label(): string
    {
        return match ($this) {
            self::TideEntries => 'Tide tables, lines',
            self::LevelMarks => 'Level marks',
            self::ShotLists => 'Shot lists',
            self::Photos => 'Photographs, their records',
            self::Cameras, self::Lenses, self::Filters, self::Places, self::Sightings, self::Subjects, self::Outings, self::Compositions,
            self::Measurements, self::Frames, self::Calibrations, self::Settings => ucfirst($this->value),
        };
    }

    /** @return list<string> by which a record is known again: its name for life, or what there is one of only */
    public function key(): array
    {
        return match ($this) {
            self::TideEntries => ['place_id', 'at'],
            self::Settings => ['key'],
            self::Cameras, self::Lenses, self::Filters, self::Places, self::LevelMarks, self::Sightings, self::Subjects, self::Outings,
            self::Compositions, self::Measurements, self::ShotLists, self::Frames, self::Photos, self::Calibrations => ['uid'],
        };
    }

    /** Whether there were backups before there was such a kind. */
    public function cameLater(): bool
    {
        return match ($this) {
            self::Compositions, self::Photos, self::Calibrations => true,
            self::Cameras, self::Lenses, self::Filters, self::Places, self::TideEntries, self::LevelMarks, self::Sightings, self::Subjects,
            self::Outings, self::Measurements, self::ShotLists, self::Frames, self::Settings => false,
        };
    }

    /**
     * @return 'name'|'sha256'|null a column of which no two may have the same, whatever its case, so that what has it is the same thing
     */
    public function markedBy(): ?string
    {
        return match ($this) {
            self::Cameras, self::Lenses, self::Filters, self::Places => 'name',
            // The same file that was taken in here and there, or once more after it was deleted.
            self::Photos => 'sha256',
            self::TideEntries, self::LevelMarks, self::Sightings, self::Subjects, self::Outings, self::Compositions, self::Measurements,
            self::ShotLists, self::Frames, self::Calibrations, self::Settings => null,
        };
    }

    /** @return array<string, self> columns that point to another kind */
    public function pointsTo(): array
    {
        return match ($this) {
            self::TideEntries, self::LevelMarks, self::Subjects, self::Outings, self::Measurements => ['place_id' => self::Places],
            self::Sightings => ['level_mark_id' => self::LevelMarks],
            self::Compositions => [
                'outing_id' => self::Outings, 'subject_id' => self::Subjects, 'level_mark_id' => self::LevelMarks,
            ],
            self::Frames => [
                'place_id' => self::Places, 'subject_id' => self::Subjects, 'after_frame_id' => self::Frames,
                'shot_list_id' => self::ShotLists,
            ],
            self::Photos => ['frame_id' => self::Frames, 'base_id' => self::Photos],
            self::Calibrations => ['filter_id' => self::Filters, 'base_id' => self::Photos, 'filtered_id' => self::Photos],
            self::Cameras, self::Lenses, self::Filters, self::Places, self::ShotLists, self::Settings => [],
        };
    }

    /** @return array<string, self> what the bench was filled in with, of a frame, by the field that holds one number or several */
    public static function fieldsOfTheBench(): array
    {
        return [
            'place' => self::Places, 'subject' => self::Subjects, 'camera' => self::Cameras, 'lens' => self::Lenses,
            'after' => self::Frames, 'on' => self::Filters, 'must' => self::Filters, 'off' => self::Filters,
        ];
    }

    /** @return class-string<Camera|Lens|Filter>|null what the core can make something of, or not */
    public function kit(): ?string
    {
        return match ($this) {
            self::Cameras => Camera::class,
            self::Lenses => Lens::class,
            self::Filters => Filter::class,
            self::Places, self::TideEntries, self::LevelMarks, self::Sightings, self::Subjects, self::Outings, self::Compositions,
            self::Measurements, self::ShotLists, self::Frames, self::Photos, self::Calibrations, self::Settings => null,
        };
    }

    public function schema(): string
    {
        return BackupFile::schema($this->value);
    }
}
