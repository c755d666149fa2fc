<?php

declare(strict_types=1);

namespace App\Contract;

use AllSquare\Core\Command\ArrangeSlices;
use AllSquare\Core\Command\Catalogue;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Refusal;
use App\Sheets\CommandCall;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use stdClass;

/** Checks requests against the JSON Schemas in schema/, and says what is wrong in plain sentences. */
final readonly class Schemas
{
    private Validator $validator;

    public function __construct(private string $folder)
    {
        $this->validator = new Validator;
        $this->validator->parser()->setOption('defaultDraft', '2020-12');
    }

    /** @return array<string, mixed> */
    public function ofCommand(string $name): array
    {
        return json_decode((string) file_get_contents("$this->folder/commands/$name.json"), true, flags: JSON_THROW_ON_ERROR);
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
        if ($class === ArrangeSlices::class) {
            $this->check($params->params ?? new stdClass, 'commands/'.$params->command);
        }
        $values = json_decode((string) json_encode($params), true);

        return new CommandCall(
            Catalogue::make($class::name(), $values),
            array_values($body->items ?? []),
            $values,
            $body->revision ?? null,
            $body->dry ?? false,
            $body->key ?? null,
            $body->run ?? null,
            Unit::from($body->unit ?? 'px'),
        );
    }

    /** @throws InvalidRequest */
    public function check(stdClass $body, string $schema): void
    {
        $result = $this->validator->validate($body, json_decode((string) file_get_contents("$this->folder/$schema.json"), false, flags: JSON_THROW_ON_ERROR));
        $error = $result->error();
        if ($error !== null) {
            throw new InvalidRequest(self::sentences($error));
        }
    }

    /** @return array<string, list<string>> by field */
    private static function sentences(ValidationError $error): array
    {
        $inner = $error->subErrors();
        if ($inner !== [] && $error->keyword() !== 'anyOf') {
            return array_merge_recursive(...array_map(self::sentences(...), $inner));
        }
        $field = implode('.', $error->data()->fullPath());

        return [$field === '' ? 'params' : $field => [self::sentence($field, $error)]];
    }

    private static function sentence(string $field, ValidationError $error): string
    {
        $args = $error->args();
        $what = $field === '' ? 'This' : "\"$field\"";
        $list = static fn (mixed $values): string => implode(', ', array_map(static fn (mixed $v): string => is_scalar($v) ? (string) $v : 'null', (array) $values));

        return match ($error->keyword()) {
            'required' => 'Missing: '.$list($args['missing'] ?? []).'.',
            'additionalProperties' => 'Not known here: '.mb_strimwidth($list($args['properties'] ?? []), 0, 80, '…').'.',
            'type' => "$what has to be ".implode(' or ', (array) ($args['expected'] ?? [])).', and is '.$list($args['type'] ?? '').'.',
            'enum' => "$what has to be one of: ".$list($error->schema()->info()->data()->enum ?? []).'.',
            'minimum' => "$what is ".number_format((float) $args['min']).' at least.',
            'maximum' => "$what is ".number_format((float) $args['max']).' at most.',
            'minLength' => "$what cannot be empty.",
            'maxLength' => "$what has ".number_format((float) $args['max']).' characters at most; this has '.number_format((float) $args['length']).'.',
            'maxItems' => "$what has ".number_format((float) $args['max']).' entries at most.',
            'minItems' => "$what cannot be empty.",
            'minProperties' => 'Give at least one parameter'.($error->schema()->info()->data()->title === 'set-slice' ? ' to set' : '').'.',
            'pattern' => "$what has to be a colour such as #1a2b3c.",
            default => "$what is not what is expected.",
        };
    }
}
