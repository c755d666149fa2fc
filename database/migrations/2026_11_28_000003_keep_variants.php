<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sheets', static function (Blueprint $table): void {
            // As JSON: of which sheet, and of which things on it.
            $table->text('variant')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('sheets', static fn (Blueprint $table) => $table->dropColumn('variant'));
    }
};
