<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Household\Passcode;
use Illuminate\Console\Command;

final class PasscodeCommand extends Command
{
    use AnswersDocuments;

    protected $signature = 'pour:passcode {--new : make a new one, which ends every session}';

    protected $description = 'Makes up the passcode that opens the application over the network, and shows it once';

    public function handle(): int
    {
        return $this->answering(fn (): array => $this->option('new') === true || ! Passcode::isSet()
            ? ['passcode' => Passcode::renew()] : ['passcode' => null, 'says' => 'It is set, and was shown when it was made.']);
    }
}
