<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Font files that were brought along, each once, and what setting type needs of them.
        Schema::create('font_files', function (Blueprint $table): void {
            $table->string('key', 80)->primary();
            $table->string('family', 60);
            $table->string('name', 60);
            $table->integer('weight');
            $table->boolean('italic');
            $table->string('hash', 64)->unique();
            $table->binary('file');
            $table->integer('compiler');
            $table->binary('metrics');
            $table->binary('outlines');
        });
        // Which of them a document has.
        Schema::create('own_fonts', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->foreignUlid('document_id')->constrained()->cascadeOnDelete();
            $table->string('font', 80);
            $table->string('family', 60);
            $table->string('name', 60);
            $table->integer('weight');
            $table->boolean('italic');
            $table->index('document_id');
        });
    }
};
