<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\DataFolder;

/** The application over HTTP, with a database of its own. */
abstract class HttpTestCase extends TestCase
{
    private const DATABASES = ['allsquare.sqlite', 'queue.sqlite'];

    protected DataFolder $data;

    public function createApplication(): Application
    {
        $this->data = new DataFolder;
        foreach (self::DATABASES as $file) {
            is_file(self::migrated()."/$file") ? copy(self::migrated()."/$file", $this->data->path."/$file") : touch($this->data->path."/$file");
        }
        foreach (['work/logs', 'work/framework/views'] as $folder) {
            mkdir($this->data->path."/$folder", 0o775, true);
        }
        putenv('ALLSQUARE_DATA='.$this->data->path);
        /** @var Application $app */
        $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        if (! is_file(config('allsquare.compiled').'/fonts/index.php') || ! is_file(config('allsquare.compiled').'/icons/icons.php')) {
            Artisan::call('allsquare:compile');
        }
        if (! is_file(self::migrated().'/queue.sqlite')) {
            $this->migrate();
        }
    }

    /** Once for all tests of this process: what they begin with is copied. */
    private function migrate(): void
    {
        Artisan::call('allsquare:migrate');
        foreach (['sqlite', 'queue'] as $connection) {
            DB::connection($connection)->statement('PRAGMA wal_checkpoint(TRUNCATE)');
        }
        mkdir(self::migrated(), 0o775, true);
        register_shutdown_function(static fn () => (new Filesystem)->deleteDirectory(self::migrated()));
        foreach (self::DATABASES as $file) {
            copy($this->data->path."/$file", self::migrated()."/$file");
        }
    }

    private static function migrated(): string
    {
        return sys_get_temp_dir().'/allsquare-migrated-'.getmypid();
    }

    protected function tearDown(): void
    {
        DB::disconnect();
        DB::disconnect('queue');
        $this->data->remove();
        parent::tearDown();
    }

    /** @return array{document: string, sheet: string} ids of a new document and its sheet */
    protected function begin(float $width = 1280, float $height = 800): array
    {
        $made = $this->postJson('/api/documents', ['name' => 'Trial', 'sheet' => ['name' => 'One', 'width' => $width, 'height' => $height, 'unit' => 'px', 'ppi' => 96]])->assertCreated();

        return ['document' => $made->json('id'), 'sheet' => $made->json('sheets.0.id')];
    }

    /**
     * @param  list<string>  $items
     * @param  array<string, mixed>  $params
     * @param  array<string, mixed>  $more
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function command(string $sheet, string $command, array $items = [], array $params = [], array $more = []): TestResponse
    {
        return $this->postJson("/api/sheets/$sheet/commands", ['command' => $command, 'items' => $items, 'params' => (object) $params, ...$more]);
    }

    protected function box(string $sheet, float $x, float $y, float $w = 50, float $h = 40, string $name = 'Box'): string
    {
        return $this->command($sheet, 'add-item', [], ['kind' => 'box', 'x' => $x, 'y' => $y, 'w' => $w, 'h' => $h, 'name' => $name])->assertOk()->json('created.0.id');
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return string its id
     */
    protected function thing(string $sheet, string $kind, float $x, float $y, float $w, float $h, array $fields = []): string
    {
        return $this->command($sheet, 'add-item', [], ['kind' => $kind, 'x' => $x, 'y' => $y, 'w' => $w, 'h' => $h, ...$fields])->assertOk()->json('created.0.id');
    }

    /** @return string the key of a picture that is kept now */
    protected function keptPicture(string $file): string
    {
        return $this->call('POST', '/api/pictures?name=pier.png', server: ['CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json'], content: $file)->assertCreated()->json('picture');
    }

    /**
     * The sheet's bytes, without its revision, which only rises.
     *
     * @phpstan-impure
     */
    protected function bytes(string $sheet): string
    {
        return (string) preg_replace('/"revision":\d+,?/', '', (string) $this->get("/api/sheets/$sheet")->assertOk()->getContent());
    }
}
