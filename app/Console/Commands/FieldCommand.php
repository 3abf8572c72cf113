<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Outing;
use App\Rooms\Field\FieldFile;
use App\Rooms\Kit\KitShelf;
use GentlePour\InvalidValue;
use Illuminate\Console\Command;

final class FieldCommand extends Command
{
    use AnswersDocuments;
    use ReadsOptions;

    protected $signature = 'pour:field {file : where the field file is written; one page of HTML}
        {--outing= : the outing that goes into it, by its number}
        {--home= : the address of the application, to which what was done goes; http://192.0.2.7:8080}
        {--camera= : the camera of the bag, by its number} {--lens= : its lens, by its number}';

    protected $description = 'Writes one self-contained page that works with no network: an outing, a small bench, timers, Shoot, the card';

    public function handle(FieldFile $field, KitShelf $shelf): int
    {
        return $this->answering(function () use ($field, $shelf): array {
            $file = (string) $this->argument('file');
            if (is_dir($file) || ! is_dir(dirname($file))) {
                $folder = InvalidValue::quoted(dirname($file));
                throw (new InvalidValue("There is no folder {$folder} for a file of that name."))->at('file');
            }
            if ($shelf->isEmpty()) {
                throw (new InvalidValue('There is no camera with a lens in the kit yet.'))->at('camera');
            }
            [$camera, $lens, $outing] = [$this->record('camera'), $this->record('lens'), $this->record('outing')];
            $camera === 0 || $shelf->cameras()->find($camera) !== null || throw self::gone('camera', $camera);
            $lens === 0 || $shelf->lenses()->find($lens) !== null || throw self::gone('lens', $lens);
            $outing === 0 || Outing::query()->whereKey($outing)->exists() || throw self::gone('outing', $outing);
            $written = $field->write(...[...$field->asked($camera, $lens, $outing), $this->home()]);
            if (@file_put_contents($file, $written->html) === false) {
                throw (new InvalidValue('The file '.InvalidValue::quoted($file).' cannot be written.'))->at('file');
            }

            return ['file' => $file, 'bytes' => strlen($written->html), 'outing' => $outing === 0 ? null : $outing];
        });
    }

    /** @throws InvalidValue when it is no number of a record */
    private function record(string $name): int
    {
        $typed = $this->option($name);

        return match (true) {
            $typed === null => 0,
            is_string($typed) && preg_match('/^[1-9]\d{0,14}$/D', $typed) === 1 => (int) $typed,
            default => throw (new InvalidValue('The '.$name.' is given by its number, as 3.'))->at($name),
        };
    }

    private function home(): string
    {
        $typed = $this->text('home');
        if ($typed !== null && (filter_var($typed, FILTER_VALIDATE_URL) === false || preg_match('#^https?://#', $typed) !== 1)) {
            throw (new InvalidValue('The address is written like http://192.0.2.7:8080.'))->at('home');
        }

        return $typed === null ? route('field.home') : rtrim($typed, '/').route('field.home', absolute: false);
    }

    private static function gone(string $name, int $number): InvalidValue
    {
        return (new InvalidValue("There is no {$name} {$number}."))->at($name);
    }
}
