<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\ChoiceField;
use AllSquare\Core\Item\Field\CornersField;
use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Field\ParagraphsField;
use AllSquare\Core\Item\Field\RunsField;
use AllSquare\Core\Item\Field\SidesField;
use AllSquare\Core\Item\Field\WordsField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\FieldsFollow;
use AllSquare\Core\Item\Traits\FollowsItsWords;
use AllSquare\Core\Item\Traits\HasBaseline;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Item\Traits\InSvg;
use AllSquare\Core\Item\Traits\SetsLines;
use AllSquare\Core\Item\Traits\WordsInBox;
use AllSquare\Core\Item\Type\LetterRuns;
use AllSquare\Core\Item\Type\ParagraphStyles;
use AllSquare\Core\Item\Type\TypeFields;
use AllSquare\Core\Text\FontLibrary;

/**
 * A text, and the box round it if it has one (RULES 17).
 *
 * `grow` says what follows the words: `both` sides, only `down` (it wraps at its width), or `none`.
 */
final class TextKind implements FieldsFollow, FollowsItsWords, HasBaseline, HasWords, InSvg, Kind, SetsLines, WordsInBox
{
    private Fields $fields;

    public function name(): string
    {
        return 'text';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'text' : 'texts';
    }

    public function svgElements(): array
    {
        return ['text'];
    }

    public function icon(): string
    {
        return 'M3 3h8M7 3v8';
    }

    public function tool(): Tool
    {
        return new Tool(9, 'Text', 'Click where it begins, or drag how wide it may be. Enter begins one in the middle', 'M5 5h12M11 5v13', 0.0, 0.0, 'typed');
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(
            new WordsField('text'),
            TypeFields::style(),
            ...TypeFields::letters(),
            ...TypeFields::paragraphs(),
            ...[
                new RunsField('runs'),
                new ParagraphsField('paragraphs'),
                new ChoiceField('grow', 'what follows the words', 'Frame', 'grows', FieldGroup::Words, ['both' => 'both ways', 'down' => 'down', 'none' => 'not'], 'what of a text\'s frame follows its words'),
                new SidesField('padding', 'the padding', 'Frame', 'padding', 'px between the frame and the words: one for all sides, or each, clockwise from the top'),
                new ChoiceField('stand', 'the place of the words', 'Frame', 'words stand', FieldGroup::Words, ['top' => 'top', 'middle' => 'middle', 'bottom' => 'bottom'], 'where the words stand in a frame that is higher than they are'),
                Look::lettersField('#20302d'),
                Look::boxFillField(),
                Look::outlineField(),
                Look::radiusField(),
                new CornersField('radii', 'radius'),
                Look::shadowField(),
                Look::opacityField(),
            ],
        );
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new TextPainter($fonts);
    }

    public function words(Item $item): string
    {
        return $item->word('text');
    }

    public function saying(Item $item, string $words): Item
    {
        return $this->withFields($item, ['text' => $words]);
    }

    public function box(Item $item): ?Item
    {
        return TextBox::of($item);
    }

    public function unboxed(Item $item): Item
    {
        return $item->withFields(['box_fill' => null, 'outline' => null]);
    }

    public function missing(Item $item, FontLibrary $fonts): array
    {
        return (new Typesetting($fonts))->styled($item->fields)->missing();
    }

    public function withFields(Item $item, array $given): Item
    {
        return $this->following($item, $given, null);
    }

    public function rewritten(Item $item, string $words, ?int $caret): Item
    {
        return $this->following($item, ['text' => $words], $caret);
    }

    public function baseline(array $fields, float $w, float $h, FontLibrary $fonts): float
    {
        return (new Typesetting($fonts))->baseline($fields, $w, $h);
    }

    public function lines(Item $item, FontLibrary $fonts): array
    {
        $setting = new Typesetting($fonts);
        $set = $setting->of($item);

        return Carets::of($set, Typesetting::left($item->fields), $setting->top($item->fields, $set, $item->frame->h));
    }

    public function withStyles(Item $item, int $from, int $to, array $styles): Item
    {
        $text = $item->word('text');
        $length = mb_strlen($text);
        [$letters, $paragraphs] = [array_intersect_key($styles, TypeFields::ofRuns()), array_intersect_key($styles, TypeFields::ofParagraphs())];
        $line = static fn (int $at): int => substr_count(mb_substr($text, 0, $at), "\n");
        [$first, $last] = [$line($from), $line(max($from, $to))];
        // What is said of all of it is said of the text.
        $ofAll = ($from <= 0 && $to >= $length ? array_intersect_key($letters, $this->fields()->defaults) : []) + ($first === 0 && $last === substr_count($text, "\n") ? $paragraphs : []);
        $is = $ofAll === [] ? $item : $this->withFields($item, $ofAll);
        [$letters, $paragraphs] = [array_diff_key($letters, $ofAll), array_diff_key($paragraphs, $ofAll)];

        return $is->withFields([
            'runs' => $letters === [] ? $is->fields['runs'] : LetterRuns::read($is->fields['runs'])->with(max(0, $from), min($to, $length), $letters)->besides($is->fields),
            'paragraphs' => $paragraphs === [] ? $is->fields['paragraphs'] : ParagraphStyles::read($is->fields['paragraphs'])->with($first, $last, $paragraphs)->besides($is->fields),
        ]);
    }

    public function overflow(Item $item, FontLibrary $fonts): ?array
    {
        return $item->fields['grow'] === 'none' ? (new WordsFit(new Typesetting($fonts)))->overflow($item) : null;
    }

    public function largest(Item $item, float $step, FontLibrary $fonts): ?Item
    {
        return (new WordsFit(new Typesetting($fonts)))->largest($item, $step);
    }

    public function tracked(Item $item, FontLibrary $fonts): ?Item
    {
        return (new WordsFit(new Typesetting($fonts)))->tracked($item);
    }

    public function letterLines(array $fields, float $w, float $h, FontLibrary $fonts): array
    {
        return (new Typesetting($fonts))->letterLines($fields, $w, $h);
    }

    public function fitted(Item $item, bool $whole, FontLibrary $fonts): Item
    {
        return $item->fields['grow'] === 'none' ? $item : (new Typesetting($fonts))->fitted($item, $whole);
    }

    public function sized(Item $was, Item $is, bool $exact, FontLibrary $fonts): Item
    {
        $grow = match (true) {
            $is->fields['grow'] === 'none', ! Length::same($was->frame->h, $is->frame->h), $exact && ! Length::same($was->frame->w, $is->frame->w) => 'none',
            ! Length::same($was->frame->w, $is->frame->w) => 'down',
            default => $is->fields['grow'],
        };

        return $is->withFields(['grow' => $grow]);
    }

    /** What is seen of a box are both its sides. */
    public function standsBy(array $fields): ?float
    {
        return $fields['grow'] === 'both' && $fields['box_fill'] === null && $fields['outline'] === null ? match ($fields['align']) {
            'centre' => 0.5,
            'end' => 1.0,
            default => 0.0,
        } : null;
    }

    /** A frame of nothing would show nothing: then it follows the words. */
    public function drawn(Item $item, Rect $frame, array $given): Item
    {
        return $item->withFields($given + ['grow' => $frame->h > 0 ? 'none' : ($frame->w > 0 ? 'down' : 'both')]);
    }

    /**
     * Runs and paragraphs follow the words, and give way to what is set for the whole text.
     *
     * @param  array<string, mixed>  $given
     */
    private function following(Item $item, array $given, ?int $caret): Item
    {
        $is = $item->withFields($given);
        [$runs, $paragraphs] = [LetterRuns::read($is->fields['runs']), ParagraphStyles::read($is->fields['paragraphs'])];
        $text = $is->word('text');
        if (! isset($given['runs'])) {
            $runs = $runs->without(array_keys(array_intersect_key(TypeFields::ofRuns(), $given)));
            $runs = $text === $item->word('text') ? $runs : $runs->following($item->word('text'), $text, $caret);
        }
        if (! isset($given['paragraphs'])) {
            $paragraphs = $paragraphs->without(array_keys(array_intersect_key(TypeFields::ofParagraphs(), $given)));
            $paragraphs = $text === $item->word('text') ? $paragraphs : $paragraphs->following($item->word('text'), $text, $caret);
        }

        return $is->withFields(['runs' => $runs->within(mb_strlen($text)), 'paragraphs' => $paragraphs->within(substr_count($text, "\n") + 1)]);
    }
}
