<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Symfony\Component\Process\Process;

/** The application as a person starts it, with bin/start, on a free port of the loopback. */
final class RunningServer
{
    public readonly int $port;

    public readonly string $address;

    private Process $process;

    /** @param  list<string>  $options of bin/start */
    public function __construct(public readonly string $data, array $options = [], ?int $port = null)
    {
        $this->port = $port ?? self::freePort();
        $this->address = "http://127.0.0.1:$this->port";
        $this->process = new Process([dirname(__DIR__, 2).'/bin/start', '--no-install', '--port', (string) $this->port, '--data', $data, ...$options], timeout: null);
        $this->process->start();
        Waiting::until(fn (): bool => $this->answers(), 'the server to start');
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if ($socket === false) {
            throw new RuntimeException('No port is free.');
        }
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    public function pid(): int
    {
        return (int) $this->process->getPid();
    }

    public function isRunning(): bool
    {
        return $this->process->isRunning();
    }

    public function output(): string
    {
        return $this->process->getOutput().$this->process->getErrorOutput();
    }

    public function stop(int $signal = SIGTERM): void
    {
        if ($this->process->isRunning()) {
            $this->process->signal($signal);
            $this->process->wait();
        }
    }

    /** As if the machine had lost its power: the server and its workers, with no chance to end in order. */
    public function kill(): void
    {
        foreach ([...self::descendants($this->pid()), $this->pid()] as $pid) {
            posix_kill($pid, SIGKILL);
        }
        // What was being painted when its worker was killed is a process of its own, and holds the folder until it ends.
        Waiting::until(fn (): bool => ! $this->process->isRunning() && $this->folderIsFree(), 'the server to be gone');
    }

    private function folderIsFree(): bool
    {
        $lock = fopen("$this->data/work/lock", 'c');

        return $lock === false || flock($lock, LOCK_EX | LOCK_NB);
    }

    /** @return list<int> */
    public static function descendants(int $pid): array
    {
        $found = [];
        foreach (glob('/proc/[0-9]*/stat') ?: [] as $stat) {
            $fields = @file_get_contents($stat);
            if ($fields !== false && preg_match('/^(\d+) \(.*\) \S (\d+)/s', $fields, $match) === 1 && (int) $match[2] === $pid) {
                array_push($found, (int) $match[1], ...self::descendants((int) $match[1]));
            }
        }

        return $found;
    }

    /** @return array<string, mixed> */
    public function call(string $method, string $path, mixed $body = null): array
    {
        return $this->send($method, $path, $body === null ? '' : json_encode($body, JSON_THROW_ON_ERROR), 'application/json');
    }

    /** @return array<mixed> */
    public function send(string $method, string $path, string $content, string $type): array
    {
        $answer = file_get_contents("$this->address/api/$path", false, stream_context_create(['http' => [
            'method' => $method,
            'header' => "Content-Type: $type",
            'content' => $content,
            'ignore_errors' => true,
        ]]));

        return (array) json_decode((string) $answer, true);
    }

    private function answers(): bool
    {
        if (! $this->process->isRunning()) {
            throw new RuntimeException('The server did not start: '.$this->output());
        }

        return @file_get_contents("$this->address/up", false, stream_context_create(['http' => ['timeout' => 2]])) !== false;
    }
}
