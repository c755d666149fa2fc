<?php

declare(strict_types=1);

namespace AllSquare\Core\Kit;

/** Parts of a page: cards, rows, steps, figures, legends. */
final class PartKits
{
    public static function card(KitMaker $kit): void
    {
        [$w, $high, $pad] = [$kit->span(288), $kit->span(160), $kit->span(16)];
        $inside = $w - 2 * $pad;
        $title = $kit->text('Harbour tour', 'title', [], $inside);
        $body = $kit->text('Round the island in two hours, every day in summer.', 'body', ['fill' => KitMaker::SOFT], $inside);
        $top = $high + $pad;
        $below = $top + $title->frame->h + $kit->span(8);
        $kit->box('Ground', 0, 0, $w, $kit->up($below + $body->frame->h + $pad), KitMaker::PAPER, ['outline' => ['colour' => KitMaker::LINE, 'weight' => 1, 'side' => 'inside']]);
        $kit->picture('Picture', 0, 0, $w, $high);
        $kit->put($title, $pad, $top, 'Title');
        $kit->put($body, $pad, $below, 'Text');
    }

    public static function listRow(KitMaker $kit): void
    {
        [$w, $pad, $side] = [$kit->span(360), $kit->span(16), $kit->span(40)];
        $title = $kit->text('Skerry Point', 'label');
        $note = $kit->text('Departs 07.15 from pier 2', 'small', ['fill' => KitMaker::SOFT]);
        $words = $title->frame->h + $note->frame->h;
        $h = $kit->up(max($side, $words) + $pad);
        $kit->box('Ground', 0, 0, $w, $h, KitMaker::PAPER);
        $kit->round('Mark', $pad, ($h - $side) / 2, $side, KitMaker::TINT);
        $kit->put($title, 2 * $pad + $side, ($h - $words) / 2, 'Title');
        $kit->put($note, 2 * $pad + $side, ($h - $words) / 2 + $title->frame->h, 'Note');
        [$x, $y] = [$w - $pad - 6, $h / 2];
        $kit->path('To it', sprintf('M%1$s %2$sl6 6l-6 6', $x, $y - 6));
        $kit->line('Rule', 0, $h, $w);
    }

    public static function step(KitMaker $kit): void
    {
        [$side, $gap] = [$kit->span(48), $kit->span(16)];
        $width = $kit->span(224);
        $figure = $kit->text('1', 'title', ['fill' => '#ffffff']);
        $title = $kit->text('Choose a crossing', 'label', [], $width);
        $body = $kit->text('Pick the day and the harbour you leave from.', 'body', ['fill' => KitMaker::SOFT], $width);
        $kit->round('Round', 0, 0, $side, KitMaker::ACCENT);
        $kit->putMiddle($figure, ($side - $figure->frame->w) / 2, 0, $side, 'Figure');
        $at = $kit->putMiddle($title, $side + $gap, 0, $side, 'Title');
        $kit->put($body, $side + $gap, $at->bottom() + $kit->span(4), 'Text');
    }

    public static function keyFigure(KitMaker $kit): void
    {
        [$w, $pad] = [$kit->span(192), $kit->span(16)];
        $figure = $kit->text('1,240', 'figure');
        $label = $kit->text('passengers a day', 'body', ['fill' => KitMaker::SOFT]);
        $kit->box('Ground', 0, 0, $w, $kit->up(2 * $pad + $figure->frame->h + $label->frame->h), KitMaker::TINT);
        $at = $kit->put($figure, $pad, $pad, 'Figure');
        $kit->put($label, $pad, $at->bottom(), 'What it counts');
    }

    public static function legend(KitMaker $kit): void
    {
        [$side, $gap] = [$kit->span(16), $kit->span(8)];
        $y = 0.0;
        foreach (['Ferry' => KitMaker::ACCENT, 'Express' => '#f0c96a', 'Out of service' => '#a83a24'] as $words => $colour) {
            $text = $kit->text($words, 'body');
            $h = $kit->up(max($side, $text->frame->h));
            $kit->box("$words, colour", 0, $y + ($h - $side) / 2, $side, $side, $colour);
            $kit->putMiddle($text, $side + $gap, $y, $h);
            $y += $h + $gap;
        }
    }
}
