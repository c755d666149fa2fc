<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Setting;

use Normalizer;

/** Words with the styles of their letters and paragraphs. */
final readonly class StyledText
{
    /**
     * @param  string  $words  as normal() gives them
     * @param  list<LetterStyle>  $letters  style by style
     * @param  list<int>  $ends  where each of those ends, in characters; the last one is the length of the text
     * @param  list<ParagraphStyle>  $paragraphs  one for each; the last one counts for all that follow
     */
    public function __construct(public string $words, public array $letters, public array $ends, public array $paragraphs)
    {
    }

    /** In one style throughout. */
    public static function plain(string $words, LetterStyle $letters, ParagraphStyle $paragraph = new ParagraphStyle): self
    {
        $words = self::normal($words);

        return new self($words, [$letters], [mb_strlen($words)], [$paragraph]);
    }

    /** Brought to NFC; CR LF, CR, and the separators of lines and paragraphs are line ends. */
    public static function normal(string $text): string
    {
        $composed = Normalizer::isNormalized($text) ? $text : Normalizer::normalize($text, Normalizer::FORM_C);

        return str_replace(["\r\n", "\r", "\u{2028}", "\u{2029}", "\u{85}", "\v", "\f"], "\n", is_string($composed) ? $composed : $text);
    }

    /** @return list<string> the characters that no font has, each once */
    public function missing(): array
    {
        $missing = [];
        foreach (array_keys($this->letters) as $i) {
            $from = $i === 0 ? 0 : $this->ends[$i - 1];
            foreach (array_unique(mb_str_split(mb_substr($this->words, $from, $this->ends[$i] - $from))) as $character) {
                $isMissing = array_filter($this->letters[$i]->painted((int) mb_ord($character)), fn (int $painted): bool => ! $this->letters[$i]->font->has($painted)) !== [];
                if ($isMissing && $character !== "\n" && $character !== "\t") {
                    $missing[$character] = $character;
                }
            }
        }

        return array_values($missing);
    }
}
