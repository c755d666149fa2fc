<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

/** Every check there is, by kind, in the order in which their findings are listed. */
final class Checks
{
    /** @var list<class-string<Check>> */
    public const ALL = [
        NearlyInLine::class, UnevenGaps::class, UnevenInsets::class, NearlySameSize::class, NearlyStraight::class, OffPixel::class, OffModule::class, NearlyFillsColumns::class,
        Overlaps::class, SticksOut::class, Covered::class, Unseen::class, LooseGroups::class, StrayTitles::class, MixedAlignment::class, ManyFamilies::class, SizesAlike::class, TightLines::class,
        WordsThatDoNotFit::class, OffStyle::class, LowContrast::class, SmallTargets::class, EnlargedPictures::class, SlicesOffPixel::class, UnnamedSlices::class,
    ];

    /** @var array<string, Check>|null */
    private static ?array $all = null;

    /** @return array<string, Check> */
    public static function all(): array
    {
        if (self::$all === null) {
            self::$all = [];
            foreach (self::ALL as $class) {
                $check = new $class;
                self::$all[$check->about()->kind] = $check;
            }
        }

        return self::$all;
    }
}
