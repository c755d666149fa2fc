<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Contracts\Hashing\Hasher;

/** The passphrase that people give who reach this server from other machines. Only its hash is kept, in the data folder. */
final readonly class Passphrase
{
    /** what a session knows of someone who has given it */
    public const GIVEN = 'signed_in';

    public const SHORTEST = 10;

    public function __construct(private Hasher $hasher)
    {
    }

    public function isAskedFor(): bool
    {
        return (bool) config('allsquare.sign_in');
    }

    public function isSet(): bool
    {
        return is_file(self::path());
    }

    public function set(string $passphrase): void
    {
        file_put_contents(self::path(), $this->hasher->make($passphrase));
        chmod(self::path(), 0o600);
    }

    public function is(string $given): bool
    {
        return $this->isSet() && $this->hasher->check($given, (string) file_get_contents(self::path()));
    }

    private static function path(): string
    {
        return storage_path('passphrase');
    }
}
