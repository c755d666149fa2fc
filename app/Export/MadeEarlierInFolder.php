<?php

declare(strict_types=1);

namespace App\Export;

/** The files of a folder that was exported into before, as its manifest lists them. */
final readonly class MadeEarlierInFolder implements MadeEarlier
{
    /** @var array<string, array{file: string, sha256: string}> by what they were made from */
    private array $bySource;

    /** @var array<string, string>|null SHA-256 by name */
    private ?array $files;

    public function __construct(private string $folder)
    {
        $path = "$folder/manifest.json";
        $manifest = is_file($path) ? json_decode((string) file_get_contents($path), true) : null;
        $bySource = $files = [];
        foreach (is_array($manifest['files'] ?? null) ? $manifest['files'] : [] as $entry) {
            // What was changed or taken away since is no file of that manifest any more.
            $isThere = is_string($entry['file'] ?? null) && is_string($entry['sha256'] ?? null) && ! str_contains($entry['file'], '..')
                && is_file("$folder/{$entry['file']}") && hash_file('sha256', "$folder/{$entry['file']}") === $entry['sha256'];
            if ($isThere) {
                $files[$entry['file']] = $entry['sha256'];
                $bySource[(string) ($entry['source'] ?? '')] = ['file' => $entry['file'], 'sha256' => $entry['sha256']];
            }
        }
        [$this->bySource, $this->files] = [$bySource, is_array($manifest) ? $files : null];
    }

    public function take(string $fingerprint, string $to): bool
    {
        return isset($this->bySource[$fingerprint]) && @copy("$this->folder/{$this->bySource[$fingerprint]['file']}", $to);
    }

    /** @return array<string, string>|null SHA-256 by name; null where nothing was exported before */
    public function files(): ?array
    {
        return $this->files;
    }
}
