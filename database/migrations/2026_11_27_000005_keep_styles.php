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
        // How words are set, under a name, for the sheets of a document.
        Schema::create('styles', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->foreignUlid('document_id')->constrained()->cascadeOnDelete();
            $table->string('key', 40);
            $table->string('name');
            $table->text('styles');
            $table->index('document_id');
        });
        // Letters are kerned from now on: what is painted is computed anew.
        DB::table('items')->update(['paints' => null]);
        // The sizes of letters that a document offers.
        Schema::create('scales', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->foreignUlid('document_id')->constrained()->cascadeOnDelete();
            $table->float('base');
            $table->float('ratio');
            $table->boolean('whole');
            $table->index('document_id');
        });
    }
};
