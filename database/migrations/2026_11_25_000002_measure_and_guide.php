<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('items', function (Blueprint $table): void {
            $table->boolean('reference')->default(false);
        });

        Schema::table('guides', function (Blueprint $table): void {
            $table->boolean('locked')->default(false);
        });

        Schema::table('sheets', function (Blueprint $table): void {
            $table->text('grid')->nullable();
        });

        // A grid with its margins, under a name, for the sheets of a document.
        Schema::create('grids', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->foreignUlid('document_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->text('grid');
            $table->index('document_id');
        });

        // Between two items, or from one to an edge of the sheet: "b" is then the side.
        Schema::create('dimensions', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->foreignUlid('sheet_id')->constrained()->cascadeOnDelete();
            $table->string('a', 26);
            $table->string('b', 26);
            $table->string('axis', 8);
            $table->string('by', 8);
            $table->index('sheet_id');
        });

        Schema::table('history', function (Blueprint $table): void {
            $table->string('unit', 2)->default('px');
        });
    }
};
