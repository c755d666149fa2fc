<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

/** The key of a picture that is kept, which says its size, or none. Each item has its own. */
final readonly class PictureField extends Field
{
    public const PATTERN = '^[1-9][0-9]{0,4}x[1-9][0-9]{0,4}-[0-9a-f]{40}$';

    public function __construct(string $name)
    {
        parent::__construct($name, 'the picture', 'Picture', 'picture', FieldGroup::Look, null, isOwn: true);
    }

    public function type(): string
    {
        return 'picture';
    }

    public function schema(): array
    {
        return ['type' => ['string', 'null'], 'pattern' => self::PATTERN, 'description' => 'as POST /api/pictures gives it; null for an empty frame'];
    }

    public function read(mixed $stored): ?string
    {
        return is_string($stored) && preg_match('/'.self::PATTERN.'/D', $stored) === 1 ? $stored : null;
    }

    public function said(mixed $value): string
    {
        return is_string($value) ? (string) preg_replace('/^(\d+)x(\d+)-.*/', '$1 × $2 px', $value) : 'none';
    }
}
