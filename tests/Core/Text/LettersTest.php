<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use AllSquare\Core\Item\Type\LetterRuns;
use AllSquare\Core\Item\Type\ParagraphStyles;
use AllSquare\Core\Item\Type\Run;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\RandomScene;

/** Runs and paragraphs, and what becomes of them when the words change. */
final class LettersTest extends TestCase
{
    /** @return list<array<string, mixed>> */
    private static function runs(LetterRuns $runs): array
    {
        return $runs->stored();
    }

    public function test_runs_lie_in_order_and_none_over_another(): void
    {
        $runs = LetterRuns::of([new Run(5, 9, ['weight' => 700]), new Run(0, 7, ['italic' => true]), new Run(3, 3, ['size' => 40.0])]);
        self::assertSame([
            ['from' => 0, 'to' => 5, 'italic' => true],
            ['from' => 5, 'to' => 7, 'italic' => true, 'weight' => 700],
            ['from' => 7, 'to' => 9, 'weight' => 700],
        ], self::runs($runs));
        self::assertSame([['from' => 0, 'to' => 9, 'italic' => true]], self::runs($runs->with(0, 9, ['italic' => true])->without(['weight'])), 'what is set alike is one run');
        self::assertSame([], self::runs($runs->besides(['italic' => true, 'weight' => 700])));
        self::assertSame(self::runs($runs), self::runs(LetterRuns::read(json_decode((string) json_encode($runs), true))));
        self::assertSame([['from' => 0, 'to' => 2, 'size' => 30.0]], self::runs(LetterRuns::of([new Run(0, 2, ['size' => 20.0])])->scaled(1.5)));
    }

    public function test_runs_follow_the_words(): void
    {
        $runs = LetterRuns::of([new Run(4, 8, ['weight' => 700])]);
        $followed = static fn (string $is): array => array_map(static fn (array $run): array => [$run['from'], $run['to']], self::runs($runs->following('the pier now', $is)));
        self::assertSame([[4, 8]], $followed('the pier now'));
        self::assertSame([[8, 12]], $followed('see the pier now'), 'before it');
        self::assertSame([[4, 9]], $followed('the piers now'), 'what is put in behind its last letter is of it');
        self::assertSame([[5, 9]], $followed('the  pier now'), 'what is put in before its first is not');
        self::assertSame([[4, 6]], $followed('the pi now'));
        self::assertSame([], $followed('the now'));
        self::assertSame([[4, 7]], $followed('the pié now'), 'by characters, not by bytes');
        self::assertSame([], $followed(''));
        $typed = static fn (string $is, int $caret): array => array_map(static fn (array $run): array => [$run['from'], $run['to']], self::runs($runs->following('the pier now', $is, $caret)));
        self::assertSame([[4, 13]], $typed('the pier here now', 13), 'a space typed behind its last letter is of it, though another space follows');
        self::assertSame([[4, 8]], $typed('the pier here now', 14), 'the same words typed behind that space are not');
        self::assertSame([[4, 9]], $typed('the pierr now', 9));
        self::assertSame([[2, 6]], $typed('a pier now', 9), 'a caret that cannot be of it is not heeded');
        $first = LetterRuns::of([new Run(0, 3, ['weight' => 700])]);
        self::assertSame([['from' => 0, 'to' => 7, 'weight' => 700]], self::runs($first->following('the pier', 'See the pier')->within(7)), 'at the very beginning it is as what follows');
    }

    /** Every letter that stays keeps its style, whatever is put in and taken out. */
    public function test_letters_that_stay_keep_their_style(): void
    {
        [$seed] = RandomScene::seeds(1);
        $chance = new Randomizer(new Mt19937($seed));
        $some = static fn (array $letters, int $most): string => implode('', array_map(static fn (): string => $letters[$chance->getInt(0, count($letters) - 1)], range(1, $chance->getInt(1, $most))));
        $styleAt = static function (LetterRuns $runs, int $at): array {
            foreach ($runs->runs as $run) {
                if ($run->from <= $at && $run->to > $at) {
                    return $run->styles;
                }
            }

            return [];
        };
        $tried = 0;
        for ($i = 0; $i < 400; $i++) {
            $was = $some(mb_str_split("abcdé漢 \n"), 30);
            $length = mb_strlen($was);
            $runs = LetterRuns::of(array_map(static fn (): Run => new Run($from = $chance->getInt(0, $length), $chance->getInt($from, $length), ['weight' => 100 * $chance->getInt(1, 9)]), range(1, 4)));
            $from = $chance->getInt(0, $length);
            $to = $chance->getInt($from, $length);
            // Letters that stand nowhere else, so that it is certain which ones stayed.
            $in = $some(['X', 'Ý', 'Z'], 6);
            $is = mb_substr($was, 0, $from).$in.mb_substr($was, $to);
            $followed = $runs->following($was, $is);
            for ($at = 0; $at < $length; $at++) {
                if ($at < $from || $at >= $to) {
                    self::assertEquals($styleAt($runs, $at), $styleAt($followed, $at < $from ? $at : $at + mb_strlen($is) - $length), "seed $seed: ".json_encode([$was, $is, $at, self::runs($runs), self::runs($followed)]));
                    $tried++;
                }
            }
            // What was put in is all of one style: that of what it stands in the place of, or of the letter before it.
            $like = $to > $from ? $from : ($from === 0 ? 0 : $from - 1);
            for ($at = $from; $at < $from + mb_strlen($in); $at++) {
                self::assertEquals($styleAt($runs, $like), $styleAt($followed, $at), "seed $seed: ".json_encode([$was, $is, $at, self::runs($runs), self::runs($followed)]));
            }
            foreach ($followed->runs as $k => $run) {
                self::assertLessThanOrEqual(mb_strlen($is), $run->to);
                self::assertLessThan($run->to, $run->from);
                self::assertGreaterThanOrEqual($followed->runs[$k - 1]->to ?? 0, $run->from);
            }
        }
        self::assertGreaterThan(1_000, $tried);
    }

    public function test_paragraphs_follow_the_words(): void
    {
        $styles = ParagraphStyles::read([['at' => 1, 'list' => 'bullets'], ['at' => 2, 'align' => 'end']]);
        $followed = static fn (string $is): array => $styles->following("one\ntwo\nsix", $is)->stored();
        self::assertSame([['at' => 2, 'list' => 'bullets'], ['at' => 3, 'align' => 'end']], $followed("nil\none\ntwo\nsix"));
        self::assertSame([['at' => 1, 'list' => 'bullets'], ['at' => 2, 'list' => 'bullets'], ['at' => 3, 'align' => 'end']], $followed("one\ntwo\nand\nsix"), 'a paragraph that is divided makes two of its style');
        self::assertSame([['at' => 1, 'list' => 'bullets']], $followed("one\ntwo"));
        self::assertSame([['at' => 1, 'align' => 'end']], $followed("one\nsix"));
        self::assertSame([], $followed('one'));
    }
}
