<?php

declare(strict_types=1);

namespace Tests\Browser;

use Symfony\Component\Process\Process;
use Tests\Vectors\Vectors;

/** What the page picks, hits and shows of snapping, and how its fields read figures, held to the same vectors as PHP, in one go. */
final class VectorsTest extends BrowserTestCase
{
    protected const DEMO = false;

    public function test_the_page_agrees_with_the_rules(): void
    {
        $root = dirname(__DIR__, 2);
        (new Process(['npx', 'vite', 'build', '--config', 'tests/Vectors/vite.config.ts'], $root, timeout: 120))->mustRun();
        $this->browser->visit('/');
        $this->browser->run((string) file_get_contents("$root/bootstrap/cache/vectors/vectors.js").';window.vectors = window.vectors ?? vectors;');
        $snapping = json_decode((string) file_get_contents(Vectors::path('snapping')), true, flags: JSON_THROW_ON_ERROR);
        $drags = 0;
        foreach ($snapping as $one) {
            $is = (array) $this->browser->run('return arguments[1].map((drag) => window.vectors.drag(arguments[0], drag))', $one['candidates'], $one['drags']);
            $expected = array_map(static fn (array $drag): array => ['x' => $drag['x'], 'y' => $drag['y'], 'lines' => $drag['lines']], $one['drags']);
            self::assertEquals($expected, $is, "seed {$one['seed']}");
            $drags += count($is);
        }
        self::assertGreaterThan(250, $drags);
        $points = 0;
        foreach (json_decode((string) file_get_contents(Vectors::path('hits')), true, flags: JSON_THROW_ON_ERROR) as $one) {
            self::assertSame(array_column($one['points'], 'under'), $this->browser->run('return window.vectors.under(arguments[0], arguments[1])', $one['items'], $one['points']), "seed {$one['seed']}");
            $points += count($one['points']);
        }
        self::assertGreaterThan(250, $points);
        foreach (['2*3' => 6, '(1 + 2) * -3' => -9, '360/7' => 360 / 7, ' 12 ' => 12, '.5' => 0.5, '−4' => -4, 'abc' => null, '2*' => null, '1/0' => null, '' => null, '3px' => null, '2,5' => null] as $text => $value) {
            self::assertEquals($value, $this->browser->run('return window.vectors.readSum(arguments[0])', (string) $text), (string) $text);
        }
        foreach (['+40' => 'x +40', '*2' => 'x *2', '/3' => 'x /3', '-40' => '-40', '40' => '40', '50%' => '50%'] as $typed => $sum) {
            self::assertSame($sum, $this->browser->run('return window.vectors.relative(arguments[0], "x")', (string) $typed));
        }
    }
}
