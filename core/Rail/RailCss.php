<?php

declare(strict_types=1);

namespace AllSquare\Core\Rail;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;

/**
 * Rails and what lies in them as CSS (Flexible Box Layout Level 1). A browser lays them out as Flow does, where everything in a rail has
 * `box-sizing: border-box; position: relative; flex: none; min-width: 0; min-height: 0` unless something else is said here.
 */
final readonly class RailCss
{
    private const WORDS = ['start' => 'flex-start', 'centre' => 'center', 'end' => 'flex-end', 'stretch' => 'stretch', 'between' => 'space-between'];

    /** @param  float  $scale  px that a px is written as */
    private function __construct(private float $scale)
    {
    }

    /**
     * @param  Member  $root  a rail that lies in none
     * @return array<string, array<string, string>> declarations by id, each before what lies in it
     */
    public static function of(Member $root, float $scale = 1.0): array
    {
        $rules = $root->rules ?? new RailRules;
        $written = [];
        (new self($scale))->write($root, null, false, [$rules->width !== Sizing::Content, $rules->height !== Sizing::Content], 0, $written);

        return $written;
    }

    /**
     * @param  array{bool, bool}  $known  whether its width and its height are known without what lies in it
     * @param  array<string, array<string, string>>  $written
     */
    private function write(Member $member, ?RailRules $in, bool $hasRoom, array $known, int $index, array &$written): void
    {
        $rules = $member->rules;
        $written[$member->id] = [...$this->sizes($member, $in, $known), ...($in === null ? [] : $this->place($member, $in, $hasRoom, $index)), ...($rules === null ? [] : $this->container($rules))];
        if ($rules === null) {
            return;
        }
        foreach ($member->inside as $i => $held) {
            $isKnown = array_map(static fn (Axis $axis, bool $room): bool => match ($held->rules?->sizing($axis)) {
                Sizing::Fixed => true,
                Sizing::Share => $room && ($axis === $rules->direction || ! $rules->wrap),
                default => false,
            }, [Axis::X, Axis::Y], $known);
            $this->write($held, $rules, $known[$rules->direction === Axis::X ? 0 : 1], [$isKnown[0], $isKnown[1]], $i, $written);
        }
    }

    /**
     * @param  array{bool, bool}  $known
     * @return array<string, string>
     */
    private function sizes(Member $member, ?RailRules $in, array $known): array
    {
        $css = [];
        $rules = $member->rules;
        foreach ([[Axis::X, 'width', $member->w], [Axis::Y, 'height', $member->h]] as $i => [$axis, $side, $size]) {
            $isStretched = $in !== null && $axis !== $in->direction && $member->isStretched($axis, $in->across);
            $isSaid = match (true) {
                $in === null => $known[$i],
                $rules !== null => $rules->sizing($axis) === Sizing::Fixed,
                default => ! $isStretched && ($axis === Axis::X || $member->height === null),
            };
            if ($isSaid) {
                $css[$side] = $this->px($size);
            } elseif ($in === null && $axis === Axis::X) {
                $css[$side] = 'max-content';
            }
        }

        return $css;
    }

    /** @return array<string, string> */
    private function place(Member $member, RailRules $in, bool $hasRoom, int $index): array
    {
        [$lead, $aside] = $in->direction === Axis::X ? ['left', 'top'] : ['top', 'left'];
        $css = [];
        $share = $member->share($in->direction);
        if ($share > 0.0 && $hasRoom) {
            $css['flex'] = "$share 0 0px";
        }
        if ($member->rules?->sizing($in->direction->across()) === Sizing::Share) {
            $css['align-self'] = 'stretch';
        } elseif ($in->across === Across::Stretch && $in->direction === Axis::X && $member->height !== null) {
            $css['align-self'] = 'flex-start';
        }
        // A gap is not below 0 in CSS; a margin is.
        $before = $member->berth->before + ($in->gap < 0.0 && $index > 0 ? $in->gap : 0.0);

        return $css
            + ($before === 0.0 ? [] : ["margin-$lead" => $this->px($before)])
            + ($member->berth->aside === 0.0 ? [] : [$aside => $this->px($member->berth->aside)])
            + ($member->berth->over === 0 ? [] : ['z-index' => (string) $member->berth->over]);
    }

    /** @return array<string, string> */
    private function container(RailRules $rules): array
    {
        $padding = array_map($this->px(...), [$rules->padding->top, $rules->padding->right, $rules->padding->bottom, $rules->padding->left]);

        return [
            'display' => 'flex',
            ...($rules->direction === Axis::X ? [] : ['flex-direction' => 'column']),
            ...($rules->wrap ? ['flex-wrap' => 'wrap', 'align-content' => self::WORDS[$rules->across->value]] : []),
            ...($rules->gap > 0.0 ? ['gap' => $this->px($rules->gap)] : []),
            ...($rules->padding->both(Axis::X) + $rules->padding->both(Axis::Y) > 0.0 ? ['padding' => count(array_unique($padding)) === 1 ? $padding[0] : implode(' ', $padding)] : []),
            'align-items' => self::WORDS[$rules->across->value],
            ...($rules->along === Along::Start ? [] : ['justify-content' => self::WORDS[$rules->along->value]]),
        ];
    }

    private function px(float $length): string
    {
        return $length === 0.0 ? '0' : Length::text($length * $this->scale).'px';
    }
}
