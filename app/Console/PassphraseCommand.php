<?php

declare(strict_types=1);

namespace App\Console;

use App\Http\Passphrase;
use Illuminate\Console\Command;

final class PassphraseCommand extends Command
{
    protected $signature = 'allsquare:passphrase {--is-set : only say, by the exit code, whether there is one}';

    protected $description = 'Set the passphrase that people give who reach this server from other machines; it is read from the standard input';

    public function handle(Passphrase $passphrase): int
    {
        if ($this->option('is-set')) {
            return $passphrase->isSet() ? self::SUCCESS : self::FAILURE;
        }
        $given = rtrim((string) fgets(STDIN), "\r\n");
        if (mb_strlen($given) < Passphrase::SHORTEST) {
            $this->error('A passphrase has '.Passphrase::SHORTEST.' characters at least.');

            return self::FAILURE;
        }
        $passphrase->set($given);

        return self::SUCCESS;
    }
}
