<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Sheet\Belonging;
use LogicException;

/** Finds the model of each sort of belongings. */
final class BelongingModels
{
    /**
     * @param  class-string<Belonging>  $sort
     * @return class-string<StoresBelonging>
     */
    public static function of(string $sort): string
    {
        $model = __NAMESPACE__.'\\'.class_basename($sort);

        return is_subclass_of($model, StoresBelonging::class) ? $model : throw new LogicException("Nothing stores $sort.");
    }

    /**
     * The column that says what it belongs to.
     *
     * @param  class-string<Belonging>  $sort
     * @return 'document_id'|'sheet_id'
     */
    public static function owner(string $sort): string
    {
        return $sort::isOfDocument() ? 'document_id' : 'sheet_id';
    }
}
