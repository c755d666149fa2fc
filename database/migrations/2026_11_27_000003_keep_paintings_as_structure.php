<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('items', function (Blueprint $table): void {
            $table->string('flip')->default('none');
            // Derived: how the item is painted, as JSON.
            $table->text('painting')->default('{}');
            $table->dropColumn('svg');
        });
        // What follows from the items is computed again where this is not known.
        DB::table('items')->update(['paints' => null]);
    }
};
