<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Running\Catalogue;
use App\Contract\Schemas;
use App\Http\Body;
use App\Running\CommandRunner;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class CommandController
{
    public function __construct(private Schemas $schemas)
    {
    }

    /** Every command with its sentence and the JSON Schema of its parameters. */
    public function index(): JsonResponse
    {
        $commands = [];
        $traits = Catalogue::traits();
        foreach (array_keys(Catalogue::all()) as $name) {
            $schema = $this->schemas->ofCommand($name);
            $commands[] = ['command' => $name, 'sentence' => $schema->description ?? '', 'traits' => $traits[$name], 'params' => $schema];
        }

        return new JsonResponse(['commands' => $commands], options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    public function run(Request $request, string $id, CommandRunner $runner): JsonResponse
    {
        $call = $this->schemas->command(Body::of($request));

        return new JsonResponse($runner->run($id, $call), options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
