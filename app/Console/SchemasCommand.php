<?php

declare(strict_types=1);

namespace App\Console;

use AllSquare\Core\Item\FieldSchemas;
use AllSquare\Core\Running\CommandTraits;
use Illuminate\Console\Command;

final class SchemasCommand extends Command
{
    protected $signature = 'allsquare:schemas';

    protected $description = 'Write the schemas that follow from the kinds of items and from the commands';

    public function handle(): int
    {
        file_put_contents(base_path('schema/fields.json'), FieldSchemas::text());
        file_put_contents(base_path('schema/command-traits.json'), CommandTraits::text());

        return self::SUCCESS;
    }
}
