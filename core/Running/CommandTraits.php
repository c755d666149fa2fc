<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

/** What commands can be asked, as schemas refer to it and as the page is built with it. */
final class CommandTraits
{
    /** @return string schema/command-traits.json: the names of the commands of each trait */
    public static function text(): string
    {
        $byTrait = [];
        foreach (Catalogue::traits() as $name => $traits) {
            foreach ($traits as $trait) {
                $byTrait[$trait]['enum'][] = $name;
            }
        }
        ksort($byTrait);

        return json_encode([
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'https://allsquare.invalid/schema/command-traits.json',
            'title' => 'command traits',
            'description' => 'Written by php artisan allsquare:schemas from the commands.',
            '$defs' => $byTrait,
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES)."\n";
    }
}
