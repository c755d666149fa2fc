<?php

declare(strict_types=1);

namespace AllSquare\Core\Snap;

/** What things snap to; where two are equally near, the one that comes first here wins (RULES 10). */
enum SnapKind: string
{
    case Guide = 'guide';
    case Margin = 'margin';
    /** columns, rows, and lines of the baseline grid */
    case Grid = 'grid';
    /** also baselines of other texts */
    case Edge = 'edge';
    case Centre = 'centre';
    case Gap = 'gap';
    case Size = 'size';
    case Sheet = 'sheet';
    /** counts only where nothing else is near enough */
    case Module = 'module';

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
