<?php

declare(strict_types=1);

namespace App\Documents;

use AllSquare\Core\Refusal;
use App\Pictures\Mentions;
use App\Pictures\PictureStore;

/** The pictures that a document's file carries: all that it shows, inside it or beside it. */
final readonly class CarriedPictures
{
    public function __construct(private PictureStore $store)
    {
    }

    /**
     * @param  list<string>  $keys
     * @param  bool  $inside  whether their files stand in it, in base64
     * @return list<array{picture: string, data?: string, credit?: string}>
     */
    public function of(array $keys, bool $inside): array
    {
        sort($keys);

        return array_map(fn (string $key): array => ['picture' => $key] + array_filter(['credit' => $this->store->about($key)['credit'] ?? null]) + ($inside ? ['data' => base64_encode($this->store->bytes($key))] : []), $keys);
    }

    /**
     * Keeps the pictures of a file, and calls them in it as they are called here.
     *
     * @param  array<mixed>  $data  as the file says it
     * @param  callable(string): (string|null)  $beside  the file of a picture that does not stand in it
     * @return array<mixed>
     *
     * @throws Refusal when one cannot be used, or is missing
     */
    public function taken(array $data, callable $beside): array
    {
        $files = is_array($data['picture_files'] ?? null) ? $data['picture_files'] : [];
        unset($data['picture_files']);
        $called = [];
        foreach ($files as $one) {
            $key = is_array($one) && is_string($one['picture'] ?? null) ? $one['picture'] : '';
            $bytes = is_array($one) && is_string($one['data'] ?? null) ? base64_decode($one['data'], true) : $beside($key);
            if (! is_string($bytes)) {
                throw Refusal::because('A picture in the file cannot be read.', 'picture_files');
            }
            $called[$key] = $this->store->keep($bytes, credit: is_array($one) && is_string($one['credit'] ?? null) ? $one['credit'] : null)['picture'];
        }
        array_walk_recursive($data, static function (mixed &$value) use ($called): void {
            $value = is_string($value) ? $called[$value] ?? $value : $value;
        });
        $missing = $this->store->unknown(Mentions::in(json_encode($data, JSON_THROW_ON_ERROR)));
        if ($missing !== []) {
            throw Refusal::because(count($missing) === 1 ? 'A picture that the document shows is not in the file.' : count($missing).' pictures that the document shows are not in the file.', 'picture_files');
        }

        return $data;
    }
}
