<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('guides', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->foreignUlid('sheet_id')->constrained()->cascadeOnDelete();
            $table->string('axis', 1);
            $table->double('at');
            $table->index('sheet_id');
        });

        Schema::table('history', function (Blueprint $table): void {
            $table->string('run', 64)->nullable();
        });
    }
};
