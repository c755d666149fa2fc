<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Type\TypeFields;
use AllSquare\Core\Table\Brackets;
use AllSquare\Core\Table\Cell;
use AllSquare\Core\Table\CellAlign;
use AllSquare\Core\Table\CellLook;
use AllSquare\Core\Table\CellStand;
use AllSquare\Core\Table\Csv;
use AllSquare\Core\Table\CsvForm;
use AllSquare\Core\Table\Encoding;
use AllSquare\Core\Table\Rule;
use AllSquare\Core\Table\TableData;
use AllSquare\Core\Table\Track;
use AllSquare\Core\Table\TrackSizing;
use AllSquare\Core\Text\FontLibrary;

/** Columns, rows and cells. Commands of their own set them. */
final readonly class TableField extends Field
{
    public function __construct()
    {
        parent::__construct('table', 'the table', '', '', FieldGroup::Words, TableData::empty(1, 1), isOwn: true, isSet: false);
    }

    public function type(): string
    {
        return 'hidden';
    }

    public function schema(): array
    {
        $track = ['anyOf' => [['const' => TrackSizing::Content->value], ['type' => 'object', 'additionalProperties' => false, 'properties' => [
            'fixed' => ['type' => 'number', 'exclusiveMinimum' => 0, 'maximum' => (int) Track::MOST, 'description' => 'px'],
            'share' => ['type' => 'number', 'exclusiveMinimum' => 0, 'maximum' => (int) Track::MOST, 'description' => 'of what the others leave'],
            'look' => self::lookSchema(),
        ]]]];
        $cell = ['anyOf' => [['type' => 'string', 'maxLength' => Cell::LONGEST], [
            'type' => 'object',
            'additionalProperties' => false,
            'properties' => ['text' => ['type' => 'string', 'maxLength' => Cell::LONGEST], 'columns' => self::count(Csv::MOST_COLUMNS), 'rows' => self::count(Csv::MOST_ROWS), 'look' => self::lookSchema()],
        ]]];
        $lengths = static fn (int $count): array => ['type' => 'array', 'minItems' => $count, 'maxItems' => $count, 'items' => ['type' => 'number', 'minimum' => 0, 'maximum' => (int) TableData::MOST_GAP]];

        return [
            'type' => 'object',
            'description' => 'columns and rows, each of a fixed size, of a share, or as large as what is in it, and cells by row and column; what is as it is at first is left out',
            'required' => ['columns', 'rows', 'cells'],
            'additionalProperties' => false,
            'properties' => [
                'columns' => ['type' => 'array', 'minItems' => 1, 'maxItems' => Csv::MOST_COLUMNS, 'items' => $track],
                'rows' => ['type' => 'array', 'minItems' => 1, 'maxItems' => Csv::MOST_ROWS, 'items' => $track],
                'cells' => ['type' => 'array', 'maxItems' => Csv::MOST_ROWS, 'items' => ['type' => 'array', 'maxItems' => Csv::MOST_COLUMNS, 'items' => $cell]],
                'padding' => $lengths(4),
                'gaps' => $lengths(2),
                'header' => self::count(Csv::MOST_ROWS, 0), 'total' => self::count(Csv::MOST_ROWS, 0), 'heads' => self::count(Csv::MOST_COLUMNS, 0),
                'rules' => self::each(TableData::RULES, self::ruleSchema()),
                'looks' => self::each(TableData::PARTS, self::lookSchema()),
                'zebra' => ['anyOf' => [['type' => 'null'], Colour::schema()]],
                'brackets' => self::bracketsSchema(),
                'decimal' => ['enum' => ['.', ',']],
                'repeats' => ['type' => 'boolean'],
                'whole' => ['type' => 'boolean'],
                'form' => self::formSchema(),
            ],
        ];
    }

    public function read(mixed $stored): mixed
    {
        return $stored instanceof TableData ? $stored : TableData::read($stored) ?? TableData::empty(1, 1);
    }

    public function taken(mixed $given, FontLibrary $fonts): mixed
    {
        $table = $this->read($given);
        assert($table instanceof TableData);
        Csv::check(count($table->rows), count($table->columns));

        return $table;
    }

    public function stored(mixed $value): mixed
    {
        return $value instanceof TableData ? $value->toArray() : null;
    }

    public function scaled(mixed $value, float $factor): mixed
    {
        if (! $value instanceof TableData) {
            return $value;
        }
        $scaled = static fn (float $length, float $most = TableData::MOST_GAP): float => min($most, Length::round($length * $factor));
        $look = static function (CellLook $look) use ($scaled): CellLook {
            $values = $look->values;
            if (is_numeric($values['size'] ?? null)) {
                $values['size'] = max(TypeFields::LEAST, $scaled((float) $values['size'], TypeFields::MOST));
            }
            if (is_array($values['padding'] ?? null)) {
                $values['padding'] = array_map(static fn (mixed $side): float => $scaled(is_numeric($side) ? (float) $side : 0.0), $values['padding']);
            }

            return new CellLook($values);
        };
        $track = static fn (Track $track): Track => ($track->sizing === TrackSizing::Fixed ? $track->sized(TrackSizing::Fixed, max(0.001, $scaled($track->value, Track::MOST))) : $track)->looking($look($track->look));
        $b = $value->brackets;

        return $value->with([
            'columns' => array_map($track, $value->columns),
            'rows' => array_map($track, $value->rows),
            'cells' => array_map(static fn (array $row): array => array_map(static fn (Cell $cell): Cell => $cell->look->isEmpty() ? $cell : $cell->looking($look($cell->look)), $row), $value->cells),
            'padding' => array_map(static fn (float $side): float => $scaled($side), $value->padding),
            'gaps' => array_map(static fn (float $gap): float => $scaled($gap), $value->gaps),
            'looks' => array_map($look, $value->looks),
            'rules' => array_map(static fn (Rule $rule): Rule => new Rule(max(0.001, $scaled($rule->weight, Rule::MOST)), $rule->colour, array_map(static fn (float $length): float => $scaled($length, 10_000.0), $rule->dash)), $value->rules),
            'brackets' => new Brackets($b->shape, $scaled($b->width, Brackets::MOST), $scaled($b->gap, Brackets::MOST), max(0.1, $scaled($b->weight, Brackets::MOST))),
        ]);
    }

    public function said(mixed $value): string
    {
        return $value instanceof TableData ? count($value->columns).' × '.count($value->rows) : 'none';
    }

    public function toAnswer(): array
    {
        return ['default' => null] + parent::toAnswer();
    }

    /**
     * @param  bool  $mayBeNone  whether null takes back what was said
     * @return array<string, mixed> of what can be said of the look of cells
     */
    public static function lookSchema(bool $mayBeNone = false): array
    {
        $field = static fn (string $name): array => ['$ref' => "#/\$defs/field-$name"];
        if ($mayBeNone) {
            $all = self::lookSchema();
            assert(is_array($all['properties']));

            return ['minProperties' => 1, 'properties' => array_map(static fn (mixed $of): array => ['anyOf' => [['type' => 'null'], $of]], $all['properties'])] + $all;
        }

        return ['type' => 'object', 'additionalProperties' => false, 'properties' => array_combine(CellLook::LETTERS, array_map($field, CellLook::LETTERS)) + [
            'line_height' => $field('line_height'),
            'align' => ['enum' => array_column(CellAlign::cases(), 'value')],
            'stand' => ['enum' => array_column(CellStand::cases(), 'value')],
            'padding' => ['type' => 'array', 'minItems' => 4, 'maxItems' => 4, 'items' => ['type' => 'number', 'minimum' => 0, 'maximum' => (int) TableData::MOST_GAP]],
            'ground' => ['anyOf' => [['type' => 'null'], Colour::schema()]],
        ]];
    }

    /** @return array<string, mixed> */
    public static function ruleSchema(): array
    {
        return ['type' => 'object', 'required' => ['weight', 'colour'], 'additionalProperties' => false, 'properties' => [
            'weight' => ['type' => 'number', 'exclusiveMinimum' => 0, 'maximum' => (int) Rule::MOST, 'description' => 'px'],
            'colour' => Colour::schema(),
            'dash' => ['type' => 'array', 'maxItems' => 12, 'items' => ['type' => 'number', 'minimum' => 0, 'maximum' => 10000], 'description' => 'px of dashes and gaps in turn'],
        ]];
    }

    /** @return array<string, mixed> */
    public static function bracketsSchema(): array
    {
        $length = ['type' => 'number', 'minimum' => 0, 'maximum' => (int) Brackets::MOST];

        return ['type' => 'object', 'additionalProperties' => false, 'properties' => ['shape' => ['enum' => Brackets::SHAPES], 'width' => $length, 'gap' => $length, 'weight' => $length]];
    }

    /** @return array<string, mixed> */
    public static function formSchema(): array
    {
        return ['type' => 'object', 'additionalProperties' => false, 'properties' => [
            'separator' => ['enum' => array_map(strval(...), array_keys(CsvForm::SEPARATORS))],
            'quote' => ['enum' => CsvForm::QUOTES],
            'encoding' => ['enum' => array_column(Encoding::cases(), 'value')],
            'decimal' => ['enum' => ['.', ',']],
            'header' => ['type' => 'boolean'],
            'line_end' => ['enum' => CsvForm::LINE_ENDS],
            'ends_last' => ['type' => 'boolean'],
            'quotes_all' => ['type' => 'boolean'],
        ]];
    }

    /** @return array<string, mixed> */
    private static function count(int $most, int $least = 1): array
    {
        return ['type' => 'integer', 'minimum' => $least, 'maximum' => $most];
    }

    /**
     * @param  list<string>  $names
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function each(array $names, array $schema): array
    {
        return ['type' => 'object', 'additionalProperties' => false, 'properties' => array_fill_keys($names, $schema)];
    }
}
