<?php

declare(strict_types=1);

namespace AllSquare\Core\Kit;

/** Parts of forms: fields, buttons, notices, tags. Buttons and tags are texts in boxes, which grow with their words. */
final class FormKits
{
    public static function field(KitMaker $kit): void
    {
        $w = $kit->span(288);
        $label = $kit->text('Name of the passenger', 'label');
        $words = $kit->text('As in the passport', 'body', ['fill' => KitMaker::SOFT]);
        $note = $kit->text('Needed for crossings at night.', 'small', ['fill' => KitMaker::SOFT]);
        $h = $kit->up($words->frame->h + $kit->span(16));
        $top = $kit->put($label, 0, 0, 'Label')->bottom() + $kit->span(4);
        $kit->box('Field', 0, $top, $w, $h, '#ffffff', ['outline' => ['colour' => '#8a938f', 'weight' => 1, 'side' => 'inside'], 'radius' => 4]);
        $kit->putMiddle($words, $kit->span(12), $top, $h, 'Words');
        $kit->put($note, 0, $top + $h + $kit->span(4), 'Note');
    }

    public static function buttons(KitMaker $kit): void
    {
        $pad = [$kit->span(8) + 2, $kit->span(16), $kit->span(8) + 2, $kit->span(16)];
        $main = $kit->text('Book', 'label', ['fill' => '#ffffff', 'box_fill' => KitMaker::ACCENT, 'padding' => $pad, 'radius' => 4]);
        $other = $kit->text('Cancel', 'label', ['fill' => KitMaker::INK, 'box_fill' => '#ffffff', 'outline' => ['colour' => '#8a938f', 'weight' => 1, 'side' => 'inside'], 'padding' => $pad, 'radius' => 4]);
        $at = $kit->put($main, 0, 0);
        $kit->put($other, $at->right() + $kit->span(8), 0);
    }

    public static function notice(KitMaker $kit): void
    {
        [$w, $pad, $bar] = [$kit->span(360), $kit->span(16), 4.0];
        $inside = $w - 2 * $pad - $bar;
        $title = $kit->text('The 18.40 is cancelled', 'label', [], $inside);
        $body = $kit->text('Take the 19.10 from pier 3. Your ticket is valid for it.', 'body', [], $inside);
        $h = $kit->up(2 * $pad + $title->frame->h + $body->frame->h);
        $kit->box('Ground', 0, 0, $w, $h, '#fbf1d6');
        $kit->box('Bar', 0, 0, $bar, $h, '#a8680c');
        $at = $kit->put($title, $bar + $pad, $pad, 'Title');
        $kit->put($body, $bar + $pad, $at->bottom(), 'Text');
    }

    public static function tags(KitMaker $kit): void
    {
        $pad = [$kit->span(4), $kit->span(12), $kit->span(4), $kit->span(12)];
        $x = 0.0;
        foreach (['Cars', 'Bicycles', 'Dogs welcome'] as $words) {
            $tag = $kit->text($words, 'small', ['fill' => KitMaker::INK, 'box_fill' => KitMaker::TINT, 'padding' => $pad, 'radius' => 100]);
            $x = $kit->put($tag, $x, 0)->right() + $kit->span(8);
        }
    }
}
