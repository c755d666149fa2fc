<?php

declare(strict_types=1);

namespace App\Console;

use AllSquare\Core\Check\Checks;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Refusal;
use App\Models\Sheet;
use App\Sheets\CheckReader;
use Illuminate\Console\Command;

/** Looks the sheets of a document through, and says what is out of square: for people, as JSON, or as SARIF for a build. */
final class CheckCommand extends Command
{
    use OpensDocuments;

    protected $signature = 'allsquare:check
        {document : id or name of a document, or the path of a document file}
        {--sheet= : id or name of one sheet; all without it}
        {--fail-on= : kinds of findings that count, separated by commas; all that are switched on without it}
        {--json : as JSON}
        {--sarif : as SARIF 2.1.0}';

    protected $description = 'Look the sheets of a document through: 0 all square, 1 something is out of square, 2 that cannot be done';

    public function handle(CheckReader $reader): int
    {
        $count = 0;
        $code = $this->saying(function () use ($reader, &$count): int {
            $given = (string) $this->argument('document');
            $kinds = $this->listed('fail-on');
            $unknown = array_diff($kinds ?? [], array_keys(Checks::all()));
            if ($unknown !== []) {
                throw Refusal::because(sprintf('There is no check "%s". There are: %s.', reset($unknown), implode(', ', array_keys(Checks::all()))), 'fail-on');
            }
            $looked = [];
            foreach ($this->sheets($this->document($given), is_string($this->option('sheet')) ? $this->option('sheet') : null) as $sheet) {
                $looked[] = $this->look($reader, $sheet, $kinds);
            }
            $count = array_sum(array_map(static fn (array $one): int => count($one['findings']), $looked));
            match (true) {
                (bool) $this->option('sarif') => $this->line(self::json($this->sarif($looked, is_file($given) ? $given : null))),
                (bool) $this->option('json') => $this->line(self::json(['count' => $count, 'sheets' => $looked])),
                default => $this->tell($looked, $count),
            };

            return self::SUCCESS;
        });

        return $code === self::SUCCESS ? ($count > 0 ? 1 : 0) : 2;
    }

    /**
     * @param  list<string>|null  $kinds
     * @return array{sheet: string, findings: list<array<string, mixed>>}
     */
    private function look(CheckReader $reader, Sheet $sheet, ?array $kinds): array
    {
        $answer = $reader->answer($sheet, Unit::Px);
        $findings = [];
        foreach ($answer['kinds'] as $kind) {
            if ($kinds === null || in_array($kind['kind'], $kinds, true)) {
                array_push($findings, ...array_map(static fn (array $one): array => ['heading' => $kind['heading'], ...$one], $kind['findings']));
            }
        }

        return ['sheet' => $sheet->name, 'findings' => $findings];
    }

    /** @param  list<array{sheet: string, findings: list<array<string, mixed>>}>  $looked */
    private function tell(array $looked, int $count): void
    {
        foreach ($looked as ['sheet' => $sheet, 'findings' => $findings]) {
            foreach ($findings as $one) {
                ['x' => $x, 'y' => $y] = $one['place'];
                $this->line("$sheet, $x, $y: {$one['says']}. {$one['detail']} [{$one['kind']}]");
            }
        }
        $this->line($count === 0 ? 'All square' : "$count out of square");
    }

    /**
     * Static Analysis Results Interchange Format, version 2.1.0 (OASIS).
     *
     * @param  list<array{sheet: string, findings: list<array<string, mixed>>}>  $looked
     * @return array<string, mixed>
     */
    private function sarif(array $looked, ?string $file): array
    {
        $rules = array_map(static fn ($check): array => ['id' => $check->about()->kind, 'shortDescription' => ['text' => $check->about()->heading]], array_values(Checks::all()));
        $results = [];
        foreach ($looked as ['sheet' => $sheet, 'findings' => $findings]) {
            foreach ($findings as $one) {
                $results[] = [
                    'ruleId' => $one['kind'], 'level' => 'warning', 'message' => ['text' => "{$one['says']}. {$one['detail']}"],
                    'locations' => [['logicalLocations' => [['name' => $sheet, 'kind' => 'sheet']], ...($file === null ? [] : ['physicalLocation' => ['artifactLocation' => ['uri' => $file]]])]],
                    'partialFingerprints' => ['key' => $one['key']],
                    'properties' => ['place' => $one['place'], 'measured' => $one['measured'], 'expected' => $one['expected']],
                ];
            }
        }

        return [
            '$schema' => 'https://docs.oasis-open.org/sarif/sarif/v2.1.0/errata01/os/schemas/sarif-schema-2.1.0.json', 'version' => '2.1.0',
            'runs' => [['tool' => ['driver' => ['name' => 'All Square', 'rules' => $rules]], 'results' => $results]],
        ];
    }

    /** @param  array<string, mixed>  $what */
    private static function json(array $what): string
    {
        return json_encode($what, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
