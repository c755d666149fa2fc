<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Mutants\Mutants;

/*
 * Changes lines of the core by chance and counts how many of the changes its tests catch:
 *   php tests/Mutants/run.php [seed] [count] [folder ...]
 * It is not part of bin/test: it takes minutes. What was not caught is listed.
 */

$root = dirname(__DIR__, 2);
require "$root/vendor/autoload.php";

$seed = (int) ($argv[1] ?? random_int(1, 1_000_000));
$count = (int) ($argv[2] ?? 110);
$folders = array_slice($argv, 3) ?: ['core/Arrange', 'core/Command', 'core/Measure'];
$mutants = (new Mutants(array_map(static fn (string $folder): string => "$root/$folder", $folders)))->chosen($seed, $count);

/** @var list<array{int, Process, string}> $running */
$running = [];
$caught = 0;
$survived = [];
$finish = static function (array $one) use (&$caught, &$survived, $mutants): void {
    [$i, $process, $file] = $one;
    try {
        $process->wait();
        $isCaught = ! $process->isSuccessful();
    } catch (Symfony\Component\Process\Exception\ProcessTimedOutException) {
        $isCaught = true;
    }
    unlink($file);
    $isCaught ? $caught++ : $survived[] = $mutants[$i];
    fwrite(STDERR, $isCaught ? '.' : 'S');
};
foreach ($mutants as $i => $mutant) {
    $file = sys_get_temp_dir().'/mutant-'.getmypid()."-$i.php";
    file_put_contents($file, $mutant['code']);
    $process = new Process(
        [PHP_BINARY, "$root/vendor/bin/phpunit", '--bootstrap', "$root/tests/Mutants/bootstrap.php", '--testsuite', 'core', '--stop-on-failure', '--stop-on-error', '--no-progress', '--no-output', '--exclude-filter', 'HouseTest'],
        $root, ['ALLSQUARE_MUTANT' => $file], timeout: 90,
    );
    $process->start();
    $running[] = [$i, $process, $file];
    if (count($running) >= 2) {
        $finish(array_shift($running));
    }
}
array_map($finish, $running);
fwrite(STDERR, "\n");
foreach ($survived as $one) {
    printf("%s:%d %s\n    %s\n", substr($one['file'], strlen($root) + 1), $one['line'], $one['is'], $one['was']);
}
printf("seed %d: %d of %d caught, %.0f %%\n", $seed, $caught, count($mutants), 100 * $caught / max(1, count($mutants)));
