<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Look;

/** A colour of sRGB, with its opacity: its own, or that of a swatch of the document. */
final readonly class Colour implements Fill
{
    public const PATTERN = '^#[0-9a-fA-F]{6}([0-9a-fA-F]{2})?$';

    /** The key of a swatch: a part of the names of its references in drawings. */
    public const SWATCH_PATTERN = '^[0-9A-Za-z-]{1,40}$';

    /**
     * @param  string  $hex  #rrggbb or #rrggbbaa in small letters; of a swatch, what it was when it was taken
     * @param  string|null  $swatch  the key of the swatch it follows
     */
    private function __construct(public string $hex, public ?string $swatch)
    {
    }

    /** @param  string  $hex  #rrggbb or #rrggbbaa; one that is opaque is written without its opacity */
    public static function of(string $hex, ?string $swatch = null): self
    {
        $hex = strtolower($hex);

        return new self(strlen($hex) === 9 && str_ends_with($hex, 'ff') ? substr($hex, 0, 7) : $hex, $swatch);
    }

    /** @return self|null null where it was stored as something else */
    public static function read(mixed $stored): ?self
    {
        return match (true) {
            is_string($stored) && self::isHex($stored) => self::of($stored),
            is_array($stored) && is_string($stored['swatch'] ?? null) && is_string($stored['colour'] ?? null) && self::isHex($stored['colour']) => self::of($stored['colour'], $stored['swatch']),
            default => null,
        };
    }

    private static function isHex(string $text): bool
    {
        return preg_match('/'.self::PATTERN.'/D', $text) === 1;
    }

    /** @return array<string, string> its JSON Schema: what FieldSchemas defines once for all */
    public static function schema(): array
    {
        return ['$ref' => '#/$defs/colour'];
    }

    /** @return array<string, mixed> the JSON Schema that is referred to */
    public static function definition(): array
    {
        return ['anyOf' => [['type' => 'string', 'pattern' => self::PATTERN, 'description' => '#rrggbb or #rrggbbaa'], [
            'type' => 'object',
            'description' => 'the colour of a swatch, and what that was when it was taken',
            'required' => ['swatch', 'colour'],
            'additionalProperties' => false,
            'properties' => ['swatch' => ['type' => 'string', 'pattern' => self::SWATCH_PATTERN], 'colour' => ['type' => 'string', 'pattern' => self::PATTERN]],
        ]]];
    }

    /** As it stands in a drawing: one of a swatch by its reference, which whoever writes the drawing looks up (CSS Custom Properties 1). */
    public function css(): string
    {
        return $this->swatch === null ? $this->hex : "var(--swatch-$this->swatch,$this->hex)";
    }

    public function paint(float $w, float $h): Paint
    {
        return new Paint($this->css());
    }

    public function isClear(): bool
    {
        return $this->swatch === null && strlen($this->hex) === 9 && str_ends_with($this->hex, '00');
    }

    /** Whether something is seen through it, as far as is known without its swatch. */
    public function isOpaque(): bool
    {
        return $this->swatch === null && strlen($this->hex) === 7;
    }

    /** @return array{int, int, int, int} red, green, blue and opacity, 0 to 255, without its swatch */
    public function channels(): array
    {
        [$red, $green, $blue, $opacity] = array_map(static fn (string $digits): int => (int) hexdec($digits), str_split(str_pad(substr($this->hex, 1), 8, 'f'), 2));

        return [$red, $green, $blue, $opacity];
    }

    public function scaled(float $factor): self
    {
        return $this;
    }

    public function said(): string
    {
        return $this->hex;
    }

    /** @return string|array{swatch: string, colour: string} */
    public function stored(): string|array
    {
        return $this->swatch === null ? $this->hex : ['swatch' => $this->swatch, 'colour' => $this->hex];
    }

    /** @return string|array{swatch: string, colour: string} */
    public function jsonSerialize(): string|array
    {
        return $this->stored();
    }
}
