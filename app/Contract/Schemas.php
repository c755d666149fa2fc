<?php

declare(strict_types=1);

namespace App\Contract;

use AllSquare\Core\Command\ArrangePoints;
use AllSquare\Core\Command\ArrangeSlices;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Catalogue;
use LogicException;
use Opis\JsonSchema\Validator;
use stdClass;

/** Checks requests against the JSON Schemas in schema/, and says what is wrong in plain sentences. */
final readonly class Schemas
{
    private const BASE = 'https://allsquare.invalid/schema/';

    /** what schemas of commands refer to */
    private const SHARED = ['fields', 'command-traits'];

    private Validator $validator;

    public function __construct(private string $folder)
    {
        $this->validator = new Validator;
        $this->validator->parser()->setOption('defaultDraft', '2020-12');
        $this->validator->resolver()?->registerPrefix(self::BASE, $folder);
    }

    /** The schema of a command's parameters by itself: what it refers to in other files stands in it. */
    public function ofCommand(string $name): stdClass
    {
        $schema = $this->read("commands/$name");
        $text = (string) json_encode($schema, JSON_UNESCAPED_SLASHES);
        foreach (self::SHARED as $file) {
            if (str_contains($text, "\"../$file.json#")) {
                $text = str_replace("\"../$file.json#", '"#', $text);
                $defs = [...(array) ($defs ?? []), ...(array) $this->read($file)->{'$defs'}];
            }
        }
        if (! isset($defs)) {
            return $schema;
        }
        $bundled = json_decode($text, false, flags: JSON_THROW_ON_ERROR);
        $bundled->{'$defs'} = (object) $defs;

        return $bundled;
    }

    /**
     * A command from the body of a request.
     *
     * @throws InvalidRequest when it does not follow the schemas
     * @throws Refusal when there is no such command
     */
    public function command(stdClass $body): CommandCall
    {
        $this->check($body, 'command-request');
        $class = Catalogue::named($body->command);
        $params = $body->params ?? new stdClass;
        $this->check($params, 'commands/'.$class::name());
        if ($class === ArrangeSlices::class || $class === ArrangePoints::class) {
            $this->check($params->params ?? new stdClass, 'commands/'.$params->command);
        }
        $values = json_decode((string) json_encode($params), true);

        return new CommandCall(
            Catalogue::make($class::name(), $values),
            array_values($body->items ?? []),
            $values,
            self::whole($body->revision ?? null),
            $body->dry ?? false,
            $body->key ?? null,
            $body->run ?? null,
            Unit::from($body->unit ?? 'px'),
        );
    }

    /** A whole number of a request, which JSON may write as 1.0. Its schema bounds it. */
    public static function whole(int|float|null $given): ?int
    {
        return $given === null ? null : (int) $given;
    }

    /** @throws InvalidRequest */
    public function check(stdClass $body, string $schema): void
    {
        $result = $this->validator->validate($body, $this->read($schema));
        $error = $result->error();
        if ($error !== null) {
            throw new InvalidRequest(Sentences::of($error));
        }
    }

    private function read(string $schema): stdClass
    {
        $read = json_decode((string) file_get_contents("$this->folder/$schema.json"), false, flags: JSON_THROW_ON_ERROR);

        return $read instanceof stdClass ? $read : throw new LogicException("The schema $schema is no object.");
    }
}
