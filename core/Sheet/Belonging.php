<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Item\Renaming;
use AllSquare\Core\Refusal;

/**
 * What belongs to a sheet, or to its document, besides items. A sort is declared by its class, by its place in Belongings,
 * and by the model of its table.
 */
interface Belonging
{
    public function id(): string;

    /** The word of the API for all of a sort, which is also the name of their table: guides. */
    public static function sort(): string;

    /** The word for one: guide. */
    public static function noun(): string;

    /** Whether it belongs to the document, and so to all of its sheets. */
    public static function isOfDocument(): bool;

    /** Whether it depends on items, so that it is needed whatever a command does. */
    public static function dependsOnItems(): bool;

    /** Before this one, if less than 0: the order in which they are listed. */
    public function compare(self $other): int;

    /** @return array<string, mixed> as the API gives it */
    public function toAnswer(): array;

    /**
     * @param  Renaming  $ids  the ids of items in the file, by those they have
     * @return array<string, mixed> as a document file keeps it, without an id
     */
    public function toFile(Renaming $ids): array;

    /**
     * @param  array<string, mixed>  $data  as toFile() gave it; its shape has been checked against the schema
     * @param  Renaming  $ids  the new ids of items by those of the file
     *
     * @throws Refusal when it refers to what is not there
     */
    public static function fromFile(string $id, array $data, Renaming $ids): self;

    /** The same for a copy of its sheet. */
    public function renamed(string $id, Renaming $ids): self;
}
