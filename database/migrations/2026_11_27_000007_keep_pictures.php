<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // The files themselves are in the data folder, by their keys.
        Schema::create('pictures', static function (Blueprint $table): void {
            $table->string('picture', 60)->primary();
            $table->string('name', 120);
            $table->string('type', 8);
            $table->integer('bytes');
            $table->dateTime('kept_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('pictures');
    }
};
