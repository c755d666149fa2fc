<?php

declare(strict_types=1);

namespace App\Pictures;

/**
 * A small library of made-up pictures, which stands in for a picture service: found by words, each with a credit. It ships with the
 * application, in resources/pictures.
 */
final readonly class PictureLibrary
{
    /** @param  string  $folder  with the pictures and a list of them, library.json */
    public function __construct(private string $folder, private bool $answers)
    {
    }

    /**
     * Those that all words stand for, in their names or what else they are found by.
     *
     * @return list<array{id: string, name: string, credit: string}>
     *
     * @throws LibraryAway
     */
    public function search(string $words): array
    {
        $wanted = preg_split('/\s+/', mb_strtolower(trim($words)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $found = array_filter($this->all(), static function (array $entry) use ($wanted): bool {
            $said = ' '.mb_strtolower("$entry[name] $entry[words]");

            return array_filter($wanted, static fn (string $word): bool => ! str_contains($said, " $word")) === [];
        });

        return array_values(array_map(static fn (array $entry): array => array_diff_key($entry, ['words' => '']), $found));
    }

    /**
     * @return array{id: string, name: string, words: string, credit: string, svg: string}|null null where there is none
     *
     * @throws LibraryAway
     */
    public function picture(string $id): ?array
    {
        foreach ($this->all() as $entry) {
            if ($entry['id'] === $id) {
                return $entry + ['svg' => (string) file_get_contents("$this->folder/$id.svg")];
            }
        }

        return null;
    }

    /**
     * @return list<array{id: string, name: string, words: string, credit: string}>
     *
     * @throws LibraryAway
     */
    private function all(): array
    {
        if (! $this->answers) {
            throw new LibraryAway;
        }
        $entries = json_decode((string) file_get_contents("$this->folder/library.json"), true, flags: JSON_THROW_ON_ERROR);
        assert(is_array($entries));

        return array_values($entries);
    }
}
