<?php

declare(strict_types=1);

namespace AllSquare\Core\Kit;

use AllSquare\Core\Item\Item;

/** What spans a page, or goes round one. */
final class StripKits
{
    public static function header(KitMaker $kit): void
    {
        [$w, $pad, $gap] = [$kit->width, $kit->span(24), $kit->span(24)];
        $name = $kit->text('Merrow Sound Ferries', 'title', ['fill' => '#ffffff']);
        $h = $kit->up($name->frame->h + 2 * $kit->span(16));
        $kit->box('Strip', 0, 0, $w, $h, KitMaker::INK);
        $kit->putMiddle($name, $pad, 0, $h, 'Name');
        $entries = array_map(static fn (string $words): Item => $kit->text($words, 'body', ['fill' => '#ffffff']), ['Contact', 'Fares', 'Timetable']);
        $wide = array_sum(array_map(static fn (Item $text): float => $text->frame->w + $gap, $entries));
        if ($pad + $name->frame->w + $gap + $wide > $w) {
            // On a narrow sheet, three lines stand for them.
            $kit->path('Menu', sprintf('M%1$s %2$sh20M%1$s %3$sh20M%1$s %4$sh20', $w - $pad - 20, $h / 2 - 7, $h / 2, $h / 2 + 7), '#ffffff');

            return;
        }
        $x = $w - $pad;
        foreach ($entries as $text) {
            $x -= $text->frame->w;
            $kit->putMiddle($text, $x, 0, $h);
            $x -= $gap;
        }
    }

    public static function foot(KitMaker $kit): void
    {
        [$w, $pad] = [$kit->width, $kit->span(24)];
        $left = $kit->text('Merrow Sound Ferries', 'small', ['fill' => KitMaker::SOFT]);
        $right = $kit->text('Page 1', 'small', ['fill' => KitMaker::SOFT]);
        $h = $kit->up($left->frame->h + 2 * $kit->span(12));
        $kit->box('Ground', 0, 0, $w, $h, '#f4f0e4');
        $kit->line('Rule', 0, 0, $w);
        $kit->putMiddle($left, $pad, 0, $h, 'Left');
        $kit->putMiddle($right, $w - $pad - $right->frame->w, 0, $h, 'Right');
    }

    public static function browser(KitMaker $kit): void
    {
        [$w, $h, $bar, $pad] = [$kit->span(640), $kit->span(400), $kit->span(40), $kit->span(12)];
        $address = $kit->text('merrow-sound.example', 'small', ['fill' => KitMaker::SOFT]);
        $kit->box('Page', 0, 0, $w, $bar + $h, '#ffffff', ['outline' => ['colour' => KitMaker::LINE, 'weight' => 1, 'side' => 'inside'], 'radius' => 6]);
        $kit->box('Bar', 0, 0, $w, $bar, '#e9e4d6', ['radii' => [6, 6, 0, 0]]);
        $field = $bar - $kit->span(16);
        $kit->path('Back', sprintf('M%1$s %2$sl-5 5l5 5', $pad + 5, $bar / 2 - 5));
        $kit->path('Forward', sprintf('M%1$s %2$sl5 5l-5 5', $pad + $kit->span(24), $bar / 2 - 5));
        $left = $pad + $kit->span(48);
        $kit->box('Address field', $left, ($bar - $field) / 2, $w - $left - $pad, $field, '#ffffff', ['radius' => 4]);
        $kit->putMiddle($address, $left + $kit->span(8), 0, $bar, 'Address');
    }

    public static function phone(KitMaker $kit): void
    {
        [$w, $h, $edge] = [$kit->span(240), $kit->span(496), $kit->span(8)];
        $kit->box('Case', 0, 0, $w + 2 * $edge, $h + 2 * $edge, KitMaker::INK, ['radius' => 28]);
        $kit->box('Screen', $edge, $edge, $w, $h, '#ffffff', ['radius' => 20]);
        $kit->box('Speaker', $edge + ($w - 48) / 2, $edge + 8, 48, 4, '#c9c3b2', ['radius' => 2]);
    }
}
