<?php

declare(strict_types=1);

namespace Tests\Mutants;

use FilesystemIterator;
use PhpToken;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * Changes of single lines, chosen by a seed: a comparison turned round, a sign, a word of logic, a figure. Each should make
 * a test fail. Comparisons are turned round whole: lengths that differ by less than SAME are one length, so that no test
 * could tell < from <=.
 *
 * @phpstan-type Mutant array{file: string, line: int, was: string, is: string, code: string}
 */
final readonly class Mutants
{
    private const SWAPS = [
        '<' => '>=', '<=' => '>', '>' => '<=', '>=' => '<', '===' => '!==', '!==' => '===', '+' => '-', '-' => '+', '*' => '/', '/' => '*',
        '&&' => '||', '||' => '&&', 'true' => 'false', 'false' => 'true', 'min' => 'max', 'max' => 'min', 'floor' => 'ceil', 'ceil' => 'floor',
    ];

    /** @param  list<string>  $folders */
    public function __construct(private array $folders)
    {
    }

    /** @return list<Mutant> */
    public function chosen(int $seed, int $count): array
    {
        $all = [];
        foreach ($this->files() as $file) {
            array_push($all, ...$this->of($file));
        }

        return array_slice((new Randomizer(new Mt19937($seed)))->shuffleArray($all), 0, $count);
    }

    /** @return list<Mutant> */
    private function of(string $file): array
    {
        $tokens = PhpToken::tokenize((string) file_get_contents($file));
        $mutants = [];
        $inBody = false;
        foreach ($tokens as $i => $token) {
            $inBody = $inBody || $token->is(T_FUNCTION);
            $to = $inBody ? $this->other($token, $tokens[$i + 1] ?? null, $tokens[$i - 1] ?? null) : null;
            if ($to !== null) {
                $changed = array_map(static fn (PhpToken $one): string => $one->is(T_DIR) ? var_export(dirname($file), true) : $one->text, $tokens);
                $changed[$i] = $to;
                $line = explode("\n", (string) file_get_contents($file))[$token->line - 1];
                $mutants[] = ['file' => $file, 'line' => $token->line, 'was' => trim($line), 'is' => "$token->text becomes $to", 'code' => implode('', $changed)];
            }
        }

        return $mutants;
    }

    private function other(PhpToken $token, ?PhpToken $next, ?PhpToken $before): ?string
    {
        if ($token->is([T_DNUMBER, T_LNUMBER])) {
            return (string) ((float) $token->text + 1);
        }
        if ($token->is(T_STRING) && in_array($token->text, ['min', 'max', 'floor', 'ceil'], true)) {
            return $next?->text === '(' ? self::SWAPS[$token->text] : null;
        }
        if ($token->is([T_STRING, T_CONSTANT_ENCAPSED_STRING, T_WHITESPACE, T_COMMENT, T_DOC_COMMENT])) {
            return in_array($token->text, ['true', 'false'], true) ? self::SWAPS[$token->text] : null;
        }

        // A sign before a figure, and the ? of a type, are no operators between two things.
        return $before?->is(T_WHITESPACE) === true && $next?->is(T_WHITESPACE) === true ? self::SWAPS[$token->text] ?? null : null;
    }

    /** @return list<string> */
    private function files(): array
    {
        $files = [];
        foreach ($this->folders as $folder) {
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
                if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
                    $files[] = $file->getPathname();
                }
            }
        }
        sort($files);

        return $files;
    }
}
