<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

/** What a field of an item is about. */
enum FieldGroup: string
{
    /** what shape it has, so that it is sized and measured by it */
    case Geometry = 'geometry';

    /** how it is painted: it changes no frame */
    case Look = 'look';

    /** what it says and how that is set: a frame may follow it */
    case Words = 'words';
}
