<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Colours under a name, for the sheets of a document.
        Schema::create('swatches', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->foreignUlid('document_id')->constrained()->cascadeOnDelete();
            $table->string('key', 40);
            $table->string('name');
            $table->string('colour', 9);
            $table->boolean('gone')->default(false);
            $table->index('document_id');
        });
    }
};
