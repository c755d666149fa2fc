<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Field\Field;
use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Field\WordsField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** The line of the history for the command set. */
final class SettingSaid
{
    /**
     * @param  array<string, mixed>  $given
     * @param  list<string>  $ids  those that were set
     * @param  list<Item>  $before  as they were
     */
    public static function summary(Draft $draft, array $given, array $ids, array $before): string
    {
        $one = count($ids) === 1 && count($before) === 1 ? $before[0] : null;
        // Runs and paragraphs come along with the words that they are of.
        $words = array_intersect_key(Kinds::fields(), $given);
        if ($one !== null && count($given) > 1 && count($words) === count($given) && array_filter($words, static fn (Field $field): bool => $field->group !== FieldGroup::Words || ! $field->isOwn) === []) {
            return sprintf('Changed the words of %s', Words::quoted($draft->item($one->id)));
        }
        $named = array_map(static fn (string $name): string => str_replace('_', ' ', $name), array_keys($given));
        if (count($given) > 1) {
            return sprintf('Set %s of %s', implode(', ', $named), Words::of($draft, $ids));
        }
        $name = (string) array_key_first($given);
        $value = $given[$name];

        return match (true) {
            $name === 'locked' => ($value === true ? 'Locked ' : 'Unlocked ').Words::of($draft, $ids),
            $name === 'reference' => $value === true
                ? 'Made '.Words::of($draft, $ids).(count($ids) === 1 ? ' a reference' : ' references')
                : 'Took '.Words::of($draft, $ids).' back from being a reference',
            $name === 'hidden' => ($value === true ? 'Hid ' : 'Showed ').Words::of($draft, $ids),
            $name === 'name' && $one !== null => sprintf('Renamed %s to %s', Words::quoted($one), Words::quoted($draft->item($one->id))),
            in_array($name, ['runs', 'paragraphs'], true) && $one !== null => sprintf('Set parts of the words of %s', Words::quoted($draft->item($one->id))),
            (Kinds::fields()[$name] ?? null) instanceof WordsField && $one !== null => sprintf('Changed the words of %s', Words::quoted($draft->item($one->id))),
            $name === 'angle' && $one !== null => sprintf('Turned %s to %s° (was %s°)', Words::quoted($one), Length::text($draft->item($one->id)->angle), Length::text($one->angle)),
            default => sprintf('Set %s of %s to %s', $named[0], Words::of($draft, $ids), self::kept($draft, $name, $ids) ?? self::said($name, $value)),
        };
    }

    /**
     * What became of a place or a size that was typed: on whole pixels it is not always what was asked for.
     *
     * @param  list<string>  $ids
     * @return string|null null for another property, and where they differ
     */
    private static function kept(Draft $draft, string $name, array $ids): ?string
    {
        $kept = match ($name) {
            'x', 'y', 'w', 'h' => array_unique(array_map(static fn (string $id): string => Spoken::length($draft->item($id)->frame->toArray()[$name]), $ids)),
            default => [],
        };

        return count($kept) === 1 ? reset($kept) : null;
    }

    private static function said(string $name, mixed $value): string
    {
        $field = Kinds::fields()[$name] ?? null;
        if ($field !== null) {
            return $field->said($field->read($value));
        }

        return is_int($value) || is_float($value) ? Length::text((float) $value) : (is_string($value) ? mb_strimwidth($value, 0, 40, '…') : 'none');
    }
}
