<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Which checks a document does without, and from which figures on the others find something.
        Schema::create('checks', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->foreignUlid('document_id')->constrained()->cascadeOnDelete();
            $table->text('off');
            $table->text('limits');
            $table->index('document_id');
        });
        // Findings of a sheet that are let be, as long as the things that they are about stay as they were.
        Schema::create('ignored_findings', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->foreignUlid('sheet_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 40);
            $table->string('about', 200);
            $table->text('items');
            $table->string('fingerprint', 16);
            $table->string('reason');
            $table->index('sheet_id');
        });
    }
};
