<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Support\DataFolder;
use Tests\Support\RunningServer;
use Tests\Support\Waiting;

/** bin/start, as a person runs it. */
final class StartTest extends TestCase
{
    private DataFolder $data;

    protected function setUp(): void
    {
        $this->data = new DataFolder;
    }

    protected function tearDown(): void
    {
        $this->data->remove();
    }

    public function test_two_runs_with_two_folders_never_meet_and_a_stopped_one_leaves_no_process(): void
    {
        $other = new DataFolder;
        $first = new RunningServer($this->data->path, ['--empty']);
        $second = new RunningServer($other->path);
        self::assertSame([], $first->call('GET', 'documents')['documents']);
        self::assertSame('Merrow Sound Ferries', $second->call('GET', 'documents')['documents'][0]['name']);
        foreach ([[$first, SIGTERM], [$second, SIGINT]] as [$server, $signal]) {
            $pids = [$server->pid(), ...RunningServer::descendants($server->pid())];
            self::assertGreaterThan(4, count($pids), 'a server with several workers');
            $server->stop($signal);
            Waiting::until(static fn (): bool => array_filter($pids, static fn (int $pid): bool => posix_kill($pid, 0)) === [], 'all its processes to be gone', 5);
        }
        $other->remove();
        self::assertStringContainsString("All Square is at $first->address", $first->output());
    }

    public function test_several_requests_at_once(): void
    {
        $server = new RunningServer($this->data->path);
        $multi = curl_multi_init();
        $handles = [];
        foreach (range(1, 12) as $_) {
            $handle = curl_init("$server->address/api/documents");
            self::assertNotFalse($handle);
            curl_setopt($handle, CURLOPT_RETURNTRANSFER, true);
            curl_multi_add_handle($multi, $handle);
            $handles[] = $handle;
        }
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.1);
        } while ($running > 0);
        foreach ($handles as $handle) {
            self::assertSame(200, curl_getinfo($handle, CURLINFO_HTTP_CODE));
        }
        $server->stop();
    }

    public function test_an_archive_is_made_though_its_worker_is_killed_and_the_server_too(): void
    {
        $server = new RunningServer($this->data->path, ['--empty']);
        $sheet = $server->call('POST', 'documents', ['name' => 'T', 'sheet' => ['name' => 'S', 'width' => 900, 'height' => 900]])['sheets'][0]['id'];
        $run = static fn (string $command, array $params, array $items = []): array => $server->call('POST', "sheets/$sheet/commands", ['command' => $command, 'items' => $items, 'params' => $params]);
        $boxes = array_map(static fn (int $i): string => $run('add-item', ['kind' => 'round', 'x' => $i * 20, 'y' => $i * 20, 'w' => 300, 'h' => 300])['created'][0]['id'], range(0, 24));
        $run('add-slice', ['only' => true, 'scales' => ['1x', '2x', '3x', '4x']], $boxes);
        $id = $server->call('POST', "sheets/$sheet/export")['id'];
        $state = static fn (RunningServer $server): array => $server->call('GET', "archives/$id");
        Waiting::until(static fn (): bool => $state($server)['state'] === 'making' && $state($server)['done'] > 2, 'the archive to be begun');
        foreach (RunningServer::descendants($server->pid()) as $pid) {
            if (str_contains((string) @file_get_contents("/proc/$pid/cmdline"), 'allsquare:work')) {
                posix_kill($pid, SIGKILL);
            }
        }
        Waiting::until(static fn (): bool => $state($server)['state'] === 'making' && $state($server)['done'] > 2, 'the next worker to begin anew');
        self::assertSame([], glob($this->data->path.'/archives/*') ?: []);
        $server->kill();
        $server = new RunningServer($this->data->path, ['--empty']);
        $made = Waiting::until(static fn (): ?array => $state($server)['state'] === 'done' ? $state($server) : null, 'the archive to be made after all', 90);
        self::assertSame([100, 100], [$made['done'], count($made['files'])]);
        self::assertCount(1, glob($this->data->path.'/archives/*') ?: []);
        self::assertSame([], glob($this->data->path.'/work/archives/*') ?: []);
        $server->stop();
    }

    public function test_when_it_is_killed_what_it_started_ends_by_itself(): void
    {
        foreach ([SIGKILL, SIGQUIT, SIGHUP] as $signal) {
            $server = new RunningServer($this->data->path, ['--empty']);
            $pids = RunningServer::descendants($server->pid());
            $server->stop($signal);
            Waiting::until(static fn (): bool => array_filter($pids, static fn (int $pid): bool => posix_kill($pid, 0)) === [], 'server and worker to be gone', 10);
            self::assertFalse(@fsockopen('127.0.0.1', $server->port), 'the port is free');
        }
    }

    public function test_files_are_for_known_hosts_too_and_nobody_is_told_of_php(): void
    {
        $server = new RunningServer($this->data->path, ['--empty']);
        $asset = 'build/manifest.json';
        self::assertStringContainsString(' 200 ', $this->statusOf("$server->address/$asset", 'localhost'));
        self::assertStringContainsString(' 421 ', $this->statusOf("$server->address/$asset", 'elsewhere.example'));
        foreach (['', 'up', 'nowhere', 'api/documents'] as $path) {
            @file_get_contents("$server->address/$path", false, stream_context_create(['http' => ['ignore_errors' => true]]));
            self::assertStringNotContainsStringIgnoringCase('X-Powered-By', implode("\n", $http_response_header));
        }
        $server->stop();
    }

    public function test_others_than_this_machine_give_a_passphrase(): void
    {
        self::assertStringContainsString('so a passphrase is needed', $this->start('--host', '0.0.0.0', '--port', (string) RunningServer::freePort(), '--data', $this->data->path));
        $_ENV['ALLSQUARE_PASSPHRASE'] = 'short';
        self::assertSame("All Square: A passphrase has 10 characters at least.\n", $this->start('--host', '0.0.0.0', '--port', (string) RunningServer::freePort(), '--data', $this->data->path));
        $_ENV['ALLSQUARE_PASSPHRASE'] = 'seven harbour lights';
        $server = new RunningServer($this->data->path, ['--host', '0.0.0.0', '--empty']);
        unset($_ENV['ALLSQUARE_PASSPHRASE']);
        $jar = tempnam($this->data->path, 'jar');
        $ask = static function (string $path, ?string $passphrase = null) use ($server, $jar): array {
            $curl = curl_init("$server->address/$path");
            self::assertNotFalse($curl);
            curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar] + ($passphrase === null ? [] : [CURLOPT_POSTFIELDS => http_build_query(['passphrase' => $passphrase])]));
            $body = (string) curl_exec($curl);

            return [curl_getinfo($curl, CURLINFO_HTTP_CODE), $body];
        };
        self::assertSame(401, $ask('api/documents')[0]);
        self::assertSame(302, $ask('')[0]);
        self::assertSame(200, $ask('up')[0]);
        self::assertStringContainsString('Passphrase', $ask('sign-in')[1]);
        self::assertSame(422, $ask('sign-in', 'eight harbour lights')[0]);
        self::assertSame(401, $ask('api/documents')[0]);
        self::assertSame(302, $ask('sign-in', 'seven harbour lights')[0]);
        self::assertSame([200, '{"documents":[]}'], $ask('api/documents'));
        self::assertStringNotContainsString('harbour', (string) file_get_contents($this->data->path.'/work/passphrase'));
        $server->stop();
    }

    private function statusOf(string $address, string $host): string
    {
        file_get_contents($address, false, stream_context_create(['http' => ['ignore_errors' => true, 'header' => "Host: $host"]]));

        return $http_response_header[0] ?? '';
    }

    public function test_what_is_wrong_is_said_in_one_line(): void
    {
        $server = new RunningServer($this->data->path, ['--empty']);
        $other = new DataFolder;
        $taken = $this->start('--port', (string) $server->port, '--data', $other->path);
        $other->remove();
        self::assertSame("All Square: port $server->port of 127.0.0.1 is taken or cannot be used. Try another with --port\n", $taken);
        self::assertSame("All Square: All Square is running with the data folder {$this->data->path} already, at $server->address\n", $this->start('--port', (string) RunningServer::freePort(), '--data', $this->data->path));
        $server->stop();
        touch($this->data->path.'/file');
        self::assertSame("All Square: the folder {$this->data->path}/file/x cannot be written\n", $this->start('--data', $this->data->path.'/file/x'));
        self::assertSame("All Square: unknown option --colour. There are: --port --host --data --empty --no-install\n", $this->start('--colour'));
        self::assertSame("All Square: the port has to be a number from 1 to 65535\n", $this->start('--port', '99999'));
        self::assertSame("All Square: php is missing. Install php-cli 8.2 or newer.\n", $this->start());
    }

    private function start(string ...$options): string
    {
        $environment = $options === [] ? ['PATH' => $this->toolsWithoutPhp()] : [];
        $process = new Process([dirname(__DIR__, 2).'/bin/start', '--no-install', ...$options], env: $environment, timeout: 20);
        $process->run();
        self::assertSame(1, $process->getExitCode());

        return $process->getErrorOutput().$process->getOutput();
    }

    private function toolsWithoutPhp(): string
    {
        $folder = $this->data->path.'/tools';
        mkdir($folder);
        foreach (['bash', 'dirname', 'env', 'sed', 'cat'] as $tool) {
            symlink(trim((string) shell_exec("command -v $tool")), "$folder/$tool");
        }

        return $folder;
    }
}
